package truekeen.core.bench;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.stepsheet.Step;

/**
 * The state of a session as a fold over its events, in the order they were committed. Undo takes back the last thing
 * that was done and not yet taken back. Counts of a displaced device are set aside until someone decides.
 */
public final class BenchFold {
    /** Most strokes that one event may add. */
    public static final int MOST_AT_ONCE = 20;

    private final List<Step> steps;

    /** A fold over the steps of a session. */
    public BenchFold(List<Step> steps) {
        this.steps = List.copyOf(steps);
    }

    /** The state after all events. */
    public BenchState state(List<BenchEvent> events) {
        Deque<BenchEvent> effective = new ArrayDeque<>();
        List<BenchEvent> late = new ArrayList<>();
        for (BenchEvent event : events) {
            if (event.displaced()) {
                if (event.kind() == BenchEvent.Kind.COUNT) {
                    late.add(event);
                }
                continue;
            }
            switch (event.kind()) {
                case UNDO -> effective.pollLast();
                case TAKEN_OVER -> {}
                case LATE_ADDED -> {
                    effective.addAll(late);
                    late.clear();
                }
                case LATE_LEFT_OUT -> late.clear();
                default -> effective.addLast(event);
            }
        }
        int lateStrokes = late.stream().mapToInt(BenchEvent::amount).sum();
        return walk(effective, lateStrokes);
    }

    private BenchState walk(Deque<BenchEvent> effective, int late) {
        int n = steps.size();
        List<Map<Step.Side, Integer>> counts = new ArrayList<>();
        int[] failures = new int[n];
        boolean[] skipped = new boolean[n];
        for (Step step : steps) {
            Map<Step.Side, Integer> sides = new EnumMap<>(Step.Side.class);
            step.sides().forEach(side -> sides.put(side, 0));
            counts.add(sides);
        }
        int current = 0;
        for (BenchEvent event : effective) {
            int at = event.step();
            switch (event.kind()) {
                case COUNT -> counts.get(at).merge(event.side(), event.amount(), Integer::sum);
                case GATE_FAILED -> failures[at]++;
                case GATE_PASSED, STEP_DONE -> current = at + 1;
                case SKIPPED -> {
                    skipped[at] = true;
                    current = at + 1;
                }
                default -> throw new IllegalStateException("no effect known of " + event.kind());
            }
        }
        List<BenchState.StepState> states = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            BenchState.Status status = i > current
                    ? BenchState.Status.WAITING
                    : i == current
                            ? BenchState.Status.HERE
                            : skipped[i] ? BenchState.Status.SKIPPED : BenchState.Status.DONE;
            states.add(new BenchState.StepState(status, Map.copyOf(counts.get(i)), failures[i]));
        }
        return new BenchState(current, states, late, !effective.isEmpty());
    }

    /**
     * Whether an event fits where the session stands; empty when it does. Events of a displaced device always fit: they
     * are set aside, not acted on.
     */
    public Optional<Refusal> misfit(BenchState state, BenchEvent event) {
        if (event.displaced()) {
            boolean known = event.step() >= 0 && event.step() < steps.size();
            return known ? Optional.empty() : Optional.of(outOfPlace(event, "there is no such step"));
        }
        return switch (event.kind()) {
            case UNDO ->
                state.undoable() ? Optional.empty() : Optional.of(outOfPlace(event, "there is nothing to take back"));
            case TAKEN_OVER -> Optional.empty();
            case LATE_ADDED, LATE_LEFT_OUT ->
                state.late() > 0 ? Optional.empty() : Optional.of(outOfPlace(event, "no counts came late"));
            default -> misfitOfStep(state, event);
        };
    }

    private Optional<Refusal> misfitOfStep(BenchState state, BenchEvent event) {
        if (event.step() != state.current() || state.allDone()) {
            return Optional.of(
                    outOfPlace(event, "step " + (state.current() + 1) + " is in hand, not " + (event.step() + 1)));
        }
        Step step = steps.get(event.step());
        return switch (event.kind()) {
            case COUNT -> misfitOfCount(step, event);
            case GATE_PASSED, GATE_FAILED ->
                step.gate().isEmpty() ? Optional.of(outOfPlace(event, "this step asks no question")) : Optional.empty();
            case STEP_DONE ->
                step.gate().isEmpty()
                        ? Optional.empty()
                        : Optional.of(outOfPlace(event, "its question must be answered first"));
            case SKIPPED ->
                event.note().isBlank()
                        ? Optional.of(Refusal.of(MessageCode.EMPTY, "note", "").with("what", "A reason for skipping"))
                        : Optional.empty();
            default -> Optional.empty();
        };
    }

    private static Optional<Refusal> misfitOfCount(Step step, BenchEvent event) {
        if (event.side() == null || !step.sides().contains(event.side())) {
            return Optional.of(outOfPlace(event, "no strokes are counted on that side here"));
        }
        if (event.amount() < 1 || event.amount() > MOST_AT_ONCE) {
            return Optional.of(Refusal.of(MessageCode.COUNT_RANGE, "amount", event.amount())
                    .with("low", 1)
                    .with("high", MOST_AT_ONCE));
        }
        return Optional.empty();
    }

    private static Refusal outOfPlace(BenchEvent event, String why) {
        String what = event.kind().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        return Refusal.of(MessageCode.EVENT_OUT_OF_PLACE, "kind", why).with("what", "“" + what + "”");
    }
}
