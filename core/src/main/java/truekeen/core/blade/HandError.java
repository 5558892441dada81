package truekeen.core.blade;

import java.util.SplittableRandom;
import truekeen.core.table.Prior;

/**
 * How the angle of a stroke is off along the edge (°): one part for the whole stroke, and one that wanders along it, of first
 * order with a length of 40 mm. The wandering is drawn at every whole mm, so that finer stations see the same hand.
 */
final class HandError {
    private static final double LENGTH_MM = Prior.HAND_ERROR_LENGTH_MM.value();
    private static final double EACH = Math.sqrt(0.5);
    private static final double KEEPS = Math.exp(-1 / LENGTH_MM);
    private static final double WANDERS = Math.sqrt(1 - KEEPS * KEEPS);

    private final double[] wander;
    private double whole;
    private double sigma;

    HandError(double edgeMm) {
        wander = new double[(int) Math.ceil(edgeMm) + 2];
    }

    /** Draws another stroke. */
    void draw(SplittableRandom random, double sigmaDeg) {
        sigma = sigmaDeg;
        if (sigma == 0) {
            return;
        }
        whole = random.nextGaussian();
        wander[0] = random.nextGaussian();
        for (int i = 1; i < wander.length; i++) {
            wander[i] = KEEPS * wander[i - 1] + WANDERS * random.nextGaussian();
        }
    }

    /** How far off the angle is at a place along the edge (°). */
    double at(double alongMm) {
        if (sigma == 0) {
            return 0;
        }
        int i = (int) alongMm;
        double share = alongMm - i;
        return sigma * EACH * (whole + wander[i] + share * (wander[i + 1] - wander[i]));
    }
}
