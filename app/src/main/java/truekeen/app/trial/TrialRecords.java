package truekeen.app.trial;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import truekeen.app.platform.OneOf;
import truekeen.core.rule.HouseRule;
import truekeen.core.trial.Course;
import truekeen.core.trial.Question;
import truekeen.core.trial.TrialEdge;
import truekeen.core.trial.TrialJudgement;
import truekeen.core.upkeep.UseUnit;

/** What trials take and give. */
public final class TrialRecords {
    private TrialRecords() {}

    /**
     * A trial to begin.
     *
     * @param name what it is called here
     * @param question one of the questions
     * @param ways two to four, by name
     * @param unit in what use is counted
     * @param every use between two readings
     * @param times readings after the fresh one
     * @param stations places along the edge
     * @param rounds edges of each way
     * @param blind whether whoever reads is not told which is which
     * @param person who begins it
     */
    public record TrialForm(
            String name,
            @OneOf(Question.class) String question,
            List<String> ways,
            @OneOf(UseUnit.class) String unit,
            String every,
            String times,
            String stations,
            String rounds,
            boolean blind,
            String person) {}

    /** Readings of an edge at a checkpoint, one for each station in order; an empty one was not taken. */
    public record TrialReadingForm(UUID edge, double use, List<String> grams, String person) {}

    /** One reading, taken again. */
    public record AgainForm(UUID edge, double use, int station, String grams, String person) {}

    /** What it took to bring an edge back. */
    public record EffortForm(UUID edge, String strokes, boolean regained) {}

    /** Why an edge is read no further, or that it is. */
    public record EdgeEndForm(UUID edge, @OneOf(TrialEdge.End.class) String end) {}

    /** A trial of elsewhere as a list. */
    public record TrialCsvForm(String name, @OneOf(value = UseUnit.class, orNone = true) String unit, String text) {}

    /** A question, its usual ways and the fewest rounds. */
    public record QuestionView(Question question, String words, List<String> ways, String settles) {}

    /** A unit of use, with what is usual between two readings. */
    public record UnitView(UseUnit unit, String words, double every) {}

    /** What a new trial may choose from; {@code leastRounds} for two, three and four ways. */
    public record TrialChoices(List<QuestionView> questions, List<UnitView> units, List<Integer> leastRounds) {}

    /** A trial in a line. */
    public record TrialLine(
            UUID id,
            String name,
            Question question,
            String questionWords,
            List<String> ways,
            Instant at,
            Instant endedAt,
            boolean covered,
            int readingsDone,
            int readingsOf,
            TrialJudgement.Verdict verdict,
            String says) {}

    /** What was read at a checkpoint: by station, null where nothing was, and its mean. */
    public record CellView(double use, List<Double> grams, Double meanGrams, Double dulling) {}

    /** An edge; its way is null while the trial is covered. */
    public record TrialEdgeView(
            UUID id,
            int place,
            int round,
            Integer way,
            List<CellView> cells,
            TrialEdge.End end,
            Integer strokes,
            Boolean regained,
            Double nextUse) {}

    /**
     * A reading that breaks the trend.
     *
     * @param stands whether the edge has not gone on since, so that it can be read again
     */
    public record AskedView(
            UUID edge, int place, double use, int station, double grams, double expectedGrams, boolean stands) {}

    /** How a way dulled. */
    public record CourseView(int way, List<Course.AtCheckpoint> points) {}

    /** The house rule that a settled trial offers. */
    public record RuleOffer(HouseRule rule, String question, String choice, String words, boolean holds) {}

    /** A trial as it stands. */
    public record TrialSheet(
            UUID id,
            String name,
            Question question,
            String questionWords,
            List<String> ways,
            UseUnit unit,
            String unitWords,
            List<Double> checkpoints,
            int stations,
            int rounds,
            boolean blind,
            boolean covered,
            Instant at,
            Instant endedAt,
            String person,
            int readingsDone,
            int readingsOf,
            List<TrialEdgeView> edges,
            UUID nextEdge,
            List<AskedView> asked,
            TrialJudgement.Verdict verdict,
            Integer winner,
            List<String> conclusion,
            List<String> restsOn,
            List<CourseView> courses,
            RuleOffer rule) {}

    /** Which way an edge is to be made; only for whoever prepares them. */
    public record PreparationLine(int place, int round, String way, boolean begun) {}

    /** What came of reading a trial in. */
    public record TrialImport(UUID id, int edges, int readings) {}
}
