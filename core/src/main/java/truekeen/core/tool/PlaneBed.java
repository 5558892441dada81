package truekeen.core.tool;

import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.table.Prior;

/**
 * How an iron lies in its plane. Source: derived here.
 *
 * @param bed φ, bed to sole
 * @param bevelUp whether the bevel faces up
 */
public record PlaneBed(Angle bed, boolean bevelUp) {
    /** Clearance below which the heel may rub as the edge wears. Source: workshop prior. */
    public static final Angle LEAST_CLEARANCE = Angle.ofDegrees(Prior.LEAST_CLEARANCE_DEG.value());

    private static final double NONE_RAD = 1e-9;

    /** The angle at which it cuts: {@code φ + last bevel} with the bevel up, {@code φ + back bevel} with it down. */
    public Angle cutting(Angle last, Angle back) {
        return bed.plus(bevelUp ? last : back);
    }

    /** Angle between the iron's underside and the work: what is left of the bed under it. */
    public Angle clearance(Angle last, Angle back) {
        return bed.minus(bevelUp ? back : last);
    }

    /**
     * Notes a clearance of nothing or less, at the field that eats it.
     *
     * @param lastField the field that the last bevel was given in
     * @param backField the field that the back bevel was given in
     */
    public void checkClearance(Angle last, Angle back, String lastField, String backField, Checks checks) {
        checks.require(clearance(last, back).radians() > NONE_RAD, () -> Refusal.of(
                        MessageCode.NO_CLEARANCE, bevelUp ? backField : lastField, bevelUp ? back : last)
                .with("what", bevelUp ? ToolWords.BACK_BEVEL.words() : ToolWords.LAST_BEVEL.words())
                .with("high", bed));
    }
}
