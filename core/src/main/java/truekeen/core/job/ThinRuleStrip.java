package truekeen.core.job;

import truekeen.core.quantity.Angle;

/**
 * A strip along the edge on the back of an iron, polished with the back laid over a thin rule, instead of a whole face.
 *
 * @param shaping what it takes
 * @param lift angle that the rule gives
 * @param fresh whether the iron has no such strip yet
 */
public record ThinRuleStrip(Shaping shaping, Angle lift, boolean fresh) implements LiftedBack {
    @Override
    public JobKind kind() {
        return JobKind.THIN_RULE;
    }

    @Override
    public Hold hold() {
        return Hold.RULE;
    }
}
