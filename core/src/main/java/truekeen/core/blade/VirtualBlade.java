package truekeen.core.blade;

import java.util.Arrays;
import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;
import truekeen.core.keenness.ApexKeenness;
import truekeen.core.table.Prior;

/**
 * A blade as a row of sections along its edge.
 *
 * <p>Deterministic: the same strokes with the same seed give the same edge.
 */
public final class VirtualBlade {
    private static final double UM_PER_MM = 1000;
    private static final double UM2_PER_MM2 = 1e6;
    /** Where the thickness behind the apex is looked at (µm). */
    private static final double BEHIND_UM = 3;

    private static final double ROUNDED_BY_STROP_UM = Prior.STROP_ROUNDS_UM.value();
    private static final int STROPS_FREE = Prior.STROP_ROUNDS_AFTER.whole();
    /** Edge that a stroke on a strop works as a whole (mm). */
    private static final double STROPPED_MM = Prior.STROPPED_EDGE_MM.value();

    /** Places that a station is looked at for damage. */
    private static final int LOOKS = 8;

    private static final double LEATHER_GIVES = Math.toRadians(Prior.LEATHER_GIVES_DEG.value());

    private static final double LEATHER_FOLLOWS = Math.toRadians(Prior.LEATHER_FOLLOWS_DEG.value());

    private static final int LOWER = 1;
    private static final int UPPER = 2;

    private final Wedge intended;
    private final double spacingMm;
    private final EdgeChain[] stations;
    private final Burr[] burrs;
    /** Rounding by strokes on a strop beyond what is free (µm). */
    private final double[] rounded;

    /** Sides that reached the apex since {@link #forget}: 1 for the lower, 2 for the upper. */
    private final int[] reached;

    /** Strokes on a strop on either side, each by how much of it a mm of the edge sees. */
    private final double[] strops;

    private final HandError hand;
    private final SplittableRandom random;
    private final Gum gum;

    private VirtualBlade(Wedge intended, double spacingMm, int count, Gum gum, long seed) {
        this.intended = intended;
        this.spacingMm = spacingMm;
        this.stations = new EdgeChain[count];
        this.burrs = new Burr[count];
        this.rounded = new double[count];
        this.reached = new int[count];
        this.strops = new double[2];
        this.hand = new HandError(count * spacingMm);
        this.random = new SplittableRandom(seed);
        this.gum = gum;
    }

    /**
     * A blade with a sharp apex all along.
     *
     * @param shape what it is like now
     * @param intended what its edge is to be: what is thicker near the apex is blunt
     * @param edgeMm length of the edge (mm)
     * @param spacingMm distance of the stations (mm)
     * @param scratchUm scratches on its faces (µm)
     */
    public static VirtualBlade of(
            Wedge shape, Wedge intended, double edgeMm, double spacingMm, double scratchUm, Gum gum, long seed) {
        VirtualBlade blade = new VirtualBlade(intended, spacingMm, (int) Math.round(edgeMm / spacingMm), gum, seed);
        for (int i = 0; i < blade.stations.length; i++) {
            blade.stations[i] = shape.chain(scratchUm);
            blade.burrs[i] = new Burr();
        }
        return blade;
    }

    /**
     * Puts a facet on, as an earlier sharpening left it.
     *
     * @param upper on which side
     * @param angleDeg its angle (°): steeper than the face that is there
     * @param widthMm its width (mm)
     */
    public void facet(boolean upper, double angleDeg, double widthMm) {
        for (EdgeChain station : stations) {
            new Reshaping(station).facet(upper, Math.toRadians(angleDeg), widthMm);
        }
    }

