package truekeen.core.bench;

import truekeen.core.message.Wording;

/** What the bench says of what was seen, of the burr, of edges that are to be alike, and of what it does not take. */
enum BenchWords implements Wording {
    SEEN_BEFORE(" That was seen before the last {strokes}: look again."),
    PASSED("Passed: go on."),
    BURR_NOWHERE(
            "No burr anywhere: the apex is not reached. Stay on this stone, about {more} more a side, then feel again."),
    BURR_MISSING(
            "No burr{place}: the apex is not reached there. Work there, about {more}, then run it into its neighbours."),
    BURR_THICK("Burr thick{place}: pressure, or the angle raised there. No more strokes there, and lighter."),
    BURR_GROWS("The burr grows fast: the angle is off. Ink it before the next stroke."),
    SCRATCHES_AFTER_ALL(
            "Old scratches{place} after all the strokes planned: back one stone there, not on to the strop."),
    SCRATCHES_LEFT("Old scratches{place}: about {more} more there on this stone."),
    PATCHY(
            "Patchy{place} in spite of good work: clean rust and dirt off the face that rides the stone or the guide, then repeat."),
    LIGHT_LEFT("Light{place}: the apex is not reached there. {act}"),
    STAY_ON_THIS_STONE("Stay on this stone there, about {more}."),
    BACK_TO_THE_FIRST("Back to the first stone there."),
    INK_AT_HEEL(
            "Ink gone only at the heel: too low where the bevel is to be matched. Raise, then ink again; the ink check says by how much."),
    INK_AT_EDGE(
            "Ink gone only at the edge: too high where the bevel is to be matched. Lower, then ink again; the ink check says by how much."),
    INK_STILL_THE_OLD("The whole bevel is bare: it still lies on the bevel it had. Raise until only the edge goes."),
    INK_TO_THE_EDGE("Bare to the very edge: lower, so that the cheeks go and the edge does not."),
    INK_STANDING(
            "Ink left standing{place}: the stone does not bear there. Seat the tool again; in a belly or at a tip raise the handle through the curve."),
    NAIL_ONE_SIDE(
            "The nail catches from one side{place}: burr is left. A few more, lighter, and trailing where it is stubborn."),
    FIBRES_CAUGHT("Fibres are caught{place}: burr is left. A few more strokes, lighter, before the strop."),
    NAIL_BOTH_SIDES(
            "The nail catches{place} from both sides: a chip, not a burr. Taking the burr off does not mend it; the test will say how far back to go."),
    WOBBLES("It wobbles: find the bevel again, heel first, then tip it until heel and edge both bear."),
    LAND_UNEVEN(
            "The land is uneven{place}: lay the blade down again and even it there; {land} mm, alike at every edge."),
    COLOUR(
            "Colour at the edge: the temper is drawn there. Grind past it, lighter, and dip more often, until none is left. Only high-speed steel bears it."),
    BURR_ALONG_STRETCH("burr along the whole stretch"),
    OUT_OF_SQUARE(
            "Out of square: {more} with the weight on the high corner, the square again every few strokes. In a guide look first whether the blade sits against its stop and both screws hold alike."),
    OUT_OF_SQUARE_BLUNT(
            "Out of square: grind on the high corner alone, still blunt, until the try-square agrees; the bevel comes after."),
    OUT_OF_SQUARE_AFTER(
            "Out of square: the high corner blunt to the line again, dipping after each touch, then the bevel there. Never on the stones: that takes an hour."),
    SIDE_HAD_NONE("{side} has had none."),
    SIDE_HAD_FEW("{side} has had {less} where the other had {more}."),
    THE_LEFT_SIDE("the left side"),
    THE_RIGHT_SIDE("the right side"),
    LEFT_HALF("the left half"),
    RIGHT_HALF("the right half"),
    ONE_BEHIND("{side} is {strokes} behind: bring it up, unless one side was to catch up."),
    ONE_STROKE("1 stroke"),
    ON_THE_STONE(" on the {stone}"),
    MOMENT_ON_SIDE(", on {side}"),
    MOMENT_TURNED("turned over{side}"),
    MOMENT_GONE("taken off{stone}"),
    NO_BURR_YET("No burr yet."),
    BURR_UP("The burr is up{where}."),
    BURR_STILL("The burr is finer, still{where}."),
    BURR_OVER("The burr has turned over: it is{where}."),
    BURR_OFF("The burr was taken off."),
    THE_OTHER_SIDE("the other side"),
    THE_BACK("the back"),
    FEEL_FOR_IT("Feel for it on {where}, from end to end."),
    NONE_TO_FEEL("There is none to feel now."),
    STILL_UNBROKEN("It should still run unbroken on {where}."),
    NOT_FELT_HERE("Do not feel for it here: none can be felt anew until the last stone."),
    TURNS_TO_THE_BEVEL("It turns over to the bevel: feel for it there, not on the back."),
    NOTHING_CATCHES("At the end nothing catches, from either side."),
    NOTHING_LEFT("Nothing should be left to feel."),
    THIS_TEARS("This step would tear the burr off early: the {stone} has still to come. Do that first."),
    NEXT_TEARS("The next step, “{step}”, would tear the burr off early: the {stone} has still to come. Do that first."),
    NEVER_RAISED("No burr was raised: the apex may not be reached, and there is nothing to take off yet."),
    NOT_TAKEN_OFF(
            "The burr was not taken off: leather folds it over, and it takes the edge with it in the first cuts."),
    LEAVE_THE_BACK("Wash bevel and roller, and leave the back alone: rubbing it would tear the burr off early."),
    THE_BEVEL("the bevel"),
    THE_FIRST_END("the first end"),
    THE_SECOND_END("the second end"),
    THE_UPPER_BLADE("the upper blade"),
    THE_LOWER_BLADE("the lower blade"),
    THE_EDGES("the edges"),
    ENDS_NOT_COUNTED("Nothing is counted yet: both ends get the same."),
    END_NOT_COUNTED("Nothing is counted on {end} yet."),
    END_BEHIND("{end} is {strokes} behind: the same count at both ends."),
    ENDS_LOST("Lost: {first} {firstLoss} mm, {second} {secondLoss} mm; alike within {within} mm."),
    END_LOST_LESS(
            "{end} lost {apart} mm less than the other: about {strokes} more on it, none on the other, then measure again."),
    END_LOST_LESS_A_FEW(
            "{end} lost {apart} mm less than the other: a few more on it, none on the other, then measure again."),
    AND_OTHERS("{edges} and others"),
    EDGE_MISSED("One edge has not had its share: {edges}."),
    EDGES_MISSED("{count} edges have not had their share: {edges}."),
    EDGE_AHEAD("{edge} had {most}, others {least}: bring them up, or take back what was a slip."),
    ONE_EDGE_OUT("One edge is broken and left out."),
    EDGES_OUT("{count} edges are broken and left out."),
    MARKS_DIFFER(
            "The edge at mark {least} lost {apart} mm less than that at mark {most}: bring the edges of that quarter up, then measure again."),
    EDGE_STANDS_AT("{edge} stands at {angle}°"),
    ANGLE_WANTED("{edges}; {angle}° is wanted."),
    MEASURE_THE_GAP("Measure the gap and put it down."),
    GAP_RULE_OF_THUMB("{most} mm as a rule of thumb; the manual's figure goes before it"),
    GAP_OVER("The gap is {gap} mm, over {limit}. Take the slack up, then measure again."),
    GAP_WITHIN("The gap is {gap} mm, within {limit}."),
    AND_THE_OTHERS("{marks} and the others"),
    MEASURE_AGAIN("Measure again {marks}."),
    MEASURE_MARKS("Measure {marks}."),
    MARK_OF_A_SIDE("the {mark} mark of {side}"),
    UPPER_BLADE(", upper blade"),
    LOWER_BLADE(", lower blade"),
    LEFT_END("the left end"),
    RIGHT_END("the right end"),
    NO_SUCH_STEP("there is no such step"),
    NOTHING_TO_TAKE_BACK("there is nothing to take back"),
    NO_LATE_COUNTS("no counts came late"),
    OTHER_STEP_IN_HAND("step {current} is in hand, not {step}"),
    ASKS_NO_QUESTION("this step asks no question"),
    ANSWER_FIRST("its question must be answered first"),
    REASON_FOR_SKIPPING("A reason for skipping"),
    SIDE_NOT_COUNTED("no strokes are counted on that side here"),
    NO_SUCH_STATION("there is no such station"),
    GAP_BY_FEELER("a gap is what is measured with a feeler"),
    NO_SUCH_MARK("no such mark is measured here"),
    NO_SUCH_EDGE("there is no such edge"),
    A_REASON("A reason"),
    WHAT_WAS_SEEN("What was seen"),
    SIGN_NOT_ASKED("“{sign}” is not asked at this step"),
    OFF_THE_EDGE("its place lies off the edge");

    private final String words;

    BenchWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
