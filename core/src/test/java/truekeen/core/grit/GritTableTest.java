package truekeen.core.grit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.message.RefusedException;

class GritTableTest {

    @ParameterizedTest
    @CsvSource({
        "JIS, #1000, 11.5, TABLE",
        "JIS, 1000, 11.5, TABLE",
        "FEPA_P, p1000, 18.3, TABLE",
        "FEPA_F, F1000, 4.5, TABLE",
        "US, 400, 23, TABLE",
        "JIS, #120, 123, EXTRAPOLATED",
        "JIS, #10000, 0.81, EXTRAPOLATED",
        "MICRON, 3, 3, MAKER"
    })
    void theSameNumberMeansDifferentGrainByStandard(
            GritStandard standard, String name, double um, GrainSize.Evidence evidence) {
        GrainSize grain = GritTable.grain("grit", standard, name);
        assertThat(grain.d50Um()).isCloseTo(um, within(um * 0.005));
        assertThat(grain.evidence()).isEqualTo(evidence);
        assertThat(grain.guessed()).isEqualTo(evidence == GrainSize.Evidence.EXTRAPOLATED);
    }

    @Test
    void betweenRowsTheLogarithmIsLinear() {
        double between = GritTable.grain("grit", GritStandard.JIS, "#5000").d50Um();
        double share = Math.log(5000.0 / 4000) / Math.log(6000.0 / 4000);
        assertThat(between).isCloseTo(3.0 * Math.pow(2.0 / 3.0, share), within(1e-12));
    }

    @Test
    void aHigherNumberIsNeverCoarser() {
        for (GritStandard standard : new GritStandard[] {GritStandard.JIS, GritStandard.FEPA_P, GritStandard.FEPA_F}) {
            double before = Double.MAX_VALUE;
            for (int number = 30; number < 15_000; number += 10) {
                double um = GritTable.grain("grit", standard, String.valueOf(number))
                        .d50Um();
                assertThat(um).isLessThanOrEqualTo(before);
                before = um;
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"extra fine", "''", "#-5", "0", "99999999"})
    void refusesNamesItCannotPlace(String name) {
        assertThatThrownBy(() -> GritTable.grain("grit", GritStandard.JIS, name))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("micrometres");
    }

    @ParameterizedTest
    @CsvSource(
            value = {"7–5; 6", "7-5 µm; 6", "5 - 7 um; 6", "2 to 4; 3", "0.5–1.5 µm; 1", "1,5-2,5; 2", "6; 6", "6 µm; 6"
            },
            delimiter = ';')
    void aMakersRangeCountsAsItsMiddle(String typed, double um) {
        assertThat(GritTable.fromMaker("makerUm", typed).d50Um()).isEqualTo(um);
        assertThat(GritTable.fromMaker("makerUm", typed).evidence()).isEqualTo(GrainSize.Evidence.MAKER);
    }

    @Test
    void aRangeMayStandInTheNameOfAGradeByMicrometres() {
        assertThat(GritTable.grain("gritName", GritStandard.MICRON, "7–5").d50Um())
                .isEqualTo(6);
        assertThatThrownBy(() -> GritTable.grain("gritName", GritStandard.JIS, "7–5"))
                .isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> GritTable.fromMaker("makerUm", "7–9000")).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> GritTable.fromMaker("makerUm", "7–")).isInstanceOf(RefusedException.class);
    }

    @Test
    void theMakersFigureMustBeBelievable() {
        assertThat(GritTable.fromMaker("um", 14).d50Um()).isEqualTo(14);
        assertThatThrownBy(() -> GritTable.fromMaker("um", 0)).isInstanceOf(RefusedException.class);
        assertThatThrownBy(() -> GritTable.fromMaker("um", Double.NaN)).isInstanceOf(RefusedException.class);
    }
}
