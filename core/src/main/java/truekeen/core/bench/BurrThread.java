package truekeen.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.fault.Sign;
import truekeen.core.stepsheet.Step;

/**
 * The life of the burr through a session: raised, kept and made finer, turned over, thinned and taken off. It tells on
 * which side it should be now, what to ask for, and what would tear it off early.
 *
 * @param life where it stands
 * @param on the side it should be felt on now
 * @param words that in a sentence
 * @param ask what to feel for at the step in hand; empty where there is nothing to feel
 * @param warning what would tear it off early, or leave it on; empty where nothing would
 * @param moments what became of it so far, oldest first
 */
public record BurrThread(
        Life life, Optional<Step.Side> on, String words, String ask, String warning, List<String> moments) {

    /** Where a burr stands in its life. */
    public enum Life {
        NONE,
        RAISED,
        FINER,
        TURNED,
        GONE
    }

    /** The thread as a session stands. */
    public static BurrThread of(List<Step> steps, BenchState state) {
        Life life = Life.NONE;
        Optional<Step.Side> on = Optional.empty();
        List<String> moments = new ArrayList<>();
        for (int i = 0; i < steps.size() && i <= state.current(); i++) {
            Step step = steps.get(i);
            BenchState.StepState now = state.steps().get(i);
            boolean worked = now.total() > 0 || now.status() == BenchState.Status.DONE;
            if (now.status() == BenchState.Status.SKIPPED || !worked) {
                continue;
            }
            Life before = life;
            life = after(step.burrTask(), life, now);
            on = side(step, now, life, on);
            if (life != before || step.burrTask() == Step.BurrTask.RAISE) {
                moment(step, life, on).ifPresent(moments::add);
            }
        }
        Optional<Step> here = state.allDone() ? Optional.empty() : Optional.of(steps.get(state.current()));
        Life then = life;
        Optional<Step.Side> where = on;
        return new BurrThread(
                life,
                on,
                words(life, on),
                here.map(s -> ask(s, then, where)).orElse(""),
                here.map(s -> warning(steps, state, then)).orElse(""),
                List.copyOf(moments));
    }

    private static Life after(Step.BurrTask task, Life life, BenchState.StepState now) {
        return switch (task) {
            case RAISE ->
                now.standing().stream().anyMatch(s -> s.observation().sign() == Sign.BURR_NONE)
                        ? Life.NONE
                        : Life.RAISED;
            case KEEP, KEEP_UNFELT -> life == Life.NONE || life == Life.GONE ? life : Life.FINER;
            case TURN -> life == Life.NONE || life == Life.GONE ? life : Life.TURNED;
            case TAKE_OFF, TAKE_OFF_BETWEEN, SHED -> now.status() == BenchState.Status.DONE ? Life.GONE : life;
            case NOTHING -> life;
        };
    }

    /** Strokes on one face push it over to the other. */
    private static Optional<Step.Side> side(
            Step step, BenchState.StepState now, Life life, Optional<Step.Side> before) {
        if (life == Life.NONE || life == Life.GONE) {
            return Optional.empty();
        }
        if (step.burrTask() == Step.BurrTask.NOTHING) {
            return before;
        }
        List<Step.Side> sides = step.sides();
        Optional<Step.Side> last =
                now.lastSide().or(() -> sides.isEmpty() ? Optional.empty() : Optional.of(sides.get(sides.size() - 1)));
        return last.map(BurrThread::across).or(() -> before);
    }

    private static Step.Side across(Step.Side side) {
        return switch (side) {
            case BEVEL -> Step.Side.BACK;
            case BACK -> Step.Side.BEVEL;
            case LEFT -> Step.Side.RIGHT;
            case RIGHT -> Step.Side.LEFT;
            // Ends and teeth are bevelled on one face: what burr there is stands on the flat one.
            case FIRST_END, SECOND_END, TOP_BLADE, BOTTOM_BLADE, EDGES -> Step.Side.BACK;
        };
    }

    private static Optional<String> moment(Step step, Life life, Optional<Step.Side> on) {
        String stone = step.abrasiveName().isEmpty() ? "" : " on the " + step.abrasiveName();
        return switch (life) {
            case RAISED ->
                Optional.of("raised" + stone + on.map(s -> ", on " + name(s)).orElse(""));
            case FINER -> Optional.of("finer" + stone);
            case TURNED ->
                Optional.of("turned over" + on.map(s -> " to " + name(s)).orElse(""));
            case GONE -> Optional.of("taken off" + stone);
            case NONE -> Optional.empty();
        };
    }

    private static String words(Life life, Optional<Step.Side> on) {
        String where = on.map(s -> " on " + name(s)).orElse("");
        return switch (life) {
            case NONE -> "No burr yet.";
            case RAISED -> "The burr is up" + where + ".";
            case FINER -> "The burr is finer, still" + where + ".";
            case TURNED -> "The burr has turned over: it is" + where + ".";
            case GONE -> "The burr was taken off.";
        };
    }

    private static String ask(Step step, Life life, Optional<Step.Side> on) {
        String where =
                on.map(BurrThread::name).orElse(step.sides().contains(Step.Side.LEFT) ? "the other side" : "the back");
        return switch (step.burrTask()) {
            case RAISE -> "Feel for it on " + where + ", from end to end.";
            case KEEP ->
                life == Life.NONE || life == Life.GONE
                        ? "There is none to feel now."
                        : "It should still run unbroken on " + where + ".";
            case KEEP_UNFELT -> "Do not feel for it here: none can be felt anew until the last stone.";
            case TURN -> "It turns over to the bevel: feel for it there, not on the back.";
            case TAKE_OFF, TAKE_OFF_BETWEEN -> "At the end nothing catches, from either side.";
            case SHED -> "Nothing should be left to feel.";
            case NOTHING -> "";
        };
    }

    private static String warning(List<Step> steps, BenchState state, Life life) {
        int at = state.current();
        boolean up = life == Life.RAISED || life == Life.FINER;
        Step here = steps.get(at);
        for (int i = at; i < Math.min(at + 2, steps.size()); i++) {
            Optional<Step> kept = keptLater(steps, i);
            if (up && tears(steps.get(i)) && kept.isPresent()) {
                return (i == at
                                ? "This step"
                                : "The next step, “" + steps.get(i).title() + "”,")
                        + " would tear the burr off early: the " + kept.get().abrasiveName()
                        + " has still to come. Do that first.";
            }
        }
        boolean off = here.burrTask() == Step.BurrTask.TAKE_OFF || here.burrTask() == Step.BurrTask.SHED;
        boolean raisedSomewhere = steps.subList(0, at).stream().anyMatch(s -> s.burrTask() == Step.BurrTask.RAISE);
        if (off && life == Life.NONE && raisedSomewhere) {
            return "No burr was raised: the apex may not be reached, and there is nothing to take off yet.";
        }
        if (here.burrTask() == Step.BurrTask.SHED && up) {
            return "The burr was not taken off: leather folds it over, and it takes the edge with it in the first cuts.";
        }
        if (up && here.burrTask() == Step.BurrTask.KEEP && !here.sides().contains(Step.Side.LEFT)) {
            return "Wash bevel and roller, and leave the back alone: rubbing it would tear the burr off early.";
        }
        return "";
    }

    private static boolean tears(Step step) {
        return step.burrTask() == Step.BurrTask.TAKE_OFF
                || step.burrTask() == Step.BurrTask.SHED
                || step.sides().equals(List.of(Step.Side.BACK));
    }

    /** A later stone that still wants the burr, before any raises a new one. */
    private static Optional<Step> keptLater(List<Step> steps, int from) {
        for (Step s : steps.subList(from + 1, steps.size())) {
            if (s.burrTask() == Step.BurrTask.RAISE) {
                return Optional.empty();
            }
            if (s.burrTask() == Step.BurrTask.KEEP || s.burrTask() == Step.BurrTask.KEEP_UNFELT) {
                return Optional.of(s);
            }
        }
        return Optional.empty();
    }

    private static String name(Step.Side side) {
        return switch (side) {
            case BEVEL -> "the bevel";
            case BACK -> "the back";
            case LEFT -> "the left side";
            case RIGHT -> "the right side";
            case FIRST_END -> "the first end";
            case SECOND_END -> "the second end";
            case TOP_BLADE -> "the upper blade";
            case BOTTOM_BLADE -> "the lower blade";
            case EDGES -> "the edges";
        };
    }
}
