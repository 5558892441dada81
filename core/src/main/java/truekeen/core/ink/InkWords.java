package truekeen.core.ink;

import truekeen.core.message.Wording;

/** What an ink check says. */
enum InkWords implements Wording {
    INTENT_MATCH("to match the bevel there is"),
    INTENT_LOWER("to lower the angle, or thin"),
    INTENT_STEEPEN("to steepen, or add a secondary"),
    NOTHING_GONE("No ink is gone yet: take three more strokes and look again."),
    RESTS_ON_BOTH(
            "Heel and edge are bare and the hollow keeps its ink: the bevel rests on both, as a hollow one should."),
    RESTS_ON_BOTH_UNKNOWN(
            "Heel and edge are bare and the middle is not: the bevel is hollow, whatever was written down of it. It rests on both."),
    LOCK_IT("{what} Lock the setting."),
    STILL_THE_OLD_TO_LOWER("{what} It still follows the old bevel: lower the setting to thin."),
    STILL_THE_OLD_TO_STEEPEN("{what} It does not steepen anything yet: raise."),
    MIDDLE_TO_STEEPEN(
            "Only the middle is bare: the bevel curves outward and the setting meets its middle, not its edge. Raise until the edge goes first."),
    MIDDLE_CONVEX(
            "Only the middle is bare, as on a convex bevel held at one angle. Rock from the shoulder up to the edge, or go on until it is flat."),
    MIDDLE_ROUNDED(
            "Only the middle is bare: the bevel is rounded over, and no one angle fits it. Go on until the band reaches heel and edge, then it is flat."),
    ALL_BARE_TO_MATCH("Bare from heel to edge: the setting is the bevel's own. Lock it."),
    ALL_BARE_TO_LOWER("Bare from heel to edge: the new angle has reached the edge."),
    ALL_BARE_TO_STEEPEN("Bare from heel to edge: it follows the bevel there is instead of steepening it. Raise."),
    BAND_GROWS("The clean band grows from the heel toward the edge, as it should. Go on until it is there."),
    HEEL_FIRST(
            "The heel goes first, as it should when the angle is lowered. Go on: the band must grow toward the edge."),
    TOO_LOW("The heel is bare and the edge is not: the setting is too low{intent}. Raise."),
    FOR_A_SECONDARY(" to make a secondary"),
    WIDE_ENOUGH("The edge is bare, and the band is already wider than planned: enough."),
    EDGE_FIRST("The edge goes first, as it should. Keep the band as wide as planned and no wider."),
    TOO_STEEP("The edge is bare and the heel is not: the setting is too steep{intent}{degree}. Lower."),
    TO_THIN(" to thin anything"),
    NOT_BY_MUCH(", though not by much"),
    TWISTS_IN_THE_HAND(
            "Heel of the bevel bare at one end, edge at the other: the angle changes along the stroke. Keep the wrist set and let the arm rise into the belly."),
    TWISTED_IN_THE_HOLDER(
            "Heel of the bevel bare at one corner, edge at the other: the blade is twisted in its holder, or the old bevel is. Clamp it anew, flat on its back, and ink again."),
    HOW_FAR_UNKNOWN("How far off cannot be told without the strokes taken and the abrasive they were taken on."),
    BAND_TOO_NARROW(
            "The band is too narrow, or too uneven, for what these strokes take: only the direction is certain. Measure the band, or take a few more strokes."),
    HEEL_END("the heel end"),
    TIP_END("the tip end"),
    LEFT_CORNER("the left corner"),
    RIGHT_CORNER("the right corner"),
    TIP("the tip"),
    HEEL("the heel"),
    RIGHT("the right"),
    LEFT("the left"),
    ONLY_TOWARD_HEEL("Only toward the heel: toward the tip the handle is not lifted into the belly."),
    ONLY_TOWARD_TIP("Only toward the tip: the heel is not on the stone. Begin each stroke at the heel."),
    ONLY_AT_ONE_END(
            "Only at {bare}: press more on {other}. If it stays so, check the square: the blade sits askew in its holder, or the bevel is not square."),
    ENDS_BARE_KNIFE("Bare at both ends and not between: the edge is hollow along its length, or the stone is crowned."),
    ENDS_BARE("Bare at both corners and not between: the stone is dished, or the edge is hollow along its length."),
    MIDDLE_BARE_KNIFE("Bare in the middle of the edge alone: the strokes do not run from heel to tip."),
    MIDDLE_BARE("Bare in the middle alone: the edge is cambered, or the stone is crowned."),
    WIDER_TOWARD("The band is wider toward the {more}: {because}"),
    ANGLE_CHANGES("the angle changes along the edge."),
    PRESS_EVENLY(
            "more pressure there, or the bevel is not square. Even the pressure first; if it stays, check the square."),
    CORRECT("{act} the {setting} by {by}{unit} ({least} to {most}), to {to}{unit}.");

    private final String words;

    InkWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
