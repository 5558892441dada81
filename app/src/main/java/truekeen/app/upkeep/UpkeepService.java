package truekeen.app.upkeep;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.bench.BenchService;
import truekeen.app.edgetest.TestService;
import truekeen.app.history.ToolChanged;
import truekeen.app.houserule.HouseRuleService;
import truekeen.app.kit.KitService;
import truekeen.app.kit.TesterService;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.Form;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.app.tool.ToolWear;
import truekeen.app.upkeep.UpkeepRecords.TouchUpForm;
import truekeen.app.upkeep.UpkeepRecords.UpkeepSheet;
import truekeen.app.upkeep.UpkeepRecords.UseForm;
import truekeen.app.upkeep.UpkeepRecords.UseReadingForm;
import truekeen.app.upkeep.UpkeepRows.ReadingRow;
import truekeen.app.upkeep.UpkeepRows.TouchUpRow;
import truekeen.app.upkeep.UpkeepRows.UseRow;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.condition.Finding;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.repair.ThinningAhead;
import truekeen.core.upkeep.DullingCurve;
import truekeen.core.upkeep.EdgeLife;
import truekeen.core.upkeep.NextTouchUp;
import truekeen.core.upkeep.Rung;
import truekeen.core.upkeep.TouchUpSchool;
import truekeen.core.upkeep.UpkeepLadder;
import truekeen.core.upkeep.UseUnit;

/** Keeps what a tool did since its sharpening, and says what brings its edge back and when that pays. */
@Service
@Transactional
public class UpkeepService {
    private static final double MOST_USE = 100_000;
    private static final double MOST_GRAMS = 5000;
    private static final int MOST_STROKES = 2000;

    private final UpkeepRows.Uses uses;
    private final UpkeepRows.Readings readings;
    private final UpkeepRows.TouchUps touchUps;
    private final ToolService tools;
    private final ToolWear wear;
    private final KitService kit;
    private final TesterService testers;
    private final SurveyService surveys;
    private final BenchService bench;
    private final TestService tests;
    private final HouseRuleService rules;
    private final ApplicationEventPublisher publisher;
    private final BenchClock clock;
    private final FittedCurves curves = new FittedCurves();

    UpkeepService(
            UpkeepRows.Uses uses,
            UpkeepRows.Readings readings,
            UpkeepRows.TouchUps touchUps,
            ToolService tools,
            ToolWear wear,
            KitService kit,
            TesterService testers,
            SurveyService surveys,
            BenchService bench,
            TestService tests,
            HouseRuleService rules,
            ApplicationEventPublisher publisher,
            BenchClock clock) {
        this.uses = uses;
        this.readings = readings;
        this.touchUps = touchUps;
        this.tools = tools;
        this.wear = wear;
        this.kit = kit;
        this.testers = testers;
        this.surveys = surveys;
        this.bench = bench;
        this.tests = tests;
        this.rules = rules;
        this.publisher = publisher;
        this.clock = clock;
    }

    /** The upkeep of a tool as it stands. */
    @Transactional(readOnly = true)
    public UpkeepSheet sheet(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        requireByHand(tool);
        UseUnit unit = UseUnit.of(tool.trade());
        EdgeLife life = life(toolId, unit);
        Optional<DullingCurve> curve = curve(life, toolId);
        TouchUpSchool school = TouchUpSchool.of(rules.core(toolId), tool.trade());
        return UpkeepViews.sheet(
                unit,
                life,
                purpose(tool),
                testers.first().map(TesterService.Tester::referenceG),
                curve,
                next(tool, life, curve, unit),
                UpkeepLadder.of(standing(tool), life.touchUps(), unit, school),
                school,
                touchUps.findByToolIdOrderByAt(toolId));
    }

