package truekeen.app.board;

import java.util.List;
import java.util.UUID;
import truekeen.app.bench.BenchRecords.BenchTimeView;
import truekeen.app.survey.SurveyRecords.FindingView;
import truekeen.app.survey.SurveyRecords.StationView;
import truekeen.app.tool.ToolRecords.LayoutView;

/** What stands on the bench board. */
public final class BoardRecords {
    private BoardRecords() {}

    /**
     * A stage of the work.
     *
     * @param state done, here, waiting or skipped
     * @param word one word on how it stands
     */
    public record StageView(String name, String path, String state, String word) {}

    /** The next act: its wording and where it is done. */
    public record NextView(String act, String path) {}

    /**
     * A tool on its way through the work.
     *
     * @param nextCheck day it is looked at again (ISO); empty where none was set
     * @param due whether that day has come
     * @param findings what the survey of this round found; empty in a list of tools
     * @param stations the edge as surveyed, place by place; empty in a list of tools
     */
    public record ToolStages(
            UUID toolId,
            String name,
            String crew,
            String kind,
            String wantedBy,
            LayoutView layout,
            List<StageView> stages,
            NextView next,
            String standing,
            boolean atBench,
            boolean ready,
            String nextCheck,
            boolean due,
            List<FindingView> findings,
            List<StationView> stations) {}

    /** Something that soaks: its name and the seconds left. */
    public record SoakView(String name, double secondsLeft) {}

    /**
     * The board.
     *
     * @param times what dries and cures, and when it is over
     */
    public record BoardView(String today, List<ToolStages> tools, List<SoakView> soaking, List<BenchTimeView> times) {}
}
