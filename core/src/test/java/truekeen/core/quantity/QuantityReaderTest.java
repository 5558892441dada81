package truekeen.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import truekeen.core.message.MessageCode;
import truekeen.core.message.RefusedException;

class QuantityReaderTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "24|24",
                " 24 mm |24",
                "0.8|0.8",
                "0,8 mm|0.8",
                "2.4 cm|24",
                "1/32\"|0.79375",
                "1 1/2 in|38.1",
                "1-1/2\"|38.1",
                "3/4 inch|19.05",
                "30 thou|0.762",
                "35 µm|0.035",
                "35 um|0.035",
                "1500|1500",
                "-2|-2",
                "1,25 in|31.75"
            })
    void readsLengthsAsTheyAreSpoken(String typed, double mm) {
        assertThat(QuantityReader.length("width", typed).mm()).isCloseTo(mm, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"25|25", "12.5°|12.5", "12.5 deg|12.5", "12° 30'|12.5", "22,5|22.5", "0|0"})
    void readsAnglesAsTheyAreSpoken(String typed, double degrees) {
        assertThat(QuantityReader.angle("primary", typed).degrees()).isCloseTo(degrees, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"abc", "<script>", "12 12", "1/0\"", "--3", "mm", "1e9", "½ of it"})
    void refusesWhatIsNoLength(String typed) {
        assertThatThrownBy(() -> QuantityReader.length("width", typed))
                .isInstanceOfSatisfying(RefusedException.class, refused -> {
                    assertThat(refused.refusals().get(0).field()).isEqualTo("width");
                    assertThat(refused.refusals().get(0).value()).isEqualTo(typed);
                });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "24°|LENGTH_UNIT",
                "24 kg|LENGTH_UNIT",
                "''|LENGTH_EMPTY",
                "1,500|NUMBER_AMBIGUOUS",
                "0.78743/4|LENGTH_UNREADABLE",
                "1.5 1/2 in|LENGTH_UNREADABLE"
            })
    void saysWhatIsWrongWithALength(String typed, MessageCode code) {
        assertThatThrownBy(() -> QuantityReader.length("width", typed))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        refused -> assertThat(refused.refusals().get(0).code()).isEqualTo(code));
    }

    @Test
    void asksWhichOfTwoReadingsIsMeant() {
        assertThatThrownBy(() -> QuantityReader.length("width", "1,500 mm"))
                .hasMessageContaining("1.500")
                .hasMessageContaining("1500");
    }

    /** A thousand does not begin with a nought. */
    @Test
    void aCommaIsADecimalSignWhereItCanBeNothingElse() {
        assertThat(QuantityReader.length("width", "0,125 mm").mm()).isEqualTo(0.125);
        assertThat(QuantityReader.length("width", "1,5").mm()).isEqualTo(1.5);
        assertThat(QuantityReader.length("width", "1,2340").mm()).isEqualTo(1.234);
    }

    @Test
    void anAngleIsNotALength() {
        assertThatThrownBy(() -> QuantityReader.angle("primary", "25 mm")).hasMessageContaining("25 mm");
    }

    @Test
    void aNovelIsNotAMeasurement() {
        assertThatThrownBy(() -> QuantityReader.length("width", "9".repeat(10_000)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("too long");
    }
}
