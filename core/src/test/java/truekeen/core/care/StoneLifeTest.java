package truekeen.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.abrasive.AbrasiveKind;
import truekeen.core.care.StoneLife.DayOfUse;
import truekeen.core.care.StoneLife.Known;
import truekeen.core.care.StoneLife.Thickness;

class StoneLifeTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 1);

    /** So many strokes on each of the last ninety days. */
    private static List<DayOfUse> daily(int strokes) {
        return IntStream.range(0, 90)
                .mapToObj(i -> new DayOfUse(TODAY.minusDays(89 - i), strokes))
                .toList();
    }

    private static StoneLife soaker(int aDay, Thickness... thicknesses) {
        return StoneLife.of(AbrasiveKind.OXIDE_WATER_STONE, new Known(daily(aDay), List.of(thicknesses), 0), TODAY)
                .orElseThrow();
    }

    /** 10 mm, ends at 4: 6 mm at 60 µm a thousand strokes are 100,000, less today's 500; 500 a day, twice or half as long. */
    @Test
    void byTheThicknessThatIsUsual() {
        StoneLife life = soaker(500, new Thickness(TODAY, 10));
        assertThat(life.likely()).isCloseTo(99_500, within(1e-6));
        assertThat(life.low()).isCloseTo(49_750, within(1e-6));
        assertThat(life.early()).contains(TODAY.plusDays(100));
        assertThat(life.late()).contains(TODAY.plusDays(398));
        assertThat(life.measured()).isFalse();
        assertThat(life.soon(TODAY)).isTrue();
        assertThat(life.gone()).isFalse();
        assertThat(soaker(500, new Thickness(TODAY.minusDays(79), 10)).likely())
                .as("80 days of use since it was measured")
                .isCloseTo(60_000, within(1e-6));
    }

    /** 1 mm gone over 20 days of 1,000 strokes: 6 mm more last 120,000, within a fifth since a caliper reads 0.2 mm of it. */
    @Test
    void itsOwnWearIsTakenOnceItIsMeasured() {
        StoneLife life = soaker(1000, new Thickness(TODAY.minusDays(20), 11), new Thickness(TODAY, 10));
        assertThat(life.measured()).isTrue();
        assertThat(life.likely()).isCloseTo(119_000, within(1e-6));
        assertThat(life.low()).isCloseTo(119_000 / 1.2, within(1e-6));
        assertThat(life.high()).isCloseTo(119_000 * 1.2, within(1e-6));
        assertThat(soaker(1000, new Thickness(TODAY.minusDays(9), 10.1), new Thickness(TODAY, 10))
                        .measured())
                .as("less than a caliper tells")
                .isFalse();
    }

    /** A stone that is hardly used outlives its owner: no day is made up for it. */
    @Test
    void whatLiesTooFarOffHasNoDay() {
        StoneLife thick = soaker(1, new Thickness(TODAY, 20));
        assertThat(thick.early()).isEmpty();
        assertThat(thick.late()).isEmpty();
        assertThat(thick.soon(TODAY)).isFalse();
        StoneLife thin = soaker(10, new Thickness(TODAY, 6));
        assertThat(thin.early()).isPresent();
        assertThat(thin.late()).isEmpty();
    }

    @Test
    void plateAndPaperByTheirStrokesAndNothingByGuess() {
        StoneLife sheet = StoneLife.of(AbrasiveKind.PAPER_ON_PLATE, new Known(daily(10), List.of(), 450), TODAY)
                .orElseThrow();
        assertThat(sheet.likely()).isEqualTo(50);
        assertThat(sheet.early().orElseThrow()).isBefore(TODAY.plusDays(6));
        StoneLife plate = StoneLife.of(AbrasiveKind.PLATED_DIAMOND, new Known(daily(10), List.of(), 90_000), TODAY)
                .orElseThrow();
        assertThat(plate.gone()).isTrue();
        assertThat(plate.late()).contains(TODAY);
        assertThat(StoneLife.of(AbrasiveKind.OXIDE_WATER_STONE, new Known(daily(9), List.of(), 0), TODAY))
                .as("nobody measured it")
                .isEmpty();
        assertThat(StoneLife.of(AbrasiveKind.BARE_STROP, new Known(daily(9), List.of(), 0), TODAY))
                .isEmpty();
        assertThat(StoneLife.of(AbrasiveKind.PAPER_ON_PLATE, new Known(List.of(), List.of(), 0), TODAY))
                .as("never used")
                .isEmpty();
        StoneLife onceLong = StoneLife.of(
                        AbrasiveKind.PAPER_ON_PLATE,
                        new Known(List.of(new DayOfUse(TODAY.minusDays(300), 450)), List.of(), 450),
                        TODAY)
                .orElseThrow();
        assertThat(onceLong.early()).as("not used any more").isEmpty();
    }

    /** One busy day is no habit: 140 strokes on the first day count as ten a day. */
    @Test
    void aFirstDayIsSpreadOverTwoWeeks() {
        StoneLife first = StoneLife.of(
                        AbrasiveKind.PAPER_ON_PLATE,
                        new Known(List.of(new DayOfUse(TODAY, 140)), List.of(), 300),
                        TODAY)
                .orElseThrow();
        assertThat(first.early()).contains(TODAY.plusDays(10));
    }

    @ParameterizedTest
    @EnumSource(AbrasiveKind.class)
    void everyKindOfStrokesHasItsLife(AbrasiveKind kind) {
        assertThat(StoneLife.usual(kind).isPresent()).isEqualTo(kind.use() == AbrasiveKind.Use.STROKES);
        StoneLife.usual(kind).ifPresent(u -> assertThat(u.umPer1000() > 0).isNotEqualTo(u.strokes() > 0));
    }
}
