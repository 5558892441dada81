package truekeen.core.progression;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.Lubricant;
import truekeen.core.message.RefusedException;
import truekeen.core.removal.StockRemoval;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.rule.RuleOption;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;

/** Each rule and each penalty bites, and one case beside it where it does not. */
class HabitsOnStonesTest {
    private static final SteelClass CARBON = Steels.byName("plain carbon").orElseThrow();
    private static final StoneWork HONE = Shelves.job(1.5, 16, 0.02, 1, 2, StoneWork.Forces.of(20));
    private static final StoneWork STEEP = HONE.on(new StoneWork.Bevel(32, 0.7));

    private static Abrasive used(Abrasive a, Lubricant lubricant) {
        return new Abrasive(
                a.id(),
                a.name(),
                a.kind(),
                a.grain(),
                a.d50Um(),
                false,
                a.shape(),
                lubricant,
                a.state(),
                a.nature(),
                a.effort());
    }

    private static Abrasive state(boolean glazed, boolean oilInside, double worn) {
        return Shelves.stone(
                "s",
                "silicon carbide stone",
                9.5,
                new Abrasive.State(true, 0, true, 0, false, false, glazed, oilInside, worn));
    }

    private static Abrasive firm(Abrasive.Firmness firmness) {
        return Shelves.oxide("s", 9.5)
                .with(new Abrasive.Nature(
                        firmness, false, Abrasive.Slurry.HOUSE, OptionalDouble.empty(), Optional.empty()));
    }

    @Test
    void anOilyStoneIsNotUsedWithWaterUntilItIsDegreased() {
        Abrasive oily = used(state(false, true, 0), Lubricant.WATER);
        assertThat(ShelfRule.barring(oily, HONE, CARBON)).contains(ShelfRule.OIL_INSIDE);
        assertThat(ShelfRule.barring(used(state(false, true, 0), Lubricant.OIL), HONE, CARBON))
                .isEmpty();
        assertThat(ShelfRule.barring(used(state(false, false, 0), Lubricant.WATER), HONE, CARBON))
                .isEmpty();
        Abrasive soapy = used(state(false, true, 0), Lubricant.SOAPY_WATER_BEFORE_OIL);
        assertThat(ShelfRule.barring(soapy, HONE, CARBON)).contains(ShelfRule.OIL_INSIDE);
    }

