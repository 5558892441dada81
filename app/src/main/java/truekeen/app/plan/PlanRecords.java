package truekeen.app.plan;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import truekeen.app.kit.KitRecords.CareView;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.OneOf;
import truekeen.app.repair.RepairRecords.HeatView;
import truekeen.core.condition.Scope;
import truekeen.core.holding.Scheme;
import truekeen.core.job.JobKind;
import truekeen.core.progression.Answer;
import truekeen.core.rule.School;
import truekeen.core.stepsheet.RuleCost;
import truekeen.core.stepsheet.Step;
import truekeen.core.stepsheet.TooMuchByHand;

/** What the plan shows and takes. */
public final class PlanRecords {
    private PlanRecords() {}

    /**
     * What is asked.
     *
     * @param grindOn id of the wheel or belt that is to shape the primary; empty for stones alone
     * @param person who will do it; empty where nobody said
     * @param answer LEAST_TIME, FEWEST, GENTLEST or MY_WAY; empty for the first
     * @param without rungs to leave on the shelf
     * @param through rungs to use
     * @param strop id of the strop to end on, NONE for none; empty for what follows the last stone
     */
    public record PlanForm(
            String grindOn,
            String person,
            @OneOf(value = Answer.class, orNone = true) String answer,
            List<RungForm> without,
            List<RungForm> through,
            @Nullable String strop) {}

    /** A strop that is owned. */
    public record StropView(String id, String name) {}

    /** An abrasive in one job: BACK, PRIMARY or SECONDARY. */
    public record RungForm(@OneOf(JobKind.class) String job, String abrasiveId) {}

    /** The stones a work is always done on, coarse first. */
    public record WayForm(String person, List<String> stones) {}

    /** The same, as it is kept; empty where nothing is. */
    public record WayView(List<String> stones, List<String> names) {}

    /**
     * One answer to a job: what it takes, against the others.
     *
     * @param seconds on its stones
     * @param wholeSeconds of the whole sheet if it is taken: setting, burr and strop with it
     */
    public record AnswerView(
            Answer answer,
            String words,
            String meaning,
            List<String> stones,
            int strokes,
            double seconds,
            double wholeSeconds,
            double volumeMm3,
            String note,
            boolean chosen) {}

    /** One school on this tool. */
    public record SchoolView(
            School school,
            String words,
            String meaning,
            double minutes,
            int strokes,
            double honedMm2,
            List<String> stones,
            List<String> because,
            List<StepView> steps,
            String refused) {}

    /**
     * What one option of a house rule would cost or save.
     *
     * @param option its key
     * @param shown where it shows; only what two plans show is counted here
     * @param tools what it makes of each tool, against what holds now; less than zero is saved
     */
    public record RuleCostView(String option, RuleCost.Shown shown, List<RuleCost.OnTool> tools) {}

    /**
     * What a house rule costs on this bench.
     *
     * @param tools the tools it was tried on, those planned last, one of a kind; empty where nothing is planned
     * @param options every option
     */
    public record RuleCostsView(List<String> tools, List<RuleCostView> options) {}

    /** All schools on this tool. */
    public record SchoolsView(List<SchoolView> schools) {}

    /** What one abrasive more would do; minutes saved as a range, two hands in three. */
    public record GainView(
            String kind,
            double d50Um,
            double minutesLow,
            double minutesHigh,
            List<String> possible,
            List<String> finished,
            List<String> quicker) {}

