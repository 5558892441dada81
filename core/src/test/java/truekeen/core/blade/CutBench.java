package truekeen.core.blade;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/**
 * One cut against the same in C, and a session of thirty steps on a long blade. Run by {@code ./bench cut}, which compiles the C;
 * both run in one go, on the same stations, strokes and angles, and must end alike.
 */
public final class CutBench {
    private static final int STATIONS = 200;
    private static final int STROKES = 400;
    private static final int ROUNDS = 40;
    private static final double AREA_MM2 = 2e-6;
    private static final double ALIKE = 1e-9;
    private static final long MULTIPLIER = 6364136223846793005L;
    private static final long INCREMENT = 1442695040888963407L;

    private CutBench() {}

    /** Arguments: the C program. */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        double best = Double.POSITIVE_INFINITY;
        double sum = 0;
        for (int round = 0; round < ROUNDS; round++) {
            EdgeChain[] blade = new EdgeChain[STATIONS];
            double t = Math.tan(Math.toRadians(12));
            for (int i = 0; i < STATIONS; i++) {
                blade[i] = new EdgeChain(new double[] {3, 0, 3}, new double[] {-3 * t, 0, 3 * t}, 3);
            }
            long from = System.nanoTime();
            strokes(blade);
            best = Math.min(best, (double) (System.nanoTime() - from) / STATIONS / STROKES);
            sum = 0;
            for (EdgeChain chain : blade) {
                sum += chain.recession();
            }
        }
        Process c = new ProcessBuilder(
                        arguments[0], String.valueOf(STATIONS), String.valueOf(STROKES), String.valueOf(ROUNDS))
                .start();
        String[] said = new String(c.getInputStream().readAllBytes(), StandardCharsets.US_ASCII)
                .trim()
                .split(" ");
        if (c.waitFor() != 0) {
            throw new IOException("the C program did not run");
        }
        double itsNs = Double.parseDouble(said[0]);
        double itsSum = Double.parseDouble(said[1]);
        System.out.printf(
                Locale.ROOT,
                "one cut: %.0f ns here, %.0f ns in C -O3: %.2f times (best of %d rounds of %d cuts)%n",
                best,
                itsNs,
                best / itsNs,
                ROUNDS,
                STATIONS * STROKES);
        if (Math.abs(sum - itsSum) > ALIKE * Math.abs(sum)) {
            throw new IOException("they do not end alike: " + sum + " and " + itsSum);
        }
        session();
    }

    private static void strokes(EdgeChain[] blade) {
        long seed = 42;
        for (int s = 0; s < STROKES; s++) {
            boolean upper = s / 10 % 2 == 1;
            for (EdgeChain chain : blade) {
                seed = seed * MULTIPLIER + INCREMENT;
                double angle = (17 + 4 * ((seed >>> 11) * 0x1.0p-53 - 0.5)) * Math.PI / 180;
                double a2 = angle * angle;
                double sin = angle * (1 - a2 / 6 * (1 - a2 / 20));
                double cos = 1 - a2 / 2 * (1 - a2 / 12);
                chain.cut(-sin, upper ? cos : -cos, AREA_MM2, 1);
            }
        }
    }

    /** Thirty steps of fifty strokes on a knife of 200 mm, a station each millimetre. */
    private static void session() {
        long best = Long.MAX_VALUE;
        for (int round = 0; round < ROUNDS; round++) {
            VirtualBlade blade =
                    VirtualBlade.of(new Wedge(12, 12, 3), new Wedge(17, 17, 3), STATIONS, 1, 1, Gum.USUAL, 7);
            blade.damage(at -> 0.02);
            long from = System.nanoTime();
            for (int step = 0; step < 30; step++) {
                Grain grain = new Grain(1e-6, Math.max(1, 30 - step), Math.max(0.2, 6 - 0.2 * step), false);
                for (int i = 0; i < 50; i++) {
                    blade.stroke(new Stroke(i / 10 % 2 == 1, 17, 10, 300, 0, STATIONS, 1.5), grain);
                }
            }
            best = Math.min(best, System.nanoTime() - from);
        }
        System.out.printf(
                Locale.ROOT, "a session of 30 steps of 50 strokes on a blade of 200 mm: %.1f ms%n", best / 1e6);
    }
}
