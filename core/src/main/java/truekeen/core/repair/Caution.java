package truekeen.core.repair;

/** What to mind before an act, one line each. Makers' manuals, local rules and licensed practice come first. */
public enum Caution {
    EYES("Eye protection on and guards in place at any wheel or belt."),
    SPEED("Never a wheel above its marked speed. Ring-test it before it is mounted; stand aside as it starts."),
    REST_GAP("The rest close to the wheel, a gap no wider than the blade is thick: never set while it turns."),
    NO_GLOVES("No gloves near a turning wheel or belt; sleeves and cords tucked away."),
    NO_SIDE("Not on the side of a straight wheel."),
    DUST("Wet the grinding or extract its dust; do not breathe it."),
    SPARKS("Sparks away from swarf, oil rags and dry sanding dust."),
    FINGERS("Fingers behind the edge, strokes away from the body; a stone's sharp corner cuts too."),
    GLOVES("Gloves on for wiping, and whenever a machine's blade is handled."),
    RAGS("Oily rags dry flat, in the open."),
    TRAILING("Leather and paper always with the edge trailing."),
    FOLDING("A folding knife without a lock closes on fingers: block it."),
    ISOLATE("Isolate a powered machine before its blade is touched: lead off, battery or key out, plug pulled."),
    BALANCE("Balance and bolt torque are the maker's and are not optional."),
    MANUALS("Makers' manuals come first, then local rules; what wants a licence is left to those who hold one.");

    private final String words;

    Caution(String words) {
        this.words = words;
    }

    /** It in one line. */
    public String words() {
        return words;
    }
}
