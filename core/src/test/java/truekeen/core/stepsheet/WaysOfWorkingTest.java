package truekeen.core.stepsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Restorer;
import truekeen.core.fault.Diagnostician;
import truekeen.core.fault.EdgeCheck;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Remedy;
import truekeen.core.fault.Sign;
import truekeen.core.fault.Subject;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.StoneHolder;
import truekeen.core.message.Numbers;
import truekeen.core.message.Says;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.Shelves;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.rule.RuleOption;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.CurveLift;
import truekeen.core.setup.SpineHeight;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Arrival;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** How the hands move at each step: by the tool's own shape, and by what lies on the bench. */
class WaysOfWorkingTest {
    private static final SteelClass STEEL = Steels.byName("plain carbon").orElseThrow();

    private static ToolUse use(GeometryKind kind) {
        return ToolUses.all().stream()
                .filter(t -> t.geometry() == kind)
                .findFirst()
                .orElseThrow();
    }

    private static List<Abrasive> shelf(String kind, Abrasive.Shape shape) {
        return List.of(
                Shelves.piece("coarse", kind, 30, shape, Abrasive.State.READY),
                Shelves.piece("middle", kind, 11.5, shape, Abrasive.State.READY),
                Shelves.piece("fine", kind, 2, shape, Abrasive.State.READY));
    }

    private static WorkingMethod manner(Blade blade, Optional<StoneHolder> holder, HouseRules rules) {
        TargetBevel target = TargetBevel.of(blade);
        return WorkingMethod.heldBy(blade.kind(), target, holder, Optional.empty())
                .with(SheetHabits.of(rules))
                .bringing(blade, Arrival.UNKNOWN, use(blade.kind()), target, target);
    }

