package truekeen.app.ticket;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.SetupService;
import truekeen.app.edgetest.TestedEdges;
import truekeen.app.edgetest.TestedEdges.TestedEdge;
import truekeen.app.finish.FinishService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.print.QrCode;
import truekeen.app.survey.SurveyService;
import truekeen.app.ticket.TicketThings.Thing;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.app.tool.ToolWear;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.fault.Observation;
import truekeen.core.keenness.Verdict;
import truekeen.core.message.Days;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.section.Point;
import truekeen.core.template.Page;
import truekeen.core.template.Slips;
import truekeen.core.ticket.CareAdvice;
import truekeen.core.ticket.ThingState;

/** The card that goes back with a thing: how it came, how it goes, what steel went, and how its edge lasts. */
@Component
@Transactional(readOnly = true)
class DoneCards {
    /** How much deeper than long the edge is drawn. */
    private static final int DEEPER = 5;

    private static final int STATIONS = 300;

    private final TicketRow.Rows tickets;
    private final ThingRow.Rows things;
    private final TicketThings states;
    private final ToolService tools;
    private final SurveyService surveys;
    private final SetupService setups;
    private final TestedEdges tests;
    private final ToolWear wear;
    private final FinishService finishing;
    private final BenchClock clock;

    DoneCards(
            TicketRow.Rows tickets,
            ThingRow.Rows things,
            TicketThings states,
            ToolService tools,
            SurveyService surveys,
            SetupService setups,
            TestedEdges tests,
            ToolWear wear,
            FinishService finishing,
            BenchClock clock) {
        this.tickets = tickets;
        this.things = things;
        this.states = states;
        this.tools = tools;
        this.surveys = surveys;
        this.setups = setups;
        this.tests = tests;
        this.wear = wear;
        this.finishing = finishing;
        this.clock = clock;
    }

    /** The card of a thing that is done, or may not be worked. */
    List<Page> of(UUID ticketId, UUID toolId, String base) {
        TicketRow ticket = tickets.findById(ticketId).orElseThrow(() -> Form.notFound("ticket", ticketId));
        Thing thing = states.of(things.findByTicketIdOrderByPlace(ticketId)).stream()
                .filter(t -> t.work().tool().equals(toolId))
                .findFirst()
                .orElseThrow(() -> Form.notFound("tool", toolId));
        boolean rejected = thing.state() == ThingState.REJECTED;
        if (thing.doneAt().isEmpty() && !rejected) {
            throw new RefusedException(
                    Refusal.of(MessageCode.NOT_DONE_YET, "", thing.work().name()));
        }
        CoreTool tool = tools.core(toolId);
        Instant since = thing.since();
        List<Slips.Part> parts = new ArrayList<>();
        parts.add(new Slips.Part(TicketWords.CARD_BEFORE.words(), lines(before(toolId, since))));
        if (rejected) {
            parts.add(new Slips.Part(
                    TicketWords.CARD_AFTER.words(), List.of(Slips.Line.of(TicketWords.CARD_REJECTED.words()))));
        } else {
            parts.add(new Slips.Part(TicketWords.CARD_AFTER.words(), lines(after(tool, since))));
            parts.add(new Slips.Part(TicketWords.CARD_STEEL.words(), lines(List.of(steel(toolId, since)))));
            parts.add(new Slips.Part(TicketWords.CARD_CARE.words(), lines(care(tool))));
        }
        return Slips.of(
                "what-was-done",
                tool.name(),
                List.of(
                        TicketWords.CARD_OF.fill(
                                "owner",
                                tools.racked(toolId).owner(),
                                "day",
                                Days.words(LocalDate.ofInstant(
                                        thing.doneAt().orElse(thing.row().broughtAt), clock.getZone()))),
                        TicketWords.CARD_TICKET.fill("number", ticket.number)),
                rejected ? Optional.empty() : picture(tool, since),
                parts,
                QrCode.of(base + "/tools/" + toolId));
    }

    private static List<Slips.Line> lines(List<String> words) {
        return words.stream().map(Slips.Line::of).toList();
    }

    private List<String> before(UUID tool, Instant since) {
        Optional<EdgeSurvey> survey =
                surveys.core(tool).filter(s -> s.takenAt().isAfter(since)).map(SurveyService.CoreSurvey::survey);
        if (survey.isEmpty()) {
            return List.of(TicketWords.CARD_NOT_SURVEYED.words());
        }
        List<String> said = new ArrayList<>();
        said.add(capital(survey.get().dullness().words()) + ".");
        survey.get().findings().stream().map(DoneCards::mark).forEach(said::add);
        return said;
    }

