package truekeen.core.finish;

import truekeen.core.message.Wording;

/** The words of what is done to a tool once its edge is tested. Workshop priors where they advise. */
enum FinishWords implements Wording {
    STONES("Put the stones away"),
    STONES_HOW(
            "Rinse them, flatten what wants it while it is wet, and stand them on edge to dry slowly. Where the shop freezes, take them in."),
    WHY_STONES("A flat, clean stone is ready the next time; one that freezes wet splits."),
    WASH("Wash slurry and swarf off"),
    WASH_HOW("Blade, whatever held it, and hands: water for water stones, a wipe for oil."),
    WHY_WASH("Swarf is magnetic and gets into whatever is put together next."),
    WIPE_AWAY("Wipe away from the edge."),
    DRY("Dry it at once"),
    DRY_HOW("Corners of the back, holes and joints too; warm to the hand is dry."),
    WHY_DRY("Water in a corner starts the next pits."),
    JOIN("Join the blades"),
    JOIN_HOW("A drop of oil on the pivot; tighten until the open blade just falls by its own weight."),
    WHY_JOIN("Loose blades fold what they should cut; tight ones wear their edges on each other."),
    CLOSING_EDGES("Fingers clear of the closing edges."),
    CUT_CLOTH("Cut a strip of cloth along the whole length: it must not fold between the blades."),
    BACK_IN_ITS_RACK("Put it back in its rack"),
    COVER("Cover the edge"),
    RACK_HOW("Where no other steel knocks its tip."),
    COVER_HOW("A guard, a sheath or a wrap: edges travel covered."),
    WHY_COVER("A keen edge is dulled by the next tool in the drawer, and cuts whoever reaches in."),
    NO_LOCK("A folding knife without a lock can close on the fingers."),
    FIRST_CUTS("Make the first cuts of its own work and watch for an edge that fades at once."),
    BLADES_BACK("Put the blades back as they sat"),
    RIGHT_WAY_UP("Put it back right way up"),
    BEVELS_OUTWARD("Bevels outward, flat on flat; slide them by hand once."),
    UNDERSIDE_DOWN("The marked underside toward the ground, the wings toward the deck."),
    EDGES_LEAD("The edges leading in the direction it turns, the marked side as it was."),
    WHY_WRONG_WAY("The wrong way round nothing cuts."),
    WHY_UPSIDE_DOWN("Upside down it beats the grass and lifts nothing."),
    STILL_ISOLATED("Gloves on; the machine still isolated and blocked."),
    SPACERS_BACK("Spacers and screws as they were"),
    WASHERS_BACK("Washers and spacers as they were"),
    WASHERS_HOW(
            "Each in its order and its own way round, by the photograph; a worn or domed one is replaced by the maker's part."),
    WHY_SPACERS("They set the gap."),
    WHY_WASHERS("They hold the bar square and let it slip when it strikes."),
    TIGHTEN_BY_MANUAL("Tighten by the manual"),
    TIGHTEN_TO_TORQUE("Tighten to the maker's torque"),
    TORQUE_HOW(
            "Torque from the maker's manual: put it down as you set it; a new bolt or locking part where the manual asks for one."),
    WHY_TIGHTEN_SCREWS("Loose screws open the gap, tight ones burn it."),
    WHY_TIGHTEN_BOLT("A loose bar lets go; an overdone bolt breaks."),
    TORQUE_CAUTION("Torque and part numbers are the maker's; local rules and licensed service come first."),
    BLOCK_OUT("Take the block out and count the tools"),
    BLOCK_OUT_HOW(
            "Block, wrench and rags out of the deck; guards back in place. Only then lead, key, battery or plug."),
    WHY_BLOCK_OUT("What is left inside is thrown."),
    FIRST_RUN("First run, away from people"),
    FIRST_RUN_HOW(
            "Outside, nobody near or in line with the outlet, for a minute: stop at once if it shakes or sounds new."),
    WHY_FIRST_RUN("A fault shows itself in the first minute."),
    FIRST_RUN_CAUTION("Everyone well back; never reach under to listen."),
    LAY_IN("Lay the iron in at an angle"),
    LAY_IN_HOW("Swing it straight once it is past the cap iron and the mouth, so that the edge touches neither."),
    LAY_IN_BARE("Swing it straight once it is past the mouth, so that the edge touches nothing."),
    WHY_LAY_IN("The edge meets iron only once."),
    LAY_IN_CAUTION("Edge up and away from the hand."),
    TAKE_UP_PLAY("Take up the play forward"),
    TAKE_UP_PLAY_HOW("Back the iron off, then turn the adjuster in the advancing direction until it bears."),
    WHY_TAKE_UP_PLAY("With play behind it the first cut pushes the iron back: keen, and hardly cuts."),
    CENTRE_CAMBER("Centre the camber"),
    SET_LEVEL("Set the edge level"),
    BY_EYE_FIRST("By eye down the sole first; then a narrow shaving left, middle and right: {shaving}"),
    SIDES_ALIKE("both sides alike and thinner than the middle."),
    THREE_ALIKE("all three alike."),
    WHY_LEVEL("A corner that stands lower ploughs a line."),
    LEVEL_CAUTION("Sight from behind; fingers off the mouth."),
    ONE_SHAVING("Take one full-width shaving: even in thickness, the surface without lines."),
    CAP_IRON_BACK("cap iron behind the edge"),
    SET_CAP_IRON("Set the cap iron"),
    CAP_WELL_BACK("Well back: the shavings are thick."),
    CAP_CLOSE("Close: the grain is difficult."),
    CAP_USUAL("A millimetre or two back."),
    WHY_CAP_IRON("It bends the shaving: near breaks it before it tears the grain, far lets a thick one pass."),
    CAP_IRON_CAUTION("Never push the cap iron over the edge."),
    FIRST_CUT("Make the first cut"),
    WHY_FIRST_CUT("The edge is judged by its work."),
    WIPE_OIL("Wipe a little oil on"),
    WIPE_FOOD_OIL("Wipe a little oil on that is safe with food"),
    OIL_OR_WAX("Oil or wax it"),
    RUSTS_OVERNIGHT("A thin film all over, now: this steel rusts overnight."),
    STAINLESS_STAINS("A thin film: stainless stains too where salt or acid dries on it."),
    RUSTS_IN_WATER("A thin film all over: this steel rusts where water stays."),
    NOTHING_HOLDS_RUST("{steel}: nothing in it holds rust off."),
    SLOWER_TO_RUST("{steel}: slower to rust, and not proof against it."),
    OIL_CAUTION("Gloves for the last wipe; oily rags dry flat, away from sparks."),
    FOOD_OIL_CAUTION(
            "Mineral oil sold for food use: no machine oil, and no cooking oil, which turns sticky and rancid. Washed before it cuts food."),
    PURPOSE_WOODWORK("general woodwork"),
    CHECK_FIRST_ESTIMATE("First estimate: {days} days is usual for this work."),
    CHECK_BRITTLE(
            "First estimate: {days} days instead of the usual {usual}, since the tip of a new tool is still brittle."),
    SHEATH_HOW("A sheath that holds it: it is carried, and an edge in a bag or pocket cuts and is dulled."),
    HANG_HOW("In its place at the bench, the edge where no other steel knocks it."),
    CHECK_FROM_ITS_OWN("It was sharpened every {days} days so far (middle of {intervals} intervals).");

    private final String words;

    FinishWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
