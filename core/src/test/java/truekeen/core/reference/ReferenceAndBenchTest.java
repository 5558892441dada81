package truekeen.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.advice.Formula;
import truekeen.core.angle.AngleChooser;
import truekeen.core.angle.AngleHistory;
import truekeen.core.angle.EdgeOutcome;
import truekeen.core.balance.BalanceTry;
import truekeen.core.balance.MarkedWidths;
import truekeen.core.balance.RotaryBlade;
import truekeen.core.care.Dish;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.MeanLoss;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.grit.GritStandard;
import truekeen.core.grit.GritTable;
import truekeen.core.hand.HandLog;
import truekeen.core.hand.StrokeRatio;
import truekeen.core.heat.EdgeFin;
import truekeen.core.heat.HeatModel;
import truekeen.core.holding.BarHolder;
import truekeen.core.holding.BeltTable;
import truekeen.core.holding.HandStone;
import truekeen.core.holding.Holder;
import truekeen.core.holding.HolderKind;
import truekeen.core.holding.RestHolder;
import truekeen.core.holding.RollerHolder;
import truekeen.core.holding.Seat;
import truekeen.core.holding.Setting;
import truekeen.core.holding.SpineHone;
import truekeen.core.holding.SpineStack;
import truekeen.core.holding.WedgeBlock;
import truekeen.core.holding.Wheel;
import truekeen.core.job.JobKind;
import truekeen.core.job.Shaping;
import truekeen.core.job.Thinning;
import truekeen.core.keenness.EdgeTest;
import truekeen.core.keenness.Reading;
import truekeen.core.machine.Ground;
import truekeen.core.machine.RunningHours;
import truekeen.core.powered.Tooling;
import truekeen.core.profile.EdgeProfile;
import truekeen.core.profile.ProfileComparison;
import truekeen.core.progression.FinishWindow;
import truekeen.core.progression.PlanRules;
import truekeen.core.progression.ProgressionPlanner;
import truekeen.core.progression.StoneWork;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.removal.PowerRate;
import truekeen.core.removal.StockRemoval;
import truekeen.core.repair.Overheated;
import truekeen.core.repair.SharpeningsLeft;
import truekeen.core.section.FlatBackSection;
import truekeen.core.section.HollowGrind;
import truekeen.core.section.KnifeSection;
import truekeen.core.section.MicroBevel;
import truekeen.core.section.Point;
import truekeen.core.section.TargetBevel;
import truekeen.core.setup.Camber;
import truekeen.core.setup.GuideCalibration;
import truekeen.core.setup.InkBand;
import truekeen.core.setup.ThinRule;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.PlaneIron;
import truekeen.core.tool.ToolUses;

/** The Reference answers what the bench answers: one formula after the other, asked of both. */
class ReferenceAndBenchTest {
    private static final Blade KNIFE = Blades.blade(GeometryKind.KNIFE);
    private static final Seat KNIFE_SEAT = Seat.of(KNIFE);
    private static final Seat CHISEL_SEAT = Seat.of(Blades.chisel(24, 3.2, 100, 20, 25, Optional.empty()));
    private static final RollerHolder GUIDE = new RollerHolder(
            HolderKind.ROLLER_GUIDE,
            mm(9.5),
            mm(14),
            mm(11.5),
            false,
            Optional.of(mm(1.5)),
            Optional.of(mm(8)),
            Optional.of(mm(60)),
            Optional.empty(),
            List.of(mm(31.748711305964292)));
    private static final Wheel DRY = wheel(150, Wheel.Kind.DRY_STONE);

    /** A question: what the bench gives, and which output of which calculator, asked with what instead of its example. */
    private record Pair(double bench, String calculator, String output, Object... instead) {
        double reference() {
            Calculator c = Calculators.byId(calculator).orElseThrow();
            Map<String, Object> given = new HashMap<>(c.example());
            for (int i = 0; i < instead.length; i += 2) {
                given.put((String) instead[i], instead[i + 1]);
            }
            Object answer = c.ask(given).get(output);
            return answer instanceof List<?> list ? (Double) list.get(0) : (Double) answer;
        }
    }

    private static final Map<Formula, Pair> ALL = new EnumMap<>(Formula.class);

    static {
        sections();
        holding();
        shop();
        work();
        repair();
        powered();
    }

