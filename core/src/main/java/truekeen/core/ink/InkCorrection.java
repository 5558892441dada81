package truekeen.core.ink;

import truekeen.core.holding.Holder;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.Seat;
import truekeen.core.holding.Setting;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;

/**
 * What an ink check changes on the thing that holds the angle.
 *
 * @param kind what holds the angle
 * @param setting what is set
 * @param from the number as it is set now
 * @param to the number to set
 * @param low the smaller end of the range of {@code to}
 * @param high the larger end
 * @param offDeg by how much the angle is moved (°): more than zero raises
 */
public record InkCorrection(
        HolderKind kind, Setting setting, double from, double to, double low, double high, double offDeg) {

    /**
     * The change that brings a setting where the ink says.
     *
     * @param held the angle that the setting was made for
     * @param off how far it is off
     * @param direction 1 to raise, −1 to lower
     * @throws truekeen.core.message.RefusedException where the holder cannot go there
     */
    public static InkCorrection of(Holder holder, Seat seat, Angle held, InkAnswer.Off off, int direction) {
        Setting now = holder.setting(seat, held);
        Setting then = holder.setting(seat, moved(held, direction * off.likely()));
        double a = holder.setting(seat, moved(held, direction * off.low())).value();
        double b = holder.setting(seat, moved(held, direction * off.high())).value();
        return new InkCorrection(
                holder.kind(),
                then,
                now.value(),
                then.value(),
                Math.min(a, b),
                Math.max(a, b),
                direction * off.likely());
    }

    private static Angle moved(Angle angle, double degrees) {
        return angle.plus(Angle.ofDegrees(degrees));
    }

    /** It as an instruction. */
    public String words() {
        double by = Math.abs(to - from);
        String unit = setting.unit().behindANumber();
        double one = Math.abs(low - from);
        double other = Math.abs(high - from);
        boolean along = kind.setsDistance();
        String act = to < from ? along ? "Shorten" : "Lower" : along ? "Lengthen" : "Raise";
        return InkWords.CORRECT.fill(
                "act",
                act,
                "setting",
                setting.name(),
                "by",
                Numbers.plain(by, 1),
                "unit",
                unit,
                "least",
                Numbers.plain(Math.min(one, other), 1),
                "most",
                Numbers.plain(Math.max(one, other), 1),
                "to",
                Numbers.plain(to, 1));
    }
}
