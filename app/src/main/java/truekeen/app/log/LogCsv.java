package truekeen.app.log;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVRecord;
import truekeen.app.history.HistoryEntry;
import truekeen.app.platform.CsvList;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;

/** A history as comma-separated values (RFC 4180): at, kind, title, text. */
final class LogCsv {
    private static final List<String> HEAD = List.of("at", "kind", "title", "text");
    private static final int MOST_LINES = 2000;
    static final int MOST_TITLE = 200;
    static final int MOST_TEXT = 2000;

    private LogCsv() {}

    /** One line read in. */
    record Line(Instant at, String title, String text) {}

    static String write(List<HistoryEntry> entries) {
        return CsvList.write(
                HEAD,
                entries.stream()
                        .map(e -> List.<Object>of(e.at(), e.kind().name(), e.title(), String.join("; ", e.lines())))
                        .toList());
    }

    /** Reads one; every faulty line is named. A day alone is its morning here. */
    static List<Line> read(String text, Instant now) {
        Checks checks = new Checks();
        List<Line> lines = new ArrayList<>();
        for (CSVRecord row : CsvList.read(text, HEAD, List.of("at", "title"), MOST_LINES)) {
            line(row, now, checks, lines);
        }
        checks.orThrow();
        return lines;
    }

    private static void line(CSVRecord row, Instant now, Checks checks, List<Line> lines) {
        long at = row.getRecordNumber() + 1;
        String title = CsvList.at(row, "title");
        String text = CsvList.at(row, "text");
        Instant when = instant(CsvList.at(row, "at"));
        String fault = when == null
                ? LogWords.AT_IS_A_DAY.words()
                : when.isAfter(now)
                        ? LogWords.AT_LIES_AHEAD.words()
                        : title.isBlank() || title.length() > MOST_TITLE
                                ? LogWords.TITLE_NEEDED.fill("most", MOST_TITLE)
                                : text.length() > MOST_TEXT ? LogWords.TEXT_TOO_LONG.fill("most", MOST_TEXT) : "";
        if (fault.isEmpty()) {
            lines.add(new Line(when, title, text));
        } else {
            checks.refuse(Refusal.of(MessageCode.CSV_LINE, "text", title)
                    .with("line", at)
                    .with("what", CsvList.clause(fault)));
        }
    }

    private static Instant instant(String at) {
        try {
            return at.length() <= 10
                    ? LocalDate.parse(at)
                            .atTime(9, 0)
                            .atZone(ZoneId.systemDefault())
                            .toInstant()
                    : Instant.parse(at);
        } catch (DateTimeParseException none) {
            return null;
        }
    }
}
