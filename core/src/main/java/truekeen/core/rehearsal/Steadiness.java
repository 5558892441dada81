package truekeen.core.rehearsal;

import truekeen.core.holding.HolderKind;
import truekeen.core.table.Prior;

/**
 * How steady the angle is (°, one standard deviation). Workshop prior.
 *
 * @param heldDeg on the bevel, in whatever holds the tool there
 * @param freeDeg by hand, where the burr and the strop are worked
 */
public record Steadiness(double heldDeg, double freeDeg) {
    /** In what holds the tool. */
    public static Steadiness in(HolderKind holder) {
        double free = Prior.FREE_STEADY_DEG.value();
        double held =
                switch (holder) {
                    case HAND -> free;
                    case WEDGE_BLOCK, STACK, SPINE_HONE, HAND_STONE -> Prior.WEDGE_STEADY_DEG.value();
                    default -> Prior.HELD_STEADY_DEG.value();
                };
        // A burr is taken off by light strokes close to the bevel: the hand lies on it.
        return new Steadiness(held, Math.min(free, Math.max(held, Prior.WEDGE_STEADY_DEG.value())));
    }

    /**
     * Scatter on a bevel of a width (°): what is held by the hand lies down on a bevel that is wide, and rocks on one that is
     * narrow.
     */
    static double onBevelDeg(double scatterDeg, double widthMm) {
        return scatterDeg <= Prior.HELD_STEADY_DEG.value()
                ? scatterDeg
                : scatterDeg / (1 + widthMm / Prior.STEADYING_BEVEL_MM.value());
    }

    /** So many times as shaky. */
    public Steadiness times(double factor) {
        return new Steadiness(heldDeg * factor, freeDeg * factor);
    }
}
