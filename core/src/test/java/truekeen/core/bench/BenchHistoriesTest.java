package truekeen.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import truekeen.core.bench.BenchEvent.Kind;
import truekeen.core.keenness.Stretch;
import truekeen.core.stepsheet.Step;

/** Whatever happens at a bench, the fold keeps its promises. */
class BenchHistoriesTest {
    private static final int STEPS = 5;
    private final Random random = new Random(5);

    private static Step step(int i) {
        boolean gate = i % 2 == 0;
        List<Step.Side> sides = i % 3 == 2
                ? List.of()
                : i % 3 == 1 ? List.of(Step.Side.BEVEL, Step.Side.BACK) : List.of(Step.Side.BEVEL);
        return Step.of(Step.Kind.WORK, "step " + i, new Stretch(0, 20))
                .counting(sides, 10, 5, 20)
                .lasting(12)
                .gate(gate ? "well?" : "", "")
                .done();
    }

    private final BenchFold fold = new BenchFold(java.util.stream.IntStream.range(0, STEPS)
            .mapToObj(BenchHistoriesTest::step)
            .toList());

    private BenchEvent any(BenchState state) {
        Kind[] kinds = {
            Kind.COUNT,
            Kind.COUNT,
            Kind.COUNT,
            Kind.UNDO,
            Kind.GATE_PASSED,
            Kind.GATE_FAILED,
            Kind.STEP_DONE,
            Kind.SKIPPED
        };
        Kind kind = kinds[random.nextInt(kinds.length)];
        return new BenchEvent(
                UUID.randomUUID(),
                "tablet",
                1,
                Instant.EPOCH,
                kind,
                Math.min(state.current(), STEPS - 1) + (random.nextInt(12) == 0 ? 1 : 0),
                random.nextBoolean() ? Step.Side.BEVEL : Step.Side.BACK,
                kind == Kind.COUNT ? 1 + random.nextInt(20) : 0,
                "why",
                false);
    }

    private List<BenchEvent> history(int length) {
        List<BenchEvent> events = new ArrayList<>();
        for (int i = 0; i < length; i++) {
            BenchState state = fold.state(events);
            BenchEvent event = any(state);
            if (fold.misfit(state, event).isEmpty()) {
                events.add(event);
            }
        }
        return events;
    }

    @Test
    void undoOfEverythingLeadsBackToTheStart() {
        BenchState start = fold.state(List.of());
        for (int round = 0; round < 200; round++) {
            List<BenchEvent> events = history(40);
            while (fold.state(events).undoable()) {
                events.add(new BenchEvent(
                        UUID.randomUUID(), "tablet", 1, Instant.EPOCH, Kind.UNDO, 0, null, 0, "", false));
            }
            assertThat(fold.state(events)).isEqualTo(start);
        }
    }

    @Test
    void oneUndoGivesTheStateBefore() {
        for (int round = 0; round < 300; round++) {
            List<BenchEvent> events = history(25);
            BenchState before = fold.state(events);
            BenchEvent next = any(before);
            if (next.kind() == Kind.UNDO || fold.misfit(before, next).isPresent()) {
                continue;
            }
            events.add(next);
            events.add(new BenchEvent(UUID.randomUUID(), "t", 1, Instant.EPOCH, Kind.UNDO, 0, null, 0, "", false));
            assertThat(fold.state(events)).isEqualTo(before);
        }
    }

    @Test
    void exactlyOneStepIsInHandUntilAllAreDone() {
        for (int round = 0; round < 300; round++) {
            BenchState state = fold.state(history(60));
            long here = state.steps().stream()
                    .filter(s -> s.status() == BenchState.Status.HERE)
                    .count();
            assertThat(here).isEqualTo(state.allDone() ? 0 : 1);
            assertThat(state.steps().subList(0, state.current()))
                    .allMatch(s -> s.status() == BenchState.Status.DONE || s.status() == BenchState.Status.SKIPPED);
        }
    }

    @Test
    void countsAreTheSumOfWhatWasCountedAndNotTakenBack() {
        for (int round = 0; round < 200; round++) {
            List<BenchEvent> events = history(50);
            events.removeIf(e -> e.kind() == Kind.UNDO);
            int counted = events.stream().mapToInt(BenchEvent::amount).sum();
            int shown = fold.state(events).steps().stream()
                    .mapToInt(BenchState.StepState::total)
                    .sum();
            assertThat(shown).isEqualTo(counted);
        }
    }

    @Test
    void whatADisplacedDeviceTellsChangesNothingUntilSomeoneDecides() {
        for (int round = 0; round < 200; round++) {
            List<BenchEvent> events = history(30);
            BenchState before = fold.state(events);
            events.add(new BenchEvent(
                    UUID.randomUUID(), "old", 1, Instant.EPOCH, Kind.COUNT, 0, Step.Side.BEVEL, 9, "", true));
            BenchState after = fold.state(events);
            assertThat(after.steps()).isEqualTo(before.steps());
            assertThat(after.current()).isEqualTo(before.current());
            assertThat(after.late()).isEqualTo(9);
        }
    }
}
