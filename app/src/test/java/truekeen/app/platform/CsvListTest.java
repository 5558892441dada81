package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvListTest {
    private static String written(String cell) {
        return CsvList.write(List.of("name"), List.of(List.of(cell)))
                .lines()
                .skip(1)
                .findFirst()
                .orElse("");
    }

    private static String read(String cell) {
        return CsvList.at(
                CsvList.read(
                                CsvList.write(List.of("name"), List.of(List.of(cell))),
                                List.of("name"),
                                List.of("name"),
                                9)
                        .get(0),
                "name");
    }

    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+cmd|' /C calc'!A0", "-2+3", "@SUM(A1)", "'=1+1", "''@x"})
    void whatASpreadsheetWouldRunIsMarkedAndComesBackAsItWas(String cell) {
        assertThat(written(cell).replace("\"", "")).startsWith("'");
        assertThat(read(cell)).isEqualTo(cell);
    }

    @ParameterizedTest
    @ValueSource(strings = {"-5", "-0.25", "+3", "20 mm chisel", "it's", "'tis", "a=b", "8-inch iron"})
    void whatIsAFigureOrAnOrdinaryNameIsLeftAlone(String cell) {
        assertThat(written(cell)).isEqualTo(cell);
        assertThat(read(cell)).isEqualTo(cell);
    }
}
