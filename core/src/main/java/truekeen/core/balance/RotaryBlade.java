package truekeen.core.balance;

import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;

/** The arithmetic of a turning blade. Sources: derived here; the permissible unbalance is that of ISO 21940-11. */
public final class RotaryBlade {
    /** Density of blade steel (g/mm³). */
    public static final double STEEL_G_PER_MM3 = 7.85e-3;
    /** Tip speed above which a warning is given (m/s): the common limit in mower safety standards. */
    public static final double TIP_SPEED_WARNS_AT = Prior.ROTARY_BLADE_TIP_SPEED_WARNS_AT.value();

    private static final double G = 9.80665;

    private RotaryBlade() {}

    /**
     * Unbalance (g·mm) of a blade that a trial mass brings level.
     *
     * @param trialGrams mass hung on the light end (g), not negative
     * @param radius where it hangs, from the middle
     */
    public static double unbalance(double trialGrams, Length radius) {
        if (!(trialGrams >= 0)) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_POSITIVE, "trial", trialGrams + InWords.G)
                    .with("what", BalanceWords.THE_TRIAL_MASS.words()));
        }
        return trialGrams * radius.mm();
    }

    /** Mass to take off (g) so that an unbalance (g·mm) goes, at the radius of the removed piece's centroid. */
    public static double correction(double unbalanceGmm, Length radius) {
        positive("radius", BalanceWords.THE_RADIUS.words(), radius);
        return unbalanceGmm / radius.mm();
    }

    /** Length to grind off an end for a mass (g), at its width and thickness. */
    public static Length grindOff(double massGrams, Length width, Length thickness) {
        positive("width", BalanceWords.THE_WIDTH.words(), width);
        positive("thickness", BalanceWords.THE_THICKNESS.words(), thickness);
        return Length.ofMm(massGrams / (STEEL_G_PER_MM3 * width.mm() * thickness.mm()));
    }

    /** Shaking force (N) of an unbalance (g·mm) at a speed: {@code U·10⁻⁶·ω²}. */
    public static double shakingForce(double unbalanceGmm, double perMinute) {
        double omega = omega(perMinute);
        return unbalanceGmm * 1e-6 * omega * omega;
    }

    /** A force (N) as the mass that weighs so much (kg). */
    public static double asWeight(double newton) {
        return newton / G;
    }

    /**
     * Permissible residual unbalance (g·mm), {@code 1000·G·m/ω}.
     *
     * @param grade G, balance quality grade (mm/s)
     * @param massKg m of the rotor
     * @param perMinute turns a minute, more than zero
     */
    public static double permissible(double grade, double massKg, double perMinute) {
        return 1000 * grade * massKg / omega(perMinute);
    }

    /** Speed of the tips (m/s) of a blade of that span. */
    public static double tipSpeed(Length span, double perMinute) {
        return Math.PI * span.mm() / 1000 * perMinute / 60;
    }

    /** Strokes that a toothed blade takes in all: teeth × edges × strokes. */
    public static int strokes(int teeth, int edges, int strokesEach) {
        return teeth * edges * strokesEach;
    }

    private static double omega(double perMinute) {
        if (!(perMinute > 0)) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_POSITIVE, "perMinute", perMinute)
                    .with("what", BalanceWords.TURNS_A_MINUTE.words()));
        }
        return 2 * Math.PI * perMinute / 60;
    }

    private static void positive(String field, String what, Length length) {
        if (!(length.mm() > 0)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.NOT_POSITIVE, field, length).with("what", what));
        }
    }
}
