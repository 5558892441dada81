package truekeen.app.bench;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import truekeen.app.plan.PlanRecords.StepView;

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
     * @param kind COUNT, UNDO, GATE_PASSED, GATE_FAILED, STEP_DONE or SKIPPED
     * @param step index of the step, from 0
     * @param side BEVEL, BACK, or empty
     * @param amount strokes a count adds
     * @param note a reason, or empty
     */
    public record EventForm(
            String id, long sequence, String at, String kind, int step, String side, int amount, String note) {}

    /** What a device has to tell, oldest first. */
    public record EventsForm(String device, String person, List<EventForm> events) {}

    /** A device takes the session over, or decides on counts that came late. */
    public record DeviceForm(String device, String person) {}

    /** What to do with counts that came late. */
    public record LateForm(String device, String person, boolean add) {}

    /** How a session ends. */
    public record FinishForm(String device, String person) {}

    /** Strokes of one side. */
    public record CountView(String side, int strokes) {}

    /** A step with where it stands. */
    public record BenchStepView(StepView step, String status, List<CountView> counts, int gateFailures, int round) {}

    /**
     * A session.
     *
     * @param held whether the asking device holds it
     * @param late strokes of a displaced device that wait for a decision
     * @param confirmed ids of the events of the asking device that are stored
     */
    public record SessionView(
            UUID id,
            UUID toolId,
            UUID planId,
            String toolName,
            double edgeLengthMm,
            String startedAt,
            @Nullable String finishedAt,
            String holderPerson,
            boolean held,
            int current,
            boolean allDone,
            int late,
            boolean undoable,
            List<BenchStepView> steps,
            List<String> confirmed) {}

    /** What a step came to. */
    public record StepDone(String title, String abrasive, String status, int planned, int done, int round) {}

    /** A session as the log tells it. */
    public record SessionSummary(
            UUID id,
            String person,
            String startedAt,
            @Nullable String finishedAt,
            List<StepDone> steps,
            int strokesPlanned,
            int strokesDone) {}

    /** The open session of a tool, if there is one. */
    public record OpenSession(@Nullable UUID id) {}
}
