package truekeen.app.day;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import truekeen.app.day.DayRecords.DayForm;
import truekeen.app.day.DayRecords.DayFrontView;
import truekeen.app.day.DayRecords.DayLineView;
import truekeen.app.day.DayRecords.DayPlanView;
import truekeen.app.day.DayRecords.DayTaskView;
import truekeen.app.day.DayRecords.DayView;
import truekeen.app.day.DayRecords.MoveForm;
import truekeen.app.kit.HolderService;
import truekeen.app.kit.KitService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Runs;
import truekeen.core.day.ChangeTimes;
import truekeen.core.day.DayPlanner;
import truekeen.core.day.LearnedChanges;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/**
 * Plans the day, and says how far it is. Each question to another place is a transaction of its own: none is held while the
 * day is put in order, and a record that cannot be read takes nothing else down.
 */
@Service
public class DayService {
    /** A day of sixty tools takes some ten seconds; what takes longer ends with the best so far. */
    private static final Duration MOST = Duration.ofSeconds(30);

    private final DayRow.Rows rows;
    private final OpenTools open;
    private final KitService kit;
    private final HolderService holders;
    private final ChangesTaken changesTaken;
    private final DayWorker worker;
    private final Runs runs;
    private final BenchClock clock;

    DayService(
            DayRow.Rows rows,
            OpenTools open,
            KitService kit,
            HolderService holders,
            ChangesTaken changesTaken,
            DayWorker worker,
            Runs runs,
            BenchClock clock) {
        this.rows = rows;
        this.open = open;
        this.kit = kit;
        this.holders = holders;
        this.changesTaken = changesTaken;
        this.worker = worker;
        this.runs = runs;
        this.clock = clock;
    }

    /** The day as it stands. */
    public DayView day() {
        return view();
    }

    /** Today's plan in a line. */
    public DayFrontView front() {
        if (standing().isEmpty()) {
            return new DayFrontView(null);
        }
        DayPlanView plan = view().plan();
        return new DayFrontView(plan == null ? null : front(plan));
    }

    private static DayLineView front(DayPlanView plan) {
        return plan.runs().stream()
                .filter(r -> !r.done())
                .findFirst()
                .map(r -> new DayLineView(
                        r.words(),
                        r.tasks().stream().map(DayTaskView::tool).distinct().toList(),
                        r.tasks().stream().filter(t -> !t.done()).findFirst().orElse(null),
                        plan.endsAt(),
                        plan.behindMinutes()))
                .orElse(new DayLineView("", List.of(), null, plan.endsAt(), 0));
    }

    /**
     * Plans the day from now. No connection is held while it is put in order. A plan that stands is never made worse for
     * what is left of it.
     */
    public DayView plan(DayForm in) {
        return plan(new DayReader().read(in), Optional.ofNullable(in.run()));
    }

