package truekeen.core.setup;

import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;

/** A thin rule laid under an iron's back: the back bevel it gives. Source: derived here. */
public final class ThinRule {
    private static final double MOST_DEG = Prior.THIN_RULE_MOST_DEG.value();

    private ThinRule() {}

    /** The angle that the rule of most benches gives. Source: workshop prior. */
    public static Angle usual() {
        return angle(Length.ofMm(Prior.THIN_RULE_THICKNESS_MM.value()), Length.ofMm(Prior.THIN_RULE_REACH_MM.value()));
    }

    /** Whether an angle off the back is so small that a rule gives it; a steeper one is a back bevel with its own setting. */
    public static boolean couldGive(Angle back) {
        return back.degrees() <= MOST_DEG;
    }

    /**
     * The angle off the back: {@code asin(thickness/reach)}.
     *
     * @param thickness of the rule, more than zero
     * @param reach from the rule's edge to the iron's, longer than the rule is thick
     * @throws RefusedException where the rule cannot lift the back so
     */
    public static Angle angle(Length thickness, Length reach) {
        if (!(thickness.mm() > 0) || !(reach.mm() > thickness.mm())) {
            throw new RefusedException(
                    Refusal.of(MessageCode.RULE_REACH, "ruleReach", reach).with("low", thickness));
        }
        return Angle.asin(thickness.over(reach));
    }
}
