package truekeen.core.condition;

import truekeen.core.table.Prior;

/** How dull an edge is, and the recession that reaches fresh steel again. Source: workshop prior. */
public enum Dullness {
    /** Still cuts; wants its bite back. */
    TOUCH_UP("it has lost its bite", Prior.DULLNESS_TOUCH_UP_MM),
    /** Slides instead of biting. */
    DULL("it is dull", Prior.DULLNESS_DULL_MM),
    /** Light is seen along the edge. */
    LIGHT_VISIBLE("light all along", Prior.DULLNESS_LIGHT_MM);

    private final String words;
    private final double recessionMm;

    Dullness(String words, Prior recession) {
        this.words = words;
        this.recessionMm = recession.value();
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
