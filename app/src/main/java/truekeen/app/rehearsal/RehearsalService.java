package truekeen.app.rehearsal;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.angle.SetupService;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanService;
import truekeen.app.plan.PlanService.CorePlan;
import truekeen.app.platform.Form;
import truekeen.app.rehearsal.RehearsalRecords.FrameView;
import truekeen.app.rehearsal.RehearsalRecords.RehearsalForm;
import truekeen.app.rehearsal.RehearsalRecords.RehearsalView;
import truekeen.app.rehearsal.RehearsalRecords.RehearsedRun;
import truekeen.app.rehearsal.RehearsalRecords.RehearsedStep;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.blade.Gum;
import truekeen.core.blade.Wedge;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Restoration;
import truekeen.core.holding.Setup;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.rehearsal.Changes;
import truekeen.core.rehearsal.Frame;
import truekeen.core.rehearsal.Rehearsal;
import truekeen.core.rehearsal.Steadiness;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.stepsheet.Step;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Convention;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measures;

/** Rehearses the newest plan of a tool on the virtual blade. */
@Service
@Transactional(readOnly = true)
public class RehearsalService {
    private static final int UM_PER_MM = 1000;
    /** How much of the section is shown (mm behind the apex). */
    private static final double SHOWN_MM = 1.5;

    private static final double MOST_DEG = 10;
    private static final double MOST_TIMES = 10;
    /** Scratches of a blade whose last stone is not known (µm): those of a fine one. */
    private static final double USUAL_SCRATCH_UM = 0.3;

    private static final double SOFT_HRC = 57;

    private final ToolService tools;
    private final SurveyService surveys;
    private final SetupService setups;
    private final PlanService plans;
    private final KitService kit;

    RehearsalService(ToolService tools, SurveyService surveys, SetupService setups, PlanService plans, KitService kit) {
        this.tools = tools;
        this.surveys = surveys;
        this.setups = setups;
        this.plans = plans;
        this.kit = kit;
    }

