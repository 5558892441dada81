package truekeen.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/** Cuts with wheels and rounds: against slices counted one by one, against each other, and in their limits. */
class RoundCutTest {
    private final Random random = new Random(17);

    private static Section slab(double width, double height) {
        return new Section(
                List.of(new Point(0, 0), new Point(width, 0), new Point(width, height), new Point(0, height)),
                List.of(Facet.BACK, Facet.END, Facet.FACE, Facet.PRIMARY));
    }

    private Cutter round(double width, double height, double most) {
        double direction = random.nextDouble() * 2 * Math.PI;
        double bend = (random.nextDouble() * 2 - 1) * most;
        return new Cutter(
                random.nextDouble() * width,
                random.nextDouble() * height,
                Math.cos(direction),
                Math.sin(direction),
                bend);
    }

    /** Steel within a cut, counted on a grid. */
    private static double counted(double width, double height, Cutter cut) {
        int n = 700;
        double cell = width / n * (height / n);
        double sum = 0;
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                Point p = new Point((i + 0.5) * width / n, (j + 0.5) * height / n);
                sum += cut.level(p) <= 0 ? cell : 0;
            }
        }
        return sum;
    }

    @Test
    void areasOfRandomRoundsAreThoseOfAGrid() {
        for (int i = 0; i < 60; i++) {
            Cutter cut = round(20, 6, 0.04);
            double area = Cut.area(slab(20, 6).within(cut, Facet.BLUNT));
            assertThat(area).as("%s", cut).isCloseTo(counted(20, 6, cut), within(0.12));
        }
    }

    @Test
    void whatStaysAndWhatGoesMakeTheWhole() {
        for (int i = 0; i < 500; i++) {
            Section section = slab(20, 6);
            double whole = section.area();
            List<Section> pieces = List.of(section);
            for (int k = 0; k < 3; k++) {
                Cut cut = Cut.of(pieces, round(20, 6, 0.04), Facet.BLUNT);
                double before = Cut.area(pieces);
                assertThat(Cut.area(cut.kept()) + cut.removedArea()).isCloseTo(before, within(1e-9));
                pieces = cut.kept();
            }
            assertThat(Cut.area(pieces)).isLessThanOrEqualTo(whole + 1e-9);
        }
    }

    @Test
    void aCutMadeTwiceTakesNothingTheSecondTime() {
        for (int i = 0; i < 300; i++) {
            Cutter cut = round(20, 6, 0.05);
            List<Section> once = slab(20, 6).within(cut, Facet.BLUNT);
            Cut twice = Cut.of(once, cut, Facet.BLUNT);
            assertThat(twice.removedArea()).isCloseTo(0, within(1e-9));
        }
    }

    @Test
    void aRadiusWithoutEndIsThePlane() {
        for (int i = 0; i < 200; i++) {
            Cutter plane = round(20, 6, 0);
            Cutter nearly = new Cutter(plane.px(), plane.py(), plane.nx(), plane.ny(), 1e-13);
            assertThat(Cut.area(slab(20, 6).within(nearly, Facet.BLUNT)))
                    .isCloseTo(Cut.area(slab(20, 6).within(plane, Facet.BLUNT)), within(1e-9));
        }
    }

    @Test
    void theMirrorImageCutsTheMirrorImage() {
        for (int i = 0; i < 100; i++) {
            Cutter cut = round(20, 6, 0.03);
            Section low = new Section(
                    List.of(new Point(0, -6), new Point(20, -6), new Point(20, 0), new Point(0, 0)),
                    List.of(Facet.FACE, Facet.END, Facet.BACK, Facet.PRIMARY));
            assertThat(Cut.area(low.within(cut.mirrored(), Facet.BLUNT)))
                    .isCloseTo(Cut.area(slab(20, 6).within(cut, Facet.BLUNT)), within(1e-9));
        }
    }

    @Test
    void aWheelMayDivideTheSteel() {
        // Resting on the middle of a bar it leaves two ends.
        Cutter wheel = new Cutter(10, -1, 0, -1, -0.1);
        List<Section> pieces = slab(20, 3).within(wheel, Facet.BLUNT);
        assertThat(pieces).hasSize(2);
        assertThat(pieces.get(0).area()).isCloseTo(pieces.get(1).area(), within(1e-9));
        assertThat(pieces).allSatisfy(p -> assertThat(p.convex()).isFalse());
    }

    @Test
    void whatCuttersLeaveIsAsLongAndAsDeepAsTheArcSays() {
        double radius = 50;
        double half = 4;
        // A round resting with its lowest point half a millimetre inside the upper face.
        double sag = radius - Math.sqrt(radius * radius - half * half);
        Cutter wheel = new Cutter(10, 6 - sag, 0, -1, -1 / radius);
        Cut cut = Cut.of(List.of(slab(20, 6)), wheel, Facet.SECONDARY);
        double sweep = 2 * Math.asin(half / radius);
        assertThat(Cut.lengthOf(cut.kept(), Facet.SECONDARY)).isCloseTo(radius * sweep, within(1e-9));
        assertThat(cut.removedArea()).isCloseTo(radius * radius / 2 * (sweep - Math.sin(sweep)), within(1e-9));
        assertThat(cut.kept().get(0).thicknessAt(10)).isCloseTo(6 - sag, within(1e-9));
        Cutter top = new Cutter(0, 6, 0, -1, 0);
        assertThat(cut.removedDepthFrom(List.of(top))).isCloseTo(sag, within(1e-9));
    }

    @Test
    void distancesFromARoundAreThoseFromItsCentre() {
        Cutter inside = new Cutter(3, 2, 0, 1, 0.1);
        Cutter outside = new Cutter(3, 2, 0, 1, -0.1);
        for (int i = 0; i < 200; i++) {
            Point p = new Point(random.nextDouble() * 16 - 5, random.nextDouble() * 16 - 5);
            assertThat(inside.beyond(p)).isCloseTo(p.distance(new Point(3, 12)) - 10, within(1e-9));
            assertThat(outside.beyond(p)).isCloseTo(10 - p.distance(new Point(3, -8)), within(1e-9));
            assertThat(inside.complement().beyond(p)).isCloseTo(-inside.beyond(p), within(1e-9));
        }
    }

    @Test
    void theFarthestPointOfAnArcIsFound() {
        Section lens = new Section(
                List.of(new Point(0, 0), new Point(10, 0), new Point(10, 2), new Point(0, 2)),
                List.of(Facet.BACK, Facet.END, Facet.FACE, Facet.PRIMARY),
                List.of(0.0, 0.0, 0.08, 0.0));
        double sag = 1 / 0.08 - Math.sqrt(1 / 0.08 / 0.08 - 25);
        Cutter level = new Cutter(0, 2, 0, -1, 0);
        assertThat(lens.farthestBeyond(level)).isCloseTo(sag, within(1e-9));
        assertThat(lens.farthestBeyond(new Cutter(0, 9, 0, -1, 0))).isZero();
        assertThat(lens.convex()).isTrue();
        assertThat(lens.thicknessAt(5)).isCloseTo(2 + sag, within(1e-9));
    }

    @Test
    void aRoundThatWouldBoreIsRefused() {
        Cutter small = new Cutter(10, 3, 0, 1, 2);
        assertThatThrownBy(() -> {
                    List<Section> pieces = slab(20, 6).within(small, Facet.BLUNT);
                    if (pieces.isEmpty()) {
                        throw new IllegalArgumentException("nothing of the slab is within a round this small");
                    }
                })
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void moreGoesTheDeeperAWheelIsSet() {
        HollowGrind h = new HollowGrind(Length.ofMm(4), Length.ofMm(150), Angle.ofDegrees(28));
        Section blade = FlatBackSection.single(h.thickness(), h.chord(), 20);
        double before = -1;
        for (double e = 0; e < 2; e += 0.1) {
            Cutter wheel = new BevelCut(Facet.PRIMARY, true, h.chord(), new BevelCut.Hollow(75, 4)).at(e);
            double gone = Cut.of(List.of(blade), wheel, Facet.PRIMARY).removedArea();
            assertThat(gone).isGreaterThan(before);
            before = gone;
        }
    }
}
