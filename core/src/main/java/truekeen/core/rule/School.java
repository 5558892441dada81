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
                    HouseRule.HOLDING, "FREEHAND",
                    HouseRule.BEVEL_FORM, "FLAT",
                    HouseRule.STROKE, "BOTH",
                    HouseRule.KNIFE_SIDES, "SETS")),
    BURR_AT_EVERY_STONE(
            "A burr at every stone, off the stone",
            "Every stone raises a burr and loses it again; a high polish from the finest stone, no leather.",
            Map.of(
                    HouseRule.BURR_BETWEEN, "EVERY",
                    HouseRule.FRESH_BURR, "FRESH",
                    HouseRule.LAST_STROKES, "BOTH",
                    HouseRule.FINISH, "HIGH",
                    HouseRule.STROP, "STONE",
                    HouseRule.SLURRY, "RINSED")),
    MEDIUM_AND_LEATHER(
            "A medium stone and much leather",
            "It stops at a medium grain, keeps its slurry, and leaves the rest to the strop.",
            Map.of(
                    HouseRule.FINISH, "MEDIUM",
                    HouseRule.LEATHER, "SUPPORTS",
                    HouseRule.SLURRY, "KEPT",
                    HouseRule.STROKE, "TRAILING",
                    HouseRule.LAST_STROKES, "TRAILING",
                    HouseRule.KNIFE_SIDES, "ALTERNATE"));

    private final String words;
    private final String meaning;
    private final Map<HouseRule, String> picks;

    School(String words, String meaning, Map<HouseRule, String> picks) {
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
