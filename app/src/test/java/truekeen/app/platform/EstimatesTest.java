package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.TestPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.app.ToolPages;
import truekeen.core.progression.Answer;

/** Wherever a range is shown, its least is no more than its value, and its value no more than its most. */
@TestPropertySource(properties = {"truekeen.demo=true", "truekeen.clock=" + TestDatabase.DEMO_CLOCK})
class EstimatesTest extends ApiTest {
    private static final List<List<String>> RANGES = List.of(
            List.of("low", "value", "high"),
            List.of("strokesLow", "strokes", "strokesHigh"),
            List.of("leastSeconds", "mostSeconds"),
            List.of("leastMm", "mostMm"),
            List.of("low", "high"),
            List.of("least", "most"));

    @Autowired
    private JdbcTemplate jdbc;

    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.ownDemo(registry);
    }

    @Test
    void everyRangeOfTheDemonstrationIsInOrder() {
        List<String> faults = new ArrayList<>();
        int ranges = 0;
        for (String tool : jdbc.queryForList("select id::text from tool order by id", String.class)) {
            for (String page : ToolPages.of(tool, jdbc)) {
                Answer answer = get(page);
                if (answer.status() == 200 && !page.endsWith("/export")) {
                    ranges += check(page, answer.body(), faults);
                }
            }
        }
        assertThat(faults).isEmpty();
        assertThat(ranges).isGreaterThan(150);
    }

    @Test
    void aRangeOutOfOrderWouldBeFound() throws Exception {
        List<String> faults = new ArrayList<>();
        JsonNode wrong = new ObjectMapper()
                .readTree(
                        "{\"a\": [{\"low\": 2, \"value\": 1, \"high\": 3}, {\"low\": 1, \"value\": 2, \"high\": 3}]}");
        assertThat(check("here", wrong, faults)).isEqualTo(4);
        assertThat(faults).hasSize(1);
    }

    /** How many ranges stand in an answer; what is out of order is noted. */
    private static int check(String at, JsonNode node, List<String> faults) {
        int found = 0;
        for (List<String> names : RANGES) {
            if (names.stream().allMatch(n -> node.path(n).isNumber())) {
                found++;
                for (int i = 1; i < names.size(); i++) {
                    double before = node.path(names.get(i - 1)).asDouble();
                    double after = node.path(names.get(i)).asDouble();
                    if (before > after + 1e-9 * Math.max(1, Math.abs(after))) {
                        faults.add(at + ": " + names + " of " + node);
                    }
                }
            }
        }
        for (JsonNode child : node) {
            found += check(at, child, faults);
        }
        return found;
    }
}
