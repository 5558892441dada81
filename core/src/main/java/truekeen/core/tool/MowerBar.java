package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * The bar of a rotary mower: two ends ground on the top side, turning about a bore. Angles from the underside.
 *
 * @param span length of the bar, tip to tip
 * @param edge length of the cutting edge at each end
 * @param usable width of the bar behind the edge
 * @param retire width at which it is replaced
 * @param thickness of the bar
 * @param primary bevel
 * @param land left blunt at the edge on purpose
 * @param bore diameter of the hole
 */
public record MowerBar(
        Length span,
        Length edge,
        Length usable,
        Length retire,
        Length thickness,
        Angle primary,
        Length land,
        Length bore)
        implements Blade {

    static MowerBar of(Measures m) {
        return new MowerBar(
                m.length("span"),
                m.length("edgeLength"),
                m.length("usableLength"),
                m.length("retireLength"),
                m.length("thickness"),
                m.angle("primary"),
                m.length("land"),
                m.length("bore"));
    }

    @Override
    public GeometryKind kind() {
        return GeometryKind.MOWER_BAR;
    }

    @Override
    public Measures measures() {
        return Measures.none()
                .with("span", span)
                .with("edgeLength", edge)
                .with("usableLength", usable)
                .with("retireLength", retire)
                .with("thickness", thickness)
                .with("primary", primary)
                .with("land", land)
                .with("bore", bore);
    }

    @Override
    public Optional<Micro> secondary() {
        return Optional.empty();
    }

    @Override
    public EdgeLayout layout() {
        return new EdgeLayout(
                EdgeLayout.Form.BAR,
                2,
                edge.mm(),
                EdgeLayout.End.LEFT_TIP,
                EdgeLayout.End.RIGHT_TIP,
                java.util.List.of(),
                span.mm() - 2 * edge.mm(),
                0);
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        checks.require(
                2 * edge.mm() + bore.mm() < span.mm(), () -> Refusal.of(MessageCode.PART_LONGER, "edgeLength", edge)
                        .with("high", span.minus(bore).dividedBy(2)));
        checks.require(land.mm() < thickness.mm(), () -> Refusal.of(MessageCode.PART_LONGER, "land", land)
                .with("high", thickness));
        checks.require(bore.mm() < usable.mm(), () -> Refusal.of(MessageCode.PART_LONGER, "bore", bore)
                .with("high", usable));
        Sides.bevelBeforeSpine(thickness.mm() - land.mm(), primary, usable, "thickness", checks);
    }
}
