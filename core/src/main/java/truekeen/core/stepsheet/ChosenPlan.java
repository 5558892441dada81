package truekeen.core.stepsheet;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import truekeen.core.condition.Scope;
import truekeen.core.job.JobKind;
import truekeen.core.quantity.Angle;

/**
 * A plan as it was chosen: what it predicted, and what it will leave. It does not change with the shelf or with the
 * program, so that the log can compare what came of it.
 *
 * @param scope how much is done
 * @param primary primary bevel wanted
 * @param last last bevel wanted
 * @param edgeLengthMm length of the edge (mm)
 * @param lostMm how far the edge goes back (mm)
 * @param honedWidthMm width of the honed facet it leaves (mm)
 * @param volumeMm3 steel to remove (mm³)
 * @param after dimensions of the tool afterwards by field (mm, degrees); empty on plans of the first version
 * @param minutes time predicted
 * @param jobs what is done on which abrasives
 * @param stropId the strop it ends on, if it does
 * @param steps the step sheet
 */
public record ChosenPlan(
        Scope scope,
        Angle primary,
        Angle last,
        double edgeLengthMm,
        double lostMm,
        double honedWidthMm,
        double volumeMm3,
        Map<String, Double> after,
        Predicted minutes,
        List<PlannedJob> jobs,
        Optional<String> stropId,
        List<Step> steps) {

    /** An estimate: low, likely, high. */
    public record Predicted(double low, double value, double high) {}

    /**
     * One job as it was planned.
     *
     * @param kind which part of the edge it works
     * @param volumeMm3 steel it removes (mm³)
     * @param legs the abrasives it goes through
     */
    public record PlannedJob(JobKind kind, double volumeMm3, List<PlannedLeg> legs) {}

    /**
     * One abrasive's part as it was planned.
     *
     * @param d50Um grain (µm)
     * @param strokes whole strokes predicted
     * @param strokesLow least to be expected, one standard deviation
     * @param strokesHigh most to be expected
     * @param seconds time predicted (s)
     * @param volumeMm3 steel it removes (mm³)
     * @param scratchAfterUm scratch it leaves (µm)
     */
    public record PlannedLeg(
            String abrasiveId,
            String name,
            double d50Um,
            int strokes,
            int strokesLow,
            int strokesHigh,
            double seconds,
            double volumeMm3,
            double scratchAfterUm) {}

    /** Keeps lists and maps from changing. */
    public ChosenPlan {
        after = Map.copyOf(after);
        jobs = List.copyOf(jobs);
        steps = List.copyOf(steps);
    }

    /** Ids of the abrasives the edge itself is honed on, coarse first; none where it is only stropped. */
    public List<String> honedOn() {
        return honing().map(j -> j.legs().stream().map(PlannedLeg::abrasiveId).toList())
                .orElse(List.of());
    }

    /** The scratch it leaves at the edge (µm), where it is honed. */
    public OptionalDouble scratchLeftUm() {
        return honing().filter(j -> !j.legs().isEmpty())
                .map(j -> OptionalDouble.of(j.legs().get(j.legs().size() - 1).scratchAfterUm()))
                .orElse(OptionalDouble.empty());
    }

    /** Whether a job of that kind is part of it. */
    public boolean works(JobKind kind) {
        return jobs.stream().anyMatch(j -> j.kind() == kind);
    }

    /** The same plan with its step sheet. */
    public ChosenPlan withSteps(List<Step> sheet) {
        return new ChosenPlan(
                scope,
                primary,
                last,
                edgeLengthMm,
                lostMm,
                honedWidthMm,
                volumeMm3,
                after,
                minutes,
                jobs,
                stropId,
                sheet);
    }

    private Optional<PlannedJob> honing() {
        return jobs.stream().filter(j -> j.kind() == JobKind.SECONDARY).findFirst();
    }
}
