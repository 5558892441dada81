package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A chisel: a flat back, one bevel, and the end square to the blade or askew. Angles from the back.
 *
 * @param kind chisel or skew chisel
 * @param width across the blade
 * @param thickness at the heel of the bevel
 * @param usable steel from the edge to where the blade can no longer be sharpened at all
 * @param retire length below which it is retired
 * @param primary present primary; on a hollow bevel the chord
 * @param secondary present secondary, if it has one
 * @param skew how far the edge is turned from square to the blade; zero for a square end
 * @param wheel diameter of the wheel that left the primary hollow, if one did
 */
public record Chisel(
        GeometryKind kind,
        Length width,
        Length thickness,
        Length usable,
        Length retire,
        Angle primary,
        Optional<Micro> secondary,
        Angle skew,
        Optional<Length> wheel)
        implements Blade {

    static Chisel of(GeometryKind kind, Measures m) {
        return new Chisel(
                kind,
                m.length("width"),
                m.length("thickness"),
                m.length("usableLength"),
                m.length("retireLength"),
                m.angle("primary"),
                m.secondary(),
                m.angleIfAny("skew").orElse(Angle.ZERO),
                m.lengthIfAny("wheelDiameter"));
    }

    @Override
    public Measures measures() {
        Measures all = Measures.none()
                .with("width", width)
                .with("thickness", thickness)
                .with("usableLength", usable)
                .with("retireLength", retire)
                .with("primary", primary)
                .with(secondary)
                .withLength("wheelDiameter", wheel);
        return kind == GeometryKind.SKEW_CHISEL ? all.with("skew", skew) : all;
    }

    @Override
    public EdgeLayout layout() {
        return EdgeLayout.corners(width.mm() / skew.cos());
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        Blade.checkWidth(this, thickness.mm(), checks);
        Blade.checkWheel(this, thickness, checks);
    }
}
