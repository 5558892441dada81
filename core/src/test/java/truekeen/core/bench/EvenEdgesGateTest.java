package truekeen.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.InWords;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.Says;
import truekeen.core.stepsheet.Step;
import truekeen.core.stepsheet.Step.Side;
import truekeen.core.tool.Blades;
import truekeen.core.tool.GeometryKind;

/** Parity: what keeps a step shut until every edge of a machine's blade is alike. */
class EvenEdgesGateTest {
    private final List<Step> steps = new ArrayList<>();
    private final List<BenchEvent> events = new ArrayList<>();

    private static Step step(Step.Kind kind, int strokes, List<Integer> stations, Side... sides) {
        return Step.of(kind, "step", new Stretch(0, 190))
                .at(Optional.of(30.0))
                .counting(List.of(sides), strokes)
                .lasting(60)
                .gate("is it so?", "")
                .atStations(stations)
                .done();
    }

    private void bar() {
        steps.add(step(Step.Kind.MEASURE, 0, List.of(), Side.FIRST_END, Side.SECOND_END));
        steps.add(step(Step.Kind.ENDS, 40, List.of(), Side.FIRST_END, Side.SECOND_END));
    }

    private Optional<Refusal> tell(
            BenchEvent.Kind kind, Side side, int amount, int station, String note, double value) {
        BenchFold fold = new BenchFold(steps);
        BenchEvent event = new BenchEvent(
                UUID.randomUUID(),
                "tablet",
                events.size(),
                Instant.EPOCH.plusSeconds(events.size()),
                kind,
                fold.state(events).current(),
                side,
                amount,
                note,
                false,
                station,
                Optional.empty(),
                kind == BenchEvent.Kind.READ ? OptionalDouble.of(value) : OptionalDouble.empty());
        Optional<Refusal> misfit = fold.misfit(fold.state(events), event);
        if (misfit.isEmpty()) {
            events.add(event);
        }
        return misfit;
    }

    private void count(Side side, int amount, int station) {
        assertThat(tell(BenchEvent.Kind.COUNT, side, amount, station, "", 0)).isEmpty();
    }

    private void widths(Side side, double... mm) {
        for (int i = 0; i < mm.length; i++) {
            assertThat(tell(BenchEvent.Kind.READ, side, 0, i + 1, "CALLIPER", mm[i]))
                    .isEmpty();
        }
    }

    private Optional<Refusal> pass() {
        return tell(BenchEvent.Kind.GATE_PASSED, null, 0, 0, "", 0);
    }

    private StepGate gate() {
        BenchState state = new BenchFold(steps).state(events);
        return StepGate.of(steps, state, state.current());
    }

    private void measuredBar() {
        bar();
        widths(Side.FIRST_END, 55, 55, 55);
        widths(Side.SECOND_END, 54.8, 54.8, 54.8);
        assertThat(pass()).isEmpty();
    }

    @Test
    void everyMarkIsAskedBeforeAnythingIsTakenOff() {
        bar();
        assertThat(gate().words())
                .contains("the inner mark of the left end")
                .matches(Says.the(BenchWords.AND_THE_OTHERS));
        widths(Side.FIRST_END, 55, 55, 55);
        widths(Side.SECOND_END, 54.8, 54.8);
        assertThat(pass()).hasValueSatisfying(r -> assertThat(r.code()).isEqualTo(MessageCode.GATE_SHUT));
        assertThat(gate().words()).isEqualTo("Measure the outer mark of the right end.");
        assertThat(tell(BenchEvent.Kind.READ, Side.SECOND_END, 0, 4, "CALLIPER", 50))
                .isPresent();
        assertThat(tell(BenchEvent.Kind.READ, Side.LEFT, 0, 1, "CALLIPER", 50)).isPresent();
    }

