package truekeen.core.holding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import truekeen.core.message.RefusedException;
import truekeen.core.message.Says;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.section.Point;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;
import truekeen.core.tool.Measures;

class HolderTest {
    private static final Wheel WET = new Wheel(
            "wet wheel", Wheel.Kind.WET_STONE, Length.ofMm(225), OptionalDouble.of(90), OptionalDouble.empty());

    static Holder sample(HolderKind kind) {
        Map<String, Double> values = new TreeMap<>();
        switch (kind) {
            case ROLLER_GUIDE -> values.putAll(Map.of("rollerRadius", 9.5, "axleBelowBack", 40.0, "axleSetback", 11.5));
            case FACE_GUIDE -> values.putAll(Map.of("rollerRadius", 9.5, "axleBelowBack", 12.0, "axleSetback", 11.5));
            case PLATFORM_REST -> values.put("contact", 15.0);
            case SUPPORT_BAR -> values.putAll(Map.of("reach", 152.0, "offset", -19.0, "barDiameter", 14.0));
            case STACK -> values.put("piece", 0.3);
            case HAND_STONE -> values.put("stoneLength", 100.0);
            default -> values.clear();
        }
        return kind.build(new Measures(values), List.of(), kind.onWheel() ? Optional.of(WET) : Optional.empty());
    }

    @ParameterizedTest
    @EnumSource(HolderKind.class)
    void everySettingGivesItsAngleBackOverTheWholeRange(HolderKind kind) {
        Holder holder = sample(kind);
        int held = 0;
        for (GeometryKind family : GeometryKind.values()) {
            Blade blade = Blades.blade(family);
            Seat seat = Seat.of(blade);
            if (!kind.holds(family)) {
                assertThatThrownBy(() -> holder.setting(seat, blade.primary()))
                        .isInstanceOf(RefusedException.class)
                        .hasMessageContaining("not held by");
                continue;
            }
            for (double degrees = 4; degrees <= 85; degrees += 0.25) {
                Angle angle = Angle.ofDegrees(degrees);
                Setting setting;
                try {
                    setting = holder.setting(seat, angle);
                } catch (RefusedException refused) {
                    continue;
                }
                held++;
                assertThat(holder.gives(seat, setting.value()).degrees())
                        .as("%s %s %s", kind, family, angle)
                        .isCloseTo(degrees, within(1e-9));
            }
        }
        assertThat(held).isGreaterThan(100);
    }

    /** The slope that is spoken as a tolerance is what a changed setting really does. */
    @ParameterizedTest
    @EnumSource(HolderKind.class)
    void theToleranceIsWhatTheSettingDoes(HolderKind kind) {
        Holder holder = sample(kind);
        for (GeometryKind family : GeometryKind.values()) {
            if (kind.holds(family)) {
                Seat seat = Seat.of(Blades.blade(family));
                Setting setting = holder.setting(seat, Angle.ofDegrees(30));
                double step = 1e-4;
                double change = holder.gives(seat, setting.value() + step).degrees()
                        - holder.gives(seat, setting.value() - step).degrees();
                assertThat(setting.degreesPerUnit())
                        .as("%s %s", kind, family)
                        .isCloseTo(change / (2 * step), within(1e-5));
                assertThat(setting.tolerance()).matches(Says.the(HoldingWords.STEP_AT_THE_EDGE));
            }
        }
    }

    /** The drawing is the geometry: what is marked as the setting measures what is to be set. */
    @ParameterizedTest
    @EnumSource(HolderKind.class)
    void theDrawingMeasuresWhatItSays(HolderKind kind) {
        Holder holder = sample(kind);
        for (GeometryKind family : GeometryKind.values()) {
            if (!kind.holds(family)) {
                continue;
            }
            Setting s = holder.setting(Seat.of(Blades.blade(family)), Angle.ofDegrees(32));
            List<Double> chief = new ArrayList<>();
            s.scheme().spans().stream()
                    .filter(Scheme.Span::chief)
                    .forEach(p -> chief.add(p.from().distance(p.to())));
            s.scheme().turns().stream().filter(Scheme.Turn::chief).forEach(t -> chief.add(t.toDeg() - t.fromDeg()));
            assertThat(chief).as("%s %s", kind, family).hasSize(1);
            assertThat(chief.get(0)).as("%s %s", kind, family).isCloseTo(s.value(), within(1e-6));
        }
    }

