package truekeen.core.stepsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.job.JobKind;
import truekeen.core.message.Says;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.Shelves;
import truekeen.core.progression.WorkPlan;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blades;
import truekeen.core.tool.Chisel;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUses;

class StepSheetTest {
    private static final SteelClass STEEL =
            Steels.byName("low-alloy tool steel").orElseThrow();
    private static final TargetBevel TARGET = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30));
    private static final WorkingMethod MANNER =
            WorkingMethod.of(GeometryKind.CHISEL, TARGET, Optional.of("roller guide"));
    private static final Chisel CHISEL = Blades.chisel(24, 3.2, 90, 20, 25, Blades.micro(30, 0.6));

    private static Abrasive on(String name, String kindName, double um, Abrasive.Shape shape) {
        return Shelves.piece(name, kindName, um, shape, Abrasive.State.READY);
    }

    private static final List<Abrasive> SHELF = List.of(
            on("coarse", "aluminium oxide water stone", 30, Abrasive.Shape.BENCH),
            on("middle", "ceramic-bonded water stone", 11.5, Abrasive.Shape.BENCH),
            on("fine", "ceramic-bonded water stone", 2, Abrasive.Shape.BENCH),
            on("leather", "strop with compound", 0.5, Abrasive.Shape.STROP),
            on("grinder", "dry grinding wheel", 129, Abrasive.Shape.WHEEL));

    private static EdgeSurvey survey(Dullness dullness, BackState back, Finding... findings) {
        return new EdgeSurvey(List.of(findings), EdgeSurvey.Squareness.SQUARE, dullness, false, back, 0);
    }

    private static WorkPlan plan(EdgeSurvey survey, String grindOn) {
        Restoration r = Restorer.restore(CHISEL, survey, TARGET);
        return WorkPlanner.plan(
                r,
                survey,
                ToolUses.byKey("bench chisel / general bench work").orElseThrow(),
                STEEL,
                SHELF,
                PlanRules.USUAL,
                OptionalDouble.empty(),
                Optional.ofNullable(grindOn));
    }

    private static List<Step> steps(WorkPlan plan) {
        return StepSheet.of(plan, TARGET, STEEL, 24, MANNER);
    }

    private static final Finding CHIP = new Finding(Finding.Kind.CHIP, 8, 10, 0.9, false);

    @Test
    void aChippedToolIsGroundHonedDeburredAndStroppedInThatOrder() {
        WorkPlan plan = plan(survey(Dullness.DULL, BackState.UNPOLISHED, CHIP), null);
        List<Step> steps = steps(plan);
        assertThat(steps.stream().map(Step::kind).distinct())
                .containsExactly(Step.Kind.WORK, Step.Kind.SET_GUIDE, Step.Kind.DEBURR, Step.Kind.STROP);
        assertThat(steps.get(0).title()).contains("back");
        assertThat(plan.settings()).isEqualTo(2);
        assertThat(steps.stream().filter(s -> s.kind() == Step.Kind.SET_GUIDE))
                .hasSize(2)
                .allSatisfy(s -> assertThat(s.seconds()).isEqualTo(40));
        double sum = steps.stream().mapToDouble(Step::seconds).sum();
        assertThat(SheetTime.of(steps, plan.powered()).likely()).isCloseTo(sum, within(1e-9));
        double onStones = plan.jobs().stream()
                .flatMap(j -> j.legs().stream())
                .mapToDouble(l -> StepWriter.seconds(l, l.wholeStrokes()))
                .sum();
        double burrAndStrop = 2 * 6 * 1.2 + 25 + 2 * 8 * 1.2;
        assertThat(sum).isCloseTo(onStones + 2 * 40 + burrAndStrop, within(1e-9));
    }

    @Test
    void muchSteelIsOfferedToTheGrinderAndTheChoiceIsFollowed() {
        EdgeSurvey chipped = survey(Dullness.DULL, BackState.POLISHED, CHIP);
        WorkPlan byHand = plan(chipped, null);
        assertThat(byHand.offers()).singleElement().satisfies(o -> {
            assertThat(o.machine().name()).isEqualTo("grinder");
            assertThat(o.leastSeconds()).isLessThan(o.mostSeconds());
        });
        WorkPlan ground = plan(chipped, "grinder");
        assertThat(ground.path(JobKind.PRIMARY)).isEmpty();
        assertThat(steps(ground).get(0).kind()).isEqualTo(Step.Kind.GRIND);
        assertThat(steps(ground).get(0).caution()).matches(Says.the(StepWords.GRIND_CAUTION));
        assertThat(SheetTime.of(steps(ground), ground.powered()).likely())
                .isLessThan(SheetTime.of(steps(byHand), byHand.powered()).likely());
        assertThat(plan(survey(Dullness.DULL, BackState.POLISHED), "grinder").offers())
                .isEmpty();
    }

    @Test
    void theStropAloneWhenThatIsAllItWants() {
        List<Step> steps = steps(plan(survey(Dullness.TOUCH_UP, BackState.POLISHED), null));
        assertThat(steps.stream().map(Step::kind)).containsExactly(Step.Kind.STROP);
    }

    @Test
    void everyShapingStepAsksForTheBurrAndEveryEstimateIsARange() {
        for (Step step : steps(plan(survey(Dullness.DULL, BackState.POLISHED, CHIP), null))) {
            if (step.kind() == Step.Kind.WORK && step.title().startsWith("Shape")) {
                assertThat(step.gate()).contains(StepWords.BURR_END_TO_END.words());
                assertThat(step.strokesLow()).isLessThan(step.strokes());
                assertThat(step.strokesHigh()).isGreaterThan(step.strokes());
            }
            assertThat(step.why()).isNotBlank();
        }
    }

    @Test
    void aWideStepToTheStropIsSaid() {
        assertThat(plan(survey(Dullness.DULL, BackState.POLISHED), null).stropNote())
                .contains("3 times finer");
    }
}
