package truekeen.core.bench;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import truekeen.core.fault.Observation;
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
        List<Tally> tallies = steps.stream().map(Tally::new).toList();
        int current = 0;
        for (BenchEvent event : effective) {
            int at = event.step();
            switch (event.kind()) {
                case COUNT -> tallies.get(at).count(event);
                case OBSERVED -> tallies.get(at).see(event.seen().orElseThrow());
                case READ ->
                    tallies.get(at)
                            .readings
                            .add(new BenchState.ReadingTaken(
                                    event.note(),
                                    event.value().orElseThrow(),
                                    Optional.ofNullable(event.side()),
                                    event.station()));
                case LEFT_OUT ->
                    tallies.get(at)
                            .leftOut
                            .computeIfAbsent(event.side(), s -> new TreeSet<>())
                            .add(event.station());
                case GATE_FAILED -> tallies.get(at).failures++;
                case GATE_PASSED, STEP_DONE -> current = at + 1;
                case SKIPPED -> {
                    tallies.get(at).skipped = true;
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
                            : tallies.get(i).skipped ? BenchState.Status.SKIPPED : BenchState.Status.DONE;
            states.add(tallies.get(i).state(status));
        }
        return new BenchState(current, states, late, !effective.isEmpty());
    }

    /** What adds up at one step. */
    private static final class Tally {
        private final Map<Step.Side, Integer> counts = new EnumMap<>(Step.Side.class);
        private final Map<Step.Side, List<Integer>> stations = new EnumMap<>(Step.Side.class);
        private final List<BenchState.Seen> seen = new ArrayList<>();
        private final List<BenchState.ReadingTaken> readings = new ArrayList<>();
        private final Map<Step.Side, Set<Integer>> leftOut = new EnumMap<>(Step.Side.class);
        private Step.Side last;
        private int failures;
        private boolean skipped;

        Tally(Step step) {
            for (Step.Side side : step.sides()) {
                counts.put(side, 0);
                stations.put(
                        side,
                        new ArrayList<>(Collections.nCopies(step.stations().size(), 0)));
            }
        }

        void count(BenchEvent event) {
            counts.merge(event.side(), event.amount(), Integer::sum);
            if (event.station() > 0) {
                stations.get(event.side())
                        .set(event.station() - 1, stations.get(event.side()).get(event.station() - 1) + event.amount());
            }
            last = event.side();
        }

        void see(Observation observation) {
            int strokes = counts.values().stream().mapToInt(Integer::intValue).sum();
            seen.add(new BenchState.Seen(observation, strokes));
        }

        BenchState.StepState state(BenchState.Status status) {
            Map<Step.Side, List<Integer>> at = new EnumMap<>(Step.Side.class);
            stations.forEach((side, list) -> at.put(side, List.copyOf(list)));
            return new BenchState.StepState(
                    status, Map.copyOf(counts), failures, at, Optional.ofNullable(last), seen, readings, leftOut);
        }
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
            case OBSERVED -> misfitOfObservation(step, event);
            case READ -> misfitOfReading(step, event);
            case LEFT_OUT -> misfitOfLeavingOut(step, event);
            case GATE_PASSED -> misfitOfPassing(steps, state, event);
            case GATE_FAILED ->
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
        boolean toEdges = step.kind() == Step.Kind.TEETH;
        if (event.station() < (toEdges ? 1 : 0)
                || event.station() > step.stations().size()) {
            return Optional.of(outOfPlace(event, "there is no such station"));
        }
        if (event.amount() < 1 || event.amount() > MOST_AT_ONCE) {
            return Optional.of(Refusal.of(MessageCode.COUNT_RANGE, "amount", event.amount())
                    .with("low", 1)
                    .with("high", MOST_AT_ONCE));
        }
        return Optional.empty();
    }

    private static Optional<Refusal> misfitOfReading(Step step, BenchEvent event) {
        if (event.value().isEmpty() || !Double.isFinite(event.value().getAsDouble())) {
            return Optional.of(Refusal.of(MessageCode.NUMBER_UNREADABLE, "value", "nothing"));
        }
        boolean width = event.note().equals(Instrument.CALLIPER.name());
        boolean gap = event.note().equals(Instrument.FEELER.name());
        if (gap != (step.kind() == Step.Kind.GAP) && (gap || step.kind() == Step.Kind.GAP)) {
            return Optional.of(outOfPlace(event, "a gap is what is measured with a feeler"));
        }
        if (width
                && (!step.sides().contains(event.side())
                        || event.station() < 1
                        || event.station() > AlikeGate.marks(step))) {
            return Optional.of(outOfPlace(event, "no such mark is measured here"));
        }
        return Optional.empty();
    }

    private static Optional<Refusal> misfitOfLeavingOut(Step step, BenchEvent event) {
        boolean there = step.kind() == Step.Kind.TEETH
                && step.sides().contains(event.side())
                && event.station() >= 1
                && event.station() <= step.stations().size();
        if (!there) {
            return Optional.of(outOfPlace(event, "there is no such edge"));
        }
        return event.note().isBlank()
                ? Optional.of(Refusal.of(MessageCode.EMPTY, "note", "").with("what", "A reason"))
                : Optional.empty();
    }

    private static Optional<Refusal> misfitOfPassing(List<Step> steps, BenchState state, BenchEvent event) {
        Step step = steps.get(event.step());
        if (step.gate().isEmpty()) {
            return Optional.of(outOfPlace(event, "this step asks no question"));
        }
        Gate gate = Gate.of(steps, state, event.step());
        return gate.state() == Gate.State.SHUT
                ? Optional.of(Refusal.of(MessageCode.GATE_SHUT, "kind", gate.words()))
                : Optional.empty();
    }

    private static Optional<Refusal> misfitOfObservation(Step step, BenchEvent event) {
        if (event.seen().isEmpty()) {
            return Optional.of(Refusal.of(MessageCode.EMPTY, "sign", "").with("what", "What was seen"));
        }
        Observation seen = event.seen().get();
        if (!Gate.offers(step).contains(seen.sign())) {
            return Optional.of(outOfPlace(event, "“" + seen.sign().words() + "” is not asked at this step"));
        }
        boolean placeFits = seen.where()
                .map(w -> w.fromMm() >= 0 && w.fromMm() <= w.toMm() && Double.isFinite(w.toMm()))
                .orElse(true);
        return placeFits ? Optional.empty() : Optional.of(outOfPlace(event, "its place lies off the edge"));
    }

    private static Refusal outOfPlace(BenchEvent event, String why) {
        String what = event.kind().name().toLowerCase(Locale.ROOT).replace('_', ' ');
        return Refusal.of(MessageCode.EVENT_OUT_OF_PLACE, "kind", why).with("what", "“" + what + "”");
    }
}
