package truekeen.core.holding;

import java.util.ArrayList;
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
import truekeen.core.quantity.Length;
import truekeen.core.section.Point;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.SpineHeight;
import truekeen.core.table.Prior;

/**
 * A blade laid against the stone by the height of its spine: by eye, or on a stack of a known object. Tools without a
 * spine are measured a given way behind the edge, on their lower face.
 *
 * @param piece thickness of one of the objects; empty for the bare hand
 * @param lever where a tool without a spine is measured, behind its edge
 */
public record SpineStack(Optional<Length> piece, Optional<Length> lever) implements Holder {
    private static final int MOST_PIECES = 14;
    /** A taller pile does not stand. Source: workshop prior. */
    private static final int HANDY = Prior.HANDY_PILE_PIECES.whole();

    @Override
    public HolderKind kind() {
        return piece.isPresent() ? HolderKind.STACK : HolderKind.HAND;
    }

    private Length width(Seat seat) {
        return seat.kind().spined() ? seat.width() : lever.orElse(seat.width());
    }

    private static SpineHeight spine(Seat seat, Length width) {
        return new SpineHeight(width, Length.ofMm(2 * seat.offset().mm()));
    }

    @Override
    public Setting setting(Seat seat, Angle angle) {
        Holder.require(this, seat, angle);
        Length width = width(seat);
        SpineHeight spine = spine(seat, width);
        double height = spine.heightAbove(angle, "last").mm();
        return new Setting(
                seat.kind().spined()
                        ? HoldingWords.SPINE_HEIGHT.words()
                        : HoldingWords.HEIGHT_BEHIND.fill("width", Outline.mm(width)),
                Setting.Unit.MM,
                height,
                angle,
                Setting.slope(x -> spine.height(Angle.ofRadians(x)).mm(), angle),
                seat.kind().spined()
                        ? HoldingWords.SPINE_HEIGHT_WHERE.words()
                        : HoldingWords.HEIGHT_BEHIND_WHERE.words(),
                Formula.SPINE_HEIGHT,
                List.of(
                        new Advice.Given("angle", angle.toString()),
                        new Advice.Given(
                                seat.kind().spined()
                                        ? HoldingWords.BLADE_WIDTH.words()
                                        : HoldingWords.MEASURED_AT.words(),
                                width.toString()),
                        new Advice.Given(
                                seat.perSide() ? HoldingWords.HALF_THE_SPINE.words() : "thickness",
                                seat.offset().toString())),
                HoldingWords.WIDER_STANDS_HIGHER.words(),
                asides(seat, angle, height),
                List.of(HoldingWords.FIND_BY_TOUCH.words(), HoldingWords.ONE_PIECE.words()),
                scheme(seat, angle, width, height));
    }

    /** Whole pieces lie under the spine: the number that comes nearest is taken for what it gives. */
    @Override
    public TargetBevel held(Seat seat, TargetBevel wanted) {
        return piece.map(one -> whole(seat, one, wanted.last()))
                .map(wanted::endingAt)
                .orElse(wanted);
    }

    private Angle whole(Seat seat, Length one, Angle wanted) {
        Length width = width(seat);
        double height = spine(seat, width).heightAbove(wanted, "last").mm();
        long many = Math.max(1, Math.round(height / one.mm()));
        return many * one.mm() < width.mm() ? Holder.inRange(gives(seat, many * one.mm())) : wanted;
    }

    @Override
    public Angle gives(Seat seat, double heightMm) {
        kind().require(seat.kind());
        Length width = width(seat);
        double most = Math.hypot(width.mm(), seat.offset().mm());
        if (!(heightMm >= 0 && heightMm < most)) {
            throw new RefusedException(Refusal.of(MessageCode.SPINE_HEIGHT_RANGE, "standsAt", Length.ofMm(heightMm))
                    .with("high", Length.ofMm(most)));
        }
        return spine(seat, width).edge(Length.ofMm(heightMm));
    }

