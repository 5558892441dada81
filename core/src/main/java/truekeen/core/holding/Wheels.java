package truekeen.core.holding;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.advice.Formula;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.HollowGrind;

/** What all holders before a wheel share. */
final class Wheels {
    private Wheels() {}

    /** Refuses a wheel above its marking, and one smaller than the bevel it is to grind. */
    static void require(Wheel wheel, Seat seat, Angle angle) {
        wheel.requireWithinMarking();
        double bevel = seat.bevelMm(angle);
        if (!(bevel < wheel.diameter().mm())) {
            throw new RefusedException(Refusal.of(MessageCode.WHEEL_BELOW_BEVEL, "holderId", wheel.diameter())
                    .with("low", Length.ofMm(bevel)));
        }
    }

    /** Surface speed, and the hollow that a hard wheel leaves. */
    static List<Setting.Aside> asides(Wheel wheel, Seat seat, Angle angle) {
        List<Setting.Aside> all = new ArrayList<>();
        wheel.speed()
                .ifPresent(v -> all.add(new Setting.Aside(
                        "surface speed",
                        v,
                        "m/s",
                        Formula.WHEEL_SPEED,
                        wheel.markedSpeed().isPresent()
                                ? "marked for "
                                        + truekeen.core.message.Numbers.plain(
                                                wheel.markedSpeed().getAsDouble(), 1)
                                        + " m/s"
                                : "compare it with the marking on the wheel")));
        if (!wheel.kind().soft() && !seat.perSide()) {
            // The edge stands at the angle to the tangent; the chord of the hollow, which hones, is steeper.
            double half = seat.thickness().mm();
            HollowGrind hollow = HollowGrind.withEdge(Length.ofMm(half), wheel.diameter(), angle);
            all.add(new Setting.Aside(
                    "chord of the hollow",
                    hollow.chord().degrees(),
                    "°",
                    Formula.HOLLOW_GRIND,
                    "laid flat on a stone the bevel hones at this"));
        }
        return all;
    }

    /** What to look at before the wheel is started. */
    static List<String> checks(Wheel wheel, boolean rest) {
        List<String> all = new ArrayList<>();
        if (wheel.kind().soft()) {
            all.add("The wheel runs away from the edge: into it the edge would dig in and throw the tool.");
            all.add("Ink the bevel and look where it polishes: leather gives, so set it at or just below the honing"
                    + " angle. Never on a flat back.");
        } else {
            if (wheel.kind() == Wheel.Kind.DRY_STONE) {
                all.add("Ring-test, guards on, eye protection, within the marked speed; stand aside for the first"
                        + " minute.");
            }
            all.add("Measure the wheel again after every truing: the setting follows its diameter.");
        }
        if (rest) {
            all.add("The gap between table and wheel stays small, and is never set while it turns.");
        }
        return all;
    }

    static Scheme.Material material(Wheel wheel) {
        return wheel.kind().soft() ? Scheme.Material.LEATHER : Scheme.Material.WHEEL;
    }
}
