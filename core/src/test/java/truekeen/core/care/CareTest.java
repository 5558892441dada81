package truekeen.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.message.RefusedException;
import truekeen.core.message.Says;
import truekeen.core.progression.FinishWindow;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.ProgressionPlanner;
import truekeen.core.progression.Shelves;
import truekeen.core.progression.StoneWork;
import truekeen.core.progression.WorkPlan;
import truekeen.core.steel.Steels;

class CareTest {
    private static Abrasive piece(String name, String kindName, double um, Abrasive.State state) {
        return Shelves.piece(name, kindName, um, Abrasive.Shape.BENCH, state);
    }

    private static Abrasive stone(String name, double um, boolean flat, double since, double soak, boolean glazed) {
        return piece(
                name,
                "aluminium oxide water stone",
                um,
                new Abrasive.State(flat, since, true, soak, false, false, glazed, false, 0));
    }

    private static Abrasive plate(String name, String kind, double um) {
        return piece(name, kind, um, Abrasive.State.READY)
                .with(new Abrasive.Nature(
                        Abrasive.Firmness.UNKNOWN,
                        false,
                        Abrasive.Slurry.HOUSE,
                        OptionalDouble.empty(),
                        Optional.of(Lapping.usualRange(um))));
    }

    private static final Abrasive COARSE_PLATE = plate("coarse plate", "lapping plate", 60);
    private static final Abrasive FINE_PLATE = plate("fine plate", "plated diamond plate", 12);
    private static final Abrasive DRESSING = plate("dressing stone", "dressing stone", 20);

    @Test
    void aPlateFlattensWhatIsFinerButNotWhatItWouldTear() {
        assertThat(Lapping.may(COARSE_PLATE, stone("a", 30, false, 0, 0, false)))
                .isTrue();
        assertThat(Lapping.may(COARSE_PLATE, stone("a", 80, false, 0, 0, false)))
                .isFalse();
        assertThat(Lapping.may(COARSE_PLATE, stone("a", 1.5, false, 0, 0, false)))
                .isTrue();
        assertThat(Lapping.may(COARSE_PLATE, stone("a", 1.4, false, 0, 0, false)))
                .isFalse();
        assertThat(Lapping.may(FINE_PLATE, stone("a", 2, false, 0, 0, false))).isTrue();
        assertThat(Lapping.may(FINE_PLATE, FINE_PLATE)).isFalse();
        assertThat(Lapping.may(DRESSING, stone("a", 5, false, 0, 0, false)))
                .as("a dressing stone wakes, it does not flatten")
                .isFalse();
        assertThat(Lapping.may(stone("x", 60, true, 0, 0, false), stone("a", 5, false, 0, 0, false)))
                .as("an ordinary stone flattens nothing")
                .isFalse();
    }

    @Test
    void eachStoneGetsThePlateThatSuitsIt() {
        List<Abrasive> kit = List.of(COARSE_PLATE, FINE_PLATE, DRESSING);
        assertThat(Lapping.plateFor(stone("a", 30, false, 0, 0, false), kit)).contains(COARSE_PLATE);
        assertThat(Lapping.plateFor(stone("a", 2, false, 0, 0, false), kit)).contains(FINE_PLATE);
        assertThat(Lapping.plateFor(stone("a", 0.2, false, 0, 0, false), kit)).isEmpty();
        assertThat(Lapping.dresserFor(stone("a", 5, true, 0, 0, true), kit)).contains(DRESSING);
        assertThat(Lapping.dresserFor(stone("a", 30, true, 0, 0, true), kit)).contains(COARSE_PLATE);
    }

    @Test
    void aPlateOfFourHundredMeshFlattensAnEightThousandAndTheRougherFaceIsSaid() {
        Abrasive plate = plate("400", "plated diamond plate", 37);
        Abrasive fine = stone("8000", 1.2, false, 0, 0, false);
        assertThat(Lapping.may(plate, fine)).isTrue();
        assertThat(Lapping.roughens(plate, fine)).isTrue();
        assertThat(Lapping.roughens(plate, stone("1000", 11.5, false, 0, 0, false)))
                .isFalse();
        List<PrepAct> rough = prepared(List.of(fine, plate), false);
        assertThat(rough).anySatisfy(a -> assertThat(a.words()).endsWith(CareWords.LAP_ROUGH.words()));
        List<PrepAct> smooth = prepared(List.of(stone("1000", 2, false, 0, 0, false), FINE_PLATE), false);
        assertThat(smooth).noneMatch(a -> a.words().contains(CareWords.LAP_ROUGH.words()));
    }

    @Test
    void aStoneWithTwoSidesGoesIntoTheWaterOnce() {
        Abrasive coarse = stone("coarse", 30, true, 0, 300, false).with(twoSided("fine"));
        Abrasive fine = stone("fine", 2, true, 0, 300, false).with(twoSided("coarse"));
        Abrasive other = stone("middle", 9.5, true, 0, 300, false);
        assertThat(prepared(List.of(coarse, other, fine), false))
                .filteredOn(a -> a.kind() == PrepAct.Kind.SOAK)
                .extracting(PrepAct::abrasiveName)
                .containsExactlyInAnyOrder("coarse", "middle");
    }

