package truekeen.core.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import truekeen.core.table.Prior;

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
 * @param perTooth edges that one tooth has along a row of them; 0 where there are no teeth
 */
public record EdgeLayout(
        Form form, int edges, double edgeMm, End from, End to, List<Rise> rise, double bodyMm, int perTooth) {
    private static final int DRAWN_POINTS = 48;
    private static final String MIDDLE = "middle";
    /** A belly shorter than this part of the edge is not named apart. */
    private static final double LEAST_ZONE_SHARE = Prior.LEAST_ZONE_SHARE.value();

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

    /**
     * A part of an edge as the bench calls it.
     *
     * @param words what it is called
     * @param fromMm where it begins (mm along the edge)
     * @param toMm where it ends (mm)
     */
    public record Zone(String words, double fromMm, double toMm) {}

    /** Where the tip of a blade begins: its last part, by its own length (mm); the end of the edge where it has none. */
    public double tipFromMm() {
        return toTip() ? Prior.TIP_FROM_SHARE.value() * totalMm() : totalMm();
    }

    /** Where the belly begins: where the edge leaves its straight part (mm); at the tip where it is straight up to there. */
    public double bellyFromMm() {
        double rises = rise.stream()
                .filter(r -> r.riseMm() > Prior.BELLY_RISE_MM.value())
                .mapToDouble(Rise::alongMm)
                .findFirst()
                .orElse(totalMm());
        return toTip() ? Math.min(rises, tipFromMm()) : totalMm();
    }

    /** Its parts from the beginning to the end: of a blade heel, middle, belly and tip by its own shape, else thirds. */
    public List<Zone> zones() {
        double total = totalMm();
        if (!toTip()) {
            return List.of(
                    new Zone(from.words(), 0, total / 3),
                    new Zone(MIDDLE, total / 3, 2 * total / 3),
                    new Zone(to.words(), 2 * total / 3, total));
        }
        double belly = bellyFromMm();
        double tip = tipFromMm();
        List<Zone> zones = new ArrayList<>();
        zones.add(new Zone(from.words(), 0, belly / 2));
        zones.add(new Zone(MIDDLE, belly / 2, belly));
        if (tip - belly > LEAST_ZONE_SHARE * total) {
            zones.add(new Zone("belly", belly, tip));
        } else {
            zones.set(1, new Zone(MIDDLE, belly / 2, tip));
        }
        zones.add(new Zone(to.words(), tip, total));
        return List.copyOf(zones);
    }

    /** Length of all edges together (mm). */
    public double totalMm() {
        return edges * edgeMm;
    }

    static EdgeLayout corners(double edgeMm) {
        return new EdgeLayout(Form.STRAIGHT, 1, edgeMm, End.LEFT_CORNER, End.RIGHT_CORNER, List.of(), 0, 0);
    }

    static EdgeLayout straight(double edgeMm) {
        return new EdgeLayout(Form.STRAIGHT, 1, edgeMm, End.HEEL, End.TIP, List.of(), 0, 0);
    }

    /** An edge whose height above its heel is given by a function of the place along it (mm to mm). */
    static EdgeLayout curved(double edgeMm, End from, End to, java.util.function.DoubleUnaryOperator height) {
        List<Rise> rise = IntStream.rangeClosed(0, DRAWN_POINTS)
                .mapToDouble(i -> edgeMm * i / DRAWN_POINTS)
                .mapToObj(s -> new Rise(s, height.applyAsDouble(s)))
                .toList();
        return new EdgeLayout(Form.CURVED, 1, edgeMm, from, to, rise, 0, 0);
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
