package truekeen.core.rehearsal;

import java.util.List;
import truekeen.core.table.Prior;

/**
 * The edge at a moment of a rehearsal.
 *
 * @param step index of the step; -1 before the first
 * @param strokes strokes of it that were made
 * @param more whether these are strokes that a gate asked for
 * @param meanIndex keenness index along the edge; lower is keener
 * @param worstIndex at its worst place
 * @param backMm how far back the edge lies from where it was when it was last sharp, station by station (mm)
 * @param index keenness index, station by station
 * @param burrUm length of the burr, station by station (µm)
 * @param bare share of the edge at which ink put on before this step is gone to the very edge, on every side it works
 * @param hangs whether something hangs on anywhere that would fold in use
 * @param section corners of the section looked at, from the heel below round the apex (mm), as x, y, x, y
 */
public record Frame(
        int step,
        int strokes,
        boolean more,
        double meanIndex,
        double worstIndex,
        List<Double> backMm,
        List<Double> index,
        List<Double> burrUm,
        double bare,
        boolean hangs,
        List<Double> section) {
    /** Keenness index from which an edge throws light back. */
    private static final double LIT_INDEX = Prior.LIT_INDEX.value();

    /** How much worse than the mean the worst place may be. */
    private static final double WORST = Prior.JUDGE_WIDEST_SPREAD.value();

    /** Keeps the lists from changing. */
    public Frame {
        backMm = List.copyOf(backMm);
        index = List.copyOf(index);
        burrUm = List.copyOf(burrUm);
        section = List.copyOf(section);
    }

    /** What it makes of a sheet of printer paper, drawn through from heel to tip. */
    public enum Paper {
        CLEAN,
        /** It catches somewhere on the way. */
        SNAGS,
        TEARS
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
        if (worstIndex > WORST * meanIndex && worstIndex > target) {
            return Outcome.UNEVEN;
        }
        return hangs ? Outcome.BURR_LEFT : Outcome.KEEN;
    }

    /** The longest burr along the edge (µm). */
    public double longestBurrUm() {
        return burrUm.stream().mapToDouble(b -> b).max().orElse(0);
    }

    /** Share of the edge on which a lamp shows a line of light. */
    public double lit() {
        return (double) index.stream().filter(i -> i > LIT_INDEX).count() / index.size();
    }

    /** Share of the edge on which a nail finds a burr. */
    public double felt() {
        return (double) burrUm.stream()
                        .filter(b -> b > Prior.BURR_FELT_UM.value())
                        .count()
                / burrUm.size();
    }

    /** What it makes of a sheet of printer paper. */
    public Paper paper() {
        if (meanIndex > Prior.PAPER_CUT_INDEX.value()) {
            return Paper.TEARS;
        }
        return worstIndex > Prior.PAPER_CLEAN_INDEX.value() ? Paper.SNAGS : Paper.CLEAN;
    }

    /** Where the edge is worst, as a share of its length. */
    public double worstShare() {
        return (worstStation() + 0.5) / index.size();
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
