package truekeen.core.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.ConvexBlade;
import truekeen.core.tool.Micro;
import truekeen.core.tool.SingleBevelKnife;
import truekeen.core.tool.Turnscrew;

/** Draws the sections of the families and the facets that are to be cut into them. */
final class Sketch {
    private final Blade blade;
    private final TargetBevel target;
    private final double body;

    Sketch(Blade blade, TargetBevel target) {
        this.blade = blade;
        this.target = target;
        this.body = blade.usable().mm() + 1;
    }

    EdgeShape flatBack(double thickness) {
        return flatBack(thickness, 0, 0);
    }

    EdgeShape hollowFaced(double thickness, double hollow) {
        return flatBack(thickness, 0, hollow);
    }

    EdgeShape landed(double thickness, double land) {
        return flatBack(thickness, land, 0);
    }

    private EdgeShape flatBack(double thickness, double land, double hollow) {
        Section now = slab(thickness, hollow);
        Optional<Micro> micro = blade.secondary();
        BevelCut present = primary(blade.primary(), blade.wheel(), thickness, land);
        double ahead = micro.isEmpty()
                ? 0
                : blade.wheel().isPresent()
                        ? recessionFor(
                                cut(now, present, 0),
                                false,
                                micro.get().angle(),
                                micro.get().width().mm(),
                                thickness)
                        : MicroBevel.recession(
                                        micro.get().width(),
                                        blade.primary(),
                                        micro.get().angle())
                                .mm();
        double lift = blade.backBevel()
                .map(b -> EdgeShape.backBevelWidthMm(b)
                        * b.tan()
                        / (blade.lastBevel().tan() + b.tan()))
                .orElse(0.0);
        now = cut(now, present, -ahead - lift);
        if (micro.isPresent()) {
            now = cut(now, BevelCut.flat(Facet.SECONDARY, true, micro.get().angle()), -lift);
        }
        if (blade.backBevel().isPresent()) {
            now = cut(now, back(blade.backBevel().get()), -lift);
        }
        if (land > 0) {
            now = now.within(Cutter.blunt(0), Facet.BLUNT).get(0);
        }
        return shape(now, primary(target.primary(), target.wheel(), thickness, land), thickness, land, ahead);
    }

    private EdgeShape shape(Section now, BevelCut primary, double depth, double rise, double ahead) {
        List<BevelCut> ground = new ArrayList<>();
        List<BevelCut> honed = new ArrayList<>();
        if (target.hasSecondary() || primary.form() instanceof BevelCut.Hollow) {
            ground.add(primary);
            honed.add(BevelCut.flat(Facet.SECONDARY, true, target.last()));
        } else {
            honed.add(primary);
        }
        target.back().ifPresent(b -> honed.add(back(b)));
        EdgeShape.Present present =
                new EdgeShape.Present(blade.primary(), blade.secondary().map(Micro::angle), ahead);
        double reach = depth * Math.max(blade.primary().cot(), target.primary().cot());
        return new EdgeShape(now, ground, honed, present, rise, depth, reach);
    }

    private static BevelCut primary(Angle angle, Optional<Length> wheel, double thickness, double land) {
        BevelCut.Form form = wheel.isPresent()
                ? new BevelCut.Hollow(
                        new HollowGrind(Length.ofMm(thickness), wheel.get(), angle)
                                        .wheel()
                                        .mm()
                                / 2,
                        thickness)
                : new BevelCut.Flat(land);
        return new BevelCut(Facet.PRIMARY, true, angle, form);
    }

    private static BevelCut back(Angle angle) {
        return new BevelCut(Facet.BACK_BEVEL, false, angle, new BevelCut.Behind(EdgeShape.backBevelWidthMm(angle)));
    }