    @Test
    void theSameCountAtBothEndsOrTheGateStaysShut() {
        measuredBar();
        assertThat(gate().words()).contains(BenchWords.ENDS_NOT_COUNTED.words());
        count(Side.FIRST_END, 20, 0);
        assertThat(gate().words()).matches(Says.the(BenchWords.END_NOT_COUNTED, "end", "the right end"));
        count(Side.SECOND_END, 17, 0);
        assertThat(gate().words()).contains("The right end is 3 strokes behind");
        assertThat(pass()).isPresent();
        count(Side.SECOND_END, 3, 0);
        assertThat(gate().words()).matches(Says.the(BenchWords.MEASURE_AGAIN));
        widths(Side.FIRST_END, 53, 53, 53);
        widths(Side.SECOND_END, 52.7, 52.8, 52.9);
        assertThat(gate().notes()).anyMatch(n -> n.startsWith("Lost: the left end 2\u202fmm, the right end 2\u202fmm"));
        assertThat(pass()).isEmpty();
    }

    @Test
    void theSameLossCountsForMoreThanTheSameCount() {
        measuredBar();
        count(Side.FIRST_END, 20, 0);
        count(Side.SECOND_END, 20, 0);
        widths(Side.FIRST_END, 53, 53, 53);
        widths(Side.SECOND_END, 53.8, 53.8, 53.8);
        assertThat(gate().words())
                .isEqualTo("The right end lost 1\u202fmm less than the other: about 10 strokes more on it, none on the"
                        + " other, then measure again.");
        assertThat(pass()).isPresent();
        count(Side.SECOND_END, 10, 0);
        widths(Side.SECOND_END, 52.8, 52.8, 52.8);
        assertThat(pass()).as("unequal counts, equal loss").isEmpty();
    }

    @Test
    void massFollowsFromTheMarks() {
        measuredBar();
        count(Side.FIRST_END, 20, 0);
        count(Side.SECOND_END, 20, 0);
        var bar = Blades.blade(GeometryKind.MOWER_BAR);
        assertThat(EdgeLoss.of(steps, new BenchFold(steps).state(events), bar)).isEmpty();
        widths(Side.FIRST_END, 53, 53, 53);
        widths(Side.SECOND_END, 52.8, 52.8, 52.8);
        double volume = 2
                * 2
                * bar.layout().edgeMm()
                * bar.measures().length("thickness").mm();
        assertThat(EdgeLoss.of(steps, new BenchFold(steps).state(events), bar)).hasValueSatisfying(w -> {
            assertThat(w.massG()).isCloseTo(volume * 7.85e-3, org.assertj.core.api.Assertions.within(1e-9));
        });
    }

    private void trimmer(int each, int teeth) {
        List<Integer> stations = java.util.Collections.nCopies(2 * teeth, each);
        steps.add(step(Step.Kind.TEETH, 2 * teeth * each, stations, Side.TOP_BLADE, Side.BOTTOM_BLADE));
    }

    @Test
    void aMissedToothIsNamedWithItsEdgeAndItsBlade() {
        trimmer(4, 3);
        for (Side side : List.of(Side.TOP_BLADE, Side.BOTTOM_BLADE)) {
            for (int i = 1; i <= 6; i++) {
                if (side == Side.TOP_BLADE || i != 4) {
                    count(side, 4, i);
                }
            }
        }
        count(Side.BOTTOM_BLADE, 2, 4);
        assertThat(gate().words()).isEqualTo("One edge has not had its share: tooth 2 right, lower blade (2 of 4).");
        assertThat(pass()).isPresent();
        count(Side.BOTTOM_BLADE, 2, 4);
        assertThat(pass()).isEmpty();
    }

    @Test
    void aBrokenToothIsLeftOutAndSaidAndCanBeTakenBack() {
        trimmer(2, 1);
        count(Side.TOP_BLADE, 2, 1);
        count(Side.TOP_BLADE, 2, 2);
        count(Side.BOTTOM_BLADE, 2, 1);
        assertThat(tell(BenchEvent.Kind.LEFT_OUT, Side.BOTTOM_BLADE, 0, 2, "", 0))
                .isPresent();
        assertThat(tell(BenchEvent.Kind.LEFT_OUT, Side.BOTTOM_BLADE, 0, 3, "broken", 0))
                .isPresent();
        assertThat(tell(BenchEvent.Kind.LEFT_OUT, Side.BOTTOM_BLADE, 0, 2, "broken", 0))
                .isEmpty();
        assertThat(gate().notes()).contains(BenchWords.ONE_EDGE_OUT.words());
        assertThat(tell(BenchEvent.Kind.UNDO, null, 0, 0, "", 0)).isEmpty();
        assertThat(pass()).isPresent();
        assertThat(tell(BenchEvent.Kind.LEFT_OUT, Side.BOTTOM_BLADE, 0, 2, "broken", 0))
                .isEmpty();
        assertThat(pass()).isEmpty();
    }

