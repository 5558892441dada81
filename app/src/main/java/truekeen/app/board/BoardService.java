package truekeen.app.board;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.bench.TimerService;
import truekeen.app.board.BoardRecords.BoardLine;
import truekeen.app.board.BoardRecords.BoardView;
import truekeen.app.board.BoardRecords.NextView;
import truekeen.app.board.BoardRecords.SoakView;
import truekeen.app.board.BoardRecords.StageView;
import truekeen.app.board.BoardRecords.ToolStages;
import truekeen.app.kit.KitService;
import truekeen.app.machine.HoursService;
import truekeen.app.platform.BenchClock;
import truekeen.app.store.Stored;
import truekeen.app.survey.SurveyService;
import truekeen.app.survey.SurveyViews;
import truekeen.app.tool.ToolRecords.LayoutView;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.RackedTool;
import truekeen.core.tool.EdgeLayout;

/** Shows where each tool stands in the order of the work, and what comes next. */
@Service
@Transactional(readOnly = true)
public class BoardService {
    private final StandingRow.Rows rows;
    private final Standings standings;
    private final ToolService tools;
    private final SurveyService surveys;
    private final TimerService timers;
    private final HoursService hours;
    private final KitService kit;
    private final BenchClock clock;

    BoardService(
            StandingRow.Rows rows,
            Standings standings,
            ToolService tools,
            SurveyService surveys,
            TimerService timers,
            HoursService hours,
            KitService kit,
            BenchClock clock) {
        this.rows = rows;
        this.standings = standings;
        this.tools = tools;
        this.surveys = surveys;
        this.timers = timers;
        this.hours = hours;
        this.kit = kit;
        this.clock = clock;
    }

    /** Everything that waits, is worked on, or soaks. */
    public BoardView board() {
        List<StandingRow> all = rows.inOrder();
        Map<UUID, LocalDate> byHours = hours.due(all.stream()
                .filter(r -> r.powered && r.ready)
                .map(r -> r.toolId)
                .collect(Collectors.toSet()));
        return new BoardView(
                clock.today(),
                all.stream()
                        .map(r -> line(
                                r,
                                Optional.ofNullable(byHours.get(r.toolId)).or(() -> Optional.ofNullable(r.nextCheck))))
                        .toList(),
                kit.soaking().stream()
                        .map(s -> new SoakView(s.name(), s.secondsLeft()))
                        .toList(),
                timers.running());
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
                nextCheck.filter(day -> !later(day)).isPresent());
    }

    /** Where one tool stands. */
    public ToolStages stages(UUID toolId) {
        RackedTool tool = tools.racked(toolId);
        EdgeLayout layout = tool.layout().orElseThrow(() -> Stored.olderRecord("tool"));
        ToolStanding s = standings.of(toolId);
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
