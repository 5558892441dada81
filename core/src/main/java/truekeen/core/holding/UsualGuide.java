package truekeen.core.holding;

import java.util.Map;
import truekeen.core.tool.Measures;

/**
 * A honing guide of which nothing was measured by caliper. Its angles may be off by a degree or two until one is
 * measured; two measured angles or printed marks replace these figures. Source: workshop prior.
 */
public final class UsualGuide {
    /** Its roller, its axle below the seat or the back, and behind the front face (mm). */
    public static final Measures MEASURES =
            new Measures(Map.of("rollerRadius", 9.5, "axleBelowBack", 14.0, "axleSetback", 11.5));

    /** Its axle below the seat where a guide grips by the bevel side: a usual blade's thickness less (mm). */
    private static final double USUAL_THICKNESS = 3.5;

    private UsualGuide() {}

    /** The usual figures of a kind of guide. */
    public static Measures of(HolderKind kind) {
        return kind == HolderKind.FACE_GUIDE
                ? new Measures(Map.of(
                        "rollerRadius",
                        MEASURES.length("rollerRadius").mm(),
                        "axleBelowBack",
                        MEASURES.length("axleBelowBack").mm() - USUAL_THICKNESS,
                        "axleSetback",
                        MEASURES.length("axleSetback").mm()))
                : MEASURES;
    }
}
