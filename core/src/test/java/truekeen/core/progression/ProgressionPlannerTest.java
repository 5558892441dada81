package truekeen.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.Lubricant;
import truekeen.core.grit.GritStandard;
import truekeen.core.grit.GritTable;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.message.RefusedException;
import truekeen.core.message.Says;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.GeometryKind;

class ProgressionPlannerTest {
    private static final SteelClass LOW_ALLOY =
            Steels.byName("low-alloy tool steel").orElseThrow();
    private static final SteelClass CARBON = Steels.byName("plain carbon").orElseThrow();
    private static final PlanRules RULES = PlanRules.USUAL;

    private static final List<Abrasive> WATER_STONES = List.of(
            Shelves.oxide("#400", 30),
            Shelves.oxide("#1200", 9.5),
            Shelves.oxide("#4000", 3),
            Shelves.oxide("#6000", 2));

    private static List<String> names(JobPath path) {
        return path.legs().stream().map(l -> l.abrasive().name()).toList();
    }

    private static JobPath plan(List<Abrasive> shelf, StoneWork job) {
        return ProgressionPlanner.plan(shelf, job, LOW_ALLOY, RULES, false);
    }

    /** Whole bevel face of a 3.6 × 24 mm chisel turned from 26.5° to 25°, apex kept. */
    private static StoneWork wholeFace() {
        double turned = Math.toRadians(1.5);
        double face = 3.6 / Math.sin(Math.toRadians(25));
        return Shelves.job(21.589, face * 24, face * Math.sin(turned), 0, 2, StoneWork.Forces.of(20));
    }

    @Test
    void theWholeFaceTakesThreeStonesAndPassesOneOver() {
        // Flattening takes no time here: the worked figures are those of the strokes and the changes alone.
        PlanRules strokesOnly = new PlanRules(
                RULES.startRule(),
                RULES.widestStep(),
                RULES.wideStepSeconds(),
                RULES.secondsPerStroke(),
                RULES.changeSeconds(),
                0,
                RULES.degreaseSeconds(),
                RULES.resetSeconds(),
                RULES.tieSeconds(),
                RULES.offerPowerAboveMm3(),
                RULES.habits());
        JobPath path = ProgressionPlanner.plan(WATER_STONES, wholeFace(), LOW_ALLOY, strokesOnly, false);
        assertThat(names(path)).containsExactly("#400", "#1200", "#6000");
        assertThat(path.legs().get(0).strokes()).isCloseTo(252.9, within(0.05));
        assertThat(path.legs().get(1).strokes()).isCloseTo(23.1, within(0.05));
        assertThat(path.legs().get(2).strokes()).isCloseTo(21.8, within(0.05));
        assertThat(path.seconds()).isCloseTo(407, within(0.5));
        assertThat(path.passedOver()).singleElement().satisfies(p -> {
            assertThat(p.abrasive().name()).isEqualTo("#4000");
            assertThat(p.usable()).isTrue();
            assertThat(p.wouldCostSeconds()).isPositive();
        });
    }

    @Test
    void aSliverIsHonedInFewStrokes() {
        StoneWork secondary = Shelves.job(0.8985, 16.8, 0.085, 1.4, 2, StoneWork.Forces.of(20));
        JobPath path = plan(List.of(WATER_STONES.get(1), WATER_STONES.get(3)), secondary);
        assertThat(names(path)).containsExactly("#1200", "#6000");
        assertThat(path.legs().get(0).strokes()).isCloseTo(23.5, within(0.05));
        assertThat(path.legs().get(0).leastCount()).isFalse();
        assertThat(path.legs().get(1).strokes()).isEqualTo(5);
        assertThat(path.legs().get(1).leastCount()).isTrue();
        assertThat(path.seconds()).isCloseTo(59, within(0.5));
    }