    @Test
    void noFormulaIsLeftOut() {
        assertThat(ALL.keySet()).containsExactlyInAnyOrder(Formula.values());
    }

    @ParameterizedTest
    @EnumSource(Formula.class)
    void bothGiveTheSame(Formula formula) {
        Pair pair = ALL.get(formula);
        assertThat(Calculators.byId(pair.calculator).orElseThrow().formula()).isEqualTo(formula);
        assertThat(pair.reference()).isCloseTo(pair.bench, within(1e-6 * Math.max(1, Math.abs(pair.bench))));
    }

    private static void sections() {
        KnifeSection knife = new KnifeSection(mm(48), mm(2.2), mm(0.35), deg(17));
        Restoration moved =
                dull(Blades.blade(GeometryKind.KNIFE, "secondary", Double.NaN, "secondaryWidth", Double.NaN));
        double lost = moved.lostMm();
        put(Formula.BEVEL_WIDTH, knife.edgeFace().mm(), "knife-edge-bevel", "face");
        put(
                Formula.BEHIND_EDGE,
                moved.measuresAfter().values().get("behindEdge"),
                "knife-recession",
                "behindEdge",
                "recession",
                lost);
        Blade flat = Blades.chisel(24, 3.2, 100, 20, 25, Optional.empty());
        Restoration ground = dull(flat);
        put(
                Formula.FLAT_BACK_AREA,
                ground.volumeMm3() / 24,
                "flat-back-bevel",
                "movedBack",
                "recession",
                ground.lostMm());
        put(
                Formula.BEVEL_FROM_LENGTH,
                FlatBackSection.fromBevelLength(mm(3.2), mm(7.57)).degrees(),
                "angle-from-bevel-length",
                "angle");
        EdgeSurvey.Squareness off = new EdgeSurvey.Squareness(EdgeSurvey.HighCorner.LEFT, deg(1.5), true);
        put(Formula.SQUARING, off.behindAt(38, 38), "square-correction", "corner");
        put(Formula.SKEW, FlatBackSection.alongAxis(deg(25), deg(30)).degrees(), "skewed-edge", "along");
        Restoration honed = dull(Blades.chisel(24, 3.6, 88, 25, 25, Blades.micro(30, 0.6)));
        put(
                Formula.MICRO_BEVEL,
                MicroBevel.recession(mm(0.6), deg(25), deg(30)).mm() + honed.lostMm(),
                "micro-bevel",
                "recession",
                "width",
                honed.honedWidthMm());
        put(
                Formula.HONINGS_LEFT,
                Math.floor(MeanLoss.FIRST.in(honed.honingRecessionMm()).likely()),
                "honings-left",
                "honings",
                "width",
                honed.honedWidthMm(),
                "widest",
                Restorer.widestSecondaryMm(
                        Blades.chisel(24, 3.6, 88, 25, 25, Blades.micro(30, 0.6)), new TargetBevel(deg(25), deg(30))),
                "each",
                MeanLoss.FIRST.mm());
        HollowGrind hollow = new HollowGrind(mm(3.2), mm(200), deg(25));
        put(Formula.HOLLOW_GRIND, hollow.edge().degrees(), "hollow-grind", "edge");
        put(Formula.HOLLOW_HONINGS, Math.floor(hollow.honings(mm(MeanLoss.FIRST.mm()))), "hollow-honings", "honings");
        put(
                Formula.INCLUDED_ANGLE,
                2 * KNIFE.lastBevel().degrees(),
                "included-angle",
                "included",
                "first",
                19.0,
                "second",
                19.0);
        put(
                Formula.SHARPENINGS_UNTIL_THIN,
                Math.floor(knife.recessionUntil(mm(0.45)).mm() / 0.008),
                "sharpenings-until-thinned",
                "sharpenings");
    }

