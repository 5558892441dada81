package truekeen.app.repair;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import truekeen.app.kit.KitService;
import truekeen.app.platform.Form;
import truekeen.app.repair.RepairRecords.DecisionForm;
import truekeen.app.repair.RepairRecords.GrindView;
import truekeen.app.repair.RepairRecords.RepairView;
import truekeen.app.repair.RepairRecords.SeenForm;
import truekeen.app.repair.RepairRecords.SeenView;
import truekeen.app.repair.RepairRecords.SignView;
import truekeen.app.survey.BevelAdvice;
import truekeen.app.survey.SurveyRecords.ResultView;
import truekeen.app.survey.SurveyService;
import truekeen.app.survey.SurveyService.CoreSurvey;
import truekeen.app.tool.SectionDrawing;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.Occasion;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.heat.EdgeFin;
import truekeen.core.heat.GrindHeat;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.PlanRules;
import truekeen.core.quantity.Length;
import truekeen.core.repair.BackWork;
import truekeen.core.repair.ByWhat;
import truekeen.core.repair.Means;
import truekeen.core.repair.MeansEstimate;
import truekeen.core.repair.Overheated;
import truekeen.core.section.TargetBevel;

/** Works out the repair of a tool from its newest survey and the bevels chosen for it. */
@Service
@Transactional(readOnly = true)
public class RepairService {
    private final ToolService tools;
    private final SurveyService surveys;
    private final BevelAdvice bevels;
    private final KitService kit;
    private final Grinding grinding;

    RepairService(ToolService tools, SurveyService surveys, BevelAdvice bevels, KitService kit, Grinding grinding) {
        this.tools = tools;
        this.surveys = surveys;
        this.bevels = bevels;
        this.kit = kit;
        this.grinding = grinding;
    }

