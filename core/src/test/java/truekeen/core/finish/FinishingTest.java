package truekeen.core.finish;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.message.Says;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

class FinishingTest {
    private static final SteelClass CARBON = Steels.byName("plain carbon").orElseThrow();
    private static final SteelClass STAINLESS = Steels.byName("soft stainless").orElseThrow();

    private static List<FinishAct.Key> keys(String trade, boolean cambered) {
        return Finishing.acts(ToolUses.byKey(trade).orElseThrow(), CARBON, cambered, Arrival.UNKNOWN, false).stream()
                .map(FinishAct::key)
                .toList();
    }

    private static ToolUse first(GeometryKind kind) {
        return ToolUses.all().stream()
                .filter(t -> t.geometry() == kind)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyToolIsWashedDriedAndProtectedFirstAndProvedLast() {
        for (ToolUse trade : ToolUses.all()) {
            List<FinishAct> acts = Finishing.acts(trade, CARBON, trade.camberMm() > 0, Arrival.UNKNOWN, false);
            assertThat(acts.stream().map(FinishAct::key).limit(3))
                    .containsExactly(FinishAct.Key.WASH, FinishAct.Key.DRY, FinishAct.Key.PROTECT);
            assertThat(acts.get(acts.size() - 1).key())
                    .isEqualTo(trade.geometry().powered() ? FinishAct.Key.FIRST_RUN : FinishAct.Key.FIRST_CUT);
            assertThat(acts).allMatch(a -> !a.words().isBlank() && !a.why().isBlank());
        }
    }

    @Test
    void aMachinesBladeGoesBackRightWayUpWithItsWashersAndTheMakersTorqueAndRunsAwayFromPeople() {
        for (GeometryKind kind : List.of(GeometryKind.MOWER_BAR, GeometryKind.TRIMMER, GeometryKind.BRUSH_CUTTER)) {
            List<FinishAct> acts = Finishing.acts(first(kind), CARBON, false, Arrival.UNKNOWN, false);
            assertThat(acts.stream().map(FinishAct::key))
                    .containsSubsequence(
                            FinishAct.Key.RIGHT_WAY,
                            FinishAct.Key.WASHERS,
                            FinishAct.Key.TORQUE,
                            FinishAct.Key.UNBLOCK,
                            FinishAct.Key.FIRST_RUN);
            assertThat(acts).anyMatch(a -> a.words().contains(FinishWords.TORQUE_HOW.words()));
            assertThat(acts).anyMatch(a -> a.caution().contains(FinishWords.TORQUE_CAUTION.words()));
            assertThat(acts).noneMatch(a -> a.words().matches(".*\\d+ ?N.?m.*"));
        }
    }

    @Test
    void steelDecidesHowItIsProtected() {
        ToolUse knife = first(GeometryKind.KNIFE);
        FinishAct carbon =
                Finishing.acts(knife, CARBON, false, Arrival.UNKNOWN, false).get(2);
        FinishAct stainless =
                Finishing.acts(knife, STAINLESS, false, Arrival.UNKNOWN, false).get(2);
        assertThat(carbon.words()).matches(Says.the(FinishWords.RUSTS_OVERNIGHT));
        assertThat(stainless.words()).contains("stains too");
        ToolUse chisel = first(GeometryKind.CHISEL);
        assertThat(Finishing.acts(chisel, CARBON, false, Arrival.UNKNOWN, false)
                        .get(2)
                        .caution())
                .isEqualTo(FinishWords.OIL_CAUTION.words());
    }

    @Test
    void whatCutsFoodIsOiledWithWhatMayBeEaten() {
        for (ToolUse trade : ToolUses.all()) {
            FinishAct protect =
                    Finishing.acts(trade, CARBON, false, Arrival.UNKNOWN, false).get(2);
            assertThat(protect.caution().equals(FinishWords.FOOD_OIL_CAUTION.words()))
                    .as(trade.key())
                    .isEqualTo(trade.food());
        }
        assertThat(ToolUses.all().stream()
                        .filter(ToolUse::food)
                        .map(ToolUse::tool)
                        .distinct())
                .contains("kitchen knife", "meat cleaver", "single-bevel knife", "fish and boning knife")
                .doesNotContain("pocket knife", "axe", "drawknife");
    }

    @Test
    void noCapIronIsSpokenOfWhereThereIsNone() {
        for (ToolUse trade : ToolUses.all()) {
            boolean speaks = Finishing.acts(trade, CARBON, false, Arrival.UNKNOWN, false).stream()
                    .anyMatch(a -> (a.title() + a.words() + a.caution()).contains("cap iron"));
            assertThat(speaks).as(trade.key()).isEqualTo(trade.geometry() == GeometryKind.PLANE_IRON_DOWN);
        }
    }

    @Test
    void ironsAreRefittedAndTheCapIronGoesByTheWork() {
        ToolUse down = first(GeometryKind.PLANE_IRON_DOWN);
        assertThat(keys(down.key(), true))
                .containsSubsequence(
                        FinishAct.Key.LAY_IN,
                        FinishAct.Key.CAP_IRON,
                        FinishAct.Key.PLAY,
                        FinishAct.Key.CENTRE,
                        FinishAct.Key.FIRST_CUT);
        assertThat(keys(first(GeometryKind.PLANE_IRON_UP).key(), true)).doesNotContain(FinishAct.Key.CAP_IRON);
        List<FinishAct.Setting> settings = ToolUses.all().stream()
                .filter(t -> t.geometry() == GeometryKind.PLANE_IRON_DOWN)
                .flatMap(t -> Finishing.acts(t, CARBON, t.camberMm() > 0, Arrival.UNKNOWN, false).stream())
                .filter(a -> a.key() == FinishAct.Key.CAP_IRON)
                .map(FinishAct::setting)
                .distinct()
                .toList();
        // an iron that takes much off stands further back than one for ordinary work
        assertThat(settings).hasSizeGreaterThan(1).allMatch(s -> s.lowMm() > 0 && s.highMm() > s.lowMm());
    }

    @Test
    void cambersAreCentredAndStraightEdgesLevelled() {
        ToolUse down = first(GeometryKind.PLANE_IRON_DOWN);
        assertThat(title(down, true)).contains("camber");
        assertThat(title(down, false)).contains("level");
    }

    private static String title(ToolUse trade, boolean cambered) {
        return Finishing.acts(trade, CARBON, cambered, Arrival.UNKNOWN, false).stream()
                .filter(a -> a.key() == FinishAct.Key.CENTRE)
                .findFirst()
                .orElseThrow()
                .title();
    }

    @Test
    void theNextCheckIsAPriorUntilTheLogKnowsBetter() {
        LocalDate today = LocalDate.of(2026, 5, 14);
        KeennessPurpose kitchen = KeennessPurpose.byName("kitchen general").orElseThrow();
        NextCheck first = NextCheck.propose(today, kitchen, List.of(today, today.minusDays(40)));
        assertThat(first.intervals()).isZero();
        assertThat(first.day()).isEqualTo(today.plusDays(14));
        assertThat(first.words()).matches(Says.the(FinishWords.CHECK_FIRST_ESTIMATE));
        // intervals of 10, 20 and 40 days: the middle one, whatever their order
        NextCheck learned = NextCheck.propose(
                today, kitchen, List.of(today.minusDays(30), today, today.minusDays(70), today.minusDays(20)));
        assertThat(learned.intervals()).isEqualTo(3);
        assertThat(learned.days()).isEqualTo(20);
        NextCheck even = NextCheck.propose(today, kitchen, List.of(today, today.minusDays(10), today.minusDays(30)));
        assertThat(even.days()).isEqualTo(15);
        // a turnscrew has no keenness to be judged by
        assertThat(NextCheck.propose(today, first(GeometryKind.TURNSCREW), List.of(), false)
                        .days())
                .isEqualTo(30);
    }

    @Test
    void stonesThatWereWetArePutAwayOutOfTheFrost() {
        ToolUse chisel = first(GeometryKind.CHISEL);
        assertThat(Finishing.acts(chisel, CARBON, false, Arrival.UNKNOWN, true))
                .filteredOn(a -> a.key() == FinishAct.Key.STONES)
                .singleElement()
                .satisfies(a -> assertThat(a.words()).contains("freezes"));
        assertThat(Finishing.acts(chisel, CARBON, false, Arrival.UNKNOWN, false))
                .noneMatch(a -> a.key() == FinishAct.Key.STONES);
    }
}
