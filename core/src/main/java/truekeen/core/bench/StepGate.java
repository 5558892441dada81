package truekeen.core.bench;

import static truekeen.core.fault.Sign.*;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Sign;
import truekeen.core.fault.Sign.Says;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.repair.GrindAct;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;

/**
 * Whether a step may be left, by what was seen at it and where; and if not, what to do. Numbers of strokes are shares of
 * those planned. Derived here.
 *
 * @param state whether it is open
 * @param words that in a sentence
 * @param strokesSince strokes since what shuts it was seen; 0 where nothing seen shuts it, or none came after
 * @param todo what to do, and where
 * @param notes what else to mind; it shuts nothing
 */
public record StepGate(State state, String words, int strokesSince, List<Todo> todo, List<String> notes) {
    private static final int LEAST_STROKES = Prior.GATE_LEAST_STROKES.whole();
    /** Strokes by which two sides may differ before it is said. Prior. */
    private static final double UNEVEN_SHARE = Prior.GATE_UNEVEN_SHARE.value();

    /** How a gate stands. */
    public enum State {
        /** The step asks nothing. */
        NONE,
        /** Nothing was seen yet that answers its question. */
        ASK,
        OPEN,
        SHUT
    }

    /**
     * What to do.
     *
     * @param words in the imperative
     * @param where the part of the edge it is for
     */
    public record Todo(String words, Optional<Stretch> where) {}

    /** Signs that are noted and shut nothing: they cost work, or tell of something the step cannot mend. */
    private static final Set<Sign> SHUT_NOTHING = Set.of(BURR_THICK, WOBBLE, NAIL_CATCHES);

    /** What stands at a step: of the ink over the whole bevel the newest look alone. */
    private static List<BenchState.Seen> standing(BenchState.StepState now) {
        List<BenchState.Seen> all = now.standing();
        Optional<BenchState.Seen> ink =
                now.seen().stream().filter(StepGate::overall).reduce((a, b) -> b);
        return all.stream()
                .filter(s -> !overall(s) || ink.filter(i -> i == s).isPresent())
                .toList();
    }

    private static boolean overall(BenchState.Seen seen) {
        Sign sign = seen.observation().sign();
        return sign == INK_EVEN || sign == INK_HEEL || sign == INK_EDGE;
    }

    /** How many marks are measured on each side of a step; 0 where none is. */
    public static int marks(Step step) {
        return EvenEdgesGate.marks(step);
    }

    /** The gate of a step of a session, with what earlier steps measured. */
    public static StepGate of(List<Step> steps, BenchState state, int index) {
        Step step = steps.get(index);
        BenchState.StepState now = state.steps().get(index);
        return EvenEdgesGate.asks(step)
                ? joined(of(step, now), EvenEdgesGate.of(step, now, EvenEdgesGate.widths(steps, state, index)))
                : of(step, now);
    }

    /** Edges that are not alike shut a gate whatever was seen; once they are, what was seen decides. */
    private static StepGate joined(StepGate seen, EvenEdgesGate alike) {
        List<String> notes = new ArrayList<>(seen.notes);
        notes.addAll(alike.notes());
        if (!alike.todo().isEmpty()) {
            return new StepGate(State.SHUT, alike.todo().get(0).words(), 0, alike.todo(), List.copyOf(notes));
        }
        return new StepGate(seen.state, seen.words, seen.strokesSince, seen.todo, List.copyOf(notes));
    }

