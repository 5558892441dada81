package truekeen.app.log;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.edgetest.TestService;
import truekeen.app.history.ExportSource;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.history.MistakeSource;
import truekeen.app.history.ToolChanged;
import truekeen.app.log.LogRecords.Entry;
import truekeen.app.log.LogRecords.Export;
import truekeen.app.log.LogRecords.LogImport;
import truekeen.app.log.LogRecords.LogView;
import truekeen.app.log.LogRecords.MeasuredTest;
import truekeen.app.log.LogRecords.NoteForm;
import truekeen.app.log.LogRecords.ReadingAt;
import truekeen.app.log.LogRecords.SeenAt;
import truekeen.app.log.LogRecords.SteelPoint;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.DryRun;
import truekeen.app.platform.Form;
import truekeen.app.platform.Runs;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolWear;
import truekeen.core.fault.Observation;
import truekeen.core.keenness.Stretch;
import truekeen.core.keenness.Verdict;
import truekeen.core.message.Checks;
import truekeen.core.tool.Blade;

/** A tool's history, gathered from all places that know something of it. */
@Service
@Transactional(readOnly = true)
public class LogService {
    private static final int LEAST = 1;
    private static final int MOST = 10_000;
    private static final int USUAL = 60;

    private final ToolService tools;
    private final ToolWear wear;
    private final TestService tests;
    private final List<HistorySource> sources;
    private final List<ExportSource> exports;
    private final List<MistakeSource> mistakes;
    private final LogNotes notes;
    private final LogCurves curves;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    LogService(
            ToolService tools,
            ToolWear wear,
            TestService tests,
            List<HistorySource> sources,
            List<ExportSource> exports,
            List<MistakeSource> mistakes,
            LogNotes notes,
            LogCurves curves,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.tools = tools;
        this.wear = wear;
        this.tests = tests;
        this.sources = sources;
        this.exports = exports;
        this.mistakes = mistakes;
        this.notes = notes;
        this.curves = curves;
        this.publisher = publisher;
        this.clock = clock;
    }

    /** The newest lines of the history, as many as two pages of a tablet hold. */
    public LogView log(UUID toolId) {
        return log(toolId, USUAL);
    }

    /**
     * The history, newest first.
     *
     * @param most how many of its lines, {@value #LEAST} to {@value #MOST}
     */
    public LogView log(UUID toolId, int most) {
        Checks checks = new Checks();
        checks.within("newest", LogWords.LINES.words(), (double) most, LEAST, MOST, "");
        checks.orThrow();
        Blade blade = tools.core(toolId).geometry();
        List<ToolWear.Wear> worn = wear.of(toolId);
        List<SteelPoint> steel = new ArrayList<>();
        steel.add(new SteelPoint(
                tools.racked(toolId).takenInAt(),
                worn.isEmpty() ? blade.usable().mm() : worn.get(0).usableBeforeMm()));
        worn.forEach(w -> steel.add(new SteelPoint(w.at(), w.usableAfterMm())));
        List<HistoryEntry> newest = sorted(sources.stream().flatMap(s -> s.newest(toolId, most + 1).stream()));
        return new LogView(
                newest.stream()
                        .limit(most)
                        .map(e -> new Entry(
                                e.at(),
                                e.kind(),
                                e.title(),
                                e.lines(),
                                e.removable().orElse(null)))
                        .toList(),
                newest.size() > most,
                steel,
                blade.retire().mm(),
                tests.measured(toolId).stream().map(LogService::test).toList(),
                curves.of(toolId));
    }

    private List<HistoryEntry> entries(UUID toolId) {
        return sorted(sources.stream().flatMap(s -> s.history(toolId).stream()));
    }

    private static List<HistoryEntry> sorted(Stream<HistoryEntry> entries) {
        return entries.sorted(Comparator.comparing(HistoryEntry::at).reversed()).toList();
    }

    private static MeasuredTest test(TestService.Measured t) {
        return new MeasuredTest(
                t.takenAt(),
                t.keen(),
                t.remedied(),
                t.verdict().map(Verdict::meanIndex).orElse(null),
                t.verdict().map(Verdict::indexTarget).orElse(null),
                t.readings().stream()
                        .map(r -> new ReadingAt(r.xMm(), r.grams()))
                        .toList(),
                t.seen().stream().map(LogService::seen).toList());
    }

    private static SeenAt seen(Observation o) {
        return new SeenAt(
                o.words(),
                o.sign().says(),
                o.where().map(Stretch::fromMm).orElse(null),
                o.where().map(Stretch::toMm).orElse(null));
    }

    /** Everything about a tool, as it is stored, to be written out. */
    public Export export(UUID toolId) {
        tools.name(toolId);
        Map<String, List<JsonNode>> sections = new LinkedHashMap<>();
        exports.forEach(e -> sections.put(e.section(), e.rows(toolId)));
        return new Export("truekeen-tool/2", clock.instant(), sections);
    }

    /** Writes a note into a tool's history. */
    @Transactional
    public LogView note(UUID toolId, NoteForm form) {
        tools.name(toolId);
        Checks checks = new Checks();
        checks.text("title", LogWords.A_NOTE.words(), form.title(), true, LogCsv.MOST_TITLE);
        checks.text("text", LogWords.MORE_OF_IT.words(), form.text(), false, LogCsv.MOST_TEXT);
        checks.orThrow();
        notes.add(
                toolId,
                new LogCsv.Line(
                        clock.instant(),
                        form.title().strip(),
                        Form.orEmpty(form.text()).strip()));
        return log(toolId);
    }

    /** Hides a line that was put down by mistake, or brings it back. */
    @Transactional
    public void hide(UUID toolId, HistoryEntry.Kind kind, UUID entryId, boolean hidden) {
        tools.name(toolId);
        boolean done = mistakes.stream().filter(m -> m.kind() == kind).anyMatch(m -> m.hide(toolId, entryId, hidden));
        if (!done) {
            throw Form.notFound("line", entryId);
        }
        publisher.publishEvent(new ToolChanged(toolId));
    }

    /** The history as a list that other programs read. */
    public String csv(UUID toolId) {
        return LogCsv.write(entries(toolId));
    }

    /** Reads a history in: what stands in it already is passed over, the rest becomes notes; all of it or nothing, nothing at all in a dry run. */
    @Transactional
    public LogImport read(UUID toolId, String text, Runs.Progress progress, boolean dry) {
        tools.name(toolId);
        List<LogCsv.Line> lines = LogCsv.read(text, clock.instant());
        Set<String> known =
                entries(toolId).stream().map(e -> second(e.at(), e.title())).collect(Collectors.toSet());
        int added = notes.add(
                toolId,
                lines.stream()
                        .filter(line -> !known.contains(second(line.at(), line.title())))
                        .toList(),
                progress);
        DryRun.undoIf(dry);
        return new LogImport(added, lines.size() - added);
    }

    /** What a line of a list is known again by: lists of other programs hold no parts of a second. */
    private static String second(Instant at, String title) {
        return at.getEpochSecond() + " " + title;
    }
}
