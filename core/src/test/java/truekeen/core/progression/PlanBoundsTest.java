package truekeen.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Restorer;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.message.InWords;
import truekeen.core.message.Says;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blades;
import truekeen.core.tool.Chisel;
import truekeen.core.tool.ToolUses;

/** The bounds of a plan from both sides, and what is said of them. */
class PlanBoundsTest {
    private static final SteelClass CARBON = Steels.byName("plain carbon").orElseThrow();
    private static final Chisel CHISEL = Blades.chisel(20, 3.2, 90, 20, 25, Blades.micro(30, 0.6));

    private static WorkPlan plan(List<Abrasive> shelf) {
        EdgeSurvey survey =
                new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.POLISHED, 0);
        return WorkPlanner.plan(
                Restorer.restore(CHISEL, survey, new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30))),
                survey,
                ToolUses.byKey("bench chisel / general bench work").orElseThrow(),
                CARBON,
                shelf,
                PlanRules.USUAL,
                OptionalDouble.empty(),
                Optional.empty());
    }

    private static Abrasive strop(String name, String kind, double um) {
        return Shelves.stone(name, kind, um);
    }

    private static List<String> flags(List<Abrasive> shelf, StoneWork job, SteelClass steel) {
        return ProgressionPlanner.plan(shelf, job, steel, PlanRules.USUAL, false)
                .flags();
    }

    @ParameterizedTest
    @EnumSource(Answer.class)
    void everyAnswerHasANameAndAMeaning(Answer answer) {
        assertThat(Answer.byName(answer.name())).contains(answer);
        assertThat(answer.words()).isNotBlank();
        assertThat(answer.meaning()).isNotBlank().doesNotContain("{");
        assertThat(Answer.byName("NO_SUCH")).isEmpty();
        assertThat(Answer.FEWEST.meaning()).contains("1.25");
        assertThat(Answer.GENTLEST.meaning()).contains("1.5");
    }

    @Test
    void aFinishIsHeldUpToItsBoundsAndItsDistanceIsALogarithm() {
        FinishWindow window = new FinishWindow(1, 2, 4);
        assertThat(window.holds(1)).isTrue();
        assertThat(window.holds(4)).isTrue();
        assertThat(window.holds(0.99)).isFalse();
        assertThat(window.holds(4.01)).isFalse();
        assertThat(window.distance(2)).isZero();
        assertThat(window.distance(4)).isCloseTo(Math.log(2), within(1e-12));
        assertThat(window.distance(1)).isCloseTo(Math.log(2), within(1e-12));
    }

    @Test
    void ofTwoAsNearToTheUsualGrainTheFinerOneIsTheEnd() {
        FinishWindow window = new FinishWindow(0.5, 2, 8);
        Abrasive fine = Shelves.oxide("fine", 1);
        Abrasive coarse = Shelves.oxide("coarse", 4);
        assertThat(ProgressionPlanner.finishing(List.of(coarse, fine), window)).isEqualTo(fine);
        assertThat(ProgressionPlanner.finishing(List.of(fine, coarse), window)).isEqualTo(fine);
        // nearer but outside gives way to farther but within; where none is within the nearest is taken
        Abrasive outside = Shelves.oxide("outside", 8.5);
        Abrasive within = Shelves.oxide("within", 0.5);
        assertThat(ProgressionPlanner.finishing(List.of(outside, within), new FinishWindow(0.5, 4.5, 8)))
                .isEqualTo(within);
        assertThat(ProgressionPlanner.finishing(List.of(outside, Shelves.oxide("far", 30)), window))
                .isEqualTo(outside);
    }

    @ParameterizedTest
    @CsvSource({"30, 1, true", "29.9, 1, false", "30, 1.01, false", "45, 0.2, true"})
    void aSteepAndNarrowBevelDigsIn(double angle, double width, boolean digs) {
        assertThat(new StoneWork.Bevel(angle, width).digsIn()).isEqualTo(digs);
        assertThat(StoneWork.Bevel.UNKNOWN.digsIn()).isFalse();
    }

    @Test
    void aHouseThatPolishesEndsFinerAndOneOfLeatherCoarser() {
        FinishWindow byWork = new FinishWindow(1, 2, 4);
        assertThat(StoneHabits.Finish.PURPOSE.of(byWork)).isEqualTo(byWork);
        FinishWindow high = StoneHabits.Finish.HIGH.of(byWork);
        assertThat(high.finestUm()).isCloseTo(high.usualUm() / 2, within(1e-12));
        assertThat(high.coarsestUm()).isCloseTo(high.usualUm() * 3, within(1e-12));
        FinishWindow medium = StoneHabits.Finish.MEDIUM.of(byWork);
        assertThat(medium.finestUm()).isCloseTo(medium.usualUm() * 2 / 3, within(1e-12));
        assertThat(medium.coarsestUm()).isCloseTo(medium.usualUm() * 4 / 3, within(1e-12));
        assertThat(high.usualUm()).isLessThan(medium.usualUm());
    }

    @Test
    void whatAMachineTakesIsPartOfTheSteel() {
        WorkPlan plan = plan(List.of(Shelves.oxide("middle", 9.5), Shelves.oxide("fine", 2)));
        assertThat(plan.fewestSessions()).isZero();
        double steel = plan.jobs().stream().mapToDouble(JobPath::volumeMm3).sum();
        assertThat(plan.volumeMm3()).isCloseTo(steel, within(1e-12));
        Abrasive wheel = Shelves.stone("wheel", AbrasiveKind.DRY_WHEEL.key(), 200);
        WorkPlan ground = new WorkPlan(
                plan.all(),
                plan.jobs(),
                List.of(),
                Optional.of(new PowerOffer(wheel, 20, 60, 7)),
                Optional.of(JobKind.PRIMARY),
                List.of(),
                "",
                0,
                0,
                Optional.empty());
        assertThat(ground.volumeMm3()).isCloseTo(steel + 7, within(1e-12));
    }

    @Test
    void aPlanRestsOnTheStoneOfWhichLeastIsKnown() {
        Abrasive known = Shelves.oxide("middle", 9.5).with(new Abrasive.Effort(1, 1.1, 7, 7));
        Abrasive less = Shelves.oxide("fine", 2).with(new Abrasive.Effort(1, 1.2, 3, 3));
        assertThat(plan(List.of(known, less)).fewestSessions()).isEqualTo(3);
    }

    @Test
    void theStropNearestBelowTheLastStoneIsTakenAndOneTooFineIsSaid() {
        List<Abrasive> stones = List.of(Shelves.oxide("middle", 9.5), Shelves.oxide("fine", 2));
        List<Abrasive> shelf = new ArrayList<>(stones);
        assertThat(plan(shelf).strop()).isEmpty();
        assertThat(plan(shelf).stropNote()).contains("No strop");
        shelf.add(strop("bare", AbrasiveKind.BARE_STROP.key(), 0));
        assertThat(plan(shelf).strop()).map(Abrasive::name).contains("bare");
        assertThat(plan(shelf).stropNote()).contains("bare");
        shelf.add(strop("half", AbrasiveKind.CHARGED_STROP.key(), 0.5));
        assertThat(plan(shelf).strop()).map(Abrasive::name).contains("half");
        assertThat(plan(shelf).stropNote()).matches(Says.the(ProgressionWords.STROP_TOO_FINE));
        shelf.add(strop("nearer", AbrasiveKind.CHARGED_STROP.key(), 2 / 3.0));
        assertThat(plan(shelf).strop()).map(Abrasive::name).contains("nearer");
        assertThat(plan(shelf).stropNote()).isEmpty();
        shelf.add(Shelves.stone(
                "retired", AbrasiveKind.CHARGED_STROP.key(), 1, new Abrasive.State(true, 0, true, 0, true, false)));
        assertThat(plan(shelf).strop()).map(Abrasive::name).contains("nearer");
    }

    @Test
    void whatThisShelfCanDoIsSaidFromBothSides() {
        StoneWork job = Shelves.job(0.9, 16.8, 0.05, 1.4, 2, StoneWork.Forces.of(20));
        assertThat(flags(List.of(Shelves.oxide("a", 9.5), Shelves.oxide("end", 4)), job, CARBON))
                .isEmpty();
        assertThat(flags(List.of(Shelves.oxide("a", 9.5), Shelves.oxide("end", 4.1)), job, CARBON))
                .anyMatch(Says.the(ProgressionWords.ENDS_TOO_COARSE, "finest", "4.1 µm"));
        assertThat(flags(List.of(Shelves.oxide("a", 9.5), Shelves.oxide("end", 1)), job, CARBON))
                .isEmpty();
        assertThat(flags(List.of(Shelves.oxide("a", 3), Shelves.oxide("end", 0.9)), job, CARBON))
                .noneMatch(Says.the(ProgressionWords.ENDS_TOO_FINE));
        assertThat(flags(List.of(Shelves.oxide("end", 0.9)), job, CARBON))
                .anyMatch(f -> f.startsWith(
                        InWords.figures("Ends on 0.9 µm, finer than this work asks for. 1 µm to 4 µm is wanted")));
        StoneWork deep = Shelves.job(20, 100, 0.2, 0, 30, StoneWork.Forces.of(20));
        assertThat(flags(List.of(Shelves.oxide("end", 19.9)), deep, CARBON))
                .anyMatch(Says.the(ProgressionWords.TOO_FINE_FOR_THE_DEPTH, "depth", "200 µm"));
        assertThat(flags(List.of(Shelves.oxide("end", 20)), deep, CARBON))
                .noneMatch(Says.the(ProgressionWords.TOO_FINE_FOR_THE_DEPTH));
        assertThat(flags(
                        List.of(Shelves.oxide("end", 100)),
                        Shelves.job(20, 100, 0.2, 0, 100, StoneWork.Forces.of(20)),
                        CARBON))
                .isEmpty();
        assertThat(flags(
                        List.of(Shelves.oxide("end", 41)),
                        Shelves.job(20, 100, 0.2, 0, 20, StoneWork.Forces.of(20)),
                        CARBON))
                .anyMatch(f -> f.startsWith("Ends on 41 µm") && f.contains("10 µm to 40 µm"));
    }

    @Test
    void oxideIsWarnedOfOnHardSteelAndRefusedOnTheHardest() {
        StoneWork job = Shelves.job(0.9, 16.8, 0.05, 1.4, 2, StoneWork.Forces.of(20));
        for (SteelClass steel : Steels.all()) {
            double resists = steel.resistanceOxide();
            boolean barred = ShelfRule.barring(Shelves.oxide("a", 2), job, steel)
                    .filter(r -> r == ShelfRule.OXIDE_ON_HARD_CARBIDE)
                    .isPresent();
            assertThat(barred).as(steel.name()).isEqualTo(resists >= 4);
            if (!barred) {
                assertThat(flags(List.of(Shelves.oxide("a", 2)), job, steel).stream()
                                .anyMatch(f -> f.startsWith("Oxide grain")))
                        .as(steel.name())
                        .isEqualTo(resists >= 2.5);
            }
            Abrasive diamond = Shelves.stone("d", AbrasiveKind.PLATED_DIAMOND.key(), 2);
            assertThat(ShelfRule.barring(diamond, job, steel)).isEmpty();
            assertThat(flags(List.of(diamond), job, steel)).noneMatch(f -> f.startsWith("Oxide grain"));
        }
    }

    @Test
    void aFaceForFineStonesTakesThreeMicrometresAndNoMore() {
        StoneWork fine = new StoneWork(
                JobKind.BACK,
                new Shaping(0.1, 60, 0.001),
                0.1,
                Optional.empty(),
                StoneWork.Forces.of(20),
                true,
                Set.of(Abrasive.Shape.BENCH));
        assertThat(ShelfRule.barring(Shelves.oxide("a", 3), fine, CARBON)).isEmpty();
        assertThat(ShelfRule.barring(Shelves.oxide("a", 3.1), fine, CARBON)).contains(ShelfRule.FINE_ONLY);
    }

    @Test
    void leastTimeIsThatOfThePlanOrNothing() {
        StoneWork job = Shelves.job(0.9, 16.8, 0.05, 1.4, 2, StoneWork.Forces.of(20));
        List<Abrasive> shelf = List.of(Shelves.oxide("a", 9.5), Shelves.oxide("b", 2));
        assertThat(ProgressionPlanner.leastSeconds(shelf, job, CARBON, PlanRules.USUAL)
                        .orElseThrow())
                .isCloseTo(
                        ProgressionPlanner.plan(shelf, job, CARBON, PlanRules.USUAL, false)
                                .seconds(),
                        within(1e-9));
        assertThat(ProgressionPlanner.leastSeconds(List.of(), job, CARBON, PlanRules.USUAL))
                .isEmpty();
    }

    @Test
    void wholeStrokesAreRoundedUpButNotForNothing() {
        Abrasive stone = Shelves.oxide("a", 2);
        assertThat(leg(stone, 12).wholeStrokes()).isEqualTo(12);
        assertThat(leg(stone, 12 + 1e-12).wholeStrokes()).isEqualTo(12);
        assertThat(leg(stone, 12.001).wholeStrokes()).isEqualTo(13);
    }

    private static Leg leg(Abrasive stone, double strokes) {
        return new Leg(stone, 1, 20, strokes, false, 1, 1, 0, 0, false, 1, false, List.of());
    }
}
