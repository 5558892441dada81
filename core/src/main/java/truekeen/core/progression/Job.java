package truekeen.core.progression;

import java.util.Optional;
import java.util.Set;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.Shaping;
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
 * @param bevel what is known of the bevel that lies on the stone
 */
public record Job(
        Kind kind,
        Shaping shaping,
        double startScratchUm,
        Optional<FinishWindow> finish,
        Forces forces,
        boolean fineOnly,
        Set<Abrasive.Shape> shapes,
        Bevel bevel) {

    /** A face of which nothing more is known. */
    public Job(
            Kind kind,
            Shaping shaping,
            double startScratchUm,
            Optional<FinishWindow> finish,
            Forces forces,
            boolean fineOnly,
            Set<Abrasive.Shape> shapes) {
        this(kind, shaping, startScratchUm, finish, forces, fineOnly, shapes, Bevel.UNKNOWN);
    }

    /**
     * The bevel on the stone.
     *
     * @param angleDeg its angle to the stone (°)
     * @param widthMm its width from heel to edge (mm)
     */
    public record Bevel(double angleDeg, double widthMm) {
        /** Nothing known: it lies on any stone. */
        public static final Bevel UNKNOWN = new Bevel(0, Double.POSITIVE_INFINITY);

        private static final double STEEP_DEG = Prior.JOB_STEEP_DEG.value();
        private static final double NARROW_MM = Prior.JOB_NARROW_MM.value();

        /** Whether it is so steep and narrow that it digs into a soft stone. Source: workshop prior. */
        public boolean digsIn() {
            return angleDeg >= STEEP_DEG && widthMm <= NARROW_MM;
        }
    }

    /** The same job on a bevel that is known. */
    public Job on(Bevel known) {
        return new Job(kind, shaping, startScratchUm, finish, forces, fineOnly, shapes, known);
    }

    /** Which face. */
    public enum Kind {
        BACK,
        PRIMARY,
        SECONDARY
    }

    /**
     * Force on the abrasive.
     *
     * @param baseN F in ordinary work (N)
     * @param shaping factor on the abrasive that shapes, where others follow it
     * @param finish factor on the last
     */
    public record Forces(double baseN, double shaping, double finish) {
        /** Prior for chisels and irons: 20 N, doubled while shaping, halved on the finish. */
        public static final Forces CHISEL = new Forces(20, 2, 0.5);
        /** Prior for knives: 10 N, doubled while shaping, halved on the finish. */
        public static final Forces KNIFE = new Forces(10, 2, 0.5);

        /** The prior for a family: tools with a square end are pressed as chisels are, blades as knives. */
        public static Forces of(GeometryKind kind) {
            return kind.square() ? CHISEL : KNIFE;
        }

        /** The same force throughout. */
        public static Forces even(double newton) {
            return new Forces(newton, 1, 1);
        }
    }
}
