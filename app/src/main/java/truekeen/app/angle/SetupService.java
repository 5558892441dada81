package truekeen.app.angle;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.AngleRecords.InkTakenForm;
import truekeen.app.angle.AngleRecords.KeptSetting;
import truekeen.app.angle.AngleRecords.RestatedNote;
import truekeen.app.angle.AngleRecords.SetupView;
import truekeen.app.history.DatedFigure;
import truekeen.app.history.FigureSource;
import truekeen.app.history.HistoryEntry;
import truekeen.app.history.HistorySource;
import truekeen.app.houserule.HouseRuleService;
import truekeen.app.kit.HolderService;
import truekeen.app.kit.HolderService.CoreHolder;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.tool.ToolCopied;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.holding.Holder;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.SavedSetting;
import truekeen.core.holding.Seat;
import truekeen.core.holding.Setup;
import truekeen.core.message.Checks;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.stepsheet.SheetHabits;
import truekeen.core.stepsheet.WorkingMethod;

/** The set-ups that are saved: what each asks for, what it is set to, and how that changed since. */
@Service
@Transactional
public class SetupService implements HistorySource, FigureSource {
    private final Setups setups;
    private final ToolService tools;
    private final HouseRuleService rules;
    private final HolderService holders;
    private final BenchClock clock;

    SetupService(Setups setups, ToolService tools, HouseRuleService rules, HolderService holders, BenchClock clock) {
        this.setups = setups;
        this.tools = tools;
        this.rules = rules;
        this.holders = holders;
        this.clock = clock;
    }

    /**
     * A set-up that was saved.
     *
     * @param holderId what holds it; empty for the bare hand
     * @param setup as the core knows it
     * @param madeAt when it was saved last
     * @param version of its row, for a change that is based on it
     */
    public record SavedSetup(
            UUID id, UUID toolId, Optional<UUID> holderId, Setup setup, Instant madeAt, long version) {}

    /** A set-up with the tool it holds, and the holder as the core knows it. */
    public record Held(SavedSetup saved, CoreTool tool, Holder holder, Seat seat) {
        /** The set-up. */
        public Setup setup() {
            return saved.setup();
        }
    }

    /** The tool's newest set-up. */
    @Transactional(readOnly = true)
    public Optional<SavedSetup> newest(UUID toolId) {
        return setups.newest(toolId).map(this::saved);
    }

    /** The set-up of that id. */
    @Transactional(readOnly = true)
    public SavedSetup setup(UUID id) {
        return saved(row(id));
    }

    /** The tool that a set-up is for. */
    @Transactional(readOnly = true)
    public UUID toolOf(UUID id) {
        return row(id).toolId;
    }

    /** How a tool is worked with a set-up. */
    @Transactional(readOnly = true)
    public WorkingMethod manner(CoreTool tool, Setup s) {
        return WorkingMethod.heldBy(
                        tool.geometry().kind(), s.target(tool.geometry()), s.onStone(), s.camber(tool.geometry()))
                .with(SheetHabits.of(rules.core(tool.id())))
                .bringing(tool.geometry(), tool.brings(), tool.trade(), TargetBevel.of(tool.geometry()), s.bevels());
    }

    /** What holds a set-up, and where its settings stand. */
    @Transactional(readOnly = true)
    public Held held(UUID setupId) {
        SavedSetup setup = setup(setupId);
        CoreTool tool = tools.core(setup.toolId);
        Optional<CoreHolder> holder = setup.holderId.map(holders::core);
        return new Held(
                setup, tool, holder.flatMap(CoreHolder::core).orElse(HolderSettings.BARE), Seat.of(tool.geometry()));
    }

    /** Takes what an ink check says: the settings of a set-up move, its bevels stay. */
    public SetupView takeInk(UUID setupId, InkTakenForm in) {
        SetupRow row = row(setupId);
        Form.sameVersion(row.version, in.version());
        Checks checks = new Checks();
        checks.within("offDeg", AngleWords.A_CORRECTION.words(), in.offDeg(), -20, 20, "°");
        checks.orThrow();
        CoreTool tool = tools.core(row.toolId);
        Optional<CoreHolder> holder = Optional.ofNullable(row.holderId).map(holders::core);
        double moved = row.inkDeg + in.offDeg();
        List<SavedSetting> now = HolderSettings.of(holder, Seat.of(tool.geometry()), moved, Optional.empty())
                .kept(row.target());
        Restating.note(row, now, AngleWords.INK_ASKED_FOR.fill("off", Numbers.plain(in.offDeg(), 2)), clock.instant());
        row.inkDeg = moved;
        return view(setups.saveAndFlush(row));
    }

    /** Another tool like one that is here is set up as that one is: its newest set-up. */
    @EventListener
    public void copied(ToolCopied copy) {
        setups.newest(copy.from()).ifPresent(like -> setups.save(like.forAnother(copy.to(), clock.instant())));
    }

