package truekeen.core.rehearsal;

import java.util.List;

/**
 * The edge at a moment of a rehearsal.
 *
 * @param step index of the step; -1 before the first
 * @param strokes strokes of it that were made
 * @param meanIndex keenness index along the edge; lower is keener
 * @param worstIndex at its worst place
 * @param burrUm longest burr (µm)
 * @param backMm how far back the edge lies from where it was when it was last sharp, station by station (mm)
 * @param index keenness index, station by station
 * @param section corners of the section looked at, from the heel below round the apex (mm), as x, y, x, y
 */
public record Frame(
        int step,
        int strokes,
        double meanIndex,
        double worstIndex,
        double burrUm,
        List<Double> backMm,
        List<Double> index,
        List<Double> section) {
    /** Burr that is not felt any more (µm). */
    private static final double BURR_GONE_UM = 1;

    /** How much worse than the mean the worst place may be. */
    private static final double WORST = 1.25;

    /** Keeps the lists from changing. */
    public Frame {
        backMm = List.copyOf(backMm);
        index = List.copyOf(index);
        section = List.copyOf(section);
    }

    /** What an edge wants before it is keen. */
    public enum Outcome {
        KEEN,
        BURR_LEFT,
        UNEVEN,
        DULL
    }

    /**
     * Whether the edge is keen by now.
     *
     * @param target keenness index that is wanted
     */
    public Outcome outcome(double target) {
        if (meanIndex > target) {
            return Outcome.DULL;
        }
        if (worstIndex > WORST * meanIndex) {
            return Outcome.UNEVEN;
        }
        return burrUm > BURR_GONE_UM ? Outcome.BURR_LEFT : Outcome.KEEN;
    }

    /** Station that is worst. */
    public int worstStation() {
        int worst = 0;
        for (int i = 1; i < index.size(); i++) {
            worst = index.get(i) > index.get(worst) ? i : worst;
        }
        return worst;
    }
}
