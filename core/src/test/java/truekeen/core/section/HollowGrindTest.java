package truekeen.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.message.InWords;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

class HollowGrindTest {
    private static HollowGrind hollow(double thickness, double wheel, double chord) {
        return new HollowGrind(Length.ofMm(thickness), Length.ofMm(wheel), Angle.ofDegrees(chord));
    }

    @Test
    void theWorkedFiguresComeOut() {
        HollowGrind h = hollow(3.2, 200, 25);
        assertThat(h.chordLength().mm()).isCloseTo(7.572, within(5e-4));
        assertThat(h.edge().degrees()).isCloseTo(22.83, within(5e-3));
        assertThat(h.heel().degrees()).isCloseTo(27.17, within(5e-3));
        assertThat(h.depth().mm()).isCloseTo(0.0717, within(5e-5));
        assertThat(h.recessionUntilGone().mm()).isCloseTo(0.170, within(5e-4));
    }

    @Test
    void theChordForAWantedEdgeIsSolvedFor() {
        HollowGrind h = HollowGrind.withEdge(Length.ofMm(3.2), Length.ofMm(200), Angle.ofDegrees(25));
        assertThat(h.chord().degrees()).isCloseTo(27.02, within(5e-3));
        assertThat(h.chordLength().mm()).isCloseTo(7.044, within(5e-4));
        assertThat(h.depth().mm()).isCloseTo(0.0620, within(5e-5));
    }

    @ParameterizedTest
    @CsvSource({"2,150,20", "3.2,200,25", "5,100,35", "9.5,250,28", "1.2,40,18"})
    void edgeAndChordGoBackAndForth(double thickness, double wheel, double edge) {
        HollowGrind h = HollowGrind.withEdge(Length.ofMm(thickness), Length.ofMm(wheel), Angle.ofDegrees(edge));
        assertThat(h.edge().degrees()).isCloseTo(edge, within(1e-9));
        assertThat(h.chord()).isGreaterThan(h.edge());
    }

    @Test
    void aWheelWithoutEndLeavesItFlat() {
        HollowGrind h = hollow(3.2, 1e12, 25);
        assertThat(h.depth().mm()).isCloseTo(0, within(1e-10));
        assertThat(h.edge().degrees()).isCloseTo(25, within(1e-9));
        assertThat(h.heel().degrees()).isCloseTo(25, within(1e-9));
    }

    @Test
    void aSmallerWheelGrindsDeeper() {
        double before = 0;
        for (double wheel = 400; wheel > 20; wheel -= 20) {
            double depth = hollow(3.2, wheel, 25).depth().mm();
            assertThat(depth).isGreaterThan(before);
            before = depth;
        }
    }

    @Test
    void aChordAsLongAsTheWheelIsWideIsRefusedAtTheWheel() {
        assertThatThrownBy(() -> hollow(3.2, 7.5, 25)).isInstanceOfSatisfying(RefusedException.class, r -> {
            assertThat(r.refusals().get(0).field()).isEqualTo("wheelDiameter");
            assertThat(r.getMessage()).contains(InWords.figures("7.572\u202fmm"));
        });
        assertThatThrownBy(() -> HollowGrind.withEdge(Length.ofMm(9), Length.ofMm(9), Angle.ofDegrees(30)))
                .isInstanceOf(RefusedException.class);
    }

    @ParameterizedTest
    @CsvSource({"3.2,200,25", "3.6,150,28", "9.5,250,30", "2,60,20"})
    void theKernelTakesTheSameSegment(double thickness, double wheel, double chord) {
        HollowGrind h = hollow(thickness, wheel, chord);
        Section flat = FlatBackSection.single(h.thickness(), h.chord(), 5);
        BevelCut.Hollow form = new BevelCut.Hollow(wheel / 2, thickness);
        Cutter round = new BevelCut(Facet.PRIMARY, true, h.chord(), form).at(0);
        Cut cut = Cut.of(List.of(flat), round, Facet.PRIMARY);
        double half = h.turn().radians();
        double segment = wheel * wheel / 4 * (2 * half - Math.sin(2 * half)) / 2;
        assertThat(cut.removedArea()).isCloseTo(segment, within(1e-9));
        assertThat(Cut.area(cut.kept()) + cut.removedArea()).isCloseTo(flat.area(), within(1e-9));
        assertThat(cut.removedDepthFrom(List.of(Cutter.bevel(0, h.chord()))))
                .isCloseTo(h.depth().mm(), within(1e-9));
        assertThat(Cut.lengthOf(cut.kept(), Facet.PRIMARY)).isCloseTo(wheel / 2 * 2 * half, within(1e-9));
    }

    @Test
    void honedOnHeelAndEdgeItStandsOnTwoLands() {
        HollowGrind h = hollow(3.2, 200, 25);
        Section flat = FlatBackSection.single(h.thickness(), h.chord(), 5);
        Cutter round = new BevelCut(Facet.PRIMARY, true, h.chord(), new BevelCut.Hollow(100, 3.2)).at(0);
        List<Section> ground = Cut.of(List.of(flat), round, Facet.PRIMARY).kept();
        double gone = h.recessionUntilGone().mm();
        List<Section> some = Cut.of(ground, Cutter.bevel(gone / 2, h.chord()), Facet.SECONDARY)
                .kept();
        assertThat(some).hasSize(1);
        assertThat(some.get(0).facets().stream().filter(Facet.SECONDARY::equals))
                .hasSize(2);
        List<Section> all = Cut.of(ground, Cutter.bevel(gone + 1e-6, h.chord()), Facet.SECONDARY)
                .kept();
        assertThat(Cut.lengthOf(all, Facet.PRIMARY)).isZero();
        assertThat(h.honings(Length.ofMm(gone / 5))).isCloseTo(5, within(1e-9));
    }
}
