package truekeen.app.plan;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import truekeen.app.platform.AdviceView;
import truekeen.app.repair.RepairRecords.HeatView;
import truekeen.core.holding.Scheme;

/** What the plan shows and takes. */
public final class PlanRecords {
    private PlanRecords() {}

    /**
     * What is asked.
     *
     * @param grindOn id of the wheel or belt that is to shape the primary; empty for stones alone
     */
    public record PlanForm(String grindOn) {}

    /** One abrasive's part: strokes as planned and as a range of one standard deviation. */
    public record LegView(
            String abrasiveId,
            String name,
            double d50Um,
            int strokes,
            int strokesLow,
            int strokesHigh,
            double seconds,
            double forceN,
            double volumeMm3,
            double scratchBeforeUm,
            double scratchAfterUm,
            int flattenings,
            double waitSeconds,
            boolean degrease,
            AdviceView why) {}

    /** An abrasive left out, and what it would have cost (s). */
    public record PassedView(
            String abrasiveId, String name, double d50Um, boolean usable, double wouldCostSeconds, String why) {}

    /** One job. */
    public record JobView(
            String kind,
            String title,
            double volumeMm3,
            double areaMm2,
            double depthUm,
            double startScratchUm,
            @Nullable Double finestUm,
            @Nullable Double usualUm,
            @Nullable Double coarsestUm,
            List<LegView> legs,
            List<PassedView> passedOver,
            List<String> flags,
            double seconds) {}

    /** A wheel or belt that could shape the primary. */
    public record OfferView(
            String abrasiveId,
            String name,
            double leastSeconds,
            double mostSeconds,
            boolean chosen,
            @Nullable HeatView heat) {}

    /**
     * One step of the sheet.
     *
     * @param settingName what is set in this step, or empty
     * @param setting the number to set, in its unit
     * @param scheme the drawing of it
     */
    public record StepView(
            String kind,
            String title,
            String abrasiveId,
            String abrasiveName,
            double fromMm,
            double toMm,
            @Nullable Double angleDeg,
            String settingName,
            @Nullable Double setting,
            String settingUnit,
            @Nullable Scheme scheme,
            @Nullable Double forceN,
            String pressure,
            List<String> sides,
            int strokes,
            int strokesLow,
            int strokesHigh,
            double seconds,
            String lubricant,
            String look,
            String gate,
            String ifNot,
            String burr,
            String why,
            String caution) {}

    /** A plan. */
    public record PlanView(
            String scope,
            String scopeWords,
            List<String> reasons,
            double edgeLengthMm,
            double primaryDeg,
            double lastDeg,
            double lostMm,
            double secondaryWidthMm,
            Map<String, Double> after,
            double volumeMm3,
            AdviceView minutes,
            List<JobView> jobs,
            List<OfferView> offers,
            String stropId,
            String stropName,
            String stropNote,
            List<StepView> steps) {}

    /** A plan that was chosen. */
    public record SavedPlan(UUID id, UUID toolId, UUID surveyId, UUID setupId, String madeAt, PlanView plan) {}

    /** The newest plan of a tool, if it has one. */
    public record LatestPlan(@Nullable SavedPlan plan) {}
}
