package truekeen.core.job;

import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blade;

/**
 * The whole curve of a convex edge, worked from the cheek to the apex and kept a curve.
 *
 * @param shaping what it takes, both sides
 * @param apex angle of the curve at the edge, a side
 * @param recession how far the edge goes back
 * @param stripMm2 strip along the edge, both sides (mm²), that finer stones follow the first one over
 * @param thicknessBehind thickness left at the place where it is measured
 */
public record CurvedFacet(Shaping shaping, Angle apex, Length recession, double stripMm2, Length thicknessBehind)
        implements Job {
    @Override
    public double refinedMm2() {
        return stripMm2;
    }

    @Override
    public JobKind kind() {
        return JobKind.CURVE;
    }

    @Override
    public Optional<Angle> angle() {
        return Optional.of(apex);
    }

    @Override
    public Hold hold() {
        return Hold.STONE_IN_CIRCLES;
    }

    @Override
    public boolean edge() {
        return true;
    }

    @Override
    public boolean byMachine() {
        return true;
    }

    @Override
    public Blade after(Blade before) {
        return BladeChange.of(before)
                .shorter(recession.mm())
                .groundAt(apex)
                .with("thicknessBehind", thicknessBehind.mm())
                .blade();
    }
}
