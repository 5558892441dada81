package truekeen.core.section;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;

/**
 * A section and a cut through it: what stays and what goes.
 *
 * @param kept the pieces that stay
 * @param removed the pieces that go
 */
public record Cut(List<Section> kept, List<Section> removed) {

    /** Cuts the pieces along the edge of the half-plane; the fresh sides of what stays get the facet given. */
    public static Cut of(List<Section> pieces, Cutter keep, Facet fresh) {
        return new Cut(
                pieces.stream().flatMap(s -> s.within(keep, fresh).stream()).toList(),
                pieces.stream()
                        .flatMap(s -> s.within(keep.complement(), fresh).stream())
                        .toList());
    }

    /** Cuts only what lies before a place along the blade; what lies behind it stays as it is. */
    static Cut before(List<Section> pieces, double x, Cutter keep, Facet fresh) {
        List<Section> kept = new ArrayList<>();
        List<Section> removed = new ArrayList<>();
        for (Section piece : pieces) {
            List<Section> behind = new ArrayList<>(piece.within(Cutter.blunt(x), Facet.JOIN));
            for (Section front : piece.within(Cutter.blunt(x).complement(), Facet.JOIN)) {
                removed.addAll(front.within(keep.complement(), fresh));
                for (Section left : front.within(keep, fresh)) {
                    kept.add(left.joined(behind));
                }
            }
            kept.addAll(behind);
        }
        return new Cut(kept, removed);
    }

    /** Area that goes (mm²). */
    public double removedArea() {
        return area(removed);
    }

    /**
     * Greatest distance of what goes from the lines of the faces as they were (mm): beyond or within the nearest, each
     * piece measured from the face it lies at.
     */
    public double removedDepthFrom(List<Cutter> faces) {
        return removed.stream()
                .mapToDouble(s -> faces.stream()
                        .mapToDouble(f -> Math.max(s.farthestBeyond(f), s.farthestBeyond(f.complement())))
                        .min()
                        .orElse(0))
                .max()
                .orElse(0);
    }

    /**
     * The cut out of a family that takes a given area: the amount is solved for, so that exactly that goes.
     *
     * @param cutters the cut at each amount; deeper cuts take more
     * @param most an amount that takes at least the area
     * @param areaMm2 area that is to go
     * @throws IllegalArgumentException when even the most takes less
     */
    public static Cut byArea(
            List<Section> pieces, DoubleFunction<Cutter> cutters, double most, double areaMm2, Facet fresh) {
        if (of(pieces, cutters.apply(most), fresh).removedArea() < areaMm2) {
            throw new IllegalArgumentException("there is less steel than is to go");
        }
        double low = 0;
        double high = most;
        for (int i = 0; i < 200 && high - low > Math.ulp(high); i++) {
            double middle = (low + high) / 2;
            if (of(pieces, cutters.apply(middle), fresh).removedArea() < areaMm2) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return of(pieces, cutters.apply(high), fresh);
    }

    /** Area of several pieces (mm²). */
    public static double area(List<Section> pieces) {
        return pieces.stream().mapToDouble(Section::area).sum();
    }

    /** Length of a facet over several pieces (mm). */
    public static double lengthOf(List<Section> pieces, Facet facet) {
        return pieces.stream().mapToDouble(s -> s.lengthOf(facet)).sum();
    }
}
