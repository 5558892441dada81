package truekeen.core.section;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.table.Prior;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Chisel;
import truekeen.core.tool.ConvexBlade;
import truekeen.core.tool.DoubleBevelKnife;
import truekeen.core.tool.Drawknife;
import truekeen.core.tool.FlatFacedKnife;
import truekeen.core.tool.MowerBar;
import truekeen.core.tool.PlaneIron;
import truekeen.core.tool.ShearBlade;
import truekeen.core.tool.SingleBevelKnife;
import truekeen.core.tool.ToothedBlade;
import truekeen.core.tool.Turnscrew;
import truekeen.core.tool.WideBevelKnife;

/**
 * A blade cut through: its section as it is, and how the edge it is to have is cut into it. The only place that knows
 * which family looks how; all that is computed from a section is the same for every family.
 *
 * @param now the section as it is, its apex at the origin
 * @param ground facets that are ground now and then, before those that are honed; empty where there are none such
 * @param honed facets that are honed every time
 * @param facets angles of the facets as they are now, to be compared with those wanted
 * @param riseMm half thickness of a blunt end that is wanted (a tip, a land); zero at an apex
 * @param depthMm depth that the bevel of one side spans (mm)
 * @param reachMm how far the bevels reach along the blade (mm)
 */
public record EdgeShape(
        Section now,
        List<BevelCut> ground,
        List<BevelCut> honed,
        Present facets,
        double riseMm,
        double depthMm,
        double reachMm) {
    private static final double RULED_STRIP_MM = Prior.THIN_BACK_BEVEL_MM.value();
    private static final double BACK_BEVEL_MM = Prior.BACK_BEVEL_MM.value();
    private static final double RULE_MOST_DEG = Prior.THIN_RULE_MOST_DEG.value();

    /** Width of a back bevel of that angle (mm): a narrow strip where a thin rule gives it, else wider. Source: workshop prior. */
    public static double backBevelWidthMm(Angle back) {
        return back.degrees() <= RULE_MOST_DEG ? RULED_STRIP_MM : BACK_BEVEL_MM;
    }

    /**
     * Angles that the blade has now.
     *
     * @param ground bevel that is ground
     * @param honed bevel that is honed, where it is another one
     * @param meetingMm how far ahead of the apex the ground bevel would meet the back or the mid-plane (mm)
     */
    public record Present(Angle ground, Optional<Angle> honed, double meetingMm) {}

    /** Keeps the lists from changing. */
    public EdgeShape {
        ground = List.copyOf(ground);
        honed = List.copyOf(honed);
    }

    /** The shape of a blade that is to get these bevels. */
    public static EdgeShape of(Blade blade, TargetBevel target) {
        Sketch s = new Sketch(blade, target);
        // The compiler of this Java cannot check a switch over a sealed type; EdgeShapeTest goes through all families.
        if (blade instanceof Chisel c) {
            return s.flatBack(c.thickness().mm());
        } else if (blade instanceof PlaneIron p) {
            return s.flatBack(p.thickness().mm());
        } else if (blade instanceof Drawknife d) {
            return s.flatBack(d.thickness().mm());
        } else if (blade instanceof FlatFacedKnife f) {
            return s.flatBack(f.thickness().mm());
        } else if (blade instanceof ShearBlade h) {
            return s.hollowFaced(h.thickness().mm(), h.faceHollow().mm());
        } else if (blade instanceof ToothedBlade t) {
            return s.flatBack(t.thickness().mm());
        } else if (blade instanceof MowerBar m) {
            return s.landed(m.thickness().mm(), m.land().mm());
        } else if (blade instanceof SingleBevelKnife k) {
            return s.singleBevel(k);
        } else if (blade instanceof DoubleBevelKnife k) {
            return s.symmetric(k.behindEdge().mm(), k.spine().mm());
        } else if (blade instanceof WideBevelKnife w) {
            return s.symmetric(w.thickness().mm(), w.thickness().mm());
        } else if (blade instanceof ConvexBlade a) {
            return s.convex(a);
        } else if (blade instanceof Turnscrew t) {
            return s.tip(t);
        }
        throw new IllegalArgumentException("no section for " + blade.kind());
    }

    /** The shape of a blade as it stands. */
    public static EdgeShape of(Blade blade) {
        return of(blade, TargetBevel.of(blade));
    }

    /** How many sides carry the honed bevel: two on symmetric blades. */
    public int sides() {
        return (int)
                honed.stream().filter(b -> b.facet() == honed.get(0).facet()).count();
    }

    /** Whether the honed facet is steeper than the ground one it lies on, and no land of a hollow. */
    public boolean honedSteeper() {
        return !ground.isEmpty()
                && honed.get(0).angle().degrees() > ground.get(0).angle().degrees() + 1e-9;
    }

    /** The facet that is honed first of all. */
    public Facet honedFacet() {
        return honed.get(0).facet();
    }

    /** Cuts pieces with facets whose apex is to lie at {@code apexX}. */
    public Cut cut(List<Section> pieces, List<BevelCut> facets, double apexX) {
        List<Section> kept = pieces;
        List<Section> removed = new ArrayList<>();
        if (riseMm > 0) {
            Cut blunt = Cut.of(kept, Cutter.blunt(apexX), Facet.BLUNT);
            kept = blunt.kept();
            removed.addAll(blunt.removed());
        }
        for (BevelCut facet : facets) {
            Cutter at = facet.at(apexX);
            // A convex bevel ends where it joins the cheek; its round would fall into the cheek behind that.
            Cut cut = facet.form() instanceof BevelCut.Convex c && at.curvature() > 0
                    ? Cut.before(kept, c.joinX(), at, facet.facet())
                    : Cut.of(kept, at, facet.facet());
            kept = cut.kept();
            removed.addAll(cut.removed());
        }
        return new Cut(kept, removed);
    }

    /** Thickness of the blade behind its edge: where its ground and honed bevels end (mm). */
    public static double shoulderThickness(List<Section> pieces) {
        double low = 0;
        double high = 0;
        for (Section piece : pieces) {
            for (int i = 0; i < piece.corners().size(); i++) {
                Facet facet = piece.facets().get(i);
                if (facet == Facet.PRIMARY || facet == Facet.SECONDARY || facet == Facet.FORMER) {
                    Point from = piece.corners().get(i);
                    Point to = piece.corners().get((i + 1) % piece.corners().size());
                    low = Math.min(low, Math.min(from.y(), to.y()));
                    high = Math.max(high, Math.max(from.y(), to.y()));
                }
            }
        }
        return high - low;
    }
}
