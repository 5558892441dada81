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
     * @param burrUm longest burr (µm)
     * @param backUm how far back the edge lies, station by station (µm)
     * @param index keenness index, station by station; lower is keener
     * @param section the section at the worst place near the apex (µm), as x, y, x, y
     */
    public record FrameView(
            int step,
            int strokes,
            double meanIndex,
            double worstIndex,
            double burrUm,
            List<Double> backUm,
            List<Double> index,
            List<Double> section) {}

    /** One run: its frames, what comes of it, and that in words. */
    public record RehearsedRun(List<FrameView> frames, Frame.Outcome outcome, String words) {}

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
