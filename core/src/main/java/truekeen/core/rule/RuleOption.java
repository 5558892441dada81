package truekeen.core.rule;

/**
 * The schools that a shop may pick among, rule by rule; {@link HouseRule} says which belong to which and which is the
 * usual one. Source: workshop prior.
 */
public enum RuleOption {
    HOLDING_BY_TOOL(
            "BY_TOOL",
            "Guide for straight tools, freehand for knives",
            "Repeatability for the first, curvature for the second."),
    HOLDING_GUIDE("GUIDE", "A guide wherever one fits", ""),
    HOLDING_FREEHAND("FREEHAND", "Freehand", ""),
    HOLDING_WHEEL("WHEEL", "Wheel and jig", "With the first rest or bar in the kit that holds the tool."),
    BEVEL_FORM_SECONDARY("SECONDARY", "Primary and secondary", "Least steel honed per touch-up."),
    BEVEL_FORM_FLAT("FLAT", "One flat bevel", "Nothing to set twice; the whole face is honed."),
    BEVEL_FORM_HOLLOW(
            "HOLLOW", "Hollow ground, honed on heel and edge", "Registers by feel; the wheel comes back sooner."),
    BEVEL_FORM_CONVEX(
            "CONVEX",
            "Convex",
            "Axes and billhooks are convex under every rule. On other tools it is noted, and they keep primary and secondary."),
    SECONDARY_STEP_BY_WORK("BY_WORK", "By tool and work", "5° on most bench tools, less on knives and paring tools."),
    SECONDARY_STEP_DEG_2("2", "2°", ""),
    SECONDARY_STEP_DEG_5("5", "5°", ""),
    SECONDARY_STEP_DEG_10("10", "10°", "Hard use."),
    ACCURACY_REPEAT("REPEAT", "Repeat the same setting", "A degree off is harmless; a new angle every time is not."),
    ACCURACY_EXACT("EXACT", "Exact degrees", ""),
    IRON_BACK_THIN_RULE("THIN_RULE", "Back bevel from a thin rule", "A strip is polished instead of a face."),
    IRON_BACK_FULL("FULL", "Full flat polish", ""),
    CAMBER_STATIONS("STATIONS", "Honed at stations", "Counted strokes, the same left and right."),
    CAMBER_GROUND("GROUND", "Ground", "The curve is ground from a line scribed off the sole."),
    CAMBER_NONE("NONE", "None, corners eased", ""),
    STROP_FINISH("FINISH", "Finish on the strop, few strokes", ""),
    STROP_STONE("STONE", "Finish off the stone", ""),
    STROP_UPKEEP("UPKEEP", "Strop as upkeep only", ""),
    FINISH_PURPOSE("PURPOSE", "By purpose", ""),
    FINISH_HIGH("HIGH", "Always a high polish", ""),
    FINISH_MEDIUM("MEDIUM", "Always medium", ""),
    BURR_BETWEEN_KEEP("KEEP", "Keep it, thin it, take it off at the end", "Fewer passes that harm the edge."),
    BURR_BETWEEN_EVERY("EVERY", "Take it off at every stone", ""),
    STROKE_BY_HAND("BY_HAND", "By hand and stone, the same both sides", ""),
    STROKE_BOTH("BOTH", "Back and forth", ""),
    STROKE_LEADING("LEADING", "Edge leading", ""),
    STROKE_TRAILING("TRAILING", "Edge trailing", ""),
    LAST_STROKES_LEADING("LEADING", "Alternating, edge leading and light", ""),
    LAST_STROKES_TRAILING("TRAILING", "Edge trailing", ""),
    LAST_STROKES_BOTH("BOTH", "Both ways", ""),
    BURR_VIEW_REMOVED("REMOVED", "Removed, then the apex kept aligned in use", ""),
    BURR_VIEW_REMNANT("REMNANT", "A remnant to be removed", ""),
    BURR_VIEW_FRINGE("FRINGE", "A fringe to be realigned", ""),
    POLISH_LASTS_DEPENDS("DEPENDS", "Depends on the work", ""),
    POLISH_LASTS_LONGER("LONGER", "Longer than a medium finish", ""),
    POLISH_LASTS_SHORTER("SHORTER", "Shorter", ""),
    LEATHER_BOTH("BOTH", "Both: few, light, flat", ""),
    LEATHER_SUPPORTS("SUPPORTS", "It supports the apex", ""),
    LEATHER_ROUNDS("ROUNDS", "It rounds the apex", ""),
    SLURRY_BOTH("BOTH", "Kept to cut, rinsed to finish", ""),
    SLURRY_KEPT("KEPT", "Kept", ""),
    SLURRY_RINSED("RINSED", "Rinsed", ""),
    FRESH_BURR_CONTINUOUS("CONTINUOUS", "Continuous is enough", ""),
    FRESH_BURR_FRESH("FRESH", "A fresh one on each", ""),
    KNIFE_SIDES_WHOLE("WHOLE", "A whole side to a burr, then the other", "A burr is proof."),
    KNIFE_SIDES_SETS("SETS", "Equal sets", ""),
    KNIFE_SIDES_ALTERNATE("ALTERNATE", "Alternate every stroke", ""),
    REPAIRS_VOLUME("VOLUME", "By volume: above a limit the wheel", ""),
    REPAIRS_GRIND("GRIND", "Grind, then stones", ""),
    REPAIRS_STONES("STONES", "Stones only", ""),
    REPAIRS_WHEEL(
            "WHEEL",
            "The slow wet wheel is the whole job",
            "Ground on it however little there is to do, the burr off flat, leather last. Where none is in the kit it goes to the stones."),
    NEW_EDGE_BLUNT("BLUNT", "Blunt to the line first", "Cooler, straighter."),
    NEW_EDGE_BEVEL("BEVEL", "Straight at the bevel", ""),
    LUBRICANT_BY_STONE("BY_STONE", "By the stone; never mixed", ""),
    LUBRICANT_WATER("WATER", "Water", ""),
    LUBRICANT_OIL("OIL", "Oil", ""),
    LUBRICANT_DRY("DRY", "Dry", "");

    private final String key;
    private final String words;
    private final String why;

    RuleOption(String key, String words, String why) {
        this.key = key;
        this.words = words;
        this.why = why;
    }

    /** How it is kept and sent; unique within its rule. */
    public String key() {
        return key;
    }

    /** What it is called. */
    public String words() {
        return words;
    }

    /** What speaks for it, or empty. */
    public String why() {
        return why;
    }
}
