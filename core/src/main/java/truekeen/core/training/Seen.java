package truekeen.core.training;

import java.util.List;
import java.util.Optional;

/**
 * What a person sees in an exercise at a moment.
 *
 * @param situation what is the matter, in words
 * @param lines what is seen and felt just now, the newest last
 * @param places the places along the edge; empty where they are not asked
 * @param probe what is done at a place, and what its marks mean; nothing in it where places are not asked
 * @param ink what a stroke left of the ink; empty where no ink is looked at
 * @param choices what can be chosen; empty where nothing is
 * @param controls what can be done; nothing once it is over
 * @param sides what the two sides are called, the lower first; empty where there is one
 * @param answer how it ended; empty while it goes on
 */
public record Seen(
        String situation,
        List<String> lines,
        List<Place> places,
        Probe probe,
        Optional<Ink> ink,
        List<String> choices,
        List<Act.Kind> controls,
        List<String> sides,
        Optional<Answer> answer) {
    /** What is known of a place. */
    public enum Mark {
        UNKNOWN,
        /** What was looked for is there: a burr, a light. */
        THERE,
        ABSENT
    }

    /**
     * A place along the edge.
     *
     * @param note a figure that is read there; empty for none
     */
    public record Place(Mark mark, String note) {}

    /**
     * What is done at a place.
     *
     * @param act in words, as "Feel"
     * @param there what a mark says where something is
     * @param absent what it says where nothing is
     */
    public record Probe(String act, String there, String absent) {
        static final Probe NONE = new Probe("", "", "");
    }

    /**
     * Ink on a bevel after a stroke.
     *
     * @param gone where it is gone
     * @param share how much of the width of the bevel is bare, 0 to 1
     */
    public record Ink(Gone gone, double share) {
        /** Where ink is gone. */
        public enum Gone {
            NOWHERE,
            AT_THE_HEEL,
            AT_THE_EDGE,
            EVENLY
        }
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
        places = List.copyOf(places);
        choices = List.copyOf(choices);
        controls = List.copyOf(controls);
        sides = List.copyOf(sides);
    }
}