    /** Why the settings of a set-up changed since it was saved: the newest few, oldest first. */
    @Transactional(readOnly = true)
    public List<String> changes(UUID setupId, int most) {
        List<SetupRow.Restated> all = row(setupId).restated();
        return all.subList(Math.max(0, all.size() - most), all.size()).stream()
                .map(SetupRow.Restated::because)
                .toList();
    }

    @Override
    @Transactional(readOnly = true)
    public List<HistoryEntry> history(UUID toolId) {
        return setups.findByToolIdOrderByMadeAtDesc(toolId).stream()
                .map(row -> entry(saved(row), row))
                .toList();
    }

    /** The last bevel of each set-up, oldest first. */
    @Override
    @Transactional(readOnly = true)
    public List<DatedFigure> figures(UUID toolId) {
        return setups.findByToolIdOrderByMadeAtDesc(toolId).stream()
                .sorted(Comparator.comparing((SetupRow row) -> row.madeAt))
                .map(row -> DatedFigure.of(
                        DatedFigure.Kind.ANGLE,
                        row.madeAt,
                        saved(row).setup.bevels().last().degrees()))
                .toList();
    }

    private static HistoryEntry entry(SavedSetup saved, SetupRow row) {
        Setup s = saved.setup;
        List<String> lines = new ArrayList<>();
        String bevels = s.bevels().hasSecondary()
                ? AngleWords.PRIMARY_AND_LAST.fill(
                        "primary", s.bevels().primary(), "last", s.bevels().last())
                : s.bevels().last().toString();
        String settings = s.settings().stream()
                .map(k ->
                        k.label() + " " + Numbers.plain(k.value(), 1) + k.unit().behindANumber())
                .distinct()
                .collect(Collectors.joining(" and "));
        lines.add(bevels + ", " + s.holderName() + (settings.isEmpty() || s.byHand() ? "" : ": " + settings));
        row.restated().forEach(r -> lines.add(r.because() + ": " + r.change()));
        s.bevels().back().ifPresent(b -> lines.add(AngleWords.BACK_BEVEL_OF.fill("angle", b)));
        s.bevels().wheel().ifPresent(wheel -> lines.add(AngleWords.HOLLOW_ON_WHEEL.fill("wheel", wheel)));
        s.camberBelowSole()
                .ifPresent(c -> lines.add(AngleWords.CAMBER_BELOW_SOLE.fill("camber", Numbers.plain(c.mm(), 3))));
        return new HistoryEntry(
                saved.madeAt, HistoryEntry.Kind.SETUP, AngleWords.SETUP_NAMED.fill("name", s.name()), lines);
    }

    /** The newest set-up, as it is shown. */
    Optional<SetupView> newestView(UUID toolId) {
        return setups.newest(toolId).map(this::view);
    }

    /** All set-ups of a tool as they are shown, newest first. */
    List<SetupView> views(UUID toolId) {
        return setups.findByToolIdOrderByMadeAtDesc(toolId).stream()
                .map(this::view)
                .toList();
    }

    private SetupRow row(UUID id) {
        return setups.findById(id).orElseThrow(() -> Form.notFound("set-up", id));
    }

    private SavedSetup saved(SetupRow row) {
        Optional<CoreHolder> holder = Optional.ofNullable(row.holderId).map(holders::core);
        return new SavedSetup(
                row.id,
                row.toolId,
                Optional.ofNullable(row.holderId),
                new Setup(
                        row.name,
                        row.target(),
                        Optional.ofNullable(row.camberMm).map(Length::ofMm),
                        holder.map(CoreHolder::kind).orElse(HolderKind.HAND),
                        holder.map(CoreHolder::name).orElse(AngleWords.BY_HAND.words()),
                        row.settings(),
                        Angle.ofDegrees(row.inkDeg)),
                row.madeAt,
                row.version);
    }

    SetupView view(SetupRow row) {
        SavedSetup saved = saved(row);
        Setup s = saved.setup;
        return new SetupView(
                row.id,
                s.name(),
                row.trade,
                row.primaryDeg,
                row.lastDeg,
                row.backDeg,
                row.wheelMm,
                row.camberMm,
                row.holderId,
                s.holderName(),
                s.holder(),
                s.settings().stream()
                        .map(k -> new KeptSetting(
                                k.bevel(),
                                k.bevel().words(),
                                k.angle().degrees(),
                                k.label(),
                                k.unit().symbol(),
                                k.value(),
                                k.where(),
                                k.scheme().orElse(null)))
                        .toList(),
                row.inkDeg,
                row.restated().stream()
                        .map(r -> new RestatedNote(r.at(), r.because(), r.change()))
                        .toList(),
                row.madeAt,
                row.typed(),
                row.version);
    }
}
