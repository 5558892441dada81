package truekeen.core.bench;

import java.util.List;
import java.util.Optional;
import truekeen.core.fault.Observation;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.stepsheet.Step;

/** What may happen at the bench, given where a session stands: each event is looked at before it is added. */
public final class BenchFold {
    /** Most strokes that one event may add. */
    public static final int MOST_AT_ONCE = 20;

    private final List<Step> steps;

    /** The rules of a session with these steps. */
    public BenchFold(List<Step> steps) {
        this.steps = List.copyOf(steps);
    }

    /** The state after all events. */
    public BenchState state(List<BenchEvent> events) {
        SessionFold fold = new SessionFold(steps);
        fold.addAll(events);
        return fold.state();
    }

    /**
     * Whether an event fits where the session stands; empty when it does. Events of a displaced device always fit: they
     * are set aside, not acted on.
     */
    public Optional<Refusal> misfit(BenchState state, BenchEvent event) {
        if (event.displaced()) {
            boolean known = event.step() >= 0 && event.step() < steps.size();
            return known ? Optional.empty() : Optional.of(outOfPlace(event, BenchWords.NO_SUCH_STEP.words()));
        }
        return switch (event.kind()) {
            case UNDO ->
                state.undoable()
                        ? Optional.empty()
                        : Optional.of(outOfPlace(event, BenchWords.NOTHING_TO_TAKE_BACK.words()));
            case TAKEN_OVER -> Optional.empty();
            case LATE_ADDED, LATE_LEFT_OUT ->
                state.late() > 0 ? Optional.empty() : Optional.of(outOfPlace(event, BenchWords.NO_LATE_COUNTS.words()));
            default -> misfitOfStep(state, event);
        };
    }

    private Optional<Refusal> misfitOfStep(BenchState state, BenchEvent event) {
        if (event.step() != state.current() || state.allDone()) {
            return Optional.of(outOfPlace(
                    event,
                    BenchWords.OTHER_STEP_IN_HAND.fill("current", (state.current() + 1), "step", (event.step() + 1))));
        }
        Step step = steps.get(event.step());
        return switch (event.kind()) {
            case COUNT -> misfitOfCount(step, state.steps().get(event.step()), event);
            case OBSERVED -> misfitOfObservation(step, event);
            case READ -> misfitOfReading(step, event);
            case LEFT_OUT -> misfitOfLeavingOut(step, event);
            case GATE_PASSED -> misfitOfPassing(steps, state, event);
            case GATE_FAILED ->
                step.gate().isEmpty()
                        ? Optional.of(outOfPlace(event, BenchWords.ASKS_NO_QUESTION.words()))
                        : Optional.empty();
            case STEP_DONE ->
                step.gate().isEmpty()
                        ? Optional.empty()
                        : Optional.of(outOfPlace(event, BenchWords.ANSWER_FIRST.words()));
            case SKIPPED ->
                event.note().isBlank()
                        ? Optional.of(Refusal.of(MessageCode.EMPTY, "note", "")
                                .with("what", BenchWords.REASON_FOR_SKIPPING.words()))
                        : Optional.empty();
            default -> Optional.empty();
        };
    }

    private static Optional<Refusal> misfitOfCount(Step step, BenchState.StepState now, BenchEvent event) {
        if (event.side() == null || !step.sides().contains(event.side())) {
            return Optional.of(outOfPlace(event, BenchWords.SIDE_NOT_COUNTED.words()));
        }
        boolean toEdges = step.kind() == Step.Kind.TEETH;
        if (event.station() < (toEdges ? 1 : 0)
                || event.station() > step.stations().size()) {
            return Optional.of(outOfPlace(event, BenchWords.NO_SUCH_STATION.words()));
        }
        // A stroke too many on one edge is taken back there, however long ago it was counted.
        boolean back = toEdges
                && event.amount() == -1
                && now.stations().get(event.side()).get(event.station() - 1) > 0;
        if (!back && (event.amount() < 1 || event.amount() > MOST_AT_ONCE)) {
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
            return Optional.of(outOfPlace(event, BenchWords.GAP_BY_FEELER.words()));
        }
        if (width
                && (!step.sides().contains(event.side())
                        || event.station() < 1
                        || event.station() > EvenEdgesGate.marks(step))) {
            return Optional.of(outOfPlace(event, BenchWords.NO_SUCH_MARK.words()));
        }
        return Optional.empty();
    }

    private static Optional<Refusal> misfitOfLeavingOut(Step step, BenchEvent event) {
        boolean there = step.kind() == Step.Kind.TEETH
                && step.sides().contains(event.side())
                && event.station() >= 1
                && event.station() <= step.stations().size();
        if (!there) {
            return Optional.of(outOfPlace(event, BenchWords.NO_SUCH_EDGE.words()));
        }
        return event.note().isBlank()
                ? Optional.of(Refusal.of(MessageCode.EMPTY, "note", "").with("what", BenchWords.A_REASON.words()))
                : Optional.empty();
    }

    private static Optional<Refusal> misfitOfPassing(List<Step> steps, BenchState state, BenchEvent event) {
        Step step = steps.get(event.step());
        if (step.gate().isEmpty()) {
            return Optional.of(outOfPlace(event, BenchWords.ASKS_NO_QUESTION.words()));
        }
        StepGate gate = StepGate.of(steps, state, event.step());
        return gate.state() == StepGate.State.SHUT
                ? Optional.of(Refusal.of(MessageCode.GATE_SHUT, "kind", gate.words()))
                : Optional.empty();
    }

    private static Optional<Refusal> misfitOfObservation(Step step, BenchEvent event) {
        if (event.seen().isEmpty()) {
            return Optional.of(
                    Refusal.of(MessageCode.EMPTY, "sign", "").with("what", BenchWords.WHAT_WAS_SEEN.words()));
        }
        Observation seen = event.seen().get();
        if (!StepSigns.offers(step).contains(seen.sign())) {
            return Optional.of(outOfPlace(
                    event, BenchWords.SIGN_NOT_ASKED.fill("sign", seen.sign().words())));
        }
        boolean placeFits = seen.where()
                .map(w -> w.fromMm() >= 0 && w.fromMm() <= w.toMm() && Double.isFinite(w.toMm()))
                .orElse(true);
        return placeFits ? Optional.empty() : Optional.of(outOfPlace(event, BenchWords.OFF_THE_EDGE.words()));
    }

    private static Refusal outOfPlace(BenchEvent event, String why) {
        return Refusal.of(MessageCode.EVENT_OUT_OF_PLACE, "kind", why)
                .with("what", "“" + event.kind().words() + "”");
    }
}
