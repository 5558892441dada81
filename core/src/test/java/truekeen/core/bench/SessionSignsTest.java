package truekeen.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import truekeen.core.bench.BenchEvent.Kind;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Sign;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.Says;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.stepsheet.Step;
import truekeen.core.stepsheet.StepBuilder;

/** What a session says of the edge beyond what was tapped: what lagged, and where a stretch was looked at. */
class SessionSignsTest {
    private static final SteelClass STEEL = Steels.byName("plain carbon").orElseThrow();

    private final List<BenchEvent> events = new ArrayList<>();

    private static StepBuilder work(double fromMm, double toMm, int strokes, Step.Side... sides) {
        return Step.of(Step.Kind.WORK, "work", new Stretch(fromMm, toMm))
                .counting(List.of(sides), strokes, strokes / 2, strokes * 2)
                .gate("is it so?", "")
                .burr(Step.BurrTask.RAISE, "");
    }

    private void tell(Kind kind, int step, Step.Side side, int station, int amount, Observation seen) {
        events.add(new BenchEvent(
                UUID.randomUUID(),
                "tablet",
                events.size(),
                Instant.EPOCH.plusSeconds(events.size()),
                kind,
                step,
                side,
                amount,
                "",
                false,
                station,
                Optional.ofNullable(seen),
                OptionalDouble.empty()));
    }

    private List<Observation> signs(Step... steps) {
        return SessionSigns.of(List.of(steps), new BenchFold(List.of(steps)).state(events), STEEL, 0);
    }

    @ParameterizedTest
    @CsvSource({"0, 10, true", "3, 10, true", "4, 10, false", "10, 3, true", "10, 10, false"})
    void aSideThatHadHardlyAThirdLagged(int left, int right, boolean lagged) {
        for (int i = 0; i < left; i++) {
            tell(Kind.COUNT, 0, Step.Side.LEFT, 0, 1, null);
        }
        for (int i = 0; i < right; i++) {
            tell(Kind.COUNT, 0, Step.Side.RIGHT, 0, 1, null);
        }
        Step step = work(0, 100, 10, Step.Side.LEFT, Step.Side.RIGHT).done();
        assertThat(signs(step)).as("still at it").noneMatch(o -> o.sign() == Sign.SIDE_LAGGED);
        tell(Kind.GATE_PASSED, 0, null, 0, 0, null);
        assertThat(signs(step).contains(Observation.of(Sign.SIDE_LAGGED))).isEqualTo(lagged);
    }

    @Test
    void aStationThatWasForgottenLaggedWhereItLies() {
        Step step = work(0, 50, 10, Step.Side.BEVEL)
                .atStations(List.of(4, 2, 1, 2, 4))
                .done();
        int[] done = {8, 4, 2, 4, 1};
        for (int i = 0; i < done.length; i++) {
            for (int n = 0; n < done[i]; n++) {
                tell(Kind.COUNT, 0, Step.Side.BEVEL, i + 1, 1, null);
            }
        }
        tell(Kind.GATE_PASSED, 0, null, 0, 0, null);
        assertThat(signs(step))
                .filteredOn(o -> o.sign() == Sign.STATION_LAGGED)
                .containsExactly(Observation.of(Sign.STATION_LAGGED, 40, 50));
    }

    @Test
    void strokesThatWereNotDealtToStationsSayNothingOfThem() {
        Step step = work(0, 50, 10, Step.Side.BEVEL)
                .atStations(List.of(4, 2, 1, 2, 4))
                .done();
        tell(Kind.COUNT, 0, Step.Side.BEVEL, 0, 13, null);
        tell(Kind.GATE_PASSED, 0, null, 0, 0, null);
        assertThat(signs(step)).noneMatch(o -> o.sign() == Sign.STATION_LAGGED);
    }

    /** A burr along a stretch that is worked alone is no burr along the whole edge. */
    @Test
    void whatIsSeenAtAStretchWasSeenThere() {
        Step whole = work(0, 24, 10, Step.Side.BEVEL).done();
        Step part = work(2, 7, 4, Step.Side.BEVEL).done();
        tell(Kind.COUNT, 0, Step.Side.BEVEL, 0, 10, null);
        tell(Kind.GATE_PASSED, 0, null, 0, 0, null);
        tell(Kind.COUNT, 1, Step.Side.BEVEL, 0, 4, null);
        tell(Kind.OBSERVED, 1, null, 0, 0, Observation.of(Sign.BURR_WHOLE));
        assertThat(signs(whole, part))
                .filteredOn(o -> o.sign() == Sign.BURR_WHOLE)
                .containsExactly(Observation.of(Sign.BURR_WHOLE, 2, 7).whileWorked());
        assertThat(StepSigns.words(part, Sign.BURR_WHOLE, 24)).matches(Says.the(BenchWords.BURR_ALONG_STRETCH));
        assertThat(StepSigns.words(whole, Sign.BURR_WHOLE, 24)).isEqualTo("burr along the whole edge");
    }
}
