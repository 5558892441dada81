package truekeen.app.day;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * What is wanted of a day.
 *
 * @param people who works; at least one
 * @param readyBy when what is promised for today is to be ready, as hours and minutes
 * @param tools what is to be done
 */
record DayWishes(List<Worker> people, String readyBy, List<Wanted> tools) {
    DayWishes {
        people = List.copyOf(people);
        tools = List.copyOf(tools);
    }

    /**
     * Somebody who works.
     *
     * @param begins when, as hours and minutes; empty for at once
     */
    record Worker(String name, Optional<String> begins) {}

    /**
     * A tool that is to be done.
     *
     * @param by when it is to be ready today, as hours and minutes; empty where the tool's own promise holds
     * @param longer how many times as long it takes as planned
     * @param restsMinutes how long it lies by itself once it is done (min)
     * @param first whether it is done before all others
     */
    record Wanted(UUID tool, Optional<String> by, double longer, int restsMinutes, boolean first) {}
}
