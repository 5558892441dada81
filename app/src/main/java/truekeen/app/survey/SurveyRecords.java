package truekeen.app.survey;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.Form;
import truekeen.app.platform.OneOf;
import truekeen.app.platform.SectionView;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.core.angle.EdgeOutcome;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Scope;
import truekeen.core.condition.ShapeDeviations;
import truekeen.core.condition.SurveyChange;
import truekeen.core.tool.Measure;

/** What the survey shows and takes. */
public final class SurveyRecords {
    private SurveyRecords() {}

    /** How an edge out of square was measured. */
    public enum SquareAs {
        ANGLE,
        /** A gap over the width. */
        GAP
    }

    /** One mark on the strip, its lengths as typed or as drawn. */
    public record FindingForm(
            @OneOf(Finding.Kind.class) String kind,
            String from,
            String to,
            String depth,
            String behind,
            boolean leave) {
        /** What an older record does not have is empty. */
        public FindingForm {
            depth = orEmpty(depth);
            behind = orEmpty(behind);
        }

        /** Something along the edge itself. */
        public FindingForm(String kind, String from, String to, String depth, boolean leave) {
            this(kind, from, to, depth, "", leave);
        }
    }

    /** A dimension measured at a place of the edge, as typed. */
    public record MeasureForm(String field, String at, String value) {}

    /**
     * What is put down about an edge.
     *
     * @param dullness TOUCH_UP, DULL or LIGHT_VISIBLE
     * @param backDepth depth of what is wrong with the back, as typed, or empty for the usual
     * @param highCorner NONE, LEFT or RIGHT
     * @param squareOff how far out of square, as typed: an angle, or a gap over the width
     * @param squareAs ANGLE or GAP
     * @param measures dimensions that differ along the edge
     * @param unevenLeft angle of the left side, as typed; empty where both sides are alike
     * @param unevenRight angle of the right side
     * @param oldBackWidth width of an old back bevel, as typed; empty where there is none
     * @param oldBackAngle its angle
     * @param oldBackGoes KEPT, BY_THE_EDGE or BY_THE_BACK
     * @param bend gap under a straightedge, as typed; empty where it is straight
     * @param bendAccepted whether it is worked as it is, bent
     * @param fared how the edge fared since it was last sharpened: HELD, CHIPPED or ROLLED; empty where that is not known
     * @param basedOn id of the survey this one follows, or empty for the first
     */
    public record SurveyForm(
            List<FindingForm> findings,
            @OneOf(Dullness.class) String dullness,
            boolean stropTried,
            @OneOf(value = BackState.class, orNone = true) String backState,
            String backDepth,
            @OneOf(value = EdgeSurvey.HighCorner.class, orNone = true) String highCorner,
            String squareOff,
            @OneOf(value = SquareAs.class, orNone = true) String squareAs,
            boolean squareMend,
            List<MeasureForm> measures,
            String unevenLeft,
            String unevenRight,
            String oldBackWidth,
            String oldBackAngle,
            @OneOf(value = ShapeDeviations.OldBackGoes.class, orNone = true) String oldBackGoes,
            String bend,
            boolean bendAccepted,
            @OneOf(value = EdgeOutcome.Result.class, orNone = true) String fared,
            String person,
            String basedOn) {
        /** What an older record does not have is empty. */
        public SurveyForm {
            findings = findings == null ? List.of() : findings;
            measures = measures == null ? List.of() : measures;
            unevenLeft = orEmpty(unevenLeft);
            unevenRight = orEmpty(unevenRight);
            oldBackWidth = orEmpty(oldBackWidth);
            oldBackAngle = orEmpty(oldBackAngle);
            oldBackGoes = Form.blank(oldBackGoes) ? "BY_THE_EDGE" : oldBackGoes;
            bend = orEmpty(bend);
            fared = orEmpty(fared);
        }

        /** An edge of a blade that is otherwise as it was noted at the door. */
        public SurveyForm(
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
                String basedOn) {
            this(
                    findings,
                    dullness,
                    stropTried,
                    backState,
                    backDepth,
                    highCorner,
                    squareOff,
                    squareAs,
                    squareMend,
                    List.of(),
                    "",
                    "",
                    "",
                    "",
                    "",
                    "",
                    false,
                    fared,
                    person,
                    basedOn);
        }
    }