    private static List<Step> sheet(Blade blade, BackState back, String kind, Abrasive.Shape shape, HouseRules rules) {
        TargetBevel target = TargetBevel.of(blade);
        EdgeSurvey survey = new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, back, 0);
        return StepSheet.of(
                WorkPlanner.plan(
                        Restorer.restore(blade, survey, target),
                        survey,
                        use(blade.kind()),
                        STEEL,
                        shelf(kind, shape),
                        PlanRules.USUAL,
                        OptionalDouble.empty(),
                        Optional.empty()),
                target,
                STEEL,
                blade.edgeLengthMm(),
                manner(blade, Optional.empty(), rules));
    }

    private static List<Step> sheet(Blade blade, BackState back) {
        return sheet(blade, back, "ceramic-bonded water stone", Abrasive.Shape.BENCH, HouseRules.usual());
    }

    @Test
    void aKnifeByHandSaysHowHighItsSpineStandsAndHowTheHandRises() {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        Angle angle = knife.lastBevel();
        List<Step> steps = sheet(knife, BackState.POLISHED);
        Length stands = new SpineHeight(
                        knife.usable(), Length.ofMm(knife.measures().values().get("spineThickness")))
                .height(angle);
        assertThat(steps)
                .filteredOn(s -> s.kind() == Step.Kind.SET_GUIDE)
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.look())
                        .contains(StepWords.SPINE_STANDS.fill("height", Numbers.plain(stands.mm(), 1))));
        CurveLift lift = CurveLift.of(knife.layout(), angle).orElseThrow();
        String j = StepWords.J_STROKES.fill(
                "from",
                Numbers.plain(lift.from().mm(), 0),
                "lift",
                Numbers.plain(lift.lift().mm(), 0));
        assertThat(steps)
                .filteredOn(s -> s.kind() == Step.Kind.WORK)
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.how()).contains(j));
    }

    /** A longer stone in the hand makes two circles for a count, and a round half as many counts. */
    @ParameterizedTest
    @CsvSource({"ROUND, 24, A_CIRCLE", "POCKET, 12, CIRCLES"})
    void aCurveIsDoneInRoundsWhateverSmallStoneIsInTheHand(Abrasive.Shape shape, int counts, StepWords each) {
        Blade axe = Blades.blade(GeometryKind.CONVEX_BLADE, "edgeLength", 120);
        String count = each == StepWords.A_CIRCLE ? each.words() : each.fill("circles", 2);
        assertThat(sheet(axe, BackState.POLISHED, "ceramic-bonded water stone", shape, HouseRules.usual()))
                .filteredOn(s -> s.kind() == Step.Kind.WORK)
                .isNotEmpty()
                .allSatisfy(s ->
                        assertThat(s.how()).anyMatch(Says.the(StepWords.IN_ROUNDS, "count", count, "counts", counts)));
    }

    /** Shears are curved from the heel on: nobody is told of a straight part that they have not. */
    @Test
    void whatIsCurvedFromItsHeelOnIsWorkedAlongItsCurve() {
        Blade shear = Blades.blade(GeometryKind.SHEAR_BLADE, "edgeLength", 52, "sweep", 7);
        CurveLift lift = CurveLift.of(shear.layout(), shear.lastBevel()).orElseThrow();
        assertThat(lift.from().mm()).isZero();
        assertThat(sheet(shear, BackState.POLISHED))
                .filteredOn(s -> s.kind() == Step.Kind.WORK)
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.how())
                        .contains(StepWords.CURVED_STROKES.fill(
                                "lift", Numbers.plain(lift.lift().mm(), 0))));
    }

    @Test
    void whatAHolderSetsIsNotMeasuredByTheSpine() {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        StoneHolder wedge = StoneHolder.of("wedge", HolderKind.WEDGE_BLOCK);
        assertThat(manner(knife, Optional.of(wedge), HouseRules.usual()).spineHeight(knife.lastBevel()))
                .isEmpty();
        StoneHolder stone = StoneHolder.of("pocket stone", HolderKind.HAND_STONE);
        assertThat(manner(knife, Optional.of(stone), HouseRules.usual()).lift(knife.lastBevel()))
                .isEmpty();
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        assertThat(manner(chisel, Optional.empty(), HouseRules.usual()).spineHeight(chisel.lastBevel()))
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {6, 24})
    void aNarrowBackIsWorkedInAndOut(double width) {
        Blade chisel = Blades.blade(GeometryKind.CHISEL, "width", width);
        List<Step> backs = sheet(chisel, BackState.RIDGED).stream()
                .filter(s -> s.kind() == Step.Kind.WORK && s.sides().equals(List.of(Step.Side.BACK)))
                .filter(s -> s.burrTask() == Step.BurrTask.NOTHING)
                .toList();
        assertThat(backs).isNotEmpty().allSatisfy(s -> assertThat(s.how().contains(StepWords.BACK_IN_AND_OUT.words()))
                .isEqualTo(width < 10));
    }

    /** The faces behind an edge have no burr to feel for: nobody is told to stay on one side until there is one. */
    @Test
    void cheeksAreNotWorkedUntilABurrRuns() {
        WorkingMethod knife = manner(Blades.blade(GeometryKind.KNIFE), Optional.empty(), HouseRules.usual());
        Abrasive coarse =
                shelf("ceramic-bonded water stone", Abrasive.Shape.BENCH).get(0);
        String untilTheBurr = StepWords.SIDES_UNTIL_THE_BURR.words();
        assertThat(knife.habits().lines(new SheetHabits.LegAsked(coarse, true, false, true, 20, SheetHabits.Grip.HAND)))
                .contains(untilTheBurr);
        assertThat(knife.habits()
                        .lines(new SheetHabits.LegAsked(coarse, true, false, true, 20, SheetHabits.Grip.HAND, false)))
                .doesNotContain(untilTheBurr)
                .anyMatch(l -> l.contains("20"));
    }

    /** Paper on a stick is cut by a leading edge: at every step on it the strokes trail, whatever the house does. */
    @ParameterizedTest
    @EnumSource(
            value = GeometryKind.class,
            names = {"CHISEL", "PLANE_IRON_DOWN", "KNIFE", "SINGLE_BEVEL_KNIFE", "DRAWKNIFE"})
    void onPaperOnAStickEveryStrokeTrailsWhateverTheHouseDoes(GeometryKind kind) {
        Blade blade = Blades.blade(kind);
        HouseRules leading = HouseRules.usual()
                .with(Map.of(
                        HouseRule.STROKE, RuleOption.STROKE_LEADING,
                        HouseRule.LAST_STROKES, RuleOption.LAST_STROKES_LEADING,
                        HouseRule.BURR_BETWEEN, RuleOption.BURR_BETWEEN_EVERY));
        List<Step> steps = sheet(blade, BackState.RIDGED, "abrasive paper on a stick", Abrasive.Shape.POCKET, leading);
        assertThat(steps)
                .filteredOn(s -> s.counted() && !s.abrasiveId().isEmpty())
                .isNotEmpty()
                .allSatisfy(s -> {
                    assertThat(s.how()).as(s.title()).anyMatch(l -> l.contains("railing"));
                    assertThat(s.how()).as(s.title()).noneMatch(Says.the(StepWords.STROKES_LEADING));
                });
    }

    @Test
    void aStretchIsWorkedAloneUntilItsBurrThenFeathered() {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        var finding = Diagnostician.of(Subject.of(knife), List.of(Observation.of(Sign.BRIGHT, 40, 60)), EdgeCheck.all())
                .findings()
                .get(0);
        Remedy first = finding.remedies().stream()
                .filter(r -> r.entry() == Remedy.Entry.FIRST_STONE && !r.whole())
                .findFirst()
                .orElseThrow();
        List<Step> steps = RemedySheet.of(
                        List.of(new RemedySheet.Chosen(finding, first)),
                        new RemedySheet.Honing(
                                shelf("ceramic-bonded water stone", Abrasive.Shape.BENCH),
                                Optional.empty(),
                                knife.lastBevel(),
                                STEEL,
                                0.6,
                                knife.edgeLengthMm(),
                                manner(knife, Optional.empty(), HouseRules.usual())))
                .stream()
                .filter(s -> s.kind() == Step.Kind.WORK)
                .toList();
        assertThat(steps.get(0).where().fromMm()).isEqualTo(40);
        assertThat(steps.get(0).where().toMm()).isEqualTo(60);
        assertThat(steps.get(0).how()).contains(StepWords.STRETCH_ALONE.words());
        assertThat(steps.subList(1, steps.size())).isNotEmpty().allSatisfy(s -> {
            assertThat(s.where().fromMm()).isEqualTo(38);
            assertThat(s.where().toMm()).isEqualTo(62);
            assertThat(s.how()).contains(StepWords.STRETCH_FEATHERED.words());
        });
    }
}
