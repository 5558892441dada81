package truekeen.core.condition;

/** How dull an edge is, and the recession that reaches fresh steel again. Source: workshop prior. */
public enum Dullness {
    /** Still cuts; wants its bite back. */
    TOUCH_UP(0.0025),
    /** Slides instead of biting. */
    DULL(0.008),
    /** Light is seen along the edge. */
    LIGHT_VISIBLE(0.035);

    private final double recessionMm;

    Dullness(double recessionMm) {
        this.recessionMm = recessionMm;
    }

    /** Recession along the back to fresh steel (mm), an estimate. */
    public double recessionMm() {
        return recessionMm;
    }
}
