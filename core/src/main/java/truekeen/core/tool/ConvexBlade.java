package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * An axe or billhook: both faces curve from the cheek to the apex. Angles per side, at the apex.
 *
 * @param edge length of the edge
 * @param sweep how far its corners lie behind its middle
 * @param usable length of bit that can still be sharpened
 * @param retire length at which it is retired
 * @param behind where the thickness is measured, behind the edge
 * @param thickness there
 * @param primary θ, tangent of the curved face where it reaches the edge
 * @param secondary narrow flat bevel at the very edge, if it has one
 */
public record ConvexBlade(
        Length edge,
        Length sweep,
        Length usable,
        Length retire,
        Length behind,
        Length thickness,
        Angle primary,
        Optional<Micro> secondary)
        implements Blade {

    static ConvexBlade of(Measures m) {
        return new ConvexBlade(
                m.length("edgeLength"),
                m.length("sweep"),
                m.length("usableLength"),
                m.length("retireLength"),
                m.length("behind"),
                m.length("thicknessBehind"),
                m.angle("primary"),
                m.secondary());
    }

    @Override
    public GeometryKind kind() {
        return GeometryKind.CONVEX_BLADE;
    }

    @Override
    public Measures measures() {
        return Measures.none()
                .with("edgeLength", edge)
                .with("sweep", sweep)
                .with("usableLength", usable)
                .with("retireLength", retire)
                .with("behind", behind)
                .with("thicknessBehind", thickness)
                .with("primary", primary)
                .with(secondary);
    }

    @Override
    public EdgeLayout layout() {
        double l = edge.mm();
        return sweep.mm() <= 0
                ? EdgeLayout.straight(l)
                : EdgeLayout.curved(
                        l, EdgeLayout.End.HEEL, EdgeLayout.End.TOE, s -> sweep.mm() * Math.pow(2 * s / l - 1, 2));
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        Blade.checkWidth(this, thickness.mm() / 4, checks);
        Angle chord = Angle.ofRadians(Math.atan(thickness.mm() / 2 / behind.mm()));
        checks.require(primary.compareTo(chord) > 0, () -> Refusal.of(MessageCode.CONVEX_TOO_LOW, "primary", primary)
                .with("low", chord));
        checks.require(behind.mm() <= usable.mm(), () -> Refusal.of(MessageCode.PART_LONGER, "behind", behind)
                .with("high", usable));
    }
}