    /** The day a tool's own readings say that a touch-up pays; empty while they do not. */
    @Transactional(readOnly = true)
    public Optional<LocalDate> due(UUID toolId) {
        if (tools.powered(toolId) || !readings.existsByToolId(toolId)) {
            return Optional.empty();
        }
        CoreTool tool = tools.core(toolId);
        UseUnit unit = UseUnit.of(tool.trade());
        EdgeLife life = life(toolId, unit);
        return next(tool, life, curve(life, toolId), unit).flatMap(NextTouchUp::day);
    }

    /** Puts use down. */
    public void use(UUID toolId, UseForm in) {
        CoreTool tool = tools.core(toolId);
        requireByHand(tool);
        Form form = new Form();
        Double amount = form.checks().attempt(() -> QuantityReader.number("amount", in.amount(), ""));
        form.checks().within("amount", UpkeepWords.AN_AMOUNT.words(), amount, 0.1, MOST_USE, "");
        form.checks().text("person", UpkeepWords.A_PERSON.words(), in.person(), false, 80);
        form.checks().orThrow();
        uses.saveAndFlush(new UseRow(toolId, clock.instant(), amount, Form.orEmpty(in.person())));
        changed(toolId);
    }

    /** Puts a reading in use down. */
    public void read(UUID toolId, UseReadingForm in) {
        CoreTool tool = tools.core(toolId);
        requireByHand(tool);
        Form form = new Form();
        Double grams = grams(form, "grams", in.grams());
        Double reference = grams(form, "reference", in.reference());
        form.checks().text("person", UpkeepWords.A_PERSON.words(), in.person(), false, 80);
        form.checks().orThrow();
        readings.saveAndFlush(new ReadingRow(toolId, clock.instant(), grams, reference, Form.orEmpty(in.person())));
        changed(toolId);
    }

    /** Puts a touch-up down. */
    public void touchUp(UUID toolId, TouchUpForm in) {
        CoreTool tool = tools.core(toolId);
        requireByHand(tool);
        Form form = new Form();
        List<Rung> rungs = Arrays.stream(Rung.values()).filter(Rung::touchUp).toList();
        Rung rung = form.oneOf("rung", UpkeepWords.A_RUNG.words(), in.rung(), rungs);
        if (rung == Rung.STEEL_ROD || rung == Rung.CERAMIC_ROD) {
            form.checks().require(!standing(tool).chipped(), () -> Refusal.of(MessageCode.ROD_ON_A_CHIP, "rung", ""));
        }
        Double strokes = Form.blank(in.strokes())
                ? Double.valueOf(0)
                : form.checks().attempt(() -> QuantityReader.number("strokes", in.strokes(), ""));
        form.checks().within("strokes", UpkeepWords.STROKES.words(), strokes, 0, MOST_STROKES, "");
        Double before = Form.blank(in.before()) ? null : grams(form, "before", in.before());
        Double after = Form.blank(in.after()) ? null : grams(form, "after", in.after());
        boolean read = before != null || after != null;
        Double reference = read ? grams(form, "reference", in.reference()) : null;
        form.checks().text("person", UpkeepWords.A_PERSON.words(), in.person(), false, 80);
        form.checks().orThrow();
        TouchUpRow row = new TouchUpRow(toolId, clock.instant(), rung, Form.orEmpty(in.person()));
        row.strokes = (int) Math.round(strokes);
        row.regained = in.regained();
        row.beforeG = before;
        row.afterG = after;
        row.referenceG = reference;
        touchUps.saveAndFlush(row);
        changed(toolId);
    }

    private void changed(UUID toolId) {
        publisher.publishEvent(new ToolChanged(toolId));
    }

    private static Double grams(Form form, String field, String typed) {
        Double read = form.checks().attempt(() -> QuantityReader.grams(field, typed));
        form.checks().within(field, UpkeepWords.A_READING.words(), read, 1, MOST_GRAMS, InWords.G);
        return read;
    }

    /** The blade of a machine is kept by the hours of its machine. */
    private static void requireByHand(CoreTool tool) {
        if (tool.geometry().kind().powered()) {
            throw new RefusedException(Refusal.of(MessageCode.KEPT_BY_HOURS, "", tool.name()));
        }
    }

