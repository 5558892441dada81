package truekeen.core.heat;

import java.util.Optional;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.removal.PowerRate;

/**
 * A machine that heats the steel it takes: power = partition × specific energy × removal rate. The figures are those of
 * {@link PowerRate}, which the times are reckoned with too. Sources: workshop priors.
 *
 * @param rate what it takes and how much of the work goes into the steel
 */
public record HeatSource(PowerRate rate) {
    /** The source that a kind of abrasive is, if it heats enough to draw a temper. */
    public static Optional<HeatSource> of(AbrasiveKind kind) {
        return PowerRate.of(kind).filter(r -> r.partition().isPresent()).map(HeatSource::new);
    }

    /** Heat into the steel (W) at a removal rate (mm³/s). */
    public double watts(double mm3PerSecond) {
        return rate.partition().orElseThrow() * rate.joulePerMm3().orElseThrow() * mm3PerSecond;
    }

    double slow() {
        return rate.slow();
    }

    /** Working removal at the faster end (mm³/s). */
    public double fast() {
        return rate.fast();
    }

    double lightSlow() {
        return rate.slowLight();
    }

    /** Light removal at the faster end (mm³/s). */
    public double lightFast() {
        return rate.fastLight();
    }
}
