package truekeen.core.section;

import java.util.List;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/** Sections of flat-back tools and the closed forms that go with them. Source: derived here. */
public final class FlatBackSection {
    private FlatBackSection() {}

    /**
     * A blade with a single flat bevel, its apex at the origin.
     *
     * @param bodyMm length of blade kept behind the heel
     */
    public static Section single(Length thickness, Angle primary, double bodyMm) {
        double heel = thickness.mm() * primary.cot();
        return new Section(
                List.of(
                        new Point(0, 0),
                        new Point(heel + bodyMm, 0),
                        new Point(heel + bodyMm, thickness.mm()),
                        new Point(heel, thickness.mm())),
                List.of(Facet.BACK, Facet.END, Facet.FACE, Facet.PRIMARY));
    }

    /**
     * A blade with a secondary bevel of the given width, its apex at the origin.
     *
     * @throws RefusedException when the secondary is not steeper, or passes the heel
     */
    public static Section withSecondary(Length thickness, Angle primary, Angle secondary, Length width, double bodyMm) {
        double recession = MicroBevel.recession(width, primary, secondary).mm();
        MicroBevel.width(Length.ofMm(recession), primary, secondary, thickness);
        Section single = single(thickness, primary, bodyMm);
        return single.within(Cutter.bevel(recession, secondary), Facet.SECONDARY)
                .get(0)
                .movedAlongBack(-recession);
    }

    /** Area that goes when the edge is moved back at the same angle (mm²): {@code e·T}. */
    public static double movedBackArea(Length recession, Length thickness) {
        return recession.mm() * thickness.mm();
    }

    /**
     * Area that goes when the bevel is turned (mm²), {@code ½T²·|cot β′ − cot β|}: lowered with the apex kept, or
     * steepened with the heel kept (steepening with the apex kept takes nothing).
     */
    public static double turnedArea(Length thickness, Angle from, Angle to) {
        return thickness.mm() * thickness.mm() / 2 * Math.abs(to.cot() - from.cot());
    }

    /** Volume that squaring an edge takes (mm³): {@code ½B²·tan φ·T}. */
    public static double squaringVolume(Length width, Angle outOfSquare, Length thickness) {
        return width.mm() * width.mm() / 2 * outOfSquare.tan() * thickness.mm();
    }

    /**
     * Angle of a bevel from its length along the face: {@code β = asin(T/L)}; on a hollow bevel this is the chord.
     *
     * @throws RefusedException when the bevel is no longer than the blade is thick
     */
    public static Angle fromBevelLength(Length thickness, Length bevel) {
        if (!(bevel.mm() > thickness.mm()) || thickness.mm() <= 0) {
            throw new RefusedException(Refusal.of(MessageCode.BEVEL_LENGTH_SHORT, "bevelLength", bevel)
                    .with("low", thickness));
        }
        return Angle.ofRadians(Math.asin(thickness.mm() / bevel.mm()));
    }

    /** How much that angle changes for a misread length (rad/mm): {@code −tan β / L}. */
    public static double bevelLengthSensitivity(Length thickness, Length bevel) {
        return -fromBevelLength(thickness, bevel).tan() / bevel.mm();
    }

    /** Angle along the axis of a skewed blade: {@code tan β_axis = tan β·cos skew}. */
    public static Angle alongAxis(Angle bevel, Angle skew) {
        return Angle.ofRadians(Math.atan(bevel.tan() * skew.cos()));
    }
}
