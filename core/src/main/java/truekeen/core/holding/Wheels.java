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
                        HoldingWords.SURFACE_SPEED.words(),
                        v,
                        "m/s",
                        Formula.WHEEL_SPEED,
                        wheel.markedSpeed().isPresent()
                                ? HoldingWords.MARKED_FOR.fill(
                                        "speed",
                                        truekeen.core.message.Numbers.plain(
                                                wheel.markedSpeed().getAsDouble(), 1))
                                : HoldingWords.COMPARE_THE_MARKING.words())));
        if (!wheel.kind().soft() && !seat.perSide()) {
            // The edge stands at the angle to the tangent; the chord of the hollow, which hones, is steeper.
            double half = seat.thickness().mm();
            HollowGrind hollow = HollowGrind.withEdge(Length.ofMm(half), wheel.diameter(), angle);
            all.add(new Setting.Aside(
                    HoldingWords.CHORD.words(),
                    hollow.chord().degrees(),
                    "°",
                    Formula.HOLLOW_GRIND,
                    HoldingWords.HONES_FLAT_AT.words()));
        }
        return all;
    }

    /** What stands at the edge of the hollow that a hard wheel leaves under a chord; leather and felt leave none. */
    static Angle edgeOfHollow(Wheel wheel, Seat seat, Angle chord) {
        return wheel.kind().soft() || seat.perSide()
                ? chord
                : new HollowGrind(seat.thickness(), wheel.diameter(), chord).edge();
    }

    /** What to look at before the wheel is started. */
    static List<String> checks(Wheel wheel, boolean rest) {
        List<String> all = new ArrayList<>();
        if (wheel.kind().soft()) {
            all.add(HoldingWords.RUNS_AWAY.words());
            all.add(HoldingWords.LEATHER_GIVES.words());
        } else {
            if (wheel.kind() == Wheel.Kind.DRY_STONE) {
                all.add(HoldingWords.RING_TEST.words());
            }
            all.add(HoldingWords.MEASURE_AFTER_TRUING.words());
        }
        if (rest) {
            all.add(HoldingWords.TABLE_GAP.words());
        }
        return all;
    }

    static Scheme.Material material(Wheel wheel) {
        return wheel.kind().soft() ? Scheme.Material.LEATHER : Scheme.Material.WHEEL;
    }
}
