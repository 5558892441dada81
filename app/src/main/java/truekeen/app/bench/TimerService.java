package truekeen.app.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.bench.BenchRecords.BenchTimeView;
import truekeen.app.bench.BenchRecords.BenchTimesView;
import truekeen.app.bench.BenchRecords.TimerForm;
import truekeen.app.bench.BenchRecords.TimerKindView;
import truekeen.app.kit.KitService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.core.bench.BenchTimer;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.quantity.QuantityReader;

/** Times that run across steps and tools: soaking, drying, curing. The stones' own soaking is shown among them. */
@Service
@Transactional
public class TimerService {
    private static final double MOST_MINUTES = 7 * 24 * 60;
    private static final int MOST_RUNNING = 20;
    /** How long a time that is over stays in sight (s). */
    private static final int SHOWN_AFTER = 3600;

    private final Timers timers;
    private final KitService kit;
    private final BenchClock clock;

    TimerService(Timers timers, KitService kit, BenchClock clock) {
        this.timers = timers;
        this.kit = kit;
        this.clock = clock;
    }

    /** What runs, what is just over, and what could be started. */
    @Transactional(readOnly = true)
    public BenchTimesView all() {
        Instant now = clock.instant();
        List<BenchTimeView> running = new ArrayList<>();
        kit.underWay()
                .forEach(t -> running.add(new BenchTimeView(
                        null, BenchTimer.SOAK, t.name(), now.plusSeconds(Math.round(t.secondsLeft())))));
        timers.findByStoppedAtIsNull().stream()
                .filter(t -> t.startedAt.plusSeconds(t.seconds + SHOWN_AFTER).isAfter(now))
                .forEach(
                        t -> running.add(new BenchTimeView(t.id, t.kind, t.label, t.startedAt.plusSeconds(t.seconds))));
        running.sort(Comparator.comparing(BenchTimeView::endsAt));
        return new BenchTimesView(
                now,
                running,
                Arrays.stream(BenchTimer.values())
                        .map(k -> new TimerKindView(k, k.words(), k.usualSeconds(), k.why()))
                        .toList());
    }

    /** What dries and cures, and when it is over; the stones' own soaking is left out. */
    @Transactional(readOnly = true)
    public List<BenchTimeView> running() {
        return all().running().stream().filter(t -> t.id() != null).toList();
    }

    /** Starts a time; the same one twice, as by a double touch, runs once. */
    public BenchTimesView start(TimerForm in) {
        Form form = new Form();
        BenchTimer kind = form.oneOf("kind", BenchWords.WHAT_IS_TIMED.words(), in.kind(), BenchTimer.class);
        form.checks().text("label", BenchWords.WHAT_FOR.words(), in.label(), true, 80);
        Double minutes = Form.blank(in.minutes())
                ? null
                : form.checks().attempt(() -> QuantityReader.number("minutes", in.minutes(), "min"));
        form.checks().within("minutes", BenchWords.A_TIME.words(), minutes, 0.1, MOST_MINUTES, " min");
        List<TimerRow> running = timers.findByStoppedAtIsNull();
        form.checks().require(running.size() < MOST_RUNNING, () -> Refusal.of(
                        MessageCode.TOO_MANY, "kind", running.size() + 1)
                .with("high", MOST_RUNNING)
                .with("what", BenchWords.TIMES_AT_ONCE.words()));
        form.checks().orThrow();
        Instant now = clock.instant();
        boolean there = running.stream()
                .anyMatch(t -> t.kind == kind
                        && t.label.equals(in.label().strip())
                        && t.startedAt.plusSeconds(3).isAfter(now));
        if (!there) {
            int seconds = minutes == null ? kind.usualSeconds() : (int) Math.round(minutes * 60);
            timers.saveAndFlush(new TimerRow(kind, in.label().strip(), now, seconds));
        }
        return all();
    }

    /** Stops a time; one that is stopped already stays so. */
    public BenchTimesView stop(UUID id) {
        TimerRow timer = timers.findById(id).orElseThrow(() -> Form.notFound("timer", id));
        if (timer.stoppedAt == null) {
            timer.stoppedAt = clock.instant();
            timers.saveAndFlush(timer);
        }
        return all();
    }

    interface Timers extends JpaRepository<TimerRow, UUID> {
        List<TimerRow> findByStoppedAtIsNull();
    }
}
