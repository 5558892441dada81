package truekeen.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import truekeen.core.bench.BenchEvent.Kind;
import truekeen.core.condition.Scope;
import truekeen.core.job.JobKind;
import truekeen.core.keenness.Stretch;
import truekeen.core.quantity.Angle;
import truekeen.core.stepsheet.ChosenPlan;
import truekeen.core.stepsheet.Step;

/** What a session came to, against its plan. */
class SessionSumTest {
    private static final Step COARSE = step(Step.Kind.WORK, "coarse", 40, Step.Side.BEVEL);
    private static final Step FINE = step(Step.Kind.WORK, "fine", 20, Step.Side.BEVEL);
    private static final Step OFF = step(Step.Kind.DEBURR, "fine", 6, Step.Side.BEVEL, Step.Side.BACK);
    private static final Step GROUND =
            Step.of(Step.Kind.GRIND, "grind", new Stretch(0, 24)).lasting(300).done();

    private final List<BenchEvent> events = new ArrayList<>();
    private Instant now = Instant.EPOCH;

    private static Step step(Step.Kind kind, String stone, int strokes, Step.Side... sides) {
        return Step.of(kind, kind + " on the " + stone, new Stretch(0, 24))
                .on(stone, stone, "")
                .counting(List.of(sides), strokes, strokes / 2, strokes * 2)
                .lasting(60)
                .done();
    }

    /** 10 mm³ in 40 strokes on the coarse stone, 1 mm³ in 20 on the fine one; what the face has beyond that is ground. */
    private static ChosenPlan plan(double faceMm3) {
        ChosenPlan.PlannedJob job = new ChosenPlan.PlannedJob(
                JobKind.SECONDARY,
                faceMm3,
                List.of(
                        new ChosenPlan.PlannedLeg("coarse", "coarse", 14, 40, 20, 80, 60, 10, 1),
                        new ChosenPlan.PlannedLeg("fine", "fine", 2, 20, 10, 40, 60, 1, 0.2)));
        return new ChosenPlan(
                Scope.REGRIND,
                Angle.ofDegrees(25),
                Angle.ofDegrees(30),
                24,
                0.02,
                0.6,
                faceMm3,
                Map.of(),
                new ChosenPlan.Predicted(1, 2, 3),
                List.of(job),
                Optional.empty(),
                List.of());
    }

    private void tell(Kind kind, int step, Step.Side side, int amount, int secondsLater) {
        now = now.plusSeconds(secondsLater);
        events.add(new BenchEvent(
                UUID.randomUUID(),
                "tablet",
                events.size(),
                now,
                kind,
                step,
                side,
                amount,
                kind == Kind.SKIPPED ? "no time" : "",
                false));
    }

    private SessionSum sum(ChosenPlan plan, Step... steps) {
        SessionFold fold = new SessionFold(List.of(steps));
        fold.addAll(events);
        return SessionSum.of(List.of(steps), fold.state(), fold.secondsWorked(), plan);
    }

    @Test
    void strokesAndSteelAreWhatWasCountedAgainstWhatWasPlanned() {
        tell(Kind.COUNT, 0, Step.Side.BEVEL, 20, 0);
        tell(Kind.STEP_DONE, 0, null, 0, 60);
        tell(Kind.COUNT, 1, Step.Side.BEVEL, 20, 30);
        tell(Kind.STEP_DONE, 1, null, 0, 10);
        tell(Kind.COUNT, 2, Step.Side.BEVEL, 6, 20);
        tell(Kind.COUNT, 2, Step.Side.BACK, 6, 20);
        tell(Kind.STEP_DONE, 2, null, 0, 5);
        SessionSum sum = sum(plan(11), COARSE, FINE, OFF);
        assertThat(sum.strokes()).isEqualTo(52);
        assertThat(sum.strokesLow()).isEqualTo(20 + 10 + 2 * 3);
        assertThat(sum.strokesHigh()).isEqualTo(80 + 40 + 2 * 12);
        assertThat(sum.plannedMm3()).isEqualTo(11);
        // half of the coarse stone's, all of the fine one's; what takes the burr off takes no steel to speak of
        assertThat(sum.steelMm3().orElseThrow()).isCloseTo(5 + 1, within(1e-12));
        assertThat(sum.seconds().orElseThrow()).isEqualTo(145);
        assertThat(sum.plannedSeconds()).isEqualTo(180);
        assertThat(sum.stones())
                .containsExactly(new SessionSum.Stone("coarse", 20, 20, 80), new SessionSum.Stone("fine", 32, 16, 64));
        assertThat(sum.notCounted()).isEmpty();
        assertThat(sum.skipped()).isEmpty();
    }

    @Test
    void aPauseIsNoWork() {
        tell(Kind.COUNT, 0, Step.Side.BEVEL, 10, 0);
        tell(Kind.COUNT, 0, Step.Side.BEVEL, 10, 300);
        tell(Kind.COUNT, 0, Step.Side.BEVEL, 10, 301);
        tell(Kind.COUNT, 0, Step.Side.BEVEL, 10, 40);
        assertThat(sum(plan(11), COARSE).seconds().orElseThrow()).isEqualTo(340);
    }

    @Test
    void ofWhatWasTappedThroughNobodyKnows() {
        tell(Kind.STEP_DONE, 0, null, 0, 0);
        SessionSum sum = sum(plan(11), COARSE, FINE);
        assertThat(sum.steelMm3()).isEmpty();
        assertThat(sum.seconds()).isEmpty();
        assertThat(sum.notCounted()).containsExactly(COARSE.title());
        tell(Kind.SKIPPED, 1, null, 0, 5);
        assertThat(sum(plan(11), COARSE, FINE).skipped()).containsExactly(FINE.title());
    }

    @Test
    void whatAMachineGroundIsWhatNoStoneHas() {
        tell(Kind.STEP_DONE, 0, null, 0, 0);
        tell(Kind.COUNT, 1, Step.Side.BEVEL, 40, 5);
        tell(Kind.STEP_DONE, 1, null, 0, 5);
        SessionSum sum = sum(plan(100), GROUND, COARSE, FINE);
        assertThat(sum.plannedMm3()).isEqualTo(100);
        assertThat(sum.steelMm3().orElseThrow()).isCloseTo(89 + 10, within(1e-12));
        events.clear();
        tell(Kind.SKIPPED, 0, null, 0, 0);
        tell(Kind.COUNT, 1, Step.Side.BEVEL, 40, 5);
        assertThat(sum(plan(100), GROUND, COARSE).steelMm3().orElseThrow()).isCloseTo(10, within(1e-12));
    }

    /** Steps that lead back are planned too: what they take is not more than was foreseen. */
    @Test
    void whatARemedyTakesWasForeseenByItsOwnSteps() {
        for (int i = 0; i < 2; i++) {
            tell(Kind.COUNT, i, Step.Side.BEVEL, 40, 5);
            tell(Kind.STEP_DONE, i, null, 0, 5);
        }
        SessionSum sum = sum(plan(11), COARSE, COARSE);
        assertThat(sum.steelMm3().orElseThrow()).isCloseTo(20, within(1e-12));
        assertThat(sum.plannedMm3()).isCloseTo(20, within(1e-12));
    }
}
