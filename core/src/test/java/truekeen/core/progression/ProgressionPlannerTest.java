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
import truekeen.core.condition.Shaping;
import truekeen.core.message.RefusedException;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;

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

    private static JobPath plan(List<Abrasive> shelf, Job job) {
        return ProgressionPlanner.plan(shelf, job, LOW_ALLOY, RULES, false);
    }

    /** Whole bevel face of a 3.6 × 24 mm chisel turned from 26.5° to 25°, apex kept. */
    private static Job wholeFace() {
        double turned = Math.toRadians(1.5);
        double face = 3.6 / Math.sin(Math.toRadians(25));
        return Shelves.job(21.589, face * 24, face * Math.sin(turned), 0, 2, Job.Forces.even(20));
    }

    @Test
    void theWholeFaceTakesThreeStonesAndPassesOneOver() {
        // Flattening takes no time here: the worked figures are those of the strokes and the changes alone.
        PlanRules strokesOnly = new PlanRules(
                RULES.startRule(),
                RULES.widestStep(),
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
        assertThat(path.legs().get(0).strokes()).isCloseTo(612.6, within(0.05));
        assertThat(path.legs().get(1).strokes()).isCloseTo(74.2, within(0.05));
        assertThat(path.legs().get(2).strokes()).isCloseTo(51.2, within(0.05));
        assertThat(path.seconds()).isCloseTo(936, within(0.5));
        assertThat(path.passedOver()).singleElement().satisfies(p -> {
            assertThat(p.abrasive().name()).isEqualTo("#4000");
            assertThat(p.usable()).isTrue();
            assertThat(p.wouldCostSeconds()).isPositive();
        });
    }

    @Test
    void aSliverIsHonedInFewStrokes() {
        Job secondary = Shelves.job(0.8985, 0.7 * 24, 0.0853, 1.4, 2, Job.Forces.even(20));
        JobPath path = plan(List.of(WATER_STONES.get(1), WATER_STONES.get(3)), secondary);
        assertThat(names(path)).containsExactly("#1200", "#6000");
        assertThat(path.legs().get(0).strokes()).isCloseTo(47.7, within(0.05));
        assertThat(path.legs().get(1).strokes()).isCloseTo(4.2, within(0.05));
    }

    @Test
    void strokesOnOneStoneAtTheForceOfShaping() {
        Abrasive stone = WATER_STONES.get(1);
        assertThat(0.8985 / StockRemoval.perStroke(stone, LOW_ALLOY, 20)).isCloseTo(45.3, within(0.05));
        assertThat(0.8985 / StockRemoval.perStroke(stone, LOW_ALLOY, 40)).isCloseTo(22.7, within(0.05));
        assertThat(StockRemoval.firstEstimateSpread()).isCloseTo(2.00, within(0.005));
    }

    @Test
    void shapingIsPressedAndTheFinishIsLight() {
        JobPath path = plan(WATER_STONES, Shelves.job(21.589, 204, 0.22, 1.4, 2, Job.Forces.CHISEL));
        assertThat(path.legs().get(0).forceN()).isEqualTo(40);
        assertThat(path.legs().get(path.legs().size() - 1).forceN()).isEqualTo(10);
        JobPath alone = plan(List.of(WATER_STONES.get(3)), Shelves.job(0.01, 16, 0.001, 0.3, 2, Job.Forces.CHISEL));
        assertThat(alone.legs().get(0).forceN()).isEqualTo(20);
    }

    @Test
    void agreesWithBruteForceOnRandomShelves() {
        Random random = new Random(20);
        int compared = 0;
        for (int round = 0; round < 400; round++) {
            List<Abrasive> shelf = Shelves.random(random, 2 + random.nextInt(9));
            Job job = Shelves.job(
                    Math.exp(random.nextDouble() * 8 - 5),
                    10 + random.nextInt(200),
                    random.nextDouble() * 0.3,
                    random.nextDouble() * 6,
                    0.5 + random.nextDouble() * 12,
                    Job.Forces.CHISEL);
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
            assertThat(path.seconds()).isCloseTo(best.seconds(), within(1e-6));
            for (PassedOver passed : path.passedOver()) {
                if (usable.contains(passed.abrasive())) {
                    BruteForce.Walk through = BruteForce.best(usable, job, CARBON, RULES, oil, passed.abrasive());
                    assertThat(passed.usable()).isEqualTo(through != null);
                    if (through != null) {
                        assertThat(passed.wouldCostSeconds())
                                .isCloseTo(through.seconds() - best.seconds(), within(1e-6));
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
        assertThat(path.flags()).anyMatch(f -> f.contains("best this shelf can do"));
    }

    @Test
    void finishingStonesAreNotAskedToShapeUnlessThereIsNothingElse() {
        JobPath path = plan(List.of(WATER_STONES.get(2), WATER_STONES.get(3)), wholeFace());
        assertThat(names(path).get(0)).isEqualTo("#4000");
        assertThat(path.flags()).anyMatch(f -> f.contains("coarse enough"));
    }

    @Test
    void aFaceThatWillBeCoveredEndsOnWhatShapedIt() {
        Job covered = new Job(
                Job.Kind.PRIMARY,
                new Shaping(21.589, 204, 0.22),
                3,
                Optional.empty(),
                Job.Forces.CHISEL,
                false,
                Shelves.FLAT);
        JobPath path = plan(WATER_STONES, covered);
        assertThat(names(path)).containsExactly("#400");
        assertThat(path.passedOver()).extracting(PassedOver::why).contains(ProgressionWords.TOO_FINE_TO_SHAPE.words());
    }

    @Test
    void oilIsCleanedOffBeforeWaterAndCountsItsTime() {
        Job job = Shelves.job(0.5, 16, 0.02, 1, 2, Job.Forces.CHISEL);
        JobPath dry = ProgressionPlanner.plan(WATER_STONES, job, CARBON, RULES, false);
        JobPath oily = ProgressionPlanner.plan(WATER_STONES, job, CARBON, RULES, true);
        assertThat(oily.seconds() - dry.seconds()).isCloseTo(60, within(1e-9));
        assertThat(oily.legs().get(0).degrease()).isTrue();
        assertThat(oily.oilOnTool()).isFalse();
    }

    @Test
    void oxideIsWarnedOfAndThenRefusedOnHardCarbides() {
        Job job = Shelves.job(0.5, 16, 0.02, 1, 2, Job.Forces.CHISEL);
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
        Job job = Shelves.job(0.5, 16, 0.02, 1, 2, Job.Forces.CHISEL);
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
        Job job = Shelves.job(0.5, 16, 0.02, 1, 2, Job.Forces.CHISEL);
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
            double now = plan(WATER_STONES, Shelves.job(volume, 16, 0.02, 1, 2, Job.Forces.CHISEL))
                    .seconds();
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
    }
}
