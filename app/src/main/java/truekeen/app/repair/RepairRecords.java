package truekeen.app.repair;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.OneOf;
import truekeen.app.platform.SectionView;
import truekeen.app.survey.SurveyRecords.ResultView;
import truekeen.core.condition.Occasion;
import truekeen.core.repair.BackWork;
import truekeen.core.repair.GrindAct;
import truekeen.core.repair.Means;
import truekeen.core.repair.MeansEstimate;
import truekeen.core.repair.Overheated;

/** What the repair page shows and takes. */
public final class RepairRecords {
    private RepairRecords() {}

    /**
     * How hot an edge gets, as an estimate on the safe side.
     *
     * @param limitC what the edge is kept below (°C)
     * @param sharp seconds of light contact of a sharp edge, in words
     * @param bluntAlike the same for an edge ground blunt first, at the same pressure
     * @param blunt the same at working pressure
     * @param why the first of these with its why; none where it is longer than is looked at
     * @param finger why a finger cannot warn, or empty
     * @param dip the rhythm of dipping
     */
    public record HeatView(
            double limitC,
            String sharp,
            String bluntAlike,
            String blunt,
            @Nullable AdviceView why,
            String finger,
            String dip) {}

    /** Temperature of the edge (°C) at a time of contact (s). */
    public record MomentView(double seconds, double celsius) {}

    /**
     * The run of temperature in one way of grinding, until the limit.
     *
     * @param name what is ground
     * @param hotMm how far behind the edge it is at 100 °C at the end (mm)
     */
    public record CurveView(String name, double hotMm, List<MomentView> moments) {}

    /**
     * A means of taking the shaping off.
     *
     * @param pieceId what it would be done on; null where nothing of the kind is owned
     * @param reason why not, or what to know
     * @param time how long, as a range with its why; null where it cannot be done
     * @param decides what to decide for it to be the plan: the id of its piece, BY_HAND, or empty where it cannot be
     * @param contactSeconds seconds a finished edge may touch it at the faster removal
     */
    public record MeansView(
            Means means,
            String words,
            @Nullable UUID pieceId,
            String piece,
            boolean allowed,
            String reason,
            @Nullable AdviceView time,
            MeansEstimate.Risk risk,
            String riskWords,
            @Nullable Double contactSeconds,
            String profile,
            boolean powered,
            boolean advised,
            String decides) {}

    /** One act of the grinding (s, mm³). */
    public record ActView(
            GrindAct.Kind kind,
            String title,
            String words,
            String until,
            double volumeMm3,
            @Nullable Double leastSeconds,
            @Nullable Double mostSeconds,
            String dip,
            List<String> cautions) {}

    /** The grinding plan on one machine. */
    public record GrindView(
            Means means,
            String piece,
            double lineMm,
            double bluntMm3,
            List<ActView> acts,
            int dipPasses,
            double passSeconds,
            String dip,
            @Nullable HeatView heat,
            List<CurveView> curves) {}

    /**
     * A way to deal with a damaged back.
     *
     * @param decision what to decide for the plan to go this way; null where that cannot be decided
     */
    public record BackOptionView(
            BackWork.Way way,
            String words,
            boolean allowed,
            String reason,
            double depthMm,
            double volumeMm3,
            double lostMm,
            @Nullable Double angleDeg,
            @Nullable Double leastSeconds,
            @Nullable Double mostSeconds,
            boolean decided,
            @Nullable Occasion.BackDecision decision) {}

    /**
     * What is decided here about the newest survey; what is left out stays as it was.
     *
     * @param back FLATTEN, BACK_BEVEL, PAST_THE_PITS or LEAVE
     * @param grindOn id of a wheel, belt or file, BY_HAND, or empty for what the house would take
     */
    public record DecisionForm(@Nullable @OneOf(Occasion.BackDecision.class) String back, @Nullable String grindOn) {}

    /** The work on the back. */
    public record BackView(
            double stripMm,
            double depthMm,
            @Nullable AdviceView steel,
            List<String> acts,
            List<BackOptionView> options) {}

    /** Something that may be seen at the wheel; a colour is asked how far it reaches. */
    public record SignView(Overheated.Sign sign, String words, boolean colour) {}

    /**
     * The repair of a tool.
     *
     * @param result what must go, as the newest survey found it
     * @param house from when on the house takes a machine, in words
     * @param by the machine the grinding plan is for, or empty
     * @param grind that plan; null where nothing is ground, or no machine is chosen
     * @param grindOn what the plan does the big shaping on: the id of a machine, or BY_HAND
     * @param refused why there is no plan on that machine, or empty
     */
    public record RepairView(
            ResultView result,
            SectionView section,
            List<MeansView> means,
            String house,
            String by,
            @Nullable GrindView grind,
            String refused,
            @Nullable BackView back,
            String grindOn) {}

    /**
     * What was seen at the wheel.
     *
     * @param sign STEAM or a colour
     * @param extent how far behind the edge the colour reaches, as typed
     * @param passes passes between dips so far, where they were counted
     */
    public record SeenForm(@OneOf(Overheated.Sign.class) String sign, String extent, int passes) {}

    /** What to do now. */
    public record SeenView(Overheated.Drawn drawn, @Nullable AdviceView past, String act, String why, String dip) {}
}
