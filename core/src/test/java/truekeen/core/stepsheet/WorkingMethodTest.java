package truekeen.core.stepsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.abrasive.Lubricant;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Restorer;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.StoneHolder;
import truekeen.core.job.JobKind;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.RefusedException;
import truekeen.core.message.Says;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.WorkPlan;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.Camber;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** The step sheet speaks of each family's own faces and sides. */
class WorkingMethodTest {
    private static final SteelClass STEEL = Steels.byName("plain carbon").orElseThrow();
    private static final EdgeSurvey DULL =
            new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.POLISHED, 0);

    private static Abrasive stone(String name, double um, Abrasive.Shape shape) {
        AbrasiveKind kind = AbrasiveKind.byKey("ceramic-bonded water stone").orElseThrow();
        return new Abrasive(
                name,
                name,
                kind,
                kind.grain(),
                um,
                false,
                shape,
                Lubricant.WATER,
                new Abrasive.State(true, 0, true, 0, false, false));
    }

    private static List<Abrasive> shelf(Abrasive.Shape shape) {
        return List.of(stone("coarse", 30, shape), stone("middle", 11.5, shape), stone("fine", 2, shape));
    }

    private static ToolUse trade(GeometryKind kind) {
        return ToolUses.all().stream()
                .filter(t -> t.geometry() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static WorkPlan plan(Blade blade, List<Abrasive> shelf) {
        return WorkPlanner.plan(
                Restorer.restore(blade, DULL, TargetBevel.of(blade)),
                DULL,
                trade(blade.kind()),
                STEEL,
                shelf,
                PlanRules.USUAL,
                OptionalDouble.empty(),
                Optional.empty());
    }

    private static List<Step> sheet(Blade blade, WorkingMethod manner) {
        Abrasive.Shape shape = Abrasive.Shape.POCKET;
        return StepSheet.of(plan(blade, shelf(shape)), TargetBevel.of(blade), STEEL, blade.edgeLengthMm(), manner);
    }

    @ParameterizedTest
    @EnumSource(
            value = GeometryKind.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"MOWER_BAR", "TRIMMER", "BRUSH_CUTTER"})
    void everyFamilyGetsAWholeSheet(GeometryKind kind) {
        Blade blade = Blades.blade(kind);
        WorkingMethod manner = WorkingMethod.of(kind, TargetBevel.of(blade), Optional.empty());
        List<Step> steps = sheet(blade, manner);
        assertThat(steps).extracting(Step::kind).contains(Step.Kind.WORK, Step.Kind.DEBURR);
        assertThat(steps)
                .filteredOn(s -> s.kind() == Step.Kind.SET_GUIDE)
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.title())
                        .isIn(
                                StepWords.FOLLOW_THE_CURVE.fill("angle", blade.lastBevel()),
                                StepWords.LIFT_THE_BACK.fill(
                                        "angle", blade.backBevel().orElse(blade.lastBevel())),
                                finding(
                                        manner,
                                        manner.ground(),
                                        TargetBevel.of(blade).primary()),
                                finding(manner, manner.honed(), blade.lastBevel())));
        assertThat(steps).filteredOn(Step::counted).allSatisfy(s -> assertThat(s.strokes())
                .isPositive());
    }

    private static String finding(WorkingMethod manner, String bevel, truekeen.core.quantity.Angle angle) {
        return StepWords.FIND_THE_ANGLE.fill("angle", angle, "angleWords", manner.angleWords(), "bevel", bevel);
    }

    @Test
    void aKnifeIsWorkedOnBothSidesWithTheStrokesSharedOut() {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        WorkPlan plan = plan(knife, shelf(Abrasive.Shape.POCKET));
        int all = plan.jobs().get(0).legs().get(0).wholeStrokes();
        Step first =
                sheet(knife, WorkingMethod.of(GeometryKind.KNIFE, TargetBevel.of(knife), Optional.empty())).stream()
                        .filter(s -> s.kind() == Step.Kind.WORK)
                        .findFirst()
                        .orElseThrow();
        assertThat(first.sides()).containsExactly(Step.Side.LEFT, Step.Side.RIGHT);
        assertThat(first.strokes() * 2).isBetween(all, all + 1);
        assertThat(first.title()).contains("micro-bevels");
        assertThat(first.look()).contains(StepWords.THE_OTHER_SIDE.words());
        assertThat(plan.jobs().get(0).job().forces().refiningN()).isEqualTo(10);
        assertThat(plan(Blades.blade(GeometryKind.CHISEL), shelf(Abrasive.Shape.BENCH))
                        .jobs()
                        .get(0)
                        .job()
                        .forces()
                        .refiningN())
                .isEqualTo(20);
    }

    @Test
    void facesAreCalledByTheirNames() {
        Blade single = Blades.blade(GeometryKind.SINGLE_BEVEL_KNIFE);
        WorkingMethod knife = WorkingMethod.of(single.kind(), TargetBevel.of(single), Optional.empty());
        assertThat(knife.honed()).isEqualTo("edge bevel");
        assertThat(knife.ground()).isEqualTo("broad face");
        assertThat(knife.worked()).containsExactly(Step.Side.BEVEL);
        TargetBevel flat = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(25));
        assertThat(WorkingMethod.of(GeometryKind.CHISEL, flat, Optional.empty()).honed())
                .isEqualTo("bevel");
        assertThat(WorkingMethod.of(GeometryKind.TURNSCREW, flat, Optional.empty())
                        .honed())
                .isEqualTo("faces");
        TargetBevel two = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30));
        assertThat(WorkingMethod.of(GeometryKind.CHISEL, two, Optional.empty()).honed())
                .isEqualTo("secondary");
    }

    @Test
    void aCamberedIronIsToldItsStrokesAtStations() {
        Blade iron = Blades.blade(GeometryKind.PLANE_IRON_DOWN);
        Camber camber = new Camber(Length.ofMm(60), Angle.ofDegrees(45), Length.ofMm(0.06));
        WorkingMethod manner =
                WorkingMethod.of(iron.kind(), TargetBevel.of(iron), Optional.of("roller guide"), Optional.of(camber));
        List<Step> steps = sheet(iron, manner);
        assertThat(steps)
                .filteredOn(s -> s.kind() == Step.Kind.WORK && s.title().contains("secondary"))
                .allSatisfy(s -> assertThat(s.look()).matches(Says.the(StepWords.CAMBER_STROKES)));
        assertThat(steps).anyMatch(s -> s.title().equals("Set the roller guide for the secondary"));
    }

    private static List<Step> setting(Blade blade, Optional<StoneHolder> holder) {
        TargetBevel target = TargetBevel.of(blade);
        WorkingMethod manner = WorkingMethod.heldBy(blade.kind(), target, holder, Optional.empty());
        return sheet(blade, manner).stream()
                .filter(s -> s.kind() == Step.Kind.SET_GUIDE)
                .toList();
    }

    @Test
    void aCamIsTurnedWithTheBladeLeftClamped() {
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        StoneHolder cam = new StoneHolder("guide", HolderKind.ROLLER_GUIDE, true, true);
        assertThat(setting(chisel, Optional.of(cam)))
                .anySatisfy(s -> assertThat(s.look()).startsWith(StepWords.CAM_HOW.words()));
        StoneHolder plain = StoneHolder.of("guide", HolderKind.ROLLER_GUIDE);
        assertThat(setting(chisel, Optional.of(plain))).isNotEmpty().noneMatch(s -> s.look()
                .startsWith(StepWords.CAM_HOW.words()));
    }

    @Test
    void theNailFindsANarrowBevelAndTouchAWideOne() {
        String nail = StepWords.FIND_BY_NAIL.words();
        String touch = StepWords.FIND_BY_HAND.words();
        Blade micro = Blades.blade(GeometryKind.KNIFE);
        assertThat(TargetBevel.of(micro).hasSecondary()).isTrue();
        assertThat(setting(micro, Optional.empty())).isNotEmpty().allMatch(s -> s.look()
                .startsWith(nail));
        assertThat(setting(Blades.blade(GeometryKind.SINGLE_BEVEL_KNIFE), Optional.empty()))
                .anyMatch(s -> s.look().startsWith(nail));
        assertThat(setting(Blades.blade(GeometryKind.CHISEL), Optional.empty()))
                .isNotEmpty()
                .allMatch(s -> s.look().startsWith(touch));
    }

    /** Intents of the steps that find an angle, as a tool of these bevels is given others. */
    private static List<Step.Intent> intents(Blade blade, TargetBevel target) {
        WorkingMethod manner = WorkingMethod.of(blade.kind(), target, Optional.empty())
                .bringing(
                        blade,
                        truekeen.core.tool.Arrival.UNKNOWN,
                        truekeen.core.tool.ToolUses.all().stream()
                                .filter(t -> t.geometry() == blade.kind())
                                .findFirst()
                                .orElseThrow(),
                        TargetBevel.of(blade),
                        target);
        return List.of(
                manner.intent(JobKind.PRIMARY, target.primary(), false),
                manner.intent(JobKind.SECONDARY, target.last(), false),
                manner.intent(JobKind.SECONDARY, target.last(), true));
    }

    private static TargetBevel bevels(double primary, double last) {
        return new TargetBevel(
                truekeen.core.quantity.Angle.ofDegrees(primary), truekeen.core.quantity.Angle.ofDegrees(last));
    }

    @Test
    void everyStepKnowsWhatItDoesToTheAngleThatIsThere() {
        Blade two = Blades.chisel(24, 3.2, 90, 20, 25, Blades.micro(30, 0.6));
        assertThat(intents(two, bevels(25, 30))).containsExactly(Step.Intent.MATCH, Step.Intent.MATCH, Step.Intent.ADD);
        assertThat(intents(two, bevels(23, 33)))
                .containsExactly(Step.Intent.LOWER, Step.Intent.STEEPEN, Step.Intent.ADD);
        assertThat(intents(two, bevels(27, 28)))
                .containsExactly(Step.Intent.STEEPEN, Step.Intent.LOWER, Step.Intent.ADD);
        Blade one = Blades.blade(GeometryKind.CHISEL, "secondary", Double.NaN, "secondaryWidth", Double.NaN);
        double primary = one.primary().degrees();
        assertThat(intents(one, bevels(primary, primary + 5)).get(1)).isEqualTo(Step.Intent.ADD);
        assertThat(intents(one, bevels(primary, primary)).get(1)).isEqualTo(Step.Intent.MATCH);
    }

    @Test
    void theInkIsAskedForByIntent() {
        Blade chisel = Blades.chisel(24, 3.2, 90, 20, 25, Blades.micro(30, 0.6));
        WorkingMethod manner = WorkingMethod.of(chisel.kind(), TargetBevel.of(chisel), Optional.of("guide"));
        HoldSteps hold = new HoldSteps(manner);
        for (Step.Intent intent : Step.Intent.values()) {
            Step step = hold.setGuide(JobKind.SECONDARY, chisel.lastBevel(), intent, new Stretch(0, 24));
            assertThat(step.intent()).isEqualTo(intent);
            assertThat(step.look()).matches(Says.the(StepWords.INK_IT));
            assertThat(step.gate().equals(StepWords.INK_EVEN.words())).isEqualTo(intent == Step.Intent.MATCH);
            assertThat(step.gate().equals(StepWords.CAM_ASKED.words())).isEqualTo(intent.edgeFirst());
        }
    }

    @Test
    void nothingButWhatClampsIsSeatedAgainAndOnlyARollerIsWashed() {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        for (HolderKind kind : HolderKind.values()) {
            assertThat(kind.toEven().contains("seat the tool again"))
                    .as(kind.words())
                    .isEqualTo(kind.takesBlocks() || kind == HolderKind.SUPPORT_BAR);
        }
        WorkingMethod stone = WorkingMethod.heldBy(
                knife.kind(),
                TargetBevel.of(knife),
                Optional.of(StoneHolder.of("pocket stone", HolderKind.HAND_STONE)),
                Optional.empty());
        assertThat(sheet(knife, stone))
                .filteredOn(s -> s.kind() == Step.Kind.WORK)
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.how())
                        .contains(StepWords.SMALL_CIRCLES.words())
                        .noneMatch(l -> l.contains("roller")
                                || Says.the(StepWords.STROKES_THEN).test(l)));
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        assertThat(sheet(chisel, WorkingMethod.of(chisel.kind(), TargetBevel.of(chisel), Optional.empty())))
                .allSatisfy(s -> assertThat(s.how()).noneMatch(l -> l.contains("roller") || l.contains("both sides")));
        Abrasive fine = shelf(Abrasive.Shape.BENCH).get(0);
        for (HolderKind kind : HolderKind.values()) {
            WorkingMethod manner = WorkingMethod.heldBy(
                    chisel.kind(), TargetBevel.of(chisel), Optional.of(StoneHolder.of("it", kind)), Optional.empty());
            List<String> lines =
                    manner.habits().lines(new SheetHabits.LegAsked(fine, false, true, false, 10, manner.grip()));
            assertThat(lines.get(0).contains("roller")).as(kind.words()).isEqualTo(kind.takesBlocks());
        }
    }

    @Test
    void aBladeOfAMachineIsClampedAndFiled() {
        Blade bar = Blades.blade(GeometryKind.MOWER_BAR);
        HoldSteps hold = new HoldSteps(WorkingMethod.of(bar.kind(), TargetBevel.of(bar), Optional.empty()));
        Step clamp = hold.setGuide(JobKind.SECONDARY, bar.lastBevel(), Step.Intent.MATCH, new Stretch(0, 50));
        assertThat(clamp.look()).startsWith(StepWords.CLAMP_HOW.words());
    }

    @Test
    void aHollowEdgeWantsSomethingNarrow() {
        Blade recurve = Blades.blade(GeometryKind.RECURVE);
        assertThat(plan(recurve, shelf(Abrasive.Shape.ROD)).jobs()).isNotEmpty();
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> plan(recurve, shelf(Abrasive.Shape.BENCH)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("Nothing on the shelf");
    }
}
