package truekeen.core.tool;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import truekeen.core.message.Checks;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/** A believable blade of every family, for tests. */
public final class Blades {
    private static final Map<GeometryKind, Map<String, Double>> SAMPLES = samples();

    private Blades() {}

    /** A chisel with a square end. */
    public static Chisel chisel(
            double width, double thickness, double usable, double retire, double primary, Optional<Micro> secondary) {
        return new Chisel(
                GeometryKind.CHISEL,
                Length.ofMm(width),
                Length.ofMm(thickness),
                Length.ofMm(usable),
                Length.ofMm(retire),
                Angle.ofDegrees(primary),
                secondary,
                Angle.ZERO,
                Optional.empty());
    }

    /** A secondary bevel. */
    public static Optional<Micro> micro(double degrees, double widthMm) {
        return Optional.of(new Micro(Angle.ofDegrees(degrees), Length.ofMm(widthMm)));
    }

    /** The dimensions of a sample. */
    public static Map<String, Double> sample(GeometryKind kind) {
        return new TreeMap<>(SAMPLES.get(kind));
    }

    /** A sample with some dimensions changed; a value that is no number leaves the dimension out. */
    public static Map<String, Double> sample(GeometryKind kind, Object... changes) {
        Map<String, Double> values = sample(kind);
        for (int i = 0; i < changes.length; i += 2) {
            double value = ((Number) changes[i + 1]).doubleValue();
            if (Double.isNaN(value)) {
                values.remove((String) changes[i]);
            } else {
                values.put((String) changes[i], value);
            }
        }
        return values;
    }

    /** The blade of a sample with some dimensions changed; it must be without fault. */
    public static Blade blade(GeometryKind kind, Object... changes) {
        Checks checks = new Checks();
        Optional<Blade> blade = kind.read(sample(kind, changes), checks);
        checks.orThrow();
        return blade.orElseThrow();
    }

    private static Map<GeometryKind, Map<String, Double>> samples() {
        Map<GeometryKind, Map<String, Double>> all = new EnumMap<>(GeometryKind.class);
        Map<String, Double> chisel = of("width", 24, "thickness", 3.6, "usableLength", 88, "retireLength", 25);
        chisel.putAll(of("primary", 25, "secondary", 30, "secondaryWidth", 0.7));
        all.put(GeometryKind.CHISEL, chisel);
        all.put(GeometryKind.SKEW_CHISEL, plus(chisel, "skew", 20));
        Map<String, Double> iron = plus(chisel, "width", 60, "thickness", 3, "bed", 45);
        all.put(GeometryKind.PLANE_IRON_DOWN, plus(iron, "camber", 0.09));
        all.put(GeometryKind.PLANE_IRON_UP, plus(iron, "bed", 12));
        all.put(GeometryKind.SQUARE_IRON_DOWN, iron);
        all.put(GeometryKind.SQUARE_IRON_UP, plus(iron, "bed", 18, "width", 19));
        Map<String, Double> drawknife = of("edgeLength", 250, "usableLength", 35, "retireLength", 20, "thickness", 5);
        all.put(GeometryKind.DRAWKNIFE, plus(drawknife, "primary", 28, "secondary", 31, "secondaryWidth", 0.6));
        Map<String, Double> profile =
                of("edgeLength", 180, "straight", 110, "tipRise", 18, "usableLength", 48, "retireLength", 30);
        Map<String, Double> knife = plus(profile, "spineThickness", 2.2, "behindEdge", 0.35, "primary", 17);
        all.put(GeometryKind.KNIFE, plus(knife, "secondary", 19, "secondaryWidth", 0.1));
        all.put(GeometryKind.RECURVE, plus(knife, "dip", 4));
        Map<String, Double> wide = plus(profile, "usableLength", 24, "retireLength", 16, "thickness", 3.2);
        all.put(GeometryKind.WIDE_BEVEL_KNIFE, plus(wide, "primary", 12, "tipRise", 8));
        Map<String, Double> hook = of("edgeLength", 55, "bendRadius", 22, "usableLength", 12, "retireLength", 7);
        all.put(GeometryKind.HOOK_KNIFE, plus(hook, "thickness", 2.4, "primary", 14));
        Map<String, Double> single = plus(profile, "spineThickness", 4, "faceAngle", 11, "primary", 28);
        all.put(GeometryKind.SINGLE_BEVEL_KNIFE, plus(single, "edgeBevelWidth", 0.9, "backHollow", 0.2));
        all.put(GeometryKind.FLAT_FACED_KNIFE, plus(wide, "thickness", 2.2, "primary", 20, "tipRise", 8));
        Map<String, Double> axe = of("edgeLength", 95, "sweep", 9, "usableLength", 45, "retireLength", 25);
        all.put(GeometryKind.CONVEX_BLADE, plus(axe, "behind", 20, "thicknessBehind", 9, "primary", 17));
        Map<String, Double> shear = of("edgeLength", 210, "sweep", 0, "usableLength", 28, "retireLength", 18);
        all.put(GeometryKind.SHEAR_BLADE, plus(shear, "thickness", 3.2, "primary", 40, "faceHollow", 0.15));
        Map<String, Double> turnscrew = of("width", 4, "tipThickness", 0.6, "thickness", 3, "usableLength", 20);
        all.put(GeometryKind.TURNSCREW, plus(turnscrew, "retireLength", 8, "primary", 4));
        Map<String, Double> bar = of("span", 510, "edgeLength", 90, "usableLength", 55, "retireLength", 42);
        all.put(GeometryKind.MOWER_BAR, plus(bar, "thickness", 4, "primary", 30, "land", 0.5, "bore", 12));
        Map<String, Double> tooth = of("teeth", 18, "edgeLength", 22, "usableLength", 6, "retireLength", 3.5);
        all.put(GeometryKind.TRIMMER, plus(tooth, "thickness", 2.2, "primary", 40, "blades", 1));
        Map<String, Double> disc = of("diameter", 255, "teeth", 8, "edgeLength", 32, "usableLength", 20);
        all.put(GeometryKind.BRUSH_CUTTER, plus(disc, "retireLength", 12, "thickness", 1.8, "primary", 30));
        return all;
    }

    private static Map<String, Double> of(Object... pairs) {
        return plus(Map.of(), pairs);
    }

    private static Map<String, Double> plus(Map<String, Double> some, Object... pairs) {
        Map<String, Double> all = new TreeMap<>(some);
        for (int i = 0; i < pairs.length; i += 2) {
            all.put((String) pairs[i], ((Number) pairs[i + 1]).doubleValue());
        }
        return all;
    }
}
