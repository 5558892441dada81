package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * The tip of a turnscrew: no apex but a square end between two faces that are parallel or taper a little, alike on both
 * sides. The angle is that of each face from the axis.
 *
 * @param width across the tip
 * @param tip thickness of the tip: what fills the slot
 * @param thickness of the blade behind the faces
 * @param usable length of blade that can be ground away
 * @param retire length at which it is retired
 * @param primary taper of each face; zero where they are parallel
 */
public record Turnscrew(Length width, Length tip, Length thickness, Length usable, Length retire, Angle primary)
        implements Blade {

    static Turnscrew of(Measures m) {
        return new Turnscrew(
                m.length("width"),
                m.length("tipThickness"),
                m.length("thickness"),
                m.length("usableLength"),
                m.length("retireLength"),
                m.angle("primary"));
    }

    @Override
    public GeometryKind kind() {
        return GeometryKind.TURNSCREW;
    }

    @Override
    public Measures measures() {
        return Measures.none()
                .with("width", width)
                .with("tipThickness", tip)
                .with("thickness", thickness)
                .with("usableLength", usable)
                .with("retireLength", retire)
                .with("primary", primary);
    }

    @Override
    public Optional<Micro> secondary() {
        return Optional.empty();
    }

    @Override
    public EdgeLayout layout() {
        return EdgeLayout.corners(width.mm());
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        checks.require(tip.mm() <= thickness.mm(), () -> Refusal.of(MessageCode.PART_LONGER, "tipThickness", tip)
                .with("high", thickness));
    }
}
