package truekeen.core.rule;

import java.util.Map;

/** Ways of sharpening that differ much from one another, each as a set of house rules. Source: workshop prior. */
public enum School {
    GUIDE_AND_SECONDARY(
            "Guide, secondary, strop",
            "A sliver is honed in a guide, the burr is kept to the end, the strop takes the last of it.",
            Map.of()),
    FREEHAND_ONE_BEVEL(
            "Freehand on one flat bevel",
            "Ground to one flat bevel once, the whole of it lies on the stone: nothing to set, and a whole face to hone.",
            Map.of(
                    HouseRule.HOLDING, RuleOption.HOLDING_FREEHAND,
                    HouseRule.BEVEL_FORM, RuleOption.BEVEL_FORM_FLAT,
                    HouseRule.STROKE, RuleOption.STROKE_BOTH,
                    HouseRule.KNIFE_SIDES, RuleOption.KNIFE_SIDES_SETS)),
    BURR_AT_EVERY_STONE(
            "A burr at every stone, off the stone",
            "Every stone raises a burr and loses it again; a high polish from the finest stone, no leather.",
            Map.of(
                    HouseRule.BURR_BETWEEN, RuleOption.BURR_BETWEEN_EVERY,
                    HouseRule.FRESH_BURR, RuleOption.FRESH_BURR_FRESH,
                    HouseRule.LAST_STROKES, RuleOption.LAST_STROKES_BOTH,
                    HouseRule.FINISH, RuleOption.FINISH_HIGH,
                    HouseRule.STROP, RuleOption.STROP_STONE,
                    HouseRule.SLURRY, RuleOption.SLURRY_RINSED)),
    MEDIUM_AND_LEATHER(
            "A medium stone and much leather",
            "It stops at a medium grain, keeps its slurry, and leaves the rest to the strop.",
            Map.of(
                    HouseRule.FINISH, RuleOption.FINISH_MEDIUM,
                    HouseRule.LEATHER, RuleOption.LEATHER_SUPPORTS,
                    HouseRule.SLURRY, RuleOption.SLURRY_KEPT,
                    HouseRule.STROKE, RuleOption.STROKE_TRAILING,
                    HouseRule.LAST_STROKES, RuleOption.LAST_STROKES_TRAILING,
                    HouseRule.KNIFE_SIDES, RuleOption.KNIFE_SIDES_ALTERNATE)),
    WET_WHEEL_AND_LEATHER(
            "Slow wet wheel, then leather",
            "The wheel with its jig does the whole edge, small work too; the burr comes off flat, leather ends it.",
            Map.of(
                    HouseRule.HOLDING, RuleOption.HOLDING_WHEEL,
                    HouseRule.REPAIRS, RuleOption.REPAIRS_WHEEL,
                    HouseRule.LEATHER, RuleOption.LEATHER_SUPPORTS));

    private final String words;
    private final String meaning;
    private final Map<HouseRule, RuleOption> picks;

    School(String words, String meaning, Map<HouseRule, RuleOption> picks) {
        this.words = words;
        this.meaning = meaning;
        this.picks = picks;
    }

    /** What it is called here. */
    public String words() {
        return words;
    }

    /** What it does. */
    public String meaning() {
        return meaning;
    }

    /** Its house rules; those not named go by the usual. */
    public HouseRules rules() {
        return HouseRules.usual().with(picks);
    }
}
