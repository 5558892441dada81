package truekeen.core.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.care.Lapping;
import truekeen.core.holding.Setup;
import truekeen.core.quantity.Angle;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;

/**
 * The steps of a tool's plan as tasks of a day. What makes the stones ready is no task, nor is setting what holds the tool:
 * the day counts both where it changes over. At the end the edge is tested and the tool cleaned.
 */
public final class ToolTasks {
    /** Ends the id of the task in which the edge is tested and the tool cleaned. */
    public static final String TEST = "test";

    private static final String OF = "#";

    private ToolTasks() {}

    /**
     * The tasks of a tool from where it stands.
     *
     * @param job the tool
     * @param plan what its tasks are called by, so that those of another plan are others
     * @param steps all steps of its sheet
     * @param from the step that is next; the number of steps where only the test is left
     * @param held what holds it and how that is set; empty where it is held by hand
     * @param longer how many times as long it takes as planned, positive
     */
    public static List<DayTask> of(
            String job, String plan, List<Step> steps, int from, Optional<Held> held, double longer) {
        List<DayTask> tasks = new ArrayList<>();
        double found = 0;
        for (int i = from; i < steps.size(); i++) {
            Step step = steps.get(i);
            if (step.kind() == Step.Kind.PREPARE || step.kind() == Step.Kind.PROTECT) {
                continue;
            }
            if (step.kind() == Step.Kind.SET_GUIDE) {
                // By hand the angle is found on the stone that is worked on next.
                found += held.flatMap(h -> h.at(step)).isPresent() ? 0 : step.seconds();
                continue;
            }
            Range hands = Range.of(step).plus(Range.about(found)).times(longer);
            add(tasks, job, plan + OF + i, hands, stone(step), hold(step, held));
            found = 0;
        }
        Range test = Range.about(found + Prior.TESTING_SECONDS.value()).times(longer);
        add(tasks, job, plan + OF + TEST, test, Optional.empty(), Optional.empty());
        return tasks;
    }

    /** Which step of its sheet a task is; empty for the test at the end. */
    public static OptionalInt step(String task) {
        String place = task.substring(task.lastIndexOf(OF) + 1);
        return place.equals(TEST) ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(place));
    }

    /** The plan that a task is of. */
    public static String plan(String task) {
        return task.substring(0, task.lastIndexOf(OF));
    }

    /** A piece of the kit, as it stands now, for tasks that are done on it. */
    public static BenchDay.Stone stone(Abrasive a) {
        return new BenchDay.Stone(
                a.id(),
                a.d50Um(),
                (int) Math.ceil(a.state().soakLeftSeconds()),
                Lapping.due(a, 0) ? Prior.FLATTENING_SECONDS.whole() : 0);
    }

    private static void add(
            List<DayTask> tasks,
            String job,
            String id,
            Range hands,
            Optional<String> stone,
            Optional<DayTask.Hold> hold) {
        List<String> after = tasks.isEmpty()
                ? List.of()
                : List.of(tasks.get(tasks.size() - 1).id());
        tasks.add(new DayTask(
                id, job, whole(hands.likely), whole(hands.least), whole(hands.most), after, stone, hold, 0));
    }

    private static int whole(double seconds) {
        return (int) Math.max(1, Math.round(seconds));
    }

    /** What the hands do (s): strokes by their count, since a step's own time holds changing stones too. */
    private record Range(double least, double likely, double most) {
        /** What is no count of strokes: hands differ in it as they do in their pace. */
        static Range about(double seconds) {
            double spread = Prior.HANDLING_SPREAD.value();
            return new Range(seconds / spread, seconds, seconds * spread);
        }

        static Range of(Step step) {
            boolean byHand =
                    step.kind() == Step.Kind.WORK || step.kind() == Step.Kind.DEBURR || step.kind() == Step.Kind.STROP;
            double each = step.sides().size() * Prior.STROKE_SECONDS.value();
            if (!byHand || step.strokes() * each <= 0) {
                return about(step.seconds());
            }
            double likely = step.strokes() * each;
            return new Range(
                    Math.min(likely, step.strokesLow() * each), likely, Math.max(likely, step.strokesHigh() * each));
        }

        Range plus(Range more) {
            return new Range(least + more.least, likely + more.likely, most + more.most);
        }

        Range times(double factor) {
            return new Range(least * factor, likely * factor, most * factor);
        }
    }

    private static Optional<String> stone(Step step) {
        return Optional.of(step.abrasiveId()).filter(id -> !id.isEmpty());
    }

    /** Only strokes on a bevel are made in what holds the tool: the burr comes off by hand. */
    private static Optional<DayTask.Hold> hold(Step step, Optional<Held> held) {
        return step.kind() == Step.Kind.WORK ? held.flatMap(h -> h.at(step)) : Optional.empty();
    }

    /**
     * What holds a tool.
     *
     * @param holder its id
     * @param setup how it is set for each bevel; what it cannot hold is done by hand
     */
    public record Held(String holder, Setup setup) {
        private Optional<DayTask.Hold> at(Step step) {
            return setup.onStone()
                    .flatMap(onStone -> step.angleDeg())
                    .map(Angle::ofDegrees)
                    .flatMap(setup::settingFor)
                    .map(s -> new DayTask.Hold(holder, s.inWords()));
        }
    }
}
