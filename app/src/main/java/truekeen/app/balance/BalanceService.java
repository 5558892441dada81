package truekeen.app.balance;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.balance.BalanceRecords.BalanceSheet;
import truekeen.app.balance.BalanceRecords.BalanceView;
import truekeen.app.balance.BalanceRecords.BeamForm;
import truekeen.app.balance.BalanceRecords.BeamPreview;
import truekeen.app.balance.BalanceRecords.TakenOffForm;
import truekeen.app.bench.BenchService;
import truekeen.app.bench.SessionReadings;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.history.ToolChanged;
import truekeen.app.machine.MachineService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.balance.BalanceTry;
import truekeen.core.balance.Balancing;
import truekeen.core.balance.MarkedWidths;
import truekeen.core.balance.RotaryBlade;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Length;

/** Hangs a blade, says what to take off and where, and keeps each try until it stays level. */
@Service
@Transactional
public class BalanceService implements HistorySource {
    /** Most tries of one job: past it something else is wrong. */
    private static final int MOST_TRIES = 40;

    private final Tries tries;
    private final BenchService bench;
    private final SessionReadings readings;
    private final ToolService tools;
    private final MachineService machines;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    BalanceService(
            Tries tries,
            BenchService bench,
            SessionReadings readings,
            ToolService tools,
            MachineService machines,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.tries = tries;
        this.bench = bench;
        this.readings = readings;
        this.tools = tools;
        this.machines = machines;
        this.publisher = publisher;
        this.clock = clock;
    }

    /** All about the balance of a blade. */
    @Transactional(readOnly = true)
    public BalanceSheet sheet(UUID toolId) {
        CoreTool tool = turning(toolId);
        HungBlade blade = HungBlade.of(tool.geometry());
        MachineService.Running running = machines.running(toolId);
        Optional<BenchService.RunningSession> open = bench.open(toolId);
        UUID session = open.map(BenchService.RunningSession::id).orElse(null);
        List<TryRow> rows = session == null ? List.of() : tries.findBySessionIdOrderByNumber(session);
        Optional<Double> speed = running.perMinute()
                .map(n -> RotaryBlade.tipSpeed(Length.ofMm(2 * blade.tip().mm()), n));
        return new BalanceSheet(
                session,
                open.map(BenchService.RunningSession::allDone).orElse(false),
                blade.places(),
                2 * blade.tip().mm(),
                usual(blade, tries.findFirstByToolIdOrderByAtDesc(toolId)),
                speed.orElse(null),
                speed.filter(BalanceViews::fast).isPresent(),
                speed.map(BalanceViews::tipWords).orElse(""),
                running.perMinute().orElse(null),
                running.massG().orElse(null),
                rows.stream().map(r -> BalanceViews.of(r, blade)).toList(),
                rows.isEmpty() ? null : standing(rows, blade, running),
                session != null && level(session, rows),
                session == null
                        ? null
                        : readings.edgeLoss(session).map(MarkedWidths::massG).orElse(null),
                tries.findByToolIdOrderByAt(toolId).stream()
                        .mapToDouble(r -> r.removedG)
                        .sum());
    }

    /** Judges a try without keeping it. */
    @Transactional(readOnly = true)
    public BeamPreview preview(UUID toolId, BeamForm in) {
        HungBlade blade = HungBlade.of(turning(toolId).geometry());
        Form form = new Form();
        Optional<HungBlade.Hung> hung = blade.read(form, in);
        UUID session = bench.open(toolId).map(BenchService.RunningSession::id).orElse(null);
        List<BalanceTry> before = session == null
                ? List.of()
                : tries.findBySessionIdOrderByNumber(session).stream()
                        .map(TryRow::toCore)
                        .toList();
        MachineService.Running running = machines.running(toolId);
        return new BeamPreview(
                Echo.of(form),
                FaultView.of(form),
                hung.map(h -> {
                            List<BalanceTry> all = new ArrayList<>(before);
                            all.add(h.reading());
                            return BalanceViews.of(Balancing.of(all, blade.of(h, running)), h, blade, running);
                        })
                        .orElse(null));
    }

    /** Keeps a try. */
    public BalanceSheet hang(UUID toolId, BeamForm in) {
        HungBlade blade = HungBlade.of(turning(toolId).geometry());
        UUID session = held(toolId, in.device());
        Form form = new Form();
        form.checks().text("person", BalanceWords.A_NAME.words(), in.person(), false, 80);
        Optional<HungBlade.Hung> hung = blade.read(form, in);
        form.checks().orThrow();
        HungBlade.Hung h = hung.orElseThrow();
        List<TryRow> rows = tries.findBySessionIdOrderByNumber(session);
        if (rows.size() >= MOST_TRIES) {
            throw new RefusedException(Refusal.of(MessageCode.TOO_MANY, "", rows.size())
                    .with("high", MOST_TRIES)
                    .with("what", "tries"));
        }
        TryRow row = new TryRow(toolId, session, rows.size() + 1, clock.instant());
        row.person = Form.orEmpty(in.person());
        row.typed = TryStore.TYPED.write(h.typed());
        row.heavy = h.reading().heavy();
        row.unbalanceGmm = h.reading().unbalanceGmm();
        row.resolutionGmm = h.resolutionGmm();
        List<BalanceTry> all = new ArrayList<>(rows.stream().map(TryRow::toCore).toList());
        all.add(h.reading());
        row.state = Balancing.of(all, blade.of(h, machines.running(toolId))).state();
        tries.saveAndFlush(row);
        publisher.publishEvent(new ToolChanged(toolId));
        return sheet(toolId);
    }

