package truekeen.app.day;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import truekeen.app.board.BoardService.OpenWork;
import truekeen.app.day.DayRecords.DayForm;
import truekeen.app.day.DayRecords.DayPlanView;
import truekeen.app.day.DayRecords.DayRunView;
import truekeen.app.day.DayRecords.DayTaskView;
import truekeen.app.day.DayRecords.DayToolView;
import truekeen.app.day.DayRecords.GoneView;
import truekeen.app.day.DayRecords.SoakAtView;
import truekeen.app.day.DayRecords.WantedForm;
import truekeen.app.day.DayRecords.WorkerForm;
import truekeen.core.day.ChangeAct;
import truekeen.core.day.ChangeTimes;
import truekeen.core.day.DayRun;
import truekeen.core.day.DayTask;
import truekeen.core.day.LearnedChanges;
import truekeen.core.day.Timetable;
import truekeen.core.day.ToolTasks;
import truekeen.core.message.Numbers;
import truekeen.core.table.Prior;

/** One planned day, as it is shown at a moment. */
final class ShownPlan {
    private final DayRow row;
    private final PlannedDay plan;
    private final DayWishes wishes;
    private final Map<UUID, OpenTools.Workable> workable = new HashMap<>();
    private final List<OpenTools.Seen> open;
    private final Instant now;
    private final ZoneId zone;
    private final Map<String, OpenWork> byId;

    ShownPlan(DayRow row, PlannedDay plan, DayWishes wishes, List<OpenTools.Seen> open, Instant now, ZoneId zone) {
        this.row = row;
        this.plan = plan;
        this.wishes = wishes;
        this.open = open;
        this.now = now;
        this.zone = zone;
        this.byId = open.stream()
                .map(OpenTools.Seen::work)
                .collect(Collectors.toMap(w -> w.tool().toString(), w -> w));
        open.forEach(o -> o.tool().ifPresent(t -> workable.put(t.tool(), t)));
    }

    DayPlanView view(Optional<Instant> before) {
        Timetable table = plan.table();
        return new DayPlanView(
                row.madeAt,
                row.beginsAt,
                at(table.merit().endSeconds()),
                at(table.earliestEndSeconds()),
                at(table.latestEndSeconds()),
                at(plan.byTicket().endSeconds()),
                at(plan.boundSeconds()),
                DayViews.minutes(table.merit().lateSeconds()),
                DayViews.minutes(plan.byTicket().lateSeconds()),
                table.merit().setUps(),
                plan.byTicket().setUps(),
                plan.whole(),
                before.map(this::later).orElse(0),
                behind(),
                changed(),
                gone(),
                soak(),
                plan.flattened().stream().map(this::name).toList(),
                runs(),
                tools(),
                basis(),
                wishes());
    }

    private int later(Instant was) {
        long seconds = at(plan.table().merit().endSeconds()).getEpochSecond() - was.getEpochSecond();
        return (int) Math.max(0, seconds / DayViews.MINUTE);
    }

    private Instant at(long seconds) {
        return row.beginsAt.plusSeconds(seconds);
    }

    private String name(String id) {
        return plan.names().getOrDefault(id, id);
    }

    /** A task is done when its tool is past it, whatever it was planned as. */
    private boolean done(DayTask task) {
        UUID tool = UUID.fromString(task.job());
        Optional<OpenTools.Workable> left = Optional.ofNullable(workable.get(tool));
        if (left.isEmpty() && halted(tool)) {
            return false;
        }
        if (left.isEmpty()) {
            // Ready again, or back to be surveyed: nothing of this plan is left to do on it.
            return true;
        }
        if (!left.get().plan().equals(ToolTasks.plan(task.id()))) {
            return false;
        }
        OptionalInt step = ToolTasks.step(task.id());
        return step.isPresent() && step.getAsInt() < left.get().next();
    }

    /** Whether its plan asks for something that is gone, so that it must be planned anew. */
    private boolean halted(UUID tool) {
        return open.stream()
                .anyMatch(o -> o.work().tool().equals(tool) && o.gone().isPresent());
    }

