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
 * @param from the end that millimetres are counted from
 * @param to the end where they stop
 * @param rise the profile of a curved edge, from its beginning to its end; empty where straight
 * @param bodyMm length of the body between the two edges of a bar, or between teeth (mm); 0 where there is none
 */
public record EdgeLayout(Form form, int edges, double edgeMm, End from, End to, List<Rise> rise, double bodyMm) {
    private static final int DRAWN_POINTS = 48;

    /** How the strip is drawn. */
    public enum Form {
        STRAIGHT,
        CURVED,
        BAR,
        TEETH
    }

    /** An end of an edge, or of a row of them. */
    public enum End {
        LEFT_CORNER("left corner"),
        RIGHT_CORNER("right corner"),
        HEEL("heel"),
        TIP("tip"),
        /** Of an axe: the far end, as the heel is the near one. */
        TOE("toe"),
        LEFT_TIP("left tip"),
        RIGHT_TIP("right tip"),
        FIRST_TOOTH("first tooth"),
        LAST_TOOTH("last tooth");

        private final String words;

        End(String words) {
            this.words = words;
        }

        /** What it is called at the bench. */
        public String words() {
            return words;
        }
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

    /** Whether it ends in the tip of a blade. */
    public boolean toTip() {
        return to == End.TIP;
    }

    /** Length of all edges together (mm). */
    public double totalMm() {
        return edges * edgeMm;
    }

    static EdgeLayout corners(double edgeMm) {
        return new EdgeLayout(Form.STRAIGHT, 1, edgeMm, End.LEFT_CORNER, End.RIGHT_CORNER, List.of(), 0);
    }

    static EdgeLayout straight(double edgeMm) {
        return new EdgeLayout(Form.STRAIGHT, 1, edgeMm, End.HEEL, End.TIP, List.of(), 0);
    }

    /** An edge whose height above its heel is given by a function of the place along it (mm to mm). */
    static EdgeLayout curved(double edgeMm, End from, End to, java.util.function.DoubleUnaryOperator height) {
        List<Rise> rise = IntStream.rangeClosed(0, DRAWN_POINTS)
                .mapToDouble(i -> edgeMm * i / DRAWN_POINTS)
                .mapToObj(s -> new Rise(s, height.applyAsDouble(s)))
                .toList();
        return new EdgeLayout(Form.CURVED, 1, edgeMm, from, to, rise, 0);
    }

    /** A knife: straight from the heel, then up to the tip in an even curve. */
    static EdgeLayout knife(double edgeMm, double straightMm, double tipRiseMm) {
        return tipRiseMm <= 0
                ? straight(edgeMm)
                : curved(edgeMm, End.HEEL, End.TIP, s -> belly(s, edgeMm, straightMm, tipRiseMm));
    }

    static double belly(double s, double edgeMm, double straightMm, double tipRiseMm) {
        double curved = Math.max(edgeMm - straightMm, 1e-9);
        double share = Math.max(0, s - straightMm) / curved;
        return tipRiseMm * share * share;
    }
}
