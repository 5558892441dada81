package truekeen.core.setup;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A support bar beside a wheel: {@code gap = √(R² + p² + a² + 2R(p·sin β + a·cos β)) − R − r_b}. Source: derived here.
 *
 * @param radius R of the wheel as it is now
 * @param reach p, along the blade's back from the edge to the foot of the bar's centre
 * @param offset a, of the bar's centre from the back plane, away from the wheel positive; from the mid-plane of a knife
 * @param barRadius r_b
 */
public record SupportBar(Length radius, Length reach, Length offset, Length barRadius) {
    /** Refuses a wheel, a reach or a bar of nothing. */
    public SupportBar {
        positive("radius", SetupWords.WHEEL_RADIUS.words(), radius);
        positive("reach", SetupWords.JIG_REACH.words(), reach);
        positive("barRadius", SetupWords.BAR_RADIUS.words(), barRadius);
    }

    /**
     * The gap between wheel and bar that gives an edge angle.
     *
     * @throws RefusedException where there would be none
     */
    public Length gap(Angle edge) {
        double r = radius.mm();
        double p = reach.mm();
        double a = offset.mm();
        double away = Math.sqrt(r * r + p * p + a * a + 2 * r * (p * edge.sin() + a * edge.cos()));
        double gap = away - r - barRadius.mm();
        if (!(gap > 0)) {
            throw new RefusedException(Refusal.of(MessageCode.NO_GAP, "reach", Length.ofMm(gap)));
        }
        return Length.ofMm(gap);
    }

    /**
     * The edge angle that a gap gives: {@code asin(K/√(p² + a²)) − atan2(a, p)}, {@code K = ((g + R + r_b)² − R² − p² −
     * a²)/2R}.
     *
     * @param gap g, more than zero
     * @throws RefusedException where no angle has such a gap
     */
    public Angle edge(Length gap) {
        positive("gap", SetupWords.GAP.words(), gap);
        double r = radius.mm();
        double p = reach.mm();
        double a = offset.mm();
        double away = gap.mm() + r + barRadius.mm();
        double k = (away * away - r * r - p * p - a * a) / (2 * r);
        double sine = k / Math.hypot(p, a);
        if (!(Math.abs(sine) <= 1)) {
            throw new RefusedException(Refusal.of(MessageCode.NO_ANGLE_AT_GAP, "gap", gap));
        }
        return Angle.ofRadians(Math.asin(sine) - Math.atan2(a, p));
    }

    /**
     * The bar that gave an angle at a gap: what is hard to measure, how far the bar stands off the back, is taken from
     * it: {@code a = −R·cos β + √(R²·cos² β − R² − p² − 2R·p·sin β + (g + R + r_b)²)}.
     *
     * @throws RefusedException where no bar on this side of the blade has that gap at that angle
     */
    public static SupportBar thatGave(Length radius, Length reach, Length barRadius, Length gap, Angle edge) {
        positive("gap", SetupWords.GAP.words(), gap);
        double r = radius.mm();
        double p = reach.mm();
        double away = gap.mm() + r + barRadius.mm();
        double under = Math.pow(r * edge.cos(), 2) - r * r - p * p - 2 * r * p * edge.sin() + away * away;
        if (!(under >= 0)) {
            throw new RefusedException(Refusal.of(MessageCode.NO_ANGLE_AT_GAP, "gap", gap));
        }
        return new SupportBar(radius, reach, Length.ofMm(-r * edge.cos() + Math.sqrt(under)), barRadius);
    }

    private static void positive(String field, String what, Length length) {
        if (!(length.mm() > 0)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.NOT_POSITIVE, field, length).with("what", what));
        }
    }
}