    /** A mark as it was understood (mm from the left corner). */
    public record FindingView(
            Finding.Kind kind,
            double fromMm,
            double toMm,
            double depthMm,
            double behindMm,
            boolean leave,
            String words) {}

    /**
     * What one thing asks of the new edge.
     *
     * @param subject wear, square, camber, oldBack or findings[i]
     * @param ownMm how far back it reaches by itself (mm)
     * @param lineMm where it would put the new edge (mm)
     */
    public record DemandView(
            String subject, String words, double ownMm, double lineMm, boolean decides, boolean left) {}

    /** What leaving the deciding thing in place would spare. */
    public record SparedView(String subject, String words, double lessMm, double lessMm3) {}

    /** A stretch of the edge and the steel that goes from it (mm, mm³). */
    public record RegionView(String name, double fromMm, double toMm, double volumeMm3) {}

    /** What became of something since the last look. */
    public record LookChangeView(
            SurveyChange.Kind kind, String words, @Nullable Double fromMm, @Nullable Double toMm) {}

    /**
     * A kind of finding, and what is asked about it.
     *
     * @param firstDepthMm depth it is first taken to have when it is marked; null where none is measured
     */
    public record MarkKindView(
            Finding.Kind kind, String words, boolean measured, boolean pit, @Nullable Double firstDepthMm) {}

    /** A dimension that may be measured at stations. */
    public record VaryingView(String field, String label, String how, Measure measure) {}

    /**
     * What a survey of this tool asks beyond the edge.
     *
     * @param backState how its back is taken to be before anybody looked, by what was said when it was taken in
     * @param bendHolds whether a bend must be dealt with or accepted before it is planned
     */
    public record AsksView(
            List<MarkKindView> kinds,
            List<VaryingView> varying,
            boolean uneven,
            boolean oldBack,
            BackState backState,
            boolean bendHolds) {}

    /** A stretch that a bench stone never touches (mm), where the blade is bent. */
    public record MissedView(double fromMm, double toMm, double depthMm) {}

    /** One place along the edge (mm). */
    public record StationView(double xMm, double presentMm, double recessionMm) {}

    private static String orEmpty(String text) {
        return Form.orEmpty(text);
    }

    /**
     * What must go.
     *
     * @param scope one of the six scopes
     * @param scopeWords it in words
     */
    public record ResultView(
            Scope scope,
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
            @Nullable AdviceView thinning,
            @Nullable AdviceView squaring,
            AdviceView sharpeningsLeft,
            List<DemandView> demands,
            @Nullable SparedView spared,
            List<RegionView> regions,
            List<StationView> stations,
            @Nullable MissedView missed,
            SectionView section) {}

    /** A survey read, before it is stored. */
    public record SurveyPreview(
            List<Echo> echoes,
            List<FaultView> faults,
            List<FindingView> findings,
            double outOfSquareDeg,
            List<LookChangeView> changes,
            @Nullable ResultView result) {}

    /** The blade cut through at a place, before and after. */
    public record StationSectionView(double xMm, double removedMm2, double behindAfterMm, SectionView section) {}

    /**
     * A survey as it was taken.
     *
     * @param asked work that the last test asked for, in words
     */
    public record SurveyView(
            UUID id,
            UUID toolId,
            Instant takenAt,
            String person,
            Scope scope,
            double lostMm,
            double volumeMm3,
            SurveyForm form,
            List<FindingView> findings,
            double outOfSquareDeg,
            List<String> asked) {}

    /**
     * How an edge fared between two sharpenings.
     *
     * @param result HELD, CHIPPED or ROLLED
     * @param lastDeg the last bevel in use then
     * @param told whether it was told, rather than noted with a survey
     */
    public record OutcomeView(UUID id, Instant at, EdgeOutcome.Result result, double lastDeg, boolean told) {}

    /** What is told of an edge's past: the result, and the last bevel in use then as typed, empty for the present one. */
    public record OutcomeForm(@OneOf(EdgeOutcome.Result.class) String result, String last) {}

    /** The past of an edge: what happened, oldest first, and how much that is in words. */
    public record HistoryView(List<OutcomeView> outcomes, String evidence, @Nullable Double wantedDeg) {}

    /** The newest survey of a tool, if it has one. */
    public record LatestSurvey(@Nullable SurveyView survey, AsksView asks) {}
}
