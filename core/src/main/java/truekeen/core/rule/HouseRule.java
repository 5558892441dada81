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
            RuleGroup.ANGLE,
            "How the angle is held",
            "What a new set-up begins with.",
            RuleOption.HOLDING_BY_TOOL,
            RuleOption.HOLDING_GUIDE,
            RuleOption.HOLDING_FREEHAND,
            RuleOption.HOLDING_WHEEL),
    BEVEL_FORM(
            RuleGroup.ANGLE,
            "How a bevel is built",
            "Primary and last bevel, and how much is honed each time.",
            RuleOption.BEVEL_FORM_SECONDARY,
            RuleOption.BEVEL_FORM_FLAT,
            RuleOption.BEVEL_FORM_HOLLOW,
            RuleOption.BEVEL_FORM_CONVEX),
    SECONDARY_STEP(
            RuleGroup.ANGLE,
            "How much the secondary adds",
            "The last bevel, within what the work allows.",
            RuleOption.SECONDARY_STEP_BY_WORK,
            RuleOption.SECONDARY_STEP_DEG_2,
            RuleOption.SECONDARY_STEP_DEG_5,
            RuleOption.SECONDARY_STEP_DEG_10),
    ACCURACY(
            RuleGroup.ANGLE,
            "Exact degrees or the same setting",
            "Whether a last bevel within a degree of the advice is kept.",
            RuleOption.ACCURACY_REPEAT,
            RuleOption.ACCURACY_EXACT),
    IRON_BACK(
            RuleGroup.IRONS,
            "The back of a plane iron",
            "Whether a thin-rule back bevel is offered on irons. Never on chisels.",
            RuleOption.IRON_BACK_THIN_RULE,
            RuleOption.IRON_BACK_FULL),
    CAMBER(
            RuleGroup.IRONS,
            "Camber of plane irons",
            "The camber that the angle stage begins with, and the strokes at stations.",
            RuleOption.CAMBER_STATIONS,
            RuleOption.CAMBER_GROUND,
            RuleOption.CAMBER_NONE),
    STROP(
            RuleGroup.FINISH,
            "The strop",
            "Whether a plan ends on the strop.",
            RuleOption.STROP_FINISH,
            RuleOption.STROP_STONE,
            RuleOption.STROP_UPKEEP),
    FINISH(
            RuleGroup.FINISH,
            "How fine the finish",
            "The grain that a plan ends on.",
            RuleOption.FINISH_PURPOSE,
            RuleOption.FINISH_HIGH,
            RuleOption.FINISH_MEDIUM),
    BURR_BETWEEN(
            RuleGroup.BURR,
            "The burr between stones",
            "When the step sheet takes the burr off.",
            RuleOption.BURR_BETWEEN_KEEP,
            RuleOption.BURR_BETWEEN_EVERY),
    STROKE(
            RuleGroup.STONE,
            "Strokes on stones",
            "The direction the step sheet asks for.",
            RuleOption.STROKE_BY_HAND,
            RuleOption.STROKE_BOTH,
            RuleOption.STROKE_LEADING,
            RuleOption.STROKE_TRAILING),
    LAST_STROKES(
            RuleGroup.BURR,
            "The last light strokes on the stone",
            "How the burr is taken off on the stone.",
            RuleOption.LAST_STROKES_LEADING,
            RuleOption.LAST_STROKES_TRAILING,
            RuleOption.LAST_STROKES_BOTH),
    BURR_VIEW(
            RuleGroup.BURR,
            "What a burr is",
            "What a smooth steel rod is for between sharpenings.",
            RuleOption.BURR_VIEW_REMOVED,
            RuleOption.BURR_VIEW_REMNANT,
            RuleOption.BURR_VIEW_FRINGE),
    POLISH_LASTS(
            RuleGroup.FINISH,
            "How long a polish lasts",
            "Whether a touch-up on a stone ends on the finest or leaves teeth.",
            RuleOption.POLISH_LASTS_DEPENDS,
            RuleOption.POLISH_LASTS_LONGER,
            RuleOption.POLISH_LASTS_SHORTER),
    LEATHER(
            RuleGroup.FINISH,
            "What leather's give does",
            "How many strop strokes a plan asks for.",
            RuleOption.LEATHER_BOTH,
            RuleOption.LEATHER_SUPPORTS,
            RuleOption.LEATHER_ROUNDS),
    SLURRY(
            RuleGroup.STONE,
            "Slurry",
            "Whether the step sheet asks for a rinse.",
            RuleOption.SLURRY_BOTH,
            RuleOption.SLURRY_KEPT,
            RuleOption.SLURRY_RINSED),
    FRESH_BURR(
            RuleGroup.BURR,
            "The burr on finer stones",
            "What the gate of a finer stone asks for.",
            RuleOption.FRESH_BURR_CONTINUOUS,
            RuleOption.FRESH_BURR_FRESH),
    KNIFE_SIDES(
            RuleGroup.STONE,
            "The sides of a knife",
            "How strokes are dealt out between the sides.",
            RuleOption.KNIFE_SIDES_WHOLE,
            RuleOption.KNIFE_SIDES_SETS,
            RuleOption.KNIFE_SIDES_ALTERNATE),
    REPAIRS(
            RuleGroup.REPAIR,
            "Machine or stones",
            "Whether a wheel or belt is offered, or is the whole job.",
            RuleOption.REPAIRS_VOLUME,
            RuleOption.REPAIRS_GRIND,
            RuleOption.REPAIRS_STONES,
            RuleOption.REPAIRS_WHEEL),
    NEW_EDGE(
            RuleGroup.REPAIR,
            "Grinding to a new edge",
            "The order of the grinding plan.",
            RuleOption.NEW_EDGE_BLUNT,
            RuleOption.NEW_EDGE_BEVEL),
    LUBRICANT(
            RuleGroup.STONE,
            "Lubricant",
            "Which stones a plan may use.",
            RuleOption.LUBRICANT_BY_STONE,
            RuleOption.LUBRICANT_WATER,
            RuleOption.LUBRICANT_OIL,
            RuleOption.LUBRICANT_DRY);

    private final RuleGroup group;
    private final String question;
    private final String changes;
    private final List<RuleOption> options;

    HouseRule(RuleGroup group, String question, String changes, RuleOption... options) {
        this.group = group;
        this.question = question;
        this.changes = changes;
        this.options = List.of(options);
    }

    /** What it is about. */
    public RuleGroup group() {
        return group;
    }

    /** What is disagreed on. */
    public String question() {
        return question;
    }

    /** What the choice changes. */
    public String changes() {
        return changes;
    }

    /** The schools, the usual one first. */
    public List<RuleOption> options() {
        return options;
    }

    /** What holds where nobody picked. */
    public RuleOption usual() {
        return options.get(0);
    }

    /** The school of that key. */
    public Optional<RuleOption> option(String key) {
        return options.stream().filter(o -> o.key().equals(key)).findFirst();
    }

    /** The rule of that name. */
    public static Optional<HouseRule> byName(String name) {
        return Arrays.stream(values()).filter(r -> r.name().equals(name)).findFirst();
    }
}
