package truekeen.app.rehearsal;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
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
import truekeen.app.rehearsal.RehearsalRecords.InsteadForm;
import truekeen.app.rehearsal.RehearsalRecords.RehearsalForm;
import truekeen.app.rehearsal.RehearsalRecords.RehearsalView;
import truekeen.app.rehearsal.RehearsalRecords.RehearsedRun;
import truekeen.app.rehearsal.RehearsalRecords.RehearsedStep;
import truekeen.app.rehearsal.RehearsalRecords.RehearsedStone;
import truekeen.app.survey.SurveyService;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Restoration;
import truekeen.core.holding.Setup;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.QuantityReader;
import truekeen.core.rehearsal.Changes;
import truekeen.core.rehearsal.Frame;
import truekeen.core.rehearsal.Rehearsal;
import truekeen.core.rehearsal.RehearsedTool;
import truekeen.core.rehearsal.Steadiness;
import truekeen.core.stepsheet.Step;
import truekeen.core.table.Prior;

/** Rehearses the newest plan of a tool on the virtual blade. */
@Service
@Transactional(readOnly = true)
public class RehearsalService {
    private static final int UM_PER_MM = 1000;
    /** How much of the section is shown (mm behind the apex). */
    private static final double SHOWN_MM = 1.5;

    private static final double MOST_DEG = 10;
    private static final double MOST_TIMES = 10;
    /** Hands, as steady as this one, that make it besides. */
    private static final int HANDS = 5;

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
        if (!RehearsedTool.can(tool.geometry().kind())) {
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
        Steadiness hand = Steadiness.in(setup.holder());
        Rehearsal rehearsal = rehearsal(tool, survey, setup, hand);
        Changes changes = changes(in, steps, rehearsal.shelf());
        long seed = plan.id().getLeastSignificantBits();
        return new RehearsalView(
                rehearsal.edgeMm(),
                target,
                RehearsalWords.HAND.fill(
                        "held", Numbers.plain(hand.heldDeg(), 1), "free", Numbers.plain(hand.freeDeg(), 1)),
                IntStream.range(0, steps.size())
                        .mapToObj(i -> view(i, steps.get(i)))
                        .toList(),
                rehearsal.shelf().values().stream()
                        .filter(a -> a.kind().specificWear().isPresent())
                        .sorted(Comparator.comparingDouble(Abrasive::d50Um).reversed())
                        .map(a -> new RehearsedStone(a.id(), a.name()))
                        .toList(),
                run(rehearsal, steps, Changes.NONE, seed, target),
                changes.equals(Changes.NONE) ? null : run(rehearsal, steps, changes, seed, target));
    }

    private static RehearsedStep view(int index, Step step) {
        boolean worked = step.counted() && step.strokes() > 0;
        return new RehearsedStep(
                index,
                step.title(),
                worked ? step.strokes() * step.sides().size() : 0,
                worked ? step.abrasiveId() : "",
                worked ? step.abrasiveName() : "");
    }

    private static Changes changes(RehearsalForm in, List<Step> steps, Map<String, Abrasive> shelf) {
        Form form = new Form();
        Set<Integer> skipped = steps(form, "skipped", in.skipped(), steps);
        Set<Integer> earlier = steps(form, "earlier", in.earlier(), steps);
        Map<String, String> stones = new HashMap<>();
        List<InsteadForm> instead = in.stones() == null ? List.of() : in.stones();
        for (int i = 0; i < instead.size(); i++) {
            InsteadForm one = instead.get(i);
            String field = "stones[" + i + "].instead";
            boolean known = one != null && one.planned() != null && shelf.containsKey(Form.orEmpty(one.instead()));
            form.checks().require(known, () -> Refusal.of(
                            MessageCode.UNKNOWN_CHOICE, field, one == null ? null : one.instead())
                    .with(
                            "allowed",
                            shelf.values().stream().map(Abrasive::name).sorted().collect(Collectors.joining(", "))));
            if (known) {
                stones.put(one.planned(), one.instead());
            }
        }
        double steeper = number(form, "steeper", RehearsalWords.STEEPER, in.steeper(), 0, -MOST_DEG, MOST_DEG);
        double pressing = number(form, "pressing", RehearsalWords.PRESSING, in.pressing(), 1, 0, MOST_TIMES);
        double stropping = number(form, "stropping", RehearsalWords.STROPPING, in.stropping(), 1, 0, MOST_TIMES);
        double shakier = number(form, "shakier", RehearsalWords.SHAKIER, in.shakier(), 1, 0, MOST_TIMES);
        form.checks().orThrow();
        return Changes.of(skipped, steeper, stropping, shakier)
                .earlier(earlier)
                .on(stones)
                .pressed(pressing);
    }

