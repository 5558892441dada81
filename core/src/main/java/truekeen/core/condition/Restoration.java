package truekeen.core.condition;

import java.util.List;
import java.util.Optional;
import truekeen.core.section.Section;
import truekeen.core.tool.Measures;

/**
 * What mending an edge comes to.
 *
 * @param scope how much work
 * @param reasons why, in words, the deciding one first
 * @param newEdgeMm the new edge line, behind the foremost point of the present edge (mm), before a fresh secondary
 * @param lostMm length the tool loses in all, a fresh secondary included (mm)
 * @param primary the grinding of the primary, where it is needed
 * @param secondary the honing of the bevel that is honed: the secondary, or the one bevel there is; empty where a strop
 *     will do
 * @param back the work on the back
 * @param honedWidthMm width of the honed facet afterwards, on one side (mm)
 * @param usableAfterMm usable length afterwards (mm)
 * @param steelLeftMm length down to the retire limit afterwards (mm); negative when it is past it
 * @param honingsLeft dull edges that can be honed before the secondary is too wide or the hollow gone; an estimate, 0
 *     where the one bevel is honed whole
 * @param measuresAfter dimensions of the tool afterwards
 * @param stations the new edge place by place
 * @param bluntMm3 steel ahead of the new edge line (mm³), where anything is ground: what grinding blunt to it takes
 * @param landMm thickness of the land that leaves (mm)
 * @param demands what each thing found asks of the new edge
 * @param regions steel that goes by region, the back not counted
 * @param before section at the deepest place before
 * @param after the same section afterwards
 * @param removed what goes from it
 */
public record Restoration(
        Scope scope,
        List<String> reasons,
        double newEdgeMm,
        double lostMm,
        Optional<Shaping> primary,
        Optional<Shaping> secondary,
        Shaping back,
        double honedWidthMm,
        double usableAfterMm,
        double steelLeftMm,
        int honingsLeft,
        Measures measuresAfter,
        List<StationCut> stations,
        double bluntMm3,
        double landMm,
        List<Demand> demands,
        List<Region> regions,
        List<Section> before,
        List<Section> after,
        List<Section> removed) {

    /** All steel that goes, the back included (mm³). */
    public double volumeMm3() {
        return primary.map(Shaping::volumeMm3).orElse(0.0)
                + secondary.map(Shaping::volumeMm3).orElse(0.0)
                + back.volumeMm3();
    }
}