    /** What of this plan asks for something that is on the shelf no more. */
    private List<GoneView> gone() {
        Set<String> planned = plan.table().slots().stream()
                .map(Timetable.Slot::task)
                .filter(t -> !done(t))
                .map(DayTask::job)
                .collect(Collectors.toSet());
        return open.stream()
                .filter(o -> planned.contains(o.work().tool().toString()))
                .flatMap(o -> o.gone().stream()
                        .map(stone -> new GoneView(
                                stone,
                                o.work().tool(),
                                o.work().name(),
                                o.tool().isPresent(),
                                o.work().path())))
                .toList();
    }

    private List<String> changed() {
        return plan.table().slots().stream()
                .map(Timetable.Slot::task)
                .filter(t -> Optional.ofNullable(workable.get(UUID.fromString(t.job())))
                        .filter(w -> !w.plan().equals(ToolTasks.plan(t.id())))
                        .isPresent())
                .map(t -> toolName(t.job()))
                .distinct()
                .toList();
    }

    private String toolName(String job) {
        return Optional.ofNullable(byId.get(job))
                .map(OpenWork::name)
                .orElse(plan.titles().getOrDefault(job, ""));
    }

    /** By how much the first task that is not done should be further than it is. */
    private int behind() {
        return plan.table().slots().stream()
                .filter(s -> !done(s.task()))
                .findFirst()
                .map(s ->
                        Math.max(0, now.getEpochSecond() - at(s.finishSeconds()).getEpochSecond()))
                .map(s -> (int) (s / DayViews.MINUTE))
                .orElse(0);
    }

    /** What soaks goes into the water so that it is ready when it is first used. */
    private List<SoakAtView> soak() {
        List<SoakAtView> soak = new ArrayList<>();
        plan.soaked().forEach((stone, seconds) -> plan.table().slots().stream()
                .filter(s -> s.task().stone().filter(stone::equals).isPresent())
                .mapToInt(s -> s.startSeconds() - s.changeSeconds())
                .min()
                .ifPresent(first -> soak.add(
                        new SoakAtView(name(stone), at(Math.max(0, first - seconds)), DayViews.minutes(seconds)))));
        soak.sort(Comparator.comparing(SoakAtView::at).thenComparing(SoakAtView::name));
        return soak;
    }

    private List<DayRunView> runs() {
        List<DayRunView> shown = new ArrayList<>();
        List<DayRun> runs = DayRun.of(plan.table().slots());
        for (DayRun run : runs) {
            List<DayTaskView> tasks = run.slots().stream().map(this::task).toList();
            shown.add(new DayRunView(
                    run.person(),
                    words(run),
                    run.acts().stream().flatMap(a -> act(a, run).stream()).toList(),
                    at(run.fromSeconds()),
                    at(run.untilSeconds()),
                    tasks.stream().allMatch(DayTaskView::done),
                    tasks));
        }
        return shown;
    }

    private DayTaskView task(Timetable.Slot s) {
        return new DayTaskView(
                s.task().id(),
                UUID.fromString(s.task().job()),
                toolName(s.task().job()),
                plan.titles().getOrDefault(s.task().id(), ""),
                at(s.startSeconds()),
                DayViews.minutes(s.task().seconds()),
                done(s.task()),
                Optional.ofNullable(byId.get(s.task().job()))
                        .map(OpenWork::path)
                        .orElse("/tools/" + s.task().job()));
    }

    private String words(DayRun run) {
        String how = run.hold()
                .map(h -> DayWords.HELD_AT.fill("holder", name(h.holder()), "setting", h.setting()))
                .orElse(DayWords.BY_HAND.words());
        return run.stone()
                .map(s -> DayWords.WITH_STONE.fill("how", how, "stone", name(s)))
                .orElse(run.hold().isPresent() ? how : without(run));
    }

