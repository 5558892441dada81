package truekeen.core.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Edges that dull as one wants them to, for tests of what a trial makes of them. */
final class Simulated {
    static final double[] CHECKPOINTS = {0, 20, 40, 60, 80, 100};
    private final Random random;
    private final double scatter;

    Simulated(long seed, double scatter) {
        this.random = new Random(seed);
        this.scatter = scatter;
    }

    /** An edge that dulls by 1 − e^(−u/50) over as many times that use as it lasts, each station read with scatter. */
    TrialEdge edge(int way, double lasts, int stations) {
        double fresh = 150 * Math.exp(0.1 * random.nextGaussian());
        double own = lasts * Math.exp(0.1 * random.nextGaussian());
        List<TrialReading> readings = new ArrayList<>();
        for (double u : CHECKPOINTS) {
            for (int s = 1; s <= stations; s++) {
                double force = fresh * (1 + 1.2 * -Math.expm1(-u / (50 * own)));
                readings.add(new TrialReading(u, s, force * Math.exp(scatter * random.nextGaussian()), false));
            }
        }
        return new TrialEdge(way, readings, Optional.empty(), TrialEdge.End.NONE);
    }

    List<TrialEdge> trial(int rounds, double... lasts) {
        List<TrialEdge> all = new ArrayList<>();
        for (int r = 0; r < rounds; r++) {
            for (int way = 0; way < lasts.length; way++) {
                all.add(edge(way, lasts[way], 3));
            }
        }
        return all;
    }
}