    private static void holding() {
        Setting guide = GUIDE.setting(CHISEL_SEAT, deg(30));
        put(Formula.GUIDE_PROJECTION, guide.value(), "guide-projection", "projection");
        put(Formula.STOP_BLOCK, aside(guide, Formula.STOP_BLOCK), "stop-blocks", "blocks", "angles", List.of(30.0));
        put(
                Formula.ECCENTRIC_STEP,
                aside(guide, Formula.ECCENTRIC_STEP),
                "eccentric-roller",
                "angle",
                "projection",
                guide.value());
        put(
                Formula.BODY_CLEARANCE,
                aside(guide, Formula.BODY_CLEARANCE),
                "guide-body-clearance",
                "clearance",
                "projection",
                guide.value(),
                "angle",
                30.0);
        List<GuideCalibration.Pair> pairs = List.of(
                new GuideCalibration.Pair(mm(47.3), deg(23.6)),
                new GuideCalibration.Pair(mm(34.2), deg(30.4)),
                new GuideCalibration.Pair(mm(27.1), deg(36.1)));
        put(
                Formula.GUIDE_CALIBRATION,
                GuideCalibration.fit(mm(9.5), pairs, GuideCalibration.Readings.USUAL)
                        .guide()
                        .axleBelowBack()
                        .mm(),
                "guide-calibration",
                "axleBelowBack");
        put(
                Formula.WHEEL_SPEED,
                new Wheel("w", Wheel.Kind.DRY_STONE, mm(150), OptionalDouble.of(2850), OptionalDouble.empty())
                        .speed()
                        .orElseThrow(),
                "wheel-speed",
                "speed");
        put(Formula.PLATFORM_REST, set(new RestHolder(DRY, mm(15)), CHISEL_SEAT, 25), "platform-rest", "tilt");
        put(
                Formula.SUPPORT_BAR,
                set(new BarHolder(wheel(225, Wheel.Kind.WET_STONE), mm(152), mm(-19), mm(7)), CHISEL_SEAT, 27),
                "support-bar",
                "gap");
        put(Formula.BELT_TABLE, set(new BeltTable(deg(3)), CHISEL_SEAT, 25), "belt-table", "tilt", "slack", 3.0);
        Setting stack = new SpineStack(Optional.of(mm(0.3)), Optional.empty()).setting(KNIFE_SEAT, deg(15));
        put(Formula.SPINE_HEIGHT, stack.value(), "spine-height", "height");
        put(Formula.STACK, aside(stack, Formula.STACK), "stack-of-objects", "whole");
        put(
                Formula.HALVING,
                aside(new SpineStack(Optional.empty(), Optional.empty()).setting(KNIFE_SEAT, deg(22)), Formula.HALVING),
                "halved-right-angle",
                "angle");
        put(Formula.WEDGE, set(new WedgeBlock(Optional.empty()), KNIFE_SEAT, 15), "wedge", "wedge");
        Blade drawknife = Blades.blade(GeometryKind.DRAWKNIFE);
        put(
                Formula.SPINE_HONE,
                set(new SpineHone(Optional.empty()), Seat.of(drawknife), 30),
                "spine-hone-foot",
                "foot",
                "width",
                35.0,
                "thickness",
                5.0);
        Seat axe = Seat.of(Blades.blade(GeometryKind.CONVEX_BLADE));
        put(
                Formula.HAND_STONE,
                set(new HandStone(mm(100)), axe, 25),
                "hand-stone-gap",
                "gap",
                "taper",
                axe.taper(deg(25)).degrees(),
                "crosses",
                axe.crossesMm(deg(25)));
        put(Formula.INK_BAND, InkBand.off(0.01, mm(0.8)).degrees(), "ink-band", "off");
        put(Formula.DISHED_STONE, Dish.error(0.15, 200).degrees(), "dished-stone", "angle");
    }

