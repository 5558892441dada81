package truekeen.app.finish;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.SetupService;
import truekeen.app.balance.BalanceService;
import truekeen.app.bench.BenchService;
import truekeen.app.edgetest.TestService;
import truekeen.app.edgetest.TestViews;
import truekeen.app.finish.FinishRecords.FinishActView;
import truekeen.app.finish.FinishRecords.FinishCardForm;
import truekeen.app.finish.FinishRecords.FinishCardView;
import truekeen.app.finish.FinishRecords.FinishSheet;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.history.ToolChanged;
import truekeen.app.kit.KitService;
import truekeen.app.machine.HoursService;
import truekeen.app.machine.MachineService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.fault.EdgeCheck;
import truekeen.core.fault.Sign;
import truekeen.core.finish.FinishAct;
import truekeen.core.finish.Finishing;
import truekeen.core.finish.NextCheck;
import truekeen.core.machine.RunningHours;
import truekeen.core.message.Days;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.stepsheet.Step;

/** Puts a tool back to work: what is done to it, how it is refitted, and when it is looked at again. */
@Service
@Transactional
public class FinishService implements HistorySource {
    private static final double CAP_LOW_MM = 0.05;
    private static final double CAP_HIGH_MM = 15;
    private static final int FURTHEST_DAYS = 3 * 365;

    private final Cards cards;
    private final BenchService bench;
    private final TestService tests;
    private final ToolService tools;
    private final SetupService setups;
    private final BalanceService balance;
    private final MachineService machines;
    private final HoursService hours;
    private final KitService kit;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    FinishService(
            Cards cards,
            BenchService bench,
            TestService tests,
            ToolService tools,
            SetupService setups,
            BalanceService balance,
            MachineService machines,
            HoursService hours,
            KitService kit,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.cards = cards;
        this.bench = bench;
        this.tests = tests;
        this.tools = tools;
        this.setups = setups;
        this.balance = balance;
        this.machines = machines;
        this.hours = hours;
        this.kit = kit;
        this.publisher = publisher;
        this.clock = clock;
    }

    /** What is left to do with a tool. */
    @Transactional(readOnly = true)
    public FinishSheet sheet(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        Optional<BenchService.RunningSession> open = bench.open(toolId);
        UUID session = open.map(BenchService.RunningSession::id).orElse(null);
        Next next = next(tool);
        boolean turns = balance.turns(toolId);
        return new FinishSheet(
                acts(tool).stream().map(FinishService::view).toList(),
                EdgeCheck.firstCut(tool.trade()).map(TestViews::outcomes).orElse(List.of()),
                session,
                open.map(BenchService.RunningSession::allDone).orElse(false),
                open.flatMap(o -> tests.newest(o.id()))
                        .map(TestService.TestRef::keen)
                        .orElse(false),
                turns,
                !turns || session != null && balance.level(session),
                next.day,
                next.words,
                cards.findFirstByToolIdOrderByAtDesc(toolId)
                        .map(FinishService::view)
                        .orElse(null));
    }

    /** Keeps how it went back, and ends its session. */
    public void close(UUID sessionId, FinishCardForm in) {
        BenchService.SessionRef session = bench.requireHeld(sessionId, Form.orEmpty(in.device()));
        CoreTool tool = tools.core(session.toolId());
        balance.requireLevel(sessionId, session.toolId());
        Form form = new Form();
        List<FinishAct> acts = acts(tool);
        List<String> keys = acts.stream().map(a -> a.key().name()).toList();
        List<String> done = in.done() == null ? List.of() : in.done();
        done.forEach(key -> form.checks()
                .require(keys.contains(key), () -> Refusal.of(MessageCode.UNKNOWN_CHOICE, "done", key)
                        .with("allowed", keys.toString())));
        CardRow card = new CardRow(sessionId, session.toolId(), clock.instant(), Form.orEmpty(in.person()));
        card.done = CardStore.DONE.write(done.stream().distinct().toList());
        card.seen = CardStore.SEEN.write(seen(form, in.seen(), EdgeCheck.firstCut(tool.trade())));
        boolean hasCap = acts.stream().anyMatch(a -> a.key() == FinishAct.Key.CAP_IRON);
        if (hasCap) {
            form.lengthIfAny("capIron", in.capIron()).ifPresent(cap -> {
                form.checks()
                        .within("capIron", FinishWords.CAP_IRON.words(), cap.mm(), CAP_LOW_MM, CAP_HIGH_MM, InWords.MM);
                card.capIronMm = cap.mm();
                card.capTyped = in.capIron().strip();
            });
        }
        form.checks().text("torque", FinishWords.A_TORQUE.words(), in.torque(), false, 40);
        form.checks()
                .require(
                        !balance.turns(session.toolId()) || !Form.blank(in.torque()),
                        () -> Refusal.of(MessageCode.TORQUE_FIRST, "torque", ""));
        card.torque = Form.orEmpty(in.torque()).strip();
        card.nextCheck = Form.blank(in.nextCheck())
                ? next(tool).day
                : form.day(
                                "nextCheck",
                                in.nextCheck(),
                                clock.today(),
                                clock.today().plusDays(FURTHEST_DAYS))
                        .orElse(null);
        form.checks().orThrow();
        cards.save(card);
        bench.close(sessionId, in.device());
        machines.refitted(session.toolId(), in.person());
        publisher.publishEvent(new ToolChanged(session.toolId()));
    }

