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
     * @param first ids of tasks that are to be done first, in this order
     * @param run what the planning is called by, to ask how far it is and to stop it; may be null
     */
    public record DayForm(
            List<WorkerForm> people, String readyBy, List<WantedForm> tools, List<String> first, @Nullable UUID run) {}

    /** Somebody who works; {@code begins} is empty for at once. */
    public record WorkerForm(String name, String begins) {}

    /**
     * A tool that is to be done.
     *
     * @param by when it is to be ready today; empty where its own promise holds
     * @param longer how many times as long it takes as planned; empty for once
     */
    public record WantedForm(UUID tool, String by, String longer) {}

    /**
     * The day.
     *
     * @param now when this was said
     * @param open everything that wants work, the most urgent first
     * @param plan today's plan, if there is one
     */
    public record DayView(LocalDate today, Instant now, List<OpenToolView> open, @Nullable DayPlanView plan) {}

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
     * @param ticketEndsAt when it would be, ticket after ticket
     * @param boundAt no order could end earlier
     * @param lateMinutes by how much promises are missed, added up
     * @param ticketLateMinutes the same, ticket after ticket
     * @param setUps how often a stone is laid down or a holder set
     * @param whole whether the search came to its end; else it was stopped
     * @param behindMinutes how far the bench is behind the plan
     * @param changed tools that were planned anew since, whose steps are no longer these
     * @param soak what goes into the water, and when
     * @param flatten what is flattened before its first use, finest first
     * @param wishes what it was planned from
     */
    public record DayPlanView(
            Instant madeAt,
            Instant beginsAt,
            Instant endsAt,
            Instant ticketEndsAt,
            Instant boundAt,
            int lateMinutes,
            int ticketLateMinutes,
            int setUps,
            int ticketSetUps,
            boolean whole,
            int behindMinutes,
            List<String> changed,
            List<SoakAtView> soak,
            List<String> flatten,
            List<DayRunView> runs,
            List<DayToolView> tools,
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
     * @param done whether all is done
     */
    public record DayLineView(String words, List<String> tools, Instant endsAt, boolean done, int behindMinutes) {}

    /**
     * What can be promised for a tool that is brought today; both days are null where too little is known of what this bench
     * gets done.
     *
     * @param likely ready by then in half of all cases
     * @param promise ready by then in four of five
     * @param tools how many are promised or begun already
     * @param backlogMinutes what is to be done on them
     * @param minutesAWeek what this bench got done in a week of late
     */
    public record PromiseView(
            @Nullable LocalDate likely, @Nullable LocalDate promise, int tools, int backlogMinutes, int minutesAWeek) {}

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
     * @param by when it is to be ready today, if it is
     * @param lateMinutes how much later it will be
     */
    public record DayToolView(
            UUID toolId, String name, Instant readyAt, @Nullable Instant by, int lateMinutes, boolean done) {}
}
