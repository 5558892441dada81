package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A knife with one side flat and the bevel on the other, as for grafting. Angles from the flat side.
 *
 * @param profile the line of its edge
 * @param usable width of the blade from edge to spine
 * @param retire width at which it is retired
 * @param thickness where the bevel begins
 * @param primary bevel
 * @param secondary secondary on it, if it has one
 */
public record FlatFacedKnife(
        KnifeProfile profile, Length usable, Length retire, Length thickness, Angle primary, Optional<Micro> secondary)
        implements Blade {

    static FlatFacedKnife of(Measures m) {
        return new FlatFacedKnife(
                KnifeProfile.of(m),
                m.length("usableLength"),
                m.length("retireLength"),
                m.length("thickness"),
                m.angle("primary"),
                m.secondary());
    }

    @Override
    public GeometryKind kind() {
        return GeometryKind.FLAT_FACED_KNIFE;
    }

    @Override
    public Measures measures() {
        return profile.into(Measures.none())
                .with("usableLength", usable)
                .with("retireLength", retire)
                .with("thickness", thickness)
                .with("primary", primary)
                .with(secondary);
    }

    @Override
    public EdgeLayout layout() {
        return profile.layout();
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        Blade.checkWidth(this, thickness.mm(), checks);
        profile.check(usable, checks);
        Sides.bevelBeforeSpine(thickness.mm(), primary, usable, "thickness", checks);
    }
}
