package truekeen.core.condition;

import java.util.List;
import java.util.TreeSet;

/**
 * The edge line, place by place: where steel is missing, where the edge is out of square, and where the new edge must
 * lie to clear all of it. Source: derived here.
 */
final class EdgeLine {
    private static final double STEP_MM = 1;

    private final EdgeSurvey survey;
    private final double length;
    private final double worn;

    /**
     * The line of an edge.
     *
     * @param length of all edges together (mm)
     * @param worn recession to fresh steel all along (mm)
     */
    EdgeLine(EdgeSurvey survey, double length, double worn) {
        this.survey = survey;
        this.length = length;
        this.worn = worn;
    }

    /** The new edge: the least line that clears present edge, wear, and every finding not left on purpose (mm). */
    double newEdge() {
        double least = 0;
        for (double x : stations()) {
            double here = tilt(x);
            least = Math.max(least, here + worn);
            for (Finding f : survey.findings()) {
                if (!f.leave() && x >= f.fromMm() && x <= f.toMm()) {
                    least = Math.max(least, here + f.missingAt(x, length));
                    if (f.kind() == Finding.Kind.BRIGHT) {
                        least = Math.max(least, here + Dullness.LIGHT_VISIBLE.recessionMm());
                    }
                }
            }
        }
        return least;
    }

    /**
     * Where the edge is looked at: at every place where something begins, ends or turns, and every millimetre between
     * where the recession varies. Elsewhere it is the same all along, and both ends say all.
     */
    TreeSet<Double> stations() {
        TreeSet<Double> turns = new TreeSet<>(List.of(0.0, length));
        for (Finding f : survey.findings()) {
            turns.add(Math.max(0, f.fromMm()));
            turns.add((f.fromMm() + f.toMm()) / 2);
            turns.add(Math.min(length, f.toMm()));
        }
        boolean slants = tilt(0) != tilt(length);
        TreeSet<Double> at = new TreeSet<>(turns);
        for (double from : turns) {
            Double to = turns.higher(from);
            if (to != null && (slants || missing((from + to) / 2) > 0)) {
                int steps = (int) Math.ceil((to - from) / STEP_MM);
                for (int i = 1; i < steps; i++) {
                    at.add(from + (to - from) * i / steps);
                }
            }
        }
        return at;
    }

    /** How far the edge lies behind its high corner at a place, where it is to be squared (mm). */
    double tilt(double x) {
        return survey.square().mend() ? survey.square().behindAt(x, length) : 0;
    }

    /** How far the edge lies back at a place because steel is missing (mm). */
    double missing(double x) {
        return survey.findings().stream()
                .mapToDouble(f -> f.missingAt(x, length))
                .max()
                .orElse(0);
    }
}
