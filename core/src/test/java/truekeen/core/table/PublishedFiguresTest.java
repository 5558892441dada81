package truekeen.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * The figures that the core reads are those that were agreed: a second copy of each stands beside the tests, so that a
 * figure is changed in two places and on purpose, or not at all.
 */
class PublishedFiguresTest {
    private static final CSVFormat FORMAT =
            CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get();

    private static List<Map<String, String>> read(String path) throws IOException {
        try (Reader in =
                new InputStreamReader(PublishedFiguresTest.class.getResourceAsStream(path), StandardCharsets.UTF_8)) {
            return FORMAT.parse(in).stream().map(CSVRecord::toMap).toList();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"abrasives", "angles", "grits", "keenness", "machines", "steels", "priors"})
    void theTablesHoldWhatWasAgreed(String table) throws IOException {
        List<Map<String, String>> agreed = read("/published/" + table + ".csv");
        List<Map<String, String>> used = new ArrayList<>();
        Set<String> columns = agreed.get(0).keySet();
        for (Map<String, String> row : read("/truekeen/tables/" + table + ".csv")) {
            row.keySet().retainAll(columns);
            used.add(row);
        }
        assertThat(used).containsExactlyInAnyOrderElementsOf(agreed);
    }

    @ParameterizedTest
    @EnumSource(Prior.class)
    void everyPriorSaysWhatItIs(Prior prior) {
        assertThat(prior.value()).isFinite();
        assertThat(prior.unit()).isNotBlank();
        assertThat(prior.meaning()).isNotBlank();
        assertThat(prior.source()).isEqualTo("workshop prior");
    }

    @Test
    void noPriorStandsTwiceAndNoneIsLeftOver() throws IOException {
        assertThat(read("/truekeen/tables/priors.csv"))
                .extracting(r -> r.get("name"))
                .containsExactlyInAnyOrder(
                        Arrays.stream(Prior.values()).map(Enum::name).toArray(String[]::new));
        assertThat(Arrays.stream(Prior.values()).map(Prior::meaning)).doesNotHaveDuplicates();
    }

    private static final Pattern CONSTANT = Pattern.compile("static final [^=;]+=([^;]+);");

    private static final Pattern CALLED_PRIOR = Pattern.compile("\\b[Pp]rior\\b");

    @ParameterizedTest
    @ValueSource(strings = {"src/main/java", "../app/src/main/java"})
    void whatIsCalledAPriorIsReadFromTheTable(String sources) throws IOException {
        List<String> read = new ArrayList<>();
        List<String> typed = new ArrayList<>();
        try (Stream<Path> files = Files.walk(Path.of(sources))) {
            for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
                String text = Files.readString(file);
                CONSTANT.matcher(text)
                        .results()
                        .filter(m -> CALLED_PRIOR
                                .matcher(commentBefore(text, m.start()))
                                .find())
                        .forEach(m -> (m.group(1).contains("Prior.") ? read : typed)
                                .add(file.getFileName() + ":" + m.group(1)));
            }
        }
        assertThat(typed).filteredOn(value -> value.matches("(?s).*\\d.*")).isEmpty();
        assertThat(read).isNotEmpty();
    }

    private static final Pattern SENTENCE = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");

    private static final Pattern MEASURE =
            Pattern.compile("[0-9] ?(mm|µm|°|s|N|HRC|strokes|minutes|m/s)(?![\\p{L}0-9])");

    /** What no table holds: laws of physics and geometry, the range of a formula, how to type something. */
    private static final Pattern NO_TABLES = Pattern.compile(
            "over 100 °C|from 5° to 85°|refused at 0°|90°|more than 0 mm|24 mm|12\\.5°|12° 30'|first 2 mm|bar is 100 mm long");

    /** A figure that is told is the one that is worked with: sentences name it, and the table fills it in. */
    @ParameterizedTest
    @ValueSource(strings = {"src/main/java", "../app/src/main/java"})
    void noSentenceRepeatsAFigureThatATableHolds(String sources) throws IOException {
        List<String> typed = new ArrayList<>();
        try (Stream<Path> files = Files.walk(Path.of(sources))) {
            for (Path file : files.filter(f -> f.toString().matches(".*(?<!In)(Words|MessageCode|Formula)\\.java"))
                    .toList()) {
                SENTENCE.matcher(Files.readString(file))
                        .results()
                        .map(m -> NO_TABLES.matcher(m.group(1)).replaceAll(""))
                        .filter(words -> MEASURE.matcher(words).find())
                        .forEach(words -> typed.add(file.getFileName() + ": " + words));
            }
        }
        assertThat(typed).isEmpty();
    }

    @Test
    void aTextThatNamesPriorsIsToldWithTheirFigures() {
        assertThat(Prior.figuresIn("below {LEAST_CLEARANCE_DEG}°, {ANGLE_HISTORY_AFTER_WHOLE_DEG}°, {not}"))
                .isEqualTo("below 10°, −1°, {not}");
        assertThatThrownBy(() -> Prior.figuresIn("{NO_SUCH_PRIOR}")).isInstanceOf(IllegalArgumentException.class);
    }

    /** What is said of the constant that is declared there; empty where nothing is. */
    private static String commentBefore(String text, int declared) {
        String before = text.substring(0, text.lastIndexOf('\n', declared) + 1).stripTrailing();
        return before.endsWith("*/") ? before.substring(before.lastIndexOf("/**")) : "";
    }
}