    @Test
    void oneEdgeFarAheadHoldsTheOthersBackUntilTheyHaveCaughtUp() {
        trimmer(2, 1);
        for (Side side : List.of(Side.TOP_BLADE, Side.BOTTOM_BLADE)) {
            count(side, 2, 1);
            count(side, 2, 2);
        }
        count(Side.TOP_BLADE, 2, 1);
        assertThat(gate().words()).contains("Tooth 1 left, upper blade had 4, others 2");
        assertThat(pass()).isPresent();
        assertThat(tell(BenchEvent.Kind.UNDO, null, 0, 0, "", 0)).isEmpty();
        assertThat(pass()).isEmpty();
    }

    @Test
    void countsOfARowNameTheirEdge() {
        trimmer(2, 1);
        assertThat(tell(BenchEvent.Kind.COUNT, Side.TOP_BLADE, 2, 0, "", 0)).isPresent();
        assertThat(tell(BenchEvent.Kind.COUNT, Side.TOP_BLADE, 2, 3, "", 0)).isPresent();
    }

    @Test
    void anAngleThatIsOffIsNamedByItsTooth() {
        trimmer(1, 1);
        assertThat(tell(BenchEvent.Kind.READ, Side.TOP_BLADE, 0, 2, "ANGLE_GAUGE", 34))
                .isEmpty();
        assertThat(gate().notes())
                .anySatisfy(n -> assertThat(n).startsWith("Tooth 1 right, upper blade stands at 34°"));
        assertThat(tell(BenchEvent.Kind.READ, Side.TOP_BLADE, 0, 2, "ANGLE_GAUGE", 30.5))
                .isEmpty();
        assertThat(gate().notes()).noneMatch(n -> n.contains("stands at"));
    }

    @Test
    void aDiscLosesAlikeAllRound() {
        steps.add(step(Step.Kind.MEASURE, 0, List.of(), Side.EDGES));
        steps.add(step(Step.Kind.TEETH, 8, List.of(1, 1, 1, 1, 1, 1, 1, 1), Side.EDGES));
        widths(Side.EDGES, 120, 120, 120, 120);
        assertThat(pass()).isEmpty();
        for (int i = 1; i <= 8; i++) {
            count(Side.EDGES, 1, i);
        }
        assertThat(gate().words()).matches(Says.the(BenchWords.MEASURE_AGAIN));
        widths(Side.EDGES, 119, 119.1, 119.6, 119);
        assertThat(gate().words()).matches(Says.the(BenchWords.MARKS_DIFFER, "least", "3", "apart", "0.6"));
        assertThat(pass()).isPresent();
        count(Side.EDGES, 1, 5);
        widths(Side.EDGES, 119, 119.1, 119.2, 119);
        assertThat(pass()).isEmpty();
    }

    @Test
    void theGapIsMeasuredAndHeldToItsLimit() {
        steps.add(step(Step.Kind.GAP, 0, List.of()));
        assertThat(gate().words()).contains(BenchWords.MEASURE_THE_GAP.words());
        assertThat(tell(BenchEvent.Kind.READ, null, 0, 0, "CALLIPER", 0.2)).isPresent();
        assertThat(tell(BenchEvent.Kind.READ, null, 0, 0, "FEELER", 0.5)).isEmpty();
        assertThat(gate().words())
                .contains(InWords.figures("The gap is 0.5\u202fmm, over 0.3\u202fmm as a rule of thumb"));
        assertThat(pass()).isPresent();
        assertThat(tell(BenchEvent.Kind.READ, null, 0, 0, "FEELER", 0.2)).isEmpty();
        assertThat(pass()).isEmpty();
    }
}
