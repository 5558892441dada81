package truekeen.core.bench;

import java.util.Optional;
import truekeen.core.message.Numbers;
import truekeen.core.steel.SteelClass;
import truekeen.core.stepsheet.Step;

/** What can be read live at the bench. */
public enum Instrument {
    ANGLE_GAUGE("angle gauge", "°", 0, 180, 0.2),
    THREAD_TESTER("thread tester", "g", 1, 5000, 4),
    THERMOMETER("wheel thermometer", "°C", -40, 1500, 4),
    /** How far the first end of a blade that is hung by its middle stands below level. */
    BEAM("balance beam", "°", -60, 60, 0.4),
    /** Read by eye and typed. */
    CALLIPER("calliper", "mm", 0.05, 400, 0),
    /** Read by eye and typed. */
    FEELER("feeler gauge", "mm", 0, 10, 0);

    private final String words;
    private final String unit;
    private final double low;
    private final double high;
    private final double settledWithin;

    Instrument(String words, String unit, double low, double high, double settledWithin) {
        this.words = words;
        this.unit = unit;
        this.low = low;
        this.high = high;
        this.settledWithin = settledWithin;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** Its unit. */
    public String unit() {
        return unit;
    }

    /** Whether it can be read over a line; else a hand types what an eye reads. */
    public boolean live() {
        return settledWithin > 0;
    }

    /** Least it can read. */
    public double low() {
        return low;
    }

    /** Most it can read. */
    public double high() {
        return high;
    }

    /** Span of its last values within which it counts as settled. Prior. */
    public double settledWithin() {
        return settledWithin;
    }

    /** What a reading means at a step, in a sentence; empty where it means nothing there. */
    public Optional<String> says(double value, Step step, SteelClass steel) {
        if (this == ANGLE_GAUGE && step.angleDeg().isPresent()) {
            double off = value - step.angleDeg().get();
            boolean within = Math.abs(off) <= SessionSigns.ANGLE_TOLERANCE_DEG;
            return Optional.of(
                    within
                            ? "Within a degree of "
                                    + Numbers.plain(step.angleDeg().get(), 1) + "°: leave it."
                            : Numbers.plain(Math.abs(off), 1) + "° too " + (off > 0 ? "high" : "low")
                                    + ": set it again, then ink.");
        }
        if (this == THERMOMETER) {
            double left = steel.temperLimitC() - value;
            return Optional.of(
                    left > 40
                            ? Numbers.plain(left, 0) + " °C below where this steel's temper is drawn."
                            : left > 0
                                    ? "Dip now: " + Numbers.plain(left, 0) + " °C below where the temper is drawn."
                                    : "Over the limit of " + Numbers.plain(steel.temperLimitC(), 0)
                                            + " °C: look for colour and grind past it.");
        }
        return Optional.empty();
    }
}
