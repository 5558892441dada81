package truekeen.core.holding;

import java.util.List;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.holding.Scheme.Material;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.section.Point;

/**
 * A table before an upright belt: {@code tilt below level = 90° − (angle − slack) + taper}.
 *
 * @param wrap how much steeper the very edge comes out where a slack belt gives; zero on the platen
 */
public record BeltTable(Angle wrap) implements Holder {
    @Override
    public HolderKind kind() {
        return HolderKind.BELT_TABLE;
    }

    /**
     * Tilt of the table below level: {@code 90° − (angle − slack) + taper}.
     *
     * @param angle wanted at the very edge
     * @param slack what a loose belt adds
     * @param taper of the side that lies on the table
     */
    public static Angle tilt(Angle angle, Angle slack, Angle taper) {
        return Angle.ofRadians(Math.PI / 2 - angle.minus(slack).minus(taper).radians());
    }

    private Angle tilt(Seat seat, Angle angle) {
        return tilt(angle, wrap, seat.taper(angle.minus(wrap)));
    }

    @Override
    public Setting setting(Seat seat, Angle angle) {
        Holder.require(this, seat, angle);
        Angle held = angle.minus(wrap);
        if (held.compareTo(Holder.LEAST) < 0) {
            throw new RefusedException(Refusal.of(MessageCode.ANGLE_NOT_HELD, "holderId", held)
                    .with("low", Holder.LEAST)
                    .with("high", Holder.MOST));
        }
        Angle tilt = tilt(seat, angle);
        return new Setting(
                kind().sets(),
                Setting.Unit.DEGREES,
                tilt.degrees(),
                angle,
                Setting.slope(x -> tilt(seat, Angle.ofRadians(x)).degrees(), angle),
                HoldingWords.TABLE_TOWARD_YOU.words(),
                Formula.BELT_TABLE,
                List.of(
                        new Advice.Given("angle", angle.toString()),
                        new Advice.Given(HoldingWords.SLACK_ADDS.words(), wrap.toString()),
                        new Advice.Given(
                                HoldingWords.TAPER_OF_THE_SIDE.words(),
                                seat.taper(held).toString())),
                HoldingWords.SLACKER_ROUNDS.words(),
                wrap.radians() > 0
                        ? List.of(new Setting.Aside(
                                HoldingWords.GRINDS_AT_BEHIND.words(),
                                held.degrees(),
                                "°",
                                Formula.BELT_TABLE,
                                HoldingWords.SLACK_ROUNDS_UP.words()))
                        : List.of(),
                List.of(HoldingWords.FULL_PASSES.words(), HoldingWords.WORN_BELTS_NEAR.words()),
                scheme(seat, angle, held, tilt));
    }

    @Override
    public Angle gives(Seat seat, double tiltDegrees) {
        kind().require(seat.kind());
        Angle held = seat.edgeBevel(Angle.ofRadians(Math.PI / 2 - Math.toRadians(tiltDegrees)));
        return Holder.inRange(held.plus(wrap));
    }

    private Scheme scheme(Seat seat, Angle angle, Angle held, Angle tilt) {
        double length = Outline.reach(seat);
        double lean = Math.PI / 2 - held.radians();
        Scheme.Frame blade = new Scheme.Frame(new Point(0, 0), -lean);
        Scheme.Frame table = new Scheme.Frame(new Point(0, 0), -tilt.radians());
        double under = seat.shoulderMm();
        Point near = table.point(length * 0.25, -under);
        return new Scheme.Pen()
                .outline(
                        Material.BELT,
                        new Point(0, length * 0.5),
                        new Point(0, -length * 1.1),
                        new Point(-5, -length * 1.1),
                        new Point(-5, length * 0.5))
                .outline(Material.STEEL, Outline.blade(seat, blade, held, length))
                .outline(
                        Material.TABLE,
                        near,
                        table.point(length * 0.95, -under),
                        table.point(length * 0.95, -under - 5),
                        table.point(length * 0.25, -under - 5))
                .outline(Material.LEVEL, near, new Point(near.x() + length * 0.8, near.y()))
                .turn(near, length * 0.55, -tilt.degrees(), 0, Outline.degrees(tilt.degrees()), true)
                .turn(new Point(0, 0), length * 0.3, -90, -90 + held.degrees(), Outline.degrees(angle.degrees()), false)
                .done();
    }
}
