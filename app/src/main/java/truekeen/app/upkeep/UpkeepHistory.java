package truekeen.app.upkeep;

import java.sql.Timestamp;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BiFunction;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.data.domain.Limit;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.DatedFigure;
import truekeen.app.history.ExportSource;
import truekeen.app.history.FigureSource;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.history.MistakeSource;
import truekeen.app.history.TableExport;
import truekeen.app.platform.BenchClock;
import truekeen.app.tool.ToolService;
import truekeen.app.upkeep.UpkeepRows.PutDown;
import truekeen.app.upkeep.UpkeepRows.TouchUpRow;
import truekeen.core.message.Numbers;
import truekeen.core.tool.ToolUse;
import truekeen.core.upkeep.UseUnit;

/** What upkeep writes into the log of a tool, and takes out of it again where it was put down by mistake. */
@Configuration
class UpkeepHistory {
    @Bean
    ExportSource useExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "used", "tool_use", "at");
    }

    @Bean
    ExportSource useReadingExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "use-readings", "use_reading", "at");
    }

    @Bean
    ExportSource touchUpExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "touch-ups", "touch_up", "at");
    }

    @Bean
    ExportSource nextTimeExport(JdbcTemplate jdbc) {
        return TableExport.ofTool(jdbc, "next-times", "next_time", "at");
    }

    /** Use that was put down. */
    @Bean
    Past usesPast(JdbcTemplate jdbc, UpkeepRows.Uses uses, ToolService tools, BenchClock clock) {
        return new Past(jdbc, clock, "tool_use", HistoryEntry.Kind.USE, (toolId, most) -> {
            Optional<ToolUse> use = tools.use(toolId);
            return uses.findByToolIdOrderByAtDesc(toolId, most).stream()
                    .map(u -> entry(
                            u,
                            HistoryEntry.Kind.USE,
                            UpkeepWords.USED.fill(
                                    "amount",
                                    Numbers.plain(u.amount, 1),
                                    "unit",
                                    use.map(t -> UseUnit.of(t).words()).orElse("")),
                            List.of()))
                    .toList();
        });
    }

    /** Readings in use. */
    @Bean
    Past readingsPast(JdbcTemplate jdbc, UpkeepRows.Readings readings, BenchClock clock) {
        return new Past(
                jdbc,
                clock,
                "use_reading",
                HistoryEntry.Kind.READING,
                (toolId, most) -> readings.findByToolIdOrderByAtDesc(toolId, most).stream()
                        .map(r -> entry(
                                r,
                                HistoryEntry.Kind.READING,
                                UpkeepWords.READ_IN_USE.fill(
                                        "grams",
                                        Numbers.plain(r.grams, 0),
                                        "index",
                                        Numbers.plain(r.grams / r.referenceG, 2)),
                                List.of()))
                        .toList());
    }

    /** Keenness of a tool as it was read in use, for its curve. */
    @Bean
    FigureSource useReadingFigures(UpkeepRows.Readings readings) {
        return toolId -> readings.read(toolId).stream()
                .map(r -> DatedFigure.of(DatedFigure.Kind.KEENNESS, r.at(), r.index()))
                .toList();
    }

    /** Touch-ups. */
    @Bean
    Past touchUpsPast(JdbcTemplate jdbc, UpkeepRows.TouchUps touchUps, BenchClock clock) {
        return new Past(
                jdbc,
                clock,
                "touch_up",
                HistoryEntry.Kind.TOUCH_UP,
                (toolId, most) -> touchUps.findByToolIdOrderByAtDesc(toolId, most).stream()
                        .map(t -> entry(
                                t,
                                HistoryEntry.Kind.TOUCH_UP,
                                (t.regained ? UpkeepWords.TOUCHED_UP : UpkeepWords.TOUCHED_UP_IN_VAIN)
                                        .fill("rung", t.rung.words()),
                                lines(t)))
                        .toList());
    }

    private static List<String> lines(TouchUpRow t) {
        List<String> lines = new ArrayList<>();
        if (t.strokes > 0) {
            lines.add(UpkeepWords.STROKES_TAKEN.fill("strokes", t.strokes));
        }
        if (t.beforeG != null && t.afterG != null) {
            lines.add(UpkeepWords.FROM_TO.fill(
                    "before",
                    Numbers.plain(t.beforeG / t.referenceG, 2),
                    "after",
                    Numbers.plain(t.afterG / t.referenceG, 2)));
        }
        return lines;
    }

    private static HistoryEntry entry(PutDown row, HistoryEntry.Kind kind, String title, List<String> lines) {
        List<String> all = new ArrayList<>(lines);
        if (!row.person.isBlank()) {
            all.add(row.person);
        }
        return new HistoryEntry(row.at, kind, title, all, Optional.of(row.id));
    }

    /** What stands in the log from one table, and is hidden there where it was put down by mistake. */
    @Transactional
    static class Past implements HistorySource, MistakeSource {
        private final JdbcTemplate jdbc;
        private final BenchClock clock;
        private final String table;
        private final HistoryEntry.Kind kind;
        private final BiFunction<UUID, Limit, List<HistoryEntry>> entries;

        Past(
                JdbcTemplate jdbc,
                BenchClock clock,
                String table,
                HistoryEntry.Kind kind,
                BiFunction<UUID, Limit, List<HistoryEntry>> entries) {
            this.jdbc = jdbc;
            this.clock = clock;
            this.table = table;
            this.kind = kind;
            this.entries = entries;
        }

        @Override
        public List<HistoryEntry> history(UUID toolId) {
            return entries.apply(toolId, Limit.unlimited());
        }

        @Override
        public List<HistoryEntry> newest(UUID toolId, int most) {
            return entries.apply(toolId, Limit.of(most));
        }

        @Override
        public HistoryEntry.Kind kind() {
            return kind;
        }

        @Override
        public boolean hide(UUID toolId, UUID entryId, boolean hidden) {
            return jdbc.update(
                            "update " + table + " set deleted_at = ? where id = ? and tool_id = ?",
                            hidden ? Timestamp.from(clock.instant()) : null,
                            entryId,
                            toolId)
                    == 1;
        }
    }
}