    /** The gate of a step as it stands, by what was seen alone. */
    public static StepGate of(Step step, BenchState.StepState now) {
        List<Todo> todo = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        Set<Sign> good = EnumSet.noneOf(Sign.class);
        int stale = 0;
        for (BenchState.Seen seen : standing(now)) {
            Observation o = seen.observation();
            if (SHUT_NOTHING.contains(o.sign())) {
                notes.add(about(step, now, o));
            } else if (StepSigns.says(step, o.sign()) == Says.BAD) {
                todo.add(new Todo(about(step, now, o), o.where()));
                stale = Math.max(stale, now.total() - seen.strokesBefore());
            } else {
                good.add(o.sign());
            }
        }
        parity(step, now).ifPresent(notes::add);
        if (step.gate().isEmpty() && todo.isEmpty()) {
            return new StepGate(State.NONE, "", 0, List.of(), notes);
        }
        if (!todo.isEmpty()) {
            String words =
                    todo.get(0).words() + (stale > 0 ? BenchWords.SEEN_BEFORE.fill("strokes", strokes(stale)) : "");
            return new StepGate(State.SHUT, words, stale, List.copyOf(todo), List.copyOf(notes));
        }
        Optional<String> behind = sideBehind(step, now);
        List<Sign> opens = StepSigns.opens(step);
        boolean open = !opens.isEmpty() && good.containsAll(opens) && behind.isEmpty();
        return new StepGate(
                open ? State.OPEN : State.ASK,
                open
                        ? BenchWords.PASSED.words()
                        : behind.map(b -> b + " " + step.gate()).orElse(step.gate()),
                0,
                List.of(),
                List.copyOf(notes));
    }

    /** Asked before a gate of two sides opens: one that had none, or hardly any against the other. */
    private static Optional<String> sideBehind(Step step, BenchState.StepState now) {
        if (!step.sides().equals(List.of(Step.Side.LEFT, Step.Side.RIGHT)) || step.strokes() == 0) {
            return Optional.empty();
        }
        int left = now.counts().getOrDefault(Step.Side.LEFT, 0);
        int right = now.counts().getOrDefault(Step.Side.RIGHT, 0);
        int less = Math.min(left, right);
        if (less >= Prior.SIDE_BEHIND_SHARE.value() * Math.max(left, right)) {
            return Optional.empty();
        }
        String side = (left < right ? BenchWords.THE_LEFT_SIDE : BenchWords.THE_RIGHT_SIDE).words();
        return Optional.of(
                less == 0
                        ? BenchWords.SIDE_HAD_NONE.fill("side", upper(side))
                        : BenchWords.SIDE_HAD_FEW.fill(
                                "side", upper(side), "less", less, "more", Math.max(left, right)));
    }

