package truekeen.core.fault;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.keenness.EdgeTest;
import truekeen.core.keenness.Judge;
import truekeen.core.keenness.KeennessPurpose;
import truekeen.core.keenness.Reading;
import truekeen.core.keenness.Verdict;
import truekeen.core.tool.ToolUse;
import truekeen.core.tool.ToolUses;

/** Keen means cut: nothing else says so, and anything wrong takes it back. */
class EdgeStateTest {
    private static final ToolUse CHISEL =
            ToolUses.byKey("bench chisel / general bench work").orElseThrow();

    private static Optional<Verdict> force(double grams) {
        List<Reading> readings = EdgeTest.stations(24, 3).stream()
                .map(x -> new Reading(x, grams))
                .toList();
        return Optional.of(Judge.judge(
                new EdgeTest(readings, 100, 24),
                KeennessPurpose.byName("general woodwork").orElseThrow()));
    }

    private static EdgeState of(ToolUse use, Sign... signs) {
        return EdgeState.of(
                use,
                Optional.empty(),
                List.of(signs).stream().map(EdgeStateTest::seen).toList());
    }

    private static Observation seen(Sign sign) {
        return sign.placed() ? Observation.of(sign, 1, 2) : Observation.of(sign);
    }

    @Test
    void aReadingSaysSoByItselfUnlessSomethingIsWrong() {
        assertThat(EdgeState.of(CHISEL, force(80), List.of())).isEqualTo(EdgeState.KEEN);
        assertThat(EdgeState.of(CHISEL, force(80), List.of(seen(Sign.BRIGHT)))).isEqualTo(EdgeState.NOT_YET);
        assertThat(EdgeState.of(CHISEL, force(200), List.of(seen(Sign.GRAIN_CLEAN))))
                .isEqualTo(EdgeState.NOT_YET);
        assertThat(EdgeState.of(CHISEL, Optional.empty(), List.of())).isEqualTo(EdgeState.NOT_TESTED);
    }

    @ParameterizedTest
    @CsvSource({
        "NO_LIGHT, NOT_TESTED",
        "SQUARE_TRUE, NOT_TESTED",
        "SCRATCHES_EVEN, NOT_TESTED",
        "CLOTH_FREE, NOT_TESTED",
        "POLISHED, NOT_TESTED",
        "REFERENCE_CLEAN, NOT_TESTED",
        "GRAIN_CLEAN, KEEN",
        "PAPER_CLEAN, KEEN",
        "HAIR_SHAVES, KEEN",
        "NAIL_SMOOTH, KEEN",
        "GRAIN_CRUSHED, NOT_YET"
    })
    void oneSignOfAChisel(Sign sign, EdgeState state) {
        assertThat(of(CHISEL, sign)).isEqualTo(state);
    }

    @Test
    void whatCutsButIsNotRightIsNotCalledDull() {
        assertThat(cuts(Optional.empty(), Sign.GRAIN_CLEAN, Sign.SQUARE_OFF)).isTrue();
        assertThat(cuts(force(80), Sign.SQUARE_OFF)).isTrue();
        assertThat(cuts(Optional.empty(), Sign.SQUARE_OFF))
                .as("nothing was cut")
                .isFalse();
        assertThat(cuts(Optional.empty(), Sign.GRAIN_CLEAN, Sign.BRIGHT))
                .as("it shines: it is dull there")
                .isFalse();
        assertThat(cuts(force(200), Sign.SQUARE_OFF))
                .as("the readings say dull")
                .isFalse();
    }

    private static boolean cuts(Optional<Verdict> force, Sign... signs) {
        return EdgeState.cuts(
                CHISEL, force, List.of(signs).stream().map(EdgeStateTest::seen).toList());
    }

    /** Every set of up to three good or noted signs of each ladder that holds no cut. */
    @Test
    void noSetOfSignsWithoutACutMakesAnythingKeen() {
        int walked = 0;
        for (ToolUse use : ToolUses.all()) {
            List<Sign> idle = EdgeCheck.ladder(use).stream()
                    .flatMap(c -> c.signs().stream())
                    .filter(s -> s.says() != Sign.Says.BAD && !EdgeState.proves(s.group(), use))
                    .toList();
            for (List<Sign> set : subsets(idle)) {
                assertThat(of(use, set.toArray(Sign[]::new)))
                        .as(use.key() + set)
                        .isEqualTo(EdgeState.NOT_TESTED);
                walked++;
            }
        }
        assertThat(walked).isGreaterThan(1000);
    }

    private static List<List<Sign>> subsets(List<Sign> signs) {
        List<List<Sign>> all = new ArrayList<>();
        for (int i = 0; i < signs.size(); i++) {
            all.add(List.of(signs.get(i)));
            for (int j = i + 1; j < signs.size(); j++) {
                all.add(List.of(signs.get(i), signs.get(j)));
                for (int k = j + 1; k < signs.size(); k++) {
                    all.add(List.of(signs.get(i), signs.get(j), signs.get(k)));
                }
            }
        }
        return all;
    }

    @Test
    void everyLadderHasATestThatProvesTheWorkAndItsGoodAnswerIsEnough() {
        for (ToolUse use : ToolUses.all()) {
            List<Sign> proofs = EdgeCheck.ladder(use).stream()
                    .flatMap(c -> c.signs().stream())
                    .filter(s -> s.says() == Sign.Says.GOOD && EdgeState.proves(s.group(), use))
                    .toList();
            assertThat(proofs).as(use.key()).isNotEmpty();
            proofs.forEach(s -> {
                assertThat(of(use, s)).isEqualTo(EdgeState.KEEN);
                assertThat(EdgeState.proofs(use, List.of(seen(s), seen(Sign.POLISHED))))
                        .hasSize(1);
            });
        }
    }
}
