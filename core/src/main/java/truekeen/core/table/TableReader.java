package truekeen.core.table;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Reads a table that ships with the core. A table that is missing or malformed is a fault of the build. */
public final class TableReader {
    private TableReader() {}

    /**
     * One row, read by column name.
     *
     * @param columns the parsed row
     */
    public record Row(CSVRecord columns) {
        /** The text of a column, trimmed. */
        public String text(String column) {
            return columns.get(column).strip();
        }

        /** The number in a column that must hold one. */
        public double number(String column) {
            return Double.parseDouble(text(column));
        }

        /** The number in a column that may be empty. */
        public OptionalDouble numberIfAny(String column) {
            return text(column).isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(number(column));
        }
    }

    /** All rows of {@code truekeen/tables/<name>.csv}, in order. */
    public static List<Row> rows(String name) {
        String path = "/truekeen/tables/" + name + ".csv";
        try (InputStream stream = TableReader.class.getResourceAsStream(path)) {
            if (stream == null) {
                throw new IllegalStateException("no table " + path);
            }
            CSVFormat format = CSVFormat.DEFAULT
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get();
            try (Reader reader = new InputStreamReader(stream, StandardCharsets.UTF_8);
                    CSVParser parser = CSVParser.parse(reader, format)) {
                return parser.stream().map(Row::new).toList();
            }
        } catch (IOException e) {
            throw new UncheckedIOException("table " + path, e);
        }
    }
}
