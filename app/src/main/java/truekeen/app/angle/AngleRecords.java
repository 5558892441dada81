package truekeen.app.angle;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import truekeen.app.kit.KitRecords.GuideView;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.SectionView;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.app.tool.ToolRecords.TradeView;

/** What the angle stage shows and takes. */
public final class AngleRecords {
    private AngleRecords() {}

    /**
     * What is asked.
     *
     * @param trade the tool and the work it is put to; empty for what was said at the door
     * @param primary primary as typed; empty to take the advice
     * @param last last bevel as typed; empty to take the advice
     * @param guideId the guide; empty for the first of the kit
     * @param name name of the set-up, when it is saved
     * @param version version of the set-up of that name this is based on; 0 for a new one
     */
    public record AngleForm(String trade, String primary, String last, String guideId, String name, long version) {}

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
     * The answer.
     *
     * @param advised what the tables advise, before anything typed
     * @param floorDeg lowest sound last bevel of the steel (°)
     * @param warnings what to know before going on
     */
    public record AngleAnswer(
            List<Echo> echoes,
            List<FaultView> faults,
            String trade,
            double advisedPrimaryDeg,
            double advisedLastDeg,
            double primaryLowDeg,
            double primaryHighDeg,
            double stepMaxDeg,
            double floorDeg,
            String steel,
            List<String> reasons,
            List<String> warnings,
            @Nullable Double primaryDeg,
            @Nullable Double lastDeg,
            @Nullable AdviceView lastBevel,
            String guideId,
            List<SettingView> settings,
            @Nullable SectionView section,
            double secondaryWidthMm,
            double volumeMm3,
            String cost) {}

    /** What there is to choose from. */
    public record AngleChoices(List<TradeView> trades, List<GuideView> guides, @Nullable SetupView current) {}

    /** A set-up as it was saved. */
    public record SetupView(
            UUID id,
            String name,
            String trade,
            double primaryDeg,
            double lastDeg,
            UUID guideId,
            String guide,
            double projectionPrimaryMm,
            double projectionLastMm,
            String madeAt,
            String typedPrimary,
            String typedLast,
            long version) {}
}
