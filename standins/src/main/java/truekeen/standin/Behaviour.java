package truekeen.standin;

import java.util.Locale;
import java.util.Random;

/**
 * What an instrument would read: made up, the same for the same seed. A hand may set what it points at.
 */
enum Behaviour {
    /** Comes to rest on what it is set to, with the last tenth flickering. */
    ANGLE_GAUGE("stand-in angle gauge", 30) {
        @Override
        Tick at(int tick, double set, Random random) {
            return new Tick(set + 0.04 * random.nextGaussian(), false);
        }
    },
    /** A thread is laid over the edge every few seconds: the force climbs until it parts, which is the reading. */
    THREAD_TESTER("stand-in thread tester", 110) {
        @Override
        Tick at(int tick, double set, Random random) {
            int phase = tick % CUT_TICKS;
            if (phase < REST_TICKS) {
                return new Tick(0, false);
            }
            double share = (phase - REST_TICKS + 1.0) / (CUT_TICKS - REST_TICKS);
            boolean parts = phase == CUT_TICKS - 1;
            return new Tick(parts ? set + 2 * random.nextGaussian() : set * share, parts);
        }
    },
    /** Warms up under the work and cools at the dip. */
    THERMOMETER("stand-in wheel thermometer", 80) {
        @Override
        Tick at(int tick, double set, Random random) {
            double share = tick % HEAT_TICKS / (double) HEAT_TICKS;
            return new Tick(ROOM_C + (set - ROOM_C) * (1 - Math.exp(-4 * share)) + 0.3 * random.nextGaussian(), false);
        }
    },
    /** A blade on a cone: set is how far its first end stands below level, and swings a little before it rests. */
    BEAM("stand-in balance beam", 0) {
        @Override
        Tick at(int tick, double set, Random random) {
            return new Tick(set + 0.05 * random.nextGaussian(), false);
        }
    };

    static final int CUT_TICKS = 40;
    static final int REST_TICKS = 12;
    static final int HEAT_TICKS = 120;
    static final double ROOM_C = 19;

    /**
     * What is read at one tick.
     *
     * @param taken whether the instrument took it as a reading
     */
    record Tick(double value, boolean taken) {}

    private final String title;
    private final double usual;

    Behaviour(String title, double usual) {
        this.title = title;
        this.usual = usual;
    }

    String title() {
        return title;
    }

    double usual() {
        return usual;
    }

    /** What is read at a tick, ten to the second. */
    abstract Tick at(int tick, double set, Random random);

    /** The lines of one tick. */
    String lines(int tick, double set, Random random) {
        Tick t = at(tick, set, random);
        String value = String.format(Locale.ROOT, "%.2f", t.value());
        return "V " + tick + " " + value + "\n" + (t.taken() ? "T " + tick + " " + value + "\n" : "");
    }

    /** The line that greets whoever connects. */
    String greeting() {
        return "TRUEKEEN 1 " + name() + " " + title + "\n";
    }
}
