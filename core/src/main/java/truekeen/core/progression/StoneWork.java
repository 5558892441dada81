package truekeen.core.progression;

import java.util.Optional;
import java.util.Set;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;

/**
 * One face to be shaped and finished.
 *
 * @param kind which face
 * @param shaping what goes before scratches are counted
 * @param startScratchUm scratch on the face at the start, s₀ (µm)
 * @param finish what to end on; empty where another bevel will cover the face, so that it ends on what shaped it
 * @param forces force in use
 * @param fineOnly whether only fine abrasives may touch it (d50 at most 3 µm)
 * @param shapes shapes that can work it
 * @param finishers shapes that may end the work and not begin it: a ceramic rod on a knife
 * @param bevel what is known of the bevel that lies on the stone
 * @param leastStrokes fewest strokes in all that a tool is set on a stone for
 * @param refinedMm2 area that finer abrasives follow the first one over (mm²): all of it, but on a broad curve the strip at
 *     its edge
 */
public record StoneWork(
        JobKind kind,
        Shaping shaping,
        double startScratchUm,
        Optional<FinishWindow> finish,
        Forces forces,
        boolean fineOnly,
        Set<Abrasive.Shape> shapes,
        Set<Abrasive.Shape> finishers,
        Bevel bevel,
        int leastStrokes,
        double refinedMm2) {

    /** Fewest strokes a side that a tool is set on a stone for. */
    public static final int LEAST_STROKES = Prior.LEAST_STROKES.whole();

    /** A face of which nothing more is known. */
    public StoneWork(
            JobKind kind,
            Shaping shaping,
            double startScratchUm,
            Optional<FinishWindow> finish,
            Forces forces,
            boolean fineOnly,
            Set<Abrasive.Shape> shapes) {
        this(
                kind,
                shaping,
                startScratchUm,
                finish,
                forces,
                fineOnly,
                shapes,
                Set.of(),
                Bevel.UNKNOWN,
                LEAST_STROKES,
                shaping.workedAreaMm2());
    }

    /**
     * The bevel on the stone.
     *
     * @param angleDeg its angle to the stone (°)
     * @param widthMm its width from heel to edge (mm)
     * @param thinAndHard whether the edge is so thin and hard that coarse grain tears pieces out of it
     */
    public record Bevel(double angleDeg, double widthMm, boolean thinAndHard) {
        /** Nothing known: it lies on any stone. */
        public static final Bevel UNKNOWN = new Bevel(0, Double.POSITIVE_INFINITY);

        /** A bevel on an edge that bears any grain. */
        public Bevel(double angleDeg, double widthMm) {
            this(angleDeg, widthMm, false);
        }

        /** What beginning on so coarse a grain costs beyond its time (s): it starts as fine as what must go lets it. */
        double coarseSeconds(double d50Um) {
            return thinAndHard && d50Um > Prior.COARSE_ON_THIN_UM.value() ? Prior.COARSE_ON_THIN_SECONDS.value() : 0;
        }

        private static final double STEEP_DEG = Prior.JOB_STEEP_DEG.value();
        private static final double NARROW_MM = Prior.JOB_NARROW_MM.value();

        /** Whether it is so steep and narrow that it digs into a soft stone. Source: workshop prior. */
        public boolean digsIn() {
            return angleDeg >= STEEP_DEG && widthMm <= NARROW_MM;
        }
    }

    /** The same job on a bevel that is known. */
    public StoneWork on(Bevel known) {
        return new StoneWork(
                kind,
                shaping,
                startScratchUm,
                finish,
                forces,
                fineOnly,
                shapes,
                finishers,
                known,
                leastStrokes,
                refinedMm2);
    }

    /** The same job with another least count of strokes in all. */
    public StoneWork atLeast(int strokes) {
        return new StoneWork(
                kind, shaping, startScratchUm, finish, forces, fineOnly, shapes, finishers, bevel, strokes, refinedMm2);
    }

    /** Whether the scratches on the face drown in what is shaped: it goes so much deeper. */
    public boolean drownsScratches() {
        return shaping.depthMm() * 1000 >= SCRATCH_DROWNS_AT * startScratchUm;
    }

    private static final double SCRATCH_DROWNS_AT = Prior.SCRATCH_DROWNS_AT.value();

    /**
     * Force on the abrasive.
     *
     * @param baseN F in ordinary work (N)
     * @param mostN most that the edge on the stone bears (N)
     */
    public record Forces(double baseN, double mostN) {
        private static final double SHAPING = Prior.FORCE_SHAPING.value();

        /** The prior for a family: more on axes than on irons, more on these than on knives. */
        public static Forces of(GeometryKind kind, double edgeLengthMm) {
            Prior base = kind == GeometryKind.CONVEX_BLADE
                    ? Prior.FORCE_AXE_N
                    : kind.square() || kind == GeometryKind.DRAWKNIFE ? Prior.FORCE_CHISEL_N : Prior.FORCE_KNIFE_N;
            return new Forces(base.value(), Prior.FORCE_MOST_N_PER_MM.value() * edgeLengthMm);
        }

        /** A force on an edge that bears any. */
        public static Forces of(double newton) {
            return new Forces(newton, Double.POSITIVE_INFINITY);
        }

        /** Force on the abrasive that shapes: twice that in use, as far as the edge bears it (N). */
        public double shapingN() {
            return Math.min(SHAPING * baseN, mostN);
        }

        /** Force on each finer one (N). */
        public double refiningN() {
            return Math.min(baseN, mostN);
        }
    }
}
