package truekeen.core.rule;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Where practitioners disagree, a shop picks. The first option of each rule is what holds where nobody picked; a tool
 * may be an exception. Source: workshop prior.
 */
public enum HouseRule {
    HOLDING(
            "How the angle is held",
            "What a new set-up begins with.",
            true,
            option(
                    "BY_TOOL",
                    "Guide for straight tools, freehand for knives",
                    "Repeatability for the first, curvature for the second."),
            option("GUIDE", "A guide wherever one fits", ""),
            option("FREEHAND", "Freehand", ""),
            option("WHEEL", "Wheel and jig", "With the first rest or bar in the kit that holds the tool.")),
    BEVEL_FORM(
            "How a bevel is built",
            "Primary and last bevel, and how much is honed each time.",
            true,
            option("SECONDARY", "Primary and secondary", "Least steel honed per touch-up."),
            option("FLAT", "One flat bevel", "Nothing to set twice; the whole face is honed."),
            option(
                    "HOLLOW",
                    "Hollow ground, honed on heel and edge",
                    "Registers by feel; the wheel comes back sooner."),
            option(
                    "CONVEX",
                    "Convex",
                    "Axes and billhooks are convex under every rule. On other tools it is noted, and they keep primary and secondary.")),
    SECONDARY_STEP(
            "How much the secondary adds",
            "The last bevel, within what the work allows.",
            true,
            option("BY_WORK", "By tool and work", "5° on most bench tools, less on knives and paring tools."),
            option("2", "2°", ""),
            option("5", "5°", ""),
            option("10", "10°", "Hard use.")),
    ACCURACY(
            "Exact degrees or the same setting",
            "Whether a last bevel within a degree of the advice is kept.",
            true,
            option("REPEAT", "Repeat the same setting", "A degree off is harmless; a new angle every time is not."),
            option("EXACT", "Exact degrees", "")),
    IRON_BACK(
            "The back of a plane iron",
            "Whether a thin-rule back bevel is offered on irons. Never on chisels.",
            true,
            option("THIN_RULE", "Back bevel from a thin rule", "A strip is polished instead of a face."),
            option("FULL", "Full flat polish", "")),
    CAMBER(
            "Camber of plane irons",
            "The camber that the angle stage begins with, and the strokes at stations.",
            true,
            option("STATIONS", "Honed at stations", "Counted strokes, the same left and right."),
            option("GROUND", "Ground", "The curve is ground from a line scribed off the sole."),
            option("NONE", "None, corners eased", "")),
    STROP(
            "The strop",
            "Whether a plan ends on the strop.",
            true,
            option("FINISH", "Finish on the strop, few strokes", ""),
            option("STONE", "Finish off the stone", ""),
            option("UPKEEP", "Strop as upkeep only", "")),
    FINISH(
            "How fine the finish",
            "The grain that a plan ends on.",
            true,
            option("PURPOSE", "By purpose", ""),
            option("HIGH", "Always a high polish", ""),
            option("MEDIUM", "Always medium", "")),
    BURR_BETWEEN(
            "The burr between stones",
            "When the step sheet takes the burr off.",
            true,
            option("KEEP", "Keep it, thin it, take it off at the end", "Fewer passes that harm the edge."),
            option("EVERY", "Take it off at every stone", "")),
    STROKE(
            "Strokes on stones",
            "The direction the step sheet asks for.",
            true,
            option("BY_HAND", "By hand and stone, the same both sides", ""),
            option("BOTH", "Back and forth", ""),
            option("LEADING", "Edge leading", ""),
            option("TRAILING", "Edge trailing", "")),
    LAST_STROKES(
            "The last light strokes on the stone",
            "How the burr is taken off on the stone.",
            true,
            option("LEADING", "Alternating, edge leading and light", ""),
            option("TRAILING", "Edge trailing", ""),
            option("BOTH", "Both ways", "")),
    BURR_VIEW(
            "What a burr is",
            "Whether upkeep removes or realigns it.",
            false,
            option("REMOVED", "Removed, then the apex kept aligned in use", ""),
            option("REMNANT", "A remnant to be removed", ""),
            option("FRINGE", "A fringe to be realigned", "")),
    POLISH_LASTS(
            "How long a polish lasts",
            "What is expected of the finish until trials decide.",
            false,
            option("DEPENDS", "Depends on the work", ""),
            option("LONGER", "Longer than a medium finish", ""),
            option("SHORTER", "Shorter", "")),
    LEATHER(
            "What leather's give does",
            "How many strop strokes a plan asks for.",
            true,
            option("BOTH", "Both: few, light, flat", ""),
            option("SUPPORTS", "It supports the apex", ""),
            option("ROUNDS", "It rounds the apex", "")),
    PROGRESS(
            "How a bevel comes up",
            "What the ink check expects.",
            false,
            option("INTENT", "By intent: lowering or steepening", ""),
            option("SHOULDER", "Shoulder to edge", ""),
            option("EDGE", "Edge to shoulder", "")),
    SLURRY(
            "Slurry",
            "Whether the step sheet asks for a rinse.",
            true,
            option("BOTH", "Kept to cut, rinsed to finish", ""),
            option("KEPT", "Kept", ""),
            option("RINSED", "Rinsed", "")),
    FRESH_BURR(
            "The burr on finer stones",
            "What the gate of a finer stone asks for.",
            true,
            option("CONTINUOUS", "Continuous is enough", ""),
            option("FRESH", "A fresh one on each", "")),
    KNIFE_SIDES(
            "The sides of a knife",
            "How strokes are dealt out between the sides.",
            true,
            option("WHOLE", "A whole side to a burr, then the other", "A burr is proof."),
            option("SETS", "Equal sets", ""),
            option("ALTERNATE", "Alternate every stroke", "")),
    REPAIRS(
            "Big repairs",
            "Whether a wheel or belt is offered.",
            true,
            option("VOLUME", "By volume: above a limit the wheel", ""),
            option("GRIND", "Grind, then stones", ""),
            option("STONES", "Stones only", "")),
    NEW_EDGE(
            "Grinding to a new edge",
            "The order of the grinding plan.",
            true,
            option("BLUNT", "Blunt to the line first", "Cooler, straighter."),
            option("BEVEL", "Straight at the bevel", "")),
    LUBRICANT(
            "Lubricant",
            "Which stones a plan may use.",
            true,
            option("BY_STONE", "By the stone; never mixed", ""),
            option("WATER", "Water", ""),
            option("OIL", "Oil", ""),
            option("DRY", "Dry", ""));