    /** What would help most, over so many tools that wait. */
    public record GainsView(int tools, List<GainView> gains) {}

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
            String evidence,
            AdviceView why) {}

    /**
     * An abrasive left out; one out of use is shown only where that is asked for.
     *
     * @param wouldCostSeconds what it would have cost (s)
     * @param tooWide whether it takes a step between two abrasives that is too wide
     */
    public record PassedView(
            String abrasiveId,
            String name,
            double d50Um,
            boolean usable,
            double wouldCostSeconds,
            boolean tooWide,
            String why,
            boolean askable,
            boolean outOfUse) {}

    /**
     * One job.
     *
     * @param leastFirstUm least grain that its depth asks to be started on (µm)
     */
    public record JobView(
            JobKind kind,
            String title,
            double volumeMm3,
            double areaMm2,
            double depthUm,
            double startScratchUm,
            double leastFirstUm,
            @Nullable Double finestUm,
            @Nullable Double usualUm,
            @Nullable Double coarsestUm,
            List<LegView> legs,
            List<PassedView> passedOver,
            List<String> flags,
            double seconds,
            double freelySeconds,
            Answer answered,
            List<AnswerView> answers) {}

    /**
     * What could shape the primary, or the edges of a machine's blade.
     *
     * @param passes whether it is counted in passes under power, not in strokes
     */
    public record OfferView(
            String abrasiveId,
            String name,
            boolean passes,
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
            Step.Kind kind,
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
            List<Step.Side> sides,
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
            String caution,
            List<String> how,
            List<Integer> stations,
            int setOf,
            Step.Intent intent) {
        /** Plans of older versions were kept without the last ones. */
        public StepView {
            how = how == null ? List.of() : how;
            stations = stations == null ? List.of() : stations;
        }
    }

    /**
     * One job of the plan, in its order.
     *
     * @param words what face it works
     * @param angleDeg the angle it is worked at (°); empty where the face lies on the stone by itself
     * @param by what it is done on, in order
     * @param strokes whole strokes in all; 0 where a machine does it
     * @param seconds its time
     */
    public record PieceView(
            JobKind kind,
            String words,
            @Nullable Double angleDeg,
            double volumeMm3,
            List<String> by,
            int strokes,
            double seconds) {}

    /**
     * A way out of a plan that asks too much of hands.
     *
     * @param subject what to change for it: a field of the survey, or the id of a machine; else empty
     */
    public record WayOutView(TooMuchByHand.Way way, String words, double savesMinutes, int strokes, String subject) {}

    /**
     * What is said first of a plan that asks too much of hands, or twice what it would without one thing that is asked.
     *
     * @param tooMuch whether it is too much by hand; else it is only dear for what it is
     */
    public record TooMuchView(boolean tooMuch, String words, int strokes, double minutes, List<WayOutView> ways) {}

    /**
     * A plan.
     *
     * @param strops every strop that is owned, to choose another
     * @param powered whether it is a machine's blade, whose edges all get the same
     * @param tooMuch what is said first where it asks too much of hands
     * @param pieces all jobs in their order
     */
    public record PlanView(
            boolean powered,
            Scope scope,
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
            List<StropView> strops,
            List<CareView> preparation,
            List<StepView> steps,
            @Nullable TooMuchView tooMuch,
            List<PieceView> pieces) {}

    /** A time predicted: low, likely, high (min). */
    public record PredictedView(double low, double value, double high) {}

    /** One abrasive's part of a chosen plan. */
    public record ChosenLegView(
            String abrasiveId,
            String name,
            double d50Um,
            int strokes,
            int strokesLow,
            int strokesHigh,
            double seconds,
            double volumeMm3,
            double scratchAfterUm) {}

    /** One job of a chosen plan. */
    public record ChosenJobView(JobKind kind, double volumeMm3, List<ChosenLegView> legs) {}

    /** A plan as it was chosen: it stays so, whatever happens to the shelf. */
    public record ChosenPlanView(
            Scope scope,
            String scopeWords,
            double edgeLengthMm,
            double primaryDeg,
            double lastDeg,
            double lostMm,
            double secondaryWidthMm,
            Map<String, Double> after,
            double volumeMm3,
            PredictedView minutes,
            List<ChosenJobView> jobs,
            String stropId,
            List<StepView> steps) {}

    /** A plan that was chosen. */
    public record SavedPlan(UUID id, UUID toolId, UUID surveyId, UUID setupId, Instant madeAt, ChosenPlanView plan) {}

    /** The newest plan of a tool, if it has one. */
    public record LatestPlan(@Nullable SavedPlan plan) {}
}
