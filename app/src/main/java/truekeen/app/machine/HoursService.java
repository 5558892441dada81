package truekeen.app.machine;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.history.DatedFigure;
import truekeen.app.history.FigureSource;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.history.MistakeSource;
import truekeen.app.machine.MachineRecords.GroundView;
import truekeen.app.machine.MachineRecords.HoursForm;
import truekeen.app.machine.MachineRecords.HoursView;
import truekeen.app.machine.MachineRecords.RunView;
import truekeen.app.machine.MachineStore.Blades;
import truekeen.app.machine.MachineStore.Hours;
import truekeen.app.machine.MachineStore.Machines;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolWear;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.machine.Ground;
import truekeen.core.machine.RunningHours;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.tool.GeometryKind;

/** Hours a machine ran, and when they make its blade due. */
@Service
@Transactional
public class HoursService implements HistorySource, MistakeSource, FigureSource {
    private static final double MOST_HOURS = 2000;
    private static final int OLDEST_DAYS = 3 * 366;

    private final Hours hours;
    private final Blades blades;
    private final Machines machines;
    private final ToolService tools;
    private final ToolWear wear;
    private final BenchClock clock;

    HoursService(Hours hours, Blades blades, Machines machines, ToolService tools, ToolWear wear, BenchClock clock) {
        this.hours = hours;
        this.blades = blades;
        this.machines = machines;
        this.tools = tools;
        this.wear = wear;
        this.clock = clock;
    }