    @Test
    void aRollerStandsOnItsStone() {
        Setting s = sample(HolderKind.ROLLER_GUIDE)
                .setting(Seat.of(Blades.blade(GeometryKind.CHISEL)), Angle.ofDegrees(28));
        Scheme.Part roller = s.scheme().parts().stream()
                .filter(p -> p.material() == Scheme.Material.ROLLER)
                .findFirst()
                .orElseThrow();
        assertThat(roller.outline().get(0).y()).isCloseTo(roller.radiusMm(), within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"CHISEL", "KNIFE"})
    void aBarTouchesNeitherWheelNorAir(String family) {
        Setting s = sample(HolderKind.SUPPORT_BAR)
                .setting(Seat.of(Blades.blade(GeometryKind.valueOf(family))), Angle.ofDegrees(27));
        Scheme.Part bar = s.scheme().parts().stream()
                .filter(p -> p.material() == Scheme.Material.BAR)
                .findFirst()
                .orElseThrow();
        double away =
                bar.outline().get(0).distance(new Point(0, 0)) - WET.radius().mm() - bar.radiusMm();
        assertThat(away).isCloseTo(s.value(), within(1e-9)).isCloseTo(99.22, within(0.01));
    }

    @Test
    void theWorkedFiguresHoldThroughTheHolders() {
        Seat chisel = Seat.of(Blades.blade(GeometryKind.CHISEL));
        RollerHolder guide = new RollerHolder(
                HolderKind.ROLLER_GUIDE,
                Length.ofMm(9.5),
                Length.ofMm(14),
                Length.ofMm(11.5),
                false,
                Optional.of(Length.ofMm(1.5)),
                Optional.of(Length.ofMm(6)),
                Optional.of(Length.ofMm(60)),
                Optional.of(Length.ofMm(8)),
                List.of(Length.ofMm(41), Length.ofMm(32)));
        Setting thirty = guide.setting(chisel, Angle.ofDegrees(30));
        assertThat(thirty.value()).isCloseTo(31.75, within(0.005));
        assertThat(Math.abs(thirty.degreesPerUnit())).isCloseTo(0.644, within(0.0005));
        assertThat(guide.gives(chisel, 38).degrees()).isCloseTo(26.43, within(0.005));
        Setting.Aside block = aside(thirty, "nearest stop block");
        assertThat(block.value()).isEqualTo(32);
        assertThat(block.words()).contains("lower");
        // A cam of Δr lifts the guide: asin((r + Δr)/hypot) instead of asin(r/hypot).
        double reach = Math.hypot(31.75085 + 11.5, 14);
        assertThat(aside(thirty, "with the cam turned, same projection").value())
                .isCloseTo(30 + Math.toDegrees(Math.asin(11 / reach) - Math.asin(9.5 / reach)), within(1e-3));
        assertThat(aside(thirty, "body above the stone").value())
                .isCloseTo(31.75085 * 0.5 - 6 * Math.cos(Math.toRadians(30)), within(2e-3));
    }

    @Test
    void gripByTheBevelSideAddsTheThickness() {
        Seat seat = Seat.of(Blades.blade(GeometryKind.CHISEL));
        double t = seat.thickness().mm();
        Setting byFace = sample(HolderKind.FACE_GUIDE).setting(seat, Angle.ofDegrees(30));
        assertThat(byFace.value())
                .isCloseTo((9.5 + (12 + t) * Math.cos(Math.toRadians(30))) / 0.5 - 11.5, within(1e-9));
    }

