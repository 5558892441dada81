package truekeen.app.print;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.RackedTool;
import truekeen.core.message.Days;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.template.Labels;
import truekeen.core.template.Page;
import truekeen.core.template.Tickets;

/** Labels of tools, each with a code that opens the tool's page. */
@Service
class LabelService {
    private final ToolService tools;
    private final SurveyService surveys;

    LabelService(ToolService tools, SurveyService surveys) {
        this.tools = tools;
        this.surveys = surveys;
    }

    /**
     * The label of one tool.
     *
     * @param base address the service is reached at, without the page: "http://127.0.0.1:8417"
     */
    List<Page> label(UUID toolId, String base) {
        return Labels.sheets(List.of(label(tools.racked(toolId), base)));
    }

    /** Labels of all tools in use. */
    List<Page> labels(String base) {
        List<RackedTool> all = tools.all();
        if (all.isEmpty()) {
            throw new RefusedException(Refusal.of(MessageCode.NO_TOOL_YET, "", ""));
        }
        return Labels.sheets(all.stream().map(t -> label(t, base)).toList());
    }

    /** The ticket of a tool: whose it is, when it is wanted, what was said and what its newest survey found. */
    List<Page> ticket(UUID toolId, String base) {
        RackedTool tool = tools.racked(toolId);
        List<String> lines = new ArrayList<>();
        lines.add(tool.kind() + ", " + tool.steel());
        lines.add(PrintWords.TICKET_OWNER.fill("owner", tool.owner()));
        lines.add(PrintWords.TICKET_CAME.fill(
                "day", Days.words(LocalDate.ofInstant(tool.takenInAt(), ZoneId.systemDefault()))));
        tool.wantedBy().ifPresent(day -> lines.add(PrintWords.TICKET_WANTED.fill("day", Days.words(day))));
        if (!tool.note().isBlank()) {
            lines.add(PrintWords.TICKET_SAID.fill("note", tool.note()));
        }
        String found = surveys.found(toolId).stream()
                .map(f -> PrintWords.TICKET_MARK.fill(
                        "mark",
                        f.kind().words(),
                        "from",
                        Numbers.plain(f.fromMm(), 1),
                        "to",
                        Numbers.plain(f.toMm(), 1)))
                .collect(Collectors.joining("; "));
        if (!found.isEmpty()) {
            lines.add(PrintWords.TICKET_FOUND.fill("marks", found));
        }
        return List.of(Tickets.of(new Tickets.Ticket(tool.name(), lines, QrCode.of(base + "/tools/" + tool.id()))));
    }

    private static Labels.Label label(RackedTool tool, String base) {
        return new Labels.Label(
                tool.name(), List.of(tool.owner(), tool.kind(), tool.steel()), QrCode.of(base + "/tools/" + tool.id()));
    }
}
