package truekeen.app.angle;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import truekeen.app.kit.HolderRecords.HolderView;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.SectionView;
import truekeen.app.survey.SurveyRecords.HistoryView;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.app.tool.ToolRecords.TradeView;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.Scheme;
import truekeen.core.holding.SetBevel;

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
     * @param holderId what holds it; empty for the first that fits and the house prefers, HAND for the bare hand
     * @param standsAt how it is set now, to be told what angle that gives; empty where that is not asked
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
            String holderId,
            String standsAt,
            String name,
            long version) {

        /** A form that takes every advice and is held as given. */
        public static AngleForm advised(String primary, String last, String holderId, String name) {
            return new AngleForm("", primary, last, "", "", "", "", "", "", "", "", "", holderId, "", name, 0);
        }
    }

    /**
     * A figure beside a setting.
     *
     * @param nearest whether it is what comes nearest to it of whole blocks or pieces
     */
    public record AsideView(AdviceView advice, String words, boolean nearest) {}

    /**
     * One setting.
     *
     * @param bevel the bevel it is for
     * @param bevelWords it in words
     * @param name what is set: projection, gap, tilt…
     * @param unit mm or °
     * @param setting the number to set, with its why
     * @param degreesPerStep change of angle for what a hand may miss it by (°)
     * @param tolerance that in words
     * @param knownToDeg standard error of the angle, where the guide was calibrated (°)
     * @param where where to measure it
     * @param checks what to look at before the first stroke
     * @param scheme the drawing
     */
    public record SettingView(
            SetBevel bevel,
            String bevelWords,
            double angleDeg,
            String name,
            String unit,
            AdviceView setting,
            double degreesPerStep,
            String tolerance,
            @Nullable Double knownToDeg,
            String where,
            List<AsideView> asides,
            List<String> checks,
            Scheme scheme) {}

    /**
     * A setting as a set-up keeps it.
     *
     * @param where where to measure it; empty on old ones
     * @param scheme the drawing; none on old ones
     */
    public record KeptSetting(
            SetBevel bevel,
            String bevelWords,
            double angleDeg,
            String name,
            String unit,
            double value,
            String where,
            @Nullable Scheme scheme) {}

    /**
     * What angle a thing holds as it is set.
     *
     * @param offDeg by how much that is more than the last bevel wanted (°)
     * @param asWanted whether that is as good as nothing
     */
    public record StandsView(double value, String unit, double givesDeg, double offDeg, boolean asWanted) {}

    /**
     * The same angle on one of the things owned.
     *
     * @param holderId HAND for the bare hand
     * @param refused why it cannot hold the tool so, or empty
     */
    public record HoldingView(
            String holderId, String name, String kindWords, String refused, List<SettingView> settings) {}

    /** The same angle on everything owned. */
    public record Holdings(double primaryDeg, double lastDeg, List<HoldingView> holdings) {}

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
     * @param oneBevel why it may have no last bevel beside its primary; empty where it may
     * @param backBevels whether a back bevel is allowed
     * @param thinRule whether the house takes it from a thin rule
     * @param guided whether a guide can hold the tool
     * @param holderId what holds it, HAND for the bare hand
     * @param stands what the setting that was typed gives
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
            String oneBevel,
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
            String holderId,
            List<SettingView> settings,
            @Nullable StandsView stands) {}

    /** What there is to choose from. */
    public record AngleChoices(
            List<TradeView> trades, List<HolderView> holders, @Nullable SetupView current, List<SetupView> setups) {}

    /** Why and when a set-up's settings changed, and from what to what. */
    public record RestatedNote(Instant at, String because, String change) {}

    /** An ink check's correction that is taken. */
    public record InkTakenForm(double offDeg, long version) {}

    /**
     * A set-up as it was saved; without a holder it is held by hand.
     *
     * @param inkDeg by how much ink checks moved its settings (°)
     * @param restated what changed its settings since it was saved, oldest first
     */
    public record SetupView(
            UUID id,
            String name,
            String trade,
            double primaryDeg,
            double lastDeg,
            @Nullable Double backDeg,
            @Nullable Double wheelMm,
            @Nullable Double camberMm,
            @Nullable UUID holderId,
            String holder,
            HolderKind holderKind,
            List<KeptSetting> settings,
            double inkDeg,
            List<RestatedNote> restated,
            Instant madeAt,
            AngleForm typed,
            long version) {}
}
