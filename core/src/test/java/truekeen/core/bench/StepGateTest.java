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
import org.junit.jupiter.params.provider.EnumSource;
import truekeen.core.fault.FaultRule;
import truekeen.core.fault.Observation;
import truekeen.core.fault.Sign;
import truekeen.core.keenness.Stretch;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Says;
import truekeen.core.steel.SteelClass;
import truekeen.core.steel.Steels;
import truekeen.core.stepsheet.Step;
import truekeen.core.stepsheet.Step.BurrTask;
import truekeen.core.stepsheet.Step.Side;
import truekeen.core.stepsheet.StepBuilder;

/** The gate, the burr's thread and the signs of a session, over made-up sessions. */
class StepGateTest {
    private static final SteelClass STEEL = Steels.byName("plain carbon").orElseThrow();
    private final List<BenchEvent> events = new ArrayList<>();
    private List<Step> steps = new ArrayList<>();

    private static Step step(Step.Kind kind, BurrTask task, String stone, int strokes, Side... sides) {
        return begun(kind, task, stone, strokes, sides).done();
    }

    private static StepBuilder begun(Step.Kind kind, BurrTask task, String stone, int strokes, Side... sides) {
        return Step.of(kind, "work on the " + stone, new Stretch(0, 100))
                .on("", stone, "")
                .at(Optional.of(20.0))
                .counting(List.of(sides), strokes, strokes / 2, strokes * 2)
                .lasting(24)
                .gate("is it so?", "")
                .burr(task, "");
    }

    private static Step work(BurrTask task, String stone, Side... sides) {
        return step(Step.Kind.WORK, task, stone, 40, sides);
    }

    private static Step sides(int set) {
        return begun(Step.Kind.WORK, BurrTask.KEEP, "fine", 40, Side.LEFT, Side.RIGHT)
                .inSetsOf(set)
                .done();
    }

    private BenchEvent event(BenchEvent.Kind kind, Side side, int amount, Observation seen, double value) {
        int at = new BenchFold(steps).state(events).current();
        return new BenchEvent(
                UUID.randomUUID(),
                "tablet",
                events.size(),
                Instant.EPOCH.plusSeconds(events.size() * 2L),
                kind,
                at,
                side,
                amount,
                kind == BenchEvent.Kind.SKIPPED ? "no time" : kind == BenchEvent.Kind.READ ? "THERMOMETER" : "",
                false,
                0,
                Optional.ofNullable(seen),
                kind == BenchEvent.Kind.READ ? OptionalDouble.of(value) : OptionalDouble.empty());
    }

    private Optional<truekeen.core.message.Refusal> tell(BenchEvent event) {
        BenchFold fold = new BenchFold(steps);
        var misfit = fold.misfit(fold.state(events), event);
        if (misfit.isEmpty()) {
            events.add(event);
        }
        return misfit;
    }

    private void count(Side side, int amount) {
        for (int left = amount; left > 0; left -= 20) {
            assertThat(tell(event(BenchEvent.Kind.COUNT, side, Math.min(left, 20), null, 0)))
                    .isEmpty();
        }
    }

    private Optional<truekeen.core.message.Refusal> see(Observation seen) {
        return tell(event(BenchEvent.Kind.OBSERVED, null, 0, seen, 0));
    }

    private Optional<truekeen.core.message.Refusal> pass() {
        return tell(event(BenchEvent.Kind.GATE_PASSED, null, 0, null, 0));
    }

    private BenchState state() {
        return new BenchFold(steps).state(events);
    }

    private StepGate gate() {
        BenchState state = state();
        return StepGate.of(steps.get(state.current()), state.steps().get(state.current()));
    }

    private BurrThread burr() {
        return BurrThread.of(steps, state());
    }

