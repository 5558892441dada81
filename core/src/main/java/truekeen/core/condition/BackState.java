package truekeen.core.condition;

/** How the back stands near the edge. */
public enum BackState {
    /** Flat and polished: a few strokes keep pace. */
    POLISHED(0),
    /** Flat, not yet polished. */
    UNPOLISHED(0),
    /** Machining ridges. */
    RIDGED(0.01),
    /** Pits of rust. */
    PITTED(0.05),
    /** Rounded over toward the edge. */
    DUBBED(0.02);

    private final double usualDepthMm;

    BackState(double usualDepthMm) {
        this.usualDepthMm = usualDepthMm;
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
