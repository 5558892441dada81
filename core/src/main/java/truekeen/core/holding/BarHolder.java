package truekeen.core.holding;

import java.util.List;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.holding.Scheme.Material;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Point;
import truekeen.core.setup.SupportBar;

/**
 * A support bar before a wheel, with the jig that slides on it. For knives the offset counts from the mid-plane.
 *
 * @param wheel as it is now
 * @param reach p
 * @param offset a, away from the wheel positive
 * @param barRadius r_b
 */
public record BarHolder(Wheel wheel, Length reach, Length offset, Length barRadius) implements Holder {
    /** Refuses a reach or a bar of nothing. */
    public BarHolder {
        new SupportBar(wheel.radius(), reach, offset, barRadius);
    }

    @Override
    public HolderKind kind() {
        return HolderKind.SUPPORT_BAR;
    }

    private SupportBar bar() {
        return new SupportBar(wheel.radius(), reach, offset, barRadius);
    }

    /** Steeper than this the gap closes again: {@code 90° − atan(a/p)}. */
    private Angle turn() {
        return Angle.ofRadians(Math.PI / 2 - Math.atan2(offset.mm(), reach.mm()));
    }

    @Override
    public Setting setting(Seat seat, Angle angle) {
        Holder.require(this, seat, angle);
        Wheels.require(wheel, seat, angle);
        if (angle.compareTo(turn()) >= 0) {
            throw new RefusedException(
                    Refusal.of(MessageCode.BAR_TURNED, "holderId", angle).with("high", turn()));
        }
        double gap = bar().gap(angle).mm();
        return new Setting(
                kind().sets(),
                Setting.Unit.MM,
                gap,
                angle,
                Setting.slope(x -> bar().gap(Angle.ofRadians(x)).mm(), angle),
                HoldingWords.BAR_GAP.words(),
                Formula.SUPPORT_BAR,
                List.of(
                        new Advice.Given("angle", angle.toString()),
                        new Advice.Given("wheel", wheel.diameter() + ", " + wheel.name()),
                        new Advice.Given(HoldingWords.JIG_REACH.words(), reach.toString()),
                        new Advice.Given(HoldingWords.BAR_OFF_THE_BACK.words(), offset.toString()),
                        new Advice.Given(HoldingWords.BAR_RADIUS.words(), barRadius.toString())),
                HoldingWords.SMALLER_WHEEL_BAR.words(),
                Wheels.asides(wheel, seat, angle),
                Wheels.checks(wheel, false),
                scheme(seat, angle, gap));
    }

    @Override
    public Angle edgeOfHollow(Seat seat, Angle chord) {
        return Wheels.edgeOfHollow(wheel, seat, chord);
    }

    @Override
    public Angle gives(Seat seat, double gapMm) {
        kind().require(seat.kind());
        return Holder.inRange(bar().edge(Length.ofMm(gapMm)));
    }

    private Scheme scheme(Seat seat, Angle angle, double gap) {
        double r = wheel.radius().mm();
        Scheme.Frame blade = Scheme.Frame.at(new Point(0, r), angle);
        Point bar = blade.point(reach.mm(), offset.mm());
        double far = Math.hypot(bar.x(), bar.y());
        Point onWheel = new Point(bar.x() / far * r, bar.y() / far * r);
        Point onBar = new Point(bar.x() / far * (r + gap), bar.y() / far * (r + gap));
        return new Scheme.Pen()
                .round(Wheels.material(wheel), new Point(0, 0), r)
                .outline(Material.LEVEL, new Point(-r * 0.1, r), new Point(reach.mm() * 0.55, r))
                .outline(
                        Material.BODY,
                        blade.point(reach.mm() * 0.45, 4),
                        blade.point(reach.mm() * 0.45, -seat.thickness().mm() - 4),
                        blade.point(reach.mm() + 6, Math.min(-4, offset.mm())),
                        blade.point(reach.mm() + 6, Math.max(4, offset.mm())))
                .outline(Material.STEEL, Outline.blade(seat, blade, angle, reach.mm() * 1.1))
                .round(Material.BAR, bar, barRadius.mm())
                .span(onWheel, onBar, -0.001, Outline.mm(gap), true)
                .span(blade.point(0, 0), blade.point(reach.mm(), 0), 12, "reach " + Outline.mm(reach), false)
                .turn(new Point(0, r), reach.mm() * 0.4, 0, angle.degrees(), Outline.degrees(angle.degrees()), false)
                .done();
    }
}
