package truekeen.core.stepsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.rule.RuleOption;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;

/**
 * What a house does at the stones, as far as the step sheet words it.
 *
 * @param burrEachStone whether the burr comes off at every stone
 * @param freshBurr whether each finer stone is to raise a burr of its own
 * @param sides how strokes are dealt between two sides
 * @param stroke direction of strokes on stones
 * @param lastStrokes direction of the last light strokes
 * @param slurry what is done with slurry
 */
public record SheetHabits(
        boolean burrEachStone,
        boolean freshBurr,
        Sides sides,
        Stroke stroke,
        LastStrokes lastStrokes,
        Abrasive.Slurry slurry) {
    /** The first option of each rule. */
    public static final SheetHabits USUAL = of(HouseRules.usual());

    private static final int SET = Prior.SHEET_HABITS_SET.whole();

    /** How strokes are dealt between two sides. */
    public enum Sides {
        WHOLE,
        SETS,
        ALTERNATE
    }

    /** Direction of strokes. */
    public enum Stroke {
        BY_HAND,
        BOTH,
        LEADING,
        TRAILING
    }

    /** Direction of the last light ones. */
    public enum LastStrokes {
        LEADING,
        TRAILING,
        BOTH
    }

    /** What the house rules say. */
    public static SheetHabits of(HouseRules rules) {
        return new SheetHabits(
                rules.of(HouseRule.BURR_BETWEEN) == RuleOption.BURR_BETWEEN_EVERY,
                rules.of(HouseRule.FRESH_BURR) == RuleOption.FRESH_BURR_FRESH,
                switch (rules.of(HouseRule.KNIFE_SIDES)) {
                    case KNIFE_SIDES_SETS -> Sides.SETS;
                    case KNIFE_SIDES_ALTERNATE -> Sides.ALTERNATE;
                    default -> Sides.WHOLE;
                },
                switch (rules.of(HouseRule.STROKE)) {
                    case STROKE_BOTH -> Stroke.BOTH;
                    case STROKE_LEADING -> Stroke.LEADING;
                    case STROKE_TRAILING -> Stroke.TRAILING;
                    default -> Stroke.BY_HAND;
                },
                switch (rules.of(HouseRule.LAST_STROKES)) {
                    case LAST_STROKES_TRAILING -> LastStrokes.TRAILING;
                    case LAST_STROKES_BOTH -> LastStrokes.BOTH;
                    default -> LastStrokes.LEADING;
                },
                switch (rules.of(HouseRule.SLURRY)) {
                    case SLURRY_KEPT -> Abrasive.Slurry.KEPT;
                    case SLURRY_RINSED -> Abrasive.Slurry.RINSED;
                    default -> Abrasive.Slurry.HOUSE;
                });
    }

    /** Whether the burr comes off between stones on a family: a single-bevel knife keeps it to the end in every house. */
    boolean burrEachStone(GeometryKind kind) {
        return burrEachStone && kind != GeometryKind.SINGLE_BEVEL_KNIFE;
    }

    /** What moves over what, and what there is to wash between stones. */
    public enum Grip {
        /** The tool clamped in something that rolls on the stone. */
        ROLLER,
        /** The tool in the hand, or resting on something that holds its angle. */
        HAND,
        /** The tool lies still, a small stone goes over it. */
        STONE_IN_HAND,
        /** The tool clamped, a file goes over it. */
        FILE
    }

    /**
     * A leg as its lines speak of it.
     *
     * @param on what it is worked on
     * @param first whether it is the leg that shapes
     * @param last whether it is the finish
     * @param twoSided whether two sides are worked
     * @param each strokes a side
     * @param grip what moves over what
     * @param toBurr whether a burr says when a side is done
     */
    record LegAsked(Abrasive on, boolean first, boolean last, boolean twoSided, int each, Grip grip, boolean toBurr) {
        /** A leg at the edge, where the first stone raises a burr. */
        LegAsked(Abrasive on, boolean first, boolean last, boolean twoSided, int each, Grip grip) {
            this(on, first, last, twoSided, each, grip, first);
        }
    }

    /** How the strokes of one leg are taken, each line one thing. */
    List<String> lines(LegAsked leg) {
        Abrasive on = leg.on;
        List<String> lines = new ArrayList<>();
        if (!leg.first) {
            StepWords wash = leg.grip == Grip.ROLLER ? StepWords.WASH_ROLLER_BEFORE : StepWords.WASH_BEFORE;
            lines.add(wash.fill("on", on.name()));
        }
        lines.add(direction(leg));
        if (leg.twoSided) {
            lines.add(dealt(leg.each, leg.toBurr));
        }
        if (on.wet() && on.kind().has(AbrasiveKind.Trait.MAKES_SLURRY)) {
            slurry(on, leg.first, leg.last).ifPresent(lines::add);
        }
        return lines;
    }

    private String direction(LegAsked leg) {
        return switch (leg.grip) {
            case STONE_IN_HAND -> StepWords.SMALL_CIRCLES.words();
            case FILE ->
                (leg.on.kind() == AbrasiveKind.FILE ? StepWords.FILE_FORWARD : StepWords.SMALL_CIRCLES).words();
            default ->
                leg.on.shape() == Abrasive.Shape.ROD
                        ? StepWords.ROD_STROKES.words()
                        : leg.on.kind().trailingOnly()
                                ? StepWords.TRAILING_ONLY.words()
                                : direction(then(leg.twoSided), leg.first);
        };
    }

    private String then(boolean twoSided) {
        return switch (stroke) {
            case BY_HAND -> (twoSided ? StepWords.STROKES_BY_HAND_ALIKE : StepWords.STROKES_BY_HAND).words();
            case BOTH -> StepWords.STROKES_BOTH_WAYS.words();
            case LEADING -> StepWords.STROKES_LEADING.words();
            case TRAILING -> StepWords.STROKES_TRAILING.words();
        };
    }

    private static String direction(String then, boolean first) {
        String words = first ? StepWords.STROKES_FIRST.fill("then", then) : StepWords.STROKES_THEN.fill("then", then);
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private String dealt(int each, boolean toBurr) {
        return switch (sides) {
            case ALTERNATE -> StepWords.SIDES_ALTERNATE.fill("each", each);
            case SETS -> sets(each);
            case WHOLE -> toBurr ? StepWords.SIDES_UNTIL_THE_BURR.words() : StepWords.SIDES_WHOLE.fill("each", each);
        };
    }

    private static String sets(int each) {
        int whole = each / SET;
        int rest = each % SET;
        if (whole == 0) {
            return StepWords.SIDES_ONE_SET.fill("each", each);
        }
        String times = whole == 1 ? "once" : whole + " times";
        return rest == 0
                ? StepWords.SIDES_SETS.fill("set", SET, "times", times)
                : StepWords.SIDES_SETS_AND_REST.fill("set", SET, "times", times, "rest", rest);
    }

    /** The stone that shapes keeps its slurry: only one that is clean by its own nature is rinsed there. */
    private Optional<String> slurry(Abrasive on, boolean first, boolean last) {
        boolean own = on.nature().slurry() != Abrasive.Slurry.HOUSE;
        if (first && !own && !kept(slurry, false)) {
            return Optional.empty();
        }
        return Optional.of(slurryWords(own ? on.nature().slurry() : slurry, last && !first));
    }

    private String slurryWords(boolean last) {
        return slurryWords(slurry, last);
    }

    private static String slurryWords(Abrasive.Slurry what, boolean last) {
        return kept(what, last) ? StepWords.SLURRY_KEPT.words() : StepWords.SLURRY_RINSED.words();
    }

    private static boolean kept(Abrasive.Slurry what, boolean last) {
        return what == Abrasive.Slurry.KEPT || what == Abrasive.Slurry.HOUSE && !last;
    }

    /** What one of its rules comes to, in words, on 24 strokes a side. */
    public String described(HouseRule rule) {
        return switch (rule) {
            case BURR_BETWEEN ->
                burrEachStone ? StepWords.HABIT_BURR_EVERY_STONE.words() : StepWords.HABIT_BURR_AT_THE_END.words();
            case FRESH_BURR -> freshBurr ? StepWords.HABIT_FRESH_BURR.words() : StepWords.HABIT_UNBROKEN_BURR.words();
            case STROKE -> direction(then(false), false);
            case LAST_STROKES -> lastLightStrokes();
            case SLURRY -> StepWords.HABIT_SLURRY.fill("cutting", slurryWords(false), "finishing", slurryWords(true));
            case KNIFE_SIDES -> dealt(24, false);
            default -> "";
        };
    }

    /** Strokes one side gets before the other has its turn; 0 for a whole side at a time. */
    int setOf() {
        return switch (sides) {
            case ALTERNATE -> 1;
            case SETS -> SET;
            case WHOLE -> 0;
        };
    }

    /** The burr taken off with the strokes the other way than the house has them. */
    String otherWay() {
        LastStrokes other = lastStrokes == LastStrokes.TRAILING ? LastStrokes.LEADING : LastStrokes.TRAILING;
        return new SheetHabits(burrEachStone, freshBurr, sides, stroke, other, slurry).lastLightStrokes();
    }

    /** How the burr is taken off on the last stone. */
    String lastLightStrokes() {
        return switch (lastStrokes) {
            case LEADING -> StepWords.LAST_STROKES_LEADING.words();
            case TRAILING -> StepWords.LAST_STROKES_TRAILING.words();
            case BOTH -> StepWords.LAST_STROKES_BOTH.words();
        };
    }
}
