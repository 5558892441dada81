package truekeen.core.upkeep;

import truekeen.core.message.Wording;

/** What upkeep says. */
enum UpkeepWords implements Wording {
    SHAVINGS("shavings"),
    METRES("metres planed"),
    MEALS("meals"),
    CUTS("cuts"),
    HOURS("hours"),
    AMOUNT("{count} {unit}"),
    RUNG_STROP("Strop it"),
    HOW_STROP("Ten strokes a side on the strop, edge trailing, light. Try it on its work."),
    RUNG_CERAMIC_ROD("A few passes on the ceramic rod"),
    HOW_CERAMIC_ROD(
            "Five light passes a side at its own angle, edge leading. It cuts: no more than that. Then the strop."),
    RUNG_STEEL_ROD("A few passes on the smooth steel rod"),
    HOW_STEEL_ROD(
            "Five light passes a side, a hair steeper than the bevel. It lays the edge straight and cuts nothing. Then the strop."),
    RUNG_FINEST_STONE("The finest stone"),
    HOW_FINEST_STONE(
            "Its last bevel on the finest stone until a burr can just be felt along all of it, then the strop. The other stones stay where they are."),
    RUNG_MEDIUM_STONE("A medium stone"),
    HOW_MEDIUM_STONE(
            "Its last bevel on a stone of {finest} to {coarsest} µm until a burr can just be felt along all of it; take the burr off there and leave the teeth. The other stones stay where they are."),
    HOUSE_TAKES_OFF("your house takes a burr off: a steel rod would only lay it straight"),
    HOUSE_LAYS_STRAIGHT("Your house lays the edge straight first: it takes no steel."),
    RUNG_PROGRESSION("Sharpen it through"),
    HOW_PROGRESSION("Survey, plan, all its stones, test."),
    RUNG_REGRIND("Grind the bevel anew"),
    HOW_REGRIND("Survey it: the plan begins with the bevel behind the edge."),
    RUNG_THIN("Thin it behind the edge"),
    HOW_THIN("Survey it and choose a lower primary: the plan begins with the faces."),
    NO_STROP("no strop stands on the shelf"),
    RODS_ARE_FOR_KNIVES("rods are for knives"),
    NO_ROD_ON_A_CHIP("its newest survey marks a chip, and a chip catches on a rod"),
    NO_SUCH_ROD("no such rod stands on the shelf, or it is nicked"),
    DID_NOT_COME_BACK("the edge did not come back the last time"),
    LASTED_TOO_SHORT("what it brought lasted {lasted}, where the first life was {first}"),
    IT_WEDGES("It is so thick behind the edge that it wedges: keen or not, it does not go in."),
    FACET_TOO_WIDE("The last bevel has grown wider than is quickly honed."),
    CHIP_WANTS_STONES("Its newest survey marks a chip: nothing but stones takes that out."),
    SPENT_BELOW("{rung} helps no more: {why}."),
    LEAST_THAT_HELPS("It is the least that helps, and takes the least steel."),
    NEXT_PAYS_UNDER(
            "{rung}: when that does not bring it back, or lasts less than {least}, {share} % of its first {first}."),
    NEXT_PAYS_WHEN("{rung}: when that does not bring it back."),
    RESTS_ON_BENT("From {count} readings up to {most}: it dulls fast at first, then slowly."),
    RESTS_ON_EVEN("From {count} readings up to {most}: it dulls almost evenly so far."),
    RESTS_ON_STRAIGHT("From {count} readings up to {most}: too few, or too alike, for more than a straight line."),
    AT_ITS_PACE("At its own pace, {pace} {unit} a day."),
    HAND_LEANS("The hand leans: {corner} comes out {each} forward at each sharpening, over {count} of them. {more}"),
    BEVEL_CREEPS_UP(
            "The last bevel has crept from {from} to {to} over {count} set-ups. Steeper is quicker to hone and harder to push: set it back, or grind the primary."),
    BEVEL_CREEPS_DOWN(
            "The last bevel has crept from {from} to {to} over {count} set-ups. Shallower cuts easier and holds less: set it back where it chips."),
    SIDES_CREEP(
            "The {side} side has grown {apart} steeper against the {other} over {count} surveys. Lay the blade lower there, and give it the strokes that the other gets too many."),
    LEFT_SIDE("left"),
    RIGHT_SIDE("right"),
    CAMBER_GROWS(
            "The camber has grown from {from} mm to {to} mm over {count} traces. Fewer strokes at the outer stations."),
    CAMBER_GOES(
            "The camber has gone from {from} mm to {to} mm over {count} traces. More strokes at the outer stations."),
    LEFT_CORNER("the left corner"),
    RIGHT_CORNER("the right corner"),
    MORE_OF_TEN("Of every ten strokes give {more} more there, or shift the fingers toward it."),
    AS_MANY_AGAIN("Give that corner as many strokes again as the other, or shift the fingers toward it."),
    AT_USUAL_PACE("At {pace} {unit} a day, which is usual: its own pace is not known yet.");

    private final String words;

    UpkeepWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