    @Test
    void aMissingBurrShutsTheGateWithItsPlaceAndAShareOfTheStrokes() {
        steps = List.of(work(BurrTask.RAISE, "coarse", Side.BEVEL));
        assertThat(gate().state()).isEqualTo(StepGate.State.ASK);
        see(Observation.of(Sign.BURR_PART, 80, 95));
        assertThat(gate().state()).isEqualTo(StepGate.State.SHUT);
        assertThat(gate().todo()).singleElement().satisfies(t -> {
            assertThat(t.where()).contains(new Stretch(80, 95));
            // 20 to 80 strokes over 100 mm are 3 to 12 over 15
            assertThat(t.words()).contains("80 to 95\u202fmm").contains("3 to 12 strokes");
        });
        assertThat(pass().orElseThrow().code()).isEqualTo(MessageCode.GATE_SHUT);
        assertThat(gate().strokesSince()).isZero();
        count(Side.BEVEL, 6);
        assertThat(gate().words()).matches(Says.the(BenchWords.SEEN_BEFORE, "strokes", "6 strokes"));
        assertThat(gate().strokesSince()).isEqualTo(6);
        see(Observation.of(Sign.BURR_WHOLE));
        assertThat(gate().state()).isEqualTo(StepGate.State.OPEN);
        assertThat(gate().strokesSince()).isZero();
        assertThat(pass()).isEmpty();
    }

    @Test
    void twoPlacesStandTogetherUntilTheWholeIsSaidToBeRight() {
        steps = List.of(work(BurrTask.KEEP, "fine", Side.BEVEL));
        see(Observation.of(Sign.OLD_SCRATCHES, 10, 20));
        see(Observation.of(Sign.OLD_SCRATCHES, 60, 70));
        assertThat(gate().todo()).hasSize(2);
        see(Observation.of(Sign.SCRATCHES_EVEN));
        assertThat(gate().state()).isEqualTo(StepGate.State.OPEN);
    }

    @Test
    void scratchesThatOutliveThePlannedStrokesGoBackOneStone() {
        steps = List.of(work(BurrTask.KEEP, "fine", Side.BEVEL));
        see(Observation.of(Sign.OLD_SCRATCHES, 10, 20));
        assertThat(gate().words()).matches(Says.the(BenchWords.SCRATCHES_LEFT));
        count(Side.BEVEL, 80);
        assertThat(gate().words()).matches(Says.the(BenchWords.SCRATCHES_AFTER_ALL));
    }

    @Test
    void whatCostsOnlyWorkIsNotedAndShutsNothing() {
        steps = List.of(work(BurrTask.RAISE, "coarse", Side.BEVEL));
        see(Observation.of(Sign.BURR_THICK, 10, 20));
        see(Observation.of(Sign.WOBBLE));
        assertThat(gate().state()).isEqualTo(StepGate.State.ASK);
        assertThat(gate().notes()).hasSize(2).anyMatch(n -> n.contains("pressure"));
        see(Observation.of(Sign.BURR_GROWING));
        assertThat(gate().state()).isEqualTo(StepGate.State.SHUT);
        assertThat(gate().words()).contains(BenchWords.BURR_GROWS.words());
    }

    @Test
    void anUnevenCountIsSaidOnceItIsMoreThanASet() {
        steps = List.of(sides(10));
        count(Side.LEFT, 10);
        assertThat(gate().notes()).isEmpty();
        count(Side.LEFT, 10);
        assertThat(gate().notes()).singleElement().asString().contains("the right side is 20 strokes behind");
        count(Side.RIGHT, 18);
        assertThat(gate().notes()).isEmpty();
        // a whole side at a time: the other side's turn comes
        steps = List.of(sides(0));
        events.clear();
        count(Side.LEFT, 30);
        assertThat(gate().notes()).isEmpty();
    }

    @Test
    void stationsAreCountedAndTheirHalvesKeptEqual() {
        steps = List.of(begun(Step.Kind.WORK, BurrTask.RAISE, "coarse", 40, Side.BEVEL)
                .atStations(List.of(12, 6, 4, 6, 12))
                .done());
        for (int station : new int[] {1, 1, 1, 3, 5}) {
            BenchEvent plain = event(BenchEvent.Kind.COUNT, Side.BEVEL, 2, null, 0);
            assertThat(tell(new BenchEvent(
                            plain.id(),
                            plain.device(),
                            plain.sequence(),
                            plain.at(),
                            plain.kind(),
                            0,
                            Side.BEVEL,
                            2,
                            "",
                            false,
                            station,
                            Optional.empty(),
                            OptionalDouble.empty())))
                    .isEmpty();
        }
        assertThat(state().steps().get(0).stations().get(Side.BEVEL)).containsExactly(6, 0, 2, 0, 2);
        assertThat(state().steps().get(0).total()).isEqualTo(10);
        assertThat(gate().notes()).singleElement().asString().contains("the right half is 4 strokes behind");
    }

