package truekeen.core.holding;

import java.util.ArrayList;
import java.util.Comparator;
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
import truekeen.core.setup.HoningGuide;
import truekeen.core.table.Prior;

/**
 * A honing guide on a roller, as it is owned.
 *
 * @param kind by the back, or by the bevel side
 * @param rollerRadius r
 * @param axleBelow d below the back; below the seat, d₀, for one that grips by the bevel side: there d = d₀ + T
 * @param axleSetback s
 * @param byFace whether the blade lies on its bevel side
 * @param eccentric Δr of a cam, if it has one
 * @param bodyDrop how far its lowest front corner hangs below the back, where measured
 * @param bodyWidth across, where measured
 * @param rollerWidth across, where measured
 * @param blocks stop blocks at hand
 */
public record RollerHolder(
        HolderKind kind,
        Length rollerRadius,
        Length axleBelow,
        Length axleSetback,
        boolean byFace,
        Optional<Length> eccentric,
        Optional<Length> bodyDrop,
        Optional<Length> bodyWidth,
        Optional<Length> rollerWidth,
        List<Length> blocks)
        implements Holder {
    /** A roller wider than this does not rock. Source: workshop prior. */
    static final double ROCKS_UP_TO_MM = Prior.ROLLER_HOLDER_ROCKS_UP_TO_MM.value();

    /** A cam that comes as near as this to the secondary wanted is used. Source: workshop prior. */
    private static final double CAM_COMES_NEAR = Prior.CAM_COMES_NEAR_DEG.value();

    private static final double CAM_HOLDS = Prior.CAM_HOLDS_DEG.value();

    /** Keeps the blocks from changing. */
    public RollerHolder {
        blocks = List.copyOf(blocks);
    }

    /** The guide as it grips a blade of that thickness. */
    public HoningGuide guide(Length thickness) {
        return new HoningGuide(rollerRadius, byFace ? axleBelow.plus(thickness) : axleBelow, axleSetback);
    }

    @Override
    public Setting setting(Seat seat, Angle angle) {
        Holder.require(this, seat, angle);
        HoningGuide guide = guide(seat.thickness());
        guide.requireClear(seat.thickness());
        double p = guide.projectionOutside(angle, "holderId").mm();
        requireBodyClears(angle, p);
        return new Setting(
                kind.sets(),
                Setting.Unit.MM,
                p,
                angle,
                guide.degreesPerMm(angle),
                HoldingWords.PROJECTION.words(),
                Formula.GUIDE_PROJECTION,
                given(guide, angle, seat),
                HoldingWords.PROJECTION_CHANGES.words(),
                asides(guide, seat, angle, p),
                List.of(
                        HoldingWords.GUIDE_SEATED.words(),
                        HoldingWords.GUIDE_SQUARE.fill(
                                "edge",
                                Outline.mm(seat.edge()),
                                "off",
                                Outline.degrees(Math.toDegrees(
                                        Math.atan(0.5 / seat.edge().mm()))))),
                scheme(guide, seat, angle, p));
    }

    /** A cam that comes near the secondary is taken for what it gives. */
    @Override
    public TargetBevel held(Seat seat, TargetBevel wanted) {
        return wanted.hasSecondary()
                ? camFor(seat, wanted.primary(), wanted.last(), CAM_COMES_NEAR)
                        .map(wanted::endingAt)
                        .orElse(wanted)
                : wanted;
    }

    /** Clamped as it is for the primary, with the cam turned, where that holds it; else it is set anew. */
    @Override
    public Setting settingAfter(Seat seat, Angle primary, Angle last) {
        Setting anew = setting(seat, last);
        return camFor(seat, primary, last, CAM_HOLDS)
                .map(c -> {
                    double p = setting(seat, primary).value();
                    HoningGuide guide = guide(seat.thickness());
                    HoningGuide turned = new HoningGuide(
                            rollerRadius.plus(eccentric.orElseThrow()), guide.axleBelowBack(), guide.axleSetback());
                    return anew.leftAt(p, HoldingWords.TURN_THE_CAM.words(), scheme(turned, seat, last, p));
                })
                .orElse(anew);
    }

    private Optional<Angle> camFor(Seat seat, Angle primary, Angle last, double withinDeg) {
        return eccentric
                .map(e -> {
                    HoningGuide guide = guide(seat.thickness());
                    return guide.angle(guide.projectionOutside(primary, "holderId"), e);
                })
                .filter(c -> Math.abs(c.degrees() - last.degrees()) <= withinDeg);
    }

    private List<Advice.Given> given(HoningGuide guide, Angle angle, Seat seat) {
        List<Advice.Given> given = new ArrayList<>(List.of(
                new Advice.Given("angle", angle.toString()),
                new Advice.Given(HoldingWords.ROLLER_RADIUS.words(), rollerRadius.toString()),
                new Advice.Given(
                        HoldingWords.AXLE_BELOW.words(), guide.axleBelowBack().toString()),
                new Advice.Given(HoldingWords.AXLE_SETBACK.words(), axleSetback.toString())));
        if (byFace) {
            given.add(new Advice.Given(
                    HoldingWords.THE_BLADE_IN_D.words(), seat.thickness().toString()));
        }
        return given;
    }

    @Override
    public Angle gives(Seat seat, double value) {
        kind.require(seat.kind());
        if (!(value > 0)) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_POSITIVE, "standsAt", Length.ofMm(value))
                    .with("what", HoldingWords.A_PROJECTION.words()));
        }
        return Holder.inRange(guide(seat.thickness()).angle(Length.ofMm(value)));
    }

    private static double corner(Angle angle, double p, double dropMm) {
        return HoningGuide.cornerAbove(Length.ofMm(p), angle, Length.ofMm(dropMm))
                .mm();
    }

    private void requireBodyClears(Angle angle, double p) {
        if (bodyDrop.isPresent() && !(corner(angle, p, bodyDrop.get().mm()) > 0)) {
            throw new RefusedException(Refusal.of(
                    MessageCode.BODY_RUBS,
                    "holderId",
                    Length.ofMm(corner(angle, p, bodyDrop.get().mm()))));
        }
    }

    private List<Setting.Aside> asides(HoningGuide guide, Seat seat, Angle angle, double p) {
        List<Setting.Aside> all = new ArrayList<>();
        nearestBlock(p).ifPresent(b -> {
            Angle held = guide.angle(b);
            all.add(new Setting.Aside(
                    HoldingWords.NEAREST_BLOCK.words(),
                    b.mm(),
                    "mm",
                    Formula.STOP_BLOCK,
                    HoldingWords.BLOCK_HOLDS.fill(
                            "held",
                            held,
                            "off",
                            Numbers.plain(Math.abs(held.minus(angle).degrees()), 2),
                            "way",
                            (held.compareTo(angle) < 0 ? "lower" : "higher"))));
        });
        eccentric.ifPresent(e -> all.add(new Setting.Aside(
                HoldingWords.CAM_TURNED.words(),
                guide.angle(Length.ofMm(p), e).degrees(),
                "°",
                Formula.ECCENTRIC_STEP,
                HoldingWords.MICRO_BEVEL_MORE.fill(
                        "more", guide.angle(Length.ofMm(p), e).minus(angle)))));
        bodyDrop.ifPresent(drop -> {
            double corner = corner(angle, p, drop.mm());
            all.add(new Setting.Aside(
                    HoldingWords.BODY_ABOVE.words(),
                    corner,
                    "mm",
                    Formula.BODY_CLEARANCE,
                    HoldingWords.ITS_FRONT_CORNER.words()));
            bodyWidth.ifPresent(w -> all.add(new Setting.Aside(
                    HoldingWords.ROCKED_BY.words(),
                    HoningGuide.rocksBy(Length.ofMm(corner), w).degrees(),
                    "°",
                    Formula.BODY_CLEARANCE,
                    2 * corner < w.mm() ? HoldingWords.ROCKED_UNTIL.words() : HoldingWords.ROCKED_FREELY.words())));
        });
        rollerWidth.ifPresent(w -> all.add(new Setting.Aside(
                "roller",
                w.mm(),
                "mm",
                Formula.BODY_CLEARANCE,
                w.mm() > ROCKS_UP_TO_MM ? HoldingWords.ROLLER_WIDE.words() : HoldingWords.ROLLER_NARROW.words())));
        return all;
    }

    /** The block that comes nearest to a projection. */
    public Optional<Length> nearestBlock(double projectionMm) {
        return blocks.stream().min(Comparator.comparingDouble(b -> Math.abs(b.mm() - projectionMm)));
    }

    private Scheme scheme(HoningGuide guide, Seat seat, Angle angle, double p) {
        double r = guide.rollerRadius().mm();
        double d = guide.axleBelowBack().mm();
        double s = axleSetback.mm();
        Scheme.Frame blade = Scheme.Frame.at(new Point(0, 0), angle);
        double length = p + Math.max(s, 0) + 3 * r + 22;
        Point axle = blade.point(p + s, -d);
        double end = Math.max(axle.x() + 2.5 * r, length * angle.cos() * 0.8);
        double above = 4;
        double back = Math.max(s, 0) + 1.3 * r;
        return new Scheme.Pen()
                .outline(Material.STONE, Outline.slab(-14, end, 7))
                .outline(Material.STEEL, Outline.blade(seat, blade, angle, length))
                .outline(
                        Material.BODY,
                        blade.point(p, above),
                        blade.point(p + back, above),
                        blade.point(p + back, -seat.thickness().mm() - 3),
                        blade.point(p + s + 2.5, -d),
                        blade.point(p + s - 2.5, -d),
                        blade.point(
                                p,
                                -bodyDrop.map(Length::mm)
                                        .orElse(seat.thickness().mm() + 3)))
                .round(Material.ROLLER, axle, r)
                .span(blade.point(0, 0), blade.point(p, 0), 11, Outline.mm(p), true)
                .turn(
                        new Point(0, 0),
                        Math.min(p * 0.6, 24),
                        0,
                        angle.degrees(),
                        Outline.degrees(angle.degrees()),
                        false)
                .done();
    }
}
