package truekeen.app.board;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import truekeen.app.bench.BenchRecords.BenchTimeView;
import truekeen.app.survey.SurveyRecords.FindingView;
import truekeen.app.survey.SurveyRecords.StationView;
import truekeen.app.tool.ToolRecords.LayoutView;
import truekeen.core.condition.Finding;
import truekeen.core.tool.GeometryKind;

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
     * @param family what its outline looks like; null on a row that was not worked out yet
     * @param steel what it is made of
     * @param marks what the survey of this round found along its edge
     * @param urgency how soon somebody must see to it
     * @param pinned whether it hangs at the top of the rack
     * @param touchedAt when something was last done with it; null where that is not known
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
            boolean due,
            @Nullable GeometryKind family,
            String steel,
            List<MarkView> marks,
            Urgency urgency,
            boolean pinned,
            @Nullable Instant touchedAt) {}

    /**
     * Something found along an edge, to be drawn small.
     *
     * @param fromMm where it starts (mm)
     * @param toMm where it ends (mm)
     * @param depthMm how deep it is (mm); 0 where it is only seen
     */
    public record MarkView(Finding.Kind kind, String words, double fromMm, double toMm, double depthMm) {}

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
     * Tools that are as urgent as each other.
     *
     * @param name what they are called together
     * @param tools the first of them, as many as one screen holds
     * @param more how many more there are
     */
    public record UrgencyView(Urgency urgency, String name, List<BoardLine> tools, int more) {}

    /**
     * A tool by its name, to be opened.
     */
    public record ToolLink(UUID toolId, String name) {}

    /**
     * What is to be done now.
     *
     * @param today this day
     * @param groups what presses, the most urgent first
     * @param all how many tools are in use
     * @param pinned tools that hang at the top of the rack
     * @param recent tools that were worked on last
     * @param times what dries and cures, and when it is over
     */
    public record BoardView(
            LocalDate today,
            List<UrgencyView> groups,
            int all,
            List<ToolLink> pinned,
            List<ToolLink> recent,
            List<SoakView> soaking,
            List<BenchTimeView> times) {}

    /**
     * The rack: every tool.
     *
     * @param today this day
     * @param tools those in use and those that were retired
     * @param deleted those that were deleted and can be brought back
     */
    public record RackView(LocalDate today, List<BoardLine> tools, List<DeletedView> deleted) {}

    /**
     * A tool that was deleted.
     *
     * @param until when it is gone for good
     */
    public record DeletedView(UUID toolId, String name, Instant deletedAt, Instant until) {}

    /** The owner that tools go to. */
    public record HandOverForm(String to) {}

    /** Whether a tool is to hang at the top of the rack. */
    public record PinForm(boolean pinned) {}

    /**
     * What goes with a tool when it is deleted.
     *
     * @param refused why it cannot be deleted now; empty where it can
     * @param parts what there is of it, in words: "3 surveys"
     */
    public record BelongingsView(String refused, List<String> parts) {}
}
