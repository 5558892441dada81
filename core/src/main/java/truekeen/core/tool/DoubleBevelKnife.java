package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A knife or cleaver with an edge bevel on both sides and tapering faces behind. Angles per side.
 *
 * @param kind knife or recurve
 * @param profile the line of its edge
 * @param dip how far a recurved edge draws in before the belly; zero on others
 * @param usable W, width of the blade from edge to spine
 * @param retire width at which it is retired
 * @param spine S, thickness of the spine
 * @param behindEdge t, thickness behind the edge, at the shoulder of the edge bevel
 * @param primary θ, edge bevel
 * @param secondary micro-bevel on it, if it has one
 */
public record DoubleBevelKnife(
        GeometryKind kind,
        KnifeProfile profile,
        Length dip,
        Length usable,
        Length retire,
        Length spine,
        Length behindEdge,
        Angle primary,
        Optional<Micro> secondary)
        implements Blade {

    static DoubleBevelKnife of(GeometryKind kind, Measures m) {
        return new DoubleBevelKnife(
                kind,
                KnifeProfile.of(m),
                m.lengthIfAny("dip").orElse(Length.ofMm(0)),
                m.length("usableLength"),
                m.length("retireLength"),
                m.length("spineThickness"),
                m.length("behindEdge"),
                m.angle("primary"),
                m.secondary());
    }

    @Override
    public Measures measures() {
        Measures all = profile.into(Measures.none())
                .with("usableLength", usable)
                .with("retireLength", retire)
                .with("spineThickness", spine)
                .with("behindEdge", behindEdge)
                .with("primary", primary)
                .with(secondary);
        return kind == GeometryKind.RECURVE ? all.with("dip", dip) : all;
    }

    @Override
    public EdgeLayout layout() {
        double dips = kind == GeometryKind.RECURVE ? dip.mm() : 0;
        if (dips <= 0) {
            return profile.layout();
        }
        double edge = profile.edge().mm();
        double inner = Math.max(profile.straight().mm(), 1e-9);
        return EdgeLayout.curved(
                edge,
                EdgeLayout.End.HEEL,
                EdgeLayout.End.TIP,
                s -> EdgeLayout.belly(s, edge, inner, profile.tipRise().mm())
                        + (s < inner ? dips * Math.sin(Math.PI * s / inner) : 0));
    }

    @Override
    public void check(Checks checks) {
        Blade.checkCommon(this, checks);
        Blade.checkWidth(this, behindEdge.mm() / 2, checks);
        profile.check(usable, checks);
        checks.require(dip.mm() < usable.mm(), () -> Refusal.of(MessageCode.EDGE_PAST_SPINE, "dip", dip)
                .with("high", usable));
        checks.require(behindEdge.mm() <= spine.mm(), () -> Refusal.of(
                        MessageCode.BEHIND_EDGE_ABOVE_SPINE, "behindEdge", behindEdge)
                .with("high", spine));
        Sides.bevelBeforeSpine(behindEdge.mm() / 2, primary, usable, "behindEdge", checks);
    }
}