    /**
     * The repair.
     *
     * @param by the machine to plan the grinding for, or empty for the one advised
     */
    public RepairView repair(UUID toolId, String by) {
        CoreTool tool = core(toolId);
        CoreSurvey survey = surveys.core(toolId)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.SURVEY_FIRST, "", "")));
        TargetBevel target = bevels.target(tool);
        Occasion occasion = surveys.occasion(tool, survey);
        Restoration r = Restorer.restore(tool.geometry(), survey.survey(), target, occasion);
        PlanRules rules = grinding.rules(tool);
        List<Abrasive> shelf = kit.shelf();
        List<MeansEstimate> means =
                ByWhat.compare(r, tool.geometry(), target.primary(), tool.steel(), tool.hardnessHrc(), shelf, rules);
        Optional<MeansEstimate> chosen = chosen(means, by);
        GrindView grind = null;
        String refused = "";
        try {
            grind = chosen.flatMap(m -> grinding.plan(tool, r, target, m.means(), piece(m))
                            .map(p -> GrindViews.of(p, r, piece(m), tool, target)))
                    .orElse(null);
        } catch (RefusedException tooFast) {
            refused = tooFast.getMessage();
        }
        ResultView result = surveys.result(tool, survey.survey(), target, r);
        return new RepairView(
                result,
                SectionDrawing.of(tool.geometry(), target, r),
                means.stream()
                        .map(m -> GrindViews.means(m, r, rules.offerPowerAboveMm3()))
                        .toList(),
                house(rules, r, means),
                chosen.map(m -> m.means().name()).orElse(""),
                grind,
                refused,
                BackWork.of(
                                r,
                                survey.survey(),
                                tool.geometry(),
                                tool.steel(),
                                shelf,
                                rules,
                                tool.trade(),
                                target,
                                occasion)
                        .map(b -> GrindViews.back(b, r, tool))
                        .orElse(null),
                survey.grindOn()
                        .or(() -> ByWhat.machine(
                                r, tool.geometry(), target.primary(), tool.steel(), tool.hardnessHrc(), shelf, rules))
                        .orElse(SurveyService.BY_HAND));
    }

    /** Keeps what a person decided here: it is the plan's. */
    @Transactional
    public RepairView decide(UUID toolId, DecisionForm in) {
        core(toolId);
        Form form = new Form();
        Occasion.BackDecision back = in.back() == null
                ? null
                : form.oneOf("back", RepairWords.A_DECISION.words(), in.back(), Occasion.BackDecision.class);
        form.checks().orThrow();
        if (in.grindOn() != null && !in.grindOn().isEmpty() && !in.grindOn().equals(SurveyService.BY_HAND)) {
            UUID machine = Form.id("grindOn", in.grindOn());
            if (kit.shelf().stream().noneMatch(a -> a.id().equals(machine.toString()))) {
                throw Form.notFound("abrasive", machine);
            }
        }
        surveys.decide(toolId, back, in.grindOn());
        return repair(toolId, "");
    }

    /** From when on the house takes a machine, and how much there is to shape here. */
    private static String house(PlanRules rules, Restoration r, List<MeansEstimate> means) {
        double above = rules.offerPowerAboveMm3();
        double volume = r.byMachine().map(j -> j.shaping().volumeMm3()).orElse(0.0);
        String here = volume > 0
                ? RepairWords.TO_BE_GROUND.fill("volume", Numbers.plain(volume, 0))
                        + (handsDo(means) && volume > above ? RepairWords.HANDS_DO_IT.words() : "")
                : RepairWords.NOTHING_GROUND.words();
        return Double.isInfinite(above)
                ? RepairWords.STONES_ONLY.fill("here", here)
                : above <= 0
                        ? RepairWords.GRIND_FIRST.fill("here", here)
                        : RepairWords.MACHINE_ABOVE.fill("above", Numbers.plain(above, 0), "here", here);
    }

    /** Whether hands are advised though a machine is there. */
    private static boolean handsDo(List<MeansEstimate> means) {
        return means.stream().anyMatch(m -> m.advised() && m.means().byHand())
                && means.stream()
                        .anyMatch(m -> !m.means().byHand()
                                && m.allowed()
                                && m.pieceId().isPresent());
    }

    /** What may be seen at a wheel. */
    static List<SignView> signs() {
        return Arrays.stream(Overheated.Sign.values())
                .map(s -> new SignView(s, s.words(), s != Overheated.Sign.STEAM))
                .toList();
    }

    /** What to do now that something was seen at the wheel. */
    public SeenView seen(UUID toolId, SeenForm in) {
        CoreTool tool = core(toolId);
        Form form = new Form();
        Overheated.Sign sign = form.oneOf("sign", RepairWords.WHAT_WAS_SEEN.words(), in.sign(), Overheated.Sign.class);
        boolean colour = sign != null && sign != Overheated.Sign.STEAM;
        Length extent = colour ? form.length("extent", in.extent()) : Length.ofMm(0);
        form.checks().within("passes", RepairWords.COUNT_OF_PASSES.words(), (double) in.passes(), 0, 500, "");
        form.checks().orThrow();
        TargetBevel target = bevels.target(tool);
        EdgeFin fin = GrindHeat.fin(tool.geometry(), target.primary(), Length.ofMm(0));
        return GrindViews.seen(Overheated.of(sign, extent.mm(), fin, tool.steel()), tool, target, in.passes());
    }

    private CoreTool core(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        if (tool.geometry().kind().powered()) {
            throw new RefusedException(Refusal.of(MessageCode.NOT_THIS_WAY, "", tool.name()));
        }
        return tool;
    }

    /** The machine asked for; else the one advised; else the first that may be used. */
    private static Optional<MeansEstimate> chosen(List<MeansEstimate> means, String by) {
        if (!Form.blank(by)) {
            MeansEstimate asked = means.stream()
                    .filter(m -> m.means().name().equals(by) && m.means().powered())
                    .findFirst()
                    .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.UNKNOWN_CHOICE, "by", by)
                            .with(
                                    "allowed",
                                    String.join(
                                            ", ",
                                            Arrays.stream(Means.values())
                                                    .filter(Means::powered)
                                                    .map(Means::name)
                                                    .toList()))));
            return Optional.of(asked);
        }
        return means.stream()
                .filter(m -> m.means().powered() && m.allowed() && m.pieceId().isPresent())
                .min(java.util.Comparator.comparing((MeansEstimate m) -> !m.advised()));
    }

    private static String piece(MeansEstimate m) {
        return m.pieceName().isEmpty() ? m.means().words().toLowerCase(java.util.Locale.ROOT) : m.pieceName();
    }

    static OptionalDouble middle(OptionalDouble a, OptionalDouble b) {
        return a.isPresent() && b.isPresent()
                ? OptionalDouble.of((a.getAsDouble() + b.getAsDouble()) / 2)
                : OptionalDouble.empty();
    }
}
