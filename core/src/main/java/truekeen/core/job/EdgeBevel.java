package truekeen.core.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blade;

/**
 * The bevel at the edge that is honed every time: the secondary, or the one bevel there is.
 *
 * @param shaping what it takes
 * @param bevel its angle
 * @param recession how far the edge goes back by it, from where it stands when the job begins
 * @param width of the facet on one side
 * @param secondary whether it lies on a ground bevel
 * @param stationDepthsMm how deep it goes at five stations from corner to corner
 * @param also other dimensions that it leaves, by field (mm); none is left where it is zero
 */
public record EdgeBevel(
        Shaping shaping,
        Angle bevel,
        Length recession,
        Length width,
        boolean secondary,
        List<Double> stationDepthsMm,
        Map<String, Double> also)
        implements Job {
    /** Keeps the dimensions from changing. */
    public EdgeBevel {
        stationDepthsMm = List.copyOf(stationDepthsMm);
        also = Map.copyOf(also);
    }

    @Override
    public JobKind kind() {
        return JobKind.SECONDARY;
    }

    @Override
    public Optional<Angle> angle() {
        return Optional.of(bevel);
    }

    @Override
    public boolean edge() {
        return true;
    }

    /** One flat bevel may be ground; a secondary is honed. */
    @Override
    public boolean byMachine() {
        return !secondary;
    }

    @Override
    public Blade after(Blade before) {
        BladeChange change = BladeChange.of(before).shorter(recession.mm());
        if (secondary) {
            change.honedAt(bevel, width.mm());
        } else {
            change.groundAt(bevel);
        }
        also.forEach((field, mm) -> {
            if (mm == 0) {
                change.without(field);
            } else {
                change.with(field, mm);
            }
        });
        return change.blade();
    }
}
