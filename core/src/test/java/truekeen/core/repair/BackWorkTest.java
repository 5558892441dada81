package truekeen.core.repair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Occasion;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.condition.ShapeDeviations;
import truekeen.core.message.Says;
import truekeen.core.progression.PlanRules;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

class BackWorkTest {
    private static final List<Abrasive> SHELF = List.of(
            ByWhatTest.piece("aluminium oxide water stone", 30), ByWhatTest.piece("aluminium oxide water stone", 1.2));

    private static EdgeSurvey pitted(double deep, Finding... findings) {
        return new EdgeSurvey(
                List.of(findings), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, true, BackState.PITTED, deep);
    }

    private static BackWork work(Blade blade, EdgeSurvey survey, boolean thinRule) {
        Occasion occasion = new Occasion(thinRule, OptionalDouble.empty(), false, Occasion.BackDecision.FLATTEN, true);
        TargetBevel target = TargetBevel.of(blade);
        Restoration r = Restorer.restore(blade, survey, target, occasion);
        return BackWork.of(
                        r, survey, blade, Steels.all().get(0), SHELF, PlanRules.USUAL, trade(blade), target, occasion)
                .orElseThrow();
    }

    private static ToolUse trade(Blade blade) {
        return ToolUses.all().stream()
                .filter(t -> t.geometry() == blade.kind())
                .findFirst()
                .orElseThrow();
    }

    private static BackWork.Option option(BackWork work, BackWork.Way way) {
        return work.options().stream().filter(o -> o.way() == way).findFirst().orElseThrow();
    }

    @Test
    void flatteningGoesByDepthStripAndWidth() {
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        BackWork work = work(chisel, pitted(0.06), false);
        BackWork.Option flatten = option(work, BackWork.Way.FLATTEN);
        double edge = Restorer.restore(chisel, pitted(0.06), TargetBevel.of(chisel))
                .secondary()
                .orElseThrow()
                .volumeMm3();
        assertThat(flatten.volumeMm3()).isCloseTo(0.06 * 30 * 24 + edge, within(1e-9));
        assertThat(flatten.decided()).isTrue();
        assertThat(flatten.leastSeconds().getAsDouble()).isPositive();
        BackWork deeper = work(chisel, pitted(0.12), false);
        assertThat(option(deeper, BackWork.Way.FLATTEN).leastSeconds().getAsDouble())
                .isGreaterThan(1.5 * flatten.leastSeconds().getAsDouble());
        assertThat(work.stripMm()).isEqualTo(30);
    }

    @Test
    void aBackBevelIsNeverForAChiselAndSavesAPlaneIron() {
        BackWork chisel = work(Blades.blade(GeometryKind.CHISEL), pitted(0.3), false);
        assertThat(option(chisel, BackWork.Way.BACK_BEVEL).allowed()).isFalse();
        assertThat(option(chisel, BackWork.Way.BACK_BEVEL).reason()).isNotBlank();
        assertThat(option(chisel, BackWork.Way.RETIRE).reason()).contains(RepairWords.PUT_ASIDE_WHY.words());
        BackWork iron = work(Blades.blade(GeometryKind.PLANE_IRON_DOWN), pitted(0.3), true);
        BackWork.Option bevel = option(iron, BackWork.Way.BACK_BEVEL);
        assertThat(bevel.allowed()).isTrue();
        assertThat(bevel.angleDeg().getAsDouble()).isCloseTo(Math.toDegrees(Math.atan(0.3 / 2)), within(1e-9));
        assertThat(bevel.reason()).matches(Says.the(RepairWords.RAISES_CUTTING_ANGLE));
        assertThat(option(iron, BackWork.Way.RETIRE).reason()).contains(RepairWords.PUT_ASIDE_NOT_YET.words());
        BackWork up = work(Blades.blade(GeometryKind.PLANE_IRON_UP), pitted(0.3), true);
        assertThat(option(up, BackWork.Way.BACK_BEVEL).allowed())
                .as("8.5° of a bed of 12° leaves 3.5°")
                .isTrue();
        BackWork.Option deep =
                option(work(Blades.blade(GeometryKind.PLANE_IRON_DOWN), pitted(0.8), true), BackWork.Way.BACK_BEVEL);
        assertThat(deep.allowed()).as("22° would be wanted").isFalse();
        assertThat(deep.reason()).matches(Says.the(RepairWords.PITS_WANT_MORE, "most", "15°", "width", "2"));
    }