    private static Abrasive.Nature twoSided(String other) {
        return new Abrasive.Nature(
                Abrasive.Firmness.UNKNOWN,
                false,
                Abrasive.Slurry.HOUSE,
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.of(other));
    }

    @Test
    void whatIsFreshlyLappedIsNotDueHoweverMuchIsToCome() {
        assertThat(Lapping.due(stone("a", 9, true, 0, 0, false), 5000)).isFalse();
        assertThat(Lapping.due(stone("a", 9, true, 100, 0, false), 299)).isFalse();
        assertThat(Lapping.due(stone("a", 9, true, 100, 0, false), 300)).isTrue();
        assertThat(Lapping.due(stone("a", 9, false, 0, 0, false), 0)).isTrue();
    }

    @Test
    void aHollowOfHalfAMillimetreOnATwoHundredStoneIsMoreThanHalfADegree() {
        assertThat(Dish.error(0.5, 200).degrees()).isCloseTo(0.573, within(0.001));
        assertThat(Dish.error(0, 200).degrees()).isZero();
        double before = -1;
        for (double h = 0; h < 10; h += 0.5) {
            assertThat(Dish.error(h, 200).degrees()).isGreaterThan(before);
            before = Dish.error(h, 200).degrees();
        }
        assertThatThrownBy(() -> Dish.error(11, 200)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> Dish.error(0.5, 5)).isInstanceOf(RefusedException.class);
    }

    /** The slope at the ends is that of the circle through both ends and the middle, as long as the hollow is shallow. */
    @Test
    void theParabolaIsNearTheCircle() {
        for (double h : new double[] {0.1, 0.5, 1, 2}) {
            double radius = (100 * 100 + h * h) / (2 * h);
            assertThat(Dish.error(h, 200).radians()).isCloseTo(Math.asin(100 / radius), within(2e-5));
        }
    }

    private static List<PrepAct> prepared(List<Abrasive> kit, boolean oil) {
        StoneWork job = new StoneWork(
                JobKind.SECONDARY,
                new Shaping(6, 80, 0.2),
                3,
                Optional.of(new FinishWindow(1, 2, 4)),
                StoneWork.Forces.of(20),
                false,
                java.util.EnumSet.of(Abrasive.Shape.BENCH));
        var path =
                ProgressionPlanner.plan(kit, job, Steels.byName("plain carbon").orElseThrow(), PlanRules.USUAL, oil);
        WorkPlan plan = new WorkPlan(
                List.of(),
                List.of(path),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                "",
                0,
                0,
                Optional.empty());
        return Preparation.of(plan, kit, PlanRules.USUAL);
    }

    @Test
    void waterFirstThenTheFinestIsFlattenedBeforeTheCoarse() {
        List<Abrasive> kit = List.of(
                stone("coarse", 30, false, 0, 300, false),
                stone("middle", 9.5, true, 390, 0, true),
                stone("fine", 2, false, 0, 0, false),
                COARSE_PLATE,
                FINE_PLATE);
        List<PrepAct> acts = prepared(kit, true);
        assertThat(acts.stream().map(PrepAct::kind).distinct())
                .containsSubsequence(
                        PrepAct.Kind.SOAK, PrepAct.Kind.FLATTEN, PrepAct.Kind.DEGREASE, PrepAct.Kind.LAY_OUT);
        List<String> flattened = acts.stream()
                .filter(a -> a.kind() == PrepAct.Kind.FLATTEN)
                .map(PrepAct::abrasiveName)
                .toList();
        assertThat(flattened).startsWith("fine").endsWith("coarse");
        assertThat(acts).anySatisfy(a -> {
            assertThat(a.abrasiveName()).isEqualTo("fine");
            assertThat(a.toolName()).isEqualTo("fine plate");
        });
        assertThat(acts.get(0).waits()).isTrue();
        assertThat(acts.get(acts.size() - 1).words())
                .contains("coarse, ")
                .contains("fine")
                .contains("Rinse");
    }

    @Test
    void aReadyKitOnlyWantsWettingAndLayingOut() {
        List<Abrasive> kit = List.of(stone("coarse", 30, true, 0, 0, false), stone("fine", 2, true, 0, 0, false));
        assertThat(prepared(kit, false).stream().map(PrepAct::kind).distinct())
                .containsExactly(PrepAct.Kind.WET, PrepAct.Kind.LAY_OUT);
    }

    @Test
    void theKitAloneAsksForFlatteningAndDressingButNotForWater() {
        List<PrepAct> acts = Preparation.ofKit(
                List.of(
                        stone("glazed", 9.5, true, 0, 300, true),
                        stone("hollow", 2, false, 0, 0, false),
                        piece("retired", "natural water stone", 5, new Abrasive.State(false, 0, true, 0, true, false)),
                        DRESSING),
                PlanRules.USUAL);
        assertThat(acts).extracting(PrepAct::kind).containsExactly(PrepAct.Kind.FLATTEN, PrepAct.Kind.DRESS);
        assertThat(acts.get(0).words()).matches(Says.the(CareWords.LAP_NOTHING));
        assertThat(acts.get(1).toolName()).isEqualTo("dressing stone");
    }
}
