package truekeen.app.log;

import com.fasterxml.jackson.databind.JsonNode;
import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import truekeen.app.history.DatedFigure;
import truekeen.app.history.HistoryEntry;
import truekeen.core.fault.Sign;

/** What the log shows and writes out. */
public final class LogRecords {
    private LogRecords() {}

    /**
     * One line of the history: when, what kind, a title, and what there is to say.
     *
     * @param removable key of a line that can be taken back; null where it follows from work
     */
    public record Entry(
            Instant at, HistoryEntry.Kind kind, String title, List<String> lines, @Nullable UUID removable) {}

    /** A note: it in a line, and more of it. */
    public record NoteForm(String title, String text) {}

    /** Usable length after an event (mm). */
    public record SteelPoint(Instant at, double usableMm) {}

    /** Force at a place of the edge (mm, g). */
    public record ReadingAt(double xMm, double grams) {}

    /**
     * What was seen in a test, and where.
     *
     * @param says GOOD, BAD or NOTED
     */
    public record SeenAt(String words, Sign.Says says, @Nullable Double fromMm, @Nullable Double toMm) {}

    /**
     * A test as it measured the edge.
     *
     * @param index keenness index, where force was read; lower is keener
     * @param target index that was wanted
     */
    public record MeasuredTest(
            Instant takenAt,
            boolean keen,
            boolean remedied,
            @Nullable Double index,
            @Nullable Double target,
            List<ReadingAt> readings,
            List<SeenAt> seen) {}

    /**
     * A point of a curve.
     *
     * @param least least that was foreseen; null where nothing was
     * @param most most that was foreseen; null where nothing was
     */
    public record SeriesPoint(Instant at, double value, @Nullable Double least, @Nullable Double most) {}

    /**
     * A number of the tool over time, oldest first.
     *
     * @param name what it says, in words
     * @param unit its unit; empty of a plain number
     * @param says what the curve is looked at for
     */
    public record SeriesView(DatedFigure.Kind kind, String name, String unit, String says, List<SeriesPoint> points) {}

    /**
     * A tool's history, newest first.
     *
     * @param more whether there are older lines than these
     * @param curves its numbers over time; none of fewer than two points
     */
    public record LogView(
            List<Entry> entries,
            boolean more,
            List<SteelPoint> steel,
            double retireMm,
            List<MeasuredTest> tests,
            List<SeriesView> curves) {}

    /** A history to read in. */
    public record LogCsvForm(String text) {}

    /** What came of reading one in: lines added, and lines that were there already. */
    public record LogImport(int added, int known) {}

    /**
     * A tool written out, everything that is stored about it.
     *
     * @param format name and version of this format
     * @param sections rows by place, as they are stored: columns by name, JSON columns with the version they were
     *     written in
     */
    public record Export(String format, Instant writtenAt, Map<String, List<JsonNode>> sections) {}
}
