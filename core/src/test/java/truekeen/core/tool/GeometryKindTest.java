package truekeen.core.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.RefusedException;

/** Every family asks its own dimensions, keeps them, and refuses what cannot be. */
class GeometryKindTest {

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void dimensionsGoBackAndForth(GeometryKind kind) {
        Map<String, Double> values = Blades.sample(kind);
        Checks checks = new Checks();
        Blade blade = kind.read(values, checks).orElseThrow();
        assertThat(checks.refusals()).isEmpty();
        assertThat(blade.kind()).isEqualTo(kind);
        Map<String, Double> again = blade.measures().values();
        assertThat(again.keySet()).isEqualTo(values.keySet());
        values.forEach((field, value) -> assertThat(again.get(field)).isCloseTo(value, within(1e-9)));
        assertThat(kind.build(blade.measures()).measures().values()).isEqualTo(again);
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void whatIsNeededIsAskedForAndNothingOfOtherFamiliesIsTaken(GeometryKind kind) {
        Checks checks = new Checks();
        assertThat(kind.read(Map.of("wingspan", 3.0), checks)).isEmpty();
        assertThat(checks.refusals())
                .extracting(r -> r.field())
                .contains(kind.dimensions().stream()
                        .filter(Dimension::needed)
                        .map(Dimension::field)
                        .toArray(String[]::new))
                .contains("wingspan");
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void everyDimensionRefusesTheAbsurdAtItsField(GeometryKind kind) {
        for (Dimension d : kind.dimensions()) {
            Checks checks = new Checks();
            kind.read(Blades.sample(kind, d.field(), d.high() * 1000 + 1000), checks);
            assertThat(checks.refusals()).anySatisfy(r -> {
                assertThat(r.field()).isEqualTo(d.field());
                assertThat(r.code()).isEqualTo(MessageCode.OUT_OF_RANGE);
            });
            assertThat(d.where()).isNotBlank();
        }
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void theRetireLimitLiesBelowTheLength(GeometryKind kind) {
        double usable = Blades.sample(kind).get("usableLength");
        Checks checks = new Checks();
        kind.read(Blades.sample(kind, "retireLength", usable), checks);
        assertThat(checks.refusals()).extracting(r -> r.field()).contains("retireLength");
    }

    @ParameterizedTest
    @CsvSource({
        "KNIFE, behindEdge, 2.5, BEHIND_EDGE_ABOVE_SPINE, 2.2\u202fmm",
        "KNIFE, primary, 45, SECONDARY_NOT_ABOVE_PRIMARY, 45°",
        "KNIFE, secondary, 16, SECONDARY_NOT_ABOVE_PRIMARY, 17°",
        "KNIFE, tipRise, 48, EDGE_PAST_SPINE, 48\u202fmm",
        "KNIFE, straight, 181, PART_LONGER, 180\u202fmm",
        "RECURVE, dip, 40, EDGE_PAST_SPINE, 39\u202fmm",
        "CHISEL, secondary, 24, SECONDARY_NOT_ABOVE_PRIMARY, 25°",
        "CHISEL, secondaryWidth, 9, OUT_OF_RANGE, 7.2\u202fmm",
        "SINGLE_BEVEL_KNIFE, primary, 11, EDGE_BEVEL_NOT_ABOVE_FACE, 11°",
        "SINGLE_BEVEL_KNIFE, backHollow, 2.5, HOLLOW_TOO_DEEP, 2\u202fmm",
        "SINGLE_BEVEL_KNIFE, faceAngle, 4, SHOULDER_PAST_SPINE, 48\u202fmm",
        "CONVEX_BLADE, primary, 12, CONVEX_TOO_LOW, 12.68°",
        "WIDE_BEVEL_KNIFE, primary, 4, '', ''",
        "WIDE_BEVEL_KNIFE, thickness, 12, SHOULDER_PAST_SPINE, 24\u202fmm",
        "MOWER_BAR, edgeLength, 250, PART_LONGER, 249\u202fmm",
        "MOWER_BAR, bore, 60, PART_LONGER, 55\u202fmm",
        "BRUSH_CUTTER, edgeLength, 110, PART_LONGER, 100.138\u202fmm",
        "TURNSCREW, tipThickness, 3.5, PART_LONGER, 3\u202fmm"
    })
    void whatDoesNotFitTogetherIsRefusedWithItsLimit(
            GeometryKind kind, String field, double value, String code, String limit) {
        Map<String, Double> values = Blades.sample(kind, field, value);
        if (field.equals("dip")) {
            values.put("usableLength", 39.0);
        }
        Checks checks = new Checks();
        Optional<Blade> blade = kind.read(values, checks);
        if (code.isEmpty()) {
            assertThat(blade).isPresent();
            return;
        }
        assertThat(blade).isEmpty();
        assertThat(checks.refusals()).anySatisfy(r -> {
            assertThat(r.code().name()).isEqualTo(code);
            assertThat(r.words()).contains(InWords.figures(limit));
        });
    }

    @Test
    void aWheelThatCouldNotHaveGroundItIsRefused() {
        Checks checks = new Checks();
        GeometryKind.CHISEL.read(Blades.sample(GeometryKind.CHISEL, "thickness", 20, "wheelDiameter", 45), checks);
        assertThat(checks.refusals()).extracting(r -> r.code()).containsExactly(MessageCode.WHEEL_TOO_SMALL);
    }

    @Test
    void aBackBevelOnAChiselIsRefusedWithTheReason() {
        assertThatThrownBy(() -> GeometryKind.CHISEL.require(Operation.BACK_BEVEL, "backBevel"))
                .isInstanceOfSatisfying(RefusedException.class, r -> {
                    assertThat(r.refusals().get(0).field()).isEqualTo("backBevel");
                    assertThat(r.getMessage()).contains("reference that guides the cut");
                });
        assertThat(GeometryKind.PLANE_IRON_DOWN.allows(Operation.BACK_BEVEL)).isTrue();
        assertThat(GeometryKind.DRAWKNIFE.allows(Operation.BACK_BEVEL)).isTrue();
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void nobodyStraightensHeatsOrWeldsAndEveryNoHasAReason(GeometryKind kind) {
        assertThat(kind.allows(Operation.STRAIGHTENING)).isFalse();
        assertThat(kind.refused().values())
                .allSatisfy(reason -> assertThat(reason).isNotBlank());
        assertThat(kind.allowed()).doesNotContainAnyElementsOf(kind.refused().keySet());
        assertThat(kind.dimension("backBevel").isEmpty() || kind.allows(Operation.BACK_BEVEL))
                .isTrue();
        assertThat(kind.dimension("camber").isEmpty() || kind.allows(Operation.CAMBER))
                .isTrue();
        assertThat(kind.dimension("wheelDiameter").isEmpty() || kind.allows(Operation.HOLLOW))
                .isTrue();
        assertThat(kind.dimension("secondary").isEmpty() || kind.allows(Operation.SECONDARY))
                .isTrue();
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void theLayoutOfTheEdgesIsWhole(GeometryKind kind) {
        EdgeLayout layout = Blades.blade(kind).layout();
        assertThat(layout.totalMm()).isCloseTo(layout.edges() * layout.edgeMm(), within(1e-9));
        assertThat(layout.from()).isNotEqualTo(layout.to());
        assertThat(layout.rise().isEmpty()).isEqualTo(layout.form() != EdgeLayout.Form.CURVED);
        layout.rise().forEach(r -> assertThat(r.alongMm()).isBetween(0.0, layout.edgeMm() + 1e-9));
    }

    @Test
    void anglesAreSpokenOfBothWays() {
        Blade knife = Blades.blade(GeometryKind.KNIFE);
        assertThat(knife.included().degrees()).isCloseTo(38, within(1e-9));
        Blade iron = Blades.blade(GeometryKind.PLANE_IRON_DOWN, "backBevel", 4);
        assertThat(iron.included().degrees()).isCloseTo(34, within(1e-9));
        assertThat(Convention.FROM_BACK
                        .perSide(iron.lastBevel(), iron.backBevel().orElseThrow())
                        .degrees())
                .isCloseTo(17, within(1e-9));
    }

    @Test
    void aTrimmersTeethHaveTwoEdgesEachAndADiscsOne() {
        assertThat(Blades.blade(GeometryKind.TRIMMER).edgeLengthMm()).isEqualTo(18 * 2 * 22.0);
        assertThat(Blades.blade(GeometryKind.BRUSH_CUTTER).edgeLengthMm()).isEqualTo(8 * 32.0);
        assertThat(Blades.blade(GeometryKind.MOWER_BAR).edgeLengthMm()).isEqualTo(180.0);
    }
}
