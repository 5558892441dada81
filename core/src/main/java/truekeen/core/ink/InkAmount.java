package truekeen.core.ink;

import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.analysis.solvers.BrentSolver;
import truekeen.core.ink.InkAnswer.Off;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Cut;
import truekeen.core.section.Cutter;
import truekeen.core.section.Facet;
import truekeen.core.section.Section;
import truekeen.core.setup.InkBand;
import truekeen.core.table.Prior;

/**
 * How far a setting is off, from the steel that the strokes took and the width of the clean band. On a flat bevel
 * {@code δ = atan(2a/w²)}, the range taking in the corner that really goes (at the heel {@code cot δ = w²/2a + cot β}, at
 * the edge {@code w²/2a − cot β}); a hollow or convex bevel is cut in the section itself until the band fits. Source:
 * derived here.
 *
 * @param section the blade as it is now
 * @param bevel angle of the inked bevel, from the line y = 0; of a hollow one its chord
 * @param flat whether the inked bevel is flat
 * @param facetMm length of the inked bevel along its face
 * @param areaMm2 steel the strokes take from a millimetre of edge, all along it (mm²)
 * @param spread factor by which that is uncertain either way
 * @param band width of the clean band as measured; empty where it was only tapped
 * @param planned width a new secondary is to have, where one is being made
 */
public record InkAmount(
        Section section,
        Angle bevel,
        boolean flat,
        double facetMm,
        double areaMm2,
        double spread,
        Optional<Length> band,
        Optional<Length> planned) {
    /** Error of a band measured with a rule or a loupe. Source: workshop prior. */
    private static final double MEASURED = Prior.INK_AMOUNT_MEASURED.value();
    /** More than this is no slip of a setting: then only the direction is told (°). Source: workshop prior. */
    private static final double MOST_DEG = Prior.INK_AMOUNT_MOST_DEG.value();

    private static final double LEAST_DEG = 0.01;

    boolean widerThanPlanned(double factor) {
        return planned.isPresent()
                && band.isPresent()
                && band.get().mm() > factor * planned.get().mm();
    }

    /**
     * How far off.
     *
     * @param heel whether the heel went first: the setting is lower than the bevel
     * @return empty where band and strokes do not tell
     */
    Optional<Off> off(boolean heel, InkPattern pattern) {
        OptionalDouble width =
                band.isPresent() ? OptionalDouble.of(band.get().mm()) : InkCheck.tapped(pattern, facetMm);
        if (width.isEmpty() || !(width.getAsDouble() > 0) || !(areaMm2 > 0)) {
            return Optional.empty();
        }
        double w = width.getAsDouble();
        // A tap names a third of the bevel: the band may end anywhere within it.
        double slack = band.isPresent() ? MEASURED * w : facetMm / 6;
        double a = areaMm2 / InkCheck.share(pattern);
        double likely = degrees(heel, a, w, true);
        double low = least(heel, a / spread, w + slack);
        double high = most(heel, a * spread, w - slack);
        return likely <= MOST_DEG && high <= 2 * MOST_DEG && low < high
                ? Optional.of(new Off(Math.min(low, likely), likely, Math.max(high, likely)))
                : Optional.empty();
    }

    private double least(boolean heel, double a, double w) {
        return flat ? Math.min(degrees(heel, a, w, true), degrees(heel, a, w, false)) : degrees(heel, a, w, true);
    }

    private double most(boolean heel, double a, double w) {
        return flat ? Math.max(degrees(heel, a, w, true), degrees(heel, a, w, false)) : degrees(heel, a, w, true);
    }

    private double degrees(boolean heel, double a, double w, boolean plain) {
        if (!flat) {
            return bySection(heel, a, w);
        }
        if (plain) {
            return InkBand.off(a, Length.ofMm(w)).degrees();
        }
        double cot = w * w / (2 * a) + (heel ? 1 : -1) * bevel.cot();
        return Math.toDegrees(Math.atan2(1, cot));
    }

    /** The angle at which a cut of that area leaves a band of that width; too large where none does. */
    private double bySection(boolean heel, double a, double w) {
        double at = band(heel, a, LEAST_DEG) - w;
        // Flatter than half the bevel a cut would run out of the drawing.
        double most = Math.min(MOST_DEG, bevel.degrees() / 2);
        double far = band(heel, a, most) - w;
        if (at < 0) {
            return LEAST_DEG;
        }
        if (far > 0) {
            return Double.MAX_VALUE;
        }
        return new BrentSolver(1e-9).solve(200, d -> band(heel, a, d) - w, LEAST_DEG, most);
    }

    /** Width of the band that a flat cut of some area leaves when it is off by so many degrees (mm). */
    double band(boolean heel, double a, double offDeg) {
        double angle = bevel.radians() + (heel ? -1 : 1) * Math.toRadians(offDeg);
        double reach = 2 * facetMm + 5;
        Cut cut = Cut.byArea(
                java.util.List.of(section),
                x -> Cutter.bevel(x - reach, Angle.ofRadians(angle)),
                3 * reach,
                a,
                Facet.JOIN);
        return Cut.lengthOf(cut.kept(), Facet.JOIN);
    }
}