    private static Optional<KeennessPurpose> purpose(CoreTool tool) {
        return KeennessPurpose.byName(tool.trade().keennessPurpose());
    }

    private EdgeLife life(UUID toolId, UseUnit unit) {
        List<EdgeLife.Dated> fresh = tests.measured(toolId).stream()
                .filter(TestService.Measured::keen)
                .flatMap(m -> m.verdict().stream().map(v -> new EdgeLife.Dated(m.takenAt(), v.meanIndex())))
                .toList();
        List<EdgeLife.Use> used = uses.used(toolId);
        List<EdgeLife.Dated> read = readings.read(toolId);
        List<EdgeLife.DatedTouchUp> touched = touchUps.findByToolIdOrderByAt(toolId).stream()
                .map(t -> new EdgeLife.DatedTouchUp(
                        t.at,
                        t.rung,
                        t.strokes,
                        index(t.beforeG, t.referenceG),
                        index(t.afterG, t.referenceG),
                        t.regained))
                .toList();
        return EdgeLife.of(new EdgeLife.Log(bench.finished(toolId), fresh, used, read, touched), clock.instant(), unit);
    }

    static OptionalDouble index(Double grams, Double reference) {
        return grams == null || reference == null ? OptionalDouble.empty() : OptionalDouble.of(grams / reference);
    }

    private Optional<DullingCurve> curve(EdgeLife life, UUID toolId) {
        return DullingCurve.enough(life.counted())
                ? Optional.of(curves.of(life.counted(), toolId.getMostSignificantBits()))
                : Optional.empty();
    }

    private Optional<NextTouchUp> next(CoreTool tool, EdgeLife life, Optional<DullingCurve> curve, UseUnit unit) {
        OptionalDouble limit = purpose(tool).map(KeennessPurpose::indexTouchUp).orElse(OptionalDouble.empty());
        if (limit.isEmpty()) {
            return Optional.empty();
        }
        return curve.map(c -> NextTouchUp.of(
                c,
                limit.getAsDouble(),
                life.pace(),
                NextTouchUp.lasting(life.touchUps()),
                life.touchUps().isEmpty()
                        ? 0
                        : life.touchUps().get(life.touchUps().size() - 1).atUse(),
                clock.today(),
                unit));
    }

    private UpkeepLadder.Standing standing(CoreTool tool) {
        // What is nicked is out of use.
        List<Abrasive> shelf =
                kit.shelf().stream().filter(a -> !a.state().retired()).toList();
        List<ToolWear.Wear> worn = wear.of(tool.id());
        Instant sharpened =
                worn.isEmpty() ? Instant.MIN : worn.get(worn.size() - 1).at();
        boolean chipped = surveys.core(tool.id())
                .filter(s -> s.takenAt().isAfter(sharpened))
                .map(s -> s.survey().findings().stream().anyMatch(f -> f.kind() == Finding.Kind.CHIP))
                .orElse(false);
        double facet = worn.isEmpty() ? 0 : worn.get(worn.size() - 1).secondaryMm();
        boolean knife =
                tool.geometry().kind().spined() && tool.geometry().kind().bothSides();
        return new UpkeepLadder.Standing(
                shelf.stream().anyMatch(a -> a.kind().use() == AbrasiveKind.Use.STROP),
                shelf.stream().anyMatch(a -> a.kind() == AbrasiveKind.FUSED_CERAMIC && a.shape() == Abrasive.Shape.ROD),
                shelf.stream().anyMatch(a -> a.kind() == AbrasiveKind.SMOOTH_ROD),
                knife,
                chipped,
                facet > tool.geometry().kind().widestSecondaryMm(),
                tool.trade().thinAtMm() > 0
                        && surveys.restoration(tool)
                                .flatMap(r -> ThinningAhead.of(r, tool.geometry(), tool.trade()))
                                .map(ThinningAhead::needed)
                                .orElse(false));
    }
}