    private static void shop() {
        PlaneIron up = (PlaneIron) Blades.blade(GeometryKind.PLANE_IRON_UP);
        put(
                Formula.CUTTING_ANGLE,
                up.cutting(deg(38), deg(2)).degrees(),
                "cutting-angle",
                "cutting",
                "bed",
                12.0,
                "bevel",
                "up",
                "last",
                38.0,
                "back",
                2.0);
        put(
                Formula.CLEARANCE,
                up.clearance(deg(38), deg(2)).degrees(),
                "clearance",
                "clearance",
                "bed",
                12.0,
                "bevel",
                "up",
                "last",
                38.0,
                "back",
                2.0);
        put(Formula.THIN_RULE, ThinRule.angle(mm(0.5), mm(60)).degrees(), "thin-rule", "back");
        Camber camber = new Camber(mm(50), deg(45), mm(1.2));
        put(Formula.CAMBER, camber.onIron().mm(), "camber", "onIron", "width", 50.0, "belowSole", 1.2);
        put(Formula.SHAVING_WIDTH, camber.shavingWidth(mm(0.6)).mm(), "shaving-width", "shaving");
        put(Formula.STATION_STROKES, camber.shapingStrokes(25).get(0), "station-strokes", "shaping");
        put(
                Formula.GRIT_SIZE,
                GritTable.grain("name", GritStandard.FEPA_P, "P1000").d50Um(),
                "grit-size",
                "d50");
        SteelClass steel = Steels.byName("low-alloy tool steel").orElseThrow();
        Abrasive stone = stone(9.5);
        put(
                Formula.STROKES,
                StockRemoval.strokes(stone, steel, 20, 0.8985),
                "strokes",
                "strokes",
                "sliding",
                stone.strokeMm());
        put(Formula.UNBALANCE, BalanceTry.hung(0, 2, 5, mm(250), mm(250)).unbalanceGmm(), "unbalance", "unbalance");
        put(Formula.SHAKING_FORCE, RotaryBlade.shakingForce(1250, 3000), "shaking-force", "force");
        put(
                Formula.PERMISSIBLE_UNBALANCE,
                RotaryBlade.permissible(16, 0.7, 3000),
                "permissible-unbalance",
                "permissible");
        put(Formula.TIP_SPEED, RotaryBlade.tipSpeed(mm(510), 3000), "tip-speed", "speed");
        put(Formula.TRIMMER_STROKES, RotaryBlade.strokes(54, 2, 6), "trimmer-strokes", "strokes");
    }

    private static void work() {
        SteelClass steel = Steels.byName("low-alloy tool steel").orElseThrow();
        put(
                Formula.ANGLE_CHOICE,
                AngleChooser.choose(
                                ToolUses.byKey("bench chisel / paring soft wood")
                                        .orElseThrow(),
                                steel,
                                Optional.empty())
                        .last()
                        .degrees(),
                "angle-choice",
                "last");
        put(
                Formula.ANGLE_HISTORY,
                AngleHistory.of(List.of(
                                new EdgeOutcome(deg(25), EdgeOutcome.Result.HELD),
                                new EdgeOutcome(deg(25), EdgeOutcome.Result.CHIPPED),
                                new EdgeOutcome(deg(27), EdgeOutcome.Result.CHIPPED)))
                        .wanted()
                        .orElseThrow()
                        .degrees(),
                "angle-history",
                "last");
        Restoration chip = chipped(Blades.chisel(24, 3.2, 100, 20, 25, Optional.empty()), 0.3);
        put(Formula.NEW_EDGE, chip.lostMm(), "new-edge", "lost");
        put(Formula.STEEL_TO_GO, chip.volumeMm3(), "steel-to-go", "volume");
        List<Abrasive> shelf = new ArrayList<>();
        for (double um : new double[] {30, 9.5, 3, 2}) {
            shelf.add(stone(um));
        }
        StoneWork job = new StoneWork(
                JobKind.PRIMARY,
                new Shaping(21.589, 204, 0.22),
                3,
                Optional.of(new FinishWindow(1, 2, 4)),
                StoneWork.Forces.of(20),
                false,
                java.util.EnumSet.of(Abrasive.Shape.BENCH));
        put(
                Formula.LEAST_TIME,
                ProgressionPlanner.plan(shelf, job, steel, PlanRules.USUAL, false)
                        .seconds(),
                "least-time",
                "seconds");
        List<Reading> readings = new ArrayList<>();
        for (double grams : new double[] {130, 120, 140, 125, 135}) {
            readings.add(new Reading(readings.size(), grams));
        }
        put(Formula.KEENNESS_INDEX, new EdgeTest(readings, 110, 24).index(), "keenness-index", "index");
        EdgeFin fin = EdgeFin.flatBack(mm(0), deg(25), mm(4), mm(20), mm(80));
        put(Formula.WHEEL_HEAT, new HeatModel(fin, 43).contact(60, 20, 140, 0.5).edgeC(), "wheel-heat", "edge");
    }

