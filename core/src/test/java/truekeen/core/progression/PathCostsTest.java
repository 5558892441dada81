package truekeen.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.Lubricant;
import truekeen.core.removal.StockRemoval;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;

/** What each thing costs on a path, one at a time. */
class PathCostsTest {
    private static final SteelClass STEEL = Steels.byName("plain carbon").orElseThrow();
    private static final String WATER = "aluminium oxide water stone";
    private static final StoneWork JOB = Shelves.job(1.5, 16, 0.0015, 1, 2, StoneWork.Forces.of(20));

    private static Abrasive with(String id, double um, Abrasive.State state) {
        return Shelves.stone(id, WATER, um, state);
    }

    private static Abrasive.State state(boolean flat, double since, double soak) {
        return new Abrasive.State(flat, since, true, soak, false, false);
    }

    private static double seconds(Abrasive... shelf) {
        return ProgressionPlanner.plan(List.of(shelf), JOB, STEEL, PlanRules.USUAL, false)
                .seconds();
    }

    private final Abrasive middle = with("middle", 9.5, state(true, 0, 0));
    private final Abrasive end = with("end", 2, state(true, 0, 0));

    @Test
    void anUnflatStoneCostsOneFlatteningBeforeUse() {
        Abrasive dished = with("end", 2, state(false, 0, 0));
        assertThat(seconds(middle, dished) - seconds(middle, end)).isCloseTo(120, within(1e-9));
    }

    @Test
    void flatteningThatFallsDueOnTheWayCostsItsTime() {
        Abrasive nearlyDue = with("end", 2, state(true, 399.5, 0));
        assertThat(seconds(middle, nearlyDue) - seconds(middle, end)).isCloseTo(120, within(1e-9));
    }

    @Test
    void soakingRunsWhileOtherStonesAreUsed() {
        double dry = seconds(middle, end);
        double firstLeg = ProgressionPlanner.plan(List.of(middle, end), JOB, STEEL, PlanRules.USUAL, false)
                .legs()
                .get(0)
                .seconds();
        Abrasive soonReady = with("end", 2, state(true, 0, firstLeg + 25));
        assertThat(seconds(middle, soonReady)).isCloseTo(dry, within(1e-9));
        Abrasive stillSoaking = with("end", 2, state(true, 0, firstLeg + 25 + 100));
        assertThat(seconds(middle, stillSoaking)).isCloseTo(dry + 100, within(1e-9));
    }

    @Test
    void timeIsStrokesAndChanges() {
        JobPath path = ProgressionPlanner.plan(List.of(middle, end), JOB, STEEL, PlanRules.USUAL, false);
        double strokes = path.legs().stream().mapToDouble(Leg::strokes).sum();
        assertThat(path.seconds()).isCloseTo(strokes * 1.2 + 25 * (path.legs().size() - 1), within(1e-9));
    }

    @Test
    void everyStoneRemovesWhatOfTheScratchesLiesBelowTheMeanPlane() {
        JobPath path = ProgressionPlanner.plan(List.of(middle, end), JOB, STEEL, PlanRules.USUAL, false);
        assertThat(path.legs()).hasSize(2);
        Leg first = path.legs().get(0);
        Leg second = path.legs().get(1);
        assertThat(first.volumeMm3()).isCloseTo(1.5 + 0.6 * 0.001 * 16, within(1e-12));
        double perStroke = StockRemoval.perStroke(end, STEEL, second.forceN());
        double asked = 0.6 * middle.scratchUm() / 1000 * 16;
        assertThat(second.leastCount()).isEqualTo(asked < 5 * perStroke);
        assertThat(second.volumeMm3()).isCloseTo(Math.max(asked, 5 * perStroke), within(1e-12));
        assertThat(second.scratchBeforeUm()).isEqualTo(middle.scratchUm());
        assertThat(path.scratchLeftUm()).isEqualTo(end.scratchUm());
        assertThat(path.volumeMm3()).isCloseTo(first.volumeMm3() + second.volumeMm3(), within(1e-12));
    }

    @Test
    void aStepTooWideIsAvoidedWhereItCanBeAndFlaggedWhereNot() {
        Abrasive coarse = Shelves.stone("coarse", "plated diamond plate", 60);
        Abrasive finest = with("finest", 2, state(true, 0, 0));
        StoneWork deep = Shelves.job(20, 100, 0.4, 1, 2, StoneWork.Forces.of(20));
        JobPath leap = ProgressionPlanner.plan(List.of(coarse, finest), deep, STEEL, PlanRules.USUAL, false);
        assertThat(leap.flags()).anyMatch(f -> f.contains(ProgressionWords.WIDE_STEP.words()));
        JobPath stepped = ProgressionPlanner.plan(List.of(coarse, middle, finest), deep, STEEL, PlanRules.USUAL, false);
        assertThat(stepped.legs()).extracting(l -> l.abrasive().id()).containsExactly("coarse", "middle", "finest");
        assertThat(stepped.flags()).noneMatch(f -> f.contains(ProgressionWords.WIDE_STEP.words()));
    }

    @Test
    void trailingOnlyPaperCutsHalfTheWay() {
        AbrasiveKind stick = AbrasiveKind.byKey("abrasive paper on a stick").orElseThrow();
        AbrasiveKind plate = AbrasiveKind.byKey("abrasive paper on a plate").orElseThrow();
        Abrasive loose = new Abrasive(
                "a", "a", stick, stick.grain(), 9, false, Abrasive.Shape.BENCH, Lubricant.DRY, Abrasive.State.READY);
        Abrasive stuck = new Abrasive(
                "b", "b", plate, plate.grain(), 9, false, Abrasive.Shape.BENCH, Lubricant.DRY, Abrasive.State.READY);
        assertThat(StockRemoval.perStroke(loose, STEEL, 20))
                .isCloseTo(StockRemoval.perStroke(stuck, STEEL, 20) / 2, within(1e-12));
    }

    @Test
    void removalGrowsWithForceAndGrainAndShrinksWithResistance() {
        SteelClass hard = Steels.byName("high-chromium tool steel").orElseThrow();
        assertThat(StockRemoval.perStroke(end, STEEL, 20)).isGreaterThan(StockRemoval.perStroke(end, STEEL, 10));
        assertThat(StockRemoval.perStroke(middle, STEEL, 20)).isGreaterThan(StockRemoval.perStroke(end, STEEL, 20));
        assertThat(StockRemoval.perStroke(end, hard, 20)).isLessThan(StockRemoval.perStroke(end, STEEL, 20));
        assertThat(StockRemoval.resistance(Shelves.stone("d", "plated diamond plate", 9), hard))
                .isEqualTo(hard.resistanceSuper());
    }

    @Test
    void aTinyChangeOfInputDoesNotMakeThePlanFlap() {
        List<Abrasive> shelf = List.of(with("a", 30, state(true, 0, 0)), middle, with("c", 5, state(true, 0, 0)), end);
        List<String> before = null;
        for (double volume = 2; volume < 2.001; volume += 0.0001) {
            StoneWork job = Shelves.job(volume, 60, 0.05, 1, 2, StoneWork.Forces.of(20));
            List<String> now = ProgressionPlanner.plan(shelf, job, STEEL, PlanRules.USUAL, false).legs().stream()
                    .map(l -> l.abrasive().id())
                    .toList();
            assertThat(before == null || before.equals(now)).isTrue();
            before = now;
        }
    }
}
