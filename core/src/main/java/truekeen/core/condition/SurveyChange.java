package truekeen.core.condition;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import truekeen.core.table.Prior;

/**
 * What became of a finding between two looks at an edge.
 *
 * @param kind what became of it
 * @param was as it was, where it was there
 * @param is as it is, where it is still there
 */
public record SurveyChange(Kind kind, Optional<Finding> was, Optional<Finding> is) {
    /** Depths closer than this are the same (mm). Source: workshop prior. */
    private static final double SAME_MM = Prior.SURVEY_SAME_MM.value();

    /** What can become of a finding. */
    public enum Kind {
        NEW,
        DEEPER,
        SAME,
        SHALLOWER,
        GONE
    }

    /**
     * Compares two looks. A finding is the same one where it is of the same kind and lies over the same place; each is
     * taken once, the nearest first.
     *
     * @param shiftMm how far the edge has been moved back in between (mm): what went with it is less deep now
     * @return new ones first, gone ones last
     */
    public static List<SurveyChange> between(List<Finding> before, List<Finding> now, double shiftMm) {
        List<Finding> left = new ArrayList<>(before);
        List<SurveyChange> all = new ArrayList<>();
        for (Finding f : now) {
            Optional<Finding> same = left.stream()
                    .filter(b -> b.kind() == f.kind() && b.fromMm() <= f.toMm() && f.fromMm() <= b.toMm())
                    .min(Comparator.comparingDouble(b -> Math.abs(middle(b) - middle(f))));
            same.ifPresent(left::remove);
            all.add(new SurveyChange(same.map(b -> depth(b, f, shiftMm)).orElse(Kind.NEW), same, Optional.of(f)));
        }
        left.forEach(b -> all.add(new SurveyChange(Kind.GONE, Optional.of(b), Optional.empty())));
        all.sort(Comparator.comparing(SurveyChange::kind));
        return all;
    }

    private static Kind depth(Finding was, Finding is, double shiftMm) {
        if (!is.kind().measured()) {
            return Kind.SAME;
        }
        double expected = Math.max(0, was.depthMm() - (is.kind().pit() ? 0 : shiftMm));
        double more = is.depthMm() - expected;
        return more > SAME_MM ? Kind.DEEPER : more < -SAME_MM ? Kind.SHALLOWER : Kind.SAME;
    }

    private static double middle(Finding f) {
        return (f.fromMm() + f.toMm()) / 2;
    }
}
