package truekeen.app.angle;

import truekeen.core.message.Wording;

/** What the figures of an angle and its setting are called, and what goes with them. */
enum AngleWords implements Wording {
    WANTED_BY_SETUPS("by {count} of the set-ups"),
    LAST_BEVEL("last bevel"),
    BACK_BEVEL("back bevel"),
    BEVEL_FACES("bevel faces"),
    CUTTING_ANGLE("cutting angle"),
    CUTTING_UP_CHANGES("With the bevel up the honing angle chooses it."),
    CUTTING_DOWN_CHANGES("With the bevel down only the bed or a back bevel changes it."),
    BACK_BEVEL_EATS("A back bevel eats it."),
    LAST_BEVEL_EATS("A steeper last bevel eats it."),
    BELOW_THE_SOLE("below the sole"),
    CAMBER_ON_IRON("camber on the iron"),
    LOWER_BED_ASKS_MORE("A lower bed asks for more on the iron for the same camber below the sole."),
    CORNERS_STAND_BACK("the corners stand back by this, flat on a square"),
    EDGE_RADIUS("radius of the edge"),
    WIDTH_BED_CAMBER("Width, bed and camber."),
    SHAVING_WIDTH("width of the shaving"),
    DEPTH_OF_CUT("depth of cut"),
    DEEPER_IS_WIDER("A deeper cut is wider; past the camber the corners dig in."),
    FULL_WIDTH("the full width: the corners mark the board"),
    CHORD_LENGTH("length of the chord"),
    SMALLER_WHEEL_DEEPER("A smaller wheel grinds deeper."),
    AT_THE_EDGE("at the edge, off the wheel"),
    CUT_BEFORE_HONED("you cut with this only before it is honed"),
    AT_THE_CHORD("at the chord, honed flat"),
    CUT_WITH_THIS("you cut with this"),
    AT_THE_HEEL("at the heel"),
    AT_THE_SECONDARY("at the secondary"),
    HOLLOW_DEPTH("depth of the hollow"),
    HONINGS_UNTIL_GONE("honings until it is gone"),
    PER_HONING("per honing"),
    CAMBER_IS_A_CHOICE(
            "It is straight and stays so. A camber of {camber} mm below the sole is usual for this work: type it to have it."),
    MEAN_LOSS("{um} µm, the mean of this tool"),
    SECONDARY_WIDTH_AFTER("secondary, width afterwards"),
    BEVEL_WIDTH_AFTER("bevel, width afterwards"),
    HONING_WIDENS("Every honing widens a secondary."),
    HONINGS_BEFORE_REGRIND("honings before a re-grind"),
    BEHIND_NOW("behind the edge now"),
    BLADE_WIDTH("blade width"),
    EDGE_BEVEL("edge bevel"),
    THINNED_FROM("thinned from"),
    THINNED_FROM_PRIOR("{limit} mm, workshop prior"),
    BEHIND_AFTER("behind the edge afterwards"),
    THINNING_BRINGS_BACK("Thinning the faces brings it back; each sharpening adds to it."),
    TIME_TO_THIN("it is time to thin the faces: past {limit} mm it wedges"),
    SHARPENINGS_UNTIL_THIN("sharpenings until it is thinned"),
    LOG_KNOWS_BETTER("How much each honing takes: the log will know better."),
    A_DEPTH_OF_CUT("A depth of cut"),
    NAME_OF_SETUP("A name for the set-up"),
    THE_WORK("The work"),
    HAND_ALONE("hand alone"),
    BY_EYE("by eye"),
    NUMBER_OF_STROKES("A number of strokes"),
    STROKES_ACROSS("strokes across the iron"),
    MORE_STROKES_SHARE("More strokes share out more finely; the plan says how many a stone takes."),
    OFF_THE_LENGTH("off the length"),
    STEEL_TO_GO("steel to go"),
    PRIMARY_IS_GROUND("The primary is ground."),
    ONLY_HONED_BEVEL("Only the honed bevel is worked."),
    PRIMARY_NOW("primary now"),
    LOWEST_SOUND("lowest sound last bevel"),
    EVIDENCE_ON_TOP("Evidence: {evidence}, on top of the tables"),
    WORK_ASKS_MORE("Harder work or a chip asks for more; an edge that never fails may take less."),
    INCLUDED_ANGLE("included angle"),
    EITHER_BEVEL("Either bevel."),
    SURVEY_DECIDES("Other bevels, and what the survey found: the deepest thing to be removed decides."),
    A_CORRECTION("A correction"),
    INK_ASKED_FOR("the ink check asked for {off}°"),
    PRIMARY_AND_LAST("{primary} primary, {last} at the edge"),
    BACK_BEVEL_OF("back bevel {angle}"),
    HOLLOW_ON_WHEEL("hollow ground on a wheel of {wheel}"),
    CAMBER_BELOW_SOLE("camber {camber} mm below the sole"),
    SETUP_NAMED("Set-up “{name}”"),
    BY_HAND("by hand"),
    BELOW_SOUND(
            "{steel} is not known to hold an edge below {floor} {measured}: it may crumble. Go there only knowingly."),
    PRIMARY_UNUSUAL("A primary of {primary} is outside what this work usually wants, {low} to {high}."),
    STEP_UNUSUAL("A step of {step} is more than the usual most, {most}."),
    LITTLE_CLEARANCE("Only {left} of clearance is left under the iron. Below {least} the heel rubs as the edge wears."),
    PRIMARY_ANGLE("A primary angle"),
    A_LAST_BEVEL("A last bevel"),
    A_BACK_BEVEL("A back bevel"),
    SOMETHING_THAT_HOLDS("Something in the kit that holds an angle"),
    CHORD_OF_THE_HOLLOW("chord of the hollow it grinds"),
    HELD_AS_IT_IS("The {holder} gives {held} as it is: that is taken, instead of {wanted}."),
    MOVED_BY_INK("moved by the ink check"),
    SETTING_FOR("{setting} for the {bevel}"),
    SAME_INPUTS("The same inputs."),
    RESTATED("{setting} for the {bevel} {before}{after}");

    private final String words;

    AngleWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
