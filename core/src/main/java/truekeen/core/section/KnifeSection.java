package truekeen.core.section;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A double-bevel knife in closed form: the edge bevels meet at the apex, the faces taper behind them. Angles per side.
 * Source: derived here.
 *
 * @param width W, edge to spine
 * @param spine S, thickness of the spine
 * @param behindEdge t, thickness at the shoulder of the edge bevel
 * @param edge θ, edge bevel
 */
public record KnifeSection(Length width, Length spine, Length behindEdge, Angle edge) {

    /** Refuses t &gt; S, and a shoulder that would lie at or past the spine. */
    public KnifeSection {
        if (behindEdge.mm() > spine.mm()) {
            throw new RefusedException(Refusal.of(MessageCode.BEHIND_EDGE_ABOVE_SPINE, "behindEdge", behindEdge)
                    .with("high", spine));
        }
        double shoulder = behindEdge.mm() / 2 / edge.tan();
        if (!(shoulder < width.mm())) {
            throw new RefusedException(Refusal.of(MessageCode.SHOULDER_PAST_SPINE, "behindEdge", Length.ofMm(shoulder))
                    .with("high", width));
        }
    }

    /** Distance of the shoulder from the apex: {@code (t/2)/tan θ}. */
    public Length shoulder() {
        return behindEdge.dividedBy(2 * edge.tan());
    }

    /** Width of the edge bevel along its face: {@code (t/2)/sin θ}. */
    public Length edgeFace() {
        return behindEdge.dividedBy(2 * edge.sin());
    }

    /** Slope of a face against the mid-plane: tan κ. */
    public double taper() {
        return (spine.mm() - behindEdge.mm()) / 2 / (width.mm() - shoulder().mm());
    }

    /**
     * Thickness behind the edge once the edge lies further back at an angle of its own: where the new bevel meets the
     * faces.
     *
     * @param recession e, less than the width; with an angle that reaches past the old shoulder
     * @param at θ′
     * @throws RefusedException when the edge would lie at or past the spine
     */
    public Length behindEdgeAfter(Length recession, Angle at) {
        requireShortOfSpine(recession);
        double k = taper();
        double face = behindEdge.mm() / 2 - k * shoulder().mm();
        // y = (x − e)·tan θ′ meets y = face + k·x
        double x = (face + recession.mm() * at.tan()) / (at.tan() - k);
        if (x < shoulder().mm()) {
            return behindEdge;
        }
        return Length.ofMm(2 * (face + k * x));
    }

    /** Recession at the same angle that brings the thickness behind the edge to a limit; zero where it is there. */
    public Length recessionUntil(Length limit) {
        double k = taper();
        if (limit.mm() <= behindEdge.mm()) {
            return Length.ofMm(0);
        }
        return limit.minus(behindEdge).times((1 - k / edge.tan()) / (2 * k));
    }

    /**
     * Area that goes when the edge is moved back at an angle of its own (mm²).
     *
     * @throws RefusedException when the edge would lie at or past the spine
     */
    public double movedBackArea(Length recession, Angle at) {
        requireShortOfSpine(recession);
        double e = recession.mm();
        double own = edge.tan();
        double fresh = at.tan();
        double shoulder = shoulder().mm();
        double half = behindEdge.mm() / 2;
        double meets = fresh > own ? e * fresh / (fresh - own) : Double.POSITIVE_INFINITY;
        if (meets <= shoulder) {
            // A steeper bevel that ends on the old edge bevel: two triangles over e.
            return e * meets * own;
        }
        double after = behindEdgeAfter(recession, at).mm() / 2;
        double x = e + after / fresh;
        double under = half * shoulder / 2 + (half + after) / 2 * (x - shoulder);
        return 2 * (under - after * (x - e) / 2);
    }

    private void requireShortOfSpine(Length recession) {
        if (!(recession.mm() < width.mm())) {
            throw new RefusedException(Refusal.of(MessageCode.EDGE_PAST_SPINE, "recession", recession)
                    .with("high", width));
        }
    }
}
