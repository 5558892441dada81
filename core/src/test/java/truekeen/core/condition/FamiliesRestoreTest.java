package truekeen.core.condition;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.KnifeSection;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

/** What must hold when any family is restored. */
class FamiliesRestoreTest {
    private static EdgeSurvey survey(Dullness dullness, Finding... findings) {
        return new EdgeSurvey(List.of(findings), EdgeSurvey.Squareness.SQUARE, dullness, false, BackState.POLISHED, 0);
    }

    private static Finding chip(double from, double to, double deep) {
        return new Finding(Finding.Kind.CHIP, from, to, deep, false);
    }

    private static Restoration asItIs(Blade blade, EdgeSurvey survey) {
        return Restorer.restore(blade, survey, TargetBevel.of(blade));
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void aLostBiteGoesToTheStropAndTakesNothing(GeometryKind kind) {
        Restoration r = asItIs(Blades.blade(kind), survey(Dullness.TOUCH_UP));
        if (kind.powered() || kind == GeometryKind.SHEAR_BLADE) {
            assertThat(r.scope()).as("no strop is for a mower, nor for shears").isNotEqualTo(Scope.STROP_ONLY);
            assertThat(r.volumeMm3()).isPositive();
            return;
        }
        assertThat(r.scope()).isEqualTo(Scope.STROP_ONLY);
        assertThat(r.volumeMm3()).isZero();
        assertThat(r.measuresAfter().values().get("usableLength"))
                .isEqualTo(Blades.sample(kind).get("usableLength"));
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void dullerMeansMoreSteelAndADeeperChipDecides(GeometryKind kind) {
        Blade blade = Blades.blade(kind);
        double dull = asItIs(blade, survey(Dullness.DULL)).volumeMm3();
        double light = asItIs(blade, survey(Dullness.LIGHT_VISIBLE)).volumeMm3();
        Restoration chipped = asItIs(blade, survey(Dullness.DULL, chip(1, 1.6, 0.3)));
        assertThat(dull).isPositive();
        assertThat(light).isGreaterThan(dull);
        assertThat(chipped.newEdgeMm()).isCloseTo(0.3, within(1e-9));
        assertThat(chipped.volumeMm3()).isGreaterThan(light);
        Finding left = new Finding(Finding.Kind.CHIP, 1, 1.6, 0.3, true);
        assertThat(asItIs(blade, survey(Dullness.DULL, left)).newEdgeMm()).isEqualTo(Dullness.DULL.recessionMm(kind));
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void aBladeSharpenedAgainAndAgainStaysABladeOfItsFamily(GeometryKind kind) {
        Blade blade = Blades.blade(kind);
        double before = blade.usable().mm();
        for (int i = 0; i < 12; i++) {
            Restoration r = asItIs(blade, survey(Dullness.LIGHT_VISIBLE));
            Checks checks = new Checks();
            Optional<Blade> worn = kind.read(r.measuresAfter().values(), checks);
            assertThat(checks.refusals()).as("%s after %s", kind, i).isEmpty();
            blade = worn.orElseThrow();
            assertThat(blade.usable().mm()).isLessThan(before).isCloseTo(before - r.lostMm(), within(1e-9));
            before = blade.usable().mm();
        }
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void anEdgeMovedPastTheSteelIsRefusedWithTheLimit(GeometryKind kind) {
        Blade blade = Blades.blade(kind);
        double past = blade.usable().mm() + 1;
        assertThatThrownBy(() -> asItIs(blade, survey(Dullness.DULL, chip(1, 2, past))))
                .isInstanceOfSatisfying(RefusedException.class, r -> {
                    assertThat(r.refusals().get(0).code()).isEqualTo(MessageCode.MOVED_PAST_STEEL);
                    assertThat(r.getMessage()).contains(blade.usable().toString());
                });
    }

    @Test
    void aKnifeThickensAsTheClosedFormSays() {
        Blade knife =
                Blades.blade(GeometryKind.KNIFE, "secondary", Double.NaN, "secondaryWidth", Double.NaN, "tipRise", 0);
        Restoration r = asItIs(knife, survey(Dullness.DULL, chip(10, 12, 0.4)));
        KnifeSection closed =
                new KnifeSection(Length.ofMm(48), Length.ofMm(2.2), Length.ofMm(0.35), Angle.ofDegrees(17));
        assertThat(r.measuresAfter().values().get("behindEdge"))
                .isCloseTo(
                        closed.behindEdgeAfter(Length.ofMm(0.4), closed.edge()).mm(), within(1e-9));
        assertThat(r.before()).hasSize(1);
        // All along but for the chip, the closed area goes.
        assertThat(r.volumeMm3()).isCloseTo(0.1433 * 180, within(0.2));
    }

    @Test
    void onlyTheEdgeBevelOfASingleBevelKnifeIsHonedUntilItIsTooWide() {
        Blade knife = Blades.blade(GeometryKind.SINGLE_BEVEL_KNIFE);
        Restoration light = asItIs(knife, survey(Dullness.DULL));
        assertThat(light.primary()).isEmpty();
        assertThat(light.honedWidthMm()).isGreaterThan(0.9).isLessThan(1);
        assertThat(light.measuresAfter().values().get("edgeBevelWidth")).isEqualTo(light.honedWidthMm());
        Blade wide = Blades.blade(GeometryKind.SINGLE_BEVEL_KNIFE, "edgeBevelWidth", 3.2);
        Restoration face = asItIs(wide, survey(Dullness.DULL));
        assertThat(face.primary()).isPresent();
        // a little under the fresh width: the hollow of the back takes part of the facet away
        assertThat(face.honedWidthMm()).isBetween(0.77, 0.8);
    }

    @Test
    void pitsEndAChiselAndABackBevelSavesAPlaneIron() {
        EdgeSurvey pitted =
                new EdgeSurvey(List.of(), EdgeSurvey.Squareness.SQUARE, Dullness.DULL, false, BackState.PITTED, 0.4);
        Restoration chisel = asItIs(Blades.blade(GeometryKind.CHISEL), pitted);
        assertThat(chisel.scope()).isEqualTo(Scope.RETIRE);
        assertThat(chisel.reasons().get(0)).contains("reference that guides the cut");
        Restoration iron = asItIs(Blades.blade(GeometryKind.PLANE_IRON_DOWN), pitted);
        assertThat(iron.scope()).isNotEqualTo(Scope.RETIRE);
        assertThat(iron.reasons()).anyMatch(r -> r.contains("back bevel"));
    }

    @Test
    void whatAFamilyDoesNotTakeIsRefused() {
        Angle b = Angle.ofDegrees(25);
        TargetBevel backed = new TargetBevel(b, b, Optional.of(Angle.ofDegrees(2)), Optional.empty());
        assertThatThrownBy(() -> Restorer.restore(Blades.blade(GeometryKind.CHISEL), survey(Dullness.DULL), backed))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("reference that guides the cut");
        TargetBevel hollow = new TargetBevel(b, b, Optional.empty(), Optional.of(Length.ofMm(200)));
        assertThatThrownBy(() -> Restorer.restore(Blades.blade(GeometryKind.KNIFE), survey(Dullness.DULL), hollow))
                .isInstanceOf(RefusedException.class);
    }

    @Test
    void aFlatChiselIsGroundHollowOnceAndThenHonedOnItsLands() {
        Angle b = Angle.ofDegrees(25);
        TargetBevel hollow = new TargetBevel(b, b, Optional.empty(), Optional.of(Length.ofMm(200)));
        Blade flat = Blades.blade(GeometryKind.CHISEL, "secondary", Double.NaN, "secondaryWidth", Double.NaN);
        Restoration ground = Restorer.restore(flat, survey(Dullness.DULL), hollow);
        assertThat(ground.primary()).isPresent();
        assertThat(ground.reasons()).contains(ConditionWords.TO_BE_GROUND_HOLLOW.words());
        assertThat(ground.honingRecessionMm()).isPositive();
        Blade worn = GeometryKind.CHISEL.build(ground.measuresAfter());
        assertThat(worn.wheel()).contains(Length.ofMm(200));
        Restoration honed = Restorer.restore(worn, survey(Dullness.DULL), hollow);
        assertThat(honed.primary()).isEmpty();
        assertThat(honed.secondary().orElseThrow().volumeMm3())
                .isLessThan(ground.primary().orElseThrow().volumeMm3());
    }

    @Test
    void anAxeKeepsItsCheekAndGetsThickerWhereItIsMeasured() {
        Blade axe = Blades.blade(GeometryKind.CONVEX_BLADE);
        Restoration r = asItIs(axe, survey(Dullness.DULL, chip(10, 14, 1.5)));
        Map<String, Double> after = r.measuresAfter().values();
        assertThat(after.get("thicknessBehind")).isGreaterThan(9).isLessThan(10);
        assertThat(after.get("usableLength")).isCloseTo(45 - 1.5, within(1e-9));
    }
}
