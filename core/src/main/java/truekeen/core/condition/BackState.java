package truekeen.core.condition;

import java.util.Optional;
import truekeen.core.table.Prior;

/** How the back stands near the edge. */
public enum BackState {
    /** Flat and polished: a few strokes keep pace. */
    POLISHED(Optional.empty()),
    /** Flat, not yet polished. */
    UNPOLISHED(Optional.empty()),
    /** Machining ridges. */
    RIDGED(Optional.of(Prior.BACK_RIDGED_MM)),
    /** Pits of rust. */
    PITTED(Optional.of(Prior.BACK_PITTED_MM)),
    /** Rounded over toward the edge. */
    DUBBED(Optional.of(Prior.BACK_DUBBED_MM));

    private final double usualDepthMm;

    BackState(Optional<Prior> usualDepth) {
        this.usualDepthMm = usualDepth.map(Prior::value).orElse(0.0);
    }

    /** Depth taken where none was measured (mm). Source: workshop prior. */
    public double usualDepthMm() {
        return usualDepthMm;
    }

    /** Whether steel must go from the back before it is flat. */
    public boolean needsFlattening() {
        return usualDepthMm > 0;
    }
}
