package truekeen.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

/** What must hold for the section of every family. */
class EdgeShapeTest {

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void everyFamilyHasASectionWithItsApexAtTheOrigin(GeometryKind kind) {
        EdgeShape shape = EdgeShape.of(Blades.blade(kind));
        assertThat(shape.now().area()).isPositive();
        assertThat(shape.now().apexX()).isCloseTo(0, within(1e-9));
        assertThat(shape.honed()).isNotEmpty();
        assertThat(shape.reachMm())
                .isPositive()
                .isLessThan(Blades.blade(kind).usable().mm());
        assertThat(shape.sides()).isBetween(1, 2);
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void aBevelTurnedToItselfRemovesNothing(GeometryKind kind) {
        EdgeShape shape = EdgeShape.of(Blades.blade(kind));
        Cut again = shape.cut(List.of(shape.now()), shape.honed(), 0);
        assertThat(again.removedArea()).isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void steelIsConservedAndMoreGoesTheFurtherTheEdgeMoves(GeometryKind kind) {
        EdgeShape shape = EdgeShape.of(Blades.blade(kind));
        double whole = shape.now().area();
        double before = 0;
        for (double e = 0.05; e < 0.6; e += 0.05) {
            Cut cut = shape.cut(List.of(shape.now()), shape.honed(), e);
            assertThat(cut.removedArea()).as("%s at %s", kind, e).isGreaterThan(before);
            assertThat(Cut.area(cut.kept()) + cut.removedArea()).isCloseTo(whole, within(1e-9));
            assertThat(cut.kept().get(0).apexX()).isGreaterThan(e - 1e-9).isLessThan(e + 0.05);
            before = cut.removedArea();
        }
    }

    @Test
    void flatBacksAgreeWithTheirClosedForm() {
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        Section closed = FlatBackSection.withSecondary(
                Length.ofMm(3.6), Angle.ofDegrees(25), Angle.ofDegrees(30), Length.ofMm(0.7), 40);
        EdgeShape shape = EdgeShape.of(chisel);
        Cut one = shape.cut(List.of(shape.now()), shape.honed(), 0.3);
        Cut other = Cut.of(List.of(closed), Cutter.bevel(0.3, Angle.ofDegrees(30)), Facet.SECONDARY);
        assertThat(one.removedArea()).isCloseTo(other.removedArea(), within(1e-9));
        assertThat(shape.now().lengthOf(Facet.SECONDARY)).isCloseTo(0.7, within(1e-9));
    }

    @Test
    void aSingleBevelKnifeHasANarrowEdgeBevelABroadFaceAndAHollowBack() {
        EdgeShape shape = EdgeShape.of(Blades.blade(GeometryKind.SINGLE_BEVEL_KNIFE));
        assertThat(shape.now().lengthOf(Facet.SECONDARY)).isCloseTo(0.9, within(1e-9));
        assertThat(shape.now().convex()).isFalse();
        EdgeShape flat = EdgeShape.of(Blades.blade(GeometryKind.SINGLE_BEVEL_KNIFE, "backHollow", 0));
        assertThat(flat.now().convex()).isTrue();
        assertThat(flat.now().area()).isGreaterThan(shape.now().area());
        // the hollow is a segment over the chord between the rims
        double chord = 49 - 2;
        double missing = flat.now().area() - shape.now().area();
        assertThat(missing).isCloseTo(2.0 / 3 * chord * 0.2, within(1e-3));
    }

    @Test
    void anAxeCurvesFromItsCheekAndKeepsItsThicknessWhereItWasMeasured() {
        EdgeShape shape = EdgeShape.of(Blades.blade(GeometryKind.CONVEX_BLADE));
        assertThat(shape.now().thicknessAt(20)).isCloseTo(9, within(1e-9));
        assertThat(shape.now().thicknessAt(10)).isGreaterThan(4.5);
        assertThat(shape.now().convex()).isTrue();
        Section honed = EdgeShape.of(Blades.blade(GeometryKind.CONVEX_BLADE, "secondary", 20, "secondaryWidth", 0.5))
                .now();
        assertThat(honed.lengthOf(Facet.SECONDARY)).isCloseTo(2 * 0.5, within(1e-9));
        // near the apex the faces stand at the angle that was given
        double near = 1e-5;
        assertThat(shape.now().thicknessAt(near) / 2 / near).isCloseTo(Math.tan(Math.toRadians(17)), within(1e-4));
    }

    @Test
    void theCheekStaysWhenAnAxeIsHoned() {
        EdgeShape shape = EdgeShape.of(Blades.blade(GeometryKind.CONVEX_BLADE));
        Cut honed = shape.cut(List.of(shape.now()), shape.honed(), 2);
        assertThat(honed.kept().get(0).thicknessAt(20)).isCloseTo(9, within(1e-9));
        assertThat(honed.kept().get(0).thicknessAt(30)).isCloseTo(shape.now().thicknessAt(30), within(1e-9));
        assertThat(honed.kept().get(0).thicknessAt(10)).isLessThan(shape.now().thicknessAt(10));
    }

    @Test
    void aMowerBarKeepsItsLandAndATurnscrewTheThicknessOfItsTip() {
        EdgeShape bar = EdgeShape.of(Blades.blade(GeometryKind.MOWER_BAR));
        Section ground = bar.cut(List.of(bar.now()), bar.honed(), 2).kept().get(0);
        assertThat(ground.thicknessAt(2 + 1e-9)).isCloseTo(0.5, within(1e-6));
        EdgeShape tip = EdgeShape.of(Blades.blade(GeometryKind.TURNSCREW));
        Section squared = tip.cut(List.of(tip.now()), tip.honed(), 1).kept().get(0);
        assertThat(squared.thicknessAt(1 + 1e-9)).isCloseTo(0.6, within(1e-6));
        Section blunt =
                Cut.of(List.of(tip.now()), Cutter.blunt(1), Facet.BLUNT).kept().get(0);
        assertThat(blunt.thicknessAt(1 + 1e-9)).isCloseTo(0.6 + 2 * Math.tan(Math.toRadians(4)), within(1e-6));
    }

    @Test
    void aBackBevelLiftsTheApexOffTheBackAndParallelFacesStayParallel() {
        Blade iron = Blades.blade(GeometryKind.PLANE_IRON_DOWN, "backBevel", 5);
        Section now = EdgeShape.of(iron).now();
        assertThat(now.apexX()).isCloseTo(0, within(1e-9));
        double apexY = now.corners().stream()
                .filter(p -> Math.abs(p.x()) < 1e-9)
                .mapToDouble(Point::y)
                .min()
                .orElseThrow();
        assertThat(apexY).isPositive();
        assertThat(now.lengthOf(Facet.BACK_BEVEL)).isPositive();
        Section straight =
                EdgeShape.of(Blades.blade(GeometryKind.TURNSCREW, "primary", 0)).now();
        assertThat(straight.thicknessAt(1)).isCloseTo(0.6, within(1e-9));
        assertThat(straight.thicknessAt(15)).isCloseTo(0.6, within(1e-9));
    }

    @Test
    void aCutByAreaTakesExactlyThatArea() {
        EdgeShape shape = EdgeShape.of(Blades.blade(GeometryKind.CHISEL));
        for (double area : new double[] {0.001, 0.05, 0.8}) {
            Cut cut = Cut.byArea(
                    List.of(shape.now()), e -> Cutter.bevel(e, Angle.ofDegrees(32)), 5, area, Facet.SECONDARY);
            assertThat(cut.removedArea()).isCloseTo(area, within(1e-9));
        }
    }

    @Test
    void aHollowTargetOnAFlatChiselIsGroundAndThenHonedOnItsLands() {
        TargetBevel hollow = new TargetBevel(
                Angle.ofDegrees(25), Angle.ofDegrees(25), Optional.empty(), Optional.of(Length.ofMm(200)));
        EdgeShape shape = EdgeShape.of(Blades.blade(GeometryKind.CHISEL), hollow);
        assertThat(shape.ground()).hasSize(1);
        assertThat(shape.honedFacet()).isEqualTo(Facet.SECONDARY);
    }

    @Test
    void aSteepConvexEdgeRunsIntoParallelCheeks() {
        Blade billhook = Blades.blade(
                GeometryKind.CONVEX_BLADE, "primary", 22, "behind", 15, "thicknessBehind", 5.5, "usableLength", 55);
        EdgeShape shape = EdgeShape.of(billhook);
        assertThat(shape.now().thicknessAt(15)).isCloseTo(5.5, within(1e-9));
        assertThat(shape.now().thicknessAt(40)).isCloseTo(5.5, within(1e-9));
        for (double e = 0; e < 6; e += 0.5) {
            Cut cut = shape.cut(List.of(shape.now()), shape.honed(), e);
            assertThat(cut.kept()).hasSize(1);
            assertThat(cut.kept().get(0).thicknessAt(40)).isCloseTo(5.5, within(1e-9));
            assertThat(cut.kept().get(0).facets()).doesNotContain(Facet.JOIN);
            assertThat(Cut.area(cut.kept()) + cut.removedArea())
                    .isCloseTo(shape.now().area(), within(1e-9));
        }
    }
}
