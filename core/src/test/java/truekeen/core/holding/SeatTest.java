package truekeen.core.holding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.KnifeSection;
import truekeen.core.setup.SpineHeight;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

/** What a blade offers to whatever holds it. */
class SeatTest {
    private static Seat seat(GeometryKind kind, Object... changes) {
        return Seat.of(Blades.blade(kind, changes));
    }

    private static Angle deg(double degrees) {
        return Angle.ofDegrees(degrees);
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void everyFamilyHasASeatWithAWidthAndNoStationPastTheSpine(GeometryKind kind) {
        Seat seat = seat(kind);
        assertThat(seat.width().mm()).isPositive();
        assertThat(seat.stations()).isNotEmpty();
        assertThat(seat.stations()).allSatisfy(s -> assertThat(s.width().mm()).isPositive());
        assertThat(seat.offset().mm())
                .isCloseTo(
                        seat.perSide()
                                ? seat.thickness().mm() / 2
                                : seat.thickness().mm(),
                        within(1e-12));
        if (!kind.spined()) {
            assertThat(seat.stations()).hasSize(1);
        }
    }

    @Test
    void whatIsMeasuredAcrossIsMeasuredWithinItsWidth() {
        assertThat(seat(GeometryKind.SHEAR_BLADE).width().mm()).isEqualTo(28);
        assertThat(seat(GeometryKind.MOWER_BAR).width().mm()).isEqualTo(55);
        assertThat(seat(GeometryKind.CONVEX_BLADE).width())
                .isEqualTo(Blades.blade(GeometryKind.CONVEX_BLADE).usable());
        assertThat(seat(GeometryKind.CHISEL).width().mm()).isEqualTo(100);
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void theSideAndTheEdgeBevelLeadToEachOther(GeometryKind kind) {
        Seat seat = seat(kind);
        for (double degrees = 8; degrees <= 80; degrees += 3) {
            Angle side;
            try {
                side = deg(degrees).minus(seat.taper(deg(degrees)));
            } catch (RefusedException pastTheSpine) {
                continue;
            }
            if (side.radians() > 0 && degrees > seat.face().degrees()) {
                assertThat(seat.edgeBevel(side).degrees())
                        .as("%s %s", kind, degrees)
                        .isCloseTo(degrees, within(1e-9));
            }
        }
    }

    @Test
    void theTaperIsThatOfTheWedge() {
        Seat knife = seat(
                GeometryKind.KNIFE, "usableLength", 48.0, "spineThickness", 2.2, "behindEdge", 0.35, "primary", 15.0);
        Angle wedge = new SpineHeight(Length.ofMm(48), Length.ofMm(2.2)).wedge(deg(15), Length.ofMm(0.35));
        assertThat(15 - knife.taper(deg(15)).degrees()).isCloseTo(wedge.degrees(), within(1e-12));
        assertThat(wedge.degrees()).isCloseTo(13.88, within(5e-3));
    }

    @Test
    void aThickerSpineTapersMoreAndParallelBladesNotAtAll() {
        double thin =
                seat(GeometryKind.KNIFE, "spineThickness", 1.5).taper(deg(15)).degrees();
        double thick =
                seat(GeometryKind.KNIFE, "spineThickness", 3.5).taper(deg(15)).degrees();
        assertThat(thick).isGreaterThan(thin);
        for (GeometryKind kind : new GeometryKind[] {
            GeometryKind.CHISEL, GeometryKind.DRAWKNIFE, GeometryKind.WIDE_BEVEL_KNIFE, GeometryKind.CONVEX_BLADE
        }) {
            assertThat(seat(kind).taper(deg(25))).as(kind.key()).isEqualTo(Angle.ZERO);
        }
    }

    @Test
    void aSingleBevelKnifeLeansByItsBroadFace() {
        Seat single = seat(GeometryKind.SINGLE_BEVEL_KNIFE);
        assertThat(single.taper(deg(30))).isEqualTo(single.face());
        assertThat(single.edgeBevel(deg(20)).degrees())
                .isCloseTo(20 + single.face().degrees(), within(1e-12));
    }

    @Test
    void theShoulderLiesOnTheLineOfTheSide() {
        Seat knife = seat(GeometryKind.KNIFE);
        Angle a = deg(17);
        double shoulderX = knife.shoulderMm() / a.tan();
        double onLine = knife.crossesMm(a) + shoulderX * knife.taper(a).tan();
        assertThat(onLine).isCloseTo(knife.shoulderMm(), within(1e-12));
        double atSpine =
                knife.crossesMm(a) + knife.width().mm() * knife.taper(a).tan();
        assertThat(atSpine).isCloseTo(knife.offset().mm(), within(1e-9));
        KnifeSection section = new KnifeSection(knife.width(), knife.thickness(), knife.behindEdge(), a);
        assertThat(knife.bevelMm(a)).isCloseTo(section.edgeFace().mm(), within(1e-12));
    }

    @Test
    void aShoulderPastTheSpineIsRefused() {
        Seat stout = seat(
                GeometryKind.KNIFE,
                "usableLength",
                5.0,
                "retireLength",
                2.0,
                "tipRise",
                0.0,
                "behindEdge",
                2.0,
                "spineThickness",
                4.0);
        assertThatThrownBy(() -> stout.taper(deg(8)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("spine");
    }

    @Test
    void aCurvedEdgeIsNarrowerTowardItsTip() {
        Seat knife = seat(GeometryKind.KNIFE);
        for (int i = 1; i < knife.stations().size(); i++) {
            assertThat(knife.stations().get(i).width().mm())
                    .isLessThanOrEqualTo(knife.stations().get(i - 1).width().mm());
            assertThat(knife.stations().get(i).along().mm())
                    .isGreaterThan(knife.stations().get(i - 1).along().mm());
        }
    }
}
