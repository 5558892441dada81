package truekeen.core.angle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.message.Says;
import truekeen.core.quantity.Angle;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

class AngleHistoryTest {
    private static final ToolUse THIN =
            ToolUses.byKey("kitchen knife / slicing hard thin blade").orElseThrow();
    private static final SteelClass HARD = Steels.byName("plain carbon").orElseThrow();

    private static List<EdgeOutcome> outcomes(String story) {
        List<EdgeOutcome> all = new ArrayList<>();
        for (String word : story.split(" ")) {
            EdgeOutcome.Result result =
                    switch (word.charAt(0)) {
                        case 'c' -> EdgeOutcome.Result.CHIPPED;
                        case 'r' -> EdgeOutcome.Result.ROLLED;
                        default -> EdgeOutcome.Result.HELD;
                    };
            all.add(new EdgeOutcome(Angle.ofDegrees(Double.parseDouble(word.substring(1))), result));
        }
        return all;
    }

    /** c chipped, r rolled, h held; the figure is the last bevel in use. */
    @ParameterizedTest
    @CsvSource({
        "c15, 17",
        "c15 c17, 20",
        "c15 c15, 18",
        "r15, 16",
        "r15 r16, 18",
        "c15 r17, 18",
        "c15 h17, 17",
        "c15 h17 c17, 20",
        "h15 h15 h15, 14",
        "h15 h15 h15 h14 h14 h14, 13",
        "c15 h17 h17 h17, 16",
        "c15 h17 h17 h17 c16, 18"
    })
    void theLoopMovesTheBevelThatWasInUse(String story, double wanted) {
        assertThat(AngleHistory.of(outcomes(story)).wanted().orElseThrow().degrees())
                .isCloseTo(wanted, within(1e-9));
    }

    @Test
    void nothingIsAskedWhileLittleIsKnown() {
        assertThat(AngleHistory.of(List.of()).wanted()).isEmpty();
        assertThat(AngleHistory.of(outcomes("h15 h15")).wanted()).isEmpty();
        assertThat(AngleHistory.of(List.of()).evidence()).contains("no history");
    }

    @Test
    void theEvidenceIsSaid() {
        assertThat(AngleHistory.of(outcomes("c15 h17 c17")).evidence())
                .isEqualTo("chipped twice, stayed whole once in three sharpenings");
    }

    private static AngleChoice choose(String story, Double primary, Double last) {
        return AngleChooser.choose(
                THIN,
                HARD,
                OptionalDouble.empty(),
                Optional.ofNullable(primary).map(Angle::ofDegrees),
                Optional.ofNullable(last).map(Angle::ofDegrees),
                AngleHistory.of(outcomes(story)),
                AngleHabits.USUAL);
    }

    @Test
    void twoChipsRaiseTheStepAndThenThePrimary() {
        AngleChoice once = choose("c15", 13.0, 15.0);
        assertThat(once.primary().degrees()).isCloseTo(13, within(1e-9));
        assertThat(once.last().degrees()).isCloseTo(17, within(1e-9));
        AngleChoice twice = choose("c15 c17", 13.0, 17.0);
        assertThat(twice.step().degrees()).isCloseTo(5, within(1e-9));
        assertThat(twice.primary().degrees()).isCloseTo(15, within(1e-9));
        assertThat(twice.last().degrees()).isCloseTo(20, within(1e-9));
        assertThat(twice.reasons()).anyMatch(r -> r.contains("chipped twice in two sharpenings"));
        assertThat(twice.primaryKept()).isFalse();
    }

    @Test
    void aBoundThatIsReachedIsSaid() {
        AngleChoice most = choose("c20", 16.0, 20.0);
        assertThat(most.last().degrees()).isCloseTo(21, within(1e-9));
        assertThat(most.reasons()).anyMatch(Says.the(AngleWords.HISTORY_MOST));
        AngleChoice least = choose("h11 h11 h11", 10.0, 11.0);
        assertThat(least.last().degrees()).isCloseTo(11, within(1e-9));
        assertThat(least.reasons()).anyMatch(Says.the(AngleWords.HISTORY_LEAST));
    }

    @Test
    void loweringTakesFromTheStepBeforeThePrimary() {
        AngleChoice lower = choose("h15 h15 h15", 13.0, 15.0);
        assertThat(lower.primary().degrees()).isCloseTo(13, within(1e-9));
        assertThat(lower.step().degrees()).isCloseTo(1, within(1e-9));
        AngleChoice again = choose("h14 h14 h14", 13.0, 14.0);
        assertThat(again.primary().degrees()).isCloseTo(12, within(1e-9));
        assertThat(again.step().degrees()).isCloseTo(1, within(1e-9));
    }

    @Test
    void houseRulesChangeFormStepAndAccuracy() {
        ToolUse chisel = ToolUses.byKey("bench chisel / general bench work").orElseThrow();
        AngleHistory none = AngleHistory.of(List.of());
        Optional<Angle> primary = Optional.of(Angle.ofDegrees(26));
        Optional<Angle> last = Optional.of(Angle.ofDegrees(30.5));
        assertThat(AngleChooser.choose(chisel, HARD, OptionalDouble.empty(), primary, last, none, AngleHabits.USUAL)
                        .last()
                        .degrees())
                .isCloseTo(30.5, within(1e-9));
        AngleHabits exact = new AngleHabits(AngleHabits.Form.PRIMARY_AND_SECONDARY, Optional.empty(), false);
        assertThat(AngleChooser.choose(chisel, HARD, OptionalDouble.empty(), primary, last, none, exact)
                        .last()
                        .degrees())
                .isCloseTo(31, within(1e-9));
        AngleHabits two =
                new AngleHabits(AngleHabits.Form.PRIMARY_AND_SECONDARY, Optional.of(Angle.ofDegrees(2)), false);
        assertThat(AngleChooser.choose(chisel, HARD, OptionalDouble.empty(), primary, last, none, two)
                        .last()
                        .degrees())
                .isCloseTo(28, within(1e-9));
        AngleHabits flat = new AngleHabits(AngleHabits.Form.SINGLE_FLAT, Optional.empty(), false);
        AngleChoice single = AngleChooser.choose(chisel, HARD, OptionalDouble.empty(), primary, last, none, flat);
        assertThat(single.step().radians()).isZero();
        assertThat(single.last().degrees()).isCloseTo(26, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"60, 22, 0", "58, 22, 0", "65, 25, 3", "54, 24, 2", "70, 26, 4"})
    void hardnessOutsideItsClassRaisesTheFloor(double hrc, double floor, double more) {
        SteelClass steel = Steels.byName("low-alloy tool steel").orElseThrow();
        assertThat(steel.hardnessAllowance(OptionalDouble.of(hrc)).degrees()).isCloseTo(more, within(1e-9));
        ToolUse paring = ToolUses.byKey("paring chisel / paring").orElseThrow();
        AngleChoice choice = AngleChooser.choose(
                paring,
                steel,
                OptionalDouble.of(hrc),
                Optional.of(Angle.ofDegrees(17)),
                Optional.empty(),
                AngleHistory.of(List.of()),
                AngleHabits.USUAL);
        assertThat(choice.floor().orElseThrow().degrees()).isCloseTo(floor, within(1e-9));
        assertThat(choice.last().degrees()).isCloseTo(floor, within(1e-9));
        assertThat(choice.reasons().stream().anyMatch(r -> r.contains("HRC"))).isEqualTo(more > 0);
    }
}
