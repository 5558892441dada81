package truekeen.app.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.DatedFigure;
import truekeen.app.history.ExportSource;
import truekeen.app.history.FigureSource;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.history.TableExport;
import truekeen.core.bench.BenchState;
import truekeen.core.stepsheet.Step;

/** The sessions of a tool, for its log and its file. */
@Component
@Transactional(readOnly = true)
class SessionHistory implements HistorySource, FigureSource {
    private final Sessions sessions;
    private final SessionFolds folds;
    private final SessionViews views;

    SessionHistory(Sessions sessions, SessionFolds folds, SessionViews views) {
        this.sessions = sessions;
        this.folds = folds;
        this.views = views;
    }

    @Override
    public List<HistoryEntry> history(UUID toolId) {
        return sessions.findByToolIdOrderByStartedAt(toolId).stream()
                .map(this::entry)
                .toList();
    }

    /** Strokes that were counted and how many were foreseen, of each session that was finished. */
    @Override
    public List<DatedFigure> figures(UUID toolId) {
        return sessions.findByToolIdOrderByStartedAt(toolId).stream()
                .filter(s -> s.readable() && s.finishedAt != null)
                .map(this::strokes)
                .toList();
    }

    private DatedFigure strokes(SessionRow s) {
        List<Step> steps = views.steps(s);
        BenchState state = folds.of(s, steps).state();
        return new DatedFigure(
                DatedFigure.Kind.STROKES,
                s.finishedAt,
                state.steps().stream().mapToInt(BenchState.StepState::total).sum(),
                OptionalDouble.of(steps.stream()
                        .mapToInt(x -> x.strokesLow() * x.sides().size())
                        .sum()),
                OptionalDouble.of(steps.stream()
                        .mapToInt(x -> x.strokesHigh() * x.sides().size())
                        .sum()));
    }

    private HistoryEntry entry(SessionRow s) {
        Instant at = s.finishedAt == null ? s.startedAt : s.finishedAt;
        if (!s.readable()) {
            return HistoryEntry.unreadable(at, HistoryEntry.Kind.BENCH);
        }
        List<Step> steps = views.steps(s);
        BenchState state = folds.of(s, steps).state();
        List<String> lines = new ArrayList<>();
        int planned = 0;
        int done = 0;
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            BenchState.StepState now = state.steps().get(i);
            int all = step.strokes() * step.sides().size();
            planned += all;
            done += now.total();
            boolean skipped = now.status() == BenchState.Status.SKIPPED;
            if (all > 0 || skipped) {
                lines.add(step.title()
                        + (all > 0 ? ": " + now.total() + " of " + all : "")
                        + (now.notCounted(step) ? BenchWords.NOT_COUNTED.words() : "")
                        + (skipped ? BenchWords.SKIPPED.fill("why", now.skippedBecause()) : ""));
            }
        }
        String who = s.holderPerson.isBlank() ? "" : " by " + s.holderPerson;
        String state1 = s.finishedAt == null ? BenchWords.AT_THE_BENCH.words() : BenchWords.WORKED.words();
        return new HistoryEntry(
                at, HistoryEntry.Kind.BENCH, state1 + who + ": " + done + " strokes, " + planned + " planned", lines);
    }

    /** What this place writes into the file of a tool. */
    @Configuration
    static class Exports {
        @Bean
        ExportSource sessionExport(JdbcTemplate jdbc) {
            return TableExport.ofTool(jdbc, "sessions", "bench_session", "started_at");
        }

        @Bean
        ExportSource eventExport(JdbcTemplate jdbc) {
            return TableExport.of(
                    jdbc,
                    "events",
                    "select to_jsonb(e)::text from bench_event e join bench_session s on s.id = e.session_id"
                            + " where s.tool_id = ? order by e.position");
        }
    }
}
