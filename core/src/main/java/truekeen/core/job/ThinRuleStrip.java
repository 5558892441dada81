package truekeen.core.job;

import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.tool.Blade;

/**
 * A strip along the edge on the back of an iron, polished with the back laid over a thin rule, instead of a whole face.
 *
 * @param shaping what it takes
 * @param lift angle that the rule gives
 * @param fresh whether the iron has no such strip yet
 */
public record ThinRuleStrip(Shaping shaping, Angle lift, boolean fresh) implements Job {
    @Override
    public JobKind kind() {
        return JobKind.THIN_RULE;
    }

    @Override
    public Optional<Angle> angle() {
        return Optional.of(lift);
    }

    @Override
    public Hold hold() {
        return Hold.RULE;
    }

    @Override
    public boolean backSide() {
        return true;
    }

    @Override
    public Blade after(Blade before) {
        return BladeChange.of(before).with("backBevel", lift.degrees()).blade();
    }
}
