package truekeen.core.bench;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import truekeen.core.fault.Observation;
import truekeen.core.stepsheet.Step;

/**
 * A session as it grows, event by event, in the order they were committed. Undo takes back the last thing that was done
 * and not yet taken back. Counts of a displaced device are set aside until someone decides.
 *
 * <p>Adding a count costs the same however many came before it; adding an undo costs as much as there are events. Not
 * safe for use by several threads: whoever shares one gives out copies.
 */
public final class SessionFold {
    /** Counts that the pace of a hand is taken from. */
    private static final int PACED = 400;

    private final List<Step> steps;
    private final List<BenchEvent> effective;
    private final List<BenchEvent> late;
    private final Deque<BenchEvent> paced;
    private List<Tally> tallies;
    private int current;

    /** Nothing has happened yet. */
    public SessionFold(List<Step> steps) {
        this.steps = List.copyOf(steps);
        this.effective = new ArrayList<>();
        this.late = new ArrayList<>();
        this.paced = new ArrayDeque<>();
        this.tallies = fresh();
    }

    private SessionFold(SessionFold other, List<Step> steps) {
        this.steps = List.copyOf(steps);
        this.effective = new ArrayList<>(other.effective);
        this.late = new ArrayList<>(other.late);
        this.paced = new ArrayDeque<>(other.paced);
        this.tallies = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            tallies.add(i < other.tallies.size() ? new Tally(other.tallies.get(i)) : new Tally(steps.get(i)));
        }
        this.current = other.current;
    }

    /** The same, to go its own way. */
    public SessionFold copy() {
        return new SessionFold(this, steps);
    }

    /**
     * The same with steps added after those there are.
     *
     * @param longer all steps: those there were, and the new ones
     */
    public SessionFold copyOver(List<Step> longer) {
        return new SessionFold(this, longer);
    }

    /** The steps it is a fold over. */
    public List<Step> steps() {
        return steps;
    }

    /** Adds events in their order. */
    public void addAll(Collection<BenchEvent> events) {
        events.forEach(this::add);
    }

    /** Adds one event. */
    public void add(BenchEvent event) {
        if (event.kind() == BenchEvent.Kind.COUNT && event.amount() > 0) {
            paced.addLast(event);
            if (paced.size() > PACED) {
                paced.removeFirst();
            }
        }
        if (event.displaced()) {
            if (event.kind() == BenchEvent.Kind.COUNT) {
                late.add(event);
            }
            return;
        }
        switch (event.kind()) {
            case UNDO -> undo();
            case TAKEN_OVER -> {}
            case LATE_ADDED -> {
                late.forEach(this::act);
                late.clear();
            }
            case LATE_LEFT_OUT -> late.clear();
            default -> act(event);
        }
    }

    private void undo() {
        if (effective.isEmpty()) {
            return;
        }
        effective.remove(effective.size() - 1);
        tallies = fresh();
        current = 0;
        effective.forEach(this::apply);
    }

    private List<Tally> fresh() {
        return new ArrayList<>(steps.stream().map(Tally::new).toList());
    }

    private void act(BenchEvent event) {
        effective.add(event);
        apply(event);
    }

    private void apply(BenchEvent event) {
        int at = event.step();
        Tally tally = tallies.get(at);
        switch (event.kind()) {
            case COUNT -> tally.count(event);
            case OBSERVED -> tally.see(event.seen().orElseThrow());
            case READ ->
                tally.readings.add(new BenchState.ReadingTaken(
                        event.note(), event.value().orElseThrow(), Optional.ofNullable(event.side()), event.station()));
            case LEFT_OUT ->
                tally.leftOut
                        .computeIfAbsent(event.side(), s -> new TreeSet<>())
                        .add(event.station());
            case GATE_FAILED -> tally.failures++;
            case GATE_PASSED, STEP_DONE -> current = at + 1;
            case SKIPPED -> {
                tally.skipped = Optional.of(event.note());
                current = at + 1;
            }
            default -> throw new IllegalStateException("no effect known of " + event.kind());
        }
    }

    /** Where the session stands. */
    public BenchState state() {
        List<BenchState.StepState> states = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            BenchState.Status status = i > current
                    ? BenchState.Status.WAITING
                    : i == current
                            ? BenchState.Status.HERE
                            : tallies.get(i).skipped.isPresent() ? BenchState.Status.SKIPPED : BenchState.Status.DONE;
            states.add(tallies.get(i).state(status));
        }
        int lateStrokes = late.stream().mapToInt(BenchEvent::amount).sum();
        return new BenchState(current, states, lateStrokes, !effective.isEmpty());
    }

    /**
     * Time from the first thing done to the last (s), silences longer than a pause left out; empty where nothing was done
     * twice.
     */
    public OptionalDouble secondsWorked() {
        double seconds = 0;
        for (int i = 1; i < effective.size(); i++) {
            double gap =
                    Duration.between(effective.get(i - 1).at(), effective.get(i).at())
                                    .toMillis()
                            / 1000.0;
            seconds += gap > 0 && gap <= SessionSum.PAUSE_S ? gap : 0;
        }
        return effective.size() < 2 ? OptionalDouble.empty() : OptionalDouble.of(seconds);
    }

    /** Seconds a stroke of this hand takes at the step in hand, once enough were counted. */
    public OptionalDouble secondsPerStroke() {
        return Pace.secondsPerStroke(List.copyOf(paced), current);
    }

    /** What adds up at one step. */
    private static final class Tally {
        private final Map<Step.Side, Integer> counts = new EnumMap<>(Step.Side.class);
        private final Map<Step.Side, List<Integer>> stations = new EnumMap<>(Step.Side.class);
        private final List<BenchState.Seen> seen;
        private final List<BenchState.ReadingTaken> readings;
        private final Map<Step.Side, Set<Integer>> leftOut = new EnumMap<>(Step.Side.class);
        private Step.Side last;
        private int failures;
        private Optional<String> skipped = Optional.empty();

        Tally(Step step) {
            seen = new ArrayList<>();
            readings = new ArrayList<>();
            for (Step.Side side : step.sides()) {
                counts.put(side, 0);
                stations.put(
                        side,
                        new ArrayList<>(Collections.nCopies(step.stations().size(), 0)));
            }
        }

        Tally(Tally other) {
            counts.putAll(other.counts);
            other.stations.forEach((side, list) -> stations.put(side, new ArrayList<>(list)));
            seen = new ArrayList<>(other.seen);
            readings = new ArrayList<>(other.readings);
            other.leftOut.forEach((side, edges) -> leftOut.put(side, new TreeSet<>(edges)));
            last = other.last;
            failures = other.failures;
            skipped = other.skipped;
        }

        void count(BenchEvent event) {
            counts.merge(event.side(), event.amount(), Integer::sum);
            if (event.station() > 0) {
                List<Integer> at = stations.get(event.side());
                at.set(event.station() - 1, at.get(event.station() - 1) + event.amount());
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
            Map<Step.Side, Set<Integer>> out = new EnumMap<>(Step.Side.class);
            leftOut.forEach((side, edges) -> out.put(side, Set.copyOf(edges)));
            return new BenchState.StepState(
                    status,
                    Map.copyOf(counts),
                    failures,
                    at,
                    Optional.ofNullable(last),
                    seen,
                    readings,
                    out,
                    skipped.orElse(""));
        }
    }
}
