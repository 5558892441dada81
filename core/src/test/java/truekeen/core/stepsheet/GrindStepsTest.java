package truekeen.core.stepsheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.Lubricant;
import truekeen.core.condition.BackState;
import truekeen.core.condition.Dullness;
import truekeen.core.condition.EdgeSurvey;
import truekeen.core.condition.Finding;
import truekeen.core.condition.Restoration;
import truekeen.core.condition.Restorer;
import truekeen.core.keenness.Stretch;
import truekeen.core.progression.PowerOffer;
import truekeen.core.removal.PowerRate;
import truekeen.core.repair.Caution;
import truekeen.core.repair.GrindAct;
import truekeen.core.repair.GrindPlan;
import truekeen.core.repair.Means;
import truekeen.core.section.TargetBevel;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

/** The grinding at the bench: each act a step, its caution once, before it. */
class GrindStepsTest {
    private static final Blade CHISEL = Blades.blade(GeometryKind.CHISEL);
    private static final TargetBevel TARGET = TargetBevel.of(CHISEL);
    private static final Stretch EDGE = new Stretch(0, 24);

    private static Restoration chipped() {
        EdgeSurvey survey = new EdgeSurvey(
                List.of(new Finding(Finding.Kind.CHIP, 8, 9, 1.4, false)),
                EdgeSurvey.Squareness.SQUARE,
                Dullness.DULL,
                true,
                BackState.POLISHED,
                0);
        return Restorer.restore(CHISEL, survey, TARGET);
    }

    private static PowerOffer offer(Means means) {
        var kind = means.kind().orElseThrow();
        double volume = chipped().primary().orElseThrow().volumeMm3();
        PowerRate rate = PowerRate.of(kind).orElseThrow();
        return new PowerOffer(
                new Abrasive(
                        "m",
                        "the machine",
                        kind,
                        kind.grain(),
                        200,
                        false,
                        Abrasive.Shape.WHEEL,
                        Lubricant.DRY,
                        Abrasive.State.READY),
                rate.leastSeconds(volume),
                rate.mostSeconds(volume),
                volume);
    }

    private static List<Step> steps(Means means) {
        GrindPlan plan = GrindPlan.of(
                        chipped(),
                        CHISEL,
                        TARGET,
                        Steels.all().get(0),
                        new GrindPlan.AtHand(means, "the machine", Optional.empty(), "", true))
                .orElseThrow();
        return GrindSteps.of(plan, offer(means), TARGET.primary(), EDGE);
    }

    @Test
    void theClockRunsThreeTimesTheContactAndTwoMinutesToSetUp() {
        PowerOffer offer = offer(Means.BELT);
        double contact = (offer.leastSeconds() + offer.mostSeconds()) / 2;
        double clock = steps(Means.BELT).stream().mapToDouble(Step::seconds).sum();
        assertThat(clock).isCloseTo(120 + 3 * contact, org.assertj.core.api.Assertions.within(0.1 * contact));
        assertThat(offer.leastClockSeconds()).isEqualTo(120 + 3 * offer.leastSeconds());
        assertThat(offer.mostClockSeconds()).isEqualTo(120 + 3 * offer.mostSeconds());
    }

    @ParameterizedTest
    @EnumSource(
            value = Means.class,
            names = {"DRY_WHEEL", "SLOW_WET_WHEEL", "BELT", "PAPER_DISC"})
    void everyActIsAStepThatSaysWhenItIsDone(Means means) {
        List<Step> steps = steps(means);
        assertThat(steps).hasSize(7).allSatisfy(s -> {
            assertThat(s.kind()).isEqualTo(Step.Kind.GRIND);
            assertThat(s.gate()).endsWith("?");
            assertThat(s.why()).isNotBlank();
            assertThat(s.look()).isNotBlank();
            assertThat(s.ifNot()).isNotBlank();
            assertThat(s.seconds()).isPositive();
            assertThat(s.counted()).isFalse();
            // on the machine where steel goes, beside it where none does
            assertThat(s.abrasiveName().isEmpty()).isEqualTo(s.abrasiveId().isEmpty());
        });
        assertThat(steps).filteredOn(s -> !s.abrasiveId().isEmpty()).hasSize(3);
        assertThat(steps).extracting(Step::gate).doesNotHaveDuplicates();
        assertThat(steps).extracting(Step::why).doesNotHaveDuplicates();
        assertThat(steps).extracting(Step::ifNot).doesNotHaveDuplicates();
        assertThat(steps)
                .filteredOn(Step::squares)
                .extracting(s -> s.act().orElseThrow())
                .containsExactly(GrindAct.Kind.BLUNT, GrindAct.Kind.LOOK);
    }

    @Test
    void aCautionStandsAtItsActAndNowhereElse() {
        List<Step> steps = steps(Means.DRY_WHEEL);
        for (Caution c : List.of(Caution.EYES, Caution.SPEED, Caution.NO_GLOVES, Caution.SPARKS, Caution.DUST)) {
            assertThat(steps).filteredOn(s -> s.caution().contains(c.words())).hasSize(1);
        }
        assertThat(steps.get(0).caution()).isEmpty();
    }

    @Test
    void theAngleStandsWhereItIsHeldAndTheDipWhereItIsHot() {
        List<Step> steps = steps(Means.DRY_WHEEL);
        assertThat(steps)
                .filteredOn(s -> s.angleDeg().isPresent())
                .extracting(Step::title)
                .containsExactly("Set the bevel, 25° from the back", "Grind the bevel", "Light passes to the edge");
        assertThat(steps.get(5).look()).containsAnyOf("Count", "too long");
        assertThat(steps(Means.PAPER_DISC).get(5).look()).doesNotContain("dip");
    }
}
