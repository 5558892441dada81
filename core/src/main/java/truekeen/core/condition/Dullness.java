package truekeen.core.condition;

/** How dull an edge is, and the recession that reaches fresh steel again. Source: workshop prior. */
public enum Dullness {
    /** Still cuts; wants its bite back. */
    TOUCH_UP("it has lost its bite", 0.0025),
    /** Slides instead of biting. */
    DULL("it is dull", 0.008),
    /** Light is seen along the edge. */
    LIGHT_VISIBLE("light all along", 0.035);

    private final String words;
    private final double recessionMm;

    Dullness(String words, double recessionMm) {
        this.words = words;
        this.recessionMm = recessionMm;
    }

    /** It in words. */
    public String words() {
        return words;
    }

    /** Recession along the back to fresh steel (mm), an estimate. */
    public double recessionMm() {
        return recessionMm;
    }
}
