package truekeen.core.holding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.message.Checks;
import truekeen.core.message.InWords;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Blades;
import truekeen.core.tool.Dimension;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measures;

/** What cannot be set is refused with the reason and the limit. */
class HolderRefusalTest {
    private static final Seat CHISEL = Seat.of(Blades.blade(GeometryKind.CHISEL));
    private static final Seat KNIFE = Seat.of(Blades.blade(GeometryKind.KNIFE));

    private static Wheel wheel(Wheel.Kind kind, double diameter) {
        return new Wheel("wheel", kind, Length.ofMm(diameter), OptionalDouble.empty(), OptionalDouble.empty());
    }

    private static Angle deg(double degrees) {
        return Angle.ofDegrees(degrees);
    }

    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    private static RollerHolder roller(double r, double d, double s, Optional<Length> drop) {
        return new RollerHolder(
                HolderKind.ROLLER_GUIDE,
                mm(r),
                mm(d),
                mm(s),
                false,
                Optional.empty(),
                drop,
                Optional.empty(),
                Optional.empty(),
                List.of());
    }

    @ParameterizedTest
    @EnumSource(HolderKind.class)
    void anglesThatNothingHoldsAreRefusedByAll(HolderKind kind) {
        Holder holder = HolderTest.sample(kind);
        Seat seat = kind.holds(GeometryKind.KNIFE) ? KNIFE : CHISEL;
        for (double wrong : new double[] {-5, 0, 3.9, 85.1, 170}) {
            assertThatThrownBy(() -> holder.setting(seat, deg(wrong)))
                    .as(kind + " " + wrong)
                    .isInstanceOf(RefusedException.class);
        }
    }

    @ParameterizedTest
    @EnumSource(HolderKind.class)
    void settingsThatGiveNoAngleAreRefusedByAll(HolderKind kind) {
        Holder holder = HolderTest.sample(kind);
        Seat seat = kind.holds(GeometryKind.KNIFE) ? KNIFE : CHISEL;
        assertThatThrownBy(() -> holder.gives(seat, 10_000)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> holder.gives(seat, -10_000)).isInstanceOf(RefusedException.class);
    }

