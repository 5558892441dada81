package truekeen.core.heat;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.steel.SteelClass;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Convention;
import truekeen.core.tool.DoubleBevelKnife;

/**
 * How long a blade may touch a wheel, before its edge comes within forty degrees of drawing its temper. An estimate, on
 * the safe side: nothing is cooled by air or water, and heat runs only straight back from the contact.
 *
 * @param limitC temperature the edge is kept below (°C)
 * @param sharp contact with a finished edge, light pressure
 * @param blunt contact with an edge ground blunt first, working pressure
 * @param bluntAlike contact with the blunt edge at the light pressure, to compare like with like
 */
public record GrindHeat(double limitC, Contact sharp, Contact blunt, Contact bluntAlike) {
    /** Below the limit of the steel by so much (K). Source: workshop prior. */
    public static final double MARGIN_K = Prior.GRIND_HEAT_MARGIN_K.value();
    /** Land of an edge that was ground blunt first. Source: workshop prior. */
    public static final Length BLUNT_LAND = Length.ofMm(Prior.BLUNT_LAND_MM.value());
    /** Longest contact that is looked at (s). */
    public static final double MOST_SECONDS = 30;

    /** A finger draws back at once from steel as warm as this (°C); cooler, it feels it too late. Workshop prior. */
    private static final double FINGER_C = Prior.GRIND_HEAT_FINGER_C.value();

    /** How far behind the edge a finger feels for heat (mm). Workshop prior. */
    public static final double FINGER_BEHIND_MM = Prior.HEAT_BEHIND_EDGE_MM.value();

    private static final double ROOM_C = 20;
    private static final double CONTACT_WIDTH_MM = Prior.CONTACT_WIDTH_MM.value();
    private static final double REACH_MM = 60;

    /**
     * A contact, at the faster and at the slower end of its removal rates.
     *
     * @param fastMm3 removal rate at the faster end (mm³/s)
     * @param slowMm3 at the slower end
     * @param leastSeconds until the limit at the faster end; empty where half a minute is not enough
     * @param mostSeconds until the limit at the slower end
     * @param behindC how warm the steel is where a finger would feel it, so far behind the edge ({@link #FINGER_BEHIND_MM}), faster end (°C)
     * @param hotMm how far behind the edge it is at 100 °C then (mm)
     * @param curve temperature of the edge against time at the faster end
     */
    public record Contact(
            double fastMm3,
            double slowMm3,
            OptionalDouble leastSeconds,
            OptionalDouble mostSeconds,
            double behindC,
            double hotMm,
            List<HeatRun.Moment> curve) {
        /** Keeps the curve from changing. */
        public Contact {
            curve = List.copyOf(curve);
        }

        /** Whether a finger three millimetres behind the edge would feel it before the limit. */
        public boolean fingerWarns() {
            return behindC >= FINGER_C;
        }
    }

    /** The heat of grinding a blade to a bevel, ground blunt to a usual land first. */
    public static GrindHeat of(Blade blade, Angle bevel, SteelClass steel, HeatSource source) {
        return of(blade, bevel, steel, source, BLUNT_LAND);
    }

    /** The heat of grinding a blade to a bevel, ground blunt to that land first. */
    public static GrindHeat of(Blade blade, Angle bevel, SteelClass steel, HeatSource source, Length bluntLand) {
        double limit = steel.temperLimitC() - MARGIN_K;
        HeatModel sharp = new HeatModel(fin(blade, bevel, Length.ofMm(0)), steel.conductivityWmK());
        double full = thickness(blade);
        Length land = Length.min(bluntLand, Length.ofMm(full));
        HeatModel blunt = new HeatModel(fin(blade, bevel, land), steel.conductivityWmK());
        return new GrindHeat(
                limit,
                contact(sharp, source, source.lightFast(), source.lightSlow(), limit),
                contact(blunt, source, source.fast(), source.slow(), limit),
                contact(blunt, source, source.lightFast(), source.lightSlow(), limit));
    }

    /** The steel behind an edge of that land, as far as heat runs in a contact. */
    public static EdgeFin fin(Blade blade, Angle bevel, Length land) {
        Length width = Length.ofMm(Math.min(CONTACT_WIDTH_MM, blade.layout().edgeMm()));
        Length full = Length.ofMm(thickness(blade));
        Length reach = Length.ofMm(Math.min(REACH_MM, Math.max(5, blade.usable().mm())));
        return blade.kind().convention() == Convention.PER_SIDE
                ? EdgeFin.symmetric(land, bevel, full, width, reach)
                : EdgeFin.flatBack(land, bevel, full, width, reach);
    }

    /** Where the fin stops thickening: on a tapering knife at its shoulder, which is on the safe side. */
    private static double thickness(Blade blade) {
        if (blade instanceof DoubleBevelKnife knife) {
            return knife.behindEdge().mm();
        }
        Map<String, Double> m = blade.measures().values();
        return m.getOrDefault("spineThickness", m.getOrDefault("thickness", m.getOrDefault("thicknessBehind", 1.0)));
    }

    private static Contact contact(HeatModel model, HeatSource source, double fast, double slow, double limitC) {
        OptionalDouble least =
                model.contact(source.watts(fast), ROOM_C, limitC, MOST_SECONDS).limitAt();
        OptionalDouble most =
                model.contact(source.watts(slow), ROOM_C, limitC, MOST_SECONDS).limitAt();
        HeatRun then = model.contact(source.watts(fast), ROOM_C, limitC, least.orElse(MOST_SECONDS));
        return new Contact(fast, slow, least, most, then.at(FINGER_BEHIND_MM), then.hotBehindMm(100), then.moments());
    }
}
