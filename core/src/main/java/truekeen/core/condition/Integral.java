package truekeen.core.condition;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.function.DoubleFunction;
import java.util.function.DoubleUnaryOperator;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.section.Cut;
import truekeen.core.section.Cutter;
import truekeen.core.section.Facet;

/**
 * The edge summed up over its stations, by Simpson's rule over each piece: the area of a cut is quadratic in the
 * recession, which is linear between stations, so that it is exact wherever the blade itself does not vary.
 */
final class Integral {
    /** A station with what it counts for the piece before it and for the piece after it (mm). */
    private record Weighed(StationCutter.Station station, double before, double after) {
        double weight() {
            return before + after;
        }
    }

    private final List<Weighed> all = new ArrayList<>();

    Integral(TreeSet<Double> stations, DoubleFunction<StationCutter.Station> cut) {
        // The edge is unbroken, whatever is missing from it: each station serves the pieces on both its sides.
        double[] at = stations.stream().mapToDouble(Double::doubleValue).toArray();
        for (int i = 0; i < at.length; i++) {
            double left = i == 0 ? 0 : at[i] - at[i - 1];
            double right = i + 1 == at.length ? 0 : at[i + 1] - at[i];
            all.add(new Weighed(cut.apply(at[i]), left / 6, right / 6));
            if (right > 0) {
                all.add(new Weighed(cut.apply(at[i] + right / 2), right * 2 / 6, right * 2 / 6));
            }
        }
    }

    List<StationCutter.Station> stations() {
        return all.stream().map(Weighed::station).toList();
    }

    /** The station where most goes. */
    StationCutter.Station deepest() {
        return stations().stream()
                .max(Comparator.comparingDouble(StationCutter.Station::removedArea))
                .orElseThrow();
    }

    /** Greatest width of the honed facet on one side (mm). */
    double widestHoned() {
        return stations().stream()
                .mapToDouble(s -> StationCutter.facetWidth(s.shape(), s.after()))
                .max()
                .orElse(0);
    }

    /** What a job takes, its face counted as it leaves it, before later jobs take their strips of it. */
    Shaping shaping(JobKind job, StationCutter cutter, double groundLine) {
        double volume = 0;
        double area = 0;
        double depth = 0;
        for (Weighed w : all) {
            StationCutter.Station s = w.station;
            Cut cut = s.cut(job).orElseThrow();
            Facet facet =
                    switch (job) {
                        case PRIMARY -> Facet.PRIMARY;
                        case BACK_BEVEL -> Facet.BACK_BEVEL;
                        default -> s.shape().honedFacet();
                    };
            volume += w.weight() * cut.removedArea();
            area += w.weight() * Cut.lengthOf(cut.kept(), facet);
            depth = Math.max(depth, cut.removedDepthFrom(cutter.facesBefore(s, job, groundLine)));
        }
        return new Shaping(volume, area, depth);
    }

    /** Steel that goes between two places (mm³). */
    double volume(double from, double to) {
        double volume = 0;
        for (Weighed w : all) {
            double x = w.station.x();
            double counts = (x > from && x <= to ? w.before : 0) + (x >= from && x < to ? w.after : 0);
            volume += counts * w.station.removedArea();
        }
        return volume;
    }

    /** Steel ahead of a line square to the back, which lies so far behind the foremost point there (mm³). */
    double ahead(DoubleUnaryOperator lineAt) {
        return all.stream()
                .mapToDouble(w -> w.weight()
                        * Cut.of(w.station.before(), Cutter.blunt(lineAt.applyAsDouble(w.station.x())), Facet.BLUNT)
                                .removedArea())
                .sum();
    }

    /** Greatest thickness of the blade at that line (mm): the land that grinding blunt to it leaves. */
    double landAt(DoubleUnaryOperator lineAt) {
        return all.stream()
                .mapToDouble(w -> w.station.before().stream()
                        .mapToDouble(s -> s.thicknessAt(lineAt.applyAsDouble(w.station.x())))
                        .max()
                        .orElse(0))
                .max()
                .orElse(0);
    }
}
