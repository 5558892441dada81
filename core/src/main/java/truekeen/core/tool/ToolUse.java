package truekeen.core.tool;

import java.util.EnumSet;
import java.util.Set;
import truekeen.core.quantity.Angle;

/**
 * A tool put to a use: the bounds within which its angle and finish are chosen.
 *
 * @param tool the tool, such as "bench chisel"
 * @param use the work, such as "paring soft wood"
 * @param convention how its angles are measured
 * @param primaryLow lowest primary bevel
 * @param primaryUsual usual primary bevel
 * @param primaryHigh highest primary bevel
 * @param stepUsual what the secondary adds to the primary
 * @param stepMax most it may add
 * @param finishFinestUm finest grain worth ending on (µm)
 * @param finishUsualUm usual grain to end on (µm)
 * @param finishCoarsestUm coarsest grain to end on (µm)
 * @param keennessPurpose the row of the keenness table it is judged by; empty where keenness is not tested
 * @param thinAtMm thickness behind the edge at which it is thinned (mm); 0 where that is not asked
 * @param camberMm camber usual for it as projected below the sole (mm); 0 for none
 * @param geometry the family of its geometry
 * @param note what else to know
 * @param traits what is peculiar to it
 */
public record ToolUse(
        String tool,
        String use,
        Convention convention,
        Angle primaryLow,
        Angle primaryUsual,
        Angle primaryHigh,
        Angle stepUsual,
        Angle stepMax,
        double finishFinestUm,
        double finishUsualUm,
        double finishCoarsestUm,
        String keennessPurpose,
        double thinAtMm,
        double camberMm,
        GeometryKind geometry,
        String note,
        Set<Trait> traits) {
    /** What is peculiar to a tool at a work. */
    public enum Trait {
        /** It may close on the fingers. */
        FOLDS,
        /** The grain of the wood runs every way. */
        DIFFICULT_GRAIN,
        /** It cuts food. */
        FOOD
    }

    /** Whether it may close on the fingers. */
    public boolean folds() {
        return traits.contains(Trait.FOLDS);
    }

    /** Whether the grain of the wood it works runs every way. */
    public boolean difficultGrain() {
        return traits.contains(Trait.DIFFICULT_GRAIN);
    }

    /** Whether it cuts food: what is left on it is eaten. */
    public boolean food() {
        return traits.contains(Trait.FOOD);
    }

    /** What to ask of such a tool when it is taken in: what does not apply to its family is not asked. */
    public Set<Arrival.Asked> asked() {
        Set<Arrival.Asked> all = EnumSet.of(Arrival.Asked.AGE);
        if (geometry.back()) {
            all.add(Arrival.Asked.BACK);
        }
        if (!geometry.powered() && (geometry.back() || geometry.spined())) {
            all.add(Arrival.Asked.HARD_LAYER);
        }
        if (folds()) {
            all.add(Arrival.Asked.LOCK);
        }
        if (!geometry.powered()) {
            all.add(Arrival.Asked.KEPT);
        }
        return all;
    }

    /** The key: tool and use, such as "bench chisel / general bench work". */
    public String key() {
        return tool + " / " + use;
    }

    /** Whether its edge has an apex that a steel can be too weak for. */
    public boolean hasApex() {
        return geometry != GeometryKind.TURNSCREW;
    }
}