    private static String upper(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static String about(Step step, BenchState.StepState now, Observation o) {
        String place = o.where()
                .map(w -> " from " + mm(w.fromMm()) + " to " + mm(w.toMm()) + InWords.MM)
                .orElse("");
        String more = share(step, o.where());
        boolean raises = step.burrTask() == Step.BurrTask.RAISE;
        return switch (o.sign()) {
            case BURR_NONE -> BenchWords.BURR_NOWHERE.fill("more", more);
            case BURR_PART -> BenchWords.BURR_MISSING.fill("place", place, "more", more);
            case BURR_THICK -> BenchWords.BURR_THICK.fill("place", place);
            case BURR_GROWING -> BenchWords.BURR_GROWS.words();
            case OLD_SCRATCHES, HAZY ->
                now.total() >= step.strokesHigh() * Math.max(1, step.sides().size()) && !raises
                        ? BenchWords.SCRATCHES_AFTER_ALL.fill("place", place)
                        : BenchWords.SCRATCHES_LEFT.fill("place", place, "more", more);
            case PATCHY -> BenchWords.PATCHY.fill("place", place);
            case BRIGHT ->
                BenchWords.LIGHT_LEFT.fill(
                        "place",
                        place,
                        "act",
                        (raises
                                ? BenchWords.STAY_ON_THIS_STONE.fill("more", more)
                                : BenchWords.BACK_TO_THE_FIRST.words()));
            case INK_HEEL -> BenchWords.INK_AT_HEEL.words();
            case INK_EDGE -> BenchWords.INK_AT_EDGE.words();
            case INK_EVEN ->
                (step.intent() == Step.Intent.THIN ? BenchWords.INK_TO_THE_EDGE : BenchWords.INK_STILL_THE_OLD).words();
            case INK_END -> BenchWords.INK_STANDING.fill("place", place);
            case NAIL_ONE_SIDE -> BenchWords.NAIL_ONE_SIDE.fill("place", place);
            case CLOTH_CAUGHT -> BenchWords.FIBRES_CAUGHT.fill("place", place);
            case NAIL_CATCHES -> BenchWords.NAIL_BOTH_SIDES.fill("place", place);
            case WOBBLE -> BenchWords.WOBBLES.words();
            case LAND_UNEVEN -> BenchWords.LAND_UNEVEN.fill("place", place, "land", Prior.POWERED_LAND_MM.figure());
            case COLOUR -> BenchWords.COLOUR.words();
            case SQUARE_OFF -> outOfSquare(step, more);
            default -> throw new IllegalStateException("nothing to say of " + o.sign());
        };
    }

    /** Squared on the wheel, on the stone, or found after it: each has its own way back. */
    private static String outOfSquare(Step step, String more) {
        if (step.act().isEmpty()) {
            return BenchWords.OUT_OF_SQUARE.fill("more", more);
        }
        return (step.act().get() == GrindAct.Kind.LOOK
                        ? BenchWords.OUT_OF_SQUARE_AFTER
                        : BenchWords.OUT_OF_SQUARE_BLUNT)
                .words();
    }

    /** Strokes for a part of the edge: its share of the range planned, in words. */
    private static String share(Step step, Optional<Stretch> where) {
        double length = step.where().toMm() - step.where().fromMm();
        double part = where.map(w -> w.toMm() - w.fromMm()).orElse(length / 2);
        double share = Math.min(1, part / Math.max(length, 1e-9));
        int low = Math.max(LEAST_STROKES, (int) Math.ceil(step.strokesLow() * share));
        int high = Math.max(LEAST_STROKES, (int) Math.ceil(step.strokesHigh() * share));
        return low == high ? strokes(low) : low + " to " + strokes(high);
    }

    /** A word where one side, or one half of a camber, got more than the other. */
    private static Optional<String> parity(Step step, BenchState.StepState now) {
        if (step.setOf() == 0 && now.counts().values().contains(0)) {
            return Optional.empty();
        }
        if (step.sides().equals(List.of(Step.Side.LEFT, Step.Side.RIGHT))) {
            int left = now.counts().get(Step.Side.LEFT);
            int right = now.counts().get(Step.Side.RIGHT);
            return uneven(
                    left, right, step.setOf(), BenchWords.THE_LEFT_SIDE.words(), BenchWords.THE_RIGHT_SIDE.words());
        }
        if (!step.stations().isEmpty()) {
            List<Integer> at = now.stations().get(step.sides().get(0));
            int half = at.size() / 2;
            int left = at.subList(0, half).stream().mapToInt(i -> i).sum();
            int right = at.subList(at.size() - half, at.size()).stream()
                    .mapToInt(i -> i)
                    .sum();
            return uneven(left, right, 1, BenchWords.LEFT_HALF.words(), BenchWords.RIGHT_HALF.words());
        }
        return Optional.empty();
    }

    private static Optional<String> uneven(int left, int right, int set, String leftName, String rightName) {
        int apart = Math.abs(left - right);
        if (apart <= Math.max(set, UNEVEN_SHARE * Math.max(left, right))) {
            return Optional.empty();
        }
        return Optional.of(
                BenchWords.ONE_BEHIND.fill("side", (left < right ? leftName : rightName), "strokes", strokes(apart)));
    }

    private static String strokes(int n) {
        return n == 1 ? BenchWords.ONE_STROKE.words() : n + " strokes";
    }

    private static String mm(double x) {
        return Numbers.plain(x, 1);
    }
}
