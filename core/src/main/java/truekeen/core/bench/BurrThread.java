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
            life = after(step, life, now);
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

    /** What a step makes of it: of one that was passed with hardly a stroke only what was felt is believed. */
    private static Life after(Step step, Life life, BenchState.StepState now) {
        boolean worked = now.status() != BenchState.Status.DONE || now.counted(step);
        return switch (step.burrTask()) {
            case RAISE ->
                felt(now, Sign.BURR_NONE) ? Life.NONE : worked || felt(now, Sign.BURR_WHOLE) ? Life.RAISED : life;
            case KEEP, KEEP_UNFELT -> life == Life.NONE || life == Life.GONE || !worked ? life : Life.FINER;
            case TURN -> life == Life.NONE || life == Life.GONE || !worked ? life : Life.TURNED;
            case TAKE_OFF, TAKE_OFF_BETWEEN, SHED ->
                now.status() == BenchState.Status.DONE
                                && (worked || felt(now, Sign.NAIL_SMOOTH) || felt(now, Sign.CLOTH_FREE))
                        ? Life.GONE
                        : life;
            case NOTHING -> life;
        };
    }

    private static boolean felt(BenchState.StepState now, Sign sign) {
        return now.standing().stream().anyMatch(s -> s.observation().sign() == sign);
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
        String stone = step.abrasiveName().isEmpty() ? "" : BenchWords.ON_THE_STONE.fill("stone", step.abrasiveName());
        return switch (life) {
            case RAISED ->
                Optional.of("raised" + stone
                        + on.map(s -> BenchWords.MOMENT_ON_SIDE.fill("side", name(s)))
                                .orElse(""));
            case FINER -> Optional.of("finer" + stone);
            case TURNED ->
                Optional.of(BenchWords.MOMENT_TURNED.fill(
                        "side", on.map(s -> " to " + name(s)).orElse("")));
            case GONE -> Optional.of(BenchWords.MOMENT_GONE.fill("stone", stone));
            case NONE -> Optional.empty();
        };
    }

    private static String words(Life life, Optional<Step.Side> on) {
        String where = on.map(s -> " on " + name(s)).orElse("");
        return switch (life) {
            case NONE -> BenchWords.NO_BURR_YET.words();
            case RAISED -> BenchWords.BURR_UP.fill("where", where);
            case FINER -> BenchWords.BURR_STILL.fill("where", where);
            case TURNED -> BenchWords.BURR_OVER.fill("where", where);
            case GONE -> BenchWords.BURR_OFF.words();
        };
    }

    private static String ask(Step step, Life life, Optional<Step.Side> on) {
        String where = on.map(BurrThread::name)
                .orElse(
                        step.sides().contains(Step.Side.LEFT)
                                ? BenchWords.THE_OTHER_SIDE.words()
                                : BenchWords.THE_BACK.words());
        return switch (step.burrTask()) {
            case RAISE -> BenchWords.FEEL_FOR_IT.fill("where", where);
            case KEEP ->
                life == Life.NONE || life == Life.GONE
                        ? BenchWords.NONE_TO_FEEL.words()
                        : BenchWords.STILL_UNBROKEN.fill("where", where);
            case KEEP_UNFELT -> BenchWords.NOT_FELT_HERE.words();
            case TURN -> BenchWords.TURNS_TO_THE_BEVEL.words();
            case TAKE_OFF, TAKE_OFF_BETWEEN -> BenchWords.NOTHING_CATCHES.words();
            case SHED -> BenchWords.NOTHING_LEFT.words();
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
                String first = kept.get().abrasiveName();
                return i == at
                        ? BenchWords.THIS_TEARS.fill("stone", first)
                        : BenchWords.NEXT_TEARS.fill("step", steps.get(i).title(), "stone", first);
            }
        }
        boolean off = here.burrTask() == Step.BurrTask.TAKE_OFF || here.burrTask() == Step.BurrTask.SHED;
        boolean raisedSomewhere = steps.subList(0, at).stream().anyMatch(s -> s.burrTask() == Step.BurrTask.RAISE);
        if (off && life == Life.NONE && raisedSomewhere) {
            return BenchWords.NEVER_RAISED.words();
        }
        if (here.burrTask() == Step.BurrTask.SHED && up) {
            return BenchWords.NOT_TAKEN_OFF.words();
        }
        if (up && here.burrTask() == Step.BurrTask.KEEP && !here.sides().contains(Step.Side.LEFT)) {
            return BenchWords.LEAVE_THE_BACK.words();
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
            case BEVEL -> BenchWords.THE_BEVEL.words();
            case BACK -> BenchWords.THE_BACK.words();
            case LEFT -> BenchWords.THE_LEFT_SIDE.words();
            case RIGHT -> BenchWords.THE_RIGHT_SIDE.words();
            case FIRST_END -> BenchWords.THE_FIRST_END.words();
            case SECOND_END -> BenchWords.THE_SECOND_END.words();
            case TOP_BLADE -> BenchWords.THE_UPPER_BLADE.words();
            case BOTTOM_BLADE -> BenchWords.THE_LOWER_BLADE.words();
            case EDGES -> BenchWords.THE_EDGES.words();
        };
    }
}
