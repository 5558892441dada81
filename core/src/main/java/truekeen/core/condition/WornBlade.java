package truekeen.core.condition;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.Section;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.ConvexBlade;
import truekeen.core.tool.DoubleBevelKnife;
import truekeen.core.tool.Measures;
import truekeen.core.tool.PlaneIron;
import truekeen.core.tool.SingleBevelKnife;
import truekeen.core.tool.WideBevelKnife;

/** The dimensions of a blade once the work is done, measured on the section that is left. */
final class WornBlade {
    private WornBlade() {}

    /**
     * The dimensions afterwards.
     *
     * @param lost what went off the length (mm)
     * @param honedWidth width of the honed facet on one side (mm)
     * @param after the section that is left
     */
    static Measures of(Blade blade, TargetBevel target, double lost, double honedWidth, List<Section> after) {
        Map<String, Double> now = new TreeMap<>(blade.measures().values());
        now.put("usableLength", blade.usable().mm() - lost);
        now.put("primary", target.primary().degrees());
        now.remove("secondary");
        now.remove("secondaryWidth");
        if (target.hasSecondary()) {
            now.put("secondary", target.last().degrees());
            now.put("secondaryWidth", honedWidth);
        }
        now.remove("backBevel");
        target.back().ifPresent(b -> now.put("backBevel", b.degrees()));
        now.remove("wheelDiameter");
        target.wheel().ifPresent(w -> now.put("wheelDiameter", w.mm()));
        target.camber().filter(c -> blade instanceof PlaneIron).ifPresent(c -> {
            now.remove("camber");
            if (c.mm() > 0) {
                now.put("camber", c.mm());
            }
        });
        if (blade instanceof DoubleBevelKnife k) {
            // A knife's spine stays; what is behind the edge is read off the shoulder.
            now.put(
                    "behindEdge",
                    Math.min(EdgeShape.shoulderThickness(after), k.spine().mm()));
        } else if (blade instanceof SingleBevelKnife) {
            now.put("edgeBevelWidth", honedWidth);
        } else if (blade instanceof ConvexBlade c) {
            now.put("thicknessBehind", thicknessAt(after, lost + c.behind().mm()));
        }
        if (blade instanceof WideBevelKnife || blade instanceof DoubleBevelKnife) {
            now.computeIfPresent("tipRise", (f, rise) -> Math.min(rise, now.get("usableLength") * 0.999));
        }
        return new Measures(now);
    }

    /** Thickness of pieces at a place behind the old edge (mm). */
    private static double thicknessAt(List<Section> pieces, double x) {
        return pieces.stream().mapToDouble(s -> s.thicknessAt(x)).max().orElse(0);
    }
}
