package truekeen.core.condition;

import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;

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

    /**
     * Recession to fresh steel on a blade of that family (mm), an estimate: the blades of machines are worn round far
     * deeper than those of hands.
     */
    public double recessionMm(GeometryKind kind) {
        return switch (kind) {
            case MOWER_BAR -> powered(Prior.POWERED_BAR_MM);
            case BRUSH_CUTTER -> powered(Prior.POWERED_DISC_MM);
            case TRIMMER -> powered(Prior.POWERED_TOOTH_MM);
            default -> recessionMm;
        };
    }

    /**
     * The prior is that of a dull blade; a rounder one and one less round ask for the
     * root of what they do by hand, since a round nose is wider than it is deep.
     */
    private double powered(Prior dull) {
        return dull.value() * Math.sqrt(recessionMm / DULL.recessionMm);
    }

    /** Recession along the back to fresh steel (mm), an estimate. */
    public double recessionMm() {
        return recessionMm;
    }
}