    @Test
    void aDullIronTakesAHandfulOnEachStone() {
        SteelClass airHardening = Steels.byName("air-hardening tool steel").orElseThrow();
        List<Abrasive> shelf = List.of(
                Shelves.stone(
                        "#1000",
                        "ceramic-bonded water stone",
                        GritTable.grain("grain", GritStandard.JIS, "#1000").d50Um()),
                Shelves.stone(
                        "#8000",
                        "ceramic-bonded water stone",
                        GritTable.grain("grain", GritStandard.JIS, "#8000").d50Um()));
        JobPath path = ProgressionPlanner.plan(
                shelf,
                Shelves.job(0.4754, 41.06, 0.0125, 1.4, 1.2, StoneWork.Forces.of(20)),
                airHardening,
                RULES,
                false);
        assertThat(names(path)).containsExactly("#1000", "#8000");
        assertThat(path.legs().get(0).strokes()).isCloseTo(12.9, within(0.05));
        assertThat(path.legs().get(1).strokes()).isCloseTo(9.0, within(0.05));
        assertThat(path.seconds()).isCloseTo(51, within(0.5));
    }

    @Test
    void aGapOnTheShelfIsCrossedInTheLeastBadWay() {
        List<Abrasive> shelf = List.of(
                Shelves.stone("68", "plated diamond plate", 68),
                Shelves.stone("25", "plated diamond plate", 25),
                Shelves.stone("#4000", "ceramic-bonded water stone", 3),
                Shelves.stone("#8000", "ceramic-bonded water stone", 1.2));
        JobPath path = plan(shelf, Shelves.job(0.05, 4.75, 0.01, 13.6, 1.2, StoneWork.Forces.of(20)));
        assertThat(names(path)).containsExactly("25", "#4000", "#8000");
        assertThat(path.legs()).allSatisfy(l -> assertThat(l.strokes()).isEqualTo(5));
        double doublings = Math.log(5 / (1.5 * 3)) / Math.log(2);
        assertThat(doublings).isCloseTo(0.15, within(0.005));
        assertThat(path.alternatives().get(0).penaltySeconds()).isCloseTo(120 * doublings, within(1e-9));
        assertThat(path.flags()).contains(ProgressionWords.WIDE_STEP.words());
    }

    @Test
    void strokesOnOneStoneAtTheForceOfShaping() {
        Abrasive stone = WATER_STONES.get(1);
        assertThat(0.8985 / StockRemoval.perStroke(stone, LOW_ALLOY, 20)).isCloseTo(47.1, within(0.05));
        assertThat(0.8985 / StockRemoval.perStroke(stone, LOW_ALLOY, 40)).isCloseTo(23.5, within(0.05));
        assertThat(StockRemoval.firstEstimateSpread()).isCloseTo(2.00, within(0.005));
    }

    @Test
    void coarserCutsFasterUntilTheCriticalSize() {
        double[] grains = {1, 3, 12, 30, 68, 100, 160, 300};
        for (int i = 1; i < grains.length; i++) {
            double finer = StockRemoval.specificWear(Shelves.oxide("a", grains[i - 1]), CARBON);
            double coarser = StockRemoval.specificWear(Shelves.oxide("b", grains[i]), CARBON);
            if (grains[i] <= 100) {
                assertThat(coarser).isGreaterThan(finer);
            } else {
                assertThat(coarser).isEqualTo(finer);
            }
        }
    }

    @Test
    void whatShapesIsPressedTwiceAsHardAlsoWhereItIsTheOnlyOne() {
        JobPath path = plan(WATER_STONES, Shelves.job(21.589, 204, 0.22, 1.4, 2, StoneWork.Forces.of(20)));
        assertThat(path.legs().get(0).forceN()).isEqualTo(40);
        assertThat(path.legs().get(path.legs().size() - 1).forceN()).isEqualTo(20);
        JobPath alone =
                plan(List.of(WATER_STONES.get(3)), Shelves.job(0.01, 16, 0.001, 0.3, 2, StoneWork.Forces.of(20)));
        assertThat(alone.legs().get(0).forceN()).isEqualTo(40);
    }

    @Test
    void aNarrowEdgeIsNotLeanedOn() {
        StoneWork.Forces narrow = StoneWork.Forces.of(GeometryKind.CHISEL, 3);
        assertThat(narrow.shapingN()).isEqualTo(6);
        assertThat(narrow.refiningN()).isEqualTo(6);
        assertThat(StoneWork.Forces.of(GeometryKind.CHISEL, 12).refiningN()).isEqualTo(20);
        assertThat(StoneWork.Forces.of(GeometryKind.CHISEL, 12).shapingN()).isEqualTo(24);
        assertThat(StoneWork.Forces.of(GeometryKind.KNIFE, 200).shapingN()).isEqualTo(20);
        assertThat(StoneWork.Forces.of(GeometryKind.CONVEX_BLADE, 120).refiningN())
                .isEqualTo(30);
    }

