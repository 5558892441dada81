package truekeen.core.setup;

import java.util.List;
import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;
import truekeen.core.tool.EdgeLayout;

/**
 * How far the handle of a blade rises while its edge is followed through the belly to the tip. The blade leans on the stone
 * at β and is turned in its own plane until the tangent of the tip lies on the stone, by the slope φ of the edge there: a
 * hand at a distance L from the tip rises by {@code L·sin φ·sin β}. The wrist stays set, so that β does. Source: derived
 * here; how far behind the heel the hand holds is a workshop prior.
 *
 * @param from where along the edge it begins to rise
 * @param lift how much higher the hand is at the tip
 */
public record CurveLift(Length from, Length lift) {
    /** The middle of the grip behind the heel (mm). */
    private static final double GRIP_MM = Prior.GRIP_BEHIND_HEEL_MM.value();

    /**
     * The lift of an edge held at an angle; empty where it has no belly.
     *
     * @param leans how far the blade leans on the stone
     */
    public static Optional<CurveLift> of(EdgeLayout edge, Angle leans) {
        List<EdgeLayout.Rise> rise = edge.rise();
        if (!edge.toTip() || rise.size() < 2 || edge.bellyFromMm() >= edge.tipFromMm()) {
            return Optional.empty();
        }
        EdgeLayout.Rise last = rise.get(rise.size() - 1);
        EdgeLayout.Rise before = rise.get(rise.size() - 2);
        // Along the edge, a rise per millimetre is the sine of its slope.
        double slope = Math.min(1, (last.riseMm() - before.riseMm()) / (last.alongMm() - before.alongMm()));
        if (slope <= 0) {
            return Optional.empty();
        }
        double reach = edge.totalMm() + GRIP_MM;
        return Optional.of(new CurveLift(Length.ofMm(edge.bellyFromMm()), Length.ofMm(reach * slope * leans.sin())));
    }
}
