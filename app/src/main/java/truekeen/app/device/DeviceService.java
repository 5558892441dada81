package truekeen.app.device;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import truekeen.app.device.DeviceRecords.DeviceView;
import truekeen.app.device.DeviceRecords.TakenReading;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.platform.Settings;
import truekeen.core.bench.Instrument;
import truekeen.core.bench.Settling;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** Keeps the lines to the instruments, pushes what they read to whoever watches, and takes readings. */
@Service
public class DeviceService {
    private static final long WANTED_MS = 10_000;
    private static final int MOST_WATCHERS = 30;

    private final BenchClock clock;
    private final List<DeviceLink> links;
    private final List<SseEmitter> watchers = new CopyOnWriteArrayList<>();
    private final AtomicLong askedAt = new AtomicLong(Long.MIN_VALUE / 2);
    private volatile boolean dirty;

    DeviceService(Settings settings, BenchClock clock) {
        this.clock = clock;
        Map<String, String> where = settings.devices() == null ? Map.of() : settings.devices();
        this.links = Arrays.stream(Instrument.values())
                .filter(i -> i.live() && where.containsKey(key(i)))
                .map(i -> new DeviceLink(i, address(where.get(key(i))), this::wanted, () -> dirty = true))
                .toList();
    }

    private static String key(Instrument i) {
        return i.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    private static InetSocketAddress address(String hostAndPort) {
        int colon = hostAndPort.lastIndexOf(':');
        return new InetSocketAddress(
                hostAndPort.substring(0, colon), Integer.parseInt(hostAndPort.substring(colon + 1)));
    }

    @PostConstruct
    void begin() {
        links.forEach(DeviceLink::start);
    }

    @PreDestroy
    void end() {
        links.forEach(DeviceLink::end);
    }

    /** The streams are let go before the service waits for its requests to end: they never would by themselves. */
    @EventListener(ContextClosedEvent.class)
    void letGo() {
        watchers.forEach(SseEmitter::complete);
    }

    /** All instruments as they read now. */
    public List<DeviceView> all() {
        askedAt.set(System.currentTimeMillis());
        return views();
    }

    /** A stream of the same, with every change. */
    SseEmitter watch() {
        if (watchers.size() >= MOST_WATCHERS) {
            throw new RefusedException(Refusal.of(MessageCode.TOO_MANY, "", watchers.size() + 1)
                    .with("high", MOST_WATCHERS)
                    .with("what", DeviceWords.SCREENS.words()));
        }
        SseEmitter emitter = new SseEmitter(0L);
        emitter.onCompletion(() -> watchers.remove(emitter));
        emitter.onTimeout(() -> watchers.remove(emitter));
        emitter.onError(e -> watchers.remove(emitter));
        watchers.add(emitter);
        send(emitter);
        return emitter;
    }

    /**
     * Takes a reading: what was last taken on the instrument itself while nobody had it yet, or else its settled value.
     *
     * @param seen running number of the last reading the asking screen has had
     */
    public TakenReading take(String kind, long seen) {
        askedAt.set(System.currentTimeMillis());
        DeviceLink link = links.stream()
                .filter(l -> l.instrument().name().equals(kind))
                .findFirst()
                .orElseThrow(() -> Form.notFound("instrument", kind));
        Instrument instrument = link.instrument();
        DeviceView now = link.view();
        if (now.taken() != null && now.takenNumber() > seen) {
            return taken(instrument, now.taken(), DeviceWords.TAKEN.words());
        }
        if (!now.live()) {
            throw new RefusedException(
                    Refusal.of(MessageCode.DEVICE_AWAY, "", instrument.name()).with("what", instrument.words()));
        }
        Settling settled = Settling.of(link.samples(), instrument);
        if (!settled.settled()) {
            throw new RefusedException(Refusal.of(
                            MessageCode.DEVICE_UNSETTLED,
                            "",
                            truekeen.core.message.Numbers.plain(settled.span(), 1) + " " + instrument.unit())
                    .with("what", instrument.words()));
        }
        return taken(instrument, settled.value(), DeviceWords.MIDDLE_OF_LAST.words());
    }

    private TakenReading taken(Instrument instrument, double value, String how) {
        return new TakenReading(instrument, value, instrument.unit(), clock.instant(), how);
    }

    private boolean wanted() {
        return !watchers.isEmpty() || System.currentTimeMillis() - askedAt.get() < WANTED_MS;
    }

    private List<DeviceView> views() {
        return links.stream().map(DeviceLink::view).toList();
    }

    /** Ten times a second at most, whatever the instruments send. */
    @Scheduled(fixedDelay = 100)
    void push() {
        if (dirty) {
            dirty = false;
            watchers.forEach(this::send);
        }
    }

    /** A word now and then, so that a screen that is gone is noticed. */
    @Scheduled(fixedDelay = 5000)
    void beat() {
        watchers.forEach(this::send);
    }

    private void send(SseEmitter emitter) {
        try {
            emitter.send(SseEmitter.event().name("instruments").data(views(), MediaType.APPLICATION_JSON));
        } catch (IOException | IllegalStateException gone) {
            watchers.remove(emitter);
        }
    }
}