    /** The newest plan, by its sheet and as it is asked otherwise. */
    public RehearsalView rehearse(UUID toolId, RehearsalForm in) {
        CoreTool tool = tools.core(toolId);
        if (!rehearsed(tool.geometry().kind())) {
            throw new RefusedException(Refusal.of(
                    MessageCode.NOT_REHEARSED, "", tool.geometry().kind().key()));
        }
        CorePlan plan = plans.newest(toolId)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.PLAN_FIRST, "", "")));
        EdgeSurvey survey = surveys.core(toolId)
                .map(SurveyService.CoreSurvey::survey)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.SURVEY_FIRST, "", "")));
        double target = KeennessPurpose.byName(tool.trade().keennessPurpose())
                .flatMap(p -> p.indexTarget().isPresent()
                        ? Optional.of(p.indexTarget().getAsDouble())
                        : Optional.empty())
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.NOT_TESTED_FOR_KEENNESS, "", "")));
        Setup setup = setups.setup(plan.setupId()).setup();
        List<Step> steps = plan.chosen().steps();
        Changes changes = changes(in, steps);
        Steadiness hand = Steadiness.in(setup.holder());
        Rehearsal rehearsal = rehearsal(tool, survey, setup, hand);
        long seed = plan.id().getLeastSignificantBits();
        return new RehearsalView(
                rehearsal.edgeMm(),
                target,
                RehearsalWords.HAND.fill(
                        "held", Numbers.plain(hand.heldDeg(), 1), "free", Numbers.plain(hand.freeDeg(), 1)),
                IntStream.range(0, steps.size())
                        .mapToObj(i -> new RehearsedStep(
                                i,
                                steps.get(i).title(),
                                steps.get(i).counted()
                                        ? steps.get(i).strokes()
                                                * steps.get(i).sides().size()
                                        : 0))
                        .toList(),
                run(rehearsal.run(steps, Changes.NONE, seed), target),
                changes.equals(Changes.NONE) ? null : run(rehearsal.run(steps, changes, seed), target));
    }

    /** Families with flat faces on both sides and an edge worked in strokes. */
    private static boolean rehearsed(GeometryKind kind) {
        return switch (kind) {
            case CHISEL,
                    SKEW_CHISEL,
                    PLANE_IRON_DOWN,
                    PLANE_IRON_UP,
                    SQUARE_IRON_DOWN,
                    SQUARE_IRON_UP,
                    DRAWKNIFE,
                    KNIFE,
                    RECURVE -> true;
            default -> false;
        };
    }

    private Changes changes(RehearsalForm in, List<Step> steps) {
        Form form = new Form();
        List<Integer> skipped = in.skipped() == null ? List.of() : in.skipped();
        for (int i = 0; i < skipped.size(); i++) {
            Integer step = skipped.get(i);
            String field = "skipped[" + i + "]";
            form.checks().require(step != null && step >= 0 && step < steps.size(), () -> Refusal.of(
                            MessageCode.UNKNOWN_CHOICE, field, step)
                    .with("allowed", "0–" + (steps.size() - 1)));
        }
        double steeper = number(form, "steeper", RehearsalWords.STEEPER, in.steeper(), 0, -MOST_DEG, MOST_DEG);
        double stropping = number(form, "stropping", RehearsalWords.STROPPING, in.stropping(), 1, 0, MOST_TIMES);
        double shakier = number(form, "shakier", RehearsalWords.SHAKIER, in.shakier(), 1, 0, MOST_TIMES);
        form.checks().orThrow();
        return new Changes(new HashSet<>(skipped), steeper, stropping, shakier);
    }

    private static double number(
            Form form, String field, RehearsalWords what, String typed, double usual, double low, double high) {
        if (Form.blank(typed)) {
            return usual;
        }
        Double read = form.checks().attempt(() -> QuantityReader.number(field, typed, ""));
        form.checks().within(field, what.words(), read, low, high, "");
        return read == null ? usual : read;
    }

    private Rehearsal rehearsal(CoreTool tool, EdgeSurvey survey, Setup setup, Steadiness hand) {
        Blade blade = tool.geometry();
        TargetBevel target = setup.target(blade);
        boolean both = blade.kind().convention() == Convention.PER_SIDE;
        double edge = blade.edgeLengthMm();
        double dull = survey.dullness().recessionMm(blade.kind());
        DoubleUnaryOperator back = x -> dull
                + survey.findings().stream()
                        .mapToDouble(f -> f.missingAt(x, edge))
                        .max()
                        .orElse(0);
        double body = body(blade);
        Wedge faces = wedge(both, blade.primary(), blade.backBevel(), body);
        Wedge intended = wedge(both, target.last(), target.back(), body);
        Measures measures = blade.measures();
        return new Rehearsal(
                new Rehearsal.Before(
                        faces,
                        blade.lastBevel().degrees(),
                        measures.values().getOrDefault("secondaryWidth", 0.0),
                        back,
                        tool.scratchUm().orElse(USUAL_SCRATCH_UM)),
                intended,
                edge,
                surveys.restoration(tool).map(Restoration::lostMm).orElse(0.0),
                tool.steel(),
                gum(tool),
                kit.shelf().stream().collect(Collectors.toMap(Abrasive::id, Function.identity())),
                hand);
    }

    private static Wedge wedge(boolean both, Angle upper, Optional<Angle> back, double body) {
        double lower = both ? upper.degrees() : back.map(Angle::degrees).orElse(0.0);
        return new Wedge(lower, upper.degrees(), body);
    }

    /** How thick the blade is behind its bevels (mm). */
    private static double body(Blade blade) {
        Map<String, Double> m = blade.measures().values();
        return m.getOrDefault("behindEdge", m.getOrDefault("thickness", 3.0));
    }

    /** Stainless steel that is not hard clings to its burr. */
    private static Gum gum(CoreTool tool) {
        double hrc =
                tool.hardnessHrc().orElseGet(() -> tool.steel().hardnessLow().orElse(SOFT_HRC));
        boolean stainless = tool.steel().rusting() == SteelClass.Rusting.STAINLESS;
        return Gum.of(hrc, stainless && hrc <= SOFT_HRC);
    }

    private static RehearsedRun run(List<Frame> frames, double target) {
        Frame last = frames.get(frames.size() - 1);
        Frame.Outcome outcome = last.outcome(target);
        String mean = Numbers.plain(last.meanIndex(), 2);
        String worst = Numbers.plain(last.worstIndex(), 2);
        String wanted = Numbers.plain(target, 2);
        String place = Numbers.plain(last.worstStation() + 0.5, 0);
        String words =
                switch (outcome) {
                    case KEEN -> RehearsalWords.KEEN.fill("mean", mean, "worst", worst, "target", wanted);
                    case BURR_LEFT -> RehearsalWords.BURR_LEFT.fill("burr", Numbers.plain(last.burrUm(), 1));
                    case UNEVEN -> RehearsalWords.UNEVEN.fill("mean", mean, "worst", worst, "place", place);
                    case DULL -> RehearsalWords.DULL.fill("mean", mean, "target", wanted, "place", place);
                };
        return new RehearsedRun(frames.stream().map(RehearsalService::view).toList(), outcome, words);
    }

    private static FrameView view(Frame f) {
        return new FrameView(
                f.step(),
                f.strokes(),
                rounded(f.meanIndex(), 1000),
                rounded(f.worstIndex(), 1000),
                rounded(f.burrUm(), 100),
                f.backMm().stream().map(mm -> rounded(mm * UM_PER_MM, 10)).toList(),
                f.index().stream().map(i -> rounded(i, 100)).toList(),
                near(f.section()));
    }

    /** Corners of the section near the apex, and one beyond on either side (µm). */
    private static List<Double> near(List<Double> section) {
        int corners = section.size() / 2;
        int first = corners;
        int last = 0;
        for (int i = 0; i < corners; i++) {
            if (section.get(2 * i) < SHOWN_MM) {
                first = Math.min(first, i);
                last = i;
            }
        }
        return section.subList(2 * Math.max(0, first - 1), 2 * Math.min(corners, last + 2)).stream()
                .map(mm -> rounded(mm * UM_PER_MM, 100))
                .toList();
    }

    private static double rounded(double value, double parts) {
        return Math.round(value * parts) / parts;
    }
}
