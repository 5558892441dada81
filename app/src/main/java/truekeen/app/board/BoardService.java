package truekeen.app.board;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.bench.TimerService;
import truekeen.app.board.BoardRecords.BoardLine;
import truekeen.app.board.BoardRecords.BoardView;
import truekeen.app.board.BoardRecords.MarkView;
import truekeen.app.board.BoardRecords.NextView;
import truekeen.app.board.BoardRecords.RackView;
import truekeen.app.board.BoardRecords.SoakView;
import truekeen.app.board.BoardRecords.StageView;
import truekeen.app.board.BoardRecords.ToolLink;
import truekeen.app.board.BoardRecords.ToolStages;
import truekeen.app.board.BoardRecords.UrgencyView;
import truekeen.app.kit.KitService;
import truekeen.app.machine.HoursService;
import truekeen.app.platform.BenchClock;
import truekeen.app.store.Stored;
import truekeen.app.survey.SurveyService;
import truekeen.app.survey.SurveyViews;
import truekeen.app.tool.ToolRecords.LayoutView;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.RackedTool;
import truekeen.core.condition.Finding;
import truekeen.core.tool.EdgeLayout;

/** Shows where each tool stands in the order of the work, and what comes next. */
@Service
@Transactional(readOnly = true)
public class BoardService {
    /** Lines of the board that one screen of a tablet holds. */
    private static final int ONE_SCREEN = 6;

    /** Tools that are offered as those worked on last. */
    private static final int RECENT = 3;

