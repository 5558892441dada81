package truekeen.core.section;

import java.util.List;

/**
 * A section and a straight cut through it: what stays and what goes.
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

    /** Area that goes (mm²). */
    public double removedArea() {
        return area(removed);
    }

    /** Greatest distance of what goes from a line, beyond or within it (mm). */
    public double removedDepthFrom(Cutter line) {
        return removed.stream()
                .mapToDouble(s -> Math.max(s.farthestBeyond(line), s.farthestBeyond(line.complement())))
                .max()
                .orElse(0);
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