    /** Puts down what came off after the newest try; it joins the history of the blade. */
    public BalanceSheet takenOff(UUID toolId, TakenOffForm in) {
        HungBlade blade = HungBlade.of(turning(toolId).geometry());
        UUID session = held(toolId, in.device());
        List<TryRow> rows = tries.findBySessionIdOrderByNumber(session);
        if (rows.isEmpty()) {
            throw new RefusedException(Refusal.of(MessageCode.BALANCE_FIRST, "", BalanceWords.NO_TRY.words()));
        }
        Form form = new Form();
        TryRow newest = rows.get(rows.size() - 1);
        blade.removed(form, in).ifPresent(r -> {
            newest.removedG = r.massG();
            newest.removedAt = in.place();
            newest.removedRadiusMm = r.radiusMm();
        });
        form.checks().orThrow();
        tries.saveAndFlush(newest);
        publisher.publishEvent(new ToolChanged(toolId));
        return sheet(toolId);
    }

    /** All tries of a blade for its log, oldest first. */
    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        List<TryRow> all = tries.findByToolIdOrderByAt(toolId);
        if (all.isEmpty()) {
            return List.of();
        }
        HungBlade blade = HungBlade.of(tools.core(toolId).geometry());
        return all.stream().map(r -> entry(r, blade)).toList();
    }

    private static HistoryEntry entry(TryRow r, HungBlade blade) {
        String stood = r.state == Balancing.State.LEVEL
                ? "level"
                : Numbers.plain(r.unbalanceGmm, 0) + " g·mm, " + blade.place(r.heavy) + " heavy";
        return new HistoryEntry(
                r.at,
                HistoryEntry.Kind.BALANCE,
                BalanceWords.TRY.fill("number", r.number, "result", stood),
                r.removedG > 0
                        ? List.of(BalanceWords.TAKEN_OFF.fill(
                                "mass", Numbers.plain(r.removedG, 2), "place", blade.place(r.removedAt)))
                        : List.of());
    }

    /** Whether a blade must be hung before it goes back. */
    @Transactional(readOnly = true)
    public boolean turns(UUID toolId) {
        return tools.powered(toolId) && HungBlade.turns(tools.core(toolId).geometry());
    }

    /** Whether a session's blade was left level, with nothing ground off it since. */
    @Transactional(readOnly = true)
    public boolean level(UUID sessionId) {
        return level(sessionId, tries.findBySessionIdOrderByNumber(sessionId));
    }

    /** Refuses to let a turning blade go that was not left level. */
    @Transactional(readOnly = true)
    public void requireLevel(UUID sessionId, UUID toolId) {
        if (turns(toolId) && !level(sessionId)) {
            boolean any = !tries.findBySessionIdOrderByNumber(sessionId).isEmpty();
            throw new RefusedException(Refusal.of(
                    MessageCode.BALANCE_FIRST,
                    "",
                    any ? BalanceWords.NEWEST_NOT_LEVEL.words() : BalanceWords.NO_TRY_PUT_DOWN.words()));
        }
    }

    private boolean level(UUID sessionId, List<TryRow> rows) {
        if (rows.isEmpty()) {
            return false;
        }
        TryRow newest = rows.get(rows.size() - 1);
        return newest.state == Balancing.State.LEVEL
                && newest.removedG == 0
                && readings.lastCounted(sessionId)
                        .map(t -> t.isBefore(newest.at))
                        .orElse(true);
    }

    private UUID held(UUID toolId, String device) {
        UUID session = bench.open(toolId)
                .filter(BenchService.RunningSession::allDone)
                .map(BenchService.RunningSession::id)
                .orElseThrow(() -> new RefusedException(
                        Refusal.of(MessageCode.BALANCE_AFTER_EDGES, "", "").with("what", tools.name(toolId))));
        return bench.requireHeld(session, Form.orEmpty(device)).id();
    }

    private CoreTool turning(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        if (!HungBlade.turns(tool.geometry())) {
            throw new RefusedException(Refusal.of(MessageCode.DOES_NOT_TURN, "", tool.name()));
        }
        return tool;
    }

    private static Map<String, String> usual(HungBlade blade, Optional<TryRow> last) {
        Map<String, String> fields = new HashMap<>(blade.usual());
        last.ifPresent(l -> l.typed().forEach((field, text) -> {
            if (fields.containsKey(field) && !Form.blank(text)) {
                fields.put(field, text);
            }
        }));
        blade.fitting(fields);
        return fields;
    }

    private BalanceView standing(List<TryRow> rows, HungBlade blade, MachineService.Running running) {
        TryRow newest = rows.get(rows.size() - 1);
        HungBlade.Hung h = blade.again(newest.toCore(), newest.typed(), newest.resolutionGmm);
        return BalanceViews.of(
                Balancing.of(rows.stream().map(TryRow::toCore).toList(), blade.of(h, running)), h, blade, running);
    }

    interface Tries extends JpaRepository<TryRow, UUID> {
        List<TryRow> findBySessionIdOrderByNumber(UUID sessionId);

        List<TryRow> findByToolIdOrderByAt(UUID toolId);

        Optional<TryRow> findFirstByToolIdOrderByAtDesc(UUID toolId);
    }
}
