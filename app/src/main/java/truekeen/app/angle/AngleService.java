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
import truekeen.app.angle.AngleRecords.CandidateView;
import truekeen.app.angle.AngleRecords.HoldingView;
import truekeen.app.angle.AngleRecords.Holdings;
import truekeen.app.angle.AngleRecords.SettingView;
import truekeen.app.angle.AngleRecords.SetupView;
import truekeen.app.angle.AngleRecords.StandsView;
import truekeen.app.angle.AngleRecords.StationsView;
import truekeen.app.history.ToolChanged;
import truekeen.app.houserule.HouseRuleService;
import truekeen.app.kit.HolderService;
import truekeen.app.kit.HolderService.CoreHolder;
import truekeen.app.platform.AdviceView;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.survey.SurveyService;
import truekeen.app.survey.SurveyService.Advised;
import truekeen.app.tool.SectionDrawing;
import truekeen.app.tool.ToolRecords.Echo;
import truekeen.app.tool.ToolRecords.FaultView;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.advice.Advice;
import truekeen.core.advice.Formula;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.MeanLoss;
import truekeen.core.condition.Occasion;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.holding.Seat;
import truekeen.core.message.Checks;
import truekeen.core.message.Numbers;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.rule.HouseRules;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.Camber;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Operation;
import truekeen.core.tool.PlaneIron;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** Chooses angles with the core, sets a guide for them, and keeps the set-up. */
@Service
@Transactional
public class AngleService {
    /** Taken where nothing was surveyed yet: a dull, square edge with a polished back. */
    private static final EdgeSurvey NOT_YET =
            new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.POLISHED, 0);

    /** Shared over the stations of a camber until a plan says how many. */
    private static final int USUAL_STROKES = 25;

    private final Setups setups;
    private final SetupService kept;
    private final ToolService tools;
    private final SurveyService surveys;
    private final HouseRuleService rules;
    private final HolderService holders;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;

    AngleService(
            Setups setups,
            SetupService kept,
            ToolService tools,
            SurveyService surveys,
            HouseRuleService rules,
            HolderService holders,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.setups = setups;
        this.kept = kept;
        this.tools = tools;
        this.surveys = surveys;
        this.rules = rules;
        this.holders = holders;
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
        Advised advised = surveys.advised(tool, work, house);
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
        return new Asked(read, holder, settings, ink, answer(read, tool, in, holder, views, stands));
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

    private AngleAnswer answer(
            AngleReader read,
            CoreTool tool,
            AngleForm in,
            Optional<CoreHolder> holder,
            List<SettingView> settings,
            StandsView stands) {
        Form form = read.form;
        Blade blade = tool.geometry();
        ToolUse trade = read.trade;
        TargetBevel target = read.target();
        EdgeSurvey survey =
                surveys.core(tool.id()).map(SurveyService.CoreSurvey::survey).orElse(NOT_YET);
        Optional<Length> shaving = Figures.shaving(form, in.shaving(), read.camber);
        StationsView stations = read.rules.camberAtStations() ? stations(form, in, read) : null;
        Occasion occasion =
                surveys.occasion(tool, survey, surveys.core(tool.id()).flatMap(SurveyService.CoreSurvey::back));
        Restoration chosen = restore(form, blade, survey, target, occasion);
        Restoration other = restore(form, blade, survey, read.other, occasion);
        return new AngleAnswer(
                Echo.of(form),
                FaultView.of(form),
                trade.key(),
                blade.kind().convention().words(),
                read.advised.primary().degrees(),
                read.advised.last().degrees(),
                trade.primaryUsual().degrees(),
                trade.primaryLow().degrees(),
                trade.primaryHigh().degrees(),
                trade.stepMax().degrees(),
                read.advised.floor().map(Angle::degrees).orElse(null),
                tool.steel().name(),
                reasons(read),
                surveys.past(tool.id()),
                warnings(tool, read, holder),
                blade.kind().allows(Operation.CAMBER) && blade instanceof PlaneIron,
                blade.kind().allows(Operation.HOLLOW)
                        && blade.kind().dimension("wheelDiameter").isPresent(),
                blade.kind().allows(Operation.BACK_BEVEL)
                        && blade.kind().dimension("backBevel").isPresent(),
                read.rules.thinRule() && blade instanceof PlaneIron,
                AngleReader.guided(blade),
                target == null || !trade.hasApex() ? null : lastBevel(tool, read),
                target == null || !trade.hasApex() ? null : included(blade, target),
                target == null ? null : perSide(blade, target),
                candidate(blade, target, chosen, tool.loss()),
                candidate(blade, read.other, other, tool.loss()),
                target == null
                        ? List.of()
                        : Figures.of(blade, target, trade, read.camber, shaving, chosen, tool.loss()),
                stations,
                holder.map(h -> h.id().toString()).orElse(AngleReader.HAND),
                settings,
                stands);
    }

    private static List<String> warnings(CoreTool tool, AngleReader read, Optional<CoreHolder> holder) {
        List<String> all = new ArrayList<>();
        read.notHeld()
                .ifPresent(wanted -> all.add(AngleWords.HELD_AS_IT_IS.fill(
                        "holder",
                        holder.map(CoreHolder::name).orElse(""),
                        "held",
                        read.target().last(),
                        "wanted",
                        wanted)));
        all.addAll(Warnings.of(tool, read.trade, read.advised, read.target()));
        return all;
    }

    private static List<String> reasons(AngleReader read) {
        List<String> all = new ArrayList<>(read.advised.reasons());
        read.usualCamber()
                .ifPresent(c -> all.add(AngleWords.CAMBER_IS_A_CHOICE.fill("camber", Numbers.plain(c.mm(), 2))));
        return all;
    }

    private static Restoration restore(
            Form form, Blade blade, EdgeSurvey survey, TargetBevel target, Occasion occasion) {
        return target == null ? null : form.checks().attempt(() -> Restorer.restore(blade, survey, target, occasion));
    }

    private static StationsView stations(Form form, AngleForm in, AngleReader read) {
        if (read.camber.isEmpty()) {
            return null;
        }
        Double strokes = Form.blank(in.strokes())
                ? (Double) (double) USUAL_STROKES
                : form.checks().attempt(() -> QuantityReader.number("strokes", in.strokes(), ""));
        form.checks().within("strokes", AngleWords.NUMBER_OF_STROKES.words(), strokes, 0, 2000, "");
        if (strokes == null || !(strokes >= 0 && strokes <= 2000)) {
            return null;
        }
        int whole = (int) Math.round(strokes);
        return new StationsView(
                AdviceView.of(Advice.exact(
                        AngleWords.STROKES_ACROSS.words(),
                        whole,
                        "",
                        Formula.STATION_STROKES,
                        List.of(
                                new Advice.Given(
                                        "iron", read.camber.get().width().toString()),
                                new Advice.Given(
                                        AngleWords.CAMBER_ON_IRON.words(),
                                        read.camber.get().onIron().toString())),
                        AngleWords.MORE_STROKES_SHARE.words())),
                read.camber.get().shapingStrokes(whole),
                Camber.refiningStrokes(whole));
    }

    private static CandidateView candidate(Blade blade, TargetBevel target, Restoration r, MeanLoss loss) {
        return target == null || r == null
                ? null
                : new CandidateView(
                        target.primary().degrees(),
                        target.last().degrees(),
                        blade.kind()
                                .convention()
                                .included(target.last(), target.back().orElse(Angle.ZERO))
                                .degrees(),
                        r.honedWidthMm(),
                        amount(AngleWords.OFF_THE_LENGTH.words(), r.lostMm(), "mm", Formula.NEW_EDGE, target),
                        amount(AngleWords.STEEL_TO_GO.words(), r.volumeMm3(), "mm³", Formula.STEEL_TO_GO, target),
                        (int) loss.in(r.honingRecessionMm()).likely(),
                        r.primary().isPresent()
                                ? AngleWords.PRIMARY_IS_GROUND.words()
                                : AngleWords.ONLY_HONED_BEVEL.words(),
                        SectionDrawing.of(blade, target, r));
    }

    private static AdviceView lastBevel(CoreTool tool, AngleReader read) {
        List<Advice.Given> given = new ArrayList<>(List.of(
                new Advice.Given("work", read.trade.use()),
                new Advice.Given("steel", tool.steel().name()),
                new Advice.Given(
                        AngleWords.PRIMARY_NOW.words(),
                        tool.geometry().primary().toString())));
        read.advised.floor().ifPresent(f -> given.add(new Advice.Given(AngleWords.LOWEST_SOUND.words(), f.toString())));
        double last = read.target().last().degrees();
        return AdviceView.of(new Advice(
                AngleWords.LAST_BEVEL.words(),
                last,
                last,
                last,
                "°",
                read.history.wanted().isPresent() ? Formula.ANGLE_HISTORY : Formula.ANGLE_CHOICE,
                given,
                AngleWords.EVIDENCE_ON_TOP.fill("evidence", read.history.evidence()),
                AngleWords.WORK_ASKS_MORE.words()));
    }

    private static AdviceView included(Blade blade, TargetBevel target) {
        Angle back = target.back().orElse(Angle.ZERO);
        return AdviceView.of(Advice.exact(
                AngleWords.INCLUDED_ANGLE.words(),
                blade.kind().convention().included(target.last(), back).degrees(),
                "°",
                Formula.INCLUDED_ANGLE,
                List.of(
                        new Advice.Given(
                                AngleWords.LAST_BEVEL.words(),
                                target.last() + " " + blade.kind().convention().words()),
                        new Advice.Given(AngleWords.BACK_BEVEL.words(), back.toString())),
                AngleWords.EITHER_BEVEL.words()));
    }

    private static double perSide(Blade blade, TargetBevel target) {
        return blade.kind()
                .convention()
                .perSide(target.last(), target.back().orElse(Angle.ZERO))
                .degrees();
    }

    private static AdviceView amount(String label, double value, String unit, Formula formula, TargetBevel target) {
        return AdviceView.of(Advice.exact(
                label,
                value,
                unit,
                formula,
                List.of(
                        new Advice.Given("primary", target.primary().toString()),
                        new Advice.Given(
                                AngleWords.LAST_BEVEL.words(), target.last().toString())),
                AngleWords.SURVEY_DECIDES.words()));
    }
}
