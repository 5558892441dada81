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

/**
 * A small stone in the hand, laid against the edge: its far end stands off the blade's cheek by {@code L·sin(θ − κ) −
 * c·cos κ}, c where the line of the cheek crosses the apex, off the reference plane. Source: derived here.
 *
 * @param length L, from the edge to the far end of the stone as it is held
 */
public record HandStone(Length length) implements Holder {
    @Override
    public HolderKind kind() {
        return HolderKind.HAND_STONE;
    }

    /**
     * How far a stone's end stands off a cheek.
     *
     * @param stone L, from the edge to its far end
     * @param taper κ of the cheek
     * @param crossesMm c, where the line of the cheek crosses the apex (mm)
     * @param field the field that asked for the angle
     * @throws RefusedException where the stone would lie on the cheek
     */
    public static Length gap(Length stone, Angle angle, Angle taper, double crossesMm, String field) {
        double gap = gapMm(stone, angle, taper, crossesMm);
        if (!(gap > 0) || angle.compareTo(taper) <= 0) {
            throw new RefusedException(
                    Refusal.of(MessageCode.STONE_TOO_LOW, field, angle).with("low", taper));
        }
        return Length.ofMm(gap);
    }

    private static double gapMm(Length stone, Angle angle, Angle taper, double crossesMm) {
        return stone.mm() * angle.minus(taper).sin() - crossesMm * taper.cos();
    }

    private double gap(Seat seat, Angle angle) {
        return gapMm(length, angle, seat.taper(angle), seat.crossesMm(angle));
    }

    @Override
    public Setting setting(Seat seat, Angle angle) {
        Holder.require(this, seat, angle);
        double gap = gap(length, angle, seat.taper(angle), seat.crossesMm(angle), "last")
                .mm();
        return new Setting(
                kind().sets(),
                Setting.Unit.MM,
                gap,
                angle,
                Setting.slope(x -> gap(seat, Angle.ofRadians(x)), angle),
                HoldingWords.STONE_STANDS_OFF.words(),
                Formula.HAND_STONE,
                List.of(
                        new Advice.Given("angle", angle.toString()),
                        new Advice.Given("stone", length.toString()),
                        new Advice.Given(
                                HoldingWords.TAPER_OF_THE_CHEEK.words(),
                                seat.taper(angle).toString())),
                HoldingWords.LONGER_STANDS_OFF.words(),
                List.of(),
                List.of(HoldingWords.SMALL_CIRCLES.words(), HoldingWords.CONVEX_ROCKED.words()),
                scheme(seat, angle, gap));
    }

    @Override
    public Angle gives(Seat seat, double gapMm) {
        kind().require(seat.kind());
        if (!(gapMm >= 0 && gapMm < length.mm())) {
            throw new RefusedException(Refusal.of(MessageCode.SPINE_HEIGHT_RANGE, "standsAt", Length.ofMm(gapMm))
                    .with("high", length));
        }
        // A gap is a length: scaled by the stone it stands for a sine.
        return Holder.inRange(seat.solve(
                a -> Angle.ofRadians(gap(seat, a) / length.mm()), Angle.ofRadians(gapMm / length.mm()), "standsAt"));
    }

    private Scheme scheme(Seat seat, Angle angle, double gap) {
        double reach = Math.max(Outline.reach(seat), length.mm() * 1.1);
        Point[] below = Outline.blade(seat, new Scheme.Frame(new Point(0, 0), 0), angle, reach);
        Point[] steel = new Point[below.length];
        for (int i = 0; i < below.length; i++) {
            steel[i] = new Point(below[i].x(), -below[i].y());
        }
        Scheme.Frame stone = Scheme.Frame.at(new Point(0, 0), angle);
        Angle taper = seat.taper(angle);
        Point end = stone.point(length.mm(), 0);
        Point cheek = new Point(end.x() + gap * taper.sin(), end.y() - gap * taper.cos());
        double thick = length.mm() * 0.14;
        return new Scheme.Pen()
                .outline(Material.STEEL, steel)
                .outline(
                        Material.STONE,
                        stone.point(-length.mm() * 0.12, 0),
                        end,
                        stone.point(length.mm(), thick),
                        stone.point(-length.mm() * 0.12, thick))
                .span(end, cheek, length.mm() * 0.12, Outline.mm(gap), true)
                .turn(new Point(0, 0), length.mm() * 0.5, 0, angle.degrees(), Outline.degrees(angle.degrees()), false)
                .done();
    }
}
