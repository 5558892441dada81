package truekeen.core.progression;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Restorer;
import truekeen.core.job.JobKind;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blades;
import truekeen.core.tool.Chisel;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** What one job leaves is where the next begins. */
class WorkPlannerTest {
    private static final SteelClass STEEL = Steels.byName("plain carbon").orElseThrow();
    private static final ToolUse TRADE =
            ToolUses.byKey("bench chisel / general bench work").orElseThrow();
    private static final Chisel CHISEL = Blades.chisel(20, 3.2, 90, 20, 25, Blades.micro(30, 0.6));

    private static WorkPlan plan(List<Abrasive> shelf, BackState back, OptionalDouble logged, Finding... found) {
        EdgeSurvey survey = new EdgeSurvey(List.of(found), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, back, 0);
        TargetBevel target = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30));
        return WorkPlanner.plan(
                Restorer.restore(CHISEL, survey, target),
                survey,
                TRADE,
                STEEL,
                shelf,
                PlanRules.USUAL,
                logged,
                Optional.empty());
    }

    @Test
    void strokesOfOneJobCountTowardTheFlatteningOfTheNext() {
        // The back takes the stone just past its interval; alone, neither job would.
        Abrasive stone = Shelves.stone(
                "only", "ceramic-bonded water stone", 2, new Abrasive.State(true, 0, true, 0, false, false));
        WorkPlan both = plan(List.of(stone), BackState.UNPOLISHED, OptionalDouble.empty());
        double backStrokes = both.path(JobKind.BACK).orElseThrow().legs().get(0).strokes();
        double honing = both.path(JobKind.SECONDARY).orElseThrow().legs().get(0).strokes();
        double since = 700 - (backStrokes + honing / 2) % 700;
        Abrasive worn = Shelves.stone(
                "only", "ceramic-bonded water stone", 2, new Abrasive.State(true, since, true, 0, false, false));
        int flattenings = plan(List.of(worn), BackState.UNPOLISHED, OptionalDouble.empty()).jobs().stream()
                .flatMap(j -> j.legs().stream())
                .mapToInt(Leg::flattenings)
                .sum();
        assertThat(flattenings).isEqualTo((int) Math.floor((since + backStrokes + honing) / 700));
        assertThat(plan(List.of(worn), BackState.UNPOLISHED, OptionalDouble.empty())
                        .path(JobKind.SECONDARY)
                        .orElseThrow()
                        .legs()
                        .get(0)
                        .flattenings())
                .isEqualTo(1);
    }

    @Test
    void aLoggedScratchReplacesTheUnknownOne() {
        List<Abrasive> shelf = List.of(Shelves.oxide("middle", 9.5), Shelves.oxide("fine", 2));
        double unknown = plan(shelf, BackState.POLISHED, OptionalDouble.empty()).volumeMm3();
        double logged = plan(shelf, BackState.POLISHED, OptionalDouble.of(0.24)).volumeMm3();
        // A dull edge goes deeper than twice either scratch, so that neither adds any steel.
        assertThat(logged).isEqualTo(unknown);
        assertThat(plan(shelf, BackState.POLISHED, OptionalDouble.of(0.24))
                        .path(JobKind.SECONDARY)
                        .orElseThrow()
                        .job()
                        .startScratchUm())
                .isEqualTo(0.24);
    }

    @Test
    void aCoveredPrimaryEndsOnItsShaperAndTheGuideIsResetOnce() {
        List<Abrasive> shelf =
                List.of(Shelves.oxide("coarse", 60), Shelves.oxide("middle", 9.5), Shelves.oxide("fine", 2));
        WorkPlan plan = plan(
                shelf, BackState.POLISHED, OptionalDouble.empty(), new Finding(Finding.Kind.CHIP, 5, 6, 0.5, false));
        assertThat(plan.path(JobKind.PRIMARY).orElseThrow().legs()).hasSize(1);
        assertThat(plan.settings()).isEqualTo(2);
        assertThat(plan.strop()).isEmpty();
        assertThat(plan.stropNote()).contains(ProgressionWords.NO_STROP.words());
    }

    @Test
    void theFinishingStoneIsTheNearestToTheUsualGrain() {
        List<Abrasive> shelf = List.of(Shelves.oxide("a", 30), Shelves.oxide("b", 1.5), Shelves.oxide("c", 6));
        assertThat(WorkPlanner.finishingStone(shelf, TRADE, STEEL).orElseThrow().id())
                .isEqualTo("b");
        assertThat(WorkPlanner.finishingStone(List.of(), TRADE, STEEL)).isEmpty();
    }
}
