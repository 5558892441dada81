package truekeen.core.repair;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.condition.Scope;
import truekeen.core.progression.PlanRules;
import truekeen.core.removal.PowerRate;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

class ByWhatTest {
    private static final SteelClass PLAIN = Steels.all().get(0);
    private static final Blade CHISEL = Blades.blade(GeometryKind.CHISEL);

    static Abrasive piece(String kind, double um) {
        var k = AbrasiveKind.byKey(kind).orElseThrow();
        return new Abrasive(
                kind + um,
                kind + " " + um,
                k,
                k.grain(),
                um,
                false,
                Abrasive.Shape.BENCH,
                k.lubricants().get(0),
                Abrasive.State.READY);
    }

    private static final List<Abrasive> SHELF = List.of(
            piece("aluminium oxide water stone", 30),
            piece("aluminium oxide water stone", 9),
            piece("plated diamond plate", 45),
            piece("dry grinding wheel", 250),
            piece("abrasive belt", 120),
            piece("slow wet wheel", 60));

    private static Restoration chipped(Blade blade, double deep) {
        EdgeSurvey survey = new EdgeSurvey(
                List.of(new Finding(Finding.Kind.CHIP, 8, 9, deep, false)),
                EdgeSurvey.Squareness.SQUARE,
                Dullness.DULL,
                true,
                BackState.POLISHED,
                0);
        return Restorer.restore(blade, survey, TargetBevel.of(blade));
    }

    private static List<MeansEstimate> compare(Restoration r, SteelClass steel, List<Abrasive> shelf, PlanRules rules) {
        return ByWhat.compare(r, CHISEL, CHISEL.primary(), steel, OptionalDouble.empty(), shelf, rules);
    }

    private static MeansEstimate of(List<MeansEstimate> all, Means means) {
        return all.stream().filter(e -> e.means() == means).findFirst().orElseThrow();
    }

    private static Optional<Means> advised(List<MeansEstimate> all) {
        assertThat(all).filteredOn(MeansEstimate::advised).hasSizeLessThan(2);
        return all.stream()
                .filter(MeansEstimate::advised)
                .map(MeansEstimate::means)
                .findFirst();
    }

    @Test
    void aBigRepairGoesToTheCoolestOfTheQuickAndASmallOneToStones() {
        Restoration big = chipped(CHISEL, 1.5);
        assertThat(big.primary().orElseThrow().volumeMm3()).isGreaterThan(20);
        List<MeansEstimate> all = compare(big, PLAIN, SHELF, PlanRules.USUAL);
        Means taken = advised(all).orElseThrow();
        assertThat(taken.powered()).isTrue();
        assertThat(of(all, taken).risk()).isNotEqualTo(MeansEstimate.Risk.HIGH);
        Restoration small = chipped(CHISEL, 0.02);
        assertThat(advised(compare(small, PLAIN, SHELF, PlanRules.USUAL))
                        .orElseThrow()
                        .byHand())
                .isTrue();
    }