    /** The edge along its length, as the survey found it and as the last measured loss left it. */
    private Optional<Slips.Picture> picture(CoreTool tool, Instant since) {
        List<Finding> found = surveys.core(tool.id())
                .filter(s -> s.takenAt().isAfter(since))
                .map(s -> s.survey().findings())
                .orElse(List.of());
        double gone = gone(tool.id(), since);
        double edge = tool.geometry().edgeLengthMm();
        double scale = Slips.PICTURE_WIDE / edge;
        List<Point> before = new ArrayList<>();
        for (int i = 0; i <= STATIONS; i++) {
            double x = edge * i / STATIONS;
            double missing =
                    found.stream().mapToDouble(f -> f.missingAt(x, edge)).max().orElse(0);
            before.add(new Point(x * scale, -missing * DEEPER * scale));
        }
        boolean marked = before.stream().anyMatch(p -> p.y() < 0);
        if (gone <= 0 || !marked) {
            return Optional.empty();
        }
        double level = -gone * DEEPER * scale;
        return Optional.of(new Slips.Picture(
                before,
                List.of(new Point(0, level), new Point(Slips.PICTURE_WIDE, level)),
                TicketWords.CARD_EDGE.fill("times", DEEPER)));
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    private static String mark(Finding f) {
        String words = capital(f.kind().words());
        if (f.leave()) {
            return TicketWords.CARD_LEFT.fill("mark", words);
        }
        String from = Numbers.plain(f.fromMm(), 0);
        String to = Numbers.plain(f.toMm(), 0);
        return f.depthMm() > 0
                ? TicketWords.CARD_MARK_DEEP.fill(
                        "mark", words, "from", from, "to", to, "depth", Numbers.plain(f.depthMm(), 2))
                : TicketWords.CARD_MARK.fill("mark", words, "from", from, "to", to);
    }

    private List<String> after(CoreTool tool, Instant since) {
        List<String> said = new ArrayList<>();
        setups.newest(tool.id())
                .ifPresent(s -> said.add(TicketWords.CARD_ANGLE.fill(
                        "angle",
                        s.setup().bevels().last(),
                        "convention",
                        tool.geometry().kind().convention().words())));
        Optional<TestedEdge> test = tests.newest(tool.id(), since);
        if (test.isEmpty()) {
            said.add(TicketWords.CARD_UNTESTED.words());
        }
        test.ifPresent(t -> {
            t.force().map(DoneCards::keenness).ifPresent(said::add);
            if (!t.seen().isEmpty()) {
                said.add(TicketWords.CARD_SEEN.fill(
                        "signs", t.seen().stream().map(Observation::words).collect(Collectors.joining("; "))));
            }
            if (t.keen()) {
                said.add(TicketWords.CARD_TESTED.words());
            }
        });
        return said;
    }

    private static String keenness(Verdict v) {
        return TicketWords.CARD_KEEN.fill(
                "grams",
                Numbers.plain(v.meanGrams(), 0),
                "index",
                Numbers.plain(v.meanIndex(), 2),
                "wanted",
                Numbers.plain(v.indexTarget(), 2));
    }

    /** How much of the length went in this round (mm). */
    private double gone(UUID tool, Instant since) {
        List<ToolWear.Wear> worn = worn(tool, since);
        return worn.isEmpty()
                ? 0
                : worn.get(0).usableBeforeMm() - worn.get(worn.size() - 1).usableAfterMm();
    }

    private List<ToolWear.Wear> worn(UUID tool, Instant since) {
        return wear.of(tool).stream().filter(w -> w.at().isAfter(since)).toList();
    }

    private String steel(UUID tool, Instant since) {
        List<ToolWear.Wear> worn = worn(tool, since);
        if (worn.isEmpty()) {
            return TicketWords.CARD_NO_STEEL.words();
        }
        double left = worn.get(worn.size() - 1).usableAfterMm();
        return TicketWords.CARD_WENT.fill("gone", Numbers.plain(gone(tool, since), 2), "left", Numbers.plain(left, 1));
    }

    private List<String> care(CoreTool tool) {
        List<String> said = new ArrayList<>();
        CareAdvice.of(tool.trade(), tool.steel()).forEach(a -> said.add(a.words()));
        finishing.nextCheck(tool.id()).ifPresent(day -> said.add(TicketWords.CARD_AGAIN.fill("day", Days.words(day))));
        return said;
    }
}
