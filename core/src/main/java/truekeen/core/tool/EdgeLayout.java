package truekeen.core.tool;

import java.util.List;
import java.util.stream.IntStream;

/**
 * How the edges of a tool lie, drawn out for the strip. Places along it are counted in millimetres of edge from its
 * beginning; where there are several edges they follow one another.
 *
 * @param form how it is drawn
 * @param edges how many edges
 * @param edgeMm length of one of them (mm)
 * @param from what millimetres are counted from
 * @param to where they end
 * @param toTip whether that is the tip of a blade
 * @param rise the profile of a curved edge, from its beginning to its end; empty where straight
 * @param bodyMm length of the body between the two edges of a bar, or between teeth (mm); 0 where there is none
 */
public record EdgeLayout(
        Form form, int edges, double edgeMm, String from, String to, boolean toTip, List<Rise> rise, double bodyMm) {
    private static final int DRAWN_POINTS = 48;

    /** How the strip is drawn. */
    public enum Form {
        STRAIGHT,
        CURVED,
        BAR,
        TEETH
    }

    /**
     * A place of a curved edge.
     *
     * @param alongMm along the edge (mm)
     * @param riseMm above the line of its beginning, toward the spine (mm)
     */
    public record Rise(double alongMm, double riseMm) {}

    /** Keeps the profile from changing. */
    public EdgeLayout {
        rise = List.copyOf(rise);
    }

    /** Length of all edges together (mm). */
    public double totalMm() {
        return edges * edgeMm;
    }

    static EdgeLayout corners(double edgeMm) {
        return new EdgeLayout(Form.STRAIGHT, 1, edgeMm, "left corner", "right corner", false, List.of(), 0);
    }

    static EdgeLayout straight(double edgeMm) {
        return new EdgeLayout(Form.STRAIGHT, 1, edgeMm, "heel", "tip", true, List.of(), 0);
    }

    /** An edge whose height above its heel is given by a function of the place along it (mm to mm). */
    static EdgeLayout curved(
            double edgeMm, String from, String to, boolean toTip, java.util.function.DoubleUnaryOperator height) {
        List<Rise> rise = IntStream.rangeClosed(0, DRAWN_POINTS)
                .mapToDouble(i -> edgeMm * i / DRAWN_POINTS)
                .mapToObj(s -> new Rise(s, height.applyAsDouble(s)))
                .toList();
        return new EdgeLayout(Form.CURVED, 1, edgeMm, from, to, toTip, rise, 0);
    }

    /** A knife: straight from the heel, then up to the tip in an even curve. */
    static EdgeLayout knife(double edgeMm, double straightMm, double tipRiseMm) {
        return tipRiseMm <= 0
                ? straight(edgeMm)
                : curved(edgeMm, "heel", "tip", true, s -> belly(s, edgeMm, straightMm, tipRiseMm));
    }

    static double belly(double s, double edgeMm, double straightMm, double tipRiseMm) {
        double curved = Math.max(edgeMm - straightMm, 1e-9);
        double share = Math.max(0, s - straightMm) / curved;
        return tipRiseMm * share * share;
    }
}