    /** An act of changing over in words; that a tool is put into what holds it goes without saying. */
    private Optional<String> act(ChangeAct act, DayRun run) {
        String holder = run.hold().map(h -> name(h.holder())).orElse("");
        String setting = run.hold().map(DayTask.Hold::setting).orElse("");
        String stone = run.stone().map(this::name).orElse("");
        return switch (act) {
            case CLEAN -> Optional.of(DayWords.CLEAN_FIRST.words());
            case SET -> Optional.of(DayWords.SET_IT.fill("holder", holder, "setting", setting));
            case PUT_IN -> Optional.empty();
            case FLATTEN -> Optional.of(DayWords.FLATTEN_FIRST.fill("stone", stone));
            case LAY_DOWN -> Optional.of(DayWords.LAY_DOWN.fill("stone", stone));
        };
    }

    /** What the order rests on. */
    private List<String> basis() {
        ChangeTimes times = ChangeTimes.usual().times(plan.changes().factor());
        List<String> basis = new ArrayList<>(List.of(
                DayWords.BASIS_ORDER.words(),
                DayWords.BASIS_CHANGES.fill(
                        "set", times.setting(),
                        "clamp", times.clamping(),
                        "change", times.changing(),
                        "clean", times.cleaning(),
                        "flatten", Prior.FLATTENING_SECONDS.whole()),
                DayWords.BASIS_RANGE.fill("spread", Numbers.plain(Prior.HANDLING_SPREAD.value(), 1)),
                DayWords.BASIS_BOUND.words()));
        learned().ifPresent(basis::add);
        return basis;
    }

    private List<DayToolView> tools() {
        return plan.table().done().stream()
                .map(d -> {
                    UUID tool = UUID.fromString(d.job());
                    int late = DayViews.minutes(d.lateSeconds().orElse(0));
                    return new DayToolView(
                            tool,
                            toolName(d.job()),
                            at(d.atSeconds()),
                            at(d.earliestSeconds()),
                            at(d.latestSeconds()),
                            by(tool).orElse(null),
                            late,
                            !workable.containsKey(tool) && !halted(tool));
                })
                .sorted(Comparator.comparing(DayToolView::readyAt))
                .toList();
    }

    private Optional<Instant> by(UUID tool) {
        Optional<String> asked = wishes.tools().stream()
                .filter(w -> w.tool().equals(tool))
                .findFirst()
                .flatMap(DayWishes.Wanted::by);
        boolean promised = Optional.ofNullable(byId.get(tool.toString()))
                .flatMap(OpenWork::wantedBy)
                .filter(d -> !d.isAfter(row.day))
                .isPresent();
        return asked.or(() -> promised ? Optional.of(wishes.readyBy()) : Optional.empty())
                .map(t -> row.day.atTime(LocalTime.parse(t)).atZone(zone).toInstant());
    }

    private DayForm wishes() {
        return new DayForm(
                wishes.people().stream()
                        .map(p -> new WorkerForm(p.name(), p.begins().orElse("")))
                        .toList(),
                wishes.readyBy(),
                wishes.tools().stream()
                        .map(t -> new WantedForm(
                                t.tool(),
                                t.by().orElse(""),
                                t.longer() == 1 ? "" : String.valueOf(t.longer()),
                                t.restsMinutes() == 0 ? "" : String.valueOf(t.restsMinutes()),
                                t.first(),
                                t.after().orElse(null)))
                        .toList(),
                null);
    }

    /** What is done on no stone and in nothing that holds: the tests at the end have a name of their own. */
    private static String without(DayRun run) {
        boolean tests =
                run.slots().stream().allMatch(s -> ToolTasks.step(s.task().id()).isEmpty());
        return (tests ? DayWords.TESTS : DayWords.OFF_THE_STONES).words();
    }

    /** What the bench taught of changing over, where it taught anything. */
    private Optional<String> learned() {
        LearnedChanges c = plan.changes();
        return c.changes() == 0
                ? Optional.empty()
                : Optional.of(DayWords.BASIS_LEARNED.fill(
                        "factor", Numbers.plain(c.factor(), 1),
                        "low", Numbers.plain(c.low(), 1),
                        "high", Numbers.plain(c.high(), 1),
                        "changes", c.changes()));
    }
}
