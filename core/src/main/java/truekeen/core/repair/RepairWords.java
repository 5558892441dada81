package truekeen.core.repair;

import truekeen.core.message.Wording;

/** The words of grinding, of the back, of heat and of what is left of a tool. Workshop priors where they advise. */
enum RepairWords implements Wording {
    BY_MACHINES("wheels, belts and discs"),
    LOWER_TO_THE_LINE("Lower the whole edge to the line"),
    BLUNT_TO_THE_LINE("Grind blunt to the line"),
    LOWER_HOW("Edge square on, full-length passes from heel to tip, never pausing: the sweep stays as it is."),
    BLUNT_HOW("Edge square on to the wheel, side to side, down to the scribed line."),
    LOWER_UNTIL("Every chip is gone and the line just shows, heel to tip."),
    BLUNT_UNTIL("The line is half gone all along; the try-square agrees."),
    GRIND_THE_BEVEL("Grind the bevel"),
    BEVEL_HOW_KNIFE("Full-length passes, the same number a side; lift the handle through the belly."),
    BEVEL_HOW("Side to side over the whole width, light hand, the middle as much as the corners."),
    BEVEL_UNTIL_KNIFE("The blunt land is a hair line, even from end to end."),
    BEVEL_UNTIL("The bevel reaches almost to the edge, even from end to end."),
    LIGHT_PASSES("Light passes to the edge"),
    LIGHT_HOW_BELT("On a worn, finer belt at low speed, hardly touching."),
    LIGHT_HOW("Hardly touching. A finger behind the edge warns too late: count."),
    LIGHT_UNTIL("The land just disappears, everywhere at once."),
    LINE_AT("{behind} mm behind the foremost point"),
    SCRIBE_CAMBER(
            "Ink the back. Lay the iron in the plane, a cap iron set well back, and scribe along the sole's mouth; or scribe a round that falls back {camber} mm at the corners, its middle {line}."),
    TRACE_PROFILE(
            "Trace the profile first, if that was not done. Ink both sides and draw a line {line}, following the sweep."),
    SCRIBE_SQUARE("Ink the back. Scribe a line off the side with a square, {line}."),
    INK_THE_EDGE("Ink the edge"),
    INK_NO_LINE(
            "Ink it right to the edge. Only {less} goes, less than a scribed line is thick: there is no line to grind to, and the ink tells when to stop."),
    INKED("It is inked right to the edge, from end to end."),
    INKED_ASKED("Is it inked right to the edge, from end to end?"),
    SCRIBE("Ink and scribe the new edge"),
    SCRIBE_UNTIL("The line is there to grind to."),
    RUNS_AT(" It runs at {speed} m/s{marking}"),
    WITHIN_MARKING(", within its marking of {marked} m/s."),
    MARKING_UNKNOWN("; its marking is not entered: read it off the wheel before it is switched on."),
    DRY_WHEEL_READY(
            "A coarse, open, friable wheel (about 46 to 60). Dress it clean and round with a slight crown: it cuts cooler and goes where it is led.{wheel}"),
    WET_WHEEL_READY(
            "Trough full; true the stone with its truer and grade it coarse. Measure its diameter: the bar is set by it.{wheel}"),
    BELT_READY(
            "A fresh coarse belt (P80 to P120) for shaping, a worn P240 for the last passes, at the lowest speed there is."),
    DISC_READY("A fresh disc of coarse paper, stuck down without a bubble; extraction on."),
    MAKE_READY("Make the {pieceName} ready"),
    TRACKS("It tracks in the middle."),
    RUNS_TRUE("It runs true and sounds even."),
    A_SIDE("a side"),
    FROM_THE_BACK("from the back"),
    SET_THE_BEVEL("Set the bevel, {angle}"),
    SET_BY_HAND("By hand: find the bevel, heel first, then let heel and edge both bear; ink tells."),
    SET_BY_INK("Ink the bevel, turn the wheel by hand: the ink goes where it should."),
    LOOK_AGAIN("Look again"),
    LOOK_AT_PROFILE("Trace the profile from the same marks and lay it over the first one."),
    LOOK_AT_CAMBER("Sight the round against the scribed line; measure both corners from a straightedge."),
    SCRIBE_ALONG("Ink the back. Scribe a line that follows the edge, gauged from the spine, {line}."),
    BLUNT_UNTIL_ALONG("The line is half gone all along."),
    LOOK_AT_FACET("Sight along the edge and the bevel: one line, one facet, the same width all along."),
    LOOK_UNTIL_EVEN("Even, and no colour anywhere."),
    LOOK_ASKED_EVEN("Is it even, and without colour anywhere?"),
    LOOK_AT_SQUARE("Try-square against the side; sight the bevel: one facet, the same width all along."),
    LOOK_UNTIL_KNIFE("No place has gone farther back than the rest."),
    LOOK_UNTIL("Square, even, and no colour anywhere."),
    SCRIBE_ASKED("Can you see the line from end to end?"),
    SCRIBE_IF_NOT("Ink again, let it dry, and scribe once, firmly: a line that is guessed is ground past."),
    TRACKS_ASKED("Does the belt track in the middle?"),
    RUNS_TRUE_ASKED("Does it run true and sound even?"),
    READY_IF_NOT("Switch off and leave it off until it does: dress or change it, by its manual. Never grind on it so."),
    LOWER_ASKED("Is every chip gone, and does the line just show from heel to tip?"),
    LOWER_IF_NOT("More full-length passes, the same over the whole edge. Never stop at the chip: that makes a hollow."),
    BLUNT_ASKED("Is the line half gone all along?"),
    BLUNT_ASKED_SQUARE("Is the line half gone all along, and is the end square?"),
    BLUNT_IF_NOT("Only where the line still stands whole, then once lightly from side to side."),
    SET_ASKED("Does the ink go where it should?"),
    SET_IF_NOT(
            "Switched off: alter the setting by a little, ink again, turn by hand. Nothing is ground until it does."),
    BEVEL_ASKED("Is the land down to a hair line, even from end to end?"),
    BEVEL_ASKED_LAND("Is the blunt land down to a hair line, even from end to end?"),
    BEVEL_IF_NOT("Longer where the land is widest; keep to the count between dips, shorter as it gets thin."),
    LIGHT_ASKED("Has the land just gone, everywhere at once?"),
    LIGHT_IF_NOT("Light passes only, and only where it still shows; dip after each."),
    LOOK_ASKED("Is it square, even, and without colour anywhere?"),
    LOOK_ASKED_CAMBER("Does the round follow the line, both corners alike, without colour anywhere?"),
    LOOK_ASKED_KNIFE("Does the profile lie as it should, without colour anywhere?"),
    LOOK_IF_NOT("Say what you see: out of square and colour each have their own way back."),
    WHY_MARK("The line is what you grind to: once metal goes, there is nothing else to go by."),
    WHY_READY("A wheel or belt that is glazed or out of true heats more than it cuts, and can come apart."),
    WHY_BLUNT("Thick steel bears heat: the shape is made square on to the wheel, while there is no thin edge to burn."),
    WHY_SET("Ink and a turn by hand cost a minute; a facet ground at the wrong angle costs millimetres."),
    WHY_BEVEL("The blunt land carries the heat away: it is left as long as it can be, as a hair line."),
    WHY_LIGHT("Now the edge is thin and is burnt before a finger feels anything: hardly touch, and count."),
    WHY_LOOK("What is wrong here costs a minute on the wheel; found on the stones it costs an hour."),
    BACK_KEEPS_PACE(
            "A few strokes of the back on the finest stone at every honing: the polished strip keeps pace with the edge."),
    BACK_ONLY_KISSES("The hollow back only kisses the fine stone: flat, a few strokes, the rim and no more."),
    BACK_STRIP_UNTIL("Only the last {last} mm matter, until {depth} mm are gone: {stones}."),
    BACK_STRIP("Only the last {last} mm matter: {stones}."),
    BACK_FINGERS(
            "Fingers low and close to the edge. Break a clinging back free with the handle going down: a raised handle rounds it."),
    BACK_NARROW("It is narrow: work it in and out over the stone's edge rather than along, or it rocks."),
    BACK_THIN_RULE(
            "On the finest stone lay a thin rule along its far side, the iron's back across it: a strip at the edge comes up in a few strokes where the whole face would take an age."),
    BACK_OLD_BEVEL("The old back bevel must go before the back guides a cut again."),
    BACK_BENT(
            "It is bent by {gap}: a stone of {stone} misses up to {missed} mm in its hollow side. Work across it, not along."),
    OPTION_FLATTEN("Flatten the last {strip} mm"),
    NOTHING_ALLOWED("nothing on the shelf may be used for it"),
    PITS_TOO_DEAR("past {deepest} mm it costs more than most tools are worth"),
    STONE_FIRST("on the {stone} first"),
    OPTION_PUT_ASIDE("Put it aside"),
    PUT_ASIDE_WHY("deep pits at the edge end its life as what it is"),
    PUT_ASIDE_NOT_YET("not yet: there are ways to save it"),
    OPTION_PAST_OLD_BEVEL("Move the edge back past the old back bevel"),
    INSTEAD_OF_FLATTENING("instead of flattening {depth} mm off the back"),
    THEN(", then "),
    NO_STONE_ALLOWED("no stone on the shelf may be used for it"),
    LEAVES_CLEARANCE("leaves {left}° of clearance"),
    RAISES_CUTTING_ANGLE("raises the cutting angle to {angle}"),
    NO_CLEARANCE_LEFT("it would leave no clearance"),
    PITS_WANT_MORE("pits this deep want more than {most} over {width} mm"),
    HARD_LAYER_LEAVES("It leaves {left} mm of the hard layer of {layer}."),
    HARD_LAYER_ENDS(
            "The hard layer is only {layer} thick: so much off the back comes near its end, and an edge on soft steel does not hold."),
    OPTION_BACK_BEVEL("A back bevel of {angle}, {width} mm wide"),
    OPTION_PAST_PITS("Move the edge back past the pits"),
    PAST_PITS_WHY("as far as the pits at the edge go into the blade; {left} mm are left then"),
    PAST_RETIRE_LIMIT("it would carry the edge past the retire limit"),
    COLOUR_REACH("A colour that reaches"),
    MORE_THAN_NOTHING("more than 0 mm"),
    GO_ON_DIPPING("Go on, with more dips. Polish the colour off to see the next one."),
    STILL_TEMPERED("This steel keeps its temper up to {limit} °C; {sign} is a film on steel of about {celsius} °C."),
    POLISH_AND_LOOK(
            "Polish the colour off and look how fast it comes again. If the edge rolls early after honing, grind {extent} mm off it."),
    DRAWN("This steel is drawn from {limit} °C, and {sign} was between {low} and {high} °C."),
    GRIND_PAST("Grind past it, blunt first: {high} mm off the edge, dipping twice as often."),
    RIM_OF_COLOUR(
            "The rim of the colour was at about {low} °C, and this steel is drawn from {limit} °C: soft steel reaches farther than the colour."),
    HALF_AS_MANY("Half as many passes between dips from now on.{test}"),
    TEST_AFTER_HONING(" Test the edge after honing; if it rolls early, take {more} mm more."),
    STEAM_SOUND(
            "Steam says over 100 °C. Without a colour it stayed below {straw} °C, and this steel keeps its temper to {limit} °C."),
    STEAM_DRAWN("Steam says over 100 °C. This steel is drawn from {limit} °C, before any colour shows at {straw} °C."),
    DIP_WARM("Dip when it feels warm."),
    DIP_LONG_PASS_TOO_LONG(
            "Even one full-length pass is too long here: one short, light touch, drawn along faster, then dip; never by feel."),
    DIP_PASS_TOO_LONG("Even one pass of a second is too long here: one short, light touch then dip; never by feel."),
    DIP_ONE_LONG_PASS("Count 1 full-length pass, then dip; never by feel."),
    DIP_ONE_PASS("Count 1 pass of a second, then dip; never by feel."),
    DIP_LONG_PASSES("Count {passes} full-length passes, then dip; never by feel."),
    DIP_PASSES("Count {passes} passes of a second, then dip; never by feel."),
    DIP_TOUCH("One short, light touch, then dip."),
    DIP_FEWER("Count {fewer}{unit} now, then dip: {before} was too many."),
    FILE_SKATES("a file skates on steel of {hrc} HRC: it bites up to {bites}"),
    HONING_TAKES_IT("nothing is to be ground: honing takes it"),
    STONES_ONLY("the house works on stones only"),
    NONE_ON_THE_SHELF("none on the shelf"),
    NONE_IN_THE_KIT("none in the kit"),
    BACK_NOT_FLATTENED("The back is not flattened: what is decided below is done instead."),
    BACK_LIES_STILL("The face need only lie still on the stone: the rule does the rest."),
    OPTION_LEAVE_PITS("Leave them this time"),
    LEAVE_PITS_WHY("The edge breaks out there; between the pits it cuts."),
    NARROWER_IS_STEEPER("{narrower} mm wide it would be {angle}: less steel, a blunter wedge."),
    LEFT_FIRST_ESTIMATE("first estimate: a sharpening takes {each} µm"),
    LEFT_FROM_ITS_OWN("from {count} measured{sharpenings} of this tool");

    private final String words;

    RepairWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
