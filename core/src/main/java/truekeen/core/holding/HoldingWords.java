package truekeen.core.holding;

import truekeen.core.message.Wording;

/** What a setting is, what it came from and how the tool is seated. Workshop priors where they advise. */
enum HoldingWords implements Wording {
    PROJECTION("From the edge back to the guide's front face, along the blade."),
    PROJECTION_CHANGES("The guide's three dimensions: measure them, then measure what a setting really gives."),
    GUIDE_SEATED(
            "Side of the blade against its stop, jaws parallel, screws turned up alternately: one tightened too far grinds that corner more."),
    GUIDE_SQUARE(
            "After the first strokes hold a square to the edge. Half a millimetre across {edge} is {off} out of square."),
    ROLLER_RADIUS("roller radius r"),
    AXLE_BELOW("axle below the back d"),
    AXLE_SETBACK("setback of the axle s"),
    THE_BLADE_IN_D("of d, the blade"),
    A_PROJECTION("A projection"),
    NEAREST_BLOCK("nearest stop block"),
    BLOCK_HOLDS("it holds {held}, {off}° {way}"),
    CAM_TURNED("with the cam turned, same projection"),
    TURN_THE_CAM("As for the primary: leave the blade clamped and turn the cam."),
    MICRO_BEVEL_MORE("a micro-bevel of {more} more"),
    BODY_ABOVE("body above the stone"),
    ITS_FRONT_CORNER("its front corner"),
    ROCKED_BY("may be rocked by"),
    ROCKED_UNTIL("either way, until the body touches: for a camber"),
    ROCKED_FREELY("as far as you like: the body never touches"),
    ROLLER_WIDE("wide: steady, and it does not rock; press the corners for a camber"),
    ROLLER_NARROW("narrow: it rocks for a camber, and wants a level hand for a straight edge"),
    SPINE_HEIGHT("spine height"),
    HEIGHT_BEHIND("height {width} behind the edge"),
    SPINE_HEIGHT_WHERE("From the stone up to the lower corner of the spine, at the heel."),
    HEIGHT_BEHIND_WHERE("From the stone up to the lower face, so far behind the edge."),
    BLADE_WIDTH("blade width W"),
    MEASURED_AT("measured at"),
    HALF_THE_SPINE("half the spine"),
    WIDER_STANDS_HIGHER("A wider blade stands higher for the same angle."),
    FIND_BY_TOUCH("Find the bevel by touch first: its heel, then tip until both bear."),
    ONE_PIECE("Keep hand and forearm one piece; on a belly the arm rises and the wrist stays set."),
    AT_FROM_HEEL("at {along} from the heel"),
    LOWER_HERE("the spine stands lower here for the same angle{handle}"),
    EVEN_ONE_TOO_THICK("even one is thicker than the blade is wide"),
    STACK_HOLDS("exactly {exactly}; {whole} of them hold {held}{hint}"),
    THICKER_IS_HANDIER(". Something thicker is handier"),
    LAID_ON_ANOTHER("of them, laid on one another"),
    LIFT_INTO_THE_BELLY(": lift the handle into the belly until it comes to this"),
    THAT_IS_IT("that is it"),
    RIGHT_ANGLE_HALVED("a right angle halved {times}"),
    SURFACE_SPEED("surface speed"),
    MARKED_FOR("marked for {speed} m/s"),
    COMPARE_THE_MARKING("compare it with the marking on the wheel"),
    CHORD("chord of the hollow"),
    HONES_FLAT_AT("laid flat on a stone the bevel hones at this"),
    RUNS_AWAY("The wheel runs away from the edge: into it the edge would dig in and throw the tool."),
    LEATHER_GIVES(
            "Ink the bevel and look where it polishes: leather gives, so set it at or just below the honing angle. Never on a flat back."),
    RING_TEST("Ring-test, guards on, eye protection, within the marked speed; stand aside for the first minute."),
    MEASURE_AFTER_TRUING("Measure the wheel again after every truing: the setting follows its diameter."),
    TABLE_GAP("The gap between table and wheel stays small, and is never set while it turns."),
    TABLE_TOWARD_YOU("On the table, below level: it falls toward you."),
    SLACK_ADDS("slack adds"),
    TAPER_OF_THE_SIDE("taper of the side"),
    SLACKER_ROUNDS("A slacker belt rounds the edge more."),
    GRINDS_AT_BEHIND("behind the edge it grinds at"),
    SLACK_ROUNDS_UP("the slack belt rounds it up to the angle at the very edge"),
    FULL_PASSES("Full-length passes: where it lingers, the profile changes."),
    WORN_BELTS_NEAR("Worn finer belts near the edge; a thin edge is hot before the finger feels it."),
    FOOT("From the abrasive to the end of the foot, square to the abrasive."),
    THICKNESS("thickness T"),
    FOOT_STEEPER("As the blade wears narrower the same foot hones steeper: set it anew."),
    WITH_ITS_FOOT("with its foot of {f}"),
    AS_IT_IS("as it is now"),
    FILE_THE_SPINE("File the spine smooth and straight first: both bevels copy it."),
    WAX_THE_SPINE("Wax the spine so that the foot slides."),
    STONE_STANDS_OFF("Between the far end of the stone and the cheek: the shadow there."),
    TAPER_OF_THE_CHEEK("taper of the cheek"),
    LONGER_STANDS_OFF("A longer stone stands farther off."),
    SMALL_CIRCLES("Small circles, the near side first, then the far side; fingers behind the stone's face."),
    CONVEX_ROCKED("On a convex cheek rock the stone from the shoulder up to this, and no steeper."),
    CONTACT_ABOVE("contact above the centre"),
    TABLE_RISES("On the table, above level: it rises toward you."),
    SMALLER_WHEEL("A smaller wheel, or another contact height."),
    WEDGE("Of the block, from the bench up; the blade's side lies flat on it."),
    MORE_TAPER("A blade that tapers more wants a lower wedge."),
    ONLY_STARTS("The wedge only starts the stroke: keep the angle as the blade leaves it."),
    BLOCK_HOLDS_NOW("this block holds"),
    AS_WANTED("as wanted"),
    OFF_THE_WANTED("{off}° {way} than wanted"),
    BAR_GAP("Between wheel and bar, on the line through both middles."),
    JIG_REACH("reach of the jig p"),
    BAR_OFF_THE_BACK("bar off the back a"),
    BAR_RADIUS("bar radius"),
    SMALLER_WHEEL_BAR("A smaller wheel wants another gap; so does a jig that holds the blade farther out."),
    STEP_AT_THE_EDGE("{step} is {degrees}° at the edge."),
    ANGLE_AND_NUMBER("{angle}°, {label} {number}");

    private final String words;

    HoldingWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
