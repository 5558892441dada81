package truekeen.app.tool;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.ExportSource;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistoryEntry.Kind;
import truekeen.app.history.HistorySource;
import truekeen.app.history.TableExport;
import truekeen.core.message.InWords;
import truekeen.core.message.Numbers;
import truekeen.core.tool.GeometryKind;

/** How a tool came in and what its steel lost, for its log and its file. */
@Component
@Transactional(readOnly = true)
class ToolHistory implements HistorySource {
    private final ToolService tools;
    private final ToolWear wear;

    ToolHistory(ToolService tools, ToolWear wear) {
        this.tools = tools;
        this.wear = wear;
    }

    @Override
    public List<HistoryEntry> history(UUID toolId) {
        ToolService.RackedTool tool = tools.racked(toolId);
        List<HistoryEntry> entries = new ArrayList<>();
        entries.add(new HistoryEntry(
                tool.takenInAt(),
                Kind.TAKE_IN,
                ToolWords.TAKEN_IN.fill("owner", tool.owner()),
                tool.note().isBlank() ? List.of() : List.of(tool.note())));
        GeometryKind kind = tools.kind(toolId);
        // Blades that turn are measured at their marks; of the rest the plan's figure is all that is known.
        boolean marked = kind.powered() && kind != GeometryKind.TRIMMER;
        wear.of(toolId)
                .forEach(w -> entries.add(new HistoryEntry(
                        w.at(),
                        Kind.STEEL,
                        ToolWords.LEFT_OF_LENGTH.fill("left", mm(w.usableAfterMm())),
                        List.of(mm(w.usableBeforeMm() - w.usableAfterMm())
                                + (marked ? ToolWords.WENT_BY_MARKS.words() : ToolWords.WENT_AS_PLANNED.words())))));
        return entries;
    }

    private static String mm(double value) {
        return Numbers.plain(value, 3) + InWords.MM;
    }

    /** What this place writes into the file of a tool. */
    @Configuration
    static class Exports {
        @Bean
        ExportSource toolExport(JdbcTemplate jdbc) {
            return TableExport.of(
                    jdbc,
                    "tool",
                    "select (to_jsonb(t) || jsonb_build_object('owner', c.name))::text"
                            + " from tool t join crew c on c.id = t.crew_id where t.id = ?");
        }

        @Bean
        ExportSource wearExport(JdbcTemplate jdbc) {
            return TableExport.ofTool(jdbc, "wear", "wear", "at");
        }
    }
}
