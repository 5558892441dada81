package truekeen.core.holding;

import java.util.List;
import java.util.Optional;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.holding.Scheme.Material;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Point;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.SpineHeight;
import truekeen.core.table.Prior;

/**
 * A hone whose foot rides on the spine: the foot stands off the abrasive by {@code W·sin β − T·cos β} (half the spine
 * in place of T on blades bevelled from both sides). Source: derived here.
 *
 * @param foot where it is fixed, how far it stands off
 */
public record SpineHone(Optional<Length> foot) implements Holder {
    @Override
    public HolderKind kind() {
        return HolderKind.SPINE_HONE;
    }

    private static SpineHeight spine(Seat seat) {
        return new SpineHeight(seat.width(), Length.ofMm(2 * seat.offset().mm()));
    }

    @Override
    public Setting setting(Seat seat, Angle angle) {
        Holder.require(this, seat, angle);
        double height = spine(seat).height(angle).mm();
        if (!(height > 0)) {
            throw new RefusedException(Refusal.of(MessageCode.SPINE_TOO_LOW, "last", angle)
                    .with("low", spine(seat).edge(Length.ofMm(0))));
        }
        return new Setting(
                kind().sets(),
                Setting.Unit.MM,
                height,
                angle,
                Setting.slope(x -> spine(seat).height(Angle.ofRadians(x)).mm(), angle),
                HoldingWords.FOOT.words(),
                Formula.SPINE_HONE,
                List.of(
                        new Advice.Given("angle", angle.toString()),
                        new Advice.Given(
                                HoldingWords.BLADE_WIDTH.words(), seat.width().toString()),
                        new Advice.Given(
                                seat.perSide() ? HoldingWords.HALF_THE_SPINE.words() : HoldingWords.THICKNESS.words(),
                                seat.offset().toString())),
                HoldingWords.FOOT_STEEPER.words(),
                foot.map(f -> List.of(new Setting.Aside(
                                HoldingWords.WITH_ITS_FOOT.fill("f", Outline.mm(f)),
                                gives(seat, f.mm()).degrees(),
                                "°",
                                Formula.SPINE_HONE,
                                HoldingWords.AS_IT_IS.words())))
                        .orElse(List.of()),
                List.of(HoldingWords.FILE_THE_SPINE.words(), HoldingWords.WAX_THE_SPINE.words()),
                scheme(seat, angle, height));
    }

    /** A foot that cannot be moved is taken for what it gives. */
    @Override
    public TargetBevel held(Seat seat, TargetBevel wanted) {
        return foot.map(f -> wanted.endingAt(gives(seat, f.mm()))).orElse(wanted);
    }

    @Override
    public boolean holds(Seat seat, Angle angle) {
        return foot.map(f -> gives(seat, f.mm()))
                .map(own -> Math.abs(own.minus(angle).degrees()) <= Prior.FIXED_HOLDS_DEG.value())
                .orElse(true);
    }

    @Override
    public Angle gives(Seat seat, double footMm) {
        kind().require(seat.kind());
        double most = Math.hypot(seat.width().mm(), seat.offset().mm());
        if (!(footMm >= 0 && footMm < most)) {
            throw new RefusedException(Refusal.of(MessageCode.SPINE_HEIGHT_RANGE, "standsAt", Length.ofMm(footMm))
                    .with("high", Length.ofMm(most)));
        }
        return spine(seat).edge(Length.ofMm(footMm));
    }

    /** The blade lies level, its reference plane along x, the hone above it. */
    private Scheme scheme(Seat seat, Angle angle, double height) {
        double w = seat.width().mm();
        Scheme.Frame hone = Scheme.Frame.at(new Point(0, 0), angle);
        Point corner = new Point(w, seat.offset().mm());
        double along = w * angle.cos() + seat.offset().mm() * angle.sin();
        Point above = hone.point(along, 0);
        Scheme.Frame mirrored = new Scheme.Frame(new Point(0, 0), 0);
        Point[] below = Outline.blade(seat, mirrored, angle, w);
        Point[] steel = new Point[below.length];
        for (int i = 0; i < below.length; i++) {
            steel[i] = new Point(below[i].x(), -below[i].y());
        }
        double thick = w * 0.12;
        return new Scheme.Pen()
                .outline(Material.STEEL, steel)
                .outline(
                        Material.STONE,
                        hone.point(-w * 0.25, 0),
                        hone.point(along + w * 0.12, 0),
                        hone.point(along + w * 0.12, thick),
                        hone.point(-w * 0.25, thick))
                .outline(
                        Material.BODY,
                        hone.point(along - w * 0.05, 0),
                        hone.point(along + w * 0.05, 0),
                        hone.point(along + w * 0.05, -height),
                        hone.point(along - w * 0.05, -height))
                .span(above, corner, w * 0.16, Outline.mm(height), true)
                .turn(new Point(0, 0), w * 0.5, 0, angle.degrees(), Outline.degrees(angle.degrees()), false)
                .done();
    }
}
