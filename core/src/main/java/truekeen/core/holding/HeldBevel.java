package truekeen.core.holding;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;

/**
 * A bevel that something holds, with what to set for it.
 *
 * @param which the primary, the secondary, or the one there is
 * @param angle the angle of the bevel, in the convention of the tool; of a hollow the chord
 * @param held the angle the setting is for: at the edge of a hollow where a wheel grinds one
 * @param setting what to set
 */
public record HeldBevel(SetBevel which, Angle angle, Angle held, Setting setting) {

    /** A bevel of a target that is to be held. */
    private record Wanted(SetBevel which, Angle angle) {}

    /**
     * Every bevel of a target that a holder holds, in order of the work. What cannot be set holds only its own angle: the
     * other bevel is found by hand.
     *
     * @param ink by how much ink checks have moved the settings
     * @throws truekeen.core.message.RefusedException where one of them is not held, with the reason
     */
    public static List<HeldBevel> of(Holder holder, Seat seat, TargetBevel target, Angle ink) {
        List<HeldBevel> all = new ArrayList<>();
        for (Wanted w : wanted(target)) {
            if (!holder.holds(seat, w.angle)) {
                continue;
            }
            boolean hollow = target.wheel().isPresent() && w.which != SetBevel.SECONDARY;
            Angle held = hollow ? holder.edgeOfHollow(seat, w.angle) : w.angle;
            Angle moved = held.plus(ink);
            Setting setting = w.which == SetBevel.SECONDARY && !all.isEmpty()
                    ? holder.settingAfter(seat, target.primary().plus(ink), moved)
                    : holder.setting(seat, moved);
            all.add(new HeldBevel(w.which, w.angle, held, setting));
        }
        return List.copyOf(all);
    }

    private static List<Wanted> wanted(TargetBevel target) {
        return target.hasSecondary()
                ? List.of(new Wanted(SetBevel.PRIMARY, target.primary()), new Wanted(SetBevel.SECONDARY, target.last()))
                : List.of(new Wanted(SetBevel.ONLY, target.last()));
    }

    /** Whether a hollow makes its setting another than its angle. */
    public boolean hollow() {
        return held.radians() != angle.radians();
    }

    /** As a set-up remembers it. */
    public SavedSetting saved() {
        return SavedSetting.of(which, angle, setting);
    }
}
