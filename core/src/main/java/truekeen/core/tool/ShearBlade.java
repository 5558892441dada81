package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * One blade of shears or secateurs: one bevel; the face that slides on the other blade is flat or a little hollow and is
 * never worked but for the burr. Angles from that face.
 *
 * @param edge length of the edge
 * @param sweep how far its middle stands before its ends; zero where straight
 * @param usable width of the blade behind the edge
 * @param retire width at which it is retired
 * @param thickness of the blade
 * @param primary bevel
 * @param faceHollow depth of the hollow in the sliding face; zero where it is flat
 */
public record ShearBlade(
        Length edge, Length sweep, Length usable, Length retire, Length thickness, Angle primary, Length faceHollow)
        implements Blade {

    static ShearBlade of(Measures m) {
        return new ShearBlade(
                m.length("edgeLength"),
                m.length("sweep"),
                m.length("usableLength"),
                m.length("retireLength"),
                m.length("thickness"),
                m.angle("primary"),
                m.length("faceHollow"));
    }

    @Override
    public GeometryKind kind() {
        return GeometryKind.SHEAR_BLADE;
    }

    @Override
    public Measures measures() {
        return Measures.none()
                .with("edgeLength", edge)
                .with("sweep", sweep)
                .with("usableLength", usable)
                .with("retireLength", retire)
                .with("thickness", thickness)
                .with("primary", primary)
                .with("faceHollow", faceHollow);
    }

    @Override
    public Optional<Micro> secondary() {
        return Optional.empty();
    }

    @Override
    public EdgeLayout layout() {
        double l = edge.mm();
        return sweep.mm() <= 0
                ? EdgeLayout.straight(l)
                : EdgeLayout.curved(
                        l, EdgeLayout.End.HEEL, EdgeLayout.End.TIP, s -> sweep.mm() * Math.pow(2 * s / l - 1, 2));
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        Sides.bevelBeforeSpine(thickness.mm(), primary, usable, "thickness", checks);
        checks.require(faceHollow.mm() < thickness.mm() / 2, () -> Refusal.of(
                        MessageCode.HOLLOW_TOO_DEEP, "faceHollow", faceHollow)
                .with("high", thickness.dividedBy(2)));
    }
}
