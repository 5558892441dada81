package truekeen.core.holding;

import java.util.ArrayList;
import java.util.List;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.holding.Scheme.Material;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Point;
import truekeen.core.setup.PlatformRest;

/**
 * A platform rest before a wheel. The blade lies on it with its lower face, which on a tapering knife leans to the
 * reference plane.
 *
 * @param wheel as it is now
 * @param contact h, height at which the edge meets the wheel, above its centre
 */
public record RestHolder(Wheel wheel, Length contact) implements Holder {
    /** Refuses a contact off the wheel. */
    public RestHolder {
        new PlatformRest(wheel.radius(), contact);
    }

    @Override
    public HolderKind kind() {
        return HolderKind.PLATFORM_REST;
    }

    private PlatformRest rest() {
        return new PlatformRest(wheel.radius(), contact);
    }

    @Override
    public Setting setting(Seat seat, Angle angle) {
        Holder.require(this, seat, angle);
        Wheels.require(wheel, seat, angle);
        Angle side = angle.minus(seat.taper(angle));
        Angle tilt = rest().tilt(side);
        List<Advice.Given> given = new ArrayList<>(List.of(
                new Advice.Given("angle", angle.toString()),
                new Advice.Given("wheel", wheel.diameter() + ", " + wheel.name()),
                new Advice.Given(HoldingWords.CONTACT_ABOVE.words(), contact.toString())));
        if (seat.taper(angle).radians() > 0) {
            given.add(new Advice.Given(
                    HoldingWords.TAPER_OF_THE_SIDE.words(), seat.taper(angle).toString()));
        }
        return new Setting(
                kind().sets(),
                Setting.Unit.DEGREES,
                tilt.degrees(),
                angle,
                Setting.slope(
                        x -> rest().tilt(Angle.ofRadians(x).minus(seat.taper(Angle.ofRadians(x))))
                                .degrees(),
                        angle),
                tilt.radians() < 0 ? HoldingWords.TABLE_RISES.words() : HoldingWords.TABLE_TOWARD_YOU.words(),
                Formula.PLATFORM_REST,
                given,
                HoldingWords.SMALLER_WHEEL.words(),
                Wheels.asides(wheel, seat, angle),
                Wheels.checks(wheel, true),
                scheme(seat, angle, tilt));
    }

    @Override
    public Angle edgeOfHollow(Seat seat, Angle chord) {
        return Wheels.edgeOfHollow(wheel, seat, chord);
    }

    @Override
    public Angle gives(Seat seat, double tiltDegrees) {
        kind().require(seat.kind());
        Angle side = rest().bevel(Angle.ofDegrees(tiltDegrees));
        return Holder.inRange(seat.edgeBevel(side));
    }

    private Scheme scheme(Seat seat, Angle angle, Angle tilt) {
        double r = wheel.radius().mm();
        double up = Math.asin(contact.mm() / r);
        Point edge = new Point(r * Math.cos(up), contact.mm());
        double lean = tilt.radians() - seat.taper(angle).radians();
        Scheme.Frame blade = new Scheme.Frame(edge, -lean);
        double length = Math.min(Outline.reach(seat), r);
        Scheme.Frame table = new Scheme.Frame(blade.point(0, 0), -tilt.radians());
        double under = seat.shoulderMm();
        double from = length * 0.2;
        Point near = table.point(from, -under);
        return new Scheme.Pen()
                .round(Wheels.material(wheel), new Point(0, 0), r)
                .outline(Material.STEEL, Outline.blade(seat, blade, angle, length))
                .outline(
                        Material.TABLE,
                        near,
                        table.point(length * 0.95, -under),
                        table.point(length * 0.95, -under - 5),
                        table.point(from, -under - 5))
                .outline(Material.LEVEL, near, new Point(near.x() + length * 0.8, near.y()))
                .outline(Material.LEVEL, new Point(0, 0), new Point(r * 1.25, 0))
                .turn(near, length * 0.55, -tilt.degrees(), 0, Outline.degrees(tilt.degrees()), true)
                .span(new Point(edge.x(), 0), edge, -r * 0.12, Outline.mm(contact), false)
                .done();
    }
}
