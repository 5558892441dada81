package truekeen.core.tool;

import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Length;

/**
 * The line of a knife's edge: straight from the heel, then a belly up to the tip.
 *
 * @param edge length of the edge, heel to tip
 * @param straight part of it that runs straight from the heel
 * @param tipRise how far the tip stands above the line of the straight part
 */
public record KnifeProfile(Length edge, Length straight, Length tipRise) {

    static KnifeProfile of(Measures m) {
        return new KnifeProfile(m.length("edgeLength"), m.length("straight"), m.length("tipRise"));
    }

    Measures into(Measures m) {
        return m.with("edgeLength", edge).with("straight", straight).with("tipRise", tipRise);
    }

    EdgeLayout layout() {
        return EdgeLayout.knife(edge.mm(), straight.mm(), tipRise.mm());
    }

    /** Notes a straight part longer than the edge, and a tip that would lie at or past the spine. */
    void check(Length width, Checks checks) {
        checks.require(straight.mm() <= edge.mm(), () -> Refusal.of(MessageCode.PART_LONGER, "straight", straight)
                .with("high", edge));
        checks.require(tipRise.mm() < width.mm(), () -> Refusal.of(MessageCode.EDGE_PAST_SPINE, "tipRise", tipRise)
                .with("high", width));
    }
}
