package truekeen.app.rehearsal;

import jakarta.annotation.Nullable;
import java.util.List;
import truekeen.core.rehearsal.Frame;

/** What a rehearsal takes and shows. */
public final class RehearsalRecords {
    private RehearsalRecords() {}

    /**
     * What is tried otherwise than planned; empty for as planned.
     *
     * @param skipped indexes of steps that are left out
     * @param steeper by how many degrees the stones are laid steeper, as typed
     * @param stropping how many times as many strokes on the strop, as typed
     * @param shakier how many times as shaky a hand, as typed
     */
    public record RehearsalForm(
            List<Integer> skipped, @Nullable String steeper, @Nullable String stropping, @Nullable String shakier) {}

    /** A step of the plan: whether strokes are made in it, so that it can be left out. */
    public record RehearsedStep(int step, String title, int strokes) {}

    /**
     * The edge at a moment.
     *
     * @param step index of the step; -1 before the first
     * @param more whether these are strokes that a gate asked for
     * @param burrUm longest burr (µm)
     * @param backUm how far back the edge lies, station by station (µm)
     * @param index keenness index, station by station; lower is keener
     * @param lit share of the edge on which a lamp shows a line of light
     * @param felt share of the edge on which a nail finds a burr
     * @param section the section at the worst place near the apex (µm), as x, y, x, y
     */
    public record FrameView(
            int step,
            int strokes,
            boolean more,
            double meanIndex,
            double worstIndex,
            double burrUm,
            List<Double> backUm,
            List<Double> index,
            double lit,
            double felt,
            List<Double> section) {}

    /**
     * One run.
     *
     * @param outcome what comes of it
     * @param words that in words, and how often it does with other hands
     * @param advice what to try where it does not come out keen; empty where it does
     * @param held where a gate said no
     */
    public record RehearsedRun(
            List<FrameView> frames, Frame.Outcome outcome, String words, String advice, List<String> held) {}

    /**
     * A rehearsal.
     *
     * @param edgeMm length of the edge (mm)
     * @param target keenness index that is wanted
     * @param hand how steady the hand is taken to be, in words
     * @param planned by the sheet
     * @param otherwise as was asked; null where nothing was
     */
    public record RehearsalView(
            double edgeMm,
            double target,
            String hand,
            List<RehearsedStep> steps,
            RehearsedRun planned,
            @Nullable RehearsedRun otherwise) {}
}
