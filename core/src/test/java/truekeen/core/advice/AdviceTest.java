package truekeen.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.message.Says;

class AdviceTest {

    @ParameterizedTest
    @EnumSource(Formula.class)
    void everyFormulaSaysWhatItIsWhereItHoldsAndWhereItIsFrom(Formula f) {
        assertThat(f.meaning()).isNotBlank();
        assertThat(f.expression()).isNotBlank();
        assertThat(f.symbols()).isNotBlank();
        assertThat(f.limits()).isNotBlank();
        assertThat(f.source())
                .isIn(
                        "derived here",
                        "workshop prior",
                        "ISO 21940-11",
                        "ISO 6344, ISO 8486, JIS R 6001; between their rows derived here");
    }

    @Test
    void anEstimateIsARangeAndAnExactOneIsNot() {
        Advice estimate = Advice.estimate("strokes", 40, 2, "strokes", Formula.STROKES, List.of(), "the log");
        assertThat(estimate.low()).isCloseTo(20, within(1e-9));
        assertThat(estimate.high()).isCloseTo(80, within(1e-9));
        assertThat(estimate.evidence()).matches(Says.the(Evidence.FIRST_ESTIMATE));
        Advice exact = Advice.exact("projection", 31.7, "mm", Formula.GUIDE_PROJECTION, List.of(), "the guide");
        assertThat(exact.low()).isEqualTo(exact.high()).isEqualTo(exact.value());
    }
}
