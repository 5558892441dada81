package truekeen.core.stepsheet;

import java.util.ArrayList;
import java.util.List;
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

    /**
     * How the strokes of one leg are taken, each line one thing.
     *
     * @param first whether it is the leg that shapes
     * @param last whether it is the finish
     * @param twoSided whether two sides are worked
     * @param each strokes a side
     */
    List<String> lines(Abrasive on, boolean first, boolean last, boolean twoSided, int each) {
        List<String> lines = new ArrayList<>();
        if (!first) {
            lines.add(StepWords.WASH_BEFORE.fill("on", on.name()));
        }
        lines.add(direction(on, first));
        if (twoSided) {
            lines.add(dealt(each, first));
        }
        if (on.wet() && on.kind().has(AbrasiveKind.Trait.MAKES_SLURRY)) {
            lines.add(slurry(on, last));
        }
        return lines;
    }

    private String direction(Abrasive on, boolean first) {
        if (on.kind().trailingOnly()) {
            return StepWords.TRAILING_ONLY.words();
        }
        return direction(then(), first);
    }

    private String then() {
        return switch (stroke) {
            case BY_HAND -> StepWords.STROKES_BY_HAND.words();
            case BOTH -> StepWords.STROKES_BOTH_WAYS.words();
            case LEADING -> StepWords.STROKES_LEADING.words();
            case TRAILING -> StepWords.STROKES_TRAILING.words();
        };
    }

    private static String direction(String then, boolean first) {
        String words = first ? StepWords.STROKES_FIRST.fill("then", then) : StepWords.STROKES_THEN.fill("then", then);
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private String dealt(int each, boolean first) {
        return switch (sides) {
            case ALTERNATE -> StepWords.SIDES_ALTERNATE.fill("each", each);
            case SETS -> sets(each);
            case WHOLE -> first ? StepWords.SIDES_UNTIL_THE_BURR.words() : StepWords.SIDES_WHOLE.fill("each", each);
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

    private String slurry(Abrasive on, boolean last) {
        boolean own = on.nature().slurry() != Abrasive.Slurry.HOUSE;
        return slurryWords(own ? on.nature().slurry() : slurry, last);
    }

    private String slurryWords(boolean last) {
        return slurryWords(slurry, last);
    }

    private static String slurryWords(Abrasive.Slurry what, boolean last) {
        boolean kept = what == Abrasive.Slurry.KEPT || what == Abrasive.Slurry.HOUSE && !last;
        return kept ? StepWords.SLURRY_KEPT.words() : StepWords.SLURRY_RINSED.words();
    }

    /** What one of its rules comes to, in words, on 24 strokes a side. */
    public String described(HouseRule rule) {
        return switch (rule) {
            case BURR_BETWEEN ->
                burrEachStone ? StepWords.HABIT_BURR_EVERY_STONE.words() : StepWords.HABIT_BURR_AT_THE_END.words();
            case FRESH_BURR -> freshBurr ? StepWords.HABIT_FRESH_BURR.words() : StepWords.HABIT_UNBROKEN_BURR.words();
            case STROKE -> direction(then(), false);
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