    @Test
    void aSignThatIsNotAskedOrHasNoPlaceIsRefused() {
        steps = List.of(step(Step.Kind.STROP, BurrTask.SHED, "leather", 6, Side.BEVEL, Side.BACK));
        assertThat(see(Observation.of(Sign.BURR_WHOLE)).orElseThrow().code()).isEqualTo(MessageCode.EVENT_OUT_OF_PLACE);
        assertThat(see(Observation.of(Sign.CLOTH_CAUGHT, 30, 20)).orElseThrow().code())
                .isEqualTo(MessageCode.EVENT_OUT_OF_PLACE);
        assertThat(see(Observation.of(Sign.CLOTH_CAUGHT, 20, 30))).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(BurrTask.class)
    void everySignOfferedAtTheBenchIsHeardByTheVerdictAndAnswered(BurrTask task) {
        for (Step.Kind kind : Step.Kind.values()) {
            Step step = step(kind, task, "stone", 20, Side.BEVEL);
            for (Sign sign : StepSigns.offers(step)) {
                assertThat(FaultRule.heard()).contains(sign);
                steps = List.of(step);
                events.clear();
                assertThat(see(sign.placed() ? Observation.of(sign, 3, 9) : Observation.of(sign)))
                        .isEmpty();
                StepGate gate = gate();
                boolean bad = sign.says() == Sign.Says.BAD;
                assertThat(gate.state() == StepGate.State.SHUT || !gate.notes().isEmpty() || !bad)
                        .as(sign + " is passed over in silence")
                        .isTrue();
            }
        }
    }

    @Test
    void theBurrIsFollowedFromSideToSide() {
        steps = List.of(
                work(BurrTask.RAISE, "coarse", Side.LEFT, Side.RIGHT),
                work(BurrTask.KEEP, "fine", Side.LEFT, Side.RIGHT),
                step(Step.Kind.DEBURR, BurrTask.TAKE_OFF, "fine", 6, Side.LEFT, Side.RIGHT),
                step(Step.Kind.STROP, BurrTask.SHED, "leather", 6, Side.LEFT, Side.RIGHT));
        assertThat(burr().life()).isEqualTo(BurrThread.Life.NONE);
        count(Side.LEFT, 20);
        assertThat(burr().on()).contains(Side.RIGHT);
        assertThat(burr().ask()).contains("right side");
        count(Side.RIGHT, 20);
        assertThat(burr().on()).contains(Side.LEFT);
        pass();
        assertThat(burr().ask()).contains("unbroken on the left side");
        count(Side.LEFT, 10);
        assertThat(burr().life()).isEqualTo(BurrThread.Life.FINER);
        pass();
        count(Side.RIGHT, 6);
        pass();
        assertThat(burr().life()).isEqualTo(BurrThread.Life.GONE);
        assertThat(burr().moments())
                .containsExactly(
                        "raised on the coarse, on the left side", "finer on the fine", "taken off on the fine");
        assertThat(burr().warning()).isEmpty();
    }

    @Test
    void ofAStepPassedWithoutAStrokeNoBurrIsClaimedUnlessItWasFelt() {
        steps = List.of(
                work(BurrTask.RAISE, "coarse", Side.BEVEL),
                work(BurrTask.KEEP, "fine", Side.BEVEL),
                step(Step.Kind.DEBURR, BurrTask.TAKE_OFF, "fine", 6, Side.BEVEL, Side.BACK));
        pass();
        assertThat(burr().life()).isEqualTo(BurrThread.Life.NONE);
        assertThat(burr().moments()).isEmpty();
        assertThat(state().steps().get(0).notCounted(steps.get(0))).isTrue();
        count(Side.BEVEL, 30);
        pass();
        assertThat(burr().life()).isEqualTo(BurrThread.Life.NONE);
        assertThat(burr().warning()).isEqualTo(BenchWords.NEVER_RAISED.words());
        pass();
        assertThat(SessionSigns.of(steps, state(), STEEL, 0))
                .extracting(Observation::sign)
                .contains(Sign.GATE_UNCOUNTED, Sign.DEBURR_UNCOUNTED)
                .doesNotContain(Sign.STONE_UNCOUNTED, Sign.GATE_SKIPPED);
    }

    @Test
    void whatWasFeltIsBelievedThoughNothingWasCounted() {
        steps = List.of(work(BurrTask.RAISE, "coarse", Side.BEVEL), work(BurrTask.KEEP, "fine", Side.BEVEL));
        see(Observation.of(Sign.BURR_WHOLE));
        pass();
        assertThat(burr().life()).isEqualTo(BurrThread.Life.RAISED);
    }

    @ParameterizedTest
    @CsvSource({"0, false", "1, false", "3, false", "4, true", "20, true", "90, true"})
    void farUnderItsRangeIsNotCounted(int strokes, boolean counted) {
        steps = List.of(work(BurrTask.RAISE, "coarse", Side.BEVEL), work(BurrTask.KEEP, "fine", Side.BEVEL));
        if (strokes > 0) {
            count(Side.BEVEL, strokes);
        }
        pass();
        assertThat(state().steps().get(0).counted(steps.get(0))).isEqualTo(counted);
        assertThat(burr().life()).isEqualTo(counted ? BurrThread.Life.RAISED : BurrThread.Life.NONE);
    }

    @Test
    void aSideThatHadNoneOrHardlyAnyIsAskedAboutBeforeTheGateOpens() {
        steps = List.of(work(BurrTask.RAISE, "coarse", Side.LEFT, Side.RIGHT));
        count(Side.LEFT, 30);
        see(Observation.of(Sign.BURR_WHOLE));
        assertThat(gate().state()).isEqualTo(StepGate.State.ASK);
        assertThat(gate().words()).matches(Says.the(BenchWords.SIDE_HAD_NONE));
        count(Side.RIGHT, 9);
        assertThat(gate().state()).isEqualTo(StepGate.State.ASK);
        assertThat(gate().words()).matches(Says.the(BenchWords.SIDE_HAD_FEW, "less", "9", "more", "30"));
        count(Side.RIGHT, 1);
        assertThat(gate().state()).isEqualTo(StepGate.State.OPEN);
    }

    @Test
    void itIsNotAskedForWhereNoneCanBeFelt() {
        steps = List.of(
                work(BurrTask.RAISE, "coarse", Side.BEVEL),
                work(BurrTask.KEEP_UNFELT, "fine", Side.BEVEL),
                step(Step.Kind.DEBURR, BurrTask.TAKE_OFF, "fine", 3, Side.BACK, Side.BEVEL));
        count(Side.BEVEL, 20);
        pass();
        assertThat(burr().ask()).startsWith(BenchWords.NOT_FELT_HERE.words());
        assertThat(StepSigns.offers(steps.get(1))).noneMatch(s -> s.group() == Sign.Group.BURR);
    }

    @Test
    void itWarnsBeforeAStepThatWouldTearItOffEarly() {
        steps = List.of(
                work(BurrTask.RAISE, "coarse", Side.BEVEL),
                work(BurrTask.NOTHING, "fine", Side.BACK),
                work(BurrTask.KEEP, "fine", Side.BEVEL),
                step(Step.Kind.DEBURR, BurrTask.TAKE_OFF, "fine", 6, Side.BEVEL, Side.BACK));
        count(Side.BEVEL, 20);
        assertThat(burr().warning())
                .isEqualTo(BenchWords.NEXT_TEARS.fill("step", steps.get(1).title(), "stone", "fine"));
        pass();
        assertThat(burr().warning()).matches(Says.the(BenchWords.THIS_TEARS));
        pass();
        assertThat(burr().warning()).contains(BenchWords.LEAVE_THE_BACK.words());
        // where each stone raises its own burr nothing is torn off early
        steps = List.of(
                work(BurrTask.RAISE, "coarse", Side.BEVEL),
                step(Step.Kind.DEBURR, BurrTask.TAKE_OFF_BETWEEN, "coarse", 4, Side.BEVEL, Side.BACK),
                work(BurrTask.RAISE, "fine", Side.BEVEL),
                step(Step.Kind.DEBURR, BurrTask.TAKE_OFF, "fine", 6, Side.BEVEL, Side.BACK));
        events.clear();
        count(Side.BEVEL, 20);
        assertThat(burr().warning()).isEmpty();
    }

    @Test
    void itWarnsWhereNoneWasRaisedAndWhereItGoesToTheStropWithIt() {
        steps = List.of(
                work(BurrTask.RAISE, "coarse", Side.BEVEL),
                step(Step.Kind.DEBURR, BurrTask.TAKE_OFF, "coarse", 6, Side.BEVEL, Side.BACK),
                step(Step.Kind.STROP, BurrTask.SHED, "leather", 6, Side.BEVEL, Side.BACK));
        tell(event(BenchEvent.Kind.SKIPPED, null, 0, null, 0));
        assertThat(burr().warning()).contains(BenchWords.NEVER_RAISED.words());
        events.clear();
        count(Side.BEVEL, 20);
        pass();
        tell(event(BenchEvent.Kind.SKIPPED, null, 0, null, 0));
        assertThat(burr().warning()).contains(BenchWords.NOT_TAKEN_OFF.words());
    }

    @Test
    void aSessionLeavesTheSignsOfWhatWasSkippedReadAndLastSeen() {
        steps = List.of(
                work(BurrTask.RAISE, "coarse", Side.BEVEL),
                work(BurrTask.KEEP, "fine", Side.BEVEL),
                step(Step.Kind.DEBURR, BurrTask.TAKE_OFF, "fine", 6, Side.BEVEL, Side.BACK),
                step(Step.Kind.STROP, BurrTask.SHED, "leather", 5, Side.BEVEL, Side.BACK));
        see(Observation.of(Sign.BURR_PART, 3, 9));
        tell(event(BenchEvent.Kind.READ, null, 0, null, 230));
        see(Observation.of(Sign.BURR_WHOLE));
        pass();
        tell(event(BenchEvent.Kind.SKIPPED, null, 0, null, 0));
        tell(event(BenchEvent.Kind.SKIPPED, null, 0, null, 0));
        count(Side.BEVEL, 25);
        List<Sign> signs = SessionSigns.of(steps, state(), STEEL, 0).stream()
                .map(Observation::sign)
                .toList();
        assertThat(signs)
                .contains(Sign.BURR_WHOLE, Sign.HOT, Sign.STONE_SKIPPED, Sign.DEBURR_SKIPPED, Sign.STROPPED_MUCH)
                .doesNotContain(Sign.BURR_PART, Sign.GATE_SKIPPED, Sign.ANGLE_MISSED);
        // what was skipped in an earlier round was answered since
        assertThat(SessionSigns.of(steps, state(), STEEL, 3))
                .extracting(Observation::sign)
                .contains(Sign.STROPPED_MUCH)
                .doesNotContain(Sign.STONE_SKIPPED);
    }

    @Test
    void theLastReadingOfTheGaugeDecidesAndMeansSomethingAtItsStep() {
        steps = List.of(step(Step.Kind.SET_GUIDE, BurrTask.NOTHING, "", 0));
        for (double deg : new double[] {24, 20.8}) {
            BenchEvent e = event(BenchEvent.Kind.READ, null, 0, null, deg);
            tell(new BenchEvent(
                    e.id(),
                    e.device(),
                    e.sequence(),
                    e.at(),
                    e.kind(),
                    0,
                    null,
                    0,
                    "ANGLE_GAUGE",
                    false,
                    0,
                    Optional.empty(),
                    OptionalDouble.of(deg)));
        }
        assertThat(SessionSigns.of(steps, state(), STEEL, 0)).isEmpty();
        assertThat(Instrument.ANGLE_GAUGE.says(20.8, steps.get(0), STEEL))
                .hasValueSatisfying(w -> assertThat(w).contains("leave it"));
        assertThat(Instrument.ANGLE_GAUGE.says(22.5, steps.get(0), STEEL))
                .contains("2.5° too high: set it again, then ink.");
        assertThat(Instrument.THERMOMETER.says(150, steps.get(0), STEEL).orElseThrow())
                .startsWith("Dip now: 10 °C");
        assertThat(Instrument.THERMOMETER.says(170, steps.get(0), STEEL).orElseThrow())
                .contains("Over the limit");
        assertThat(Instrument.THREAD_TESTER.says(100, steps.get(0), STEEL)).isEmpty();
    }

    @Test
    void paceIsTheMiddleGapForAStrokeWithPausesLeftOut() {
        steps = List.of(work(BurrTask.RAISE, "coarse", Side.BEVEL));
        for (int amount : new int[] {1, 2, 1, 1}) {
            count(Side.BEVEL, amount);
        }
        // gaps of 2 s for 2, 1 and 1 strokes
        assertThat(Pace.secondsPerStroke(events, 0)).hasValue(2);
        assertThat(Pace.secondsPerStroke(events.subList(0, 3), 0)).isEmpty();
        BenchEvent late = events.get(3);
        events.add(new BenchEvent(
                UUID.randomUUID(),
                "tablet",
                9,
                late.at().plusSeconds(600),
                BenchEvent.Kind.COUNT,
                0,
                Side.BEVEL,
                1,
                "",
                false));
        assertThat(Pace.secondsPerStroke(events, 0)).hasValue(2);
        // counts that were caught up with all at once are no strokes of that speed
        List<BenchEvent> caughtUp = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            caughtUp.add(new BenchEvent(
                    UUID.randomUUID(),
                    "tablet",
                    i,
                    Instant.EPOCH.plusMillis(i * 20L),
                    BenchEvent.Kind.COUNT,
                    0,
                    Side.BEVEL,
                    1,
                    "",
                    false));
        }
        assertThat(Pace.secondsPerStroke(caughtUp, 0)).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(
            value = Step.Kind.class,
            names = {"GRIND", "ENDS", "TEETH"})
    void colourAtTheEdgeShutsAGrindingStepUntilItIsGroundPast(Step.Kind kind) {
        Step step = step(kind, BurrTask.NOTHING, "wheel", 0, Side.BEVEL);
        steps = List.of(step);
        assertThat(StepSigns.offers(step)).contains(Sign.COLOUR, Sign.COLOUR_FREE);
        assertThat(gate().state()).isEqualTo(StepGate.State.ASK);
        see(Observation.of(Sign.COLOUR));
        assertThat(gate().state()).isEqualTo(StepGate.State.SHUT);
        assertThat(gate().words()).matches(Says.the(BenchWords.COLOUR));
        // Ground past, the question of the step stands again: that none is left does not answer it.
        see(Observation.of(Sign.COLOUR_FREE));
        assertThat(gate().state()).isEqualTo(StepGate.State.ASK);
        see(Observation.of(Sign.COLOUR));
        assertThat(gate().state()).isEqualTo(StepGate.State.SHUT);
    }

    @Test
    void aBurntEdgeIsNotPassedUntilNoColourIsLeft() {
        steps = List.of(step(Step.Kind.GRIND, BurrTask.NOTHING, "belt", 0), work(BurrTask.RAISE, "coarse", Side.BEVEL));
        see(Observation.of(Sign.COLOUR));
        assertThat(pass().orElseThrow().code()).isEqualTo(MessageCode.GATE_SHUT);
        see(Observation.of(Sign.COLOUR_FREE));
        assertThat(pass()).isEmpty();
    }

    @Test
    void aMachineIsNotJudgedByTheScratchesOfAStone() {
        assertThat(StepSigns.offers(step(Step.Kind.GRIND, BurrTask.NOTHING, "belt", 0)))
                .noneMatch(s -> s.group() == Sign.Group.SCRATCH);
    }

    @Test
    void everyStepThatIsWorkedHasSomethingToSee() {
        for (BurrTask task : BurrTask.values()) {
            assertThat(Sight.of(work(task, "stone", Side.BEVEL))).isNotEmpty();
        }
        assertThat(Sight.of(step(Step.Kind.SET_GUIDE, BurrTask.NOTHING, "", 0))).containsExactly(Sight.INK);
    }
}
