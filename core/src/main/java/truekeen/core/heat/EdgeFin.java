package truekeen.core.heat;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;

/**
 * The steel behind an edge as a fin: its thickness grows from the edge, {@code h(x) = min(T, b + x·rise)}, where b is the
 * land, 0.02 mm at least. Source: derived here.
 *
 * @param landMm b (mm)
 * @param rise how fast it thickens: tan β on a flat back, 2·tan θ on blades bevelled from both sides
 * @param fullMm T, where it stops thickening (mm)
 * @param widthMm along the edge, the part that is in contact and all that stands behind it (mm)
 * @param lengthMm of the tool behind the edge that takes heat (mm)
 */
public record EdgeFin(double landMm, double rise, double fullMm, double widthMm, double lengthMm) {
    /** The thinnest edge the model takes: thinner ones heat no faster than it can tell (mm). */
    public static final double LEAST_LAND_MM = Prior.EDGE_FIN_LEAST_LAND_MM.value();

    /** Refuses a fin of nothing. */
    public EdgeFin {
        positive("land", landMm);
        positive("rise", rise);
        positive("thickness", fullMm);
        positive("width", widthMm);
        positive("length", lengthMm);
        if (landMm > fullMm) {
            throw new RefusedException(Refusal.of(MessageCode.PART_LONGER, "land", Length.ofMm(landMm))
                    .with("high", Length.ofMm(fullMm)));
        }
    }

    private static void positive(String field, double value) {
        if (!(value > 0)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.NOT_POSITIVE, field, value).with("what", "The " + field));
        }
    }

    /** The fin of a flat-back tool, bevelled on one side. */
    public static EdgeFin flatBack(Length land, Angle bevel, Length thickness, Length width, Length length) {
        return new EdgeFin(Math.max(land.mm(), LEAST_LAND_MM), bevel.tan(), thickness.mm(), width.mm(), length.mm());
    }

    /** The fin of a blade bevelled on both sides, the angle being that of one side. */
    public static EdgeFin symmetric(Length land, Angle side, Length spine, Length width, Length length) {
        return new EdgeFin(Math.max(land.mm(), LEAST_LAND_MM), 2 * side.tan(), spine.mm(), width.mm(), length.mm());
    }

    /** A bar of even thickness. */
    public static EdgeFin bar(double thicknessMm, double widthMm, double lengthMm) {
        return new EdgeFin(thicknessMm, 1, thicknessMm, widthMm, lengthMm);
    }

    /** Thickness at a distance behind the edge (mm). */
    public double thicknessAt(double x) {
        return Math.min(fullMm, landMm + x * rise);
    }

    /** Volume from one place to another (mm³), exactly. */
    double volume(double from, double to) {
        double knee = Math.max(0, (fullMm - landMm) / rise);
        double sloped = Math.min(to, knee) - Math.min(from, knee);
        double mean = (thicknessAt(Math.min(from, knee)) + thicknessAt(Math.min(to, knee))) / 2;
        double flat = Math.max(to, knee) - Math.max(from, knee);
        return widthMm * (sloped * mean + flat * fullMm);
    }
}
