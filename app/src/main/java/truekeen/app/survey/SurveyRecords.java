package truekeen.app.survey;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.SectionView;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;

/** What the survey shows and takes. */
public final class SurveyRecords {
    private SurveyRecords() {}

    /** One mark on the strip, its lengths as typed or as drawn. */
    public record FindingForm(String kind, String from, String to, String depth, boolean leave) {}

    /**
     * What is put down about an edge.
     *
     * @param dullness TOUCH_UP, DULL or LIGHT_VISIBLE
     * @param backDepth depth of what is wrong with the back, as typed, or empty for the usual
     * @param highCorner NONE, LEFT or RIGHT
     * @param squareOff how far out of square, as typed: an angle, or a gap over the width
     * @param squareAs ANGLE or GAP
     * @param fared how the edge fared since it was last sharpened: HELD, CHIPPED or ROLLED; empty where that is not known
     * @param basedOn id of the survey this one follows, or empty for the first
     */
    public record SurveyForm(
            List<FindingForm> findings,
            String dullness,
            boolean stropTried,
            String backState,
            String backDepth,
            String highCorner,
            String squareOff,
            String squareAs,
            boolean squareMend,
            String fared,
            String person,
            String basedOn) {}

    /** A mark as it was understood (mm from the left corner). */
    public record FindingView(String kind, double fromMm, double toMm, double depthMm, boolean leave, String words) {}

    /** One place along the edge (mm). */
    public record StationView(double xMm, double presentMm, double recessionMm) {}

    /**
     * What must go.
     *
     * @param scope one of the six scopes
     * @param scopeWords it in words
     */
    public record ResultView(
            String scope,
            String scopeWords,
            List<String> reasons,
            double newEdgeMm,
            AdviceView lost,
            AdviceView volume,
            double primaryMm3,
            double secondaryMm3,
            double backMm3,
            double usableAfterMm,
            double steelLeftMm,
            AdviceView honingsLeft,
            boolean honingsCounted,
            double honedWidthMm,
            double primaryDeg,
            double lastDeg,
            @Nullable AdviceView behindEdge,
            List<StationView> stations,
            SectionView section) {}

    /** A survey read, before it is stored. */
    public record SurveyPreview(
            List<Echo> echoes,
            List<FaultView> faults,
            List<FindingView> findings,
            double outOfSquareDeg,
            @Nullable ResultView result) {}

    /** A survey as it was taken. */
    public record SurveyView(
            UUID id,
            UUID toolId,
            String takenAt,
            String person,
            String scope,
            double lostMm,
            double volumeMm3,
            SurveyForm form,
            List<FindingView> findings,
            double outOfSquareDeg) {}

    /**
     * How an edge fared between two sharpenings.
     *
     * @param result HELD, CHIPPED or ROLLED
     * @param lastDeg the last bevel in use then
     * @param told whether it was told, rather than noted with a survey
     */
    public record OutcomeView(UUID id, String at, String result, double lastDeg, boolean told) {}

    /** What is told of an edge's past: the result, and the last bevel in use then as typed, empty for the present one. */
    public record OutcomeForm(String result, String last) {}

    /** The past of an edge: what happened, oldest first, and how much that is in words. */
    public record HistoryView(List<OutcomeView> outcomes, String evidence, @Nullable Double wantedDeg) {}

    /** The edge as the newest survey found it, for the strip at the head of every page. */
    public record EdgeOnStrip(List<FindingView> findings, List<StationView> stations) {
        /** An edge of which nothing is known. */
        public static final EdgeOnStrip NONE = new EdgeOnStrip(List.of(), List.of());
    }

    /** The newest survey of a tool, if it has one. */
    public record LatestSurvey(@Nullable SurveyView survey) {}
}
