package truekeen.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import truekeen.core.advice.Formula;
import truekeen.core.message.RefusedException;

/** What is drawn beside a calculator is the calculator's own answer, at every point of it. */
class AnswerCurveTest {
    static Stream<Calculator> drawn() {
        return Calculators.all().stream().filter(c -> !AnswerCurve.movable(c).isEmpty());
    }

    @ParameterizedTest
    @MethodSource("drawn")
    void everyPointIsTheAnswerThere(Calculator c) {
        for (Calculator.Input over : AnswerCurve.movable(c)) {
            AnswerCurve curve = AnswerCurve.of(c, c.example(), over.name());
            assertThat(curve.here()).as("%s over %s", c.id(), over.name()).isPresent();
            assertThat(curve.points()).hasSizeGreaterThan(1).allSatisfy(p -> {
                assertThat(p.x()).isBetween(over.low(), over.high());
                Map<String, Object> with = new HashMap<>(c.example());
                with.put(over.name(), p.x());
                assertThat((Double) c.ask(with).get(curve.of().name())).isEqualTo(p.y());
            });
            assertThat(curve.points().stream().map(p -> p.x()).toList()).isSorted();
            double at = curve.here().orElseThrow().x();
            assertThat(curve.points().get(0).x()).isLessThanOrEqualTo(at);
            assertThat(curve.points().get(curve.points().size() - 1).x()).isGreaterThanOrEqualTo(at - 1e-9);
        }
    }

    @Test
    void aGuideSetShorterGivesMore() {
        Calculator guide = Calculators.all().stream()
                .filter(c -> c.formula() == Formula.GUIDE_PROJECTION)
                .findFirst()
                .orElseThrow();
        AnswerCurve curve = AnswerCurve.of(guide, guide.example(), "angle");
        List<Double> ys = curve.points().stream().map(p -> p.y()).toList();
        assertThat(ys.get(0)).isGreaterThan(ys.get(ys.size() - 1));
        assertThat(curve.here().orElseThrow().y())
                .isCloseTo((Double) guide.ask(guide.example()).get(curve.of().name()), within(1e-12));
    }

    @Test
    void whatIsNoNumberOfTheCalculatorIsRefused() {
        Calculator any = drawn().findFirst().orElseThrow();
        assertThatThrownBy(() -> AnswerCurve.of(any, any.example(), "colour")).isInstanceOf(RefusedException.class);
        Map<String, Object> without = new HashMap<>(any.example());
        String first = AnswerCurve.movable(any).get(0).name();
        without.remove(first);
        assertThatThrownBy(() -> AnswerCurve.of(any, without, first)).isInstanceOf(RefusedException.class);
    }

    @Test
    void atNumbersWithoutAnAnswerNoPointIsInvented() {
        drawn().forEach(c -> {
            Map<String, Object> wild = new HashMap<>(c.example());
            Calculator.Input over = AnswerCurve.movable(c).get(0);
            wild.put(over.name(), over.high() * 10 + 1);
            assertThat(AnswerCurve.of(c, wild, over.name()).here()).as(c.id()).isEmpty();
        });
    }
}
