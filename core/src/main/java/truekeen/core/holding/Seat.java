package truekeen.core.holding;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.hipparchus.analysis.solvers.BrentSolver;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Convention;
import truekeen.core.tool.ConvexBlade;
import truekeen.core.tool.DoubleBevelKnife;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.MowerBar;
import truekeen.core.tool.ShearBlade;
import truekeen.core.tool.SingleBevelKnife;

/**
 * What of a blade matters to whatever holds it.
 *
 * @param kind the family
 * @param thickness T or S, of the blade where the bevel ends, or of its spine
 * @param offset how far the lower face lies from the plane that the angle is measured from: T from the back, S/2 from
 *     the mid-plane
 * @param behindEdge thickness at the shoulder of the edge bevel; the thickness itself where the faces are parallel
 * @param face angle of the lower face to the reference plane where the family has one of its own, else zero
 * @param edge length of one edge
 * @param stations widths from edge to spine along the edge, heel first; a single one, of no meaning but as a lever,
 *     where there is no spine
 */
public record Seat(
        GeometryKind kind,
        Length thickness,
        Length offset,
        Length behindEdge,
        Angle face,
        Length edge,
        List<Station> stations) {
    /** Where a tool without a spine is measured: so far behind the edge, or at its end. Source: workshop prior. */
    static final double LEVER_MM = Prior.SEAT_LEVER_MM.value();

    private static final int ALONG = 4;

    /**
     * A place along a curved edge.
     *
     * @param along from the heel
     * @param width W, from the edge to the spine there
     */
    public record Station(Length along, Length width) {}

    /** Keeps the stations from changing. */
    public Seat {
        stations = List.copyOf(stations);
    }

    /** The seat that a blade offers. */
    public static Seat of(Blade blade) {
        Map<String, Double> m = blade.measures().values();
        GeometryKind kind = blade.kind();
        double thick =
                m.getOrDefault("spineThickness", m.getOrDefault("thickness", m.getOrDefault("thicknessBehind", 0.0)));
        boolean both = kind.convention() == Convention.PER_SIDE;
        double behind =
                blade instanceof DoubleBevelKnife knife ? knife.behindEdge().mm() : thick;
        Angle face = blade instanceof SingleBevelKnife single ? single.face() : Angle.ZERO;
        double edge = blade.layout().edgeMm();
        double width = kind.spined() ? blade.usable().mm() : lever(blade);
        List<Station> stations = kind.spined() ? widths(blade, width) : List.of(station(0, width));
        return new Seat(
                kind,
                Length.ofMm(thick),
                Length.ofMm(both ? thick / 2 : thick),
                Length.ofMm(behind),
                face,
                Length.ofMm(edge),
                stations);
    }

    /** Shear blades, mower bars, axes and billhooks are measured across: they end where their width does. */
    private static double lever(Blade blade) {
        boolean across = blade instanceof ShearBlade || blade instanceof MowerBar || blade instanceof ConvexBlade;
        return across ? Math.min(LEVER_MM, blade.usable().mm()) : LEVER_MM;
    }

    private static List<Station> widths(Blade blade, double heel) {
        var rise = blade.layout().rise();
        if (rise.isEmpty()) {
            return List.of(station(0, heel));
        }
        int last = rise.size() - 1;
        return IntStream.rangeClosed(0, ALONG)
                .mapToObj(i -> rise.get(i * last / ALONG))
                .map(r -> station(r.alongMm(), heel - r.riseMm()))
                // Where the edge runs out to the spine there is nothing to hold it by.
                .filter(s -> s.width().mm() > heel * 0.05)
                .toList();
    }

    private static Station station(double along, double width) {
        return new Station(Length.ofMm(along), Length.ofMm(width));
    }

    /** Whether angles are counted a side, from the mid-plane. */
    public boolean perSide() {
        return kind.convention() == Convention.PER_SIDE;
    }

    /** W at the heel, or the lever where there is no spine. */
    public Length width() {
        return stations.get(0).width();
    }

    /**
     * κ, how far the lower face leans to the reference plane with an edge bevel of that angle: the taper of a knife's
     * side, the broad face of a single-bevel knife, nothing on parallel blades.
     */
    public Angle taper(Angle edgeBevel) {
        if (face.radians() > 0) {
            return face;
        }
        double t = behindEdge.mm();
        if (!perSide() || t >= thickness.mm()) {
            return Angle.ZERO;
        }
        double shoulder = t / (2 * edgeBevel.tan());
        if (shoulder >= width().mm()) {
            throw new RefusedException(Refusal.of(MessageCode.SHOULDER_PAST_SPINE, "last", Length.ofMm(shoulder))
                    .with("high", width()));
        }
        return Angle.ofRadians(Math.atan((thickness.mm() - t) / (2 * (width().mm() - shoulder))));
    }

    /** How far the shoulder of the edge bevel lies off the reference plane (mm). */
    double shoulderMm() {
        return perSide() ? behindEdge.mm() / 2 : behindEdge.mm();
    }

    /** Where the line of the lower face crosses the apex, off the reference plane (mm). */
    public double crossesMm(Angle edgeBevel) {
        double half = shoulderMm();
        double taper = taper(edgeBevel).tan();
        return taper > 0 ? half - half / edgeBevel.tan() * taper : half;
    }

    /**
     * The edge bevel whose lower face leans so much to the abrasive: the inverse of {@code angle − taper(angle)}.
     *
     * @param side angle of the lower face to the abrasive
     * @throws RefusedException where no angle from 4° to 85° has it
     */
    public Angle edgeBevel(Angle side) {
        if (!perSide() || behindEdge.mm() >= thickness.mm()) {
            return side.plus(face);
        }
        return solve(a -> a.minus(taper(a)), side, "side");
    }

    /** The angle at which a rising function of it takes a value. */
    Angle solve(java.util.function.UnaryOperator<Angle> rising, Angle wanted, String field) {
        double low = Math.max(Holder.LEAST.radians() / 2, least().radians());
        double high = Math.toRadians(89);
        double atLow = rising.apply(Angle.ofRadians(low)).minus(wanted).radians();
        double atHigh = rising.apply(Angle.ofRadians(high)).minus(wanted).radians();
        if (atLow > 0 || atHigh < 0) {
            throw new RefusedException(Refusal.of(MessageCode.TILT_RANGE, field, wanted));
        }
        return Angle.ofRadians(new BrentSolver(1e-15, 1e-15)
                .solve(200, x -> rising.apply(Angle.ofRadians(x)).minus(wanted).radians(), low, high));
    }

    /** Below this the shoulder of a tapering blade's edge bevel would lie past half of it. */
    private Angle least() {
        boolean tapers = perSide() && behindEdge.mm() < thickness.mm();
        return tapers ? Angle.ofRadians(Math.atan(behindEdge.mm() / width().mm())) : face;
    }

    /** Length of the bevel face that a wheel must span (mm). */
    double bevelMm(Angle angle) {
        return shoulderMm() / angle.sin();
    }
}
