package truekeen.core.condition;

import java.util.List;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * What was found on an edge.
 *
 * @param findings along the edge, in any order
 * @param square how far out of square it is
 * @param dullness how dull
 * @param stropTried whether a strop was tried and did not bring it back
 * @param back state of the back
 * @param backDepthMm depth of ridges, pits or dubbing (mm); 0 to take the usual one
 */
public record EdgeSurvey(
        List<Finding> findings,
        Squareness square,
        Dullness dullness,
        boolean stropTried,
        BackState back,
        double backDepthMm) {
    private static final int MOST_FINDINGS = 60;

    /** Keeps the findings from changing. */
    public EdgeSurvey {
        findings = List.copyOf(findings);
    }

    /** Which corner stands forward. */
    public enum HighCorner {
        NONE,
        LEFT,
        RIGHT
    }

    /**
     * Squareness of the edge.
     *
     * @param high the corner that stands forward
     * @param off by how much; zero where no corner is high
     * @param mend whether it is to be squared, or kept as it is
     */
    public record Squareness(HighCorner high, Angle off, boolean mend) {
        /** A square edge. */
        public static final Squareness SQUARE = new Squareness(HighCorner.NONE, Angle.ZERO, true);

        /** The angle that a gap over the width of the blade means. */
        public static Angle fromGap(Length gap, Length width) {
            if (!(width.mm() > 0)) {
                throw new RefusedException(
                        Refusal.of(MessageCode.NOT_POSITIVE, "width", width).with("what", "The width"));
            }
            return Angle.ofRadians(Math.atan(gap.mm() / width.mm()));
        }

        /** How far the present edge lies behind its high corner at a place (mm). */
        public double behindAt(double x, double edgeLengthMm) {
            return switch (high) {
                case NONE -> 0;
                case LEFT -> x * off.tan();
                case RIGHT -> (edgeLengthMm - x) * off.tan();
            };
        }
    }

    /** Depth of what is wrong with the back (mm). */
    public double effectiveBackDepthMm() {
        return !back.needsFlattening() ? 0 : backDepthMm > 0 ? backDepthMm : back.usualDepthMm();
    }

    /** Notes every fault; fields are named {@code findings[i].fromMm} and so on. */
    public void check(Checks checks, double edgeLengthMm, double usableLengthMm) {
        checks.require(
                findings.size() <= MOST_FINDINGS, () -> Refusal.of(MessageCode.TOO_MANY, "findings", findings.size())
                        .with("high", MOST_FINDINGS)
                        .with("what", "findings"));
        for (int i = 0; i < Math.min(findings.size(), MOST_FINDINGS); i++) {
            Finding f = findings.get(i);
            String at = "findings[" + i + "].";
            checks.require(f.fromMm() >= 0 && f.toMm() <= edgeLengthMm + 1e-9, () -> Refusal.of(
                            MessageCode.FINDING_OFF_EDGE,
                            at + "fromMm",
                            Length.ofMm(f.fromMm()) + " to " + Length.ofMm(f.toMm()))
                    .with("what", "This mark")
                    .with("high", Length.ofMm(edgeLengthMm)));
            checks.within(at + "toMm", "A width", f.toMm() - f.fromMm(), 0.05, Math.max(edgeLengthMm, 0.1), " mm");
            if (f.kind() != Finding.Kind.BRIGHT) {
                checks.within(at + "depthMm", "A depth", f.depthMm(), 0.005, usableLengthMm, " mm");
            }
        }
        checks.within("square.off", "Out of square", square.off().degrees(), 0, 20, "°");
        checks.require(
                square.high() != HighCorner.NONE || square.off().radians() == 0,
                () -> Refusal.of(MessageCode.SQUARE_SIDE, "square.high", square.off()));
        checks.within("backDepth", "A depth on the back", backDepthMm, 0, 3, " mm");
    }
}
