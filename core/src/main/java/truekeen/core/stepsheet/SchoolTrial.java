package truekeen.core.stepsheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import truekeen.core.message.Numbers;
import truekeen.core.progression.JobPath;
import truekeen.core.progression.WorkPlan;
import truekeen.core.rule.School;

/**
 * The same tool, survey, angle and shelf in other schools: what each would do, in minutes and strokes, and why it differs.
 *
 * @param school the school
 * @param plan its plan
 * @param steps its step sheet
 * @param strokes strokes in all, a side on each side, deburring and stropping included
 * @param honedMm2 area that is honed (mm²)
 * @param because what makes the difference to the first school, in figures; empty for the first
 * @param refused why it cannot be done on this shelf, or empty
 */
public record SchoolTrial(
        School school,
        WorkPlan plan,
        List<Step> steps,
        int strokes,
        double honedMm2,
        List<String> because,
        String refused) {

    /** Every school on one case, in their own order. */
    public static List<SchoolTrial> all(PlanCase of) {
        List<SchoolTrial> trials = new ArrayList<>();
        for (School school : School.values()) {
            SchoolTrial trial = of(school, of);
            trials.add(trials.isEmpty() ? trial : trial.against(trials.get(0)));
        }
        return List.copyOf(trials);
    }

    private static SchoolTrial of(School school, PlanCase on) {
        HouseTrial t = HouseTrial.of(school.rules(), on);
        return new SchoolTrial(school, t.plan(), t.steps(), t.strokes(), t.honedMm2(), List.of(), t.refused());
    }

    private SchoolTrial against(SchoolTrial first) {
        if (!refused.isEmpty() || !first.refused.isEmpty()) {
            return this;
        }
        List<String> why = new ArrayList<>();
        if (Math.abs(honedMm2 - first.honedMm2) > 0.01 * first.honedMm2) {
            why.add(StepWords.SCHOOL_HONES.fill(
                    "here", Numbers.plain(honedMm2, 1), "there", Numbers.plain(first.honedMm2, 1)));
        }
        String ends = end(plan);
        if (!ends.equals(end(first.plan))) {
            why.add(StepWords.SCHOOL_ENDS.fill("here", ends, "there", end(first.plan)));
        }
        difference(why, StepWords.SCHOOL_RESETTINGS.words(), plan.settings(), first.plan.settings(), 0);
        double machine = seconds(Step.Kind.GRIND) - first.seconds(Step.Kind.GRIND);
        if (Math.abs(machine) >= 1) {
            why.add((machine > 0 ? StepWords.SCHOOL_MORE_MACHINE : StepWords.SCHOOL_LESS_MACHINE)
                    .fill("minutes", Numbers.plain(Math.abs(machine) / 60, 1)));
        }
        for (Step.Kind kind : Arrays.asList(Step.Kind.WORK, Step.Kind.DEBURR, Step.Kind.STROP)) {
            difference(why, words(kind), strokes(kind), first.strokes(kind), seconds(kind) - first.seconds(kind));
        }
        return new SchoolTrial(school, plan, steps, strokes, honedMm2, List.copyOf(why), refused);
    }

    /** What the edge is worked on, in order, by name: a wheel where it does the whole of it. */
    public List<String> worksOn() {
        return Stream.concat(
                        plan.jobs().stream().flatMap(j -> j.legs().stream()).map(l -> l.abrasive()
                                .name()),
                        plan.wheel().map(w -> w.wheel().name()).stream())
                .distinct()
                .toList();
    }

    /** Time of all its steps (s). */
    public double seconds() {
        return steps.stream().mapToDouble(Step::seconds).sum();
    }

    private static void difference(List<String> why, String what, int here, int there, double moreSeconds) {
        if (here != there) {
            String time = Math.abs(moreSeconds) < 1
                    ? ""
                    : ", " + Numbers.plain(Math.abs(moreSeconds) / 60, 1) + " min "
                            + (moreSeconds > 0 ? "more" : "less");
            why.add(StepWords.SCHOOL_DIFFERS.fill("here", here, "what", what, "there", there, "time", time));
        }
    }

    private static String words(Step.Kind kind) {
        return switch (kind) {
            case WORK -> StepWords.SCHOOL_STROKES.words();
            case DEBURR -> StepWords.SCHOOL_BURR_STROKES.words();
            default -> StepWords.SCHOOL_STROP_STROKES.words();
        };
    }

    private int strokes(Step.Kind kind) {
        return steps.stream()
                .filter(s -> s.kind() == kind)
                .mapToInt(s -> s.strokes() * s.sides().size())
                .sum();
    }

    private double seconds(Step.Kind kind) {
        return steps.stream()
                .filter(s -> s.kind() == kind)
                .mapToDouble(Step::seconds)
                .sum();
    }

    private static String end(WorkPlan plan) {
        List<JobPath> jobs = plan.jobs();
        if (plan.wheel().isPresent() || jobs.isEmpty()) {
            return plan.wheel().map(w -> w.wheel().name()).orElse("strop");
        }
        JobPath last = jobs.get(jobs.size() - 1);
        return last.legs().get(last.legs().size() - 1).abrasive().name();
    }
}
