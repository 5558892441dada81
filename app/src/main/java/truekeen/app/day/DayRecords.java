package truekeen.app.day;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/** What the day takes and gives. Times of day that are typed are hours and minutes, as 9:30. */
public final class DayRecords {
    private DayRecords() {}

    /**
     * A day to be planned, or planned anew from now.
     *
     * @param people who works; at least one
     * @param readyBy when what is promised for today is to be ready
     * @param tools what is to be done
     * @param run what the planning is called by, to ask how far it is and to stop it; may be null
     */
    public record DayForm(List<WorkerForm> people, String readyBy, List<WantedForm> tools, @Nullable UUID run) {}

    /**
     * A tool that is to be ready before another of today's plan.
     *
     * @param run what the planning is called by; may be null
     */
    public record MoveForm(UUID tool, UUID before, @Nullable UUID run) {}

    /** Somebody who works; {@code begins} is empty for at once. */
    public record WorkerForm(String name, String begins) {}

    /**
     * A tool that is to be done.
     *
     * @param by when it is to be ready today; empty where its own promise holds
     * @param longer how many times as long it takes as planned; empty for once
     * @param rests how long it lies by itself once it is done (min), as oil cures or glue sets; empty for not at all
     * @param first whether it is done before all others
     * @param after the tool that is to be ready before it; null where it comes where it fits. One that is not of this day
     *     is passed over
     */
    public record WantedForm(
            UUID tool, String by, String longer, @Nullable String rests, boolean first, @Nullable UUID after) {}

    /**
     * The day.
     *
     * @param now when this was said
     * @param readyBy when what is promised for today is to be ready, unless it is said otherwise
     * @param open everything that wants work, the most urgent first
     * @param plan today's plan, if there is one
     */
    public record DayView(
            LocalDate today, Instant now, String readyBy, List<OpenToolView> open, @Nullable DayPlanView plan) {}

    /**
     * A tool that wants work.
     *
     * @param wantedBy when it is promised
     * @param late whether that is past
     * @param workable whether it can be planned into the day now
     * @param minutes what is left to do on it by its plan; 0 where it has none
     * @param nextWords what comes next for it
     * @param nextPath where that is done
     */
    public record OpenToolView(
            UUID toolId,
            String name,
            String owner,
            @Nullable LocalDate wantedBy,
            boolean late,
            boolean workable,
            int minutes,
            String nextWords,
            String nextPath) {}

    /**
     * A planned day.
     *
     * @param endsAt when the last tool is ready
     * @param endsEarliest the same where every count is the least to be expected
     * @param endsLatest the same where every count is the most to be expected
     * @param ticketEndsAt when it would be, one tool after the other
     * @param boundAt no order could end earlier
     * @param lateMinutes by how much promises are missed, added up
     * @param ticketLateMinutes the same, one tool after the other
     * @param setUps how often a stone is laid down or a holder set
     * @param whole whether the search came to its end; else it was stopped
     * @param laterMinutes how much later it ends than the plan before it did
     * @param behindMinutes how far the bench is behind the plan
     * @param changed tools that were planned anew since, whose steps are no longer these
     * @param gone what of it asks for a piece of the kit that is gone
     * @param soak what goes into the water, and when
     * @param flatten what is flattened before its first use, finest first
     * @param basis what it rests on, in sentences
     * @param wishes what it was planned from
     */
    public record DayPlanView(
            Instant madeAt,
            Instant beginsAt,
            Instant endsAt,
            Instant endsEarliest,
            Instant endsLatest,
            Instant ticketEndsAt,
            Instant boundAt,
            int lateMinutes,
            int ticketLateMinutes,
            int setUps,
            int ticketSetUps,
            boolean whole,
            int laterMinutes,
            int behindMinutes,
            List<String> changed,
            List<GoneView> gone,
            List<SoakAtView> soak,
            List<String> flatten,
            List<DayRunView> runs,
            List<DayToolView> tools,
            List<String> basis,
            DayForm wishes) {}

    /**
     * Today's plan in a line; null where there is none.
     *
     * @param plan what is next of it
     */
    public record DayFrontView(@Nullable DayLineView plan) {}

    /**
     * What is next of today's plan.
     *
     * @param words the set-up that is next
     * @param tools what is done at it
     * @param next the task that is next; null where all is done
     */
    public record DayLineView(
            String words, List<String> tools, @Nullable DayTaskView next, Instant endsAt, int behindMinutes) {}

    /**
     * What can be promised for a tool that is brought today; both days are null where the bench has too little time.
     *
     * @param likely ready by then where most of the bench's time goes into sharpening
     * @param promise ready by then where half of it goes elsewhere
     * @param tools how many are promised or begun already
     * @param backlogMinutes what is to be done on them
     * @param bench time at the bench
     * @param guessed whether nobody said how much that is
     */
    public record PromiseView(
            @Nullable LocalDate likely,
            @Nullable LocalDate promise,
            int tools,
            int backlogMinutes,
            BenchTimeForm bench,
            boolean guessed) {}

    /** Time at the bench in minutes, from Monday to Sunday, as it was typed. */
    public record BenchTimeForm(List<String> minutes) {}

    /** A stone that goes into the water at a time, for so long. */
    public record SoakAtView(String name, Instant at, int minutes) {}

    /**
     * Tasks done one after the other without changing stone or setting.
     *
     * @param words what is set and laid down, as "brass roller guide at 30°, cream finisher"
     * @param changes what to do before it, in order
     * @param done whether all of it is done
     */
    public record DayRunView(
            String person,
            String words,
            List<String> changes,
            Instant from,
            Instant until,
            boolean done,
            List<DayTaskView> tasks) {}

    /**
     * A task in its place.
     *
     * @param title what is done
     * @param path where it is done
     */
    public record DayTaskView(
            String id, UUID toolId, String tool, String title, Instant from, int minutes, boolean done, String path) {}

    /**
     * When a tool is ready.
     *
     * @param earliest the same where every count is the least to be expected
     * @param latest the same where every count is the most to be expected
     * @param by when it is to be ready today, if it is
     * @param lateMinutes how much later it will be
     */
    public record DayToolView(
            UUID toolId,
            String name,
            Instant readyAt,
            Instant earliest,
            Instant latest,
            @Nullable Instant by,
            int lateMinutes,
            boolean done) {}

    /**
     * A tool that is planned on a piece of the kit that is broken, out of use or gone.
     *
     * @param piece what is gone
     * @param begun whether it is at the bench, where it goes on without it
     * @param path where it goes on, or is planned anew
     */
    public record GoneView(String piece, UUID toolId, String tool, boolean begun, String path) {}
}
