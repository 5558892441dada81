package truekeen.core.section;

import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A bevel that a wheel left hollow. The chord runs from the apex to the heel; at the edge the steel stands at less than
 * the chord, at the heel at more. Source: derived here.
 *
 * @param thickness T of the blade, which the bevel spans
 * @param wheel diameter of the wheel
 * @param chord β_c, angle of the chord from the back
 */
public record HollowGrind(Length thickness, Length wheel, Angle chord) {

    /** Refuses a chord as long as the wheel is wide, L ≥ 2R. */
    public HollowGrind {
        double length = thickness.mm() / chord.sin();
        if (!(length < wheel.mm())) {
            throw new RefusedException(Refusal.of(MessageCode.WHEEL_TOO_SMALL, "wheelDiameter", wheel)
                    .with("low", Length.ofMm(length)));
        }
    }

    /**
     * The hollow that stands at a wanted angle at the very edge, straight off the wheel.
     *
     * @param edge the angle at the edge
     * @throws RefusedException when the wheel is too small for any
     */
    public static HollowGrind withEdge(Length thickness, Length wheel, Angle edge) {
        // The chord lies between the edge angle itself, on a flat wheel, and where the bevel would span the wheel.
        double low = Math.max(edge.radians(), Math.asin(Math.min(1, thickness.over(wheel))) * (1 + 1e-12));
        double high = Math.PI / 2;
        java.util.function.DoubleUnaryOperator off =
                c -> c - Math.asin(Math.min(1, thickness.mm() / (wheel.mm() * Math.sin(c)))) - edge.radians();
        if (off.applyAsDouble(low) > 0 || off.applyAsDouble(high) < 0) {
            throw new RefusedException(Refusal.of(MessageCode.WHEEL_TOO_SMALL, "wheelDiameter", wheel)
                    .with("low", thickness.dividedBy(edge.sin())));
        }
        double chord = new BracketingNthOrderBrentSolver(1e-14, 5).solve(200, off::applyAsDouble, low, high);
        return new HollowGrind(thickness, wheel, Angle.ofRadians(chord));
    }

    /** Length of the chord, {@code L = T/sin β_c}. */
    public Length chordLength() {
        return thickness.dividedBy(chord.sin());
    }

    /** δ, what the steel turns between chord and either end: {@code asin(L/2R)}. */
    public Angle turn() {
        return Angle.ofRadians(Math.asin(chordLength().mm() / wheel.mm()));
    }

    /** Angle of the steel at the edge, β_c − δ. */
    public Angle edge() {
        return chord.minus(turn());
    }

    /** Angle of the steel at the heel, β_c + δ. */
    public Angle heel() {
        return chord.plus(turn());
    }

    /** Depth of the hollow, normal to the chord: {@code R − √(R² − L²/4)}. */
    public Length depth() {
        double radius = wheel.mm() / 2;
        double half = chordLength().mm() / 2;
        // The difference of two nearly equal numbers, written so that a large wheel loses no digits.
        return Length.ofMm(half * half / (radius + Math.sqrt(radius * radius - half * half)));
    }

    /** Recession along the back until honing flat on heel and edge has used the hollow up: {@code depth/sin β_c}. */
    public Length recessionUntilGone() {
        return depth().dividedBy(chord.sin());
    }

    /**
     * Honings until the hollow is gone.
     *
     * @param perHoning recession of one honing, more than zero
     */
    public double honings(Length perHoning) {
        return recessionUntilGone().mm() / perHoning.mm();
    }
}
