package truekeen.app.upkeep;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
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

    @Bean
    UsesPast usesPast(UpkeepRows.Uses uses, ToolService tools, BenchClock clock) {
        return new UsesPast(uses, tools, clock);
    }

    @Bean
    ReadingsPast readingsPast(UpkeepRows.Readings readings, BenchClock clock) {
        return new ReadingsPast(readings, clock);
    }

    @Bean
    TouchUpsPast touchUpsPast(UpkeepRows.TouchUps touchUps, BenchClock clock) {
        return new TouchUpsPast(touchUps, clock);
    }

    /** Use that was put down. */
    @Transactional
    static class UsesPast implements HistorySource, MistakeSource {
        private final UpkeepRows.Uses uses;
        private final ToolService tools;
        private final BenchClock clock;

        UsesPast(UpkeepRows.Uses uses, ToolService tools, BenchClock clock) {
            this.uses = uses;
            this.tools = tools;
            this.clock = clock;
        }

        @Override
        public List<HistoryEntry> history(UUID toolId) {
            Optional<ToolUse> use = tools.use(toolId);
            return uses.findByToolIdOrderByAt(toolId).stream()
                    .map(u -> new HistoryEntry(
                            u.at,
                            HistoryEntry.Kind.USE,
                            UpkeepWords.USED.fill(
                                    "amount",
                                    Numbers.plain(u.amount, 1),
                                    "unit",
                                    use.map(t -> UseUnit.of(t).words()).orElse("")),
                            by(u.person),
                            Optional.of(u.id)))
                    .toList();
        }

        @Override
        public HistoryEntry.Kind kind() {
            return HistoryEntry.Kind.USE;
        }

        @Override
        public boolean hide(UUID toolId, UUID entryId, boolean hidden) {
            return uses.hide(toolId, entryId, when(hidden, clock)) == 1;
        }
    }

    /** Readings in use. */
    @Transactional
    static class ReadingsPast implements HistorySource, MistakeSource, FigureSource {
        private final UpkeepRows.Readings readings;
        private final BenchClock clock;

        ReadingsPast(UpkeepRows.Readings readings, BenchClock clock) {
            this.readings = readings;
            this.clock = clock;
        }

        @Override
        public List<HistoryEntry> history(UUID toolId) {
            return readings.findByToolIdOrderByAt(toolId).stream()
                    .map(r -> new HistoryEntry(
                            r.at,
                            HistoryEntry.Kind.READING,
                            UpkeepWords.READ_IN_USE.fill(
                                    "grams",
                                    Numbers.plain(r.grams, 0),
                                    "index",
                                    Numbers.plain(r.grams / r.referenceG, 2)),
                            by(r.person),
                            Optional.of(r.id)))
                    .toList();
        }

        @Override
        public List<DatedFigure> figures(UUID toolId) {
            return readings.findByToolIdOrderByAt(toolId).stream()
                    .map(r -> DatedFigure.of(DatedFigure.Kind.KEENNESS, r.at, r.grams / r.referenceG))
                    .toList();
        }

        @Override
        public HistoryEntry.Kind kind() {
            return HistoryEntry.Kind.READING;
        }

        @Override
        public boolean hide(UUID toolId, UUID entryId, boolean hidden) {
            return readings.hide(toolId, entryId, when(hidden, clock)) == 1;
        }
    }

    /** Touch-ups. */
    @Transactional
    static class TouchUpsPast implements HistorySource, MistakeSource {
        private final UpkeepRows.TouchUps touchUps;
        private final BenchClock clock;

        TouchUpsPast(UpkeepRows.TouchUps touchUps, BenchClock clock) {
            this.touchUps = touchUps;
            this.clock = clock;
        }

        @Override
        public List<HistoryEntry> history(UUID toolId) {
            return touchUps.findByToolIdOrderByAt(toolId).stream()
                    .map(t -> new HistoryEntry(
                            t.at,
                            HistoryEntry.Kind.TOUCH_UP,
                            (t.regained ? UpkeepWords.TOUCHED_UP : UpkeepWords.TOUCHED_UP_IN_VAIN)
                                    .fill("rung", t.rung.words()),
                            lines(t),
                            Optional.of(t.id)))
                    .toList();
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
            lines.addAll(by(t.person));
            return lines;
        }

        @Override
        public HistoryEntry.Kind kind() {
            return HistoryEntry.Kind.TOUCH_UP;
        }

        @Override
        public boolean hide(UUID toolId, UUID entryId, boolean hidden) {
            return touchUps.hide(toolId, entryId, when(hidden, clock)) == 1;
        }
    }

    private static Instant when(boolean hidden, BenchClock clock) {
        return hidden ? clock.instant() : null;
    }

    private static List<String> by(String person) {
        return person.isBlank() ? List.of() : List.of(person);
    }
}
