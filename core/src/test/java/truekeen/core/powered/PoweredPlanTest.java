package truekeen.core.powered;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.condition.Scope;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.RefusedException;
import truekeen.core.message.Says;
import truekeen.core.progression.Shelves;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.stepsheet.Step;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;
import truekeen.core.tool.ToothedBlade;

class PoweredPlanTest {
    private static final SteelClass SPRING =
            Steels.byName("mower and spring steel").orElseThrow();
    private static final Abrasive FILE =
            Shelves.piece("mill file", "file", 80, Abrasive.Shape.BENCH, Abrasive.State.READY);
    private static final Abrasive WHEEL =
            Shelves.piece("bench grinder", "dry grinding wheel", 260, Abrasive.Shape.WHEEL, Abrasive.State.READY);
    private static final Abrasive BELT =
            Shelves.piece("belt", "abrasive belt", 200, Abrasive.Shape.BELT, Abrasive.State.READY);
    private static final Abrasive STONE =
            Shelves.piece("red stone", "silicon carbide stone", 60, Abrasive.Shape.POCKET, Abrasive.State.READY);
    private static final Abrasive FINE =
            Shelves.piece("fine", "aluminium oxide water stone", 3, Abrasive.Shape.BENCH, Abrasive.State.READY);

    private static ToolUse trade(GeometryKind kind) {
        return ToolUses.all().stream()
                .filter(t -> t.geometry() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static Restoration restore(Blade blade, Dullness dullness, Finding... findings) {
        return Restorer.restore(
                blade,
                new EdgeSurvey(List.of(findings), EdgeSurvey.Squareness.SQUARE, dullness, false, BackState.POLISHED, 0),
                TargetBevel.of(blade));
    }

    private static PoweredPlan plan(Blade blade, Restoration r, String asked, Abrasive... shelf) {
        return PoweredPlan.of(
                blade, r, trade(blade.kind()), blade.primary(), SPRING, List.of(shelf), Optional.ofNullable(asked));
    }

    private static Finding dent(double depth) {
        return new Finding(Finding.Kind.DENT, 10, 16, depth, false);
    }

    private static Step work(PoweredPlan plan) {
        return plan.steps().stream()
                .filter(s -> s.kind() == Step.Kind.ENDS || s.kind() == Step.Kind.TEETH)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aDentTakesBothEndsBackAlikeAndAllSteelIsAccountedFor() {
        Blade bar = Blades.blade(GeometryKind.MOWER_BAR);
        Restoration r = restore(bar, Dullness.DULL, dent(2.2));
        PoweredPlan plan = plan(bar, r, null, FILE, WHEEL);
        assertThat(r.lostMm()).isCloseTo(2.2, within(1e-6));
        assertThat(plan.volumeMm3()).isCloseTo(r.volumeMm3(), within(1e-9));
        Step ends = work(plan);
        assertThat(ends.sides()).containsExactly(Step.Side.FIRST_END, Step.Side.SECOND_END);
        assertThat(ends.strokes()).isEqualTo(plan.chosen().strokes());
        assertThat(ends.setOf()).isBetween(1, ends.strokes());
        assertThat(ends.look()).contains(InWords.figures("2.2\u202fmm"));
        assertThat(plan.leastSeconds()).isLessThanOrEqualTo(plan.seconds());
        assertThat(plan.seconds()).isLessThanOrEqualTo(plan.mostSeconds());
    }

    @Test
    void moreSteelNeverTakesFewerStrokes() {
        Blade bar = Blades.blade(GeometryKind.MOWER_BAR);
        int before = 0;
        for (double depth : new double[] {0.1, 0.3, 0.6, 1, 1.4}) {
            int now = work(plan(bar, restore(bar, Dullness.DULL, dent(depth)), "mill file", FILE))
                    .strokes();
            assertThat(now).isGreaterThan(before);
            before = now;
        }
    }

    @Test
    void littleIsFiledAndMuchIsGroundWhereThereIsAMachine() {
        Blade bar = Blades.blade(GeometryKind.MOWER_BAR);
        assertThat(plan(bar, restore(bar, Dullness.LIGHT_VISIBLE), null, WHEEL, FILE)
                        .chosen()
                        .way())
                .isEqualTo(Tooling.Way.FILE);
        assertThat(plan(bar, restore(bar, Dullness.DULL, dent(4)), null, FILE, WHEEL)
                        .chosen()
                        .powered())
                .isTrue();
        assertThat(plan(bar, restore(bar, Dullness.DULL, dent(1.4)), null, FILE)
                        .chosen()
                        .way())
                .as("without a machine it is filed all the same")
                .isEqualTo(Tooling.Way.FILE);
    }

    @Test
    void aTrimmerIsWorkedToothByToothOnBothBladesAndNeverAtAWheel() {
        ToothedBlade trimmer = (ToothedBlade) Blades.blade(GeometryKind.TRIMMER, "teeth", 27, "blades", 2);
        assertThat(trimmer.layout().edges()).isEqualTo(108);
        PoweredPlan plan = plan(trimmer, restore(trimmer, Dullness.DULL), null, WHEEL, BELT, FILE);
        Step teeth = work(plan);
        assertThat(teeth.sides()).containsExactly(Step.Side.TOP_BLADE, Step.Side.BOTTOM_BLADE);
        assertThat(teeth.stations())
                .hasSize(54)
                .allMatch(n -> n == plan.chosen().strokes());
        assertThat(teeth.strokes()).isEqualTo(54 * plan.chosen().strokes());
        assertThatThrownBy(() -> plan(trimmer, restore(trimmer, Dullness.DULL), "belt", BELT, FILE))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        e -> assertThat(e.refusals().get(0).code()).isEqualTo(MessageCode.TOOLING_BARRED));
        ToothedBlade single = (ToothedBlade) Blades.blade(GeometryKind.TRIMMER, "teeth", 27, "blades", 1);
        assertThat(work(plan(single, restore(single, Dullness.DULL), null, FILE))
                        .sides())
                .containsExactly(Step.Side.TOP_BLADE);
    }

    @ParameterizedTest
    @EnumSource(names = {"MOWER_BAR", "TRIMMER", "BRUSH_CUTTER"})
    void everyStepAsksAQuestionAndOnlyTurningBladesAreMeasured(GeometryKind kind) {
        Blade blade = Blades.blade(kind);
        List<Step> steps =
                plan(blade, restore(blade, Dullness.DULL), null, FILE).steps();
        assertThat(steps).allSatisfy(s -> assertThat(s.gate()).isNotBlank());
        assertThat(steps.stream().anyMatch(s -> s.kind() == Step.Kind.MEASURE)).isEqualTo(kind != GeometryKind.TRIMMER);
        assertThat(steps.stream().anyMatch(s -> s.kind() == Step.Kind.GAP)).isEqualTo(kind == GeometryKind.TRIMMER);
        assertThat(steps.stream().anyMatch(s -> s.title().contains(PoweredWords.KEEP_THE_ROUND.words())))
                .isEqualTo(kind == GeometryKind.BRUSH_CUTTER);
        assertThat(steps.get(0).kind()).isEqualTo(Step.Kind.PREPARE);
        assertThat(steps).noneMatch(s -> (s.look() + s.title() + s.why()).contains("straighten"));
    }

    @Test
    void aNickPastTheWearMarginIsLeftOnPurposeOrTheBladeIsReplaced() {
        Blade bar = Blades.blade(GeometryKind.MOWER_BAR);
        double past = bar.steelLeftMm() + 0.5;
        Restoration r = restore(bar, Dullness.DULL, dent(past));
        assertThat(r.scope()).isEqualTo(Scope.RETIRE);
        assertThat(r.reasons().get(0))
                .contains("replace the blade")
                .contains("leave the deepest nick in place on purpose");
        Finding left = new Finding(Finding.Kind.DENT, 10, 16, past, true);
        Restoration kept = restore(bar, Dullness.DULL, left);
        assertThat(kept.scope()).isNotEqualTo(Scope.RETIRE);
        assertThat(kept.lostMm()).isEqualTo(Dullness.DULL.recessionMm(GeometryKind.MOWER_BAR));
    }

    @Test
    void aTouchUpIsFiledTooNeverStropped() {
        Blade bar = Blades.blade(GeometryKind.MOWER_BAR);
        Restoration r = restore(bar, Dullness.TOUCH_UP);
        assertThat(r.secondary()).isPresent();
        assertThat(work(plan(bar, r, null, FILE)).strokes()).isPositive();
    }

    @Test
    void aGrinderCountsPassesAndSaysWhenToDip() {
        Blade bar = Blades.blade(GeometryKind.MOWER_BAR);
        PoweredPlan plan = plan(bar, restore(bar, Dullness.DULL, dent(2)), "bench grinder", FILE, WHEEL);
        assertThat(plan.chosen().counts()).matches(Says.the(PoweredWords.PASSES_OF));
        assertThat(plan.chosen().dip()).isNotBlank();
        assertThat(work(plan).how()).contains(plan.chosen().dip());
        assertThat(plan.steps()).anyMatch(s -> s.caution().contains("gloves"));
    }

    @Test
    void coarseStonesWillDoAndTeachTheHandFineOnesAreNotOffered() {
        Blade trimmer = Blades.blade(GeometryKind.TRIMMER);
        PoweredPlan plan = plan(trimmer, restore(trimmer, Dullness.DULL), null, FINE, STONE);
        assertThat(plan.offers()).extracting(o -> o.piece().name()).containsExactly("red stone");
        assertThat(plan.chosen().handFactor()).isEqualTo(1);
        assertThat(work(plan).handFactor()).isEqualTo(1);
        assertThatThrownBy(() -> plan(trimmer, restore(trimmer, Dullness.DULL), null, FINE))
                .hasMessageContaining("Nothing in the kit");
    }
}