    /** By the day it is wanted or due, and then by name. */
    private static final Comparator<BoardLine> SOONEST = Comparator.comparing(
                    (BoardLine line) -> line.ready() ? line.nextCheck() : line.wantedBy(),
                    Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(BoardLine::name);

    private final StandingRow.Rows rows;
    private final RackService rack;
    private final Standings standings;
    private final ToolService tools;
    private final SurveyService surveys;
    private final TimerService timers;
    private final HoursService hours;
    private final KitService kit;
    private final BenchClock clock;

    BoardService(
            StandingRow.Rows rows,
            RackService rack,
            Standings standings,
            ToolService tools,
            SurveyService surveys,
            TimerService timers,
            HoursService hours,
            KitService kit,
            BenchClock clock) {
        this.rows = rows;
        this.rack = rack;
        this.standings = standings;
        this.tools = tools;
        this.surveys = surveys;
        this.timers = timers;
        this.hours = hours;
        this.kit = kit;
        this.clock = clock;
    }

    /** What is to be done now: as many tools as one screen holds, the most urgent first, and what soaks and dries. */
    public BoardView board() {
        return new BoardView(
                clock.today(),
                pressing(lines(rows.pressing(clock.today()))),
                rows.countByRetiredFalse(),
                links(rows.findByPinnedTrueAndRetiredFalseOrderByName()),
                links(rows.findByRetiredFalseAndTouchedAtNotNullOrderByTouchedAtDesc(Limit.of(RECENT))),
                kit.soaking().stream()
                        .map(s -> new SoakView(s.name(), s.secondsLeft()))
                        .toList(),
                timers.running());
    }

    private static List<ToolLink> links(List<StandingRow> tools) {
        return tools.stream().map(row -> new ToolLink(row.toolId, row.name)).toList();
    }

    private static List<UrgencyView> pressing(List<BoardLine> all) {
        List<UrgencyView> groups = new ArrayList<>();
        int room = ONE_SCREEN;
        for (Urgency urgency : Urgency.values()) {
            List<BoardLine> these = all.stream()
                    .filter(line -> line.urgency() == urgency)
                    .sorted(SOONEST)
                    .toList();
            if (urgency.presses() && !these.isEmpty()) {
                List<BoardLine> shown = these.subList(0, Math.min(room, these.size()));
                room -= shown.size();
                groups.add(new UrgencyView(urgency, urgency.words(), shown, these.size() - shown.size()));
            }
        }
        return groups;
    }

    /**
     * A tool that wants work.
     *
     * @param late whether it was promised for a day that is past
     * @param atBenchNext whether its next act is at the bench, so that its steps are known
     * @param next what comes next, in words
     * @param path where that is done
     */
    public record OpenWork(
            UUID tool,
            String name,
            String owner,
            Optional<LocalDate> wantedBy,
            boolean late,
            boolean atBenchNext,
            String next,
            String path) {}

    /** All that wants work, by when it is wanted. */
    public List<OpenWork> openWork() {
        return lines(rows.pressing(clock.today())).stream()
                .filter(line -> !line.ready())
                .sorted(SOONEST)
                .map(line -> new OpenWork(
                        line.toolId(),
                        line.name(),
                        line.crew(),
                        Optional.ofNullable(line.wantedBy()),
                        line.wantedBy() != null && line.wantedBy().isBefore(clock.today()),
                        line.next().act().atBench(),
                        line.next().words(),
                        line.next().path()))
                .toList();
    }

    /**
     * Where the work on a tool stands.
     *
     * @param kind what it is
     * @param rejected whether it may not be worked
     * @param begun whether something was begun that is not finished
     * @param next what comes next, in words
     * @param path where that is done
     */
    public record WorkedTool(
            UUID tool,
            String name,
            String kind,
            Optional<LocalDate> wantedBy,
            boolean rejected,
            boolean begun,
            String next,
            String path) {}

    /** Where the work on several tools stands; none for one that was deleted. */
    public Map<UUID, WorkedTool> worked(Collection<UUID> ids) {
        return rows.findAllById(ids).stream().collect(Collectors.toMap(r -> r.toolId, r -> {
            NextView next = next(r.toolId, r.next, Optional.ofNullable(r.sessionId));
            return new WorkedTool(
                    r.toolId,
                    r.name,
                    r.kind,
                    Optional.ofNullable(r.wantedBy),
                    r.standing == Standing.REJECTED,
                    r.standing.begun(),
                    next.words(),
                    next.path());
        }));
    }

    /**
     * A tool with a day.
     *
     * @param promised whether it was promised for that day; else it is looked at again then
     */
    public record DatedWork(UUID tool, String name, String owner, LocalDate day, boolean promised) {}

    /** All that was promised for a day or is looked at again on one. */
    public List<DatedWork> datedWork() {
        return lines(rows.inOrder()).stream()
                .filter(line -> line.urgency().here())
                .filter(line -> (line.ready() ? line.nextCheck() : line.wantedBy()) != null)
                .sorted(SOONEST)
                .map(line -> new DatedWork(
                        line.toolId(),
                        line.name(),
                        line.crew(),
                        line.ready() ? line.nextCheck() : line.wantedBy(),
                        !line.ready()))
                .toList();
    }

    /** Every tool: in use, retired, deleted. */
    public RackView rack() {
        return new RackView(clock.today(), lines(rows.inOrder()), rack.deleted());
    }

    private List<BoardLine> lines(List<StandingRow> all) {
        Map<UUID, LocalDate> byHours = hours.due(all.stream()
                .filter(r -> r.powered && r.ready)
                .map(r -> r.toolId)
                .collect(Collectors.toSet()));
        return all.stream()
                .map(r ->
                        line(r, Optional.ofNullable(byHours.get(r.toolId)).or(() -> Optional.ofNullable(r.nextCheck))))
                .toList();
    }

    private BoardLine line(StandingRow r, Optional<LocalDate> nextCheck) {
        return new BoardLine(
                r.toolId,
                r.name,
                r.owner,
                r.kind,
                r.wantedBy,
                StoredLayout.FORMAT.read(r.layout).value().map(LayoutView::of).orElse(null),
                next(r.toolId, r.next, Optional.ofNullable(r.sessionId)),
                r.standing,
                r.standing.words(),
                r.sessionId != null,
                r.ready,
                nextCheck.orElse(null),
                nextCheck.filter(day -> !later(day)).isPresent(),
                r.family,
                r.steel,
                r.marks == null
                        ? List.of()
                        : StoredMarks.FORMAT.read(r.marks).orElse(List.of()).stream()
                                .map(BoardService::mark)
                                .toList(),
                Urgency.of(r, Optional.ofNullable(r.wantedBy), nextCheck, clock.today()),
                r.pinned,
                r.touchedAt);
    }

    private static MarkView mark(Finding f) {
        return new MarkView(f.kind(), f.kind().words(), f.fromMm(), f.toMm(), f.depthMm());
    }

    /** Where one tool stands. */
    public ToolStages stages(UUID toolId) {
        RackedTool tool = tools.racked(toolId);
        EdgeLayout layout = tool.layout().orElseThrow(() -> Stored.olderRecord("tool"));
        ToolStanding s = standings.of(tool);
        // Hours that were run since say more than the day that was set when it went back.
        Optional<LocalDate> nextCheck = s.rested() ? hours.dueDay(toolId).or(s::nextCheck) : Optional.empty();
        SurveyService.EdgeSeen edge = s.surveyed() ? surveys.edge(toolId) : SurveyService.EdgeSeen.NOTHING;
        return new ToolStages(
                toolId,
                tool.name(),
                tool.owner(),
                tool.kind(),
                tool.wantedBy().orElse(null),
                LayoutView.of(layout),
                s.stages(nextCheck.filter(this::later).isPresent()).stream()
                        .map(x -> new StageView(
                                x.stage(),
                                x.stage().words(),
                                address(toolId, x.stage().path()),
                                x.state(),
                                x.word().words()))
                        .toList(),
                next(toolId, s.next(), s.openSession()),
                s.standing(),
                s.standing().words(),
                s.openSession().isPresent(),
                s.rested(),
                nextCheck.orElse(null),
                nextCheck.filter(day -> !later(day)).isPresent(),
                SurveyViews.findings(edge.findings()),
                SurveyViews.stations(edge.stations()));
    }

    private boolean later(LocalDate day) {
        return day.isAfter(clock.today());
    }

    private static NextView next(UUID tool, NextAct act, Optional<UUID> session) {
        String path =
                act == NextAct.GO_ON ? "/bench/" + session.map(UUID::toString).orElse("") : address(tool, act.path());
        return new NextView(act, act.words(), path);
    }

    private static String address(UUID tool, String path) {
        return "/tools/" + tool + "/" + path;
    }
}
