package truekeen.app.angle;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.AngleRecords.AngleAnswer;
import truekeen.app.angle.AngleRecords.AngleChoices;
import truekeen.app.angle.AngleRecords.AngleForm;
import truekeen.app.angle.AngleRecords.HoldingView;
import truekeen.app.angle.AngleRecords.Holdings;
import truekeen.app.angle.AngleRecords.SettingView;
import truekeen.app.angle.AngleRecords.SetupView;
import truekeen.app.angle.AngleRecords.StandsView;
import truekeen.app.history.ToolChanged;
import truekeen.app.houserule.HouseRuleService;
import truekeen.app.kit.HolderService;
import truekeen.app.kit.HolderService.CoreHolder;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.survey.BevelAdvice;
import truekeen.app.survey.BevelAdvice.Advised;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.holding.Seat;
import truekeen.core.message.Checks;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.rule.HouseRules;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** Chooses angles with the core, sets a guide for them, and keeps the set-up. */
@Service
@Transactional
public class AngleService {

    private final Setups setups;
    private final SetupService kept;
    private final ToolService tools;
    private final BevelAdvice bevels;
    private final HouseRuleService rules;
    private final HolderService holders;
    private final AngleAnswers answers;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    AngleService(
            Setups setups,
            SetupService kept,
            ToolService tools,
            BevelAdvice bevels,
            HouseRuleService rules,
            HolderService holders,
            AngleAnswers answers,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.setups = setups;
        this.kept = kept;
        this.tools = tools;
        this.bevels = bevels;
        this.rules = rules;
        this.holders = holders;
        this.answers = answers;
        this.publisher = publisher;
        this.clock = clock;
    }

    /** What there is to choose from for a tool. */
    @Transactional(readOnly = true)
    public AngleChoices choices(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        return new AngleChoices(
                ToolService.works(tool.trade().tool()),
                holders.all(),
                kept.newestView(toolId).orElse(null),
                kept.views(toolId));
    }

    /** The answer to what is asked, without storing anything. */
    @Transactional(readOnly = true)
    public AngleAnswer advise(UUID toolId, AngleForm in) {
        return ask(tools.core(toolId), in).answer();
    }

    /** Keeps the set-up under its name; one of that name is changed. */
    public SetupView save(UUID toolId, AngleForm in) {
        CoreTool tool = tools.core(toolId);
        Asked asked = ask(tool, in);
        Form form = asked.read.form;
        form.checks().text("name", AngleWords.NAME_OF_SETUP.words(), in.name(), true, 80);
        form.checks().orThrow();
        String name = in.name().strip();
        SetupRow row = setups.findByToolIdAndName(toolId, name).orElseGet(() -> new SetupRow(toolId, name));
        if (row.madeAt != null) {
            Form.sameVersion(row.version, in.version());
        }
        TargetBevel target = asked.read.target();
        row.trade = asked.read.trade.key();
        row.primaryDeg = target.primary().degrees();
        row.lastDeg = target.last().degrees();
        row.backDeg = target.back().map(Angle::degrees).orElse(null);
        row.wheelMm = target.wheel().map(Length::mm).orElse(null);
        row.camberMm = asked.read.camber.map(c -> c.belowSole().mm()).orElse(null);
        row.holderId = asked.holder.map(h -> h.id()).orElse(null);
        row.settings =
                SetupStore.SETTINGS.write(asked.answer.settings().isEmpty() ? List.of() : asked.held.kept(target));
        row.inkDeg = asked.inkDeg;
        row.restated = SetupStore.RESTATED.write(List.of());
        row.typed = SetupStore.TYPED.write(in);
        row.madeAt = clock.instant();
        SetupRow saved = setups.saveAndFlush(row);
        publisher.publishEvent(new ToolChanged(toolId));
        return kept.view(saved);
    }

    private record Asked(
            AngleReader read, Optional<CoreHolder> holder, HolderSettings held, double inkDeg, AngleAnswer answer) {}

