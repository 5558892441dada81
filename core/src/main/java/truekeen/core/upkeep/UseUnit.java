package truekeen.core.upkeep;

import java.util.List;
import truekeen.core.table.Prior;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;

/** In what the work of an edge is counted. What a day brings is a workshop prior, until the tool's own log knows. */
public enum UseUnit {
    /** Shavings pared or planed by hand. */
    SHAVINGS(UpkeepWords.SHAVINGS, Prior.USE_SHAVINGS_A_DAY, 20, 100),
    /** Metres of wood planed or shaved. */
    METRES(UpkeepWords.METRES, Prior.USE_METRES_A_DAY, 10, 50),
    /** Meals prepared. */
    MEALS(UpkeepWords.MEALS, Prior.USE_MEALS_A_DAY, 1, 7),
    /** Cuts through whatever it is for. */
    CUTS(UpkeepWords.CUTS, Prior.USE_CUTS_A_DAY, 10, 50),
    /** Hours of work. */
    HOURS(UpkeepWords.HOURS, Prior.USE_HOURS_A_DAY, 0.5, 2);

    private final UpkeepWords words;
    private final Prior perDay;
    private final List<Double> touches;

    UseUnit(UpkeepWords words, Prior perDay, double... touches) {
        this.words = words;
        this.perDay = perDay;
        this.touches = List.of(touches[0], touches[1]);
    }

    /** The unit in words, for many. */
    public String words() {
        return words.words();
    }

    /** What a day of work usually brings, in this unit; an estimate. */
    public double perDay() {
        return perDay.value();
    }

    /** What is put down by one touch: a little and much. */
    public List<Double> touches() {
        return touches;
    }

    /** The unit of a tool's work. */
    public static UseUnit of(ToolUse use) {
        GeometryKind kind = use.geometry();
        if (kind.powered()) {
            return HOURS;
        }
        if (use.food()) {
            return MEALS;
        }
        return switch (kind) {
            case PLANE_IRON_DOWN, PLANE_IRON_UP, SQUARE_IRON_DOWN, SQUARE_IRON_UP, DRAWKNIFE -> METRES;
            case CHISEL, SKEW_CHISEL -> SHAVINGS;
            case CONVEX_BLADE, SHEAR_BLADE -> HOURS;
            default -> CUTS;
        };
    }
}