    /** Plans the rest of the day anew, as it was wanted but for one tool, which is to be ready before another. */
    public DayView move(MoveForm in) {
        DayWishes wanted = standing()
                .flatMap(row -> StoredDay.WISHES.read(row.wishes).value())
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.NO_DAY, "tool", "")));
        Set<UUID> left = open.all().stream()
                .flatMap(s -> s.tool().stream())
                .map(OpenTools.Workable::tool)
                .collect(Collectors.toSet());
        DayWishes rest = new DayWishes(
                wanted.people(),
                wanted.readyBy(),
                wanted.tools().stream().filter(t -> left.contains(t.tool())).toList());
        there(rest, "tool", in.tool());
        there(rest, "before", in.before());
        return plan(rest.readyBefore(in.tool(), in.before()), Optional.ofNullable(in.run()));
    }

    private static void there(DayWishes wishes, String field, UUID tool) {
        if (wishes.tools().stream().noneMatch(t -> t.tool().equals(tool))) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_OPEN, field, String.valueOf(tool)));
        }
    }

    private DayView plan(DayWishes wishes, Optional<UUID> run) {
        Instant begins = clock.instant();
        LearnedChanges changes = changesTaken.learned();
        DayProblem problem = problem(wishes, begins, ChangeTimes.usual().times(changes.factor()));
        List<List<String>> earlier = earlier(wishes);
        DayPlanner.Planned planned = worker.work(() -> DayPlanner.plan(problem.day(), earlier, leash(run)));
        DayRow row = new DayRow(clock.today(), clock.instant(), begins);
        row.wishes = StoredDay.WISHES.write(wishes);
        row.timetable = StoredDay.TIMETABLE.write(new PlannedDay(
                planned.table(),
                planned.byTicket().merit(),
                planned.bound().endSeconds(),
                planned.whole(),
                problem.soaked(),
                problem.flattened(),
                changes,
                problem.titles(),
                problem.names()));
        rows.saveAndFlush(row);
        return view();
    }

    /** Stopping ends the search with the best so far: it is no refusal here. */
    private DayPlanner.Leash leash(Optional<UUID> run) {
        Runs.Progress progress = runs.begin(run);
        AtomicBoolean stopped = new AtomicBoolean();
        return new DayPlanner.Leash(MOST, stopped::get, share -> {
            try {
                progress.at((int) Math.round(share * 100), 100);
            } catch (RefusedException asked) {
                stopped.set(true);
            }
        });
    }

    private DayProblem problem(DayWishes wishes, Instant begins, ChangeTimes times) {
        Map<UUID, OpenTools.Seen> all =
                open.all().stream().collect(Collectors.toMap(s -> s.work().tool(), Function.identity()));
        List<DayProblem.Brought> tools = new ArrayList<>();
        for (int i = 0; i < wishes.tools().size(); i++) {
            DayWishes.Wanted wanted = wishes.tools().get(i);
            String field = "tools[" + i + "].tool";
            OpenTools.Seen seen = Optional.ofNullable(all.get(wanted.tool()))
                    .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.NOT_OPEN, field, wanted.tool())));
            OpenTools.Workable workable = seen.tool()
                    .orElseThrow(() -> new RefusedException(Refusal.of(
                                    MessageCode.NOT_FOR_THE_BENCH,
                                    field,
                                    seen.work().name())
                            .with("next", seen.work().next())));
            tools.add(new DayProblem.Brought(
                    workable,
                    wanted.by().map(LocalTime::parse),
                    wanted.longer(),
                    wanted.restsMinutes(),
                    wanted.first(),
                    wanted.after()));
        }
        DayProblem.inCircle(tools).ifPresent(round -> {
            throw new RefusedException(Refusal.of(
                    MessageCode.READY_BEFORE_ITSELF,
                    "tools[" + tools.indexOf(round) + "].after",
                    round.tool().name()));
        });
        return DayProblem.of(
                wishes, tools, kit.shelf(), holders.names(), times, begins, clock.today(), clock.getZone());
    }

    /** The order that stands today, for the people who work now. */
    private List<List<String>> earlier(DayWishes wishes) {
        Optional<PlannedDay> plan = standing()
                .flatMap(row -> StoredDay.TIMETABLE.read(row.timetable).value());
        return plan.map(p -> wishes.people().stream()
                        .map(person -> p.table().slots().stream()
                                .filter(s -> s.person().equals(person.name()))
                                .map(s -> s.task().id())
                                .toList())
                        .toList())
                .orElse(List.of());
    }

    private DayView view() {
        Optional<DayRow> standing = standing();
        return new DayViews(clock.today(), clock.instant(), clock.getZone(), open.all())
                .view(standing, standing.flatMap(this::before));
    }

    /** Today's plan; one of yesterday that goes on past midnight stands until it ends. */
    private Optional<DayRow> standing() {
        return rows.findFirstByDayOrderByMadeAtDesc(clock.today())
                .or(() -> rows.findFirstByDayOrderByMadeAtDesc(clock.today().minusDays(1))
                        .filter(this::goesOn));
    }

    /** When the plan that stood before it on the same day would have ended. */
    private Optional<Instant> before(DayRow standing) {
        return rows.findFirstByDayAndMadeAtLessThanOrderByMadeAtDesc(standing.day, standing.madeAt)
                .flatMap(row -> StoredDay.TIMETABLE
                        .read(row.timetable)
                        .value()
                        .map(p -> row.beginsAt.plusSeconds(p.table().merit().endSeconds())));
    }

    private boolean goesOn(DayRow row) {
        return StoredDay.TIMETABLE
                .read(row.timetable)
                .value()
                .filter(p ->
                        row.beginsAt.plusSeconds(p.table().latestEndSeconds()).isAfter(clock.instant()))
                .isPresent();
    }
}