    /** A grinder is not set up for an axe that is only dull; what its curve cannot be followed with is not offered. */
    @Test
    void aDullAxeIsDoneByAStoneInTheHand() {
        // As long as a billhook: by hand it takes minutes.
        Blade axe = Blades.blade(GeometryKind.CONVEX_BLADE, "edgeLength", 240);
        SteelClass steel = Steels.byName("axe and billhook steel").orElseThrow();
        Abrasive pocket = piece("silicon carbide stone", 29);
        List<Abrasive> shelf = new ArrayList<>(SHELF);
        shelf.add(new Abrasive(
                "pocket",
                "pocket stone",
                pocket.kind(),
                pocket.grain(),
                29,
                false,
                Abrasive.Shape.POCKET,
                pocket.lubricant(),
                Abrasive.State.READY));
        EdgeSurvey dull =
                new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, true, BackState.POLISHED, 0);
        Restoration r = Restorer.restore(axe, dull, TargetBevel.of(axe));
        assertThat(r.scope()).isEqualTo(Scope.FULL_HONING);
        // However little the house grinds from.
        PlanRules rules = PlanRules.USUAL.withPowerAbove(0.1);
        List<MeansEstimate> all = ByWhat.compare(r, axe, axe.primary(), steel, OptionalDouble.empty(), shelf, rules);
        assertThat(advised(all)).contains(Means.STONES);
        assertThat(of(all, Means.STONES).pieceId()).contains("pocket");
        assertThat(of(all, Means.PLATE).allowed()).isFalse();
    }

    @Test
    void theHouseThatWorksOnStonesOnlyGetsStonesAndTheReason() {
        PlanRules stones = PlanRules.USUAL.withPowerAbove(Double.POSITIVE_INFINITY);
        List<MeansEstimate> all = compare(chipped(CHISEL, 1.5), PLAIN, SHELF, stones);
        assertThat(advised(all).orElseThrow().byHand()).isTrue();
        assertThat(all).filteredOn(e -> e.means().powered()).allSatisfy(e -> {
            assertThat(e.allowed()).isFalse();
            assertThat(e.reason()).contains("stones only");
            assertThat(e.leastSeconds())
                    .as("what it would cost is shown all the same")
                    .isPresent();
        });
        PlanRules grind = PlanRules.USUAL.withPowerAbove(0);
        Restoration little = chipped(CHISEL, 0.3);
        if (little.primary().isPresent()) {
            assertThat(advised(compare(little, PLAIN, SHELF, grind))
                            .orElseThrow()
                            .powered())
                    .isTrue();
        }
    }

    @ParameterizedTest
    @EnumSource(Means.class)
    void whatIsNotOwnedIsSaidAndNeverAdvised(Means means) {
        List<Abrasive> without = SHELF.stream().filter(a -> !means.holds(a)).toList();
        List<MeansEstimate> all = compare(chipped(CHISEL, 1.5), PLAIN, without, PlanRules.USUAL);
        MeansEstimate it = of(all, means);
        assertThat(it.pieceId()).isEmpty();
        assertThat(it.reason()).isNotBlank();
        assertThat(it.advised()).isFalse();
        assertThat(it.profile()).isNotBlank();
        assertThat(means.profile(true)).isNotBlank();
    }

    @Test
    void timesAreTheRangesOfTheRatesAndMoreSteelTakesLonger() {
        Restoration one = chipped(CHISEL, 1.0);
        Restoration two = chipped(CHISEL, 2.0);
        List<MeansEstimate> less = compare(one, PLAIN, SHELF, PlanRules.USUAL);
        List<MeansEstimate> more = compare(two, PLAIN, SHELF, PlanRules.USUAL);
        double volume = one.primary().orElseThrow().volumeMm3();
        assertThat(of(less, Means.DRY_WHEEL).leastSeconds().getAsDouble())
                .isEqualTo(120
                        + 3 * PowerRate.of(AbrasiveKind.DRY_WHEEL).orElseThrow().leastSeconds(volume));
        for (Means m : Means.values()) {
            MeansEstimate a = of(less, m);
            MeansEstimate b = of(more, m);
            if (a.leastSeconds().isPresent()) {
                assertThat(a.leastSeconds().getAsDouble())
                        .isLessThan(a.mostSeconds().getAsDouble());
                assertThat(b.leastSeconds().getAsDouble())
                        .isGreaterThan(a.leastSeconds().getAsDouble());
            }
        }
    }

    @Test
    void aFileBitesOnSoftSteelOnly() {
        Restoration r = chipped(CHISEL, 1.5);
        MeansEstimate hard = of(
                ByWhat.compare(r, CHISEL, CHISEL.primary(), PLAIN, OptionalDouble.of(61), SHELF, PlanRules.USUAL),
                Means.FILE);
        assertThat(hard.allowed()).isFalse();
        assertThat(hard.reason()).contains("61 HRC");
        MeansEstimate soft = of(
                ByWhat.compare(r, CHISEL, CHISEL.primary(), PLAIN, OptionalDouble.of(42), SHELF, PlanRules.USUAL),
                Means.FILE);
        assertThat(soft.allowed()).isTrue();
        assertThat(soft.leastSeconds()).isPresent();
    }

    @Test
    void heatIsADangerOnTheDryWheelAndNoneOnStones() {
        List<MeansEstimate> all = compare(chipped(CHISEL, 1.5), PLAIN, SHELF, PlanRules.USUAL);
        assertThat(of(all, Means.STONES).risk()).isEqualTo(MeansEstimate.Risk.NONE);
        assertThat(of(all, Means.DRY_WHEEL).risk().ordinal())
                .isGreaterThanOrEqualTo(of(all, Means.SLOW_WET_WHEEL).risk().ordinal());
        assertThat(of(all, Means.DRY_WHEEL).contactSeconds()).isPresent();
        SteelClass hss = Steels.all().stream()
                .max((a, b) -> Double.compare(a.temperLimitC(), b.temperLimitC()))
                .orElseThrow();
        assertThat(of(compare(chipped(CHISEL, 1.5), hss, SHELF, PlanRules.USUAL), Means.DRY_WHEEL)
                        .contactSeconds()
                        .orElse(99))
                .isGreaterThan(of(all, Means.DRY_WHEEL).contactSeconds().getAsDouble());
    }

    @Test
    void whereNothingIsGroundAWheelIsNoQuestion() {
        Restoration honed = chipped(CHISEL, 0.02);
        assertThat(honed.primary()).isEmpty();
        assertThat(of(compare(honed, PLAIN, SHELF, PlanRules.USUAL), Means.BELT).reason())
                .contains(RepairWords.HONING_TAKES_IT.words());
    }
}
