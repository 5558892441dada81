package truekeen.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.message.InWords;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

class KnifeSectionTest {
    private static KnifeSection knife(double width, double spine, double behind, double degrees) {
        return new KnifeSection(Length.ofMm(width), Length.ofMm(spine), Length.ofMm(behind), Angle.ofDegrees(degrees));
    }

    private static Blade blade(double width, double spine, double behind, double degrees) {
        return Blades.blade(
                GeometryKind.KNIFE,
                "usableLength",
                width,
                "retireLength",
                1,
                "tipRise",
                0,
                "spineThickness",
                spine,
                "behindEdge",
                behind,
                "primary",
                degrees,
                "secondary",
                Double.NaN,
                "secondaryWidth",
                Double.NaN);
    }

    private static Cut cut(Blade blade, double recession, double degrees) {
        Angle at = Angle.ofDegrees(degrees);
        TargetBevel target = new TargetBevel(at, at);
        EdgeShape shape = EdgeShape.of(blade, target);
        return shape.cut(List.of(shape.now()), shape.honed(), recession);
    }

    @Test
    void theWorkedFiguresComeOut() {
        KnifeSection k = knife(48, 2.2, 0.35, 17);
        assertThat(k.edgeFace().mm()).isCloseTo(0.599, within(5e-4));
        assertThat(k.movedBackArea(Length.ofMm(0.4), Angle.ofDegrees(17))).isCloseTo(0.1433, within(5e-5));
        assertThat(k.behindEdgeAfter(Length.ofMm(0.4), Angle.ofDegrees(17)).mm())
                .isCloseTo(0.367, within(5e-4));
        assertThat(knife(48, 2.2, 0.35, 12).movedBackArea(Length.ofMm(0.1), Angle.ofDegrees(15)))
                .isCloseTo(0.01028, within(5e-6));
    }

    @Test
    void closedFormAndKernelAgree() {
        Random random = new Random(5);
        for (int i = 0; i < 400; i++) {
            double spine = 1.5 + random.nextDouble() * 4;
            double behind = 0.15 + random.nextDouble() * 0.6;
            double own = 10 + random.nextDouble() * 15;
            double width = 20 + random.nextDouble() * 60;
            double e = random.nextDouble() * 0.8;
            double fresh = own + (random.nextBoolean() ? random.nextDouble() * 8 : 0);
            KnifeSection k = knife(width, spine, behind, own);
            Cut cut = cut(blade(width, spine, behind, own), e, fresh);
            Angle at = Angle.ofDegrees(fresh);
            assertThat(cut.removedArea())
                    .as("W %s S %s t %s %s to %s e %s", width, spine, behind, own, fresh, e)
                    .isCloseTo(k.movedBackArea(Length.ofMm(e), at), within(1e-9));
            assertThat(EdgeShape.shoulderThickness(cut.kept()))
                    .isCloseTo(k.behindEdgeAfter(Length.ofMm(e), at).mm(), within(1e-9));
        }
    }

    @Test
    void everySharpeningThickensItUntilItWantsThinning() {
        KnifeSection k = knife(48, 2.2, 0.35, 17);
        double before = 0;
        for (double e = 0; e < 3; e += 0.1) {
            double after = k.behindEdgeAfter(Length.ofMm(e), k.edge()).mm();
            assertThat(after).isGreaterThan(before);
            before = after;
        }
        Length until = k.recessionUntil(Length.ofMm(0.4));
        assertThat(k.behindEdgeAfter(until, k.edge()).mm()).isCloseTo(0.4, within(1e-9));
        assertThat(k.recessionUntil(Length.ofMm(0.3)).mm()).isZero();
    }

    @Test
    void steepeningAnApexThatDoesNotMoveTakesNothing() {
        assertThat(cut(blade(48, 2.2, 0.35, 12), 0, 15).removedArea()).isCloseTo(0, within(1e-12));
        assertThat(cut(blade(48, 2.2, 0.35, 15), 0, 15).removedArea()).isCloseTo(0, within(1e-12));
    }

    @Test
    void whatCannotBeIsRefusedAtTheField() {
        refused(() -> knife(48, 0.3, 0.35, 17), "behindEdge", "0.3\u202fmm");
        refused(() -> knife(0.5, 2.2, 0.35, 17), "behindEdge", "0.5\u202fmm");
        refused(
                () -> knife(48, 2.2, 0.35, 17).movedBackArea(Length.ofMm(48), Angle.ofDegrees(17)),
                "recession",
                "48\u202fmm");
    }

    @Test
    void aMicroBevelOnBothSidesIsTwiceTheOneSided() {
        Angle edge = Angle.ofDegrees(15);
        Angle last = Angle.ofDegrees(20);
        Length wide = Length.ofMm(0.1);
        Blade plain = blade(48, 2.2, 0.35, 15);
        EdgeShape shape = EdgeShape.of(plain, new TargetBevel(edge, last, Optional.empty(), Optional.empty()));
        double e = MicroBevel.recession(wide, edge, last).mm();
        Cut cut = shape.cut(List.of(shape.now()), shape.honed(), e);
        assertThat(cut.removedArea()).isCloseTo(e * wide.mm() * last.sin(), within(1e-9));
        assertThat(Cut.lengthOf(cut.kept(), Facet.SECONDARY)).isCloseTo(2 * wide.mm(), within(1e-9));
    }

    private static void refused(
            org.assertj.core.api.ThrowableAssert.ThrowingCallable what, String field, String limit) {
        assertThatThrownBy(what).isInstanceOfSatisfying(RefusedException.class, r -> {
            assertThat(r.refusals().get(0).field()).isEqualTo(field);
            assertThat(r.getMessage()).contains(InWords.figures(limit));
        });
    }
}
