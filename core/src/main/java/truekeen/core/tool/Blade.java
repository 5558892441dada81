package truekeen.core.tool;

import java.util.Optional;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * The geometry of one tool as it is now. Each family has a type of its own with its own dimensions; what is common to
 * all is that there is a bevel, maybe a secondary, an edge, and steel that wears. All angles are in the convention of
 * the family and perpendicular to the edge.
 */
public sealed interface Blade
        permits Chisel,
                PlaneIron,
                Drawknife,
                DoubleBevelKnife,
                WideBevelKnife,
                SingleBevelKnife,
                FlatFacedKnife,
                ConvexBlade,
                ShearBlade,
                Turnscrew,
                MowerBar,
                ToothedBlade {

    /** The family. */
    GeometryKind kind();

    /** Its dimensions as numbers; {@code kind().build(measures())} gives the same blade again. */
    Measures measures();

    /** The bevel that the tables call primary. */
    Angle primary();

    /** The secondary bevel, if it has one. */
    Optional<Micro> secondary();

    /** Steel from the edge to where the blade can no longer be sharpened at all. */
    Length usable();

    /** The same length at which the blade is retired. */
    Length retire();

    /** How its edges lie. */
    EdgeLayout layout();

    /** Notes what does not fit together, each fault at its field; ranges have been looked at before. */
    void check(Checks checks);

    /** The back bevel, on the few that have one. */
    default Optional<Angle> backBevel() {
        return Optional.empty();
    }

    /** Diameter of the wheel that the bevel was hollow-ground on, if it was. */
    default Optional<Length> wheel() {
        return Optional.empty();
    }

    /** Length of all edges together (mm). */
    default double edgeLengthMm() {
        return layout().totalMm();
    }

    /** Steel left to sharpen (mm): usable length down to the retire limit. */
    default double steelLeftMm() {
        return usable().mm() - retire().mm();
    }

    /** The bevel at the apex: the secondary where there is one. */
    default Angle lastBevel() {
        return secondary().map(Micro::angle).orElse(primary());
    }

    /** Angle between the faces that meet at the edge. */
    default Angle included() {
        return kind().convention().included(lastBevel(), backBevel().orElse(Angle.ZERO));
    }

    /** Notes faults of what all families share: retire limit below the length, a secondary steeper than the primary. */
    static void checkCommon(Blade blade, Checks checks) {
        checks.require(blade.retire().mm() < blade.usable().mm(), () -> Refusal.of(
                        MessageCode.RETIRE_NOT_BELOW_LENGTH, "retireLength", blade.retire())
                .with("high", blade.usable()));
        blade.secondary()
                .ifPresent(s -> checks.require(s.angle().compareTo(blade.primary()) > 0, () -> Refusal.of(
                                MessageCode.SECONDARY_NOT_ABOVE_PRIMARY, "secondary", s.angle())
                        .with("low", blade.primary())));
    }

    /** Notes a wheel too small to have ground a bevel of that thickness: {@code L ≥ 2R}. */
    static void checkWheel(Blade blade, Length thickness, Checks checks) {
        blade.wheel().ifPresent(wheel -> {
            double chord = thickness.mm() / blade.primary().sin();
            checks.require(chord < wheel.mm(), () -> Refusal.of(MessageCode.WHEEL_TOO_SMALL, "wheelDiameter", wheel)
                    .with("low", Length.ofMm(chord)));
        });
    }

    /** Notes a secondary wider than the face it lies on. */
    static void checkWidth(Blade blade, double depthMm, Checks checks) {
        blade.secondary()
                .ifPresent(s -> checks.within(
                        "secondaryWidth",
                        ToolWords.SECONDARY_WIDTH.words(),
                        s.width().mm(),
                        0.01,
                        depthMm / s.angle().sin(),
                        InWords.MM));
    }
}
