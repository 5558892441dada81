package truekeen.app.day;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
     * The same, with one tool ready before another. What was to be ready before the other is to be ready before both; a tool
     * that waited for the other, itself or by others, waits for it no more.
     */
    DayWishes readyBefore(UUID tool, UUID other) {
        Map<UUID, UUID> after = new HashMap<>();
        tools.forEach(t -> t.after().ifPresent(a -> after.put(t.tool(), a)));
        Optional<UUID> before = Optional.ofNullable(after.get(other)).filter(t -> !t.equals(tool));
        if (waits(other, tool, after)) {
            return this;
        }
        if (waits(tool, other, after) || !after.containsKey(tool)) {
            after.remove(tool);
            before.ifPresent(b -> after.put(tool, b));
        }
        after.put(other, tool);
        return new DayWishes(
                people,
                readyBy,
                tools.stream()
                        .map(t -> t.readyAfter(Optional.ofNullable(after.get(t.tool()))))
                        .toList());
    }

    /** Whether a tool is to be ready after another, itself or by others. */
    private static boolean waits(UUID tool, UUID other, Map<UUID, UUID> after) {
        UUID at = after.get(tool);
        for (int steps = 0; at != null && steps < after.size(); steps++) {
            if (at.equals(other)) {
                return true;
            }
            at = after.get(at);
        }
        return other.equals(at);
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
     * @param after the tool that is to be ready before it
     */
    record Wanted(
            UUID tool, Optional<String> by, double longer, int restsMinutes, boolean first, Optional<UUID> after) {
        private Wanted readyAfter(Optional<UUID> other) {
            return new Wanted(tool, by, longer, restsMinutes, first, other);
        }
    }
}
