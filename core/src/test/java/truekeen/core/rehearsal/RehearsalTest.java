package truekeen.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.blade.Gum;
import truekeen.core.blade.Wedge;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.holding.HolderKind;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.Shelves;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.quantity.Angle;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.stepsheet.Step;
import truekeen.core.stepsheet.StepSheet;
import truekeen.core.stepsheet.WorkingMethod;
import truekeen.core.tool.Blades;
import truekeen.core.tool.Chisel;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUses;

/** A chisel of 24 mm in a roller guide, planned on four pieces and rehearsed. */
class RehearsalTest {
    private static final SteelClass STEEL =
            Steels.byName("low-alloy tool steel").orElseThrow();
    private static final TargetBevel TARGET = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30));
    private static final Chisel CHISEL = Blades.chisel(24, 3.2, 90, 20, 25, Blades.micro(30, 0.6));
    private static final double WANTED = 0.9;

    private static final List<Abrasive> SHELF = List.of(
            on("coarse", "aluminium oxide water stone", 30, Abrasive.Shape.BENCH),
            on("middle", "ceramic-bonded water stone", 11.5, Abrasive.Shape.BENCH),
            on("fine", "ceramic-bonded water stone", 2, Abrasive.Shape.BENCH),
            on("leather", "strop with compound", 0.5, Abrasive.Shape.STROP));

    private static Abrasive on(String name, String kind, double um, Abrasive.Shape shape) {
        return Shelves.piece(name, kind, um, shape, Abrasive.State.READY);
    }

    private record Case(List<Step> steps, Rehearsal rehearsal) {
        Frame last(Changes changes, long seed) {
            return rehearsal.watch(steps, changes, seed).end().frame();
        }
    }

    private static Case planned(Dullness dullness, Finding... findings) {
        EdgeSurvey survey =
                new EdgeSurvey(List.of(findings), EdgeSurvey.Squareness.SQUARE, dullness, false, BackState.POLISHED, 0);
        Restoration r = Restorer.restore(CHISEL, survey, TARGET);
        List<Step> steps = StepSheet.of(
                WorkPlanner.plan(
                        r,
                        survey,
                        ToolUses.byKey("bench chisel / general bench work").orElseThrow(),
                        STEEL,
                        SHELF,
                        PlanRules.USUAL,
                        OptionalDouble.empty(),
                        Optional.empty()),
                TARGET,
                STEEL,
                24,
                WorkingMethod.of(GeometryKind.CHISEL, TARGET, Optional.of("roller guide")));
        double dull = dullness.recessionMm(GeometryKind.CHISEL);
        DoubleUnaryOperator back = x -> dull
                + List.of(findings).stream()
                        .mapToDouble(f -> f.missingAt(x, 24))
                        .max()
                        .orElse(0);
        Map<String, Abrasive> shelf = SHELF.stream().collect(Collectors.toMap(Abrasive::id, Function.identity()));
        return new Case(
                steps,
                new Rehearsal(
                        new Rehearsal.Before(new Wedge(0, 25, 3.2), 30, 0.6, back, 0.3),
                        new Wedge(0, 30, 3.2),
                        24,
                        r.lostMm(),
                        STEEL,
                        Gum.USUAL,
                        shelf,
                        Steadiness.in(HolderKind.ROLLER_GUIDE)));
    }

    @Test
    void aPlannedHoningComesOutKeenOnTheVirtualBladeToo() {
        for (Dullness dullness : List.of(Dullness.DULL, Dullness.LIGHT_VISIBLE)) {
            for (long seed = 0; seed < 5; seed++) {
                Frame last = planned(dullness).last(Changes.NONE, seed);
                assertThat(last.meanIndex()).as("%s, seed %s", dullness, seed).isLessThan(WANTED);
                assertThat(last.outcome(WANTED)).isNotEqualTo(Frame.Outcome.DULL);
            }
        }
    }

    @Test
    void itBeginsDullAndEndsWithTheLastStroke() {
        Case dull = planned(Dullness.DULL);
        List<Frame> frames = dull.rehearsal.watch(dull.steps, Changes.NONE, 1).frames();
        assertThat(frames.get(0).step()).isEqualTo(-1);
        assertThat(frames.get(0).outcome(WANTED)).isEqualTo(Frame.Outcome.DULL);
        assertThat(frames.get(frames.size() - 1).step()).isEqualTo(dull.steps.size() - 1);
        assertThat(frames).hasSizeBetween(20, 150);
        for (int i = 1; i < frames.size(); i++) {
            assertThat(frames.get(i).backMm().get(11))
                    .isGreaterThanOrEqualTo(frames.get(i - 1).backMm().get(11) - 1e-12);
        }
    }

    @Test
    void leavingOutTheStoneThatShapesLeavesItDull() {
        Case dull = planned(Dullness.LIGHT_VISIBLE);
        Set<Integer> shaping = Set.of(dull.steps.indexOf(dull.steps.stream()
                .filter(s -> s.kind() == Step.Kind.WORK && s.sides().contains(Step.Side.BEVEL))
                .findFirst()
                .orElseThrow()));
        Changes without = Changes.of(shaping, 0, 1, 1).blindly();
        assertThat(dull.last(without, 1).outcome(WANTED)).isEqualTo(Frame.Outcome.DULL);
        // Held two degrees too low, the stones never reach the edge either.
        assertThat(dull.last(Changes.of(Set.of(), -2, 1, 1).blindly(), 1).meanIndex())
                .isGreaterThan(WANTED);
    }

    @Test
    void aChipIsGoneAtTheEndOrTheEndSaysWhereItIs() {
        Case chipped = planned(Dullness.DULL, new Finding(Finding.Kind.CHIP, 8, 10, 0.15, false));
        List<Frame> frames =
                chipped.rehearsal.watch(chipped.steps, Changes.NONE, 1).frames();
        assertThat(frames.get(0).worstStation()).isIn(8, 9);
        Frame last = frames.get(frames.size() - 1);
        assertThat(last.index().get(9)).isLessThan(frames.get(0).index().get(9) / 10);
    }

    @Test
    void aGateHoldsUntilTheBurrIsThereAllAlong() {
        Case dull = planned(Dullness.LIGHT_VISIBLE);
        // Half the strokes of the first stone would not do: the gate asks for the rest.
        int shaping = dull.steps.indexOf(dull.steps.stream()
                .filter(s -> s.burrTask() == Step.BurrTask.RAISE)
                .findFirst()
                .orElseThrow());
        Changes half = Changes.NONE.counted(Map.of(shaping, 0.3));
        Rehearsal.End end = dull.rehearsal.end(dull.steps, half, 1);
        assertThat(end.held().get(shaping)).isPositive();
        assertThat(end.open()).doesNotContain(shaping);
        assertThat(end.frame().outcome(WANTED)).isEqualTo(Frame.Outcome.KEEN);
        Changes blind = Changes.BLIND.counted(Map.of(shaping, 0.3));
        assertThat(dull.rehearsal.end(dull.steps, blind, 1).frame().outcome(WANTED))
                .isEqualTo(Frame.Outcome.DULL);
    }

    @Test
    void aHarderHandNeedsFewerStrokesAndAFinerStoneMore() {
        Case dull = planned(Dullness.LIGHT_VISIBLE);
        int planned = dull.rehearsal.end(dull.steps, Changes.NONE, 1).strokes();
        assertThat(dull.rehearsal.end(dull.steps, Changes.NONE.pressed(1.5), 1).strokes())
                .isLessThan(planned);
        List<String> stones = dull.steps.stream()
                .filter(s -> s.kind() == Step.Kind.WORK && s.counted())
                .map(Step::abrasiveId)
                .distinct()
                .toList();
        int first = IntStream.range(0, dull.steps.size())
                .filter(i -> dull.steps.get(i).abrasiveId().equals(stones.get(0)))
                .findFirst()
                .orElseThrow();
        Changes finer = Changes.NONE.on(Map.of(stones.get(0), stones.get(1)));
        assertThat(dull.rehearsal.end(dull.steps, finer, 1).held().get(first))
                .isGreaterThan(
                        dull.rehearsal.end(dull.steps, Changes.NONE, 1).held().get(first));
    }

    @Test
    void aStepMadeEarlierChangesPlacesWithTheWorkBeforeIt() {
        Case dull = planned(Dullness.LIGHT_VISIBLE);
        List<Integer> worked = IntStream.range(0, dull.steps.size())
                .filter(i -> dull.steps.get(i).counted())
                .boxed()
                .toList();
        List<Integer> order = Changes.NONE.earlier(Set.of(worked.get(1))).order(dull.steps);
        assertThat(order).containsExactlyInAnyOrderElementsOf(Changes.NONE.order(dull.steps));
        assertThat(order.indexOf(worked.get(1))).isLessThan(order.indexOf(worked.get(0)));
        // What has nothing before it stays where it is.
        assertThat(Changes.NONE.earlier(Set.of(worked.get(0))).order(dull.steps))
                .isEqualTo(Changes.NONE.order(dull.steps));
    }

    @Test
    void inkGoesToTheEdgeAndPaperIsCutAtTheEnd() {
        Case dull = planned(Dullness.LIGHT_VISIBLE);
        List<Frame> frames = dull.rehearsal.watch(dull.steps, Changes.NONE, 1).frames();
        assertThat(frames.get(0).paper()).isEqualTo(Frame.Paper.TEARS);
        assertThat(frames.get(0).bare()).isZero();
        assertThat(frames.get(frames.size() - 1).paper()).isEqualTo(Frame.Paper.CLEAN);
        int shaping = frames.get(1).step();
        List<Double> bare = frames.stream()
                .filter(f -> f.step() == shaping)
                .map(Frame::bare)
                .toList();
        assertThat(bare).isSorted();
        assertThat(bare.get(bare.size() - 1)).isEqualTo(1);
    }

    @Test
    void theSameRehearsalIsTheSame() {
        assertThat(planned(Dullness.DULL).last(Changes.NONE, 3))
                .isEqualTo(planned(Dullness.DULL).last(Changes.NONE, 3));
    }
}