    @Test
    void agreesWithBruteForceOnRandomShelves() {
        Random random = new Random(20);
        int compared = 0;
        for (int round = 0; round < 400; round++) {
            List<Abrasive> shelf = Shelves.random(random, 2 + random.nextInt(9));
            StoneWork job = Shelves.job(
                    Math.exp(random.nextDouble() * 8 - 5),
                    10 + random.nextInt(200),
                    random.nextDouble() * 0.3,
                    random.nextDouble() * 6,
                    0.5 + random.nextDouble() * 12,
                    StoneWork.Forces.of(20));
            boolean oil = random.nextBoolean();
            List<Abrasive> usable = ShelfRule.allowed(shelf, job, CARBON);
            if (usable.isEmpty()) {
                continue;
            }
            JobPath path = ProgressionPlanner.plan(shelf, job, CARBON, RULES, oil);
            BruteForce.Walk best = BruteForce.best(usable, job, CARBON, RULES, oil, null);
            assertThat(path.legs().stream().map(Leg::abrasive).toList())
                    .as("round %s", round)
                    .isEqualTo(best.stones());
            assertThat(path.alternatives().get(0).seconds()).isCloseTo(best.seconds(), within(1e-6));
            assertThat(path.alternatives().get(0).penaltySeconds()).isCloseTo(best.penalty(), within(1e-6));
            for (PassedOver passed : path.passedOver()) {
                if (usable.contains(passed.abrasive())) {
                    BruteForce.Walk through = BruteForce.best(usable, job, CARBON, RULES, oil, passed.abrasive());
                    assertThat(passed.usable()).isEqualTo(through != null);
                    if (through != null) {
                        assertThat(passed.tooWide()).isEqualTo(through.penalty() > best.penalty() + 1e-6);
                        assertThat(passed.wouldCostSeconds()).isCloseTo(through.cost() - best.cost(), within(1e-6));
                        compared++;
                    }
                }
            }
        }
        assertThat(compared).isGreaterThan(300);
    }

    @Test
    void endsOnTheNearestGrainWithinTheWindowTiesToTheFiner() {
        FinishWindow window = new FinishWindow(0.7, 2, 12);
        assertThat(ProgressionPlanner.finishing(
                                List.of(Shelves.oxide("a", 4), Shelves.oxide("b", 1), Shelves.oxide("c", 8)), window)
                        .name())
                .isEqualTo("b");
        assertThat(ProgressionPlanner.finishing(List.of(Shelves.oxide("a", 40), Shelves.oxide("b", 20)), window)
                        .name())
                .isEqualTo("b");
    }

    @Test
    void aShelfThatCannotMeetTheFinishSaysItIsTheBestItCanDo() {
        JobPath path = plan(List.of(Shelves.oxide("#400", 30)), wholeFace());
        assertThat(path.flags()).anyMatch(Says.the(ProgressionWords.ENDS_TOO_COARSE));
    }

    @Test
    void finishingStonesAreNotAskedToShapeUnlessThereIsNothingElse() {
        JobPath path = plan(List.of(WATER_STONES.get(2), WATER_STONES.get(3)), wholeFace());
        assertThat(names(path).get(0)).isEqualTo("#4000");
        assertThat(path.flags()).anyMatch(Says.the(ProgressionWords.TOO_FINE_FOR_THE_DEPTH));
    }

    @Test
    void aFaceThatWillBeCoveredEndsOnWhatShapedIt() {
        StoneWork covered = new StoneWork(
                JobKind.PRIMARY,
                new Shaping(21.589, 204, 0.22),
                3,
                Optional.empty(),
                StoneWork.Forces.of(20),
                false,
                Shelves.FLAT);
        JobPath path = plan(WATER_STONES, covered);
        assertThat(names(path)).containsExactly("#400");
        assertThat(path.passedOver()).extracting(PassedOver::why).contains(ProgressionWords.TOO_FINE_TO_SHAPE.words());
    }

