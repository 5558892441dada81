package truekeen.app.platform;

import java.util.List;
import java.util.stream.IntStream;
import truekeen.core.section.Facet;
import truekeen.core.section.Section;

/**
 * A section, ready to be drawn: x along the blade away from the apex, y through the thickness (mm).
 *
 * @param before pieces as they are
 * @param after pieces as they will be
 * @param removed pieces that go
 * @param marks angles to be written in
 * @param perSide whether angles are measured from the mid-plane, which is then drawn
 * @param mainMm how much of the blade the main drawing shows, from the present apex
 * @param insetMm how much of it the magnified inset shows
 * @param wholeMm how long the whole section is
 * @param honedMm width of the honed facet afterwards
 * @param lostMm what goes off the length
 */
public record SectionView(
        List<Outline> before,
        List<Outline> after,
        List<Outline> removed,
        List<AngleMark> marks,
        boolean perSide,
        double mainMm,
        double insetMm,
        double wholeMm,
        double honedMm,
        double lostMm) {

    /**
     * One piece.
     *
     * @param corners its corners, counter-clockwise
     */
    public record Outline(List<Corner> corners) {}

    /**
     * A corner, with the facet of the side that starts there.
     *
     * @param x along the blade (mm)
     * @param y through the thickness (mm)
     * @param facet what the side is
     * @param bend curvature of the side (1/mm): 0 straight, positive bulging outward
     */
    public record Corner(double x, double y, Facet facet, double bend) {}

    /**
     * An angle about a point.
     *
     * @param fromDeg where its arc begins, from the direction along the blade
     * @param toDeg where it ends
     * @param name what it is
     * @param inset whether it belongs into the magnified inset
     */
    public record AngleMark(double x, double y, double fromDeg, double toDeg, String name, boolean inset) {}

    /** Pieces as they are drawn. */
    public static List<Outline> outlines(List<Section> pieces) {
        return pieces.stream()
                .map(s -> new Outline(IntStream.range(0, s.corners().size())
                        .mapToObj(i -> new Corner(
                                s.corners().get(i).x(),
                                s.corners().get(i).y(),
                                s.facets().get(i),
                                s.bends().get(i)))
                        .toList()))
                .toList();
    }
}
