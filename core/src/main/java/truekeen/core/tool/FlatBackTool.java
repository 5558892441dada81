package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * The dimensions of a tool with a flat back, as it is now. Angles are from the back, perpendicular to the edge.
 *
 * @param width across the blade
 * @param thickness of the blade at the heel of the bevel
 * @param usableLength steel from the edge to where the blade can no longer be sharpened at all
 * @param retireLength length below which it is retired
 * @param primary present primary bevel
 * @param secondary present secondary bevel, if it has one
 * @param secondaryWidth width of that bevel along its face
 * @param skew how far the edge is turned from square to the blade; zero for a square end
 */
public record FlatBackTool(
        Length width,
        Length thickness,
        Length usableLength,
        Length retireLength,
        Angle primary,
        Optional<Angle> secondary,
        Optional<Length> secondaryWidth,
        Angle skew) {

    /** Length of the edge itself (mm): the width, drawn out by the skew. */
    public double edgeLengthMm() {
        return width.mm() / skew.cos();
    }

    /** Steel left to sharpen (mm): usable length down to the retire limit. */
    public double steelLeftMm() {
        return usableLength.mm() - retireLength.mm();
    }

    /** The bevel that meets the wood: the secondary where there is one. */
    public Angle lastBevel() {
        return secondary.orElse(primary);
    }

    /**
     * Notes every fault of the dimensions, each at the field of that name. Limits are those of tools that exist:
     * they catch a slip of the unit, not a taste.
     */
    public void check(Checks checks) {
        checkRanges(checks, width, thickness, usableLength, retireLength, primary, skew);
        checks.require(retireLength.mm() < usableLength.mm(), () -> Refusal.of(
                        MessageCode.RETIRE_NOT_BELOW_LENGTH, "retireLength", retireLength)
                .with("high", usableLength));
        secondary.ifPresent(angle -> {
            checks.within("secondary", "A secondary angle", angle.degrees(), 5, 75, "°");
            checks.require(angle.compareTo(primary) > 0, () -> Refusal.of(
                            MessageCode.SECONDARY_NOT_ABOVE_PRIMARY, "secondary", angle)
                    .with("low", primary));
        });
        secondaryWidth.ifPresent(
                wide -> checks.within("secondaryWidth", "A secondary width", wide.mm(), 0.01, faceMm(), " mm"));
        checks.require(
                secondary.isPresent() == secondaryWidth.isPresent(),
                () -> Refusal.of(
                        MessageCode.SECONDARY_PAIR, secondary.isPresent() ? "secondaryWidth" : "secondary", ""));
    }

    /** The ranges alone, each field for itself; a field that could not be read is null and passed over. */
    public static void checkRanges(
            Checks checks,
            Length width,
            Length thickness,
            Length usableLength,
            Length retireLength,
            Angle primary,
            Angle skew) {
        checks.within("width", "A width", mm(width), 1, 150, " mm");
        checks.within("thickness", "A thickness", mm(thickness), 0.5, 25, " mm");
        checks.within("usableLength", "A usable length", mm(usableLength), 1, 400, " mm");
        checks.within("retireLength", "A retire limit", mm(retireLength), 0, 399, " mm");
        checks.within("primary", "A primary angle", primary == null ? null : primary.degrees(), 5, 60, "°");
        checks.within("skew", "A skew", skew == null ? null : skew.degrees(), 0, 60, "°");
    }

    private static Double mm(Length length) {
        return length == null ? null : (Double) length.mm();
    }

    private double faceMm() {
        return thickness.mm() / secondary.orElse(primary).sin();
    }
}
