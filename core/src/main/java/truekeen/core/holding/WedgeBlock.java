package truekeen.core.holding;

import java.util.List;
import java.util.Optional;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.holding.Scheme.Material;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.section.Point;
import truekeen.core.section.TargetBevel;
import truekeen.core.table.Prior;

/**
 * A wedge that the blade's side lies on: {@code θ − κ}, κ the taper of the side.
 *
 * @param wedge its own angle, where it is one that is owned; empty for one that is cut to suit
 */
public record WedgeBlock(Optional<Angle> wedge) implements Holder {
    @Override
    public HolderKind kind() {
        return HolderKind.WEDGE_BLOCK;
    }

    @Override
    public Setting setting(Seat seat, Angle angle) {
        Holder.require(this, seat, angle);
        Angle taper = seat.taper(angle);
        Angle side = angle.minus(taper);
        if (!(side.radians() > 0)) {
            throw new RefusedException(
                    Refusal.of(MessageCode.WEDGE_TOO_LOW, "last", angle).with("low", taper));
        }
        return new Setting(
                kind().sets(),
                Setting.Unit.DEGREES,
                side.degrees(),
                angle,
                Setting.slope(
                        x -> Math.toDegrees(x - seat.taper(Angle.ofRadians(x)).radians()), angle),
                HoldingWords.WEDGE.words(),
                Formula.WEDGE,
                List.of(
                        new Advice.Given("angle", angle.toString()),
                        new Advice.Given(HoldingWords.TAPER_OF_THE_SIDE.words(), taper.toString())),
                HoldingWords.MORE_TAPER.words(),
                wedge.map(w -> List.of(owned(seat, angle, w))).orElse(List.of()),
                List.of(HoldingWords.ONLY_STARTS.words()),
                scheme(seat, angle, side));
    }

    /** A wedge that is owned is taken for what it gives. */
    @Override
    public TargetBevel held(Seat seat, TargetBevel wanted) {
        return wedge.map(w -> wanted.endingAt(Holder.inRange(seat.edgeBevel(w))))
                .orElse(wanted);
    }

    private Setting.Aside owned(Seat seat, Angle wanted, Angle w) {
        Angle held = seat.edgeBevel(w);
        double off = held.minus(wanted).degrees();
        return new Setting.Aside(
                HoldingWords.BLOCK_HOLDS_NOW.words(),
                held.degrees(),
                "°",
                Formula.WEDGE,
                Math.abs(off) < 0.05
                        ? HoldingWords.AS_WANTED.words()
                        : HoldingWords.OFF_THE_WANTED.fill(
                                "off", Numbers.plain(Math.abs(off), 1), "way", (off > 0 ? "steeper" : "lower")));
    }

    @Override
    public boolean holds(Seat seat, Angle angle) {
        return wedge.map(w -> seat.edgeBevel(w))
                .map(own -> Math.abs(own.minus(angle).degrees()) <= Prior.FIXED_HOLDS_DEG.value())
                .orElse(true);
    }

    @Override
    public Angle gives(Seat seat, double wedgeDegrees) {
        kind().require(seat.kind());
        return Holder.inRange(seat.edgeBevel(Angle.ofDegrees(wedgeDegrees)));
    }

    private Scheme scheme(Seat seat, Angle angle, Angle side) {
        double reach = Outline.reach(seat);
        Scheme.Frame blade = Scheme.Frame.at(new Point(0, 0), angle);
        Point[] outline = Outline.blade(seat, blade, angle, reach);
        Point shoulder = outline[1];
        // The line of the lower face meets the stone here.
        double foot = shoulder.x() - shoulder.y() / side.tan();
        double from = foot + reach * 0.12;
        double to = foot + reach * 0.8 * side.cos();
        Point low = new Point(from, (from - foot) * side.tan());
        Point high = new Point(to, (to - foot) * side.tan());
        return new Scheme.Pen()
                .outline(Material.STONE, Outline.slab(-reach * 0.15, to * 1.25, Math.max(3, reach * 0.1)))
                .outline(Material.BLOCK, new Point(foot, 0), low, high, new Point(to, 0))
                .outline(Material.STEEL, outline)
                .turn(new Point(foot, 0), reach * 0.62, 0, side.degrees(), Outline.degrees(side.degrees()), true)
                .done();
    }
}
