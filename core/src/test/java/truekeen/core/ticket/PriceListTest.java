package truekeen.core.ticket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import truekeen.core.condition.Finding;
import truekeen.core.quantity.Length;

class PriceListTest {
    private static final PriceList LIST = new PriceList(
            "EUR",
            Map.of("kitchen knife", Price.of(6), "shears", Price.of(9.5)),
            Map.of(Finding.Kind.CHIP, Price.of(2), Finding.Kind.COLOUR, Price.of(4)),
            Price.of(1.25));

    private static Finding at(Finding.Kind kind, double from, boolean leave) {
        return new Finding(kind, from, from + 3, 0.6, leave);
    }

    @Test
    void aSharpeningWithChipsAndSteelToGo() {
        // 6.00 + 2.00 for chips, however many + the first millimetre at 1.25
        Quote quote = LIST.quote(
                        "kitchen knife",
                        Optional.of(new PriceList.Damage(
                                List.of(at(Finding.Kind.CHIP, 10, false), at(Finding.Kind.CHIP, 60, false)),
                                Length.ofMm(0.8))))
                .orElseThrow();

        assertThat(quote.lines())
                .containsExactly(
                        new Quote.Line(Quote.For.SHARPENING, Optional.empty(), new Price(600)),
                        new Quote.Line(Quote.For.DAMAGE, Optional.of(Finding.Kind.CHIP), new Price(200)),
                        new Quote.Line(Quote.For.STEEL_TO_GO, Optional.empty(), new Price(125)));
        assertThat(quote.total().amount()).isEqualTo("9.25");
        assertThat(quote.beforeSurvey()).isFalse();
    }

    @Test
    void aStartedMillimetreIsCharged_theFirstQuarterIsNot() {
        assertThat(forSteel(0.25)).isZero();
        assertThat(forSteel(0.26)).isEqualTo(125);
        assertThat(forSteel(1.25)).isEqualTo(125);
        assertThat(forSteel(1.3)).isEqualTo(250);
    }

    private static long forSteel(double mm) {
        return LIST.quote("kitchen knife", Optional.of(new PriceList.Damage(List.of(), Length.ofMm(mm))))
                        .orElseThrow()
                        .total()
                        .hundredths()
                - 600;
    }

    @Test
    void whatIsLeftInPlaceAndWhatHasNoPriceCostsNothingMore() {
        Quote quote = LIST.quote(
                        "shears",
                        Optional.of(new PriceList.Damage(
                                List.of(at(Finding.Kind.CHIP, 10, true), at(Finding.Kind.DOTS, 60, false)),
                                Length.ofMm(0))))
                .orElseThrow();

        assertThat(quote.total()).isEqualTo(new Price(950));
        assertThat(quote.lines()).hasSize(1);
    }

    @Test
    void beforeTheSurveyItSaysSo() {
        assertThat(LIST.quote("kitchen knife", Optional.empty()).orElseThrow().beforeSurvey())
                .isTrue();
    }

    @Test
    void whatTheListDoesNotHaveIsNotGuessed() {
        assertThat(LIST.quote("scythe blade", Optional.empty())).isEmpty();
    }

    @Test
    void pricesAreCountedInHundredthsAndRoundedHalfUp() {
        assertThat(Price.of(0.1).plus(Price.of(0.2))).isEqualTo(Price.of(0.3));
        assertThat(Price.of(1.005).hundredths()).isEqualTo(101);
        assertThat(Price.of(2.5).times(0.33).amount()).isEqualTo("0.83");
        assertThat(Price.of(7).amount()).isEqualTo("7.00");
        assertThatThrownBy(() -> Price.of(-0.01)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void moreDamageIsNeverCheaper() {
        Random random = new Random(11);
        for (int i = 0; i < 500; i++) {
            List<Finding> some = List.of(at(Finding.Kind.values()[random.nextInt(9)], random.nextInt(80), false));
            List<Finding> more =
                    List.of(some.get(0), at(Finding.Kind.values()[random.nextInt(9)], random.nextInt(80), false));
            double back = random.nextDouble() * 3;
            assertThat(total(more, back + random.nextDouble())).isGreaterThanOrEqualTo(total(some, back));
        }
    }

    private static Price total(List<Finding> findings, double back) {
        return LIST.quote("shears", Optional.of(new PriceList.Damage(findings, Length.ofMm(back))))
                .orElseThrow()
                .total();
    }
}
