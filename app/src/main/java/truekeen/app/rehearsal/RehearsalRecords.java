package truekeen.app.rehearsal;

import jakarta.annotation.Nullable;
import java.util.List;
import truekeen.core.rehearsal.Frame;

/** What a rehearsal takes and shows. */
public final class RehearsalRecords {
    private RehearsalRecords() {}

    /**
     * What is taken instead of an abrasive.
     *
     * @param planned id of what the sheet names
     * @param instead id of what is taken
     */
    public record InsteadForm(String planned, String instead) {}

    /**
     * What is tried otherwise than planned; empty for as planned.
     *
     * @param skipped indexes of steps that are left out
     * @param earlier indexes of steps that are made before the worked step that comes before them
     * @param stones what is taken instead of stones and strops
     * @param steeper by how many degrees the stones are laid steeper, as typed
     * @param pressing how many times as hard the stones are pressed, as typed
     * @param stropping how many times as many strokes on the strop, as typed
     * @param shakier how many times as shaky a hand, as typed
     */
    public record RehearsalForm(
            List<Integer> skipped,
            @Nullable List<Integer> earlier,
            @Nullable List<InsteadForm> stones,
            @Nullable String steeper,
            @Nullable String pressing,
            @Nullable String stropping,
            @Nullable String shakier) {}

    /**
     * A step of the plan.
     *
     * @param strokes strokes in all; 0 where none are made, so that it cannot be left out
     * @param abrasive id of what it is done on; empty where strokes take no steel
     */
    public record RehearsedStep(int step, String title, int strokes, String abrasive, String abrasiveName) {}

    /** A stone or strop that could be taken. */
    public record RehearsedStone(String id, String name) {}

    /**
     * The edge at a moment.
     *
     * @param step index of the step; -1 before the first
     * @param more whether these are strokes that a gate asked for
     * @param burrUm longest burr (µm)
     * @param backUm how far back the edge lies, station by station (µm)
     * @param index keenness index, station by station; lower is keener
     * @param bare share of the edge at which ink from before this step is gone to the very edge
     * @param lit share of the edge on which a lamp shows a line of light
     * @param felt share of the edge on which a nail finds a burr
     * @param paper what it makes of a sheet of printer paper
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
            double bare,
            double lit,
            double felt,
            Frame.Paper paper,
            List<Double> section) {}

    /**
     * One run.
     *
     * @param outcome what comes of it
     * @param strokes strokes made in all
     * @param words that in words, and how often it does with other hands
     * @param advice what to try where it does not come out keen; empty where it does
     * @param held where a gate said no
     */
    public record RehearsedRun(
            List<FrameView> frames,
            Frame.Outcome outcome,
            int strokes,
            String words,
            String advice,
            List<String> held) {}

    /**
     * A rehearsal.
     *
     * @param edgeMm length of the edge (mm)
     * @param target keenness index that is wanted
     * @param hand how steady the hand is taken to be, in words
     * @param shelf what could be taken instead
     * @param planned by the sheet
     * @param otherwise as was asked; null where nothing was
     */
    public record RehearsalView(
            double edgeMm,
            double target,
            String hand,
            List<RehearsedStep> steps,
            List<RehearsedStone> shelf,
            RehearsedRun planned,
            @Nullable RehearsedRun otherwise) {}
}
