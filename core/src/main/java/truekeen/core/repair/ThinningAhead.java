package truekeen.core.repair;

import java.util.Optional;
import truekeen.core.condition.Restoration;
import truekeen.core.job.Thinning;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.DoubleBevelKnife;
import truekeen.core.tool.ToolUse;

/**
 * What to take off a knife's faces behind the edge, once a repair has moved the edge into thicker steel: a wedge on each
 * face, nothing at its far end. Source: derived here; the limit it is thinned from is a workshop prior.
 *
 * @param nowMm behind the edge now (mm)
 * @param afterMm behind the edge after the repair (mm)
 * @param limitMm from which it cuts like a wedge (mm)
 * @param reliefMm3 steel to go where the faces are only eased for {@link #RELIEF_MM} (mm³)
 * @param facesMm3 steel to go where they are thinned up to the spine (mm³)
 */
public record ThinningAhead(double nowMm, double afterMm, double limitMm, double reliefMm3, double facesMm3) {
    /** Width of a short easing behind the shoulder (mm). Source: workshop prior. */
    public static final double RELIEF_MM = Prior.THINNING_RELIEF_MM.value();

    /** The thinning of a knife after a repair; empty on tools where that is not asked. */
    public static Optional<ThinningAhead> of(Restoration restoration, Blade blade, ToolUse trade) {
        if (!(blade instanceof DoubleBevelKnife knife) || trade.thinAtMm() <= 0) {
            return Optional.empty();
        }
        double after = restoration.measuresAfter().values().get("behindEdge");
        double now = knife.behindEdge().mm();
        // Thinned to what it was before the repair, or to the limit where it was thicker already.
        double wanted = Math.min(now, trade.thinAtMm());
        double excess = Math.max(0, after - wanted);
        double width = restoration.usableAfterMm();
        return Optional.of(new ThinningAhead(
                now,
                after,
                trade.thinAtMm(),
                Thinning.wedgeMm3(excess, Math.min(RELIEF_MM, width), blade.edgeLengthMm()),
                Thinning.wedgeMm3(excess, width, blade.edgeLengthMm())));
    }

    /** Whether it must be thinned before it cuts well. */
    public boolean needed() {
        return afterMm > limitMm;
    }
}