    @Test
    void oilIsCleanedOffBeforeWaterAndCountsItsTime() {
        StoneWork job = Shelves.job(0.5, 16, 0.02, 1, 2, StoneWork.Forces.of(20));
        JobPath dry = ProgressionPlanner.plan(WATER_STONES, job, CARBON, RULES, false);
        JobPath oily = ProgressionPlanner.plan(WATER_STONES, job, CARBON, RULES, true);
        assertThat(oily.seconds() - dry.seconds()).isCloseTo(60, within(1e-9));
        assertThat(oily.legs().get(0).degrease()).isTrue();
        assertThat(oily.oilOnTool()).isFalse();
    }

    @Test
    void oxideIsWarnedOfAndThenRefusedOnHardCarbides() {
        StoneWork job = Shelves.job(0.5, 16, 0.02, 1, 2, StoneWork.Forces.of(20));
        SteelClass powder = Steels.byName("powder stainless").orElseThrow();
        SteelClass hardest = Steels.byName("powder high-vanadium").orElseThrow();
        assertThat(ProgressionPlanner.plan(WATER_STONES, job, powder, RULES, false)
                        .flags())
                .anyMatch(f -> f.contains(ProgressionWords.OXIDE_SLOW.words()));
        assertThat(plan(WATER_STONES, job).flags()).noneMatch(f -> f.contains(ProgressionWords.OXIDE_SLOW.words()));
        assertThatThrownBy(() -> ProgressionPlanner.plan(WATER_STONES, job, hardest, RULES, false))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("carbides");
        List<Abrasive> withDiamond = new ArrayList<>(WATER_STONES);
        withDiamond.add(Shelves.stone("plate", "plated diamond plate", 9));
        assertThat(names(ProgressionPlanner.plan(withDiamond, job, hardest, RULES, false)))
                .containsExactly("plate");
    }

    @Test
    void retiredFrozenAndDishedStonesAreLeftOut() {
        StoneWork job = Shelves.job(0.5, 16, 0.02, 1, 2, StoneWork.Forces.of(20));
        Abrasive retired =
                Shelves.stone("r", "aluminium oxide water stone", 2, new Abrasive.State(true, 0, true, 0, true, false));
        Abrasive frozen =
                Shelves.stone("f", "aluminium oxide water stone", 2, new Abrasive.State(true, 0, true, 0, false, true));
        Abrasive dished = Shelves.stone(
                "d", "aluminium oxide water stone", 2, new Abrasive.State(false, 0, false, 0, false, false));
        for (Abrasive out : List.of(retired, frozen, dished)) {
            assertThat(ShelfRule.barring(out, job, CARBON)).isPresent();
        }
        assertThat(ShelfRule.barring(Shelves.oxide("ok", 2), job, CARBON)).isEmpty();
        Abrasive rod = new Abrasive(
                "rod",
                "rod",
                AbrasiveKind.byKey("fused ceramic stone or rod").orElseThrow(),
                retired.grain(),
                6,
                false,
                Abrasive.Shape.ROD,
                Lubricant.DRY,
                Abrasive.State.READY);
        assertThat(ShelfRule.barring(rod, job, CARBON)).contains(ShelfRule.WRONG_SHAPE);
    }

    @Test
    void equalPlansDoNotFlapWithTheOrderOfTheShelf() {
        StoneWork job = Shelves.job(1.5, 16, 0.02, 1, 2, StoneWork.Forces.of(20));
        Abrasive one = Shelves.oxide("one", 9.5);
        Abrasive twin = Shelves.oxide("twin", 9.5);
        Abrasive end = Shelves.oxide("end", 2);
        assertThat(names(plan(List.of(one, twin, end), job))).containsExactly("one", "end");
        assertThat(names(plan(List.of(twin, one, end), job))).containsExactly("twin", "end");
    }

    @Test
    void moreSteelIsNeverQuicker() {
        double before = 0;
        for (double volume = 0.01; volume < 50; volume *= 1.5) {
            double now = plan(WATER_STONES, Shelves.job(volume, 16, 0.02, 1, 2, StoneWork.Forces.of(20)))
                    .seconds();
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
    }
}