    private static void repair() {
        put(
                Formula.SHARPENINGS_LEFT,
                SharpeningsLeft.of(20, MeanLoss.FIRST).number().likely(),
                "sharpenings-left",
                "sharpenings");
        put(Formula.THINNING, Thinning.wedgeMm3(0.15, 10, 180), "thinning", "volume");
        Blade tool = Blades.chisel(24, 3.2, 100, 20, 25, Optional.empty());
        EdgeSurvey hollow =
                new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.PITTED, 0.05);
        put(
                Formula.BACK_FLATTENING,
                Restorer.restore(tool, hollow, TargetBevel.of(tool)).back().volumeMm3(),
                "back-flattening",
                "volume");
        put(
                Formula.GRINDING_TIME,
                PowerRate.of(AbrasiveKind.DRY_WHEEL).orElseThrow().leastSeconds(60.5),
                "grinding-time",
                "least");
        put(
                Formula.OVERHEATED,
                Overheated.of(
                                Overheated.Sign.STRAW,
                                2,
                                EdgeFin.flatBack(mm(0), deg(25), mm(3.2), mm(1), mm(60)),
                                Steels.byName("plain carbon").orElseThrow())
                        .leastMm(),
                "overheated",
                "least");
        double[] before = {0, 0.1, 0.4, 0.9, 1.6, 2.5, 3.6, 4.9};
        double[] after = {0.5, 0.6, 0.9, 1.4, 2.6, 3.6, 4.2, 5.4};
        put(
                Formula.PROFILE_CHANGE,
                ProfileComparison.of(profile(before), profile(after), true).lostMm(),
                "profile-change",
                "lost");
        put(
                Formula.HAND_FACTOR,
                HandLog.of(java.util.Collections.nCopies(
                                3, new StrokeRatio("", "a", "stone", "steel", 1.5, StrokeRatio.Judged.HAND)))
                        .effort("a", "stone", "steel")
                        .factor(),
                "hand-factor",
                "factor");
    }

    private static void powered() {
        put(Formula.EDGES_ALIKE, Tooling.alike(760 / 2.0 / 2.1), "edges-alike", "strokes");
        put(
                Formula.MARKED_LOSS,
                MarkedWidths.of(
                                List.of(List.of(55.0), List.of(55.0)),
                                List.of(List.of(53.0), List.of(53.2)),
                                mm(95),
                                mm(4))
                        .massG(),
                "marked-loss",
                "mass");
        put(Formula.HOURS_DUE, run(8, Ground.CLEAN) + run(4, Ground.STONY) + run(1, Ground.SANDY), "hours-due", "wear");
    }

    private static void put(Formula formula, double bench, String calculator, String output, Object... instead) {
        ALL.put(formula, new Pair(bench, calculator, output, instead));
    }

    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    private static Angle deg(double degrees) {
        return Angle.ofDegrees(degrees);
    }

    private static Wheel wheel(double diameter, Wheel.Kind kind) {
        return new Wheel("w", kind, mm(diameter), OptionalDouble.empty(), OptionalDouble.empty());
    }

    private static double set(Holder holder, Seat seat, double degrees) {
        return holder.setting(seat, deg(degrees)).value();
    }

    private static double aside(Setting setting, Formula formula) {
        return setting.asides().stream()
                .filter(a -> a.formula() == formula)
                .findFirst()
                .orElseThrow()
                .value();
    }

    private static Abrasive stone(double um) {
        AbrasiveKind kind = AbrasiveKind.OXIDE_WATER_STONE;
        return new Abrasive(
                "stone " + um,
                "",
                kind,
                kind.grain(),
                um,
                false,
                Abrasive.Shape.BENCH,
                kind.lubricants().get(0),
                Abrasive.State.READY);
    }

    private static EdgeSurvey survey(List<Finding> findings) {
        return new EdgeSurvey(findings, EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.POLISHED, 0);
    }

    private static Restoration dull(Blade blade) {
        return Restorer.restore(blade, survey(List.of()), TargetBevel.of(blade));
    }

    private static Restoration chipped(Blade blade, double depth) {
        Finding chip = new Finding(Finding.Kind.CHIP, 11.5, 12.5, depth, false);
        return Restorer.restore(blade, survey(List.of(chip)), TargetBevel.of(blade));
    }

    private static EdgeProfile profile(double[] offsets) {
        List<Point> points = new ArrayList<>();
        for (double offset : offsets) {
            points.add(new Point(points.size() * 15, offset));
        }
        return EdgeProfile.through(points);
    }

    private static double run(double hours, Ground ground) {
        return new RunningHours.Run(LocalDate.EPOCH, hours, ground).worn();
    }
}