    @Test
    void whatIsWornSlowsDownAndIsOutAtItsEnd() {
        assertThat(ShelfRule.barring(state(false, false, 1), HONE, CARBON)).contains(ShelfRule.WORN_OUT);
        assertThat(ShelfRule.barring(state(false, false, 0.9), HONE, CARBON)).isEmpty();
        assertThat(StockRemoval.perStroke(state(false, false, 0.8), CARBON, 20))
                .isCloseTo(0.6 * StockRemoval.perStroke(state(false, false, 0), CARBON, 20), within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({
        "LUBRICANT_BY_STONE, OIL, true",
        "LUBRICANT_BY_STONE, WATER, true",
        "LUBRICANT_WATER, OIL, false",
        "LUBRICANT_WATER, WATER, true",
        "LUBRICANT_WATER, DRY, true",
        "LUBRICANT_OIL, WATER, false",
        "LUBRICANT_OIL, OIL, true",
        "LUBRICANT_DRY, WATER, false",
        "LUBRICANT_DRY, OIL, false",
        "LUBRICANT_DRY, DRY, true"
    })
    void theHousesLubricantBarsWhatItDoesNotUse(RuleOption house, Lubricant lubricant, boolean allowed) {
        PlanRules rules =
                PlanRules.USUAL.with(HouseStones.of(HouseRules.usual().with(Map.of(HouseRule.LUBRICANT, house))));
        assertThat(ShelfRule.barring(used(state(false, false, 0), lubricant), HONE, CARBON, rules))
                .isEqualTo(allowed ? Optional.empty() : Optional.of(ShelfRule.HOUSE_LUBRICANT));
    }

    @Test
    void aGlazedStoneCostsItsDressing() {
        assertThat(ShelfPenalty.of(state(true, false, 0), HONE, false)).containsExactly(ShelfPenalty.GLAZED);
        assertThat(ShelfPenalty.of(state(false, false, 0), HONE, false)).isEmpty();
        double glazed = seconds(state(true, false, 0));
        assertThat(glazed - seconds(state(false, false, 0))).isCloseTo(60, within(1e-9));
    }

    private static double seconds(Abrasive only) {
        return ProgressionPlanner.plan(List.of(only), HONE, CARBON, PlanRules.USUAL, false)
                .seconds();
    }

    @Test
    void aSoftStoneIsDugIntoBySteepNarrowBevelsOnly() {
        Abrasive soft = firm(Abrasive.Firmness.SOFT);
        assertThat(ShelfPenalty.of(soft, STEEP, false)).containsExactly(ShelfPenalty.DUG_INTO);
        assertThat(ShelfPenalty.of(soft, HONE.on(new StoneWork.Bevel(25, 0.7)), false))
                .isEmpty();
        assertThat(ShelfPenalty.of(soft, HONE.on(new StoneWork.Bevel(32, 3)), false))
                .isEmpty();
        assertThat(ShelfPenalty.of(firm(Abrasive.Firmness.FIRM), STEEP, false)).isEmpty();
        assertThat(ShelfPenalty.of(soft, HONE, true)).containsExactly(ShelfPenalty.BURR_HANGS_ON);
        assertThat(ShelfPenalty.of(firm(Abrasive.Firmness.MEDIUM), HONE, true)).isEmpty();
    }

    @Test
    void aFirmStoneIsTakenForANarrowBevelAndTheReasonIsTold() {
        Abrasive soft = firm(Abrasive.Firmness.SOFT);
        Abrasive other = new Abrasive(
                "firm",
                "firm",
                soft.kind(),
                soft.grain(),
                9.4,
                false,
                soft.shape(),
                Lubricant.WATER,
                Abrasive.State.READY,
                firm(Abrasive.Firmness.FIRM).nature(),
                Abrasive.Effort.FIRST);
        Abrasive end = Shelves.oxide("end", 2);
        List<Abrasive> both = List.of(soft, other, end);
        assertThat(first(both, STEEP)).isEqualTo("firm");
        assertThat(first(both, HONE)).isEqualTo("s");
        assertThat(ProgressionPlanner.plan(List.of(soft), STEEP, CARBON, PlanRules.USUAL, false)
                        .flags())
                .anyMatch(f -> f.contains("digs in"))
                .anyMatch(f -> f.contains("burr is hard to take off"));
    }

    private static String first(List<Abrasive> shelf, StoneWork job) {
        return ProgressionPlanner.plan(shelf, job, CARBON, PlanRules.USUAL, false)
                .legs()
                .get(0)
                .abrasive()
                .id();
    }

    @Test
    void aLongerStoneTakesFewerStrokesAndThePriorIsAStoneOfTwoHundred() {
        Abrasive unknown = Shelves.oxide("s", 9.5);
        assertThat(ofLength(200).strokeMm()).isEqualTo(unknown.strokeMm()).isEqualTo(300);
        assertThat(ofLength(250).strokeMm()).isEqualTo(400);
        assertThat(ofLength(40).strokeMm()).as("never less than a rub").isEqualTo(40);
    }

    private static Abrasive ofLength(double mm) {
        return Shelves.oxide("s", 9.5)
                .with(new Abrasive.Nature(
                        Abrasive.Firmness.UNKNOWN,
                        false,
                        Abrasive.Slurry.HOUSE,
                        OptionalDouble.of(mm),
                        Optional.empty()));
    }

    @Test
    void aHouseThatPolishesEndsFinerAndAMediumOneCoarser() {
        FinishWindow purpose = new FinishWindow(0.7, 2, 12);
        assertThat(StoneHabits.Finish.PURPOSE.of(purpose)).isEqualTo(purpose);
        assertThat(StoneHabits.Finish.HIGH.of(purpose).usualUm()).isLessThan(2);
        assertThat(StoneHabits.Finish.MEDIUM.of(purpose).usualUm()).isBetween(9.0, 12.0);
    }

    @Test
    void whatALogTaughtMultipliesStrokes() {
        Abrasive known = Shelves.oxide("s", 9.5).with(new Abrasive.Effort(1.437, 0.19, 3, 0));
        double strokes = StockRemoval.strokes(Shelves.oxide("s", 9.5), CARBON, 20, 1);
        assertThat(StockRemoval.strokes(known, CARBON, 20, 1)).isCloseTo(1.437 * strokes, within(1e-9));
    }

    @Test
    void powderSteelOnOxideAloneIsRefusedAndOnePlateIsTheWayOut() {
        SteelClass hardest = Steels.byName("powder high-vanadium").orElseThrow();
        List<Abrasive> oxide = List.of(Shelves.oxide("a", 30), Shelves.oxide("b", 2));
        assertThatThrownBy(() -> ProgressionPlanner.plan(oxide, HONE, hardest, PlanRules.USUAL, false))
                .isInstanceOf(RefusedException.class);
        List<WhatToBuy.Gain> gains = WhatToBuy.rank(
                List.of(new WhatToBuy.Need("powder chisel", List.of(HONE), hardest, PlanRules.USUAL)), oxide, 5);
        assertThat(gains).isNotEmpty().allSatisfy(g -> {
            assertThat(g.possible()).containsExactly("powder chisel");
            assertThat(g.kind().grain()).isEqualTo(truekeen.core.abrasive.AbrasiveClass.SUPER);
        });
    }

    @Test
    void whatToBuyIsWhatPlanningAnewSaysAndNothingWhereTheShelfIsGood() {
        List<Abrasive> shelf = List.of(Shelves.oxide("a", 30), Shelves.oxide("b", 2));
        StoneWork deep = Shelves.job(6, 80, 0.2, 1, 2, StoneWork.Forces.of(20));
        WhatToBuy.Need need = new WhatToBuy.Need("iron", List.of(deep), CARBON, PlanRules.USUAL);
        List<WhatToBuy.Gain> gains = WhatToBuy.rank(List.of(need), shelf, 3);
        assertThat(gains).hasSize(3);
        WhatToBuy.Gain best = gains.get(0);
        double before = ProgressionPlanner.leastSeconds(shelf, deep, CARBON, PlanRules.USUAL)
                .orElseThrow();
        Abrasive bought = new Abrasive(
                "new",
                "new",
                best.kind(),
                best.kind().grain(),
                best.d50Um(),
                false,
                Abrasive.Shape.BENCH,
                best.kind().lubricants().get(0),
                Abrasive.State.READY);
        double after = ProgressionPlanner.leastSeconds(
                        List.of(shelf.get(0), shelf.get(1), bought), deep, CARBON, PlanRules.USUAL)
                .orElseThrow();
        assertThat(best.savedSeconds()).isCloseTo(before - after, within(1e-9)).isPositive();
        assertThat(gains.get(1).savedSeconds()).isLessThanOrEqualTo(best.savedSeconds());
        StoneWork done = Shelves.job(0, 0.01, 0, 0.1, 2, StoneWork.Forces.of(20));
        assertThat(WhatToBuy.rank(
                        List.of(new WhatToBuy.Need("sharp", List.of(done), CARBON, PlanRules.USUAL)), shelf, 3))
                .isEmpty();
    }

    @Test
    void aFinishThatCannotBeMetIsAReasonToBuy() {
        List<Abrasive> coarse = List.of(Shelves.oxide("a", 60));
        WhatToBuy.Need need = new WhatToBuy.Need("iron", List.of(HONE), CARBON, PlanRules.USUAL);
        assertThat(WhatToBuy.rank(List.of(need), coarse, 1).get(0).finished()).containsExactly("iron");
    }
}