    @Test
    void pitsThatWereMarkedCanBePassedByTheEdge() {
        Finding pit = new Finding(Finding.Kind.PIT_BACK, 10, 11.5, 0.2, 0, false);
        BackWork work = work(Blades.blade(GeometryKind.CHISEL), pitted(0, pit), false);
        BackWork.Option past = option(work, BackWork.Way.PAST_THE_PITS);
        // By their depth into the blade, not by their length along it.
        assertThat(past.lostMm()).isGreaterThanOrEqualTo(0.2).isLessThan(1);
        assertThat(past.allowed()).isTrue();
        assertThat(work.depthMm()).isEqualTo(0.2);
        BackWork longer = work(
                Blades.blade(GeometryKind.CHISEL),
                pitted(0, new Finding(Finding.Kind.PIT_BACK, 1, 20, 0.2, 0, false)),
                false);
        assertThat(option(longer, BackWork.Way.PAST_THE_PITS).lostMm()).isEqualTo(past.lostMm());
    }

    @Test
    void theStonesAreNamedInTheirOrder() {
        assertThat(work(Blades.blade(GeometryKind.CHISEL), pitted(0.05), false)
                        .acts()
                        .get(0))
                .contains("the aluminium oxide water stone 30.0, then the aluminium oxide water stone 1.2");
    }

    @Test
    void theTechniqueFollowsTheTool() {
        Blade narrow = Blades.blade(GeometryKind.CHISEL, "width", 6);
        assertThat(String.join(" ", work(narrow, pitted(0.05), false).acts()))
                .contains(RepairWords.BACK_NARROW.words());
        assertThat(String.join(
                        " ",
                        work(Blades.blade(GeometryKind.CHISEL), pitted(0.05), false)
                                .acts()))
                .doesNotContain(RepairWords.BACK_NARROW.words());
        assertThat(String.join(
                        " ",
                        work(Blades.blade(GeometryKind.PLANE_IRON_DOWN), pitted(0.05), true)
                                .acts()))
                .contains("thin rule");
        assertThat(String.join(
                        " ",
                        work(Blades.blade(GeometryKind.PLANE_IRON_DOWN), pitted(0.05), false)
                                .acts()))
                .doesNotContain("thin rule");
        assertThat(String.join(
                        " ",
                        work(Blades.blade(GeometryKind.SINGLE_BEVEL_KNIFE), pitted(0.02), true)
                                .acts()))
                .contains("kisses");
    }

    @Test
    void anOldBackBevelAndABendAreSpokenOf() {
        ShapeDeviations d = new ShapeDeviations(
                List.of(),
                Optional.empty(),
                Optional.of(new ShapeDeviations.OldBack(
                        Length.ofMm(1), Angle.ofDegrees(8), ShapeDeviations.OldBackGoes.BY_THE_BACK)),
                Optional.of(new ShapeDeviations.Bend(Length.ofMm(0.5))));
        EdgeSurvey survey =
                new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, true, BackState.POLISHED, 0, d);
        BackWork work = work(Blades.blade(GeometryKind.CHISEL), survey, false);
        assertThat(String.join(" ", work.acts())).contains("old back bevel").contains("bent by");
        assertThat(option(work, BackWork.Way.PAST_THE_BEVEL).lostMm())
                .isCloseTo(Math.cos(Math.toRadians(8)), within(1e-9));
        assertThat(new ShapeDeviations.Bend(Length.ofMm(1)).missedUnder(200, 400))
                .isEqualTo(0.25);
        assertThat(new ShapeDeviations.Bend(Length.ofMm(1)).missedUnder(200, 100))
                .isEqualTo(1);
    }

    @Test
    void aKnifeMovedIntoThickerSteelIsThinned() {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        ToolUse trade = ToolUses.all().stream()
                .filter(t -> t.geometry() == GeometryKind.KNIFE && t.thinAtMm() > 0)
                .findFirst()
                .orElseThrow();
        EdgeSurvey survey = new EdgeSurvey(
                List.of(new Finding(Finding.Kind.CHIP, 50, 52, 2, false)),
                EdgeSurvey.Squareness.SQUARE,
                Dullness.DULL,
                true,
                BackState.POLISHED,
                0);
        Restoration r = Restorer.restore(knife, survey, TargetBevel.of(knife));
        ThinningAhead t = ThinningAhead.of(r, knife, trade).orElseThrow();
        assertThat(t.afterMm()).isGreaterThan(t.nowMm());
        double excess = t.afterMm() - Math.min(t.nowMm(), t.limitMm());
        assertThat(t.reliefMm3()).isCloseTo(excess * 10 / 2 * 180, within(1e-9));
        assertThat(t.facesMm3()).isGreaterThan(t.reliefMm3());
        assertThat(ThinningAhead.of(r, Blades.blade(GeometryKind.CHISEL), trade))
                .isEmpty();
    }
}
