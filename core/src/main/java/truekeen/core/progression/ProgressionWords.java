package truekeen.core.progression;

import truekeen.core.message.Wording;

/** Why a plan is as it is, and what speaks against it. */
enum ProgressionWords implements Wording {
    NOT_ALL_ASKED("No path runs through all that you asked for: the quickest is shown."),
    STONE_GONE("a stone that is gone"),
    WITHOUT("without the {missing}"),
    AND_THE(" and the "),
    SAVED_NOT_ALLOWED("none of its stones may be used here"),
    SAVED_NOT_IN_ORDER("its stones do not follow one another from coarse to fine"),
    LEFT_BY_YOU("left on the shelf by you"),
    TOO_FINE_TO_SHAPE("too fine to shape this deep"),
    FINER_THAN_WANTED("finer than the finish wanted"),
    STOPS_SOONER(
            "Some finer stone would want more strokes than the one before it for every last scratch: a good hand stops at as many, and the edge is keen all the same."),
    STEP_TOO_WIDE("only with a step too wide"),
    DOES_NOT_FOLLOW("does not lead to this finish"),
    AS_QUICK("as quick: the one earlier on the shelf, or fewer, is taken"),
    MORE_TIME("would cost more time"),
    NOTHING_SAVED("Nothing is saved yet as the way you always do it: the quickest is shown."),
    ALL_LEFT_BY_YOU("all that may be used was left on the shelf by you"),
    NOTHING_CUTS("there is nothing on it that cuts"),
    TOO_FINE_FOR_THE_DEPTH(
            "No abrasive here is coarse enough to shape {depth} deep; it starts on the coarsest and takes long."),
    WIDE_STEP("One step is wider than the house likes; no stone on this shelf bridges it at less cost."),
    OXIDE_SLOW("Oxide grain is slow on this steel and wears; diamond or boron nitride would serve better."),
    HONED_WHOLE("The bevel is honed whole, {width} mm wide: the strokes are for all of it, not for the edge alone."),
    BEYOND_THE_STANDARD("A grain size here is carried on beyond its standard's table: enter the maker's micrometres."),
    FINISH_WANTED("{finest} to {coarsest} is wanted."),
    ENDS_TOO_FINE("Ends on {finest}, finer than this work asks for. {wanted}"),
    ENDS_TOO_COARSE("Ends on {finest}: the best this shelf can do. {wanted}"),
    OFF_THE_STONE("The house finishes this edge off the stone."),
    NO_STROP("No strop on the shelf: the edge is finished off the stone."),
    NO_STROP_ASKED("No strop, as you asked: the edge is finished off the stone."),
    OXIDE_STROP_LEFT(
            "The {strop} is left out: oxide compound hardly touches the carbides of this steel. Diamond or boron nitride on leather would."),
    OXIDE_STROP_ASKED(
            "The {strop} as you asked: its oxide hardly touches the carbides of this steel and only takes the burr off."),
    BARE_STROP("A bare strop takes off what is left of the burr; it removes no scratches."),
    STROP_TOO_FINE(
            "This strop is more than {times} times finer than the last stone: it takes off the burr and does not replace the scratches.");

    private final String words;

    ProgressionWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
