package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A drawknife: one bevel along a long edge; the spine is the reference for the hone. Angles from the back.
 *
 * @param edge length of the edge
 * @param usable width of the blade, edge to spine
 * @param retire width at which it is retired
 * @param thickness at the heel of the bevel
 * @param primary present bevel
 * @param secondary present secondary, if it has one
 * @param backBevel small back bevel that saved a pitted back, if it has one
 */
public record Drawknife(
        Length edge,
        Length usable,
        Length retire,
        Length thickness,
        Angle primary,
        Optional<Micro> secondary,
        Optional<Angle> backBevel)
        implements Blade {

    static Drawknife of(Measures m) {
        return new Drawknife(
                m.length("edgeLength"),
                m.length("usableLength"),
                m.length("retireLength"),
                m.length("thickness"),
                m.angle("primary"),
                m.secondary(),
                m.angleIfAny("backBevel"));
    }

    @Override
    public GeometryKind kind() {
        return GeometryKind.DRAWKNIFE;
    }

    @Override
    public Measures measures() {
        return Measures.none()
                .with("edgeLength", edge)
                .with("usableLength", usable)
                .with("retireLength", retire)
                .with("thickness", thickness)
                .with("primary", primary)
                .with(secondary)
                .withAngle("backBevel", backBevel);
    }

    @Override
    public EdgeLayout layout() {
        return EdgeLayout.corners(edge.mm());
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        Blade.checkWidth(this, thickness.mm(), checks);
        Sides.bevelBeforeSpine(thickness.mm(), primary, usable, "thickness", checks);
    }
}
