package truekeen.core.powered;

import truekeen.core.message.Wording;

/** The words of the steps at a machine's blade, in order of the work. Workshop priors where they advise. */
enum PoweredWords implements Wording {
    KEEP_THE_ROUND("Keep the round at every root"),
    ROUND_FILE("A round file where a root has lost its radius; never a saw cut or a sharp corner."),
    ROOTS_ROUND("Is every root round and smooth?"),
    ROOTS_NOT_ROUND("Round it out. A root that stays sharp, or shows a line, ends the blade: inspect it again."),
    WHY_ROUND("A crack begins where a corner is sharp."),
    OIL_THE_BLADES("Oil the blades"),
    OIL_DROPS("A few drops along the sliding faces; move them once by hand, gloved, and wipe what runs off."),
    SLIDE_FREELY("Do they slide freely the whole way?"),
    SLIDE_NOT("Look for a burr left on a flat, or resin in the slots."),
    WHY_OIL("Dry blades wear each other's flats."),
    CLEAN_RESIN("Clean the resin off"),
    CLEAN_BARE("Clean the blade bare"),
    CLEAN_RESIN_HOW("Resin softener or soapy water, a brush along the teeth, never a finger; dry it."),
    CLEAN_BARE_HOW(
            "Scrape and brush grass, rust and paint off the edges, the bore and the flat side; mark the underside and photograph how it sat, washers too."),
    BARE_STEEL("Is bare steel to be seen along every edge?"),
    NOT_BARE("Go on cleaning: what is covered cannot be inspected, and clogs the file."),
    WHY_CLEAN("Dirt hides cracks and carries weight."),
    MARK_THREE_PLACES("Mark three places on each end and measure"),
    MARK_FOUR_EDGES("Mark four edges a quarter apart and measure"),
    MEASURE_WIDTHS(
            "Width from the edge to the trailing side at the inner end, the middle and the outer end of each cutting edge. Scratch the marks: the same places are measured afterwards."),
    MEASURE_FROM_THE_BORE("From the bore to the tip of the edge, at four edges a quarter turn apart."),
    ALL_PUT_DOWN("Are all of them recorded?"),
    NOT_ALL_PUT_DOWN("Measure those that are missing."),
    WHY_MEASURE("Equal loss can only be told from what was there before."),
    CLAMP_AND_FIND("Clamp it and find the bevel"),
    FLAT_ON_THE_BENCH("Flat side down on the bench, the row toward you. "),
    FLAT_IN_THE_VICE("Flat in the vice, top side up, the edge just clear of the jaws. "),
    LAY_ON_THE_BEVEL("{held}Lay the {piece} on the old bevel, {bevel} from the flat side; ink tells."),
    LIES_ON_THE_BEVEL("Does it lie on the old bevel from heel to edge?"),
    LIES_NOT("Tip it until it does; the blade's own angle, not a new one."),
    WHY_FIND("A bevel that is met is held without thinking."),
    SET_THE_MACHINE("Set the {piece} to {bevel}"),
    REST_SET_STANDING(
            "Rest set with the wheel standing; the bar laid flat side down. Gloves off before it is switched on."),
    MEETS_EVENLY("Does the inked bevel meet it evenly, turned by hand?"),
    MEETS_NOT("Set the rest again."),
    WHY_ITS_OWN_ANGLE("The blade's own angle, not a new one."),
    TOP_SIDE_ONLY("Top side only, the whole length of the cutting edge each time, along its own line."),
    STOP_SHORT_OF_THE_WING("Stop short of the wing: no grind may run into the bend."),
    LEAVE_A_LAND("Leave a land of about {land} mm: as keen as a table knife, no more."),
    BOTH_ENDS_ALIKE("both ends alike"),
    LIGHT_HAND("light hand, always moving"),
    FIRM_FORWARD("firm, forward only"),
    LOSS_AT_EACH_END("About {lost} mm goes from each end, in {counts}. Then measure at the marks again."),
    LAND_EVEN("Is the land even, and the loss alike at both ends?"),
    LAND_NOT_EVEN("Bring the end that lost less up to the other; never more off the one that lost most."),
    WHY_ALIKE("The same count and the same loss at both ends keep the bar near its balance."),
    TWO_BEVELS_A_TOOTH("Each tooth has two bevelled edges; along the bevel, one direction, flats untouched."),
    FROM_THE_ROOT("Each edge from the root outward, its own angle, stopping short of the root."),
    SAME_ON_EVERY_EDGE("The same {counts} on every edge; a broken one is left out."),
    EVERY_TOOTH("every tooth"),
    EVERY_EDGE("every edge"),
    LIGHT_ONE_WAY("light, one direction"),
    EACH_EDGE_COUNT("{strokes} on each edge. Measure a tooth's angle now and then."),
    HAS_ITS_SHARE("Has every edge its share?"),
    HAS_ITS_SHARE_ALL_ROUND("Has every edge its share, and is the loss alike all round?"),
    MISSED_EDGES("Go back to those that were missed."),
    WHY_COUNT("Counting is the whole trouble: one tooth missed tears, one with too much cuts alone."),
    GRIND_WITH("Grind {what} on the {piece}"),
    FILE_WITH("File {what} with the {piece}"),
    STONE_WITH("Stone {what} with the {piece}"),
    BURR_OFF_THE_FLAT("Take the burr off the flat side"),
    BURR_OFF_FLATS_HOW("The stone dead flat on the flats, {strokes} light strokes along; no bevel there."),
    BURR_OFF_UNDERSIDE_HOW(
            "The file or stone dead flat on the underside, {strokes} light strokes along; no bevel there."),
    FLAT_FREE("Is the flat side free of burr?"),
    FLAT_NOT_FREE("Once more, flat; never at an angle."),
    WHY_FLATS("A burr on a flat holds the blades apart."),
    WHY_UNDERSIDE("The flat side is the reference; a bevel there weakens the edge."),
    CHECK_THE_GAP("Check the gap between the blades"),
    GAP_HOW("Join the blades and pass a feeler between them along the row; the widest place counts."),
    GAP_WITHIN("Is the gap within its limit?"),
    GAP_OVER("Take the slack up at its screws as the manual says, evenly, until the blades just slide."),
    WHY_GAP("Past the limit twigs fold between the blades and are chewed."),
    PASSES_OF("passes of about {seconds} s"),
    FILE_SKATES("a file skates on steel as hard as this"),
    TOOTH_TOO_SMALL("a tooth this small is gone before it is seen: by hand"),
    TOO_MANY_STROKES("{n} strokes for each edge: too many to keep alike");

    private final String words;

    PoweredWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
