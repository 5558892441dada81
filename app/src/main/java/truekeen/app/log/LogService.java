package truekeen.app.log;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.AngleRecords.SetupView;
import truekeen.app.angle.AngleService;
import truekeen.app.balance.BalanceService;
import truekeen.app.bench.BenchRecords.SessionSummary;
import truekeen.app.bench.BenchService;
import truekeen.app.edgetest.TestRecords;
import truekeen.app.edgetest.TestRecords.TestView;
import truekeen.app.edgetest.TestService;
import truekeen.app.finish.FinishRecords.FinishCardView;
import truekeen.app.finish.FinishService;
import truekeen.app.log.LogRecords.Entry;
import truekeen.app.log.LogRecords.Export;
import truekeen.app.log.LogRecords.LogImport;
import truekeen.app.log.LogRecords.LogView;
import truekeen.app.log.LogRecords.SteelPoint;
import truekeen.app.log.LogRecords.WearView;
import truekeen.app.machine.InspectionService;
import truekeen.app.machine.MachineService;
import truekeen.app.platform.BenchClock;
import truekeen.app.survey.SurveyRecords.FindingView;
import truekeen.app.survey.SurveyRecords.SurveyView;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.ToolRecords.ToolView;
import truekeen.app.tool.ToolService;
import truekeen.core.condition.Scope;
import truekeen.core.message.Numbers;

/** A tool's history, read from what the other places keep. */
@Service
@Transactional(readOnly = true)
public class LogService {
    private final ToolService tools;
    private final SurveyService surveys;
    private final AngleService angles;
    private final BenchService bench;
    private final TestService tests;
    private final FinishService finishing;
    private final MachineService machines;
    private final InspectionService inspections;
    private final BalanceService balance;
    private final LogNotes notes;
    private final BenchClock clock;

    LogService(
            ToolService tools,
            SurveyService surveys,
            AngleService angles,
            BenchService bench,
            TestService tests,
            FinishService finishing,
            MachineService machines,
            InspectionService inspections,
            BalanceService balance,
            LogNotes notes,
            BenchClock clock) {
        this.tools = tools;
        this.surveys = surveys;
        this.angles = angles;
        this.bench = bench;
        this.tests = tests;
        this.finishing = finishing;
        this.machines = machines;
        this.inspections = inspections;
        this.balance = balance;
        this.notes = notes;
        this.clock = clock;
    }

    /** The history, newest first. */
    public LogView log(UUID toolId) {
        ToolView tool = tools.tool(toolId);
        List<TestView> tested = tests.all(toolId);
        List<SessionSummary> sessions = bench.all(toolId, false);
        List<ToolService.Wear> wear = tools.wear(toolId);
        List<Entry> entries = new ArrayList<>();
        entries.add(new Entry(
                tool.takenInAt(),
                "TAKE_IN",
                "Taken in from the " + tool.crew(),
                tool.note().isBlank() ? List.of() : List.of(tool.note())));
        surveys.all(toolId).forEach(s -> entries.add(survey(s)));
        angles.all(toolId).forEach(s -> entries.add(setup(s)));
        sessions.forEach(s -> entries.add(session(s)));
        boolean powered = tools.powered(toolId);
        boolean marked = balance.turns(toolId);
        tested.forEach(t -> entries.add(test(t, powered)));
        finishing.all(toolId).forEach(c -> entries.add(card(c)));
        entries.addAll(MachineEntries.of(
                machines.isolated(toolId), inspections.all(toolId), balance.all(toolId), machines.runs(toolId)));
        wear.forEach(w -> entries.add(new Entry(
                w.at().toString(),
                "STEEL",
                mm(w.usableAfterMm()) + " of steel to the end of the usable length",
                List.of(mm(w.usableBeforeMm() - w.usableAfterMm())
                        + (marked ? " went, by the marks." : " went, as planned; measure now and then.")))));
        notes.of(toolId)
                .forEach(n -> entries.add(
                        new Entry(n.at.toString(), "NOTE", n.title, n.line.isBlank() ? List.of() : List.of(n.line))));
        entries.sort(Comparator.comparing(Entry::at).reversed());
        List<SteelPoint> steel = new ArrayList<>();
        steel.add(new SteelPoint(
                tool.takenInAt(),
                wear.isEmpty() ? tool.usableLengthMm() : wear.get(0).usableBeforeMm()));
        wear.forEach(w -> steel.add(new SteelPoint(w.at().toString(), w.usableAfterMm())));
        return new LogView(entries, steel, tool.retireLengthMm(), tested, sessions);
    }

    /** Everything about a tool, to be written out. */
    public Export export(UUID toolId) {
        return new Export(
                "truekeen-tool/1",
                clock.instant().toString(),
                tools.tool(toolId),
                surveys.all(toolId),
                angles.all(toolId),
                bench.all(toolId, false),
                tests.all(toolId),
                tools.wear(toolId).stream()
                        .map(w ->
                                new WearView(w.at().toString(), w.usableBeforeMm(), w.usableAfterMm(), w.secondaryMm()))
                        .toList(),
                machines.isolated(toolId),
                inspections.all(toolId),
                balance.all(toolId),
                machines.runs(toolId));
    }

    /** The history as a list that other programs read. */
    public String csv(UUID toolId) {
        return LogCsv.write(log(toolId).entries());
    }