    @Test
    void aStackOfCardsIsWholeCardsAndSaysWhatTheyHold() {
        Seat seat = Seat.of(Blades.blade(GeometryKind.KNIFE));
        Setting s = sample(HolderKind.STACK).setting(seat, Angle.ofDegrees(15));
        Setting.Aside cards = aside(s, "of them, laid on one another");
        assertThat(cards.value()).isEqualTo(Math.round(s.value() / 0.3));
        assertThat(cards.words()).contains("hold");
        assertThat(s.asides().stream().filter(a -> a.label().startsWith("at ")).count())
                .isEqualTo(4);
        double tip = s.asides().stream()
                .filter(a -> a.words().contains(HoldingWords.LIFT_INTO_THE_BELLY.words()))
                .findFirst()
                .orElseThrow()
                .value();
        assertThat(tip).isLessThan(s.value());
    }

    @Test
    void aRightAngleIsHalvedToTheNearest() {
        assertThat(SpineStack.halving(Angle.ofDegrees(23)).value()).isEqualTo(22.5);
        assertThat(SpineStack.halving(Angle.ofDegrees(44)).value()).isEqualTo(45);
        assertThat(SpineStack.halving(Angle.ofDegrees(12)).label()).contains("3 times");
        assertThat(SpineStack.halving(Angle.ofDegrees(15)).words()).contains("3.7° more");
    }

    @Test
    void aSmallerWheelWantsAnotherGapAndAnotherTilt() {
        Wheel trued =
                new Wheel("", Wheel.Kind.WET_STONE, Length.ofMm(215), OptionalDouble.empty(), OptionalDouble.empty());
        Seat seat = Seat.of(Blades.blade(GeometryKind.CHISEL));
        BarHolder before = (BarHolder) sample(HolderKind.SUPPORT_BAR);
        BarHolder after = new BarHolder(trued, before.reach(), before.offset(), before.barRadius());
        double gap = before.setting(seat, Angle.ofDegrees(27)).value();
        double other = after.setting(seat, Angle.ofDegrees(27)).value();
        assertThat(other).isNotCloseTo(gap, within(0.3));
        assertThat(after.gives(seat, gap).degrees()).isNotCloseTo(27, within(0.05));
    }

    @Test
    void oneObjectThickerThanTheBladeIsWideIsSaidAndNotBentToFit() {
        Holder bricks = HolderKind.STACK.build(new Measures(Map.of("piece", 60.0)), List.of(), Optional.empty());
        Setting s = bricks.setting(Seat.of(Blades.blade(GeometryKind.KNIFE)), Angle.ofDegrees(15));
        assertThat(aside(s, "of them, laid on one another").words()).contains(HoldingWords.EVEN_ONE_TOO_THICK.words());
    }

    /** What is said to raise the angle does. */
    @ParameterizedTest
    @EnumSource(HolderKind.class)
    void whatIsSaidToRaiseTheAngleDoes(HolderKind kind) {
        Holder holder = sample(kind);
        GeometryKind family = kind.holds(GeometryKind.KNIFE) ? GeometryKind.KNIFE : GeometryKind.CHISEL;
        double slope = holder.setting(Seat.of(Blades.blade(family)), Angle.ofDegrees(30))
                .degreesPerUnit();
        boolean less = kind.toRaise().startsWith("shorten") || kind.toRaise().contains("less");
        assertThat(slope < 0).as(kind + ": " + kind.toRaise()).isEqualTo(less);
        assertThat(kind.seating()).endsWith(".");
        assertThat(kind.toLower()).isNotEmpty();
    }

    private static Setting.Aside aside(Setting s, String label) {
        return s.asides().stream()
                .filter(a -> a.label().equals(label))
                .findFirst()
                .orElseThrow();
    }
}
