package truekeen.core.message;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ChecksTest {

    @Test
    void collectsEveryFaultBeforeRefusing() {
        Checks checks = new Checks();
        checks.within("width", "A width", 900.0, 1, 150, " mm");
        checks.text("name", "A name", " ", true, 10);
        checks.text("note", "A note", "x".repeat(11), false, 10);
        assertThat(checks.clean()).isFalse();
        assertThatThrownBy(checks::orThrow).isInstanceOfSatisfying(RefusedException.class, r -> assertThat(r.refusals())
                .extracting(Refusal::field)
                .containsExactly("width", "name", "note"));
    }

    @Test
    void limitsThemselvesAreAllowedAndNoNumberIsNot() {
        Checks checks = new Checks();
        checks.within("a", "A", 1.0, 1, 150, "");
        checks.within("b", "B", 150.0, 1, 150, "");
        checks.within("c", "C", null, 1, 150, "");
        assertThatCode(checks::orThrow).doesNotThrowAnyException();
        checks.within("d", "D", Double.NaN, 1, 150, "");
        assertThat(checks.refusals()).hasSize(1);
    }

    @Test
    void aStepThatRefusesIsKeptAsAFaultAndGivesNothing() {
        Checks checks = new Checks();
        Object nothing = checks.attempt(() -> {
            throw new RefusedException(Refusal.of(MessageCode.EMPTY, "f", "").with("what", "It"));
        });
        assertThat(nothing).isNull();
        assertThat(checks.attempt(() -> 7)).isEqualTo(7);
        assertThat(checks.refusals()).singleElement().satisfies(r -> assertThat(r.words())
                .isEqualTo("It is needed."));
    }

    @Test
    void wordsAreFilledAndTheAllowedIsTold() {
        Refusal r = Refusal.of(MessageCode.OUT_OF_RANGE, "width", "900 mm")
                .with("what", "A width")
                .with("low", "1 mm")
                .with("high", "150 mm");
        assertThat(r.words()).isEqualTo("A width of 900 mm is not believable here: 1 mm to 150 mm is allowed.");
        assertThat(r.allowed()).isEqualTo("1 mm to 150 mm");
        assertThat(r.at("other").field()).isEqualTo("other");
        assertThat(Refusal.of(MessageCode.UNKNOWN_CHOICE, "k", "z")
                        .with("allowed", "a, b")
                        .allowed())
                .isEqualTo("a, b");
    }

    @Test
    void whatWasGivenIsShownInPartOnly() {
        Refusal r = Refusal.of(MessageCode.LENGTH_UNREADABLE, "width", "z".repeat(5000));
        assertThat(r.value()).hasSizeLessThan(100).endsWith("…");
    }

    @Test
    void aValueThatLooksLikeAPlaceIsNotFilled() {
        Refusal r = Refusal.of(MessageCode.UNKNOWN_CHOICE, "kind", "{allowed}").with("allowed", "secret");
        assertThat(r.words()).contains("“{allowed}”");
    }

    @ParameterizedTest
    @EnumSource(MessageCode.class)
    void everyMessageIsASentenceOfTheBench(MessageCode code) {
        assertThat(code.words())
                .matches(Pattern.compile(".*[.]$", Pattern.DOTALL))
                .doesNotContain("!");
        assertThat(code.words()).doesNotContainIgnoringCase("exception").doesNotContainIgnoringCase("invalid");
    }

    @ParameterizedTest
    @CsvSource({"1.0, 2, 1", "0.126, 2, 0.13", "-0.0001, 2, 0", "1200, 0, 1200", "2.50, 3, 2.5"})
    void numbersArePlain(double value, int digits, String shown) {
        assertThat(Numbers.plain(value, digits)).isEqualTo(shown);
    }
}
