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
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.fault.FaultRule;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Sign;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.Says;
import truekeen.core.repair.GrindAct;
import truekeen.core.stepsheet.Step;

/** The acts of a grinding, each with its own question; an end that is out of square stays where it is made square. */
class GrindingGateTest {
    private final List<BenchEvent> events = new ArrayList<>();
    private List<Step> steps = List.of();

    private static Step act(GrindAct.Kind kind, boolean squares) {
        return Step.of(Step.Kind.GRIND, kind.name(), new Stretch(0, 24))
                .gate("asked", "otherwise")
                .grinding(Optional.of(kind))
                .squaring(squares)
                .done();
    }

    private static Step shaping(boolean squares) {
        return Step.of(Step.Kind.WORK, "shape", new Stretch(0, 24))
                .counting(List.of(Step.Side.BEVEL), 40)
                .gate("a burr?", "stay")
                .burr(Step.BurrTask.RAISE, "")
                .squaring(squares)
                .done();
    }

    private Optional<Refusal> tell(BenchEvent.Kind kind, Sign seen) {
        BenchFold fold = new BenchFold(steps);
        BenchEvent event = new BenchEvent(
                UUID.randomUUID(),
                "tablet",
                events.size(),
                Instant.EPOCH.plusSeconds(events.size()),
                kind,
                fold.state(events).current(),
                null,
                0,
                "",
                false,
                0,
                Optional.ofNullable(seen).map(Observation::of),
                OptionalDouble.empty());
        Optional<Refusal> misfit = fold.misfit(fold.state(events), event);
        if (misfit.isEmpty()) {
            events.add(event);
        }
        return misfit;
    }

    private StepGate gate() {
        BenchState state = new BenchFold(steps).state(events);
        return StepGate.of(steps, state, state.current());
    }

    @ParameterizedTest
    @EnumSource(
            value = GrindAct.Kind.class,
            names = {"BLUNT", "LOOK"})
    void outOfSquareShutsTheActUntilTheSquareAgrees(GrindAct.Kind kind) {
        steps = List.of(act(kind, true), shaping(false));
        tell(BenchEvent.Kind.OBSERVED, Sign.SQUARE_OFF);
        assertThat(gate().state()).isEqualTo(StepGate.State.SHUT);
        assertThat(gate().words()).contains("high corner");
        assertThat(tell(BenchEvent.Kind.GATE_PASSED, null).orElseThrow().code()).isEqualTo(MessageCode.GATE_SHUT);
        tell(BenchEvent.Kind.OBSERVED, Sign.SQUARE_TRUE);
        assertThat(gate().state()).isNotEqualTo(StepGate.State.SHUT);
        assertThat(tell(BenchEvent.Kind.GATE_PASSED, null)).isEmpty();
    }

    @Test
    void onTheStonesTheCornerIsWeightedAndTheBurrAloneDoesNotOpen() {
        steps = List.of(shaping(true));
        tell(BenchEvent.Kind.OBSERVED, Sign.BURR_WHOLE);
        assertThat(gate().state()).isEqualTo(StepGate.State.OPEN);
        tell(BenchEvent.Kind.OBSERVED, Sign.SQUARE_OFF);
        assertThat(gate().state()).isEqualTo(StepGate.State.SHUT);
        assertThat(gate().words()).matches(Says.the(BenchWords.OUT_OF_SQUARE)).contains("strokes");
        tell(BenchEvent.Kind.OBSERVED, Sign.SQUARE_TRUE);
        assertThat(gate().state()).isEqualTo(StepGate.State.OPEN);
    }

    @Test
    void theLastLookIsOpenOnceItIsSquareAndWithoutColour() {
        steps = List.of(act(GrindAct.Kind.LOOK, true));
        tell(BenchEvent.Kind.OBSERVED, Sign.COLOUR_FREE);
        assertThat(gate().state()).isEqualTo(StepGate.State.ASK);
        tell(BenchEvent.Kind.OBSERVED, Sign.SQUARE_TRUE);
        assertThat(gate().state()).isEqualTo(StepGate.State.OPEN);
        tell(BenchEvent.Kind.OBSERVED, Sign.COLOUR);
        assertThat(gate().state()).isEqualTo(StepGate.State.SHUT);
        steps = List.of(act(GrindAct.Kind.LOOK, false));
        events.clear();
        tell(BenchEvent.Kind.OBSERVED, Sign.COLOUR_FREE);
        assertThat(gate().state()).isEqualTo(StepGate.State.OPEN);
    }

    @ParameterizedTest
    @EnumSource(GrindAct.Kind.class)
    void eachActHearsItsOwnSigns(GrindAct.Kind kind) {
        Step step = act(kind, false);
        List<Sign> offered = StepSigns.offers(step);
        assertThat(FaultRule.heard()).containsAll(offered);
        switch (kind) {
            case MARK, READY -> assertThat(offered).isEmpty();
            case SET -> assertThat(offered).startsWith(Sign.INK_EVEN).doesNotContain(Sign.COLOUR);
            default -> assertThat(offered).contains(Sign.COLOUR).noneMatch(s -> s.group() == Sign.Group.INK);
        }
        if (kind != GrindAct.Kind.READY) {
            assertThat(Sight.of(step)).isNotEmpty();
        }
        assertThat(StepSigns.offers(act(kind, true))).contains(Sign.SQUARE_OFF, Sign.SQUARE_TRUE);
    }

    @Test
    void noTwoActsThatTakeSteelShowTheSamePicture() {
        assertThat(List.of(
                        Sight.of(act(GrindAct.Kind.MARK, true)).get(0),
                        Sight.of(act(GrindAct.Kind.SET, true)).get(0),
                        Sight.of(act(GrindAct.Kind.BLUNT, true)).get(0),
                        Sight.of(act(GrindAct.Kind.BEVEL, true)).get(0),
                        Sight.of(act(GrindAct.Kind.LIGHT, true)).get(0),
                        Sight.of(act(GrindAct.Kind.LOOK, true)).get(0)))
                .doesNotHaveDuplicates();
    }
}
