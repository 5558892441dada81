package truekeen.app.board;

import jakarta.annotation.Nullable;
import java.time.LocalDate;
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
     * @param name what it is called
     * @param path where it is done
     * @param word one word on how it stands
     */
    public record StageView(Stage stage, String name, String path, StageState state, String word) {}

    /**
     * The next act.
     *
     * @param words it in words
     * @param path where it is done
     */
    public record NextView(NextAct act, String words, String path) {}

    /**
     * A tool on the board.
     *
     * @param crew whose it is
     * @param kind what it is
     * @param wantedBy day it is wanted back; null where none was promised
     * @param layout how its edges lie; null where its record cannot be read any more
     * @param standingWords where it stands, in words
     * @param ready whether it went back to work
     * @param nextCheck day it is looked at again; null where none was set
     * @param due whether that day has come
     */
    public record BoardLine(
            UUID toolId,
            String name,
            String crew,
            String kind,
            @Nullable LocalDate wantedBy,
            @Nullable LayoutView layout,
            NextView next,
            Standing standing,
            String standingWords,
            boolean atBench,
            boolean ready,
            @Nullable LocalDate nextCheck,
            boolean due) {}

    /**
     * A tool on its way through the work.
     *
     * @param line it as it stands on the board
     * @param layout how its edges lie
     * @param stages the line of stages
     * @param findings what the survey of this round found
     * @param stations the edge as surveyed, place by place
     */
    public record ToolStages(
            UUID toolId,
            String name,
            String crew,
            String kind,
            @Nullable LocalDate wantedBy,
            LayoutView layout,
            List<StageView> stages,
            NextView next,
            Standing standing,
            String standingWords,
            boolean atBench,
            boolean ready,
            @Nullable LocalDate nextCheck,
            boolean due,
            List<FindingView> findings,
            List<StationView> stations) {}

    /** Something that soaks: its name and the seconds left. */
    public record SoakView(String name, double secondsLeft) {}

    /**
     * The board.
     *
     * @param today this day
     * @param times what dries and cures, and when it is over
     */
    public record BoardView(
            LocalDate today, List<BoardLine> tools, List<SoakView> soaking, List<BenchTimeView> times) {}
}
