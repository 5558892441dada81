package truekeen.core.stepsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Occasion;
import truekeen.core.condition.Restorer;
import truekeen.core.message.Says;
import truekeen.core.progression.HouseStones;
import truekeen.core.progression.PlanAsk;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.Shelves;
import truekeen.core.progression.WorkPlan;
import truekeen.core.progression.WorkPlanner;
import truekeen.core.rule.HouseRule;
import truekeen.core.rule.HouseRules;
import truekeen.core.rule.RuleOption;
import truekeen.core.rule.School;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** Schools and house rules at the stones: each is seen on the sheet, and said in minutes and strokes. */
class SchoolTrialTest {
    private static final SteelClass STEEL =
            Steels.byName("low-alloy tool steel").orElseThrow();
    private static final EdgeSurvey DULL =
            new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.POLISHED, 0);

    private static Abrasive on(String name, String kindName, double um, Abrasive.Shape shape) {
        return Shelves.piece(name, kindName, um, shape, Abrasive.State.READY);
    }

    private static final List<Abrasive> SHELF = List.of(
            on("coarse", "aluminium oxide water stone", 30, Abrasive.Shape.BENCH),
            on("middle", "ceramic-bonded water stone", 9.5, Abrasive.Shape.BENCH),
            on("fine", "ceramic-bonded water stone", 2, Abrasive.Shape.BENCH),
            on("finest", "ceramic-bonded water stone", 0.9, Abrasive.Shape.BENCH),
            on("wet wheel", AbrasiveKind.SLOW_WET_WHEEL.key(), 70, Abrasive.Shape.WHEEL),
            on("leather", "strop with compound", 0.5, Abrasive.Shape.STROP));

    private static ToolUse trade(Blade blade) {
        return ToolUses.all().stream()
                .filter(t -> t.geometry() == blade.kind())
                .findFirst()
                .orElseThrow();
    }

    private static List<SchoolTrial> trials(Blade blade) {
        return SchoolTrial.all(dull(blade));
    }

    private static PlanCase dull(Blade blade) {
        TargetBevel target = TargetBevel.of(blade);
        return new PlanCase(
                blade,
                DULL,
                target,
                STEEL,
                trade(blade),
                WorkingMethod.of(blade.kind(), target, Optional.of("roller guide")),
                SHELF,
                PlanRules.USUAL,
                new PlanAsk(OptionalDouble.empty(), Optional.empty()),
                Occasion.PLAIN);
    }

    private static final Blade CHISEL = Blades.chisel(24, 3.2, 90, 20, 25, Blades.micro(30, 0.6));

    @Test
    void everySchoolGivesItsOwnSheetForTheSameChiselAndSayWhy() {
        List<SchoolTrial> all = trials(CHISEL);
        assertThat(all).hasSize(School.values().length);
        Set<List<String>> sheets = new HashSet<>();
        for (SchoolTrial t : all) {
            assertThat(t.refused()).isEmpty();
            sheets.add(t.steps().stream().map(s -> s.title() + s.how()).toList());
        }
        assertThat(sheets).hasSize(School.values().length);
        assertThat(all.get(0).because()).isEmpty();
        for (SchoolTrial t : all.subList(1, all.size())) {
            assertThat(t.because()).isNotEmpty().allMatch(b -> b.matches(".*[0-9].*|It ends on .*"));
            assertThat(Math.abs(t.seconds() - all.get(0).seconds())).isGreaterThan(0);
        }
    }

    private static RuleCost.OnTool cost(HouseRule rule, RuleOption option, HouseRules now) {
        return RuleCost.of(rule, List.of(new RuleCost.Trial("chisel", now, dull(CHISEL)))).stream()
                .filter(c -> c.option() == option)
                .findFirst()
                .orElseThrow()
                .tools()
                .get(0);
    }

    @Test
    void whatAHouseRuleCostsIsTheDifferenceOfTwoPlans() {
        HouseRules usual = HouseRules.usual();
        RuleCost.OnTool stays = cost(HouseRule.BEVEL_FORM, RuleOption.BEVEL_FORM_SECONDARY, usual);
        assertThat(stays.minutes()).isZero();
        assertThat(stays.strokes()).isZero();
        RuleCost.OnTool flat = cost(HouseRule.BEVEL_FORM, RuleOption.BEVEL_FORM_FLAT, usual);
        assertThat(flat.minutes()).isGreaterThan(0);
        assertThat(flat.strokes()).isGreaterThan(0);
        // Back from there it saves what it cost.
        HouseRules flatHouse = usual.with(Map.of(HouseRule.BEVEL_FORM, RuleOption.BEVEL_FORM_FLAT));
        RuleCost.OnTool back = cost(HouseRule.BEVEL_FORM, RuleOption.BEVEL_FORM_SECONDARY, flatHouse);
        assertThat(back.minutes()).isCloseTo(-flat.minutes(), within(1e-9));
        assertThat(back.strokes()).isEqualTo(-flat.strokes());
        assertThat(cost(HouseRule.STROP, RuleOption.STROP_STONE, usual).strokes())
                .isNegative();
        // Ten degrees instead of the five it has: steel goes at the first time.
        RuleCost.OnTool steeper = cost(HouseRule.SECONDARY_STEP, RuleOption.SECONDARY_STEP_DEG_10, usual);
        RuleCost.OnTool same = cost(HouseRule.SECONDARY_STEP, RuleOption.SECONDARY_STEP_DEG_5, usual);
        assertThat(same.removedMm3()).isCloseTo(0, within(1e-9));
        assertThat(steeper.removedMm3()).isNotCloseTo(0, within(1e-6));
    }

    @Test
    void anOptionThatTheShelfCannotDoSaysSoAndCostsNothing() {
        RuleCost.OnTool oil = cost(HouseRule.LUBRICANT, RuleOption.LUBRICANT_OIL, HouseRules.usual());
        assertThat(oil.refused()).isNotEmpty();
        assertThat(oil.strokes()).isZero();
    }

    @Test
    void oneFlatBevelHonesAFaceWhereASecondaryHonesASliver() {
        SchoolTrial sliver = trials(CHISEL).get(0);
        SchoolTrial face = trials(CHISEL).get(1);
        assertThat(face.honedMm2()).isGreaterThan(3 * sliver.honedMm2());
        assertThat(face.seconds()).isGreaterThan(sliver.seconds());
        assertThat(face.because()).anyMatch(Says.the(StepWords.SCHOOL_HONES));
        assertThat(sliver.steps()).anyMatch(s -> s.title().contains("roller guide"));
        assertThat(face.steps()).noneMatch(s -> s.title().contains("roller guide"));
    }

    @Test
    void burrsStropAndFinishDifferAsTheSchoolsSay() {
        List<SchoolTrial> all = trials(CHISEL);
        SchoolTrial every = all.get(2);
        assertThat(every.steps().stream().filter(s -> s.kind() == Step.Kind.DEBURR))
                .hasSizeGreaterThan(1);
        assertThat(every.steps()).noneMatch(s -> s.kind() == Step.Kind.STROP);
        assertThat(every.steps()).anyMatch(s -> s.title().contains(StepWords.DRAW_ALONG_WOOD.words()));
        assertThat(every.steps()).anyMatch(s -> s.abrasiveName().equals("finest"));
        SchoolTrial leather = all.get(3);
        assertThat(leather.steps()).noneMatch(s -> s.abrasiveName().equals("fine"));
        assertThat(leather.steps().stream().filter(s -> s.kind() == Step.Kind.STROP))
                .singleElement()
                .satisfies(s -> assertThat(s.strokes()).isEqualTo(12));
    }

    @Test
    void aSchoolThatThisShelfCannotFollowSaysSoAndTheOthersStand() {
        SteelClass hardest = Steels.byName("powder high-vanadium").orElseThrow();
        List<SchoolTrial> all = SchoolTrial.all(new PlanCase(
                CHISEL,
                DULL,
                TargetBevel.of(CHISEL),
                hardest,
                trade(CHISEL),
                WorkingMethod.of(CHISEL.kind(), TargetBevel.of(CHISEL), Optional.empty()),
                SHELF,
                PlanRules.USUAL,
                new PlanAsk(OptionalDouble.empty(), Optional.empty()),
                Occasion.PLAIN));
        assertThat(all.subList(0, 4)).allSatisfy(t -> assertThat(t.refused()).contains("carbides"));
        assertThat(all.get(4).refused()).isEmpty();
    }

    private static SchoolTrial wheel(Blade blade, EdgeSurvey survey, List<Abrasive> shelf) {
        TargetBevel target = TargetBevel.of(blade);
        return SchoolTrial.all(new PlanCase(
                        blade,
                        survey,
                        target,
                        STEEL,
                        trade(blade),
                        WorkingMethod.of(blade.kind(), target, Optional.empty()),
                        shelf,
                        PlanRules.USUAL,
                        new PlanAsk(OptionalDouble.empty(), Optional.empty()),
                        Occasion.PLAIN))
                .get(School.WET_WHEEL_AND_LEATHER.ordinal());
    }

    @Test
    void aWetWheelIsTheWholeJobOfADullChiselAndTheBackIsLaidFlatForTheBurr() {
        SchoolTrial trial = wheel(CHISEL, DULL, SHELF);
        assertThat(trial.steps().stream().map(Step::kind))
                .containsExactly(Step.Kind.GRIND, Step.Kind.DEBURR, Step.Kind.STROP);
        Step ground = trial.steps().get(0);
        assertThat(ground.abrasiveName()).isEqualTo("wet wheel");
        assertThat(ground.angleDeg()).contains(CHISEL.lastBevel().degrees());
        assertThat(ground.burrTask()).isEqualTo(Step.BurrTask.RAISE);
        assertThat(trial.steps().get(1).sides()).containsExactly(Step.Side.BACK);
        assertThat(trial.steps().get(1).burrTask()).isEqualTo(Step.BurrTask.TAKE_OFF);
        assertThat(trial.seconds()).isBetween(120.0, 8 * 60.0);
        assertThat(trial.because()).anyMatch(Says.the(StepWords.SCHOOL_MORE_MACHINE));
        assertThat(trial.plan().volumeMm3()).isPositive();
        assertThat(trial.worksOn()).containsExactly("wet wheel");
        assertThat(trial.because()).noneMatch(b -> b.contains(" 0 mm²"));
        SheetTime time = SheetTime.of(trial.steps(), trial.plan().powered());
        assertThat(time.low()).isLessThan(time.likely());
        assertThat(time.high()).isGreaterThan(time.likely());
    }

    @Test
    void aChipIsGroundFirstAndTheSecondaryAfterItOnTheSameWheel() {
        Finding chip = new Finding(Finding.Kind.CHIP, 8, 10, 0.9, false);
        EdgeSurvey chipped = new EdgeSurvey(
                List.of(chip), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.POLISHED, 0);
        SchoolTrial trial = wheel(CHISEL, chipped, SHELF);
        List<Step> ground =
                trial.steps().stream().filter(s -> s.kind() == Step.Kind.GRIND).toList();
        assertThat(ground)
                .extracting(s -> s.angleDeg().orElseThrow())
                .containsExactly(CHISEL.primary().degrees(), CHISEL.lastBevel().degrees());
        assertThat(ground).allMatch(s -> s.abrasiveName().equals("wet wheel"));
        // Set up once: for the secondary the jig is only set anew.
        assertThat(ground.get(1).seconds()).isLessThan(3 * 60);
        assertThat(trial.steps()).noneMatch(s -> s.kind() == Step.Kind.WORK);
    }

    @Test
    void aKnifeGetsBothSidesAndWithNoWheelTheSchoolIsRefused() {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        SchoolTrial trial = wheel(knife, DULL, SHELF);
        assertThat(trial.steps().get(0).how()).containsExactly(StepWords.WHEEL_SIDES.words());
        assertThat(trial.steps().get(1).sides()).containsExactly(Step.Side.LEFT, Step.Side.RIGHT);
        List<Abrasive> without = SHELF.stream()
                .filter(a -> a.kind() != AbrasiveKind.SLOW_WET_WHEEL)
                .toList();
        assertThat(wheel(knife, DULL, without).refused()).isEqualTo(StepWords.NO_WET_WHEEL.words());
        assertThat(steps(knife, School.WET_WHEEL_AND_LEATHER.rules(), without))
                .anyMatch(s -> s.kind() == Step.Kind.WORK);
    }

    private static List<Step> steps(Blade blade, HouseRules rules) {
        return steps(blade, rules, SHELF);
    }

    private static List<Step> steps(Blade blade, HouseRules rules, List<Abrasive> shelf) {
        TargetBevel target = TargetBevel.of(blade);
        WorkPlan plan = WorkPlanner.plan(
                Restorer.restore(blade, DULL, target),
                DULL,
                trade(blade),
                STEEL,
                shelf,
                PlanRules.USUAL.with(HouseStones.of(rules)),
                new PlanAsk(OptionalDouble.empty(), Optional.empty(), Map.of(), Optional.of(target)));
        WorkingMethod manner =
                WorkingMethod.of(blade.kind(), target, Optional.empty()).with(SheetHabits.of(rules));
        return StepSheet.of(plan, target, STEEL, blade.edgeLengthMm(), manner);
    }

    private static String words(List<Step> steps) {
        StringBuilder all = new StringBuilder();
        steps.forEach(s -> all.append(s.title())
                .append(s.how())
                .append(s.look())
                .append(s.gate())
                .append(s.strokes()));
        return all.toString();
    }

    /** Every option of every rule that words the sheet changes the sheet of a knife or of a chisel. */
    @ParameterizedTest
    @EnumSource(
            value = HouseRule.class,
            names = {
                "STROP",
                "FINISH",
                "BURR_BETWEEN",
                "STROKE",
                "LAST_STROKES",
                "LEATHER",
                "SLURRY",
                "FRESH_BURR",
                "KNIFE_SIDES"
            })
    void everyOptionIsSeen(HouseRule rule) {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        Set<String> seen = new HashSet<>();
        for (RuleOption option : rule.options()) {
            HouseRules rules = HouseRules.usual().with(Map.of(rule, option));
            seen.add(words(steps(knife, rules)) + words(steps(CHISEL, rules)));
        }
        // Strop as upkeep only and finishing off the stone end the work alike.
        int alike = rule == HouseRule.STROP ? 1 : 0;
        assertThat(seen).hasSize(rule.options().size() - alike);
    }

    @Test
    void equalSetsAddUpToTheStrokesOfASide() {
        HouseRules sets = HouseRules.usual().with(Map.of(HouseRule.KNIFE_SIDES, RuleOption.KNIFE_SIDES_SETS));
        for (Step s : steps(Blades.blade(GeometryKind.KNIFE), sets)) {
            for (String line : s.how()) {
                if (line.startsWith("In sets")) {
                    String times = line.contains("once") ? "1" : line.replaceAll(".*right, (\\d+) times.*", "$1");
                    String rest = line.contains("and ") ? line.replaceAll(".*and (\\d+) a side.*", "$1") : "0";
                    assertThat(10 * Integer.parseInt(times) + Integer.parseInt(rest))
                            .isEqualTo(s.strokes());
                }
            }
        }
    }

    @Test
    void aSingleBevelKnifeKeepsItsBurrAndTurnsOverOnce() {
        Blade knife = Blades.blade(GeometryKind.SINGLE_BEVEL_KNIFE);
        HouseRules every = HouseRules.usual().with(Map.of(HouseRule.BURR_BETWEEN, RuleOption.BURR_BETWEEN_EVERY));
        List<Step> steps = steps(knife, every);
        assertThat(steps.stream().filter(s -> s.kind() == Step.Kind.DEBURR))
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.title()).contains("the back");
                    assertThat(s.sides()).startsWith(Step.Side.BACK);
                });
    }

    @Test
    void rinsingComesBeforeEveryFinerStoneAndPullingOnTheFirst() {
        List<Step> work = steps(CHISEL, HouseRules.usual()).stream()
                .filter(s -> s.kind() == Step.Kind.WORK && !s.how().isEmpty())
                .toList();
        assertThat(work.get(0).how()).noneMatch(l -> l.startsWith("Before it")).anyMatch(l -> l.contains("pulled"));
        assertThat(work.subList(1, work.size()))
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.how().get(0)).matches(Says.the(StepWords.WASH_BEFORE)));
    }

    @Test
    void rangesAndFactorFollowTheHand() {
        Abrasive.Effort known = new Abrasive.Effort(1.5, 0.19, 3, 0);
        List<Abrasive> taught = SHELF.stream().map(a -> a.with(known)).toList();
        TargetBevel target = TargetBevel.of(CHISEL);
        WorkPlan plan = WorkPlanner.plan(
                Restorer.restore(CHISEL, DULL, target),
                DULL,
                trade(CHISEL),
                STEEL,
                taught,
                PlanRules.USUAL,
                OptionalDouble.empty(),
                Optional.empty());
        Step first =
                StepSheet.of(plan, target, STEEL, 24, WorkingMethod.of(CHISEL.kind(), target, Optional.empty()))
                        .stream()
                        .filter(s -> s.kind() == Step.Kind.WORK)
                        .findFirst()
                        .orElseThrow();
        assertThat(first.handFactor()).isEqualTo(1.5);
        assertThat((double) first.strokesHigh() / first.strokes()).isBetween(1.3, 1.6);
    }
}
