package truekeen.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.quantity.Angle;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.tool.Blade;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

class GrindHeatTest {
    private static final SteelClass PLAIN = Steels.byName("plain carbon").orElseThrow();

    private static GrindHeat of(Blade blade, SteelClass steel, HeatSource source) {
        return GrindHeat.of(blade, blade.primary(), steel, source);
    }

    @ParameterizedTest
    @EnumSource(GeometryKind.class)
    void everyFamilyHasAnAnswerAndBluntFirstGivesMoreTime(GeometryKind kind) {
        Blade blade = Blades.blade(kind);
        GrindHeat heat = of(blade, PLAIN, HeatSource.of(AbrasiveKind.DRY_WHEEL).orElseThrow());
        assertThat(heat.limitC()).isEqualTo(120);
        double sharp = heat.sharp().leastSeconds().orElse(GrindHeat.MOST_SECONDS);
        double blunt = heat.bluntAlike().leastSeconds().orElse(GrindHeat.MOST_SECONDS);
        assertThat(blunt).isGreaterThan(sharp);
        assertThat(heat.sharp().mostSeconds().orElse(GrindHeat.MOST_SECONDS)).isGreaterThan(sharp);
    }

    @Test
    void theModelBehindItIsTheWorkedOne() {
        Blade chisel = Blades.blade(GeometryKind.CHISEL, "thickness", 4.0, "width", 20.0, "usableLength", 80.0);
        GrindHeat heat = GrindHeat.of(
                chisel,
                Angle.ofDegrees(25),
                PLAIN,
                HeatSource.of(AbrasiveKind.DRY_WHEEL).orElseThrow());
        double alike = new HeatModel(
                        new EdgeFin(0.02, Math.tan(Math.toRadians(25)), 4, 20, 60), PLAIN.conductivityWmK())
                .contact(30, 20, 120, 30)
                .limitAt()
                .orElseThrow();
        assertThat(heat.sharp().leastSeconds().orElseThrow()).isCloseTo(alike, within(1e-9));
        assertThat(heat.sharp().behindC()).isLessThan(120);
    }

    @Test
    void waterAndHardSteelGiveMoreTime() {
        Blade chisel = Blades.blade(GeometryKind.CHISEL);
        double dry = of(chisel, PLAIN, HeatSource.of(AbrasiveKind.DRY_WHEEL).orElseThrow())
                .sharp()
                .leastSeconds()
                .orElseThrow();
        double wet = of(
                        chisel,
                        PLAIN,
                        HeatSource.of(AbrasiveKind.SLOW_WET_WHEEL).orElseThrow())
                .sharp()
                .leastSeconds()
                .orElse(GrindHeat.MOST_SECONDS);
        assertThat(wet).isGreaterThan(dry);
        SteelClass hot = Steels.all().stream()
                .max((a, b) -> Double.compare(a.temperLimitC(), b.temperLimitC()))
                .orElseThrow();
        assertThat(of(chisel, hot, HeatSource.of(AbrasiveKind.DRY_WHEEL).orElseThrow())
                        .sharp()
                        .leastSeconds()
                        .orElse(GrindHeat.MOST_SECONDS))
                .isGreaterThan(dry);
    }
}
