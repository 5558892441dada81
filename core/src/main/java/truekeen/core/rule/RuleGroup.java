package truekeen.core.rule;

/** What house rules are about, so that a person finds them. */
public enum RuleGroup {
    /** Angle, form of the bevel, what holds it. */
    ANGLE("The angle, and what holds it"),
    /** Plane irons. */
    IRONS("Plane irons"),
    /** How fine, and the strop. */
    FINISH("The finish and the strop"),
    /** The burr. */
    BURR("The burr"),
    /** Strokes, slurry, lubricant. */
    STONE("At the stone"),
    /** Machines, grinding, repair. */
    REPAIR("Grinding and repair");

    private final String words;

    RuleGroup(String words) {
        this.words = words;
    }

    /** Its words. */
    public String words() {
        return words;
    }
}