    /** Puts hours down for a blade that is on its machine. Running it asks for no isolation: it comes before it. */
    public void add(UUID toolId, HoursForm in) {
        BladeRow blade = blades.findById(toolId)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.MACHINE_FIRST, "", "")));
        if (!blade.fitted) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_FITTED, "", tools.name(toolId)));
        }
        Form form = new Form();
        LocalDate day = day(form, in.day());
        Double run = form.checks().attempt(() -> QuantityReader.number("hours", in.hours(), "h"));
        form.checks().within("hours", "Hours", run, 0.05, MOST_HOURS, " h");
        Ground ground = form.oneOf("ground", MachineWords.THE_GROUND.words(), in.ground(), Ground.class);
        form.checks().text("person", MachineWords.A_NAME.words(), in.person(), false, 80);
        form.checks().orThrow();
        HoursRow row = new HoursRow(blade.machineId, toolId, clock.instant());
        row.day = day;
        row.hours = run;
        row.ground = ground;
        row.person = Form.orEmpty(in.person());
        hours.saveAndFlush(row);
    }

    /** What was run with a blade, for its log. */
    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        return hours.findByToolIdOrderByDay(toolId).stream()
                .map(MachineHistory::hours)
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public List<DatedFigure> figures(UUID toolId) {
        return hours.findByToolIdOrderByDay(toolId).stream()
                .map(h -> DatedFigure.of(
                        DatedFigure.Kind.HOURS, h.day.atStartOfDay().toInstant(ZoneOffset.UTC), h.hours))
                .toList();
    }

    @Override
    public HistoryEntry.Kind kind() {
        return HistoryEntry.Kind.HOURS;
    }

    @Override
    public boolean hide(UUID toolId, UUID entryId, boolean hidden) {
        return hours.hide(toolId, entryId, hidden ? clock.instant() : null) == 1;
    }

    /** The day a blade is due by its hours; empty while it belongs to no machine or none were entered. */
    @Transactional(readOnly = true)
    public Optional<LocalDate> dueDay(UUID toolId) {
        return Optional.ofNullable(due(Set.of(toolId)).get(toolId));
    }

    /** The days that blades are due by their hours, for those that have one: the same few questions for any number. */
    @Transactional(readOnly = true)
    public Map<UUID, LocalDate> due(Set<UUID> toolIds) {
        if (toolIds.isEmpty()) {
            return Map.of();
        }
        Map<UUID, List<HoursRow>> run =
                hours.findByToolIdInOrderByDay(toolIds).stream().collect(Collectors.groupingBy(h -> h.toolId));
        Map<UUID, MachineRow> machineOf = new HashMap<>();
        Map<UUID, MachineRow> byId =
                machines.findAll().stream().collect(Collectors.toMap(m -> m.id, Function.identity()));
        blades.findAllById(toolIds).forEach(b -> machineOf.put(b.toolId, byId.get(b.machineId)));
        Map<UUID, GeometryKind> kinds = tools.kinds(run.keySet());
        Map<UUID, List<Instant>> worn = wear.at(run.keySet());
        Map<UUID, LocalDate> due = new HashMap<>();
        run.forEach((tool, rows) -> {
            if (machineOf.get(tool) != null) {
                RunningHours.of(
                                kinds.get(tool),
                                clock.today(),
                                machineOf.get(tool).season(),
                                runs(rows),
                                worn.getOrDefault(tool, List.of()).stream()
                                        .map(HoursService::onDay)
                                        .toList())
                        .due()
                        .ifPresent(day -> due.put(tool, day));
            }
        });
        return due;
    }

    private static List<RunningHours.Run> runs(List<HoursRow> rows) {
        return rows.stream()
                .map(r -> new RunningHours.Run(r.day, r.hours, r.ground))
                .toList();
    }

    /** The same for a blade that is sharpened today. */
    @Transactional(readOnly = true)
    public Optional<RunningHours> sharpenedToday(UUID toolId) {
        List<HoursRow> rows = hours.findByToolIdOrderByDay(toolId);
        return rows.isEmpty() ? Optional.empty() : Optional.of(due(toolId, rows, List.of(clock.today())));
    }

    /** How far its hours have gone; empty while it belongs to no machine. */
    Optional<HoursView> view(UUID toolId) {
        if (!blades.existsById(toolId)) {
            return Optional.empty();
        }
        List<HoursRow> rows = hours.findByToolIdOrderByDay(toolId);
        RunningHours due = due(toolId, rows, List.of());
        return Optional.of(new HoursView(
                due.worn(),
                due.interval(),
                due.intervals(),
                due.due().orElse(null),
                due.words(),
                why(due, rows.size()),
                rows.stream()
                        .map(r -> new RunView(r.day, r.hours, r.ground.words()))
                        .toList(),
                Arrays.stream(Ground.values())
                        .map(g -> new GroundView(g, g.words()))
                        .toList()));
    }

    private RunningHours due(UUID toolId, List<HoursRow> rows, List<LocalDate> more) {
        MachineRow machine = machines.findById(blades.findById(toolId).orElseThrow().machineId)
                .orElseThrow();
        List<LocalDate> sharpened = Stream.concat(wear.of(toolId).stream().map(w -> onDay(w.at())), more.stream())
                .toList();
        return RunningHours.of(
                tools.core(toolId).geometry().kind(), clock.today(), machine.season(), runs(rows), sharpened);
    }

    private static AdviceView why(RunningHours due, int runs) {
        return AdviceView.of(new Advice(
                MachineWords.HOURS_AN_EDGE.words(),
                due.interval(),
                due.intervalLow(),
                due.intervalHigh(),
                "h",
                Formula.HOURS_DUE,
                List.of(
                        new Advice.Given(
                                MachineWords.WEAR_SO_FAR.words(),
                                MachineWords.WEAR_HOURS.fill("hours", Numbers.plain(due.worn(), 1))),
                        new Advice.Given(MachineWords.TIMES_PUT_DOWN.words(), String.valueOf(runs)),
                        new Advice.Given(MachineWords.OWN_INTERVALS.words(), String.valueOf(due.intervals())),
                        new Advice.Given(
                                "pace",
                                due.perDay()
                                        .map(p -> MachineWords.HOURS_A_DAY.fill("hours", Numbers.plain(p, 2)))
                                        .orElse(MachineWords.NOT_KNOWN.words()))),
                due.intervals() == 0 ? MachineWords.FIRST_ESTIMATE.words() : MachineWords.SHORTEST_AND_LONGEST.words(),
                MachineWords.HOURS_CHANGE.words()));
    }

    private LocalDate day(Form form, String typed) {
        LocalDate today = clock.today();
        if (Form.blank(typed)) {
            return today;
        }
        LocalDate read = null;
        try {
            read = LocalDate.parse(typed.strip());
        } catch (DateTimeParseException unreadable) {
            // Said below, with the days that can be chosen.
        }
        LocalDate given = read;
        form.checks()
                .require(
                        given != null && !given.isAfter(today) && !given.isBefore(today.minusDays(OLDEST_DAYS)),
                        () -> Refusal.of(MessageCode.DATE_RANGE, "day", typed)
                                .with("low", today.minusDays(OLDEST_DAYS))
                                .with("high", today));
        return given;
    }

    private static LocalDate onDay(Instant at) {
        return LocalDate.ofInstant(at, ZoneId.systemDefault());
    }
}