    /**
     * Grinds the edge back to a straight line and a face up to it, as a machine does: a hollow one where it is to be hollow.
     *
     * @param upper the side that is ground
     * @param angleDeg angle of the face, or of the chord of a hollow one (°)
     * @param lineMm how far back the line lies (mm along the blade, as {@link #recessionMm} counts)
     */
    public void grind(boolean upper, double angleDeg, double lineMm) {
        for (EdgeChain station : stations) {
            double back = lineMm - station.recession();
            if (back > 0) {
                new Reshaping(station).cutBack(back);
            }
            new Reshaping(station).grind(upper, Math.toRadians(angleDeg), upper ? intended.wheelMm() / 2 : 0);
        }
    }

    /**
     * Takes steel off the front: a chip, a dent, wear. The edge there is a land, square to the blade.
     *
     * @param backMm how far back it goes at a place along the edge (mm), by that place (mm)
     */
    public void damage(DoubleUnaryOperator backMm) {
        for (int i = 0; i < stations.length; i++) {
            double back = deepest(backMm, i);
            if (back > 0) {
                new Reshaping(stations[i]).cutBack(back);
            }
        }
    }

    /** What goes at a station goes over all its width: a chip narrower than that is not passed over. */
    private double deepest(DoubleUnaryOperator backMm, int station) {
        double deepest = 0;
        for (int i = 0; i <= LOOKS; i++) {
            deepest = Math.max(deepest, backMm.applyAsDouble((station + (double) i / LOOKS) * spacingMm));
        }
        return deepest;
    }

    /** Makes a stroke; gives what it took (mm³). */
    public double stroke(Stroke stroke, Grain grain) {
        hand.draw(random, stroke.steadinessDeg());
        int from = Math.max(0, (int) Math.ceil(stroke.fromMm() / spacingMm - 0.5));
        int to = Math.min(stations.length - 1, (int) Math.floor(stroke.toMm() / spacingMm - 0.5));
        double worked = (to - from + 1) * spacingMm;
        if (worked <= 0) {
            return 0;
        }
        double area = grain.wear() * stroke.forceN() * stroke.wayMm() / worked;
        // A long edge sees less of each stroke.
        double seen = Math.min(1, STROPPED_MM / worked);
        int worn = stroke.upper() ? 1 : 0;
        strops[worn] = grain.strop() ? strops[worn] + seen : 0;
        double tooSteep = Math.max(0, stroke.angleDeg() - intended.angleDeg(stroke.upper()));
        boolean rounds = grain.strop() && strops[stroke.upper() ? 1 : 0] > STROPS_FREE;
        double side = stroke.upper() ? 1 : -1;
        double set = Math.toRadians(stroke.angleDeg());
        double sin = Math.sin(set);
        double cos = Math.cos(set);
        double all = 0;
        for (int i = from; i <= to; i++) {
            double off = Math.toRadians(hand.at(along(i)));
            double sinOff = Math.sin(off);
            double cosOff = Math.cos(off);
            EdgeChain station = stations[i];
            if (grain.strop()) {
                // Leather gives, and folds round the edge: it works there, however low it is held.
                double at = leather(set + off, station.slope(stroke.upper()));
                station.cut(-Math.sin(at), side * Math.cos(at), area, grain.scratchUm());
            } else {
                station.cut(
                        -(sin * cosOff + cos * sinOff), side * (cos * cosOff - sin * sinOff), area, grain.scratchUm());
            }
            all += station.taken() * spacingMm;
            if (station.apexCut()) {
                reached[i] |= stroke.upper() ? UPPER : LOWER;
                // A stone takes what leather rounded.
                rounded[i] = grain.strop() ? rounded[i] : Math.max(0, rounded[i] + station.apexBelow() * UM_PER_MM);
                burrs[i].stroke(stroke.upper(), station.taken() * UM2_PER_MM2, grain, stroke.forceN(), gum);
            } else if (burrs[i].standsProud(stroke.upper(), station.apexBelow() * UM_PER_MM)) {
                burrs[i].stroke(stroke.upper(), 0, grain, stroke.forceN(), gum);
            }
            if (rounds) {
                rounded[i] += seen * ROUNDED_BY_STROP_UM * (1 + tooSteep);
            }
        }
        return all;
    }