    private Asked ask(CoreTool tool, AngleForm in) {
        ToolUse work = work(tool, in.trade());
        HouseRules house = rules.core(tool.id());
        Advised advised = bevels.advised(tool, work, house);
        AngleReader read = new AngleReader(tool, work, advised, house, in);
        if (!Form.blank(in.trade()) && !work.key().equals(in.trade())) {
            read.form.choice("trade", AngleWords.THE_WORK.words(), in.trade(), Optional.empty(), works(tool));
        }
        Optional<CoreHolder> holder = read.holder(holders.core());
        read.heldBy(holder);
        double ink = ink(tool.id(), in.name(), holder);
        HolderSettings settings = HolderSettings.of(
                holder, Seat.of(tool.geometry()), ink, holder.flatMap(h -> holders.calibration(h.id())));
        boolean settable = read.target() != null
                && (holder.isEmpty() || holder.get().core().isPresent());
        // By hand nothing need be set: where the spine is no help the bevel itself is the guide.
        List<SettingView> views = !settable
                ? List.of()
                : settings.all(read.target(), holder.isPresent() ? read.form.checks() : new Checks());
        StandsView stands = settable ? settings.stands(read.form, in.standsAt(), read.target()) : null;
        return new Asked(read, holder, settings, ink, answers.of(read, tool, in, holder, views, stands));
    }

    /** What the ink moved on the set-up of that name, as long as the same thing holds it. */
    private double ink(UUID toolId, String name, Optional<CoreHolder> holder) {
        UUID id = holder.map(h -> h.id()).orElse(null);
        return setups.findByToolIdAndName(toolId, Form.orEmpty(name).strip())
                .filter(s -> Objects.equals(s.holderId, id))
                .map(s -> s.inkDeg)
                .orElse(0.0);
    }

    /** The same bevels on everything owned, each with its settings or with the reason why not. */
    @Transactional(readOnly = true)
    public Holdings holdings(UUID toolId, AngleForm in) {
        CoreTool tool = tools.core(toolId);
        Asked asked = ask(tool, in);
        TargetBevel target = asked.read.target();
        if (target == null) {
            asked.read.form.checks().orThrow();
            throw Form.notFound("bevel", toolId);
        }
        Seat seat = Seat.of(tool.geometry());
        List<HoldingView> all = new ArrayList<>();
        for (CoreHolder h : holders.core()) {
            all.add(holding(h, seat, target));
        }
        Checks byHand = new Checks();
        List<SettingView> bare =
                HolderSettings.of(Optional.empty(), seat, 0, Optional.empty()).all(target, byHand);
        all.add(new HoldingView(
                AngleReader.HAND,
                AngleWords.HAND_ALONE.words(),
                AngleWords.BY_EYE.words(),
                byHand.clean() ? "" : byHand.refusals().get(0).words(),
                bare));
        return new Holdings(target.primary().degrees(), target.last().degrees(), all);
    }

    /** What is set on one thing owned; what cannot be set shows what it gives instead. */
    private HoldingView holding(CoreHolder h, Seat seat, TargetBevel wanted) {
        String id = h.id().toString();
        if (h.core().isEmpty()) {
            return new HoldingView(id, h.name(), h.kind().words(), h.fault(), List.of());
        }
        Checks checks = new Checks();
        TargetBevel held = checks.attempt(() -> h.core().get().held(seat, wanted));
        List<SettingView> settings = held == null
                ? List.of()
                : HolderSettings.of(Optional.of(h), seat, 0, holders.calibration(h.id()))
                        .all(held, checks);
        String refused = checks.clean() ? "" : checks.refusals().get(0).words();
        return new HoldingView(id, h.name(), h.kind().words(), refused, settings);
    }

    private static ToolUse work(CoreTool tool, String key) {
        return ToolUses.byKey(Form.orEmpty(key))
                .filter(t -> t.tool().equals(tool.trade().tool()))
                .orElse(tool.trade());
    }

    private static String works(CoreTool tool) {
        return ToolUses.ofTool(tool.trade().tool()).stream().map(ToolUse::key).collect(Collectors.joining("; "));
    }
}
