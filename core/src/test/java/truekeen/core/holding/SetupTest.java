package truekeen.core.holding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.TargetBevel;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

/** What a set-up remembers, and the bounds of what is held. */
class SetupTest {
    private static final TargetBevel BEVELS = new TargetBevel(Angle.ofDegrees(25), Angle.ofDegrees(30));
    private static final Seat CHISEL = Seat.of(Blades.blade(GeometryKind.CHISEL));

    private static Setup setup(HolderKind kind, Optional<Length> camber) {
        Setting setting = new SpineStack(Optional.empty(), Optional.empty()).setting(CHISEL, Angle.ofDegrees(30));
        return new Setup(
                "usual",
                BEVELS,
                camber,
                kind,
                "it",
                List.of(SavedSetting.of(SetBevel.SECONDARY, Angle.ofDegrees(30), setting)),
                Angle.ZERO);
    }

    @Test
    void aSettingIsFoundByItsAngleAndAHandHasNone() {
        Setup guide = setup(HolderKind.STACK, Optional.empty());
        assertThat(guide.byHand()).isFalse();
        assertThat(guide.settingFor(Angle.ofDegrees(30))).isPresent();
        assertThat(guide.settingFor(Angle.ofDegrees(30 + 1e-7))).isPresent();
        assertThat(guide.settingFor(Angle.ofDegrees(30.001))).isEmpty();
        assertThat(guide.settingFor(Angle.ofDegrees(29.999))).isEmpty();
        Setup hand = setup(HolderKind.HAND, Optional.empty());
        assertThat(hand.byHand()).isTrue();
        assertThat(hand.settingFor(Angle.ofDegrees(30))).isEmpty();
    }

    @Test
    void aCamberIsAskedOfIronsAlone() {
        Blade straight = Blades.blade(GeometryKind.PLANE_IRON_DOWN, "camber", Double.NaN);
        Blade cambered = Blades.blade(GeometryKind.PLANE_IRON_DOWN);
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        Setup with = setup(HolderKind.STACK, Optional.of(Length.ofMm(0.1)));
        Setup without = setup(HolderKind.STACK, Optional.empty());
        assertThat(with.target(straight).camber().orElseThrow().mm())
                .isCloseTo(0.1 / Math.sin(Math.toRadians(45)), within(1e-9));
        assertThat(with.camber(straight)).isPresent();
        assertThat(with.camber(chisel)).isEmpty();
        assertThat(with.target(chisel)).isEqualTo(BEVELS);
        assertThat(without.target(straight)).isEqualTo(BEVELS);
        assertThat(without.camber(straight)).isEmpty();
        assertThat(without.target(cambered).camber()).contains(Length.ofMm(0));
        Blade square = Blades.blade(GeometryKind.SQUARE_IRON_DOWN);
        assertThat(with.target(square)).isEqualTo(BEVELS);
    }

    @ParameterizedTest
    @CsvSource({
        "90, 90, never",
        "50, 45, once",
        "30, 22.5, twice",
        "22, 22.5, twice",
        "10, 11.25, 3 times",
        "4, 5.625, 4 times"
    })
    void aRightAngleIsHalvedUntilItComesNearest(double wanted, double best, String times) {
        Setting.Aside aside = SpineStack.halving(Angle.ofDegrees(wanted));
        assertThat(aside.value()).isEqualTo(best);
        if (!times.equals("never")) {
            assertThat(aside.label()).endsWith(times);
        }
        double off = wanted - best;
        assertThat(aside.words())
                .isEqualTo(
                        Math.abs(off) < 0.05
                                ? "that is it"
                                : "then " + truekeen.core.message.Numbers.plain(Math.abs(off), 1) + "° "
                                        + (off > 0 ? "more" : "less"));
    }

    @Test
    void anAngleIsHeldUpToItsBounds() {
        Holder hand = new SpineStack(Optional.empty(), Optional.empty());
        assertThat(hand.setting(CHISEL, Angle.ofDegrees(4)).angle()).isEqualTo(Angle.ofDegrees(4));
        assertThat(hand.setting(CHISEL, Angle.ofDegrees(85)).angle()).isEqualTo(Angle.ofDegrees(85));
        assertThatThrownBy(() -> hand.setting(CHISEL, Angle.ofDegrees(3.99))).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> hand.setting(CHISEL, Angle.ofDegrees(85.01))).isInstanceOf(RefusedException.class);
    }

    @ParameterizedTest
    @EnumSource(HolderKind.class)
    void onlyGuidesTakeBlocksAndSetADistance(HolderKind kind) {
        boolean guide = kind == HolderKind.ROLLER_GUIDE || kind == HolderKind.FACE_GUIDE;
        assertThat(kind.takesBlocks()).isEqualTo(guide);
        boolean wheel = kind == HolderKind.PLATFORM_REST || kind == HolderKind.SUPPORT_BAR;
        assertThat(kind.onWheel()).isEqualTo(wheel);
    }

    @ParameterizedTest
    @EnumSource(Wheel.Kind.class)
    void whatIsLookedAtGoesByTheWheel(Wheel.Kind kind) {
        Wheel wheel = new Wheel("w", kind, Length.ofMm(200), OptionalDouble.of(1400), OptionalDouble.empty());
        boolean soft = kind == Wheel.Kind.LEATHER || kind == Wheel.Kind.FELT;
        assertThat(kind.soft()).isEqualTo(soft);
        assertThat(kind.words()).isNotBlank();
        assertThat(Wheels.material(wheel)).isEqualTo(soft ? Scheme.Material.LEATHER : Scheme.Material.WHEEL);
        List<String> checks = Wheels.checks(wheel, true);
        assertThat(checks.contains(HoldingWords.RING_TEST.words())).isEqualTo(kind == Wheel.Kind.DRY_STONE);
        assertThat(checks.contains(HoldingWords.RUNS_AWAY.words())).isEqualTo(soft);
        assertThat(checks.contains(HoldingWords.MEASURE_AFTER_TRUING.words())).isEqualTo(!soft);
        assertThat(checks).contains(HoldingWords.TABLE_GAP.words());
        assertThat(Wheels.checks(wheel, false)).doesNotContain(HoldingWords.TABLE_GAP.words());
    }

    @Test
    void aWheelSmallerThanTheBevelIsRefused() {
        Seat thick = Seat.of(Blades.blade(GeometryKind.CHISEL, "thickness", 12.0));
        Wheel small =
                new Wheel("w", Wheel.Kind.DRY_STONE, Length.ofMm(20), OptionalDouble.empty(), OptionalDouble.empty());
        assertThatThrownBy(() -> Wheels.require(small, thick, Angle.ofDegrees(25)))
                .isInstanceOf(RefusedException.class);
        Wheel large =
                new Wheel("w", Wheel.Kind.DRY_STONE, Length.ofMm(150), OptionalDouble.empty(), OptionalDouble.empty());
        Wheels.require(large, thick, Angle.ofDegrees(25));
    }
}
