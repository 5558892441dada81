package truekeen.core.tool;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.removal.PowerRate;
import truekeen.core.repair.Means;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.table.TableReader;

/** The starting tables hold together: bounds in order, keys unique, references found. */
class TablesTest {

    static java.util.List<ToolUse> trades() {
        return ToolUses.all();
    }

    static java.util.List<SteelClass> steels() {
        return Steels.all();
    }

    static java.util.List<AbrasiveKind> kinds() {
        return List.of(AbrasiveKind.values());
    }

    @ParameterizedTest
    @MethodSource("trades")
    void boundsOfATradeAreInOrder(ToolUse t) {
        assertThat(t.primaryLow()).isLessThanOrEqualTo(t.primaryUsual());
        assertThat(t.primaryUsual()).isLessThanOrEqualTo(t.primaryHigh());
        assertThat(t.stepUsual()).isLessThanOrEqualTo(t.stepMax());
        assertThat(t.finishFinestUm()).isLessThanOrEqualTo(t.finishUsualUm());
        assertThat(t.finishUsualUm()).isLessThanOrEqualTo(t.finishCoarsestUm());
        if (t.hasApex()) {
            assertThat(KeennessPurpose.byName(t.keennessPurpose())).isPresent();
        }
        assertThat(t.convention()).isEqualTo(t.geometry().convention());
        assertThat(t.stepMax().radians() == 0 || t.geometry().allows(Operation.SECONDARY))
                .isTrue();
        assertThat(ToolUses.byKey(t.key())).contains(t);
    }

    @Test
    void everyFamilyOfGeometryHasATrade() {
        assertThat(ToolUses.all().stream().map(ToolUse::geometry)).contains(GeometryKind.values());
        assertThat(ToolUses.ofTool("kitchen knife")).hasSize(3);
        assertThat(ToolUses.byKey("spoon / eating")).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("steels")
    void steelsAreBelievable(SteelClass s) {
        assertThat(s.resistanceOxide()).isBetween(0.5, 10.0);
        assertThat(s.resistanceSuper()).isBetween(0.5, 3.0).isLessThanOrEqualTo(s.resistanceOxide());
        assertThat(s.lowestFromBack()).isGreaterThan(s.lowestPerSide());
        assertThat(s.conductivityWmK()).isBetween(10.0, 60.0);
        assertThat(s.temperLimitC()).isBetween(140.0, 600.0);
    }

    /** A row without a constant would be passed over in silence. */
    @Test
    void everyRowOfAbrasivesAndMachinesHasItsConstant() {
        assertThat(TableReader.rows("abrasives").stream().map(r -> r.text("code")))
                .containsExactlyInAnyOrder(
                        Arrays.stream(AbrasiveKind.values()).map(Enum::name).toArray(String[]::new));
        assertThat(PowerRate.kinds())
                .containsExactlyInAnyOrderElementsOf(Arrays.stream(AbrasiveKind.values())
                        .filter(k -> k.use() == AbrasiveKind.Use.POWERED)
                        .toList());
        assertThat(Arrays.stream(Means.values()).flatMap(m -> m.kind().stream()))
                .containsAll(PowerRate.kinds());
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void kindsOfAbrasiveAreConsistent(AbrasiveKind k) {
        assertThat(AbrasiveKind.byKey(k.key())).contains(k);
        assertThat(k.lubricants()).isNotEmpty();
        if (k.use() == AbrasiveKind.Use.POWERED) {
            assertThat(k.specificWear()).isEmpty();
            assertThat(PowerRate.of(k)).isPresent();
        }
        if (k.use() == AbrasiveKind.Use.STROKES) {
            assertThat(k.cutsInStrokes()).isTrue();
            assertThat(k.scratchRatio()).isPositive();
        }
    }

    @Test
    void poweredRatesAreRangesThatGrowWithTheSteel() {
        for (AbrasiveKind kind : PowerRate.kinds()) {
            PowerRate rate = PowerRate.of(kind).orElseThrow();
            assertThat(rate.leastSeconds(50)).isLessThan(rate.mostSeconds(50)).isPositive();
            assertThat(rate.leastSeconds(100)).isEqualTo(2 * rate.leastSeconds(50));
        }
        assertThat(PowerRate.of(AbrasiveKind.BELT).orElseThrow().mostSeconds(50))
                .isLessThan(
                        PowerRate.of(AbrasiveKind.SLOW_WET_WHEEL).orElseThrow().leastSeconds(50));
        assertThat(PowerRate.of(AbrasiveKind.NATURAL_OIL_STONE)).isEmpty();
    }
}
