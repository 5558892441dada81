package truekeen.app.bench;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import truekeen.app.plan.PlanRecords.StepView;
import truekeen.app.platform.OneOf;
import truekeen.core.bench.BenchEvent;
import truekeen.core.bench.BenchState;
import truekeen.core.bench.BenchTimer;
import truekeen.core.bench.BurrThread;
import truekeen.core.bench.Instrument;
import truekeen.core.bench.Sight;
import truekeen.core.bench.StepGate;
import truekeen.core.fault.Sign;
import truekeen.core.section.Facet;
import truekeen.core.stepsheet.Step;

/** What the bench shows and takes. */
public final class BenchRecords {
    private BenchRecords() {}

    /** Begins a session on a plan. */
    public record StartForm(String planId, String device, String person) {}

    /**
     * Something that happened, as a device tells it.
     *
     * @param id made by the device (UUID)
     * @param sequence number the device gave it, rising
     * @param at instant (ISO) by the device
     * @param kind COUNT, UNDO, OBSERVED, READ, LEFT_OUT, GATE_PASSED, GATE_FAILED, STEP_DONE or SKIPPED
     * @param step index of the step, from 0
     * @param side as the step names it, or empty
     * @param amount strokes a count adds
     * @param note a reason, the instrument that was read, or empty
     * @param station station along a cambered edge, edge of a row, or mark that was measured, from 1; 0 for none
     * @param sign what was seen, where it is an observation
     * @param fromMm where it was seen begins (mm from the beginning of the edge)
     * @param toMm where it ends
     * @param value what the instrument read
     */
    public record EventForm(
            String id,
            long sequence,
            String at,
            @OneOf(BenchEvent.Kind.class) String kind,
            int step,
            @OneOf(value = Step.Side.class, orNone = true) String side,
            int amount,
            String note,
            int station,
            @Nullable @OneOf(Sign.class) String sign,
            @Nullable Double fromMm,
            @Nullable Double toMm,
            @Nullable Double value) {
        /** What is neither seen nor read. */
        public EventForm(
                String id, long sequence, String at, String kind, int step, String side, int amount, String note) {
            this(id, sequence, at, kind, step, side, amount, note, 0, null, null, null, null);
        }
    }

    /** What a device has to tell, oldest first. */
    public record EventsForm(String device, String person, List<EventForm> events) {}

    /** A device takes the session over, or decides on counts that came late. */
    public record DeviceForm(String device, String person) {}

    /** What to do with counts that came late. */
    public record LateForm(String device, String person, boolean add) {}

    /** How a session ends. */
    public record FinishForm(String device, String person) {}

    /** Strokes of one side; {@code leftOut} are edges that are broken and left out, from 1. */
    public record CountView(Step.Side side, int strokes, List<Integer> stations, List<Integer> leftOut) {}

    /** A sign that can be put down: GOOD, BAD or NOTED, and whether it has a place. */
    public record TapView(Sign sign, String words, Sign.Says says, boolean placed) {}

    /** Something seen at the step, and the strokes counted until then. */
    public record SeenHere(
            Sign sign,
            String words,
            Sign.Says says,
            @Nullable Double fromMm,
            @Nullable Double toMm,
            int strokesBefore) {}

    /** What an instrument read at the step, and what that means there. */
    public record TakenView(
            Instrument instrument,
            String words,
            double value,
            String unit,
            String says,
            @Nullable Step.Side side,
            int station) {}

    /** What to do before the gate opens, and where. */
    public record TodoView(String words, @Nullable Double fromMm, @Nullable Double toMm) {}

    /**
     * How the gate stands.
     *
     * @param strokesSince strokes since what shuts it was seen; 0 where nothing seen shuts it, or none came after
     */
    public record GateView(
            StepGate.State state, String words, int strokesSince, List<TodoView> todo, List<String> notes) {}

    /** The burr's thread. */
    public record BurrView(BurrThread.Life life, String words, String ask, String warning, List<String> moments) {}

    /** Something to look for, right and wrong. */
    public record SightView(Sight kind, String right, String wrong) {}

    /**
     * What the step in hand has beyond its plan.
     *
     * @param facet the facet that is worked, as the section names it; null where none is
     * @param marks how many marks are measured on each side; 0 where none is
     * @param paceSeconds seconds a stroke of this hand takes here, once enough were counted
     * @param leftLowSeconds least time left by that pace
     * @param leftHighSeconds most time left by that pace
     */
    public record HereView(
            GateView gate,
            List<TapView> offers,
            List<SeenHere> seen,
            List<TakenView> readings,
            BurrView burr,
            List<SightView> sights,
            int marks,
            @Nullable Facet facet,
            @Nullable Double paceSeconds,
            @Nullable Double leftLowSeconds,
            @Nullable Double leftHighSeconds) {}

    /** What one abrasive had: strokes counted, and how many were to be expected. */
    public record StoneSumView(String name, int strokes, int low, int high) {}

    /**
     * What a session came to against its plan.
     *
     * @param seconds time at the bench, pauses left out; null where nothing tells
     * @param steelMm3 steel that went by what was counted, an estimate; null where nothing tells
     * @param notCounted steps that were passed with hardly a stroke
     * @param skipped steps that were skipped
     */
    public record SumView(
            List<StoneSumView> stones,
            int counted,
            int plannedLow,
            int plannedHigh,
            @Nullable Double seconds,
            double plannedSeconds,
            @Nullable Double steelMm3,
            double plannedMm3,
            List<String> notCounted,
            List<String> skipped) {}

    /** A step with where it stands. */
    public record BenchStepView(
            StepView step, BenchState.Status status, List<CountView> counts, int gateFailures, int round) {}

    /**
     * A session.
     *
     * @param held whether the asking device holds it
     * @param late strokes of a displaced device that wait for a decision
     * @param sum what it came to, once every step is done; null before
     * @param confirmed ids of the events of the asking device that are stored
     */
    public record SessionView(
            UUID id,
            UUID toolId,
            UUID planId,
            String toolName,
            double edgeLengthMm,
            Instant startedAt,
            @Nullable Instant finishedAt,
            String holderPerson,
            boolean held,
            int current,
            boolean allDone,
            int late,
            boolean undoable,
            List<BenchStepView> steps,
            @Nullable HereView here,
            @Nullable SumView sum,
            List<String> confirmed) {}

    /**
     * A tool that is at the bench, and the step that waits for it.
     *
     * @param allDone whether every step is done, so that its test waits
     */
    public record AtBench(
            UUID id, UUID toolId, String toolName, boolean allDone, String title, int step, int steps, boolean held) {}

    /** What can be timed, and how long it usually takes. */
    public record TimerKindView(BenchTimer kind, String words, int seconds, String why) {}

    /**
     * A time that runs.
     *
     * @param id its key; null where it is a stone's own soaking
     * @param endsAt instant (ISO) at which it is over
     */
    public record BenchTimeView(@Nullable UUID id, BenchTimer kind, String label, Instant endsAt) {}

    /** What runs, and what could. */
    public record BenchTimesView(Instant now, List<BenchTimeView> running, List<TimerKindView> kinds) {}

    /** Starts a time: its kind, what it is for, and how many minutes as typed; empty for the usual. */
    public record TimerForm(@OneOf(BenchTimer.class) String kind, String label, String minutes) {}

    /** The open session of a tool, if there is one. */
    public record OpenSession(@Nullable UUID id) {}
}