    /** Reads a history in: what stands in it already is passed over, the rest is put down as notes; all of it or nothing. */
    @Transactional
    public LogImport read(UUID toolId, String text) {
        List<LogCsv.Line> lines = LogCsv.read(text, clock.instant());
        List<Entry> known = log(toolId).entries();
        int added = 0;
        for (LogCsv.Line line : lines) {
            boolean there = known.stream()
                    .anyMatch(e -> e.title().equals(line.title())
                            && Instant.parse(e.at()).getEpochSecond()
                                    == line.at().getEpochSecond());
            if (!there && notes.add(toolId, line)) {
                added++;
            }
        }
        return new LogImport(added, lines.size() - added);
    }

    private static Entry survey(SurveyView s) {
        List<String> lines =
                new ArrayList<>(s.findings().stream().map(FindingView::words).toList());
        lines.add(Numbers.plain(s.volumeMm3(), 2) + " mm³ to remove, " + mm(s.lostMm()) + " off the length");
        return new Entry(s.takenAt(), "SURVEY", "Surveyed: " + SurveyService.words(Scope.valueOf(s.scope())), lines);
    }

    private static Entry setup(SetupView s) {
        List<String> lines = new ArrayList<>();
        String bevels = s.primaryDeg() == s.lastDeg()
                ? degrees(s.lastDeg())
                : degrees(s.primaryDeg()) + " primary, " + degrees(s.lastDeg()) + " at the edge";
        String settings = s.settings().stream()
                .map(k ->
                        k.name() + " " + Numbers.plain(k.value(), 1) + (k.unit().equals("mm") ? " mm" : "°"))
                .distinct()
                .collect(Collectors.joining(" and "));
        lines.add(bevels + ", " + s.holder() + (settings.isEmpty() || s.holderId() == null ? "" : ": " + settings));
        s.restated().forEach(r -> lines.add(r.because() + ": " + r.change()));
        if (s.backDeg() != null) {
            lines.add("back bevel " + degrees(s.backDeg()));
        }
        if (s.wheelMm() != null) {
            lines.add("hollow ground on a wheel of " + mm(s.wheelMm()));
        }
        if (s.camberMm() != null) {
            lines.add("camber " + Numbers.plain(s.camberMm(), 3) + " mm below the sole");
        }
        return new Entry(s.madeAt(), "SETUP", "Set-up “" + s.name() + "”", lines);
    }

    private static Entry session(SessionSummary s) {
        String who = s.person().isBlank() ? "" : " by " + s.person();
        String state = s.finishedAt() == null ? "At the bench" : "Worked at the bench";
        return new Entry(
                s.finishedAt() == null ? s.startedAt() : s.finishedAt(),
                "BENCH",
                state + who + ": " + s.strokesDone() + " strokes, " + s.strokesPlanned() + " planned",
                s.steps().stream()
                        .filter(d -> d.planned() > 0)
                        .map(d -> d.title() + ": " + d.done() + " of " + d.planned()
                                + (d.status().equals("SKIPPED") ? ", skipped" : ""))
                        .toList());
    }

    private static Entry test(TestView t, boolean powered) {
        List<String> lines = new ArrayList<>();
        TestRecords.ForceView force = t.verdict().force();
        if (force != null) {
            lines.add("mean " + Numbers.plain(force.meanGrams(), 0) + " g, worst "
                    + Numbers.plain(force.worst().grams(), 0) + " g at "
                    + Numbers.plain(force.worst().xMm(), 1) + " mm");
        }
        t.seen().forEach(s -> lines.add(s.words()));
        if (!t.verdict().keen()) {
            lines.add(t.verdict().words());
        }
        t.trials()
                .forEach(r -> lines.add(r.title() + ", “" + r.words() + "” "
                        + (r.worked() == null
                                ? "No test after it yet."
                                : r.worked() ? "It worked." : "It did not work.")));
        String index = force == null
                ? ""
                : ": index " + Numbers.plain(force.index().value(), 2) + ", " + Numbers.plain(force.indexTarget(), 2)
                        + " wanted";
        return new Entry(t.takenAt(), "TEST", words(t.verdict().keen(), powered) + index, lines);
    }

    /** A machine's blade passes; keenness is not asked of it. */
    private static String words(boolean passed, boolean powered) {
        return powered ? (passed ? "Passed" : "Not yet") : passed ? "Keen" : "Not keen yet";
    }

    private static Entry card(FinishCardView c) {
        List<String> lines = new ArrayList<>();
        lines.add(
                c.done().isEmpty()
                        ? "nothing was ticked off"
                        : c.done().stream()
                                .map(k -> k.toLowerCase(java.util.Locale.ROOT).replace('_', ' '))
                                .collect(Collectors.joining(", ")));
        if (c.capIronMm() != null) {
            lines.add("cap iron " + mm(c.capIronMm()) + " behind the edge");
        }
        if (!c.torque().isEmpty()) {
            lines.add("bolt at " + c.torque() + " by the manual");
        }
        lines.addAll(c.seen());
        return new Entry(c.at(), "FINISH", "Back to work; to be looked at again on " + c.nextCheck(), lines);
    }

    private static String mm(double value) {
        return Numbers.plain(value, 2) + " mm";
    }

    private static String degrees(double value) {
        return Numbers.plain(value, 1) + "°";
    }
}
