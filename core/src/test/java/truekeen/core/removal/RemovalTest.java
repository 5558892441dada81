package truekeen.core.removal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.abrasive.Abrasive;
import truekeen.core.abrasive.AbrasiveClass;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;

/** What a stroke and a second take. */
class RemovalTest {
    private static final SteelClass STEEL =
            Steels.byName("low-alloy tool steel").orElseThrow();

    private static Abrasive piece(AbrasiveKind kind, double um, Abrasive.State state) {
        return new Abrasive(
                "a",
                "a",
                kind,
                kind.grain(),
                um,
                false,
                Abrasive.Shape.BENCH,
                kind.lubricants().get(0),
                state);
    }

    @ParameterizedTest
    @CsvSource({"DRY_WHEEL, 25, 123.333", "BELT, 9.333, 40", "SLOW_WET_WHEEL, 137.5, 500", "PAPER_DISC, 166.667, 250"})
    void nineTenthsGoFastAndTheLastTenthLight(AbrasiveKind kind, double least, double most) {
        PowerRate rate = PowerRate.of(kind).orElseThrow();
        assertThat(rate.leastSeconds(100)).isCloseTo(least, within(1e-3));
        assertThat(rate.mostSeconds(100)).isCloseTo(most, within(1e-3));
        assertThat(rate.leastSeconds(0)).isZero();
    }

    @Test
    void lightPassesHaveRatesOfTheirOwn() {
        PowerRate wheel = PowerRate.of(AbrasiveKind.DRY_WHEEL).orElseThrow();
        assertThat(wheel.fastest(false)).isEqualTo(6);
        assertThat(wheel.fastest(true)).isEqualTo(1);
        assertThat(wheel.slowest(false)).isEqualTo(1);
        assertThat(wheel.slowest(true)).isEqualTo(0.3);
    }

    @ParameterizedTest
    @EnumSource(AbrasiveKind.class)
    void everyKindCutsByStrokesOrByTimeOrNotAtAll(AbrasiveKind kind) {
        boolean powered = PowerRate.of(kind).isPresent();
        assertThat(PowerRate.kinds().contains(kind)).isEqualTo(powered);
        if (powered) {
            PowerRate rate = PowerRate.of(kind).orElseThrow();
            assertThat(rate.kind()).isEqualTo(kind);
            assertThat(rate.slow()).isLessThanOrEqualTo(rate.fast());
            assertThat(rate.slowLight()).isLessThanOrEqualTo(rate.fastLight()).isLessThanOrEqualTo(rate.slow());
            assertThat(kind.specificWear()).isEmpty();
        }
        if (kind.specificWear().isEmpty()) {
            assertThatThrownBy(() -> StockRemoval.specificWear(piece(kind, 10, Abrasive.State.READY), STEEL))
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessageContaining(kind.key());
        }
    }

    @Test
    void wearGoesWithAPowerOfTheGrainAndTheResistanceOfTheSteel() {
        Abrasive fine = piece(AbrasiveKind.OXIDE_WATER_STONE, 2, Abrasive.State.READY);
        Abrasive coarse = piece(AbrasiveKind.OXIDE_WATER_STONE, 8, Abrasive.State.READY);
        assertThat(StockRemoval.specificWear(coarse, STEEL))
                .isCloseTo(Math.pow(4, 0.7) * StockRemoval.specificWear(fine, STEEL), within(1e-15));
        double resistance = StockRemoval.resistance(fine, STEEL);
        assertThat(resistance).isEqualTo(STEEL.resistanceOxide());
        double k0 = AbrasiveKind.OXIDE_WATER_STONE.specificWear().orElseThrow();
        assertThat(StockRemoval.specificWear(fine, STEEL))
                .isCloseTo(k0 * Math.pow(2 / 11.5, 0.7) / resistance, within(1e-15));
        Abrasive diamond = piece(AbrasiveKind.PLATED_DIAMOND, 8, Abrasive.State.READY);
        assertThat(diamond.grain()).isEqualTo(AbrasiveClass.SUPER);
        assertThat(StockRemoval.resistance(diamond, STEEL)).isEqualTo(STEEL.resistanceSuper());
    }

    @Test
    void aStrokeTakesForceTimesWayAndStrokesUndoIt() {
        Abrasive stone = piece(AbrasiveKind.OXIDE_WATER_STONE, 11.5, Abrasive.State.READY);
        double wear = StockRemoval.specificWear(stone, STEEL);
        assertThat(StockRemoval.perStroke(stone, STEEL, 40, 150)).isCloseTo(wear * 40 * 150, within(1e-15));
        double each = StockRemoval.perStroke(stone, STEEL, 20);
        assertThat(each).isCloseTo(StockRemoval.perStroke(stone, STEEL, 20, stone.strokeMm()), within(1e-15));
        assertThat(StockRemoval.strokes(stone, STEEL, 20, 7 * each)).isCloseTo(7, within(1e-9));
    }
}
