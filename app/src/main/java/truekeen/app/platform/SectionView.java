package truekeen.app.platform;

import java.util.List;
import java.util.stream.IntStream;
import truekeen.core.section.Section;

/**
 * A section, ready to be drawn: x along the back away from the apex, y through the thickness (mm).
 *
 * @param before pieces as they are
 * @param after pieces as they will be
 * @param removed pieces that go
 */
public record SectionView(List<Outline> before, List<Outline> after, List<Outline> removed) {

    /**
     * One piece.
     *
     * @param corners its corners, counter-clockwise
     */
    public record Outline(List<Corner> corners) {}

    /**
     * A corner, with the facet of the side that starts there.
     *
     * @param x along the back (mm)
     * @param y through the thickness (mm)
     * @param facet what the side is
     */
    public record Corner(double x, double y, String facet) {}

    /** The view of a section before and after. */
    public static SectionView of(List<Section> before, List<Section> after, List<Section> removed) {
        return new SectionView(outlines(before), outlines(after), outlines(removed));
    }

    private static List<Outline> outlines(List<Section> pieces) {
        return pieces.stream()
                .map(s -> new Outline(IntStream.range(0, s.corners().size())
                        .mapToObj(i -> new Corner(
                                s.corners().get(i).x(),
                                s.corners().get(i).y(),
                                s.facets().get(i).name()))
                        .toList()))
                .toList();
    }
}
