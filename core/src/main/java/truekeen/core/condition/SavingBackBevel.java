package truekeen.core.condition;

import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;
import truekeen.core.table.Prior;

/**
 * The back bevel that carries an edge past pits in the back: only as steep as it must be, so that over its width it clears
 * the deepest of them at the edge. A wider one is flatter and takes more steel. Source: derived here; its width is a
 * workshop prior.
 */
public final class SavingBackBevel {
    private static final double WIDTH_MM = Prior.BACK_BEVEL_MM.value();
    private static final double MOST_DEG = Prior.SAVING_BEVEL_MOST_DEG.value();
    /** What a thin rule gives is no bevel of its own; a saving one is at least as steep as this. */
    private static final double LEAST_DEG = Prior.THIN_RULE_MOST_DEG.value() + 0.1;

    private SavingBackBevel() {}

    /** The angle: {@code atan(depth/width)}, and no less than what is a bevel of its own. */
    public static Angle angle(double pitsMm) {
        return Angle.ofDegrees(Math.max(LEAST_DEG, Math.toDegrees(Math.atan(pitsMm / WIDTH_MM))));
    }

    /** The steepest that is worth giving. */
    public static Angle steepest() {
        return Angle.ofDegrees(MOST_DEG);
    }

    /** Whether pits so deep (mm) can be carried past at all. */
    public static boolean fits(double pitsMm) {
        return angle(pitsMm).degrees() <= MOST_DEG;
    }

    /** Bevels with such a back bevel, where they have none that is as steep. */
    public static TargetBevel into(TargetBevel target, double pitsMm) {
        Angle wanted = angle(pitsMm);
        Angle back = target.back().filter(b -> b.compareTo(wanted) >= 0).orElse(wanted);
        return new TargetBevel(target.primary(), target.last(), Optional.of(back), target.wheel(), target.camber());
    }
}
