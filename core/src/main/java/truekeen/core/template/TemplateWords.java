package truekeen.core.template;

import truekeen.core.message.Wording;

/** The words on printed sheets, and what their measures are called. */
enum TemplateWords implements Wording {
    CAMBER_FOR("Camber for the {tool}"),
    CAMBER_IS(
            "{below} mm below the sole on a bed of {bed} is {onIron} mm on the iron, {wide} mm wide; radius {radius} m."),
    CAMBER_CUT(
            "Cut along the curve, lay it on the back of the iron and scribe. The straight line shows what stands back."),
    REJECTED("REJECTED: DO NOT FIT"),
    TICKET_FOR_THE_TOOL("Hangs on the tool"),
    TICKET_FOR_THE_OWNER("For its owner"),
    INSPECTED_BY("Inspected by {person}, {day}"),
    REPLACE_IT("Not to be straightened, heated or welded. Replace it by the maker's part."),
    PROTRACTOR("Protractor card"),
    PROTRACTOR_HOW(
            "Lay the back along the base line, the edge at its left end. Cut out a notch and try the edge in it:"),
    PROTRACTOR_LIGHT("light at the bottom means the edge is steeper."),
    SET_UP_OF("Set-up “{name}”, {holder}"),
    EDGE_TO_FACE("edge to face, full size"),
    SCALE_BAR("This bar is 100 mm long. If yours is not, print again at full size, without fitting."),
    AT_LEAST_ONE("At least one angle"),
    ANGLES_ON_A_BOARD("angles on a board"),
    A_PROJECTION("A projection"),
    STOP_BOARD_FOR("Stop board for the {guide}"),
    STOP_BOARD_GLUE(
            "Glue it on a flat board whose front edge is the heavy line. Fix a block behind each line marked stop."),
    STOP_BOARD_USE(
            "Guide's face against the front, edge of the blade against the block. Then measure one angle to be sure."),
    STOP_AT("stop at {projection} mm"),
    STOP_BOARD_FRONT("front: the guide's face"),
    A_WEDGE("A wedge"),
    WEDGE_CUT("Cut on the line. The blade's side lies on the slope; a tapering blade stands steeper than its wedge.");

    private final String words;

    TemplateWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
