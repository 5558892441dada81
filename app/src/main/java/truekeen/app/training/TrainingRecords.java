package truekeen.app.training;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import truekeen.core.training.Act;
import truekeen.core.training.Exercise;
import truekeen.core.training.Seen;

/** What training takes and shows. */
public final class TrainingRecords {
    private TrainingRecords() {}

    /**
     * An exercise.
     *
     * @param grade how hard the next round is, from 1 to 3
     * @param tried rounds that were worked
     * @param right how many of them were right
     * @param next whether it is the one to practise next
     */
    public record ExerciseView(
            Exercise exercise, String title, String why, int grade, int tried, int right, boolean next) {}

    /** All exercises with what somebody did so far. */
    public record TrainingView(List<ExerciseView> exercises) {}

    /**
     * Something done in a round.
     *
     * @param place place along the edge, from 0
     * @param upper whether on the bevel, or on the right side
     * @param amount strokes, degrees, or the number of a choice
     */
    public record ActForm(Act.Kind kind, int place, boolean upper, double amount, Act.Force force) {}

    /**
     * A round so far.
     *
     * @param round what it is called by: how it ended is kept once
     * @param seed what it is made from
     * @param acts all that was done, in order
     */
    public record RoundForm(UUID round, int grade, long seed, String person, List<ActForm> acts) {}

    /** How a round ended. */
    public record RoundAnswer(boolean right, String words) {}

    /**
     * A place along the edge.
     *
     * @param mark what is known of it
     * @param note a figure that is read there; empty for none
     */
    public record EdgePlaceView(Seen.Mark mark, String note) {}

    /**
     * What is done at a place, and what its marks mean, in words; empty where places are not asked.
     *
     * @param act as "Feel"
     * @param there what a mark says where something is
     * @param absent what it says where nothing is
     */
    public record ProbeView(String act, String there, String absent) {}

    /**
     * Ink on a bevel after a stroke.
     *
     * @param gone where it is gone
     * @param share how much of the width of the bevel is bare, 0 to 1
     */
    public record InkLookView(Seen.Ink.Gone gone, double share) {}

    /**
     * What is seen in a round.
     *
     * @param situation what is the matter
     * @param lines what is seen and felt, the newest last
     * @param places the places along the edge; empty where they are not asked
     * @param ink what a stroke left of the ink; null where none is looked at
     * @param sides what the two sides are called, the lower first
     * @param answer how it ended; null while it goes on
     */
    public record RoundView(
            String title,
            String situation,
            List<String> lines,
            List<EdgePlaceView> places,
            ProbeView probe,
            @Nullable InkLookView ink,
            List<String> choices,
            List<Act.Kind> controls,
            List<String> sides,
            @Nullable RoundAnswer answer) {}
}
