package truekeen.core.condition;

import java.util.List;
import java.util.Optional;
import truekeen.core.section.Section;

/**
 * What mending an edge comes to.
 *
 * @param scope how much work
 * @param reasons why, in words, the deciding one first
 * @param newEdgeMm the new edge line, behind the foremost point of the present edge (mm), before a fresh secondary
 * @param lostMm length the tool loses in all, a fresh secondary included (mm)
 * @param primary the grinding of the primary, where it is needed
 * @param secondary the honing of the secondary; empty where a strop will do
 * @param back the work on the back
 * @param secondaryWidthMm width of the secondary afterwards (mm)
 * @param usableAfterMm usable length afterwards (mm)
 * @param steelLeftMm length down to the retire limit afterwards (mm); negative when it is past it
 * @param honingsLeft dull edges that can be honed before the secondary is too wide; an estimate
 * @param stations the new edge place by place
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
        double secondaryWidthMm,
        double usableAfterMm,
        double steelLeftMm,
        int honingsLeft,
        List<StationCut> stations,
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
