package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A knife bevelled on one side only: a narrow steep edge bevel honed each time, the broad face behind it, and a hollow
 * back that only kisses the fine stone. Angles from the back.
 *
 * @param profile the line of its edge
 * @param usable width of the blade from edge to spine
 * @param retire width at which it is retired
 * @param spine thickness of the spine
 * @param face angle of the broad face
 * @param primary edge bevel
 * @param edgeBevelWidth width of the edge bevel along its face
 * @param backHollow depth of the hollow in the back; zero where it is flat
 */
public record SingleBevelKnife(
        KnifeProfile profile,
        Length usable,
        Length retire,
        Length spine,
        Angle face,
        Angle primary,
        Length edgeBevelWidth,
        Length backHollow)
        implements Blade {

    static SingleBevelKnife of(Measures m) {
        return new SingleBevelKnife(
                KnifeProfile.of(m),
                m.length("usableLength"),
                m.length("retireLength"),
                m.length("spineThickness"),
                m.angle("faceAngle"),
                m.angle("primary"),
                m.length("edgeBevelWidth"),
                m.length("backHollow"));
    }

    @Override
    public GeometryKind kind() {
        return GeometryKind.SINGLE_BEVEL_KNIFE;
    }

    @Override
    public Measures measures() {
        return profile.into(Measures.none())
                .with("usableLength", usable)
                .with("retireLength", retire)
                .with("spineThickness", spine)
                .with("faceAngle", face)
                .with("primary", primary)
                .with("edgeBevelWidth", edgeBevelWidth)
                .with("backHollow", backHollow);
    }

    @Override
    public Optional<Micro> secondary() {
        return Optional.empty();
    }

    @Override
    public EdgeLayout layout() {
        return profile.layout();
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        profile.check(usable, checks);
        checks.require(
                primary.compareTo(face) > 0, () -> Refusal.of(MessageCode.EDGE_BEVEL_NOT_ABOVE_FACE, "primary", primary)
                        .with("low", face));
        checks.require(edgeBevelWidth.mm() * primary.sin() < spine.mm(), () -> Refusal.of(
                        MessageCode.PART_LONGER, "edgeBevelWidth", edgeBevelWidth)
                .with("high", spine.dividedBy(primary.sin())));
        checks.require(backHollow.mm() < spine.mm() / 2, () -> Refusal.of(
                        MessageCode.HOLLOW_TOO_DEEP, "backHollow", backHollow)
                .with("high", spine.dividedBy(2)));
        Sides.bevelBeforeSpine(spine.mm(), face, usable, "faceAngle", checks);
    }
}
