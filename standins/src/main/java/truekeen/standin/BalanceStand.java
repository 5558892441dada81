package truekeen.standin;

/**
 * A stand-in for a blade on a cone: an unbalance nobody sees, a cone that sticks a little, a mass that can be hung and steel
 * that can be ground off. Ends are numbered 1 and 2. Made up; not a model of any make.
 */
public final class BalanceStand {
    /** Unbalance at which it lies half over (g·mm). */
    private static final double SOFT = 900;

    private static final double MOST_DEG = 24;

    private final double sticksGmm;
    private double unbalance;
    private double hung;

    /**
     * A blade on its cone.
     *
     * @param unbalanceGmm its unbalance (g·mm): more than zero where the first end is heavy
     * @param sticksGmm unbalance below which it stays where it is put (g·mm)
     */
    public BalanceStand(double unbalanceGmm, double sticksGmm) {
        this.unbalance = unbalanceGmm;
        this.sticksGmm = sticksGmm;
    }

    /** How far the first end stands below level (°); 0 where it stays as it is put. */
    public synchronized double tiltDeg() {
        double u = unbalance + hung;
        return Math.abs(u) <= sticksGmm ? 0 : MOST_DEG * Math.tanh(u / SOFT);
    }

    /** Hangs a mass (g) on an end at a radius (mm), in place of what hung there before; 0 g takes it off. */
    public synchronized void hang(int end, double grams, double radiusMm) {
        hung = sign(end) * grams * radiusMm;
    }

    /** Grinds a mass (g) off an end at a radius (mm). */
    public synchronized void grind(int end, double grams, double radiusMm) {
        unbalance -= sign(end) * grams * radiusMm;
    }

    /** Puts another blade on: its unbalance (g·mm). */
    public synchronized void put(double unbalanceGmm) {
        unbalance = unbalanceGmm;
        hung = 0;
    }

    private static int sign(int end) {
        if (end != 1 && end != 2) {
            throw new IllegalArgumentException("end " + end + ": it has two");
        }
        return end == 1 ? 1 : -1;
    }
}
