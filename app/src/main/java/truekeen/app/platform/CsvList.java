package truekeen.app.platform;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import truekeen.core.message.Checks;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;
import truekeen.core.quantity.ShownUnits;

/** Lists as comma-separated values (RFC 4180) with a head line, written and read. */
public final class CsvList {
    private static final String MARK = "'";
    private static final Pattern FORMULA = Pattern.compile("'*\\s*[=+\\-@\\t\\r]");
    private static final Pattern NUMBER = Pattern.compile("[-+]?[0-9]+([.,][0-9]+)?");

    private CsvList() {}

    /** Writes a list. */
    public static String write(List<String> head, List<List<Object>> rows) {
        StringBuilder out = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(head.toArray(String[]::new))
                .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            for (List<Object> row : rows) {
                printer.printRecord(row.stream().map(CsvList::cell).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** What stands in a list is in millimetres, newtons and grams, whatever the shop reads on its screens. */
    private static Object cell(Object given) {
        return given instanceof String text ? harmless(ShownUnits.METRIC.sentence(text)) : given;
    }

    /** What a spreadsheet would run as a formula is marked as text; reading takes the mark away again. */
    private static String harmless(String text) {
        return FORMULA.matcher(text).lookingAt() && !NUMBER.matcher(text).matches() ? MARK + text : text;
    }

    private static String asWritten(String cell) {
        return cell.startsWith(MARK) && FORMULA.matcher(cell).lookingAt() ? cell.substring(MARK.length()) : cell;
    }

    /** Notes what is wrong with a line: its number, as an editor counts it with the head, and each fault in its words. */
    public static void refuse(Checks checks, long line, RefusedException refused) {
        refused.refusals()
                .forEach(r -> checks.refuse(Refusal.of(MessageCode.CSV_LINE, "text", r.value())
                        .with("line", line)
                        .with("what", clause(r.words()))));
    }

    /**
     * Reads a list. Its columns may come in any order, and those that are not needed may be missing.
     *
     * @param needed columns that must be there
     * @param most most lines that are read
     * @throws RefusedException naming the column, the number of lines, or that it is no list at all
     */
    public static List<CSVRecord> read(String text, List<String> head, List<String> needed, int most) {
        if (text == null || text.isBlank()) {
            throw new RefusedException(
                    Refusal.of(MessageCode.EMPTY, "text", "").with("what", "A list with a head line"));
        }
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get();
        String clean = text.startsWith("\uFEFF") ? text.substring(1) : text;
        try (CSVParser parser = CSVParser.parse(new StringReader(clean), format)) {
            for (String column : needed) {
                if (!parser.getHeaderMap().containsKey(column)) {
                    throw new RefusedException(Refusal.of(MessageCode.CSV_COLUMN, "text", column)
                            .with("allowed", String.join(", ", head)));
                }
            }
            List<CSVRecord> rows = new ArrayList<>();
            for (CSVRecord row : parser) {
                rows.add(row);
                if (rows.size() > most) {
                    throw new RefusedException(Refusal.of(MessageCode.TOO_MANY, "text", "more")
                            .with("high", most)
                            .with("what", "lines"));
                }
            }
            return rows;
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            throw new RefusedException(
                    Refusal.of(MessageCode.BODY_UNREADABLE, "text", "").with("what", "it is no list with a head line"));
        }
    }

    /** What stands in a column of a row; empty where it is missing. */
    public static String at(CSVRecord row, String column) {
        return row.isMapped(column) && row.isSet(column) ? asWritten(row.get(column)) : "";
    }

    /** A sentence without its full stop, to stand within another. */
    public static String clause(String sentence) {
        return sentence.endsWith(".") ? sentence.substring(0, sentence.length() - 1) : sentence;
    }
}
