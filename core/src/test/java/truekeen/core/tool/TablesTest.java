package truekeen.core.tool;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.AbrasiveKinds;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.removal.PowerRate;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;

/** The starting tables hold together: bounds in order, keys unique, references found. */
class TablesTest {

    static java.util.List<Trade> trades() {
        return Trades.flatBack();
    }

    static java.util.List<SteelClass> steels() {
        return Steels.all();
    }

    static java.util.List<AbrasiveKind> kinds() {
        return AbrasiveKinds.all();
    }

    @ParameterizedTest
    @MethodSource("trades")
    void boundsOfATradeAreInOrder(Trade t) {
        assertThat(t.primaryLow()).isLessThanOrEqualTo(t.primaryUsual());
        assertThat(t.primaryUsual()).isLessThanOrEqualTo(t.primaryHigh());
        assertThat(t.stepUsual()).isLessThanOrEqualTo(t.stepMax());
        assertThat(t.finishFinestUm()).isLessThanOrEqualTo(t.finishUsualUm());
        assertThat(t.finishUsualUm()).isLessThanOrEqualTo(t.finishCoarsestUm());
        assertThat(KeennessPurpose.byName(t.keennessPurpose())).isPresent();
        assertThat(t.convention()).isEqualTo("from back");
        assertThat(Trades.byKey(t.key())).contains(t);
    }

    @Test
    void theFlatBacksAreTheChisels() {
        assertThat(Trades.flatBack().stream().map(Trade::tool).distinct())
                .containsExactlyInAnyOrder("bench chisel", "mortise chisel", "paring chisel", "skew chisel");
        assertThat(Trades.flatBack().stream().filter(Trade::skewed).map(Trade::tool))
                .containsOnly("skew chisel");
        assertThat(Trades.byKey("axe / felling").orElseThrow().flatBack()).isFalse();
        assertThat(Trades.byKey("spoon / eating")).isEmpty();
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

    @ParameterizedTest
    @MethodSource("kinds")
    void kindsOfAbrasiveAreConsistent(AbrasiveKind k) {
        assertThat(AbrasiveKinds.byName(k.name())).contains(k);
        assertThat(k.lubricants()).isNotEmpty();
        if (k.use() == AbrasiveKind.Use.POWERED) {
            assertThat(k.specificWear()).isEmpty();
            assertThat(PowerRate.of(k.name())).isPresent();
        }
        if (k.use() == AbrasiveKind.Use.STROKES) {
            assertThat(k.cutsInStrokes()).isTrue();
            assertThat(k.scratchRatio()).isPositive();
        }
    }

    @Test
    void poweredRatesAreRangesThatGrowWithTheSteel() {
        for (PowerRate rate : PowerRate.values()) {
            assertThat(rate.leastSeconds(50)).isLessThan(rate.mostSeconds(50)).isPositive();
            assertThat(rate.leastSeconds(100)).isEqualTo(2 * rate.leastSeconds(50));
        }
        assertThat(PowerRate.BELT.mostSeconds(50)).isLessThan(PowerRate.SLOW_WET_WHEEL.leastSeconds(50));
        assertThat(PowerRate.of("natural oil stone")).isEmpty();
    }

    @Test
    void aToolNamesTheFieldThatIsWrong() {
        Checks checks = new Checks();
        new FlatBackTool(
                        Length.ofMm(-3),
                        Length.ofMm(80),
                        Length.ofMm(10),
                        Length.ofMm(12),
                        Angle.ofDegrees(30),
                        java.util.Optional.of(Angle.ofDegrees(25)),
                        java.util.Optional.empty(),
                        Angle.ZERO)
                .check(checks);
        assertThat(checks.refusals().stream().map(r -> r.field()))
                .contains("width", "thickness", "retireLength", "secondary", "secondaryWidth");
        assertThat(Set.of(MessageCode.SECONDARY_NOT_ABOVE_PRIMARY, MessageCode.RETIRE_NOT_BELOW_LENGTH))
                .allSatisfy(code -> assertThat(checks.refusals()).anyMatch(r -> r.code() == code));
    }

    @Test
    void aSkewDrawsTheEdgeOut() {
        FlatBackTool skewed = new FlatBackTool(
                Length.ofMm(18),
                Length.ofMm(5),
                Length.ofMm(90),
                Length.ofMm(20),
                Angle.ofDegrees(25),
                java.util.Optional.empty(),
                java.util.Optional.empty(),
                Angle.ofDegrees(20));
        assertThat(skewed.edgeLengthMm()).isEqualTo(18 / Math.cos(Math.toRadians(20)));
        assertThat(skewed.steelLeftMm()).isEqualTo(70);
        assertThat(skewed.lastBevel()).isEqualTo(skewed.primary());
    }
}
