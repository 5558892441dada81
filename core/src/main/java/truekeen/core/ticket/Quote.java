package truekeen.core.ticket;

import java.util.List;
import java.util.Optional;
import truekeen.core.condition.Finding;

/**
 * What one thing costs, line by line.
 *
 * @param lines never empty: the sharpening itself comes first
 * @param beforeSurvey whether it was not surveyed yet, so that damage may come on top
 */
public record Quote(List<Line> lines, boolean beforeSurvey) {
    /** What a line is for. */
    public enum For {
        SHARPENING,
        DAMAGE,
        STEEL_TO_GO
    }

    /**
     * One line.
     *
     * @param damage kind of damage, where it is for that
     */
    public record Line(For what, Optional<Finding.Kind> damage, Price price) {}

    /** Keeps the lines from changing. */
    public Quote {
        lines = List.copyOf(lines);
    }

    /** All lines together. */
    public Price total() {
        return lines.stream().map(Line::price).reduce(Price.NOTHING, Price::plus);
    }
}