    private List<Setting.Aside> asides(Seat seat, Angle angle, double height) {
        List<Setting.Aside> all = new ArrayList<>();
        piece.ifPresent(one -> all.add(stacked(seat, one, height)));
        for (Seat.Station s : seat.stations()
                .subList(Math.min(1, seat.stations().size()), seat.stations().size())) {
            double there = spine(seat, s.width()).height(angle).mm();
            if (there > 0) {
                all.add(new Setting.Aside(
                        HoldingWords.AT_FROM_HEEL.fill("along", Outline.mm(s.along())),
                        there,
                        "mm",
                        Formula.SPINE_HEIGHT,
                        there < height - 0.05 ? HoldingWords.LOWER_HERE.fill("handle", handle(seat, s)) : ""));
            }
        }
        if (piece.isEmpty()) {
            all.add(halving(angle));
        }
        return all;
    }

    private Setting.Aside stacked(Seat seat, Length one, double height) {
        double many = height / one.mm();
        long whole = Math.max(1, Math.round(many));
        boolean tooThick = whole * one.mm() >= width(seat).mm();
        String words = tooThick
                ? HoldingWords.EVEN_ONE_TOO_THICK.words()
                : HoldingWords.STACK_HOLDS.fill(
                        "exactly",
                        Numbers.plain(many, 1),
                        "whole",
                        whole,
                        "held",
                        gives(seat, whole * one.mm()),
                        "hint",
                        (whole > HANDY ? HoldingWords.THICKER_IS_HANDIER.words() : ""));
        return new Setting.Aside(HoldingWords.LAID_ON_ANOTHER.words(), whole, "", Formula.STACK, words);
    }

    private static String handle(Seat seat, Seat.Station s) {
        boolean tip = s == seat.stations().get(seat.stations().size() - 1);
        return tip ? HoldingWords.LIFT_INTO_THE_BELLY.words() : "";
    }

    /** A right angle halved, and halved again, until it comes nearest. */
    static Setting.Aside halving(Angle angle) {
        double best = 90;
        int times = 0;
        double next = 90;
        for (int i = 1; i <= 4; i++) {
            next /= 2;
            if (Math.abs(next - angle.degrees()) < Math.abs(best - angle.degrees())) {
                best = next;
                times = i;
            }
        }
        double off = angle.degrees() - best;
        String more = Math.abs(off) < 0.05
                ? HoldingWords.THAT_IS_IT.words()
                : "then " + Numbers.plain(Math.abs(off), 1) + "° " + (off > 0 ? "more" : "less");
        return new Setting.Aside(
                HoldingWords.RIGHT_ANGLE_HALVED.fill(
                        "times", (times == 1 ? "once" : times == 2 ? "twice" : times + " times")),
                best,
                "°",
                Formula.HALVING,
                more);
    }

    private Scheme scheme(Seat seat, Angle angle, Length width, double height) {
        double reach = width.mm();
        Scheme.Frame blade = Scheme.Frame.at(new Point(0, 0), angle);
        Point corner = blade.point(reach, -seat.offset().mm());
        double end = Math.max(corner.x(), reach * 0.6) * 1.25;
        Scheme.Pen pen = new Scheme.Pen()
                .outline(Material.STONE, Outline.slab(-reach * 0.15, end, Math.max(3, reach * 0.1)))
                .outline(Material.STEEL, Outline.blade(seat, blade, angle, reach));
        piece.ifPresent(one -> {
            long whole = Math.max(1, Math.round(height / one.mm()));
            long drawn = Math.min(whole, MOST_PIECES);
            double each = whole * one.mm() / drawn;
            double w = reach * 0.16;
            for (int i = 0; i < drawn; i++) {
                double y = i * each;
                pen.outline(
                        Material.OBJECT,
                        new Point(corner.x() - w, y),
                        new Point(corner.x() + w, y),
                        new Point(corner.x() + w, y + each),
                        new Point(corner.x() - w, y + each));
            }
        });
        return pen.span(
                        new Point(corner.x(), 0),
                        corner,
                        piece.isPresent() ? -reach * 0.22 : -0.001,
                        Outline.mm(height),
                        true)
                .turn(new Point(0, 0), reach * 0.45, 0, angle.degrees(), Outline.degrees(angle.degrees()), false)
                .done();
    }
}
