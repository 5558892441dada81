package truekeen.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.stepsheet.ChosenPlan;
import truekeen.core.stepsheet.ChosenPlan.PlannedJob;
import truekeen.core.stepsheet.ChosenPlan.PlannedLeg;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;

/**
 * What a session came to, against what was planned for it. The steel is an estimate: as much a stroke as the plan has it.
 * Derived here.
 *
 * @param stones what each abrasive had, in the order of the work
 * @param strokes all that were counted
 * @param strokesLow least that were to be expected
 * @param strokesHigh most
 * @param seconds time at the bench, pauses left out; empty where nothing was told twice
 * @param plannedSeconds time planned (s)
 * @param steelMm3 steel that went by what was counted (mm³); empty where nothing tells
 * @param plannedMm3 steel that was to go (mm³)
 * @param notCounted titles of steps that were passed with hardly a stroke
 * @param skipped titles of steps that were skipped
 */
public record SessionSum(
        List<Stone> stones,
        int strokes,
        int strokesLow,
        int strokesHigh,
        OptionalDouble seconds,
        double plannedSeconds,
        OptionalDouble steelMm3,
        double plannedMm3,
        List<String> notCounted,
        List<String> skipped) {
    /** A silence longer than this is a pause and no work (s). Prior. */
    public static final double PAUSE_S = Prior.SESSION_PAUSE_S.value();

    /** Keeps the lists from changing. */
    public SessionSum {
        stones = List.copyOf(stones);
        notCounted = List.copyOf(notCounted);
        skipped = List.copyOf(skipped);
    }

    /**
     * What one abrasive had.
     *
     * @param name how the shop calls it
     * @param strokes counted on it
     * @param low least that were to be expected
     * @param high most
     */
    public record Stone(String name, int strokes, int low, int high) {}

    /**
     * The sum of a session.
     *
     * @param worked time at the bench (s), pauses left out
     */
    public static SessionSum of(List<Step> steps, BenchState state, OptionalDouble worked, ChosenPlan plan) {
        Map<String, Stone> stones = new LinkedHashMap<>();
        List<String> notCounted = new ArrayList<>();
        List<String> skipped = new ArrayList<>();
        int strokes = 0;
        int low = 0;
        int high = 0;
        double seconds = 0;
        double shaped = 0;
        double toShape = 0;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            BenchState.StepState now = state.steps().get(i);
            int sides = step.sides().size();
            strokes += now.total();
            low += step.strokesLow() * sides;
            high += step.strokesHigh() * sides;
            seconds += step.seconds();
            if (now.status() == BenchState.Status.SKIPPED) {
                skipped.add(step.title());
            } else if (now.notCounted(step)) {
                notCounted.add(step.title());
            }
            if (step.counted() && step.strokes() > 0 && !step.abrasiveName().isEmpty()) {
                stones.merge(
                        step.abrasiveName(),
                        new Stone(
                                step.abrasiveName(),
                                now.total(),
                                step.strokesLow() * sides,
                                step.strokesHigh() * sides),
                        SessionSum::both);
            }
            double each = shares(step) ? perStroke(plan, step.abrasiveId()) : 0;
            shaped += now.total() * each;
            toShape += step.strokes() * sides * each;
        }
        Optional<Boolean> ground = ground(steps, state);
        double machine = ground.isPresent() ? byMachine(plan) : 0;
        boolean tells = strokes > 0 || ground.orElse(false);
        return new SessionSum(
                List.copyOf(stones.values()),
                strokes,
                low,
                high,
                worked,
                seconds,
                tells ? OptionalDouble.of(shaped + (ground.orElse(false) ? machine : 0)) : OptionalDouble.empty(),
                toShape + machine,
                notCounted,
                skipped);
    }

    private static Stone both(Stone a, Stone b) {
        return new Stone(a.name, a.strokes + b.strokes, a.low + b.low, a.high + b.high);
    }

    /** Whether the strokes of a step take what the plan has for its abrasive; those that turn or shed a burr take none. */
    private static boolean shares(Step step) {
        return step.kind() == Step.Kind.WORK && step.burrTask() != Step.BurrTask.TURN;
    }

    /** Steel that a stroke on an abrasive was planned to take, the middle of all its legs (mm³). */
    private static double perStroke(ChosenPlan plan, String abrasiveId) {
        double volume = 0;
        int strokes = 0;
        for (PlannedJob job : plan.jobs()) {
            for (PlannedLeg leg : job.legs()) {
                if (leg.abrasiveId().equals(abrasiveId)) {
                    volume += leg.volumeMm3();
                    strokes += leg.strokes();
                }
            }
        }
        return strokes > 0 ? volume / strokes : 0;
    }

    private static double onStones(PlannedJob job) {
        return job.legs().stream().mapToDouble(PlannedLeg::volumeMm3).sum();
    }

    /** Steel that a machine was to take: what of each face no stone has (mm³). */
    private static double byMachine(ChosenPlan plan) {
        return plan.jobs().stream()
                .mapToDouble(j -> Math.max(0, j.volumeMm3() - onStones(j)))
                .sum();
    }

    /** Whether a machine's last act was done; empty where none was planned. */
    private static Optional<Boolean> ground(List<Step> steps, BenchState state) {
        Optional<Boolean> done = Optional.empty();
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).kind() == Step.Kind.GRIND) {
                done = Optional.of(state.steps().get(i).status() == BenchState.Status.DONE);
            }
        }
        return done;
    }
}
