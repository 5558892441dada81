package truekeen.core.condition;

import truekeen.core.message.Wording;

/** What the survey finds, why it asks for that much work, and what its measures are called. */
enum ConditionWords implements Wording {
    OUT_OF_SQUARE("out of square by {off}"),
    CAMBER_CHANGES("the camber changes"),
    PAST_THE_PITS("pits at the edge, to be passed"),
    OLD_BACK_BEVEL("old back bevel"),
    THE_WIDTH("The width"),
    THIS_MARK("This mark"),
    A_WIDTH("A width"),
    PIT_DEPTH("The depth of a pit"),
    PLACE_BEHIND_THE_EDGE("A place behind the edge"),
    A_DEPTH("A depth"),
    NOT_SQUARE("Out of square"),
    BACK_DEPTH("A depth on the back"),
    PRIMARY_CHANGES("the primary changes from {present} to {wanted}"),
    TO_BE_GROUND_HOLLOW("the primary is to be ground hollow"),
    SECONDARY_TOO_WIDE(
            "once honed back to clean steel, the secondary would be {width} mm wide, over the limit of {most} mm"),
    LAST_BEVEL_CHANGES("the last bevel changes from {lastBevel} to {last}"),
    PITS_TOO_DEEP(
            "pits {depth} mm deep reach the edge: flattening past {deepest} mm costs more than the tool is worth, and a back bevel is refused: {refused}"),
    PAST_THE_RETIRE_LIMIT("the new edge would lie at or past the retire limit{advice}"),
    REPLACE_OR_LEAVE(": replace the blade, or leave the deepest nick in place on purpose"),
    DAMAGE_GOES_WITH_HONING("the damage goes with the honing"),
    DAMAGE_GROUND_OUT("damage is to be ground out"),
    BACK_BEVEL_SAVES("pits reach the edge: a back bevel wide enough to pass them saves the flattening"),
    BACK_NOT_READY("the back is not yet flat and polished"),
    STROP_NO_LONGER("the strop no longer brings it back"),
    STROP_FIRST("a few strokes on the strop first"),
    LOST_ITS_BITE("it only lost its bite"),
    IS_DULL("the edge is dull"),
    LIGHT_ALONG("light is seen along the edge"),
    MEASURES_AT_STATIONS("measures at stations"),
    A_PLACE("A place"),
    SIDES_THAT_DIFFER("sides that differ"),
    A_SIDE("A side"),
    AN_OLD_BACK_BEVEL("an old back bevel"),
    A_BACK_BEVEL("A back bevel"),
    A_GAP("A gap"),
    ONE_END("one end"),
    OTHER_END("other end"),
    BELLY("belly"),
    MIDDLE("middle"),
    ALL_TEETH("all teeth");

    private final String words;

    ConditionWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
