package truekeen.core.training;

import java.util.List;
import java.util.Optional;

/**
 * What a person sees in an exercise at a moment.
 *
 * @param situation what is the matter, in words
 * @param lines what is seen and felt just now, the newest last
 * @param marks what is known of each place along the edge; empty where places are not asked
 * @param choices what can be chosen; empty where nothing is
 * @param controls what can be done; nothing once it is over
 * @param sides what the two sides are called, the lower first; empty where there is one
 * @param answer how it ended; empty while it goes on
 */
public record Seen(
        String situation,
        List<String> lines,
        List<Mark> marks,
        List<String> choices,
        List<Act.Kind> controls,
        List<String> sides,
        Optional<Answer> answer) {
    /** What is known of a place. */
    public enum Mark {
        UNKNOWN,
        CATCHES,
        SMOOTH
    }

    /**
     * How it ended.
     *
     * @param right whether a practitioner would say the same
     * @param words what a practitioner would have seen
     */
    public record Answer(boolean right, String words) {}

    /** Keeps the lists from changing. */
    public Seen {
        lines = List.copyOf(lines);
        marks = List.copyOf(marks);
        choices = List.copyOf(choices);
        controls = List.copyOf(controls);
        sides = List.copyOf(sides);
    }
}