    EdgeShape singleBevel(SingleBevelKnife k) {
        double ahead =
                MicroBevel.recession(k.edgeBevelWidth(), k.face(), k.primary()).mm();
        BevelCut face = BevelCut.flat(Facet.PRIMARY, true, k.face());
        Section now = cut(slab(k.spine().mm(), k.backHollow().mm()), face, -ahead);
        now = cut(now, BevelCut.flat(Facet.SECONDARY, true, k.primary()), 0);
        return new EdgeShape(
                now,
                List.of(face),
                List.of(BevelCut.flat(Facet.SECONDARY, true, target.last())),
                new EdgeShape.Present(k.face(), Optional.of(k.primary()), ahead),
                0,
                k.spine().mm(),
                k.spine().mm() * k.face().cot());
    }

    /** A blade alike on both sides: bevels up to a shoulder, then faces that taper to the spine. */
    EdgeShape symmetric(double shoulder, double spine) {
        Angle edge = blade.primary();
        double ahead = blade.secondary()
                .map(m -> MicroBevel.recession(m.width(), edge, m.angle()).mm())
                .orElse(0.0);
        double width = blade.usable().mm();
        double at = shoulder / 2 * edge.cot() - ahead;
        Section now = new Section(
                List.of(
                        new Point(-ahead, 0),
                        new Point(at, -shoulder / 2),
                        new Point(width, -spine / 2),
                        new Point(width, spine / 2),
                        new Point(at, shoulder / 2)),
                List.of(Facet.PRIMARY, Facet.FACE, Facet.END, Facet.FACE, Facet.PRIMARY));
        if (blade.secondary().isPresent()) {
            Angle micro = blade.secondary().get().angle();
            now = cut(now, BevelCut.flat(Facet.SECONDARY, true, micro), 0);
            now = cut(now, BevelCut.flat(Facet.SECONDARY, false, micro), 0);
        }
        List<BevelCut> primary = both(Facet.PRIMARY, target.primary(), new BevelCut.Flat(0));
        boolean two = target.hasSecondary();
        return new EdgeShape(
                now,
                two ? primary : List.of(),
                two ? both(Facet.SECONDARY, target.last(), new BevelCut.Flat(0)) : primary,
                new EdgeShape.Present(edge, blade.secondary().map(Micro::angle), ahead),
                0,
                shoulder / 2,
                Math.max(at, shoulder / 2 * target.primary().cot()));
    }

    /**
     * Both faces are one curve each up to the thickness that was measured, then run on as the curve ends there. Where the
     * curve would draw in before that, it ends where it is parallel to the mid-plane.
     */
    EdgeShape convex(ConvexBlade a) {
        double half = a.thickness().mm() / 2;
        double theta = a.primary().radians();
        boolean drawsIn = 2 * Math.atan2(half, a.behind().mm()) < theta;
        BevelCut.Convex form = new BevelCut.Convex(
                drawsIn ? half / Math.tan(theta / 2) : a.behind().mm(), half);
        double bend = new BevelCut(Facet.PRIMARY, true, a.primary(), form).at(0).curvature();
        double slope = Math.tan(Math.max(0, 2 * Math.atan2(half, form.joinX()) - theta));
        double far = Math.max(body, form.joinX() + 1);
        double cheek = half + slope * (far - form.joinX());
        Section plain = new Section(
                List.of(
                        new Point(0, 0),
                        new Point(form.joinX(), -half),
                        new Point(far, -cheek),
                        new Point(far, cheek),
                        new Point(form.joinX(), half)),
                List.of(Facet.PRIMARY, Facet.FACE, Facet.END, Facet.FACE, Facet.PRIMARY),
                List.of(bend, 0.0, 0.0, 0.0, bend));
        Section now = plain;
        double ahead = 0;
        if (a.secondary().isPresent()) {
            Micro micro = a.secondary().get();
            ahead = recessionFor(
                    plain, true, micro.angle(), micro.width().mm(), a.behind().mm() / 2);
            now = cut(plain, BevelCut.flat(Facet.SECONDARY, true, micro.angle()), ahead);
            now = cut(now, BevelCut.flat(Facet.SECONDARY, false, micro.angle()), ahead)
                    .movedAlongBack(-ahead);
        }
        BevelCut.Convex shifted = new BevelCut.Convex(form.joinX() - ahead, form.joinY());
        boolean two = target.hasSecondary();
        List<BevelCut> faces = both(Facet.PRIMARY, target.primary(), shifted);
        return new EdgeShape(
                now,
                two ? faces : List.of(),
                two ? both(Facet.SECONDARY, target.last(), new BevelCut.Flat(0)) : faces,
                new EdgeShape.Present(a.primary(), a.secondary().map(Micro::angle), ahead),
                0,
                form.joinY(),
                form.joinX());
    }

