package truekeen.core.holding;

import static truekeen.core.tool.Dimension.length;

import java.util.List;
import truekeen.core.tool.Dimension;

/** Dimensions that several holders share. Ranges are workshop priors. */
final class HolderParts {
    private static final Dimension ROLLER_RADIUS =
            length("rollerRadius", "Roller radius", 1, 60, "Half its diameter, by caliper.");
    private static final Dimension BELOW_BACK =
            length("axleBelowBack", "Axle below the back", 0.5, 120, "From the plane of the blade's back to the axle.");
    private static final Dimension BELOW_FACE = length(
            "axleBelowBack", "Axle below the seat", 0.1, 120, "From the seat that the blade's bevel side lies on.");
    private static final Dimension SETBACK =
            length("axleSetback", "Axle set back", -120, 120, "Behind the front face that the projection starts at.");
    private static final Dimension ECCENTRIC = length(
                    "eccentric", "Cam adds", 0.05, 10, "What an eccentric roller adds to its radius.")
            .ifAny();
    private static final Dimension BODY_DROP = length(
                    "bodyDrop", "Body below the back", 0, 80, "How far its lowest front corner hangs below the back.")
            .ifAny();
    private static final Dimension BODY_WIDTH = length(
                    "bodyWidth", "Body width", 5, 250, "Across, for rocking a cambered iron.")
            .ifAny();
    private static final Dimension ROLLER_WIDTH = length(
                    "rollerWidth", "Roller width", 1, 150, "Across; narrow ones rock, wide ones steady.")
            .ifAny();

    static final List<Dimension> ROLLER =
            List.of(ROLLER_RADIUS, BELOW_BACK, SETBACK, ECCENTRIC, BODY_DROP, BODY_WIDTH, ROLLER_WIDTH);
    static final List<Dimension> FACE_ROLLER =
            List.of(ROLLER_RADIUS, BELOW_FACE, SETBACK, ECCENTRIC, BODY_DROP, BODY_WIDTH, ROLLER_WIDTH);
    /** Where a tool without a spine is measured. */
    static final Dimension LEVER = length(
                    "lever", "Measured at", 10, 400, "For tools without a spine: so far behind the edge.")
            .ifAny();

    private HolderParts() {}
}
