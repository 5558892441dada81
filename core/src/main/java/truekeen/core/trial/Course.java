package truekeen.core.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * How the edges of a way dulled, checkpoint by checkpoint.
 *
 * @param points rising in use
 */
public record Course(List<AtCheckpoint> points) {
    /** Keeps the points from changing. */
    public Course {
        points = List.copyOf(points);
    }

    /**
     * The edges of a way at a checkpoint, each as its force over that of its fresh edge.
     *
     * @param use the checkpoint
     * @param mean of the edges that were read there
     * @param low the keenest of them
     * @param high the dullest
     * @param edges how many were
     */
    public record AtCheckpoint(double use, double mean, double low, double high, int edges) {}

    /** The course of some edges; those without a fresh reading are left out. */
    public static Course of(List<TrialEdge> edges) {
        TreeSet<Double> uses = new TreeSet<>();
        edges.forEach(e -> uses.addAll(e.dulling().keySet()));
        List<AtCheckpoint> points = new ArrayList<>();
        for (double use : uses) {
            double[] there = edges.stream()
                    .map(TrialEdge::dulling)
                    .filter(d -> d.containsKey(use))
                    .mapToDouble(d -> d.get(use))
                    .sorted()
                    .toArray();
            points.add(new AtCheckpoint(use, Comparison.mean(there), there[0], there[there.length - 1], there.length));
        }
        return new Course(points);
    }
}