    /** Angle at which leather works at the very edge (rad): it follows the face there, but does not turn up a blunt front. */
    private static double leather(double held, double face) {
        double gives = held + LEATHER_GIVES;
        return face > gives && face <= held + LEATHER_FOLLOWS ? face : gives;
    }

    private double along(int station) {
        return (station + 0.5) * spacingMm;
    }

    /** How far back a sharp edge must be worn to have a keenness index (mm). */
    public static double wornMm(Wedge edge, double index) {
        double radiusUm = ApexKeenness.radiusUm(index);
        return 2 * radiusUm / UM_PER_MM / edge.thickness(1);
    }

    /** How many stations it has. */
    public int stations() {
        return stations.length;
    }

    /** Area of all sections (mm²), each by the length it stands for: its volume near the edge (mm³). */
    public double volume() {
        double sum = 0;
        for (EdgeChain s : stations) {
            sum += s.area() * spacingMm;
        }
        return sum;
    }

    /** Radius of the apex at a station (µm). */
    public double apexRadiusUm(int station) {
        EdgeChain s = stations[station];
        double scratched = ApexKeenness.scratchedUm(Math.max(s.apexScratch(true), s.apexScratch(false)));
        double behind = BEHIND_UM / UM_PER_MM;
        double excess = (s.thickness(behind) - intended.thickness(behind)) * UM_PER_MM / 2;
        double blunt = Math.max(0, excess);
        return Math.sqrt(scratched * scratched + blunt * blunt) + rounded[station];
    }

    /** Keenness index at a station; lower is keener. */
    public double index(int station) {
        return ApexKeenness.index(apexRadiusUm(station));
    }

    /** Mean keenness index along the edge. */
    public double meanIndex() {
        double sum = 0;
        for (int i = 0; i < stations.length; i++) {
            sum += index(i);
        }
        return sum / stations.length;
    }

    /** Length of the burr at a station (µm). */
    public double burrUm(int station) {
        return burrs[station].lengthUm;
    }

    /** Whether the burr at a station hangs on the upper side. */
    public boolean burrUpper(int station) {
        return burrs[station].upper;
    }

    /** Thickness of the burr's root at a station (µm). */
    public double burrRootUm(int station) {
        return burrs[station].rootUm;
    }

    /** Forgets which sides reached the apex so far. */
    public void forget() {
        Arrays.fill(reached, 0);
    }

    /** Whether strokes on a side reached the apex at a station since {@link #forget}. */
    public boolean reached(boolean upper, int station) {
        return (reached[station] & (upper ? UPPER : LOWER)) != 0;
    }

    /** Depth of the scratches that reach the apex from a side at a station (µm). */
    public double apexScratchUm(boolean upper, int station) {
        return stations[station].apexScratch(upper);
    }

    /** Whether something hangs on at a station: longer than can be left, and longer than it is thick. */
    public boolean hangs(int station) {
        // A stub no longer than the edge is wide does not fold.
        return burrs[station].hangs() && burrs[station].lengthUm > 2 * apexRadiusUm(station);
    }

    /** Draws the edge through wood: what hangs by a thin root is pulled off. */
    public void drawThroughWood() {
        for (Burr burr : burrs) {
            burr.drawThroughWood();
        }
    }

    /** Place of a station along the edge (mm). */
    public double placeMm(int station) {
        return along(station);
    }

    /** How far back the edge stands at a station (mm). */
    public double recessionMm(int station) {
        return stations[station].recession();
    }

    /** The corners of a station's section from the heel below round the apex (mm), as x, y, x, y. */
    public double[] outline(int station) {
        EdgeChain s = stations[station];
        double[] corners = new double[2 * s.size()];
        for (int i = 0; i < s.size(); i++) {
            corners[2 * i] = s.x(i);
            corners[2 * i + 1] = s.y(i);
        }
        return corners;
    }
}
