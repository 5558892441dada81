package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A knife whose one wide flat on either side runs from the thickness of the blade to the edge, without an edge bevel of
 * its own; straight-edged or bent to a hook. Angles per side.
 *
 * @param kind wide-bevel knife or hook knife
 * @param profile the line of its edge; a hook's runs along its bend and is not said to be straight anywhere
 * @param bendRadius inside radius of a hook's bend; empty on others
 * @param usable width of the blade from edge to spine
 * @param retire width at which it is retired
 * @param thickness of the blade where the wide bevels begin
 * @param primary θ
 * @param secondary micro-bevel, if it has one
 */
public record WideBevelKnife(
        GeometryKind kind,
        KnifeProfile profile,
        Optional<Length> bendRadius,
        Length usable,
        Length retire,
        Length thickness,
        Angle primary,
        Optional<Micro> secondary)
        implements Blade {

    static WideBevelKnife of(GeometryKind kind, Measures m) {
        Length none = Length.ofMm(0);
        return new WideBevelKnife(
                kind,
                new KnifeProfile(
                        m.length("edgeLength"),
                        m.lengthIfAny("straight").orElse(none),
                        m.lengthIfAny("tipRise").orElse(none)),
                m.lengthIfAny("bendRadius"),
                m.length("usableLength"),
                m.length("retireLength"),
                m.length("thickness"),
                m.angle("primary"),
                m.secondary());
    }

    @Override
    public Measures measures() {
        boolean hook = kind == GeometryKind.HOOK_KNIFE;
        Measures line = hook ? Measures.none().with("edgeLength", profile.edge()) : profile.into(Measures.none());
        return line.with("usableLength", usable)
                .with("retireLength", retire)
                .with("thickness", thickness)
                .with("primary", primary)
                .with(secondary)
                .withLength("bendRadius", bendRadius);
    }

    @Override
    public EdgeLayout layout() {
        if (bendRadius.isEmpty()) {
            return profile.layout();
        }
        double r = bendRadius.get().mm();
        return EdgeLayout.curved(
                profile.edge().mm(),
                EdgeLayout.End.HEEL,
                EdgeLayout.End.TIP,
                s -> r * (1 - Math.cos(Math.min(s / r, Math.PI))));
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        Blade.checkWidth(this, thickness.mm() / 2, checks);
        if (kind != GeometryKind.HOOK_KNIFE) {
            profile.check(usable, checks);
        }
        Sides.bevelBeforeSpine(thickness.mm() / 2, primary, usable, "thickness", checks);
    }
}
