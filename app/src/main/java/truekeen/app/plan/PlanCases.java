package truekeen.app.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import truekeen.app.angle.SetupService;
import truekeen.app.angle.SetupService.SavedSetup;
import truekeen.app.hand.HandService;
import truekeen.app.kit.KitService;
import truekeen.app.plan.PlanRecords.PlanForm;
import truekeen.app.platform.Form;
import truekeen.app.repair.Grinding;
import truekeen.app.survey.SurveyService;
import truekeen.app.survey.SurveyService.CoreSurvey;
import truekeen.app.tool.ToolService;
import truekeen.app.tool.ToolService.CoreTool;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.condition.Occasion;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.condition.ShapeDeviations;
import truekeen.core.job.JobKind;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Numbers;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.progression.PlanAsk;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.StropWish;
import truekeen.core.progression.Wish;
import truekeen.core.repair.ByWhat;
import truekeen.core.section.TargetBevel;
import truekeen.core.stepsheet.PlanCase;

/** Brings together all that a plan is made from: the tool, its survey, its set-up, the shelf in a hand, the house. */
@Component
class PlanCases {
    private final ToolService tools;
    private final SurveyService surveys;
    private final SetupService setups;
    private final KitService kit;
    private final Grinding grinding;
    private final HandService hands;
    private final SavedRoutes ways;

    PlanCases(
            ToolService tools,
            SurveyService surveys,
            SetupService setups,
            KitService kit,
            Grinding grinding,
            HandService hands,
            SavedRoutes ways) {
        this.tools = tools;
        this.surveys = surveys;
        this.setups = setups;
        this.kit = kit;
        this.grinding = grinding;
        this.hands = hands;
        this.ways = ways;
    }

    /** A tool that is surveyed and has its angle. */
    record Ready(CoreTool tool, CoreSurvey survey, SavedSetup setup, TargetBevel target) {}

    Ready ready(UUID toolId) {
        CoreTool tool = tools.core(toolId);
        CoreSurvey survey = surveys.core(toolId)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.SURVEY_FIRST, "", "")));
        held(tool, survey);
        SavedSetup setup = setups.newest(toolId)
                .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.ANGLE_FIRST, "", "")));
        return new Ready(tool, survey, setup, setup.setup().target(tool.geometry()));
    }

    /** A bent single-bevel knife is not planned until the bend is dealt with or accepted. */
    private static void held(CoreTool tool, CoreSurvey survey) {
        ShapeDeviations shape = survey.survey().departures();
        if (shape.heldUp(tool.geometry())) {
            ShapeDeviations.Bend bend = shape.bend().orElseThrow();
            ShapeDeviations.Missed missed =
                    bend.missed(tool.geometry().edgeLengthMm()).orElseThrow();
            throw new RefusedException(Refusal.of(MessageCode.BENT_FIRST, "bend", bend.gap())
                    .with("from", Numbers.plain(missed.fromMm(), 0))
                    .with("to", Numbers.plain(missed.toMm(), 0)));
        }
    }

    /** The shelf in a person's hand, on the steel of a tool. */
    List<Abrasive> shelf(Ready ready, String person) {
        return hands.inHand(Form.orEmpty(person).strip(), ready.tool.steel().name(), kit.shelf());
    }

    /** What decides which jobs are done; where there is no strop, what one would do is left to the finest stone. */
    Occasion occasion(Ready ready, List<Abrasive> shelf) {
        Occasion occasion = surveys.occasion(ready.tool, ready.survey);
        boolean strop = shelf.stream()
                .anyMatch(a ->
                        a.kind().use() == AbrasiveKind.Use.STROP && !a.state().retired());
        return strop ? occasion : occasion.withoutStrop();
    }

    Restoration restoration(Ready ready, List<Abrasive> shelf) {
        return Restorer.restore(ready.tool.geometry(), ready.survey.survey(), ready.target, occasion(ready, shelf));
    }

    /** The plan as it is asked for. */
    PlanCase asked(Ready ready, PlanForm in) {
        String person = Form.orEmpty(in.person()).strip();
        List<Abrasive> shelf = shelf(ready, person);
        return of(
                ready,
                shelf,
                grinding.rules(ready.tool),
                in.grindOn(),
                PlanWishes.read(in, ways.of(person, ready.tool.trade().key())),
                PlanWishes.strop(in, shelf));
    }

    /** The plan of a house that has picked no rules, on what is decided for the tool. */
    PlanCase inNoHouse(Ready ready, String person) {
        return of(ready, shelf(ready, person), PlanRules.USUAL, "", Map.of(), Optional.empty());
    }

    private PlanCase of(
            Ready ready,
            List<Abrasive> shelf,
            PlanRules rules,
            String grindOn,
            Map<JobKind, Wish> wishes,
            Optional<StropWish> strop) {
        CoreTool tool = ready.tool;
        Occasion occasion = occasion(ready, shelf);
        return new PlanCase(
                tool.geometry(),
                ready.survey.survey(),
                ready.target,
                tool.steel(),
                tool.trade(),
                setups.manner(tool, ready.setup.setup()),
                shelf,
                rules,
                new PlanAsk(
                        tool.scratchUm(),
                        machine(ready, occasion, shelf, rules, grindOn),
                        wishes,
                        Optional.of(ready.target),
                        strop,
                        tool.hardnessHrc()),
                occasion);
    }

    /**
     * What the big shaping is done on: what was asked for here, else what was decided on the repair page, else what the house
     * would take; stones where that is the choice.
     */
    private static Optional<String> machine(
            Ready ready, Occasion occasion, List<Abrasive> shelf, PlanRules rules, String grindOn) {
        String asked = Form.blank(grindOn) ? ready.survey.grindOn().orElse("") : grindOn;
        if (!asked.isEmpty()) {
            return Optional.of(asked).filter(id -> !id.equals(SurveyService.BY_HAND));
        }
        CoreTool tool = ready.tool;
        return ByWhat.machine(
                Restorer.restore(tool.geometry(), ready.survey.survey(), ready.target, occasion),
                tool.geometry(),
                ready.target.primary(),
                tool.steel(),
                tool.hardnessHrc(),
                shelf,
                rules);
    }
}
