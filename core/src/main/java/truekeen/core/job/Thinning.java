package truekeen.core.job;

import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blade;

/**
 * Both cheeks of a knife eased behind the edge, lower than the edge by a few degrees.
 *
 * @param shaping what it takes, both sides
 * @param cheek angle of the cheeks, a side
 * @param behindEdge thickness that is left behind the edge
 */
public record Thinning(Shaping shaping, Angle cheek, Length behindEdge) implements Job {
    /** Steel that easing both faces takes (mm³): {@code Δt·ℓ/2} over the edge, a wedge that runs out behind. */
    public static double wedgeMm3(double excessMm, double lengthMm, double edgeMm) {
        return excessMm * lengthMm / 2 * edgeMm;
    }

    @Override
    public JobKind kind() {
        return JobKind.THINNING;
    }

    @Override
    public Optional<Angle> angle() {
        return Optional.of(cheek);
    }

    @Override
    public Hold hold() {
        return Hold.HAND_LOWER;
    }

    @Override
    public boolean byMachine() {
        return true;
    }

    @Override
    public Blade after(Blade before) {
        return BladeChange.of(before).with("behindEdge", behindEdge.mm()).blade();
    }
}