    private final String question;
    private final String changes;
    private final boolean actsNow;
    private final List<Option> options;

    HouseRule(String question, String changes, boolean actsNow, Option... options) {
        this.question = question;
        this.changes = changes;
        this.actsNow = actsNow;
        this.options = List.of(options);
    }

    /**
     * One school.
     *
     * @param key how it is kept
     * @param words what it is called
     * @param why what speaks for it, or empty
     */
    public record Option(String key, String words, String why) {}

    private static Option option(String key, String words, String why) {
        return new Option(key, words, why);
    }

    /** What is disagreed on. */
    public String question() {
        return question;
    }

    /** What the choice changes. */
    public String changes() {
        return changes;
    }

    /** Whether it changes results already; the others are kept for the stages that will read them. */
    public boolean actsNow() {
        return actsNow;
    }

    /** The schools, the usual one first. */
    public List<Option> options() {
        return options;
    }

    /** What holds where nobody picked. */
    public Option usual() {
        return options.get(0);
    }

    /** The school of that key. */
    public Optional<Option> option(String key) {
        return options.stream().filter(o -> o.key().equals(key)).findFirst();
    }

    /** The rule of that name. */
    public static Optional<HouseRule> byName(String name) {
        return Arrays.stream(values()).filter(r -> r.name().equals(name)).findFirst();
    }
}
