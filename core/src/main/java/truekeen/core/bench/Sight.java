package truekeen.core.bench;

import java.util.List;
import truekeen.core.stepsheet.Step;

/** What there is to see at a step, each drawn as it should be and as it should not. */
public enum Sight {
    SCRATCHES("one pattern right to the edge", "coarser lines left between"),
    BURR("a burr from end to end", "none in one place"),
    NO_BURR("nothing stands over the edge", "a lip on one side"),
    INK("gone evenly from heel to edge", "gone at the heel only"),
    INK_STRIP("gone in a narrow strip at the edge", "gone over the whole bevel"),
    INK_FROM_HEEL("gone at the heel, growing toward the edge", "gone at the edge first"),
    LINE("one line from end to end", "broken, or running off"),
    BLUNTED("the line half gone all along", "past it at one end, short of it at the other"),
    HAIR_LAND("a hair line of land, even from end to end", "wide at one end, gone at the other"),
    NO_COLOUR("bare steel to the edge", "straw, brown or blue at the edge"),
    SQUARE("no light under the square", "light under it at one corner"),
    LAND("the blunt land just gone, even across", "gone at one end, standing at the other"),
    NARROW_LAND("a narrow land, the same from end to end", "keen at one place, a wide land at another"),
    POLISH("flat and bright to the edge", "a rounded, brighter line at the very edge");

    private final String right;
    private final String wrong;

    Sight(String right, String wrong) {
        this.right = right;
        this.wrong = wrong;
    }

    /** What it looks like when it is right. */
    public String right() {
        return right;
    }

    /** What it looks like when it is not. */
    public String wrong() {
        return wrong;
    }

    /** What there is to see at a step, the chief thing first. */
    public static List<Sight> of(Step step) {
        return switch (step.burrTask()) {
            case RAISE -> List.of(BURR, SCRATCHES);
            case KEEP, KEEP_UNFELT -> List.of(SCRATCHES);
            case TURN -> List.of(SCRATCHES);
            case TAKE_OFF, TAKE_OFF_BETWEEN -> List.of(NO_BURR);
            case SHED -> List.of(POLISH);
            case NOTHING ->
                switch (step.kind()) {
                    case SET_GUIDE -> List.of(inked(step.intent()));
                    case ADJUST -> step.angleDeg().isPresent() ? List.of(inked(step.intent())) : List.of();
                    case GRIND -> ground(step);
                    case ENDS, TEETH -> List.of(NARROW_LAND);
                    case WORK -> List.of(SCRATCHES);
                    default -> List.of();
                };
        };
    }

    private static List<Sight> ground(Step step) {
        if (step.act().isEmpty()) {
            return List.of(LAND);
        }
        return switch (step.act().get()) {
            case MARK -> List.of(LINE);
            case READY -> List.of();
            case SET -> List.of(inked(step.intent()));
            case BLUNT -> step.squares() ? List.of(BLUNTED, SQUARE) : List.of(BLUNTED);
            case BEVEL -> List.of(HAIR_LAND, NO_COLOUR);
            case LIGHT -> List.of(LAND, NO_COLOUR);
            case LOOK -> step.squares() ? List.of(SQUARE, NO_COLOUR) : List.of(NO_COLOUR);
        };
    }

    private static Sight inked(Step.Intent intent) {
        return intent.edgeFirst() ? INK_STRIP : intent.heelFirst() ? INK_FROM_HEEL : INK;
    }
}
