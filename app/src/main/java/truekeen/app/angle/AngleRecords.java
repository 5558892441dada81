package truekeen.app.angle;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import truekeen.app.kit.KitRecords.GuideView;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.SectionView;
import truekeen.app.survey.SurveyRecords.HistoryView;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.app.tool.ToolRecords.TradeView;

/** What the angle stage shows and takes. */
public final class AngleRecords {
    private AngleRecords() {}

    /**
     * What is asked. All but the names may be empty, to take the advice or to go without.
     *
     * @param trade the tool and the work it is put to; empty for what was said at the door
     * @param primary primary as typed
     * @param last last bevel as typed
     * @param backBevel back bevel as typed; empty for what the tool has, "0" for none
     * @param ruleThickness a thin rule that is to lift the back
     * @param ruleReach how far its edge lies from the edge of the iron
     * @param wheelDiameter wheel that is to grind the primary hollow; empty for what the tool has, "0" for flat
     * @param camber camber below the sole; empty for the usual one, "0" for none
     * @param shaving depth of cut at the middle of the shaving
     * @param strokes strokes to be shared over the stations of a camber
     * @param otherPrimary primary of a second candidate, laid beside the first
     * @param otherLast last bevel of that candidate
     * @param guideId the guide; empty for the first that fits, HAND for none
     * @param name name of the set-up, when it is saved
     * @param version version of the set-up of that name this is based on; 0 for a new one
     */
    public record AngleForm(
            String trade,
            String primary,
            String last,
            String backBevel,
            String ruleThickness,
            String ruleReach,
            String wheelDiameter,
            String camber,
            String shaving,
            String strokes,
            String otherPrimary,
            String otherLast,
            String guideId,
            String name,
            long version) {

        /** A form that takes every advice and is held as given. */
        public static AngleForm advised(String primary, String last, String guideId, String name) {
            return new AngleForm("", primary, last, "", "", "", "", "", "", "", "", "", guideId, name, 0);
        }
    }

    /**
     * One setting of a guide.
     *
     * @param bevel "primary" or "secondary"
     * @param projection the projection to set, with its why
     * @param degreesPerHalfMm change of angle for half a millimetre (°)
     * @param tolerance that in words
     */
    public record SettingView(
            String bevel, double angleDeg, AdviceView projection, double degreesPerHalfMm, String tolerance) {}

    /**
     * A number of the geometry, with its why.
     *
     * @param group what it belongs to: edge, plane, camber, hollow, wear
     * @param words it in plain words, where a number alone would not do
     */
    public record FigureView(String group, AdviceView advice, String words) {}

    /** Strokes at the five stations, left corner to right corner. */
    public record StationsView(AdviceView strokes, List<Integer> shaping, List<Integer> refining) {}

    /** What a pair of bevels comes to. */
    public record CandidateView(
            double primaryDeg,
            double lastDeg,
            double includedDeg,
            double honedWidthMm,
            AdviceView lost,
            AdviceView volume,
            int honingsLeft,
            String work,
            SectionView section) {}

    /**
     * The answer.
     *
     * @param convention words that say how angles are measured
     * @param advisedPrimaryDeg what is advised, before anything typed
     * @param usualPrimaryDeg the usual primary for the work, where the present one is kept
     * @param floorDeg lowest sound last bevel of the steel (°), where the tool has an apex
     * @param warnings what to know before going on
     * @param cambers whether a camber is asked for at all
     * @param hollows whether hollow grinding is offered
     * @param backBevels whether a back bevel is allowed
     * @param thinRule whether the house takes it from a thin rule
     * @param guided whether a guide can hold the tool
     */
    public record AngleAnswer(
            List<Echo> echoes,
            List<FaultView> faults,
            String trade,
            String convention,
            double advisedPrimaryDeg,
            double advisedLastDeg,
            double usualPrimaryDeg,
            double primaryLowDeg,
            double primaryHighDeg,
            double stepMaxDeg,
            @Nullable Double floorDeg,
            String steel,
            List<String> reasons,
            HistoryView history,
            List<String> warnings,
            boolean cambers,
            boolean hollows,
            boolean backBevels,
            boolean thinRule,
            boolean guided,
            @Nullable AdviceView lastBevel,
            @Nullable AdviceView included,
            @Nullable Double perSideDeg,
            @Nullable CandidateView chosen,
            @Nullable CandidateView other,
            List<FigureView> figures,
            @Nullable StationsView stations,
            String guideId,
            List<SettingView> settings) {}

    /** What there is to choose from. */
    public record AngleChoices(List<TradeView> trades, List<GuideView> guides, @Nullable SetupView current) {}

    /** A set-up as it was saved; without a guide it is held by hand. */
    public record SetupView(
            UUID id,
            String name,
            String trade,
            double primaryDeg,
            double lastDeg,
            @Nullable Double backDeg,
            @Nullable Double wheelMm,
            @Nullable Double camberMm,
            @Nullable UUID guideId,
            String guide,
            @Nullable Double projectionPrimaryMm,
            @Nullable Double projectionLastMm,
            String madeAt,
            AngleForm typed,
            long version) {}
}
