package truekeen.app.kit;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import truekeen.app.platform.OneOf;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.Wheel;
import truekeen.core.tool.Measure;

/** What the kit shows and takes of things that hold an angle, and of wheels. */
public final class HolderRecords {
    private HolderRecords() {}

    /** One thing a kind of holder is measured by. */
    public record PartView(String field, String label, Measure measure, boolean needed, String where) {}

    /** A kind of holder to choose from. */
    public record HolderKindView(
            HolderKind key,
            String words,
            String sets,
            String meaning,
            boolean onWheel,
            boolean blocks,
            List<PartView> parts) {}

    /**
     * What is typed for a holder.
     *
     * @param parts its dimensions by field, in any unit
     * @param blocks lengths of stop blocks, with commas; guides only
     * @param wheelId the wheel it stands before, or empty
     */
    public record HolderForm(
            String name,
            @OneOf(HolderKind.class) String kind,
            Map<String, String> parts,
            String blocks,
            String wheelId,
            String note,
            long version) {}

    /**
     * A holder of which is known what its settings give: what is printed on it, angles that were measured, stop blocks.
     *
     * @param pairs a setting (a projection, a gap, a tilt) and the angle it gives, one at least; none for a guide taken
     *     as usual
     * @param thickness of the blade they hold for; counts for guides that grip by the bevel side
     * @param wheelId the wheel that a rest or a bar stands before; empty for guides
     * @param parts what else of its dimensions is known; none is needed for guides
     */
    public record TaughtForm(
            String name,
            @OneOf(HolderKind.class) String kind,
            String thickness,
            List<PairForm> pairs,
            String wheelId,
            Map<String, String> parts,
            String note) {}

    /** A measure as it is told. */
    public record MeasureLine(String label, String value) {}

    /**
     * A holder.
     *
     * @param parts its dimensions (mm, °)
     * @param typed the same as they were typed
     * @param calibration what measured pairs told, if it was calibrated
     */
    public record HolderView(
            UUID id,
            String name,
            HolderKind kind,
            String kindWords,
            String sets,
            Map<String, Double> parts,
            Map<String, String> typed,
            List<MeasureLine> measures,
            List<Double> blocksMm,
            String blocksTyped,
            @Nullable UUID wheelId,
            String wheel,
            String note,
            @Nullable CalibrationView calibration,
            @Nullable Instant calibratedAt,
            long version) {}

    /** One measured pair as typed: the projection set, and the angle it gave. */
    public record PairForm(String projection, String angle) {}

    /**
     * Measured pairs of a guide.
     *
     * @param thickness of the blade they were measured with; counts for guides that grip by the bevel side
     */
    public record CalibrationForm(String rollerRadius, String thickness, List<PairForm> pairs, long version) {}

    /**
     * A pair with what the guide so fitted makes of it.
     *
     * @param writtenDeg what the guide as it was written down so far gives
     * @param residualDeg model less measured
     * @param errorDeg standard error of the angle there
     */
    public record PairView(
            double projectionMm,
            double angleDeg,
            @Nullable Double writtenDeg,
            double modelDeg,
            double residualDeg,
            double errorDeg) {}

    /** A fault beside its field. */
    public record FieldFault(String field, String message) {}

    /**
     * What pairs tell.
     *
     * @param ready whether it can be taken
     */
    public record CalibrationView(
            boolean ready,
            @Nullable Double axleBelowMm,
            @Nullable Double setbackMm,
            @Nullable Double condition,
            @Nullable Double spreadDeg,
            @Nullable Double worstErrorDeg,
            List<PairView> pairs,
            List<String> warnings,
            String words,
            List<FieldFault> faults) {}

    /** What is typed for a wheel. */
    public record WheelForm(
            String name,
            @OneOf(Wheel.Kind.class) String kind,
            String diameter,
            String perMinute,
            String marked,
            String note,
            long version) {}

    /** A wheel's diameter after a truing. */
    public record TruingView(Instant at, double diameterMm, String person) {}

    /** A wheel. */
    public record WheelView(
            UUID id,
            String name,
            Wheel.Kind kind,
            String kindWords,
            double diameterMm,
            @Nullable Double perMinute,
            @Nullable Double markedMs,
            @Nullable Double speedMs,
            String note,
            List<TruingView> truings,
            List<String> holders,
            long version) {}

    /** A kind of wheel to choose from. */
    public record WheelKindView(Wheel.Kind key, String words) {}

    /**
     * A truing as typed.
     *
     * @param fresh whether a new wheel was put on
     */
    public record TruingForm(String diameter, String person, boolean fresh, long version) {}

    /** A set-up whose setting changed because what it is held by did. */
    public record RestatedView(UUID toolId, String tool, String setup, String words) {}

    /** A change of a wheel or a guide, with the set-ups that followed it. */
    public record ChangedView(@Nullable WheelView wheel, @Nullable HolderView holder, List<RestatedView> restated) {}
}
