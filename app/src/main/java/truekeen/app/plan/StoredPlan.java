package truekeen.app.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import truekeen.app.store.StoredFormat;
import truekeen.core.condition.Scope;
import truekeen.core.job.JobKind;
import truekeen.core.quantity.Angle;
import truekeen.core.stepsheet.ChosenPlan;
import truekeen.core.stepsheet.ChosenPlan.PlannedJob;
import truekeen.core.stepsheet.ChosenPlan.PlannedLeg;
import truekeen.core.stepsheet.ChosenPlan.Predicted;

/**
 * A chosen plan as it is stored, without its steps. Before versions were kept, all that the screen showed was stored; of
 * that the same parts are read, and the rest is passed over.
 */
record StoredPlan(
        String scope,
        double primaryDeg,
        double lastDeg,
        double edgeLengthMm,
        double lostMm,
        double secondaryWidthMm,
        double volumeMm3,
        Map<String, Double> after,
        StoredMinutes minutes,
        List<StoredJob> jobs,
        String stropId) {
    /** The plan without its steps. */
    static final StoredFormat<StoredPlan, ChosenPlan> FORMAT = StoredFormat.of(
            "plan.snapshot", StoredPlan.class, StoredPlan::toCore, StoredPlan::of, StoredFormat::asItWas);

    record StoredMinutes(double low, double value, double high) {}

    record StoredJob(String kind, double volumeMm3, List<StoredLeg> legs) {}

    record StoredLeg(
            String abrasiveId,
            String name,
            double d50Um,
            int strokes,
            int strokesLow,
            int strokesHigh,
            double seconds,
            double volumeMm3,
            double scratchAfterUm) {}

    private static StoredPlan of(ChosenPlan p) {
        return new StoredPlan(
                p.scope().name(),
                p.primary().degrees(),
                p.last().degrees(),
                p.edgeLengthMm(),
                p.lostMm(),
                p.honedWidthMm(),
                p.volumeMm3(),
                p.after(),
                new StoredMinutes(
                        p.minutes().low(), p.minutes().value(), p.minutes().high()),
                p.jobs().stream()
                        .map(j -> new StoredJob(
                                j.kind().name(),
                                j.volumeMm3(),
                                j.legs().stream()
                                        .map(l -> new StoredLeg(
                                                l.abrasiveId(),
                                                l.name(),
                                                l.d50Um(),
                                                l.strokes(),
                                                l.strokesLow(),
                                                l.strokesHigh(),
                                                l.seconds(),
                                                l.volumeMm3(),
                                                l.scratchAfterUm()))
                                        .toList()))
                        .toList(),
                p.stropId().orElse(""));
    }

    private ChosenPlan toCore() {
        if (!(edgeLengthMm > 0) || !(lastDeg > 0)) {
            throw new IllegalArgumentException("a plan without an edge or an angle");
        }
        return new ChosenPlan(
                Scope.valueOf(scope),
                Angle.ofDegrees(primaryDeg),
                Angle.ofDegrees(lastDeg),
                edgeLengthMm,
                lostMm,
                secondaryWidthMm,
                volumeMm3,
                after == null ? Map.of() : after,
                new Predicted(minutes.low, minutes.value, minutes.high),
                jobs.stream()
                        .map(j -> new PlannedJob(
                                JobKind.valueOf(j.kind),
                                j.volumeMm3,
                                j.legs.stream()
                                        .map(l -> new PlannedLeg(
                                                l.abrasiveId,
                                                l.name,
                                                l.d50Um,
                                                l.strokes,
                                                l.strokesLow,
                                                l.strokesHigh,
                                                l.seconds,
                                                l.volumeMm3,
                                                l.scratchAfterUm))
                                        .toList()))
                        .toList(),
                Optional.ofNullable(stropId).filter(id -> !id.isEmpty()),
                List.of());
    }
}