    @Test
    void aWheelSmallerThanTheBevelIsRefused() {
        RestHolder rest = new RestHolder(wheel(Wheel.Kind.DRY_STONE, 20), mm(2));
        Seat thick = Seat.of(Blades.blade(GeometryKind.CHISEL, "thickness", 10.0));
        assertThatThrownBy(() -> rest.setting(thick, deg(25)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("cannot grind this bevel")
                .hasMessageContaining(InWords.figures("23.66"));
    }

    @Test
    void aBarInsideTheWheelIsRefused() {
        BarHolder bar = new BarHolder(wheel(Wheel.Kind.WET_STONE, 250), mm(40), mm(-30), mm(8));
        assertThatThrownBy(() -> bar.setting(CHISEL, deg(10)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("reach is too short");
    }

    @Test
    void aBarWhoseGapWouldCloseAgainIsRefused() {
        BarHolder bar = new BarHolder(wheel(Wheel.Kind.WET_STONE, 250), mm(60), mm(60), mm(6));
        assertThatThrownBy(() -> bar.setting(CHISEL, deg(50)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("less than 45°");
        assertThat(bar.gives(CHISEL, bar.setting(CHISEL, deg(40)).value()).degrees())
                .isCloseTo(40, within(1e-9));
    }

    @Test
    void aContactOffTheWheelIsRefused() {
        assertThatThrownBy(() -> new RestHolder(wheel(Wheel.Kind.DRY_STONE, 150), mm(75)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("75\u202fmm");
    }

    @Test
    void aRollerThatFoulsTheBladeIsRefused() {
        Seat thick = Seat.of(Blades.blade(GeometryKind.CHISEL, "thickness", 8.0));
        assertThatThrownBy(() -> roller(9.5, 14, 11.5, Optional.empty()).setting(thick, deg(30)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("fouls")
                .hasMessageContaining(InWords.figures("17.5\u202fmm"));
    }

    @Test
    void aBodyThatWouldRubIsRefused() {
        assertThatThrownBy(() -> roller(9.5, 30, 11.5, Optional.of(mm(36))).setting(CHISEL, deg(40)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("would rub");
    }

    @Test
    void anEdgeInsideTheGuideIsRefusedWithTheSteepestItHolds() {
        assertThatThrownBy(() -> roller(9.5, 14, 30, Optional.empty()).setting(CHISEL, deg(60)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("inside it");
    }

    @Test
    void aSpineHigherThanTheBladeIsWideIsRefused() {
        Holder hand = HolderTest.sample(HolderKind.HAND);
        assertThatThrownBy(() -> hand.gives(KNIFE, KNIFE.width().mm() + 2))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("less than");
        Seat stout = Seat.of(Blades.blade(GeometryKind.DRAWKNIFE, "usableLength", 24.0, "thickness", 6.0));
        assertThatThrownBy(() -> hand.setting(stout, deg(10)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("lie in the stone");
    }

    @Test
    void aStoneThatWouldLieOnTheCheekIsRefused() {
        HandStone slip = new HandStone(mm(12));
        Seat stout = Seat.of(Blades.blade(GeometryKind.DRAWKNIFE, "usableLength", 30.0, "thickness", 6.0));
        assertThatThrownBy(() -> slip.setting(stout, deg(20)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("cheek");
    }

    @Test
    void aWheelAboveItsMarkingIsRefusedAtTheSetting() {
        Wheel fast = new Wheel("fast", Wheel.Kind.DRY_STONE, mm(200), OptionalDouble.of(2850), OptionalDouble.of(25));
        assertThatThrownBy(() -> new RestHolder(fast, mm(10)).setting(CHISEL, deg(25)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("marking");
        Wheel marked = new Wheel("ok", Wheel.Kind.DRY_STONE, mm(150), OptionalDouble.of(2850), OptionalDouble.of(35));
        Setting s = new RestHolder(marked, mm(10)).setting(CHISEL, deg(25));
        assertThat(s.asides().get(0).value()).isCloseTo(22.4, within(0.05));
        assertThat(s.asides().get(0).words()).contains("35");
    }

    @Test
    void softWheelsSayTheyRunAwayFromTheEdgeAndLeaveNoHollow() {
        for (Wheel.Kind kind : Wheel.Kind.values()) {
            Setting s = new BarHolder(wheel(kind, 220), mm(150), mm(-19), mm(7)).setting(CHISEL, deg(27));
            boolean away = s.checks().stream().anyMatch(c -> c.contains(HoldingWords.RUNS_AWAY.words()));
            boolean hollow = s.asides().stream().anyMatch(a -> a.label().contains("hollow"));
            assertThat(away).as(kind.words()).isEqualTo(kind.soft());
            assertThat(hollow).as(kind.words()).isEqualTo(!kind.soft());
        }
    }

    @Test
    void theChordOfTheHollowIsTheOneWhoseEdgeStandsAtTheSetting() {
        Setting s = new BarHolder(wheel(Wheel.Kind.WET_STONE, 200), mm(150), mm(-19), mm(7))
                .setting(Seat.of(Blades.blade(GeometryKind.CHISEL, "thickness", 3.2)), deg(25));
        double chord = s.asides().stream()
                .filter(a -> a.label().contains("hollow"))
                .findFirst()
                .orElseThrow()
                .value();
        assertThat(chord).isCloseTo(27.02, within(5e-3));
    }

    @Test
    void aSlackBeltIsTiltedForLessAndRoundsUpToTheAngle() {
        Setting platen = new BeltTable(Angle.ZERO).setting(CHISEL, deg(30));
        Setting slack = new BeltTable(deg(3)).setting(CHISEL, deg(30));
        assertThat(platen.value()).isCloseTo(60, within(1e-9));
        assertThat(slack.value()).isCloseTo(63, within(1e-9));
        assertThat(slack.asides().get(0).value()).isCloseTo(27, within(1e-9));
        assertThatThrownBy(() -> new BeltTable(deg(15)).setting(CHISEL, deg(12)))
                .isInstanceOf(RefusedException.class);
    }

    @ParameterizedTest
    @CsvSource({"10, 15.0", "20, 15.5", "60, 20"})
    void anOwnedWedgeSaysWhatItHolds(double wedge, double wanted) {
        Setting s = new WedgeBlock(Optional.of(deg(wedge))).setting(KNIFE, deg(wanted));
        Setting.Aside owned = s.asides().get(0);
        assertThat(owned.value()).isCloseTo(KNIFE.edgeBevel(deg(wedge)).degrees(), within(1e-12));
        assertThat(owned.words()).contains(owned.value() > wanted ? "steeper" : "lower");
    }

    @Test
    void aFixedFootSaysWhatItHonesAt() {
        Seat drawknife = Seat.of(Blades.blade(GeometryKind.DRAWKNIFE));
        double foot =
                new SpineHone(Optional.empty()).setting(drawknife, deg(30)).value();
        Setting.Aside fixed = new SpineHone(Optional.of(mm(foot)))
                .setting(drawknife, deg(25))
                .asides()
                .get(0);
        assertThat(fixed.value()).isCloseTo(30, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(HolderKind.class)
    void everyDimensionIsCheckedAtItsField(HolderKind kind) {
        Optional<Wheel> wheel = kind.onWheel() ? Optional.of(wheel(Wheel.Kind.WET_STONE, 225)) : Optional.empty();
        for (Dimension d : kind.dimensions()) {
            for (double wrong : new double[] {d.low() - 1, d.high() + 1}) {
                Checks checks = new Checks();
                Map<String, Double> values = new java.util.TreeMap<>();
                kind.dimensions().stream().filter(Dimension::needed).forEach(n -> values.put(n.field(), n.low() + 1));
                values.put(d.field(), wrong);
                assertThat(kind.read(new Measures(values), List.of(), wheel, checks))
                        .isEmpty();
                assertThat(checks.refusals())
                        .anySatisfy(r -> assertThat(r.field()).isEqualTo(d.field()));
            }
            if (d.needed()) {
                Checks checks = new Checks();
                kind.read(Measures.none(), List.of(), wheel, checks);
                assertThat(checks.refusals())
                        .anySatisfy(r -> assertThat(r.field()).isEqualTo(d.field()));
            }
        }
        if (kind.onWheel()) {
            Checks checks = new Checks();
            kind.read(Measures.none(), List.of(), Optional.empty(), checks);
            assertThat(checks.refusals()).anySatisfy(r -> assertThat(r.field()).isEqualTo("wheelId"));
        }
    }
}
