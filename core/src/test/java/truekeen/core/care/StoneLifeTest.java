package truekeen.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.care.StoneLife.Thickness;

class StoneLifeTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 1);

    /** 10 mm, ends at 4: 6 mm at 60 µm a thousand strokes are 100,000; 500 a day are 200 days, twice or half as long. */
    @Test
    void byTheThicknessThatIsUsual() {
        StoneLife life = StoneLife.of(
                        AbrasiveKind.OXIDE_WATER_STONE, List.of(new Thickness(TODAY, 10, 0)), 0, 500, TODAY)
                .orElseThrow();
        assertThat(life.strokesLeft()).isCloseTo(100_000, within(1e-6));
        assertThat(life.early()).isEqualTo(TODAY.plusDays(100));
        assertThat(life.late()).isEqualTo(TODAY.plusDays(400));
        assertThat(life.measured()).isFalse();
        assertThat(life.soon(TODAY)).isTrue();
        assertThat(StoneLife.of(
                                AbrasiveKind.OXIDE_WATER_STONE,
                                List.of(new Thickness(TODAY, 10, 0)),
                                40_000,
                                500,
                                TODAY)
                        .orElseThrow()
                        .strokesLeft())
                .isCloseTo(60_000, within(1e-6));
    }

    /** 1 mm gone over 20,000 strokes: 6 mm more last 120,000, known within a fifth since a caliper reads 0.2 mm of it. */
    @Test
    void itsOwnWearIsTakenOnceItIsMeasured() {
        StoneLife life = StoneLife.of(
                        AbrasiveKind.OXIDE_WATER_STONE,
                        List.of(new Thickness(TODAY.minusDays(90), 11, 0), new Thickness(TODAY, 10, 20_000)),
                        0,
                        1000,
                        TODAY)
                .orElseThrow();
        assertThat(life.measured()).isTrue();
        assertThat(life.strokesLeft()).isCloseTo(120_000, within(1e-6));
        assertThat(life.low()).isCloseTo(100_000, within(1e-6));
        assertThat(life.high()).isCloseTo(144_000, within(1e-6));
        StoneLife hardly = StoneLife.of(
                        AbrasiveKind.OXIDE_WATER_STONE,
                        List.of(new Thickness(TODAY.minusDays(9), 10.1, 0), new Thickness(TODAY, 10, 200)),
                        0,
                        1000,
                        TODAY)
                .orElseThrow();
        assertThat(hardly.measured()).as("less than a caliper tells").isFalse();
    }

    @Test
    void plateAndPaperByTheirStrokesAndNothingByGuess() {
        assertThat(StoneLife.of(AbrasiveKind.PAPER_ON_PLATE, List.of(), 450, 10, TODAY)
                        .orElseThrow()
                        .early())
                .isBefore(TODAY.plusDays(6));
        StoneLife gone = StoneLife.of(AbrasiveKind.PLATED_DIAMOND, List.of(), 90_000, 10, TODAY)
                .orElseThrow();
        assertThat(gone.strokesLeft()).isZero();
        assertThat(gone.late()).isEqualTo(TODAY);
        assertThat(StoneLife.of(AbrasiveKind.OXIDE_WATER_STONE, List.of(), 0, 10, TODAY))
                .isEmpty();
        assertThat(StoneLife.of(AbrasiveKind.BARE_STROP, List.of(), 0, 10, TODAY))
                .isEmpty();
        assertThat(StoneLife.of(AbrasiveKind.PAPER_ON_PLATE, List.of(), 0, 0, TODAY))
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(AbrasiveKind.class)
    void everyKindOfStrokesHasItsLife(AbrasiveKind kind) {
        assertThat(StoneLife.usual(kind).isPresent()).isEqualTo(kind.use() == AbrasiveKind.Use.STROKES);
        StoneLife.usual(kind).ifPresent(u -> assertThat(u.umPer1000() > 0).isNotEqualTo(u.strokes() > 0));
    }
}
