package truekeen.core.machine;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import truekeen.core.tool.Blade;
import truekeen.core.tool.GeometryKind;

/**
 * What a powered blade is looked over for before it is worked. A question answered with yes rejects the blade; what is
 * measured rejects it beyond its limit. Limits stand here as rules of thumb until the maker's own are put in. Source:
 * workshop prior.
 */
public enum InspectionItem {
    CRACKS(
            "Any crack?",
            "Clean and in raking light: along the edges, round the bore, at every bend and hole. Let it hang and tap it: a"
                    + " cracked one rattles.",
            "it is cracked",
            Kinds.ALL),
    TRACK(
            "Does a tip leave its track over a full turn?",
            "Turn the bar by hand past one fixed point: both tips must pass it alike.",
            "its tips do not run in one track: bar, bolt or shaft is bent",
            Kinds.BAR),
    HOLE(
            "Is the bolt hole oval or torn?",
            "Try the bolt or a drill shank of the bore: it must not rock.",
            "its bolt hole is worn oval",
            Kinds.TURNING),
    ROOT_CRACK(
            "Any crack at the root of a tooth?",
            "Clean each root and look with a glass; a drop of thin oil wiped off shows a hair crack as a dark line.",
            "it is cracked at the root of a tooth",
            Kinds.TOOTHED),
    DEFORMED(
            "Is it bent, dished or twisted?",
            "Flat side on a flat plate: light under it means it is bent.",
            "it is deformed",
            Kinds.TOOTHED),
    SPEED(
            "Is its marked speed gone, or below what the machine turns?",
            "Read it off the disc and off the machine's plate: the mark is its limit, and a disc without one is not used.",
            "its marked speed cannot be read or is below the machine's",
            Kinds.DISC),
    BEND(
            "Height of both tips",
            "Bar flat side down on a flat surface, or on the machine against one fixed point: measure up to each tip.",
            "its tips differ in height by",
            Kinds.BAR,
            List.of(new Input("left", "left tip"), new Input("right", "right tip")),
            Way.DIFFERENCE_AT_MOST,
            b -> 3),
    WING(
            "Thickness of the lift wing",
            "Where sand wears it thinnest, at the bend behind the cutting edge; the thinner of the two ends.",
            "its lift wing is worn down to",
            Kinds.BAR,
            List.of(new Input("wing", "wing, thinnest")),
            Way.AT_LEAST,
            b -> b.measures().length("thickness").mm() / 2),
    CENTRE(
            "Thickness at the centre",
            "Beside the bore, where the washer rubs.",
            "its centre is worn down to",
            Kinds.TURNING,
            List.of(new Input("centre", "centre, thinnest")),
            Way.AT_LEAST,
            b -> 0.8 * b.measures().length("thickness").mm()),
    TEETH_BROKEN(
            "Teeth broken off",
            "Count those that lost their tip or part of an edge.",
            "it has broken teeth:",
            Kinds.TOOTHED,
            List.of(new Input("count", "how many")),
            Way.COUNT_AT_MOST,
            b -> b.kind() == GeometryKind.TRIMMER ? 2 : 0);

    /** How a measured item is judged. */
    public enum Way {
        QUESTION,
        /** The difference of its two inputs, in millimetres. */
        DIFFERENCE_AT_MOST,
        AT_LEAST,
        COUNT_AT_MOST
    }

    /**
     * A number that is measured.
     *
     * @param key its name within the item
     * @param label what it is called
     */
    public record Input(String key, String label) {}

    private static final class Kinds {
        static final Set<GeometryKind> DISC = EnumSet.of(GeometryKind.BRUSH_CUTTER);
        static final Set<GeometryKind> BAR = EnumSet.of(GeometryKind.MOWER_BAR);
        static final Set<GeometryKind> TURNING = EnumSet.of(GeometryKind.MOWER_BAR, GeometryKind.BRUSH_CUTTER);
        static final Set<GeometryKind> TOOTHED = EnumSet.of(GeometryKind.TRIMMER, GeometryKind.BRUSH_CUTTER);
        static final Set<GeometryKind> ALL =
                EnumSet.of(GeometryKind.MOWER_BAR, GeometryKind.TRIMMER, GeometryKind.BRUSH_CUTTER);
    }

    private final String title;
    private final String how;
    private final String reason;
    private final Set<GeometryKind> kinds;
    private final List<Input> inputs;
    private final Way way;
    private final ToDoubleFunction<Blade> usualLimit;

    InspectionItem(String title, String how, String reason, Set<GeometryKind> kinds) {
        this(title, how, reason, kinds, List.of(), Way.QUESTION, b -> Double.NaN);
    }

    InspectionItem(
            String title,
            String how,
            String reason,
            Set<GeometryKind> kinds,
            List<Input> inputs,
            Way way,
            ToDoubleFunction<Blade> usualLimit) {
        this.title = title;
        this.how = how;
        this.reason = reason;
        this.kinds = kinds;
        this.inputs = inputs;
        this.way = way;
        this.usualLimit = usualLimit;
    }

    /** What a blade is looked over for, in order. */
    public static List<InspectionItem> of(Blade blade) {
        return java.util.Arrays.stream(values())
                .filter(i -> i.kinds.contains(blade.kind()))
                .toList();
    }

    /** It in words: a question, or what is measured. */
    public String title() {
        return title;
    }

    /** How it is looked for. */
    public String how() {
        return how;
    }

    /** Why the blade is rejected by it. */
    public String reason() {
        return reason;
    }

    /** What is measured; empty for a question. */
    public List<Input> inputs() {
        return inputs;
    }

    /** How it is judged. */
    public Way way() {
        return way;
    }

    /** Its limit as a rule of thumb (mm, or a count); not a number for a question. */
    public double usualLimit(Blade blade) {
        return usualLimit.applyAsDouble(blade);
    }
}
