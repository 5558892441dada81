package truekeen.app.day;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import truekeen.app.bench.SessionReadings;
import truekeen.app.bench.SessionReadings.FinishedSession;
import truekeen.app.board.BoardService.OpenWork;
import truekeen.app.day.DayRecords.PromiseView;
import truekeen.app.plan.PlanService;
import truekeen.app.platform.BenchClock;
import truekeen.core.day.HonestPromise;
import truekeen.core.quantity.Median;
import truekeen.core.table.Prior;

/** What can honestly be promised for something that is brought today. */
@Service
public class PromiseService {
    /** A season: what was got done longer ago says little. */
    private static final int DAYS_BACK = 84;

    private static final int MINUTE = 60;
    private static final int WEEK = 7;

    private final OpenTools open;
    private final SessionReadings sessions;
    private final PlanService plans;
    private final BenchClock clock;

    PromiseService(OpenTools open, SessionReadings sessions, PlanService plans, BenchClock clock) {
        this.open = open;
        this.sessions = sessions;
        this.plans = plans;
        this.clock = clock;
    }

    /** For a tool that takes as long as most do here. */
    public PromiseView promise() {
        LocalDate today = clock.today();
        Instant since = today.minusDays(DAYS_BACK).atStartOfDay(clock.getZone()).toInstant();
        List<FinishedSession> finished = sessions.finishedSince(since);
        Map<UUID, Double> seconds =
                plans.seconds(finished.stream().map(FinishedSession::planId).collect(Collectors.toSet()));
        List<Integer> worked = worked(finished, seconds, today);
        double usual = seconds.isEmpty()
                ? Prior.UNPLANNED_TOOL_SECONDS.value()
                : Median.of(seconds.values().stream().mapToDouble(s -> s).toArray());
        // What only hangs on the rack, neither promised nor begun, waits for nobody.
        List<OpenWork> waiting = open.all().stream()
                .filter(w -> w.wantedBy().isPresent() || w.atBenchNext())
                .toList();
        double backlog = waiting.stream()
                .mapToDouble(
                        w -> open.workable(w).map(t -> (double) t.seconds()).orElse(usual))
                .sum();
        Optional<HonestPromise> promise = HonestPromise.of(worked, Math.round(backlog), Math.round(usual), today);
        int total = worked.stream().mapToInt(s -> s).sum();
        return new PromiseView(
                promise.map(HonestPromise::likely).orElse(null),
                promise.map(HonestPromise::promise).orElse(null),
                waiting.size(),
                (int) Math.round(backlog / MINUTE),
                worked.isEmpty() ? 0 : Math.round((float) total * WEEK / worked.size() / MINUTE));
    }

    /** What was got done each day (s as planned), from the first that is known to yesterday. */
    private List<Integer> worked(List<FinishedSession> finished, Map<UUID, Double> seconds, LocalDate today) {
        Map<LocalDate, Double> byDay = finished.stream()
                .collect(Collectors.groupingBy(
                        f -> f.at().atZone(clock.getZone()).toLocalDate(),
                        Collectors.summingDouble(f -> seconds.getOrDefault(f.planId(), 0.0))));
        List<Integer> worked = new ArrayList<>();
        Optional<LocalDate> first = byDay.keySet().stream().min(LocalDate::compareTo);
        if (first.isPresent()) {
            long days = ChronoUnit.DAYS.between(first.get(), today);
            for (long back = days; back > 0; back--) {
                worked.add((int) Math.round(byDay.getOrDefault(today.minusDays(back), 0.0)));
            }
        }
        return worked;
    }
}
