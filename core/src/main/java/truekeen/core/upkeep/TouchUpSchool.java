package truekeen.core.upkeep;

import java.util.Optional;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.rule.RuleOption;
import truekeen.core.table.Prior;
import truekeen.core.tool.ToolUse;

/**
 * How a house keeps an edge up between two sharpenings, where practitioners disagree.
 *
 * @param steelRod what it thinks of laying the edge straight on a smooth steel rod
 * @param medium whether the touch-up on a stone ends on a medium one, which leaves teeth, instead of the finest
 */
public record TouchUpSchool(SteelRod steelRod, boolean medium) {
    /** What a smooth steel rod is for. */
    public enum SteelRod {
        /** After the strop and the ceramic rod. */
        IN_ITS_TURN,
        /** First of all: what stands at the edge is laid straight again. */
        FIRST,
        /** Never: what stands at the edge is a burr, and comes off. */
        NEVER
    }

    /** The school of a house for a tool. */
    public static TouchUpSchool of(HouseRules rules, ToolUse use) {
        SteelRod rod =
                switch (rules.of(HouseRule.BURR_VIEW)) {
                    case BURR_VIEW_FRINGE -> SteelRod.FIRST;
                    case BURR_VIEW_REMNANT -> SteelRod.NEVER;
                    default -> SteelRod.IN_ITS_TURN;
                };
        RuleOption lasts = rules.of(HouseRule.POLISH_LASTS);
        return new TouchUpSchool(
                rod,
                lasts == RuleOption.POLISH_LASTS_SHORTER || lasts == RuleOption.POLISH_LASTS_DEPENDS && use.food());
    }

    /** How a rung is done in it. */
    public String how(Rung rung) {
        return rung == Rung.FINEST_STONE && medium
                ? UpkeepWords.HOW_MEDIUM_STONE.fill(
                        "finest",
                        Prior.MEDIUM_STONE_FINEST_UM.figure(),
                        "coarsest",
                        Prior.MEDIUM_STONE_COARSEST_UM.figure())
                : rung.how();
    }

    /** What a rung is called in it. */
    public String words(Rung rung) {
        return rung == Rung.FINEST_STONE && medium ? UpkeepWords.RUNG_MEDIUM_STONE.words() : rung.words();
    }

    /** Why a rung is left out in it, if it is. */
    Optional<UpkeepWords> leavesOut(Rung rung) {
        return rung == Rung.STEEL_ROD && steelRod == SteelRod.NEVER
                ? Optional.of(UpkeepWords.HOUSE_TAKES_OFF)
                : Optional.empty();
    }
}
