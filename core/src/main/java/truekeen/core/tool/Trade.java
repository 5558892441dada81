package truekeen.core.tool;

import truekeen.core.quantity.Angle;

/**
 * A tool put to a use: the bounds within which its angle and finish are chosen.
 *
 * @param tool the tool, such as "bench chisel"
 * @param use the work, such as "paring soft wood"
 * @param convention how its angles are measured: "from back" or "per side"
 * @param primaryLow lowest primary bevel
 * @param primaryUsual usual primary bevel
 * @param primaryHigh highest primary bevel
 * @param stepUsual what the secondary adds to the primary
 * @param stepMax most it may add
 * @param finishFinestUm finest grain worth ending on (µm)
 * @param finishUsualUm usual grain to end on (µm)
 * @param finishCoarsestUm coarsest grain to end on (µm)
 * @param keennessPurpose the row of the keenness table it is judged by; empty where keenness is not tested
 * @param geometry the kind of section it has
 * @param note what else to know
 */
public record Trade(
        String tool,
        String use,
        String convention,
        Angle primaryLow,
        Angle primaryUsual,
        Angle primaryHigh,
        Angle stepUsual,
        Angle stepMax,
        double finishFinestUm,
        double finishUsualUm,
        double finishCoarsestUm,
        String keennessPurpose,
        String geometry,
        String note) {

    /** The key: tool and use, such as "bench chisel / general bench work". */
    public String key() {
        return tool + " / " + use;
    }

    /** Whether its section is bounded by a flat back and bevels on the other side. */
    public boolean flatBack() {
        return geometry.endsWith("flat back");
    }

    /** Whether its edge runs askew to its length. */
    public boolean skewed() {
        return geometry.startsWith("skewed");
    }
}
