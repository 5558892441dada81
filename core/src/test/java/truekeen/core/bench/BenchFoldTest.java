package truekeen.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import truekeen.core.bench.BenchEvent.Kind;
import truekeen.core.keenness.Stretch;
import truekeen.core.stepsheet.Step;

class BenchFoldTest {
    private static Step step(String gate, Step.Side... sides) {
        return Step.of(Step.Kind.WORK, "work", new Stretch(0, 24))
                .counting(List.of(sides), 20, 10, 40)
                .lasting(24)
                .gate(gate, "")
                .done();
    }

    private final BenchFold fold =
            new BenchFold(List.of(step("burr?", Step.Side.BEVEL), step("", Step.Side.BEVEL, Step.Side.BACK), step("")));
    private final List<BenchEvent> events = new ArrayList<>();

    private BenchEvent event(Kind kind, int step, Step.Side side, int amount, boolean displaced) {
        return new BenchEvent(
                UUID.randomUUID(),
                displaced ? "old" : "tablet",
                events.size(),
                Instant.EPOCH,
                kind,
                step,
                side,
                amount,
                kind == Kind.SKIPPED ? "no time" : "",
                displaced);
    }

    private BenchState after(Kind kind, int step, Step.Side side, int amount) {
        BenchEvent event = event(kind, step, side, amount, false);
        assertThat(fold.misfit(fold.state(events), event)).isEmpty();
        events.add(event);
        return fold.state(events);
    }

    @Test
    void strokesAddUpAndTheGateLetsOn() {
        after(Kind.COUNT, 0, Step.Side.BEVEL, 1);
        BenchState counted = after(Kind.COUNT, 0, Step.Side.BEVEL, 10);
        assertThat(counted.steps().get(0).total()).isEqualTo(11);
        assertThat(after(Kind.GATE_FAILED, 0, null, 0).current()).isZero();
        BenchState on = after(Kind.GATE_PASSED, 0, null, 0);
        assertThat(on.current()).isEqualTo(1);
        assertThat(on.steps().get(0).status()).isEqualTo(BenchState.Status.DONE);
        assertThat(on.steps().get(0).gateFailures()).isEqualTo(1);
    }

    @Test
    void sidesAreCountedApart() {
        after(Kind.GATE_PASSED, 0, null, 0);
        after(Kind.COUNT, 1, Step.Side.BEVEL, 5);
        BenchState state = after(Kind.COUNT, 1, Step.Side.BACK, 2);
        assertThat(state.steps().get(1).counts())
                .containsEntry(Step.Side.BEVEL, 5)
                .containsEntry(Step.Side.BACK, 2);
        after(Kind.STEP_DONE, 1, null, 0);
        assertThat(after(Kind.STEP_DONE, 2, null, 0).allDone()).isTrue();
    }

    @Test
    void undoTakesBackOneThingAfterAnother() {
        after(Kind.COUNT, 0, Step.Side.BEVEL, 5);
        after(Kind.GATE_PASSED, 0, null, 0);
        assertThat(after(Kind.UNDO, 1, null, 0).current()).isZero();
        BenchState empty = after(Kind.UNDO, 0, null, 0);
        assertThat(empty.steps().get(0).total()).isZero();
        assertThat(empty.undoable()).isFalse();
        assertThat(fold.misfit(empty, event(Kind.UNDO, 0, null, 0, false))).isPresent();
    }

    @Test
    void aSkippedStepIsKeptAsSkippedAndWantsAReason() {
        BenchState state = after(Kind.SKIPPED, 0, null, 0);
        assertThat(state.steps().get(0).status()).isEqualTo(BenchState.Status.SKIPPED);
        BenchEvent unexplained =
                new BenchEvent(UUID.randomUUID(), "t", 9, Instant.EPOCH, Kind.SKIPPED, 1, null, 0, " ", false);
        assertThat(fold.misfit(state, unexplained)).isPresent();
    }

    @Test
    void whatDoesNotFitIsNotTaken() {
        BenchState start = fold.state(List.of());
        assertThat(fold.misfit(start, event(Kind.COUNT, 1, Step.Side.BEVEL, 1, false)))
                .isPresent();
        assertThat(fold.misfit(start, event(Kind.COUNT, 0, Step.Side.BACK, 1, false)))
                .isPresent();
        assertThat(fold.misfit(start, event(Kind.COUNT, 0, Step.Side.BEVEL, 0, false)))
                .isPresent();
        assertThat(fold.misfit(start, event(Kind.COUNT, 0, Step.Side.BEVEL, 21, false)))
                .isPresent();
        assertThat(fold.misfit(start, event(Kind.STEP_DONE, 0, null, 0, false))).isPresent();
        assertThat(fold.misfit(start, event(Kind.LATE_ADDED, 0, null, 0, false)))
                .isPresent();
        assertThat(fold.misfit(start, event(Kind.COUNT, 77, Step.Side.BEVEL, 1, true)))
                .isPresent();
    }

    @Test
    void lateCountsOfADisplacedDeviceAreSetAsideUntilSomeoneDecides() {
        after(Kind.COUNT, 0, Step.Side.BEVEL, 5);
        events.add(event(Kind.COUNT, 0, Step.Side.BEVEL, 7, true));
        BenchState aside = fold.state(events);
        assertThat(aside.steps().get(0).total()).isEqualTo(5);
        assertThat(aside.late()).isEqualTo(7);
        List<BenchEvent> added = new ArrayList<>(events);
        added.add(event(Kind.LATE_ADDED, 0, null, 0, false));
        assertThat(fold.state(added).steps().get(0).total()).isEqualTo(12);
        events.add(event(Kind.LATE_LEFT_OUT, 0, null, 0, false));
        assertThat(fold.state(events).steps().get(0).total()).isEqualTo(5);
        assertThat(fold.state(events).late()).isZero();
    }

    @Test
    void aStrokeTooManyOnOneToothIsTakenBackThere() {
        Step row = Step.of(Step.Kind.TEETH, "teeth", new Stretch(0, 24))
                .counting(List.of(Step.Side.TOP_BLADE), 6)
                .atStations(List.of(3, 3))
                .inSetsOf(3)
                .done();
        BenchFold teeth = new BenchFold(List.of(row));
        List<BenchEvent> told = new ArrayList<>();
        int[][] strokes = {{1, 3}, {2, 3}, {1, -1}};
        for (int[] at : strokes) {
            BenchEvent event = at(Step.Side.TOP_BLADE, at[0], at[1]);
            assertThat(teeth.misfit(teeth.state(told), event)).isEmpty();
            told.add(event);
        }
        assertThat(teeth.state(told).steps().get(0).stations().get(Step.Side.TOP_BLADE))
                .containsExactly(2, 3);
        assertThat(teeth.state(told).steps().get(0).total()).isEqualTo(5);
        // one at a time, never below nothing, and only where edges are counted one by one
        assertThat(teeth.misfit(teeth.state(told), at(Step.Side.TOP_BLADE, 1, -2)))
                .isPresent();
        assertThat(teeth.misfit(teeth.state(List.of()), at(Step.Side.TOP_BLADE, 1, -1)))
                .isPresent();
        assertThat(fold.misfit(fold.state(events), at(Step.Side.BEVEL, 0, -1))).isPresent();
    }

    private static BenchEvent at(Step.Side side, int station, int amount) {
        return new BenchEvent(
                UUID.randomUUID(),
                "tablet",
                0,
                Instant.EPOCH,
                Kind.COUNT,
                0,
                side,
                amount,
                "",
                false,
                station,
                java.util.Optional.empty(),
                java.util.OptionalDouble.empty());
    }
}
