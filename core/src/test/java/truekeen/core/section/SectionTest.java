package truekeen.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

class SectionTest {
    private static final Length T = Length.ofMm(3.2);

    @Test
    void movingTheEdgeBackAtTheSameAngleTakesRecessionTimesThickness() {
        Section chisel = FlatBackSection.single(T, Angle.ofDegrees(25), 40);
        Cut cut = Cut.of(List.of(chisel), Cutter.bevel(0.30, Angle.ofDegrees(25)), Facet.PRIMARY);
        assertThat(cut.removedArea()).isCloseTo(0.960, within(1e-9));
        assertThat(cut.removedArea()).isCloseTo(FlatBackSection.movedBackArea(Length.ofMm(0.30), T), within(1e-9));
    }

    @Test
    void turningTheBevelWithTheApexKeptAgreesWithTheClosedForm() {
        Length thick = Length.ofMm(3.6);
        Section chisel = FlatBackSection.single(thick, Angle.ofDegrees(26.5), 40);
        Cut cut = Cut.of(List.of(chisel), Cutter.bevel(0, Angle.ofDegrees(25)), Facet.PRIMARY);
        assertThat(cut.removedArea())
                .isCloseTo(FlatBackSection.turnedArea(thick, Angle.ofDegrees(26.5), Angle.ofDegrees(25)), within(1e-9));
        assertThat(cut.removedArea() * 24).isCloseTo(21.589, within(5e-4));
        assertThat(cut.kept().get(0).convex()).isTrue();
    }

    @Test
    void aBevelTurnedToItselfTakesNothing() {
        Section chisel = FlatBackSection.single(T, Angle.ofDegrees(25), 40);
        Cut cut = Cut.of(List.of(chisel), Cutter.bevel(0, Angle.ofDegrees(25)), Facet.PRIMARY);
        assertThat(cut.removedArea()).isCloseTo(0, within(1e-12));
        assertThat(FlatBackSection.turnedArea(T, Angle.ofDegrees(25), Angle.ofDegrees(25)))
                .isZero();
    }

    @Test
    void steepeningAnApexThatStaysTakesNothing() {
        Section chisel = FlatBackSection.single(T, Angle.ofDegrees(25), 40);
        assertThat(chisel.within(Cutter.bevel(0, Angle.ofDegrees(30)), Facet.SECONDARY))
                .containsExactly(chisel);
    }

    @Test
    void cutsConserveArea() {
        Random random = new Random(7);
        Section blade =
                FlatBackSection.withSecondary(T, Angle.ofDegrees(25), Angle.ofDegrees(30), Length.ofMm(0.6), 40);
        for (int i = 0; i < 2000; i++) {
            double direction = random.nextDouble() * 2 * Math.PI;
            Cutter plane = halfPlane(Math.cos(direction), Math.sin(direction), random.nextDouble() * 40 - 5);
            Cut cut = Cut.of(List.of(blade), plane, Facet.BLUNT);
            assertThat(Cut.area(cut.kept()) + cut.removedArea()).isCloseTo(blade.area(), within(1e-9));
            cut.kept().forEach(piece -> assertThat(piece.convex()).isTrue());
        }
    }

    @Test
    void aCutCanDivideASectionIntoSeveralPieces() {
        // A comb of three teeth: cutting across them leaves three tips and one spine.
        Section comb = new Section(
                List.of(
                        new Point(0, 0),
                        new Point(5, 0),
                        new Point(5, 2),
                        new Point(4, 2),
                        new Point(4, 1),
                        new Point(3, 1),
                        new Point(3, 2),
                        new Point(2, 2),
                        new Point(2, 1),
                        new Point(1, 1),
                        new Point(1, 2),
                        new Point(0, 2)),
                java.util.Collections.nCopies(12, Facet.FACE));
        Cut cut = Cut.of(List.of(comb), halfPlane(0, 1, 1.5), Facet.BLUNT);
        assertThat(cut.kept()).hasSize(1);
        assertThat(cut.removed()).hasSize(3);
        assertThat(cut.removedArea()).isCloseTo(1.5, within(1e-12));
        // A cut along the roots touches six corners and must still conserve the area.
        Cut touching = Cut.of(List.of(comb), halfPlane(0, 1, 1), Facet.BLUNT);
        assertThat(Cut.area(touching.kept()) + touching.removedArea()).isCloseTo(comb.area(), within(1e-12));
    }

    @Test
    void widthsOfASecondaryMatchTheClosedForm() {
        for (double m = 0.1; m < 2; m += 0.1) {
            Section blade =
                    FlatBackSection.withSecondary(T, Angle.ofDegrees(25), Angle.ofDegrees(30), Length.ofMm(m), 40);
            assertThat(blade.lengthOf(Facet.SECONDARY)).isCloseTo(m, within(1e-9));
            assertThat(blade.apexX()).isCloseTo(0, within(1e-12));
        }
    }

    /** The points with nx·x + ny·y ≤ c. */
    private static Cutter halfPlane(double nx, double ny, double c) {
        return new Cutter(nx * c, ny * c, -nx, -ny, 0);
    }
}
