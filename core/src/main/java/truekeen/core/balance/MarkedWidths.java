package truekeen.core.balance;

import java.util.List;
import java.util.stream.IntStream;
import truekeen.core.quantity.Length;
import truekeen.core.table.Prior;

/**
 * What the edges of a turning blade lost, by its width at marks before and after. A bevel that is moved back with its land
 * keeps its form, so that each millimetre of width is a millimetre of full thickness. Source: derived here.
 *
 * @param lossMm loss of width by place, the mean over its marks (mm)
 * @param volumeMm3 steel that went, by place (mm³)
 */
public record MarkedWidths(List<Double> lossMm, List<Double> volumeMm3) {
    /** Loss by which two ends may differ before the lesser is brought up (mm). Prior: what calliper and hand repeat. */
    public static final double ALIKE_WITHIN_MM = Prior.MARKED_WIDTHS_ALIKE_WITHIN_MM.value();

    /** Keeps the lists from changing. */
    public MarkedWidths {
        lossMm = List.copyOf(lossMm);
        volumeMm3 = List.copyOf(volumeMm3);
    }

    /**
     * From the widths.
     *
     * @param beforeMm by place, then by mark, evenly spread along the edge from end to end (mm)
     * @param afterMm the same afterwards
     * @param edge length of the cutting edge of one place
     * @param thickness of the blade
     */
    public static MarkedWidths of(
            List<List<Double>> beforeMm, List<List<Double>> afterMm, Length edge, Length thickness) {
        if (beforeMm.size() != afterMm.size()) {
            throw new IllegalArgumentException("places differ: " + beforeMm.size() + " and " + afterMm.size());
        }
        List<Double> loss = IntStream.range(0, beforeMm.size())
                .mapToObj(i -> alongEdge(beforeMm.get(i), afterMm.get(i)))
                .toList();
        return new MarkedWidths(
                loss, loss.stream().map(l -> l * edge.mm() * thickness.mm()).toList());
    }

    /** Mean loss along the edge between evenly spread marks, by the trapezoid rule; of one mark, what it says (mm). */
    private static double alongEdge(List<Double> before, List<Double> after) {
        int n = before.size();
        if (n != after.size() || n == 0) {
            throw new IllegalArgumentException("marks differ: " + n + " and " + after.size());
        }
        if (n == 1) {
            return before.get(0) - after.get(0);
        }
        double sum = 0;
        for (int i = 0; i < n; i++) {
            sum += (before.get(i) - after.get(i)) * (i == 0 || i == n - 1 ? 0.5 : 1);
        }
        return sum / (n - 1);
    }

    /** Mass of all that went (g). */
    public double massG() {
        return volumeMm3.stream().mapToDouble(v -> v).sum() * RotaryBlade.STEEL_G_PER_MM3;
    }

    /** Loss of width of all places together, the mean (mm). */
    public double meanLossMm() {
        return lossMm.stream().mapToDouble(l -> l).average().orElse(0);
    }

    /** How far the places differ: greatest loss less the least (mm). */
    public double apartMm() {
        return lossMm.stream().mapToDouble(l -> l).max().orElse(0)
                - lossMm.stream().mapToDouble(l -> l).min().orElse(0);
    }

    /** Whether all lost alike. */
    public boolean alike() {
        return apartMm() <= ALIKE_WITHIN_MM + 1e-9;
    }

    /** The place that lost least, from 0. */
    public int least() {
        return IntStream.range(0, lossMm.size())
                .boxed()
                .min(java.util.Comparator.comparingDouble(lossMm::get))
                .orElse(0);
    }
}
