package truekeen.core.setup;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A knife held freehand by the height of its spine: {@code H = W·sin θ − (S/2)·cos θ}. Angles per side. Source: derived
 * here.
 *
 * @param width W, edge to spine at the station
 * @param spine S, thickness of the spine there; zero for a blade without any
 */
public record SpineHeight(Length width, Length spine) {
    /** Refuses a blade without width. */
    public SpineHeight {
        if (!(width.mm() > 0)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.NOT_POSITIVE, "width", width).with("what", SetupWords.BLADE_WIDTH.words()));
        }
    }

    /** How high the spine's lower corner stands above the stone. */
    public Length height(Angle edge) {
        return width.times(edge.sin()).minus(spine.times(edge.cos() / 2));
    }

    /**
     * The height, where the spine's corner stands above the stone.
     *
     * @param field the field that asked for the angle
     * @throws RefusedException where it would lie in the stone
     */
    public Length heightAbove(Angle edge, String field) {
        Length height = height(edge);
        if (!(height.mm() > 0)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.SPINE_TOO_LOW, field, edge).with("low", edge(Length.ofMm(0))));
        }
        return height;
    }

    /**
     * The angle that a height gives: {@code asin(H/√(W² + S²/4)) + atan(S/2W)}.
     *
     * @throws RefusedException when the spine cannot stand so high
     */
    public Angle edge(Length height) {
        double most = Math.hypot(width.mm(), spine.mm() / 2);
        if (!(Math.abs(height.mm()) <= most)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.PART_LONGER, "height", height).with("high", Length.ofMm(most)));
        }
        return Angle.ofRadians(Math.asin(height.mm() / most) + Math.atan(spine.mm() / (2 * width.mm())));
    }

    /**
     * The wedge that the blade's side lies on: {@code θ − κ}, κ the taper of the face; a parallel-sided blade wants θ
     * itself.
     *
     * @param behindEdge t, thickness at the shoulder of the edge bevel
     * @throws RefusedException for a blade thicker behind its edge than at its spine, a bevel that ends at or past the
     *     spine, and one no steeper than the side
     */
    public Angle wedge(Angle edge, Length behindEdge) {
        if (behindEdge.mm() > spine.mm()) {
            throw new RefusedException(Refusal.of(MessageCode.BEHIND_EDGE_ABOVE_SPINE, "behindEdge", behindEdge)
                    .with("high", spine));
        }
        double shoulder = behindEdge.mm() / (2 * edge.tan());
        if (!(shoulder < width.mm())) {
            throw new RefusedException(Refusal.of(MessageCode.SHOULDER_PAST_SPINE, "behindEdge", Length.ofMm(shoulder))
                    .with("high", width));
        }
        double taper = Math.atan((spine.mm() - behindEdge.mm()) / (2 * (width.mm() - shoulder)));
        if (!(edge.radians() > taper)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.WEDGE_TOO_LOW, "angle", edge).with("low", Angle.ofRadians(taper)));
        }
        return edge.minus(Angle.ofRadians(taper));
    }

    /**
     * The height as a stack of a common object.
     *
     * @param object thickness of one, more than zero
     * @return how many, not rounded
     */
    public double stack(Angle edge, Length object) {
        if (!(object.mm() > 0)) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_POSITIVE, "object", object)
                    .with("what", SetupWords.OBJECT_THICKNESS.words()));
        }
        return height(edge).mm() / object.mm();
    }
}
