package truekeen.app.day;

import java.time.DayOfWeek;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collection;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import truekeen.app.bench.SessionReadings;
import truekeen.app.bench.SessionReadings.FinishedSession;
import truekeen.app.day.DayRecords.BenchTimeForm;
import truekeen.app.day.DayRecords.PromiseView;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.platform.InstallationFacts;
import truekeen.core.day.DayTask;
import truekeen.core.day.HonestPromise;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Median;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.table.Prior;

/** What can honestly be promised for something that is brought today. */
@Service
public class PromiseService {
    /** Minutes at the bench from Monday to Sunday, with commas. */
    private static final String FACT = "benchMinutes";

    /** A season: what tools took longer ago says little. */
    private static final int DAYS_BACK = 84;

    private static final int MOST_THINGS = 60;

    private static final int MINUTE = 60;
    private static final int MOST_MINUTES = 24 * 60;

    private final OpenTools open;
    private final SessionReadings sessions;
    private final PlanService plans;
    private final InstallationFacts facts;
    private final BenchClock clock;

    PromiseService(
            OpenTools open, SessionReadings sessions, PlanService plans, InstallationFacts facts, BenchClock clock) {
        this.open = open;
        this.sessions = sessions;
        this.plans = plans;
        this.facts = facts;
        this.clock = clock;
    }

    /**
     * For tools that take as long as most do here.
     *
     * @param things how many are brought, from 1 to 60
     */
    public PromiseView promise(int things) {
        if (things < 1 || things > MOST_THINGS) {
            throw new RefusedException(Refusal.of(MessageCode.OUT_OF_RANGE, "things", things)
                    .with("what", DayWords.THINGS_BROUGHT.words())
                    .with("low", 1)
                    .with("high", MOST_THINGS));
        }
        double usual = usualSeconds();
        // What only hangs on the rack, neither promised nor begun, waits for nobody.
        List<OpenTools.Seen> waiting = open.all().stream()
                .filter(s -> s.work().wantedBy().isPresent() || s.tool().isPresent())
                .toList();
        double backlog = waiting.stream()
                .mapToDouble(s -> s.tool().map(t -> (double) t.seconds()).orElse(usual))
                .sum();
        Map<DayOfWeek, Integer> bench = bench();
        Optional<HonestPromise> promise =
                HonestPromise.of(bench, Math.round(backlog), Math.round(usual * things), clock.today());
        return new PromiseView(
                promise.map(HonestPromise::likely).orElse(null),
                promise.map(HonestPromise::promise).orElse(null),
                waiting.size(),
                (int) Math.round(backlog / MINUTE),
                new BenchTimeForm(bench.values().stream()
                        .map(seconds -> String.valueOf(seconds / MINUTE))
                        .toList()),
                facts.get(FACT).isEmpty());
    }

    /**
     * How long something takes (s).
     *
     * @param low eight times of ten not less
     * @param high eight times of ten not more
     */
    public record Span(int low, int likely, int high) {}

    /**
     * How long tools still take.
     *
     * @param planned what is left of those whose plan says it
     * @param usual what is taken for any other
     */
    public record TimesLeft(Map<UUID, Span> planned, Span usual) {
        /** What is left of a tool. */
        public Span of(UUID tool) {
            return planned.getOrDefault(tool, usual);
        }
    }

    /** How long open work still takes, tool by tool. */
    public TimesLeft timesLeft(Collection<UUID> tools) {
        Map<UUID, Span> planned = new HashMap<>();
        open.all().stream().filter(s -> tools.contains(s.work().tool())).forEach(s -> s.tool()
                .ifPresent(t -> planned.put(t.tool(), span(t.tasks(1)))));
        double usual = usualSeconds();
        double spread = Prior.FIRST_PACE_SPREAD.value();
        return new TimesLeft(planned, new Span((int) Math.round(usual / spread), (int) Math.round(usual), (int)
                Math.round(usual * spread)));
    }

    private static Span span(List<DayTask> tasks) {
        return new Span(
                tasks.stream().mapToInt(DayTask::leastSeconds).sum(),
                tasks.stream().mapToInt(DayTask::seconds).sum(),
                tasks.stream().mapToInt(DayTask::mostSeconds).sum());
    }

    /** Keeps how long somebody is at the bench on each day of the week. */
    public PromiseView benchTime(BenchTimeForm in) {
        int days = DayOfWeek.values().length;
        if (in.minutes().size() != days) {
            throw new RefusedException(Refusal.of(
                            MessageCode.UNKNOWN_CHOICE, "minutes", in.minutes().size())
                    .with("allowed", days));
        }
        Form form = new Form();
        List<String> minutes = IntStream.range(0, days)
                .mapToObj(i -> {
                    String field = "minutes[" + i + "]";
                    String typed = in.minutes().get(i);
                    Double read = Form.blank(typed)
                            ? Double.valueOf(0)
                            : form.checks().attempt(() -> QuantityReader.number(field, typed, ""));
                    form.checks().within(field, DayWords.MINUTES_OF_A_DAY.words(), read, 0, MOST_MINUTES, "");
                    return String.valueOf(read == null ? 0 : Math.round(read));
                })
                .toList();
        form.checks().orThrow();
        facts.put(FACT, String.join(",", minutes));
        return promise(1);
    }

    /** Time at the bench on each day of the week (s); an hour on working days where nobody said. */
    private Map<DayOfWeek, Integer> bench() {
        Map<DayOfWeek, Integer> bench = new EnumMap<>(DayOfWeek.class);
        List<Integer> said = facts.get(FACT).stream()
                .flatMap(f -> Arrays.stream(f.split(",")))
                .map(Integer::valueOf)
                .toList();
        for (DayOfWeek day : DayOfWeek.values()) {
            int usual = day == DayOfWeek.SUNDAY ? 0 : Prior.BENCH_DAY_SECONDS.whole();
            bench.put(day, said.isEmpty() ? usual : said.get(day.ordinal()) * MINUTE);
        }
        return bench;
    }

    /** A tool from the door to its test (s), as half of those of late were planned. */
    private double usualSeconds() {
        Instant since =
                clock.today().minusDays(DAYS_BACK).atStartOfDay(clock.getZone()).toInstant();
        List<UUID> worked = sessions.finishedSince(since).stream()
                .map(FinishedSession::planId)
                .distinct()
                .toList();
        double[] planned =
                plans.seconds(worked).values().stream().mapToDouble(s -> s).toArray();
        double work = planned.length == 0 ? Prior.UNPLANNED_TOOL_SECONDS.value() : Median.of(planned);
        return work + Prior.TESTING_SECONDS.value() + Prior.TOOL_AT_THE_DOOR_SECONDS.value();
    }
}