    /** The day that was set for a tool to be looked at again when it went back the last time. */
    @Transactional(readOnly = true)
    public Optional<LocalDate> nextCheck(UUID toolId) {
        return cards.findFirstByToolIdOrderByAtDesc(toolId).map(c -> c.nextCheck);
    }

    /** All of a tool for its log, oldest first. */
    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        return cards.findByToolIdOrderByAt(toolId).stream()
                .map(FinishService::entry)
                .toList();
    }

    private static HistoryEntry entry(CardRow c) {
        List<String> lines = new ArrayList<>();
        lines.add(
                c.done().isEmpty()
                        ? FinishWords.NOTHING_TICKED.words()
                        : known(c.done()).stream().map(FinishAct.Key::done).collect(Collectors.joining(", ")));
        if (c.capIronMm != null) {
            lines.add(FinishWords.CAP_IRON_AT.fill("distance", Numbers.plain(c.capIronMm, 2)));
        }
        if (!c.torque.isEmpty()) {
            lines.add(FinishWords.BOLT_AT.fill("torque", c.torque));
        }
        lines.addAll(c.seen());
        return new HistoryEntry(
                c.at, HistoryEntry.Kind.FINISH, FinishWords.BACK_TO_WORK.fill("day", Days.words(c.nextCheck)), lines);
    }

    private List<FinishAct> acts(CoreTool tool) {
        boolean cambered = setups.newest(tool.id())
                .flatMap(s -> s.setup().camberBelowSole())
                .isPresent();
        return Finishing.acts(tool.trade(), tool.steel(), cambered, tool.brings(), wetStones(tool.id()));
    }

    /** Whether the session at the bench used stones that were wet with water. */
    private boolean wetStones(UUID toolId) {
        Set<String> used = bench.open(toolId).stream()
                .flatMap(open -> bench.steps(open.id()).stream())
                .map(Step::abrasiveId)
                .collect(Collectors.toSet());
        return kit.shelf().stream()
                .anyMatch(a -> used.contains(a.id())
                        && a.wet()
                        && a.kind().flattenAfterStrokes().isPresent()
                        && !a.kind().has(AbrasiveKind.Trait.RENEWED));
    }

    private record Next(LocalDate day, String words) {}

    /** By the hours its machine runs, where they can tell a day; else by its own intervals. */
    private Next next(CoreTool tool) {
        List<LocalDate> sharpened = Stream.concat(bench.finished(tool.id()).stream(), Stream.of(clock.instant()))
                .map(i -> LocalDate.ofInstant(i, ZoneId.systemDefault()))
                .toList();
        Optional<RunningHours> byHours = hours.sharpenedToday(tool.id());
        if (byHours.flatMap(RunningHours::due).isPresent()) {
            return new Next(byHours.get().due().orElseThrow(), byHours.get().words());
        }
        NextCheck check = NextCheck.propose(
                clock.today(), tool.trade(), sharpened, tool.brings().brittle(sharpened.size()));
        return new Next(check.day(), check.words());
    }

    private static List<String> seen(Form form, List<String> signs, Optional<EdgeCheck> firstCut) {
        List<Sign> possible = firstCut.map(EdgeCheck::signs).orElse(List.of());
        List<String> words = new ArrayList<>();
        for (String s : signs == null ? List.<String>of() : signs) {
            Optional<Sign> sign =
                    possible.stream().filter(p -> p.name().equals(s)).findFirst();
            form.checks().require(sign.isPresent(), () -> Refusal.of(MessageCode.UNKNOWN_CHOICE, "seen", s)
                    .with("allowed", possible.stream().map(Enum::name).toList()));
            sign.ifPresent(known -> {
                form.checks()
                        .require(
                                known.says() != Sign.Says.BAD,
                                () -> Refusal.of(MessageCode.FIRST_CUT_FAILED, "seen", known.words()));
                words.add(known.words());
            });
        }
        return words;
    }

    private static FinishActView view(FinishAct a) {
        return new FinishActView(
                a.key(),
                a.title(),
                a.words(),
                a.why(),
                a.caution(),
                a.setting() == null ? "" : a.setting().name(),
                a.setting() == null ? null : a.setting().lowMm(),
                a.setting() == null ? null : a.setting().highMm());
    }

    /** The acts of a card, in their order; what it names beyond them is passed over. */
    private static List<FinishAct.Key> known(List<String> done) {
        return Arrays.stream(FinishAct.Key.values())
                .filter(k -> done.contains(k.name()))
                .toList();
    }

    private static FinishCardView view(CardRow c) {
        return new FinishCardView(
                c.sessionId, c.at, c.person, known(c.done()), c.seen(), c.capIronMm, c.torque, c.nextCheck);
    }

    interface Cards extends JpaRepository<CardRow, UUID> {
        Optional<CardRow> findFirstByToolIdOrderByAtDesc(UUID toolId);

        List<CardRow> findByToolIdOrderByAt(UUID toolId);
    }
}