    private static Set<Integer> steps(Form form, String name, List<Integer> given, List<Step> steps) {
        List<Integer> named = given == null ? List.of() : given;
        for (int i = 0; i < named.size(); i++) {
            Integer step = named.get(i);
            String field = name + "[" + i + "]";
            form.checks().require(step != null && step >= 0 && step < steps.size(), () -> Refusal.of(
                            MessageCode.UNKNOWN_CHOICE, field, step)
                    .with("allowed", "0–" + (steps.size() - 1)));
        }
        return named.stream().filter(Objects::nonNull).collect(Collectors.toSet());
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
        return new RehearsedTool(
                        tool.geometry(),
                        survey,
                        setup.target(tool.geometry()),
                        surveys.restoration(tool).map(Restoration::lostMm).orElse(0.0),
                        tool.steel(),
                        tool.hardnessHrc(),
                        tool.scratchUm(),
                        KeennessPurpose.byName(tool.trade().keennessPurpose())
                                .map(KeennessPurpose::indexTouchUp)
                                .orElse(OptionalDouble.empty()))
                .on(kit.shelf(), hand);
    }

    /** The run that is watched, and how often it ends keen where other hands as steady make it. */
    private static RehearsedRun run(Rehearsal rehearsal, List<Step> steps, Changes changes, long seed, double target) {
        Rehearsal.Watched watched = rehearsal.watch(steps, changes, seed);
        List<Frame> ends = IntStream.rangeClosed(1, HANDS)
                .mapToObj(i -> rehearsal.end(steps, changes, seed + i).frame())
                .toList();
        Frame last = watched.end().frame();
        Frame.Outcome outcome = last.outcome(target);
        return new RehearsedRun(
                watched.frames().stream().map(RehearsalService::view).toList(),
                outcome,
                watched.end().strokes(),
                words(last, outcome, target) + " " + tries(ends, target),
                advice(outcome),
                held(steps, watched.end()));
    }

    private static String words(Frame last, Frame.Outcome outcome, double target) {
        String mean = Numbers.plain(last.meanIndex(), 2);
        String worst = Numbers.plain(last.worstIndex(), 2);
        String wanted = Numbers.plain(target, 2);
        String place = Numbers.plain(last.worstShare() * 100, 0);
        return switch (outcome) {
            case KEEN -> RehearsalWords.KEEN.fill("mean", mean, "worst", worst, "target", wanted);
            case BURR_LEFT -> RehearsalWords.BURR_LEFT.fill("burr", Numbers.plain(last.longestBurrUm(), 1));
            case UNEVEN ->
                RehearsalWords.UNEVEN.fill(
                        "mean",
                        mean,
                        "worst",
                        worst,
                        "place",
                        place,
                        "over",
                        Numbers.plain((Prior.JUDGE_WIDEST_SPREAD.value() - 1) * 100, 0));
            case DULL -> RehearsalWords.DULL.fill("mean", mean, "target", wanted, "place", place);
        };
    }

    private static String tries(List<Frame> ends, double target) {
        long keen = ends.stream()
                .filter(f -> f.outcome(target) == Frame.Outcome.KEEN)
                .count();
        double low = ends.stream().mapToDouble(Frame::meanIndex).min().orElse(0);
        double high = ends.stream().mapToDouble(Frame::meanIndex).max().orElse(0);
        return RehearsalWords.TRIES.fill(
                "keen", keen, "tries", ends.size(), "low", Numbers.plain(low, 2), "high", Numbers.plain(high, 2));
    }

    /** What to try where it does not come out keen; nothing where it does. */
    private static String advice(Frame.Outcome outcome) {
        return switch (outcome) {
            case KEEN -> "";
            case BURR_LEFT -> RehearsalWords.TRY_BURR.words();
            case UNEVEN -> RehearsalWords.TRY_UNEVEN.words();
            case DULL -> RehearsalWords.TRY_DULL.words();
        };
    }

    /** Where a gate said no. */
    private static List<String> held(List<Step> steps, Rehearsal.End end) {
        return IntStream.range(0, steps.size())
                .filter(i -> end.held().get(i) > 0 || end.open().contains(i))
                .mapToObj(i -> (end.open().contains(i) ? RehearsalWords.GATE_OPEN : RehearsalWords.GATE_HELD)
                        .fill("step", steps.get(i).title(), "more", end.held().get(i)))
                .toList();
    }

    private static FrameView view(Frame f) {
        return new FrameView(
                f.step(),
                f.strokes(),
                f.more(),
                rounded(f.meanIndex(), 1000),
                rounded(f.worstIndex(), 1000),
                rounded(f.longestBurrUm(), 100),
                f.backMm().stream().map(mm -> rounded(mm * UM_PER_MM, 10)).toList(),
                f.index().stream().map(i -> rounded(i, 100)).toList(),
                rounded(f.bare(), 100),
                rounded(f.lit(), 100),
                rounded(f.felt(), 100),
                f.paper(),
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
