package truekeen.core.condition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.condition.Occasion.BackDecision;
import truekeen.core.job.Hold;
import truekeen.core.job.Job;
import truekeen.core.job.JobKind;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.section.EdgeShape;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

/** What a sharpening is made of: each job charged with its own steel, the blade afterwards what the last one leaves. */
class JobListTest {
    private static EdgeSurvey dull(BackState back, double depth, Finding... found) {
        return new EdgeSurvey(List.of(found), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, true, back, depth);
    }

    private static Occasion occasion(boolean thinRule, BackDecision back) {
        return new Occasion(thinRule, OptionalDouble.empty(), false, back, true);
    }

    private static List<JobKind> kinds(Restoration r) {
        return r.jobs().stream().map(Job::kind).toList();
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void theSteelIsThatOfTheJobsAndTheBladeIsWhatTheyLeave(GeometryKind kind) {
        Blade blade = Blades.blade(kind);
        Restoration r = Restorer.restore(blade, dull(BackState.POLISHED, 0), TargetBevel.of(blade));
        assertThat(r.jobs()).isNotEmpty();
        assertThat(r.volumeMm3())
                .isCloseTo(
                        r.jobs().stream()
                                .mapToDouble(j -> j.shaping().volumeMm3())
                                .sum(),
                        within(1e-12));
        assertThat(r.measuresAfter()).isEqualTo(Job.after(blade, r.jobs()).measures());
        assertThat(blade.usable().mm() - r.measuresAfter().values().get("usableLength"))
                .isCloseTo(r.lostMm(), within(1e-9));
        assertThat(r.jobs()).filteredOn(Job::edge).hasSize(1);
        assertThat(kind == GeometryKind.CONVEX_BLADE).isEqualTo(kinds(r).contains(JobKind.CURVE));
    }

    @Test
    void aFaceIsOnlyCalledWhatItsJobMadeOfIt() {
        Blade iron = Blades.blade(GeometryKind.PLANE_IRON_DOWN);
        EdgeSurvey touch = new EdgeSurvey(
                List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.TOUCH_UP, false, BackState.POLISHED, 0);
        Restoration stropped = Restorer.restore(iron, touch, TargetBevel.of(iron));
        assertThat(stropped.jobs()).isEmpty();
        assertThat(stropped.measuresAfter()).isEqualTo(iron.measures());
        Restoration onTheStone = Restorer.restore(iron, touch, TargetBevel.of(iron), Occasion.PLAIN.withoutStrop());
        assertThat(kinds(onTheStone)).containsExactly(JobKind.SECONDARY);
    }

    @Test
    void theBackBevelIsChargedToItselfAndMovesTheEdge() {
        Blade knife = Blades.blade(GeometryKind.DRAWKNIFE);
        EdgeSurvey pitted = dull(BackState.PITTED, 0.1);
        assertThat(BackDecision.usual(knife, pitted, false)).isEqualTo(BackDecision.BACK_BEVEL);
        Restoration r =
                Restorer.restore(knife, pitted, TargetBevel.of(knife), occasion(false, BackDecision.BACK_BEVEL));
        assertThat(kinds(r)).contains(JobKind.BACK_BEVEL).doesNotContain(JobKind.BACK);
        Job bevel = r.job(JobKind.BACK_BEVEL).orElseThrow();
        Angle lift = bevel.angle().orElseThrow();
        // Over its width it clears the pits: only as steep as it must be.
        assertThat(EdgeShape.backBevelWidthMm(lift) * lift.tan()).isCloseTo(0.1, within(1e-9));
        assertThat(r.measuresAfter().values().get("backBevel")).isEqualTo(lift.degrees());
        assertThat(bevel.backSide()).isTrue();
        assertThat(r.back().volumeMm3())
                .as("what flattening would take is still told")
                .isPositive();
    }

    @Test
    void theDecisionAboutTheBackChangesTheJobs() {
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        EdgeSurvey pitted = dull(BackState.PITTED, 0.15);
        TargetBevel as = TargetBevel.of(chisel);
        assertThat(kinds(Restorer.restore(chisel, pitted, as, occasion(false, BackDecision.FLATTEN))))
                .contains(JobKind.BACK);
        assertThat(kinds(Restorer.restore(chisel, pitted, as, occasion(false, BackDecision.LEAVE))))
                .doesNotContain(JobKind.BACK);
        Restoration past = Restorer.restore(chisel, pitted, as, occasion(false, BackDecision.PAST_THE_PITS));
        assertThat(kinds(past)).doesNotContain(JobKind.BACK);
        assertThat(past.newEdgeMm()).isCloseTo(0.15, within(1e-9));
        assertThatThrownBy(() -> Restorer.restore(chisel, pitted, as, occasion(false, BackDecision.BACK_BEVEL)))
                .isInstanceOf(RefusedException.class);
    }

    @Test
    void theThinRuleIsLaidInsteadOfFlatteningAndOnlyWhereItIsWanted() {
        Blade iron = Blades.blade(GeometryKind.PLANE_IRON_DOWN);
        TargetBevel as = TargetBevel.of(iron);
        Occasion ruled = occasion(true, BackDecision.FLATTEN);
        Restoration first = Restorer.restore(iron, dull(BackState.RIDGED, 0), as, ruled);
        assertThat(kinds(first)).contains(JobKind.THIN_RULE).doesNotContain(JobKind.BACK);
        assertThat(first.job(JobKind.THIN_RULE).orElseThrow().hold()).isEqualTo(Hold.RULE);
        assertThat(kinds(Restorer.restore(iron, dull(BackState.POLISHED, 0), as, ruled)))
                .doesNotContain(JobKind.THIN_RULE);
        Blade later = iron.kind().build(first.measuresAfter());
        assertThat(kinds(Restorer.restore(later, dull(BackState.POLISHED, 0), TargetBevel.of(later), ruled)))
                .contains(JobKind.THIN_RULE);
        assertThat(kinds(Restorer.restore(
                        Blades.blade(GeometryKind.CHISEL),
                        dull(BackState.RIDGED, 0),
                        TargetBevel.of(Blades.blade(GeometryKind.CHISEL)),
                        ruled)))
                .as("never on a chisel")
                .doesNotContain(JobKind.THIN_RULE);
    }

    @Test
    void aThickKnifeIsThinnedAndABroadFaceWorkedWhenDue() {
        Blade knife = Blades.blade(GeometryKind.KNIFE, "behindEdge", 0.8);
        Occasion thin = new Occasion(false, OptionalDouble.of(0.5), false, BackDecision.FLATTEN, true);
        Restoration r = Restorer.restore(knife, dull(BackState.POLISHED, 0), TargetBevel.of(knife), thin);
        Job cheeks = r.job(JobKind.THINNING).orElseThrow();
        assertThat(cheeks.angle().orElseThrow().degrees())
                .isBetween(knife.lastBevel().degrees() - 6, knife.lastBevel().degrees() - 4);
        assertThat(r.measuresAfter().values().get("behindEdge")).isLessThanOrEqualTo(0.5);
        Blade fish = Blades.blade(GeometryKind.SINGLE_BEVEL_KNIFE);
        Occasion due = new Occasion(false, OptionalDouble.empty(), true, BackDecision.FLATTEN, true);
        assertThat(kinds(Restorer.restore(fish, dull(BackState.POLISHED, 0), TargetBevel.of(fish), due)))
                .containsExactly(JobKind.BROAD_FACE, JobKind.SECONDARY);
    }
}