    /** Recession at which a facet of that angle is so wide, on one side or on both. */
    private static double recessionFor(Section section, boolean both, Angle angle, double width, double most) {
        double low = 0;
        double high = most;
        while (high - low > 1e-12) {
            double middle = (low + high) / 2;
            Section cut = cut(section, BevelCut.flat(Facet.SECONDARY, true, angle), middle);
            cut = both ? cut(cut, BevelCut.flat(Facet.SECONDARY, false, angle), middle) : cut;
            if (cut.lengthOf(Facet.SECONDARY) < (both ? 2 * width : width)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    EdgeShape tip(Turnscrew t) {
        double half = t.tip().mm() / 2;
        double blank = t.thickness().mm() / 2;
        double far = body;
        double taper = t.primary().tan();
        // Parallel or nearly parallel faces run as far as the blade is drawn; others end where they meet its thickness.
        double reach = taper * far > blank - half ? (blank - half) / taper : far;
        List<Point> upper = reach < far
                ? List.of(new Point(far, blank), new Point(reach, blank), new Point(0, half))
                : List.of(new Point(far, half + taper * far), new Point(0, half));
        List<Point> corners = new ArrayList<>();
        for (int i = upper.size() - 1; i >= 0; i--) {
            corners.add(new Point(upper.get(i).x(), -upper.get(i).y()));
        }
        corners.addAll(upper);
        List<Facet> facets = reach < far
                ? List.of(Facet.PRIMARY, Facet.FACE, Facet.END, Facet.FACE, Facet.PRIMARY, Facet.BLUNT)
                : List.of(Facet.PRIMARY, Facet.END, Facet.PRIMARY, Facet.BLUNT);
        return new EdgeShape(
                new Section(corners, facets),
                List.of(),
                both(Facet.PRIMARY, target.last(), new BevelCut.Flat(half)),
                new EdgeShape.Present(t.primary(), Optional.empty(), 0),
                half,
                Math.max(blank - half, half),
                Math.min(reach, far / 2));
    }

    private static List<BevelCut> both(Facet facet, Angle angle, BevelCut.Form form) {
        return List.of(new BevelCut(facet, true, angle, form), new BevelCut(facet, false, angle, form));
    }

    /** A slab that reaches ahead of the edge, its back flat or hollow between two flat rims. */
    private Section slab(double thickness, double hollow) {
        double ahead = thickness * 20;
        double rim = Math.min(Prior.BACK_RIM_MM.value(), body / 20);
        if (hollow <= 0) {
            return new Section(
                    List.of(
                            new Point(-ahead, 0),
                            new Point(body, 0),
                            new Point(body, thickness),
                            new Point(-ahead, thickness)),
                    List.of(Facet.BACK, Facet.END, Facet.FACE, Facet.PRIMARY));
        }
        double chord = body - 2 * rim;
        double bend = -8 * hollow / (chord * chord + 4 * hollow * hollow);
        return new Section(
                List.of(
                        new Point(-ahead, 0),
                        new Point(rim, 0),
                        new Point(body - rim, 0),
                        new Point(body, 0),
                        new Point(body, thickness),
                        new Point(-ahead, thickness)),
                List.of(Facet.BACK, Facet.BACK, Facet.BACK, Facet.END, Facet.FACE, Facet.PRIMARY),
                List.of(0.0, bend, 0.0, 0.0, 0.0, 0.0));
    }

    private static Section cut(Section section, BevelCut facet, double apexX) {
        return section.within(facet.at(apexX), facet.facet()).get(0);
    }
}
