package truekeen.app.tool;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.TestPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;

/** Tools and people as lists: out, in, tried first. */
@TestPropertySource(properties = {"truekeen.demo=true", "truekeen.clock=" + TestDatabase.DEMO_CLOCK})
class ToolListTest extends ApiTest {
    private static final String CHISEL = "name,owner,kind,steel,hardness,wanted_by,note,width,thickness,usableLength,"
            + "retireLength,primary,secondary,secondaryWidth\r\n";

    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.ownDemo(registry);
    }

    private String list() {
        return get("/api/v1/tools.csv").raw().body();
    }

    private Answer read(String text, boolean dry) {
        return post("/api/v1/tools/import?dry=" + dry, Map.of("text", text));
    }

    private static List<CSVRecord> lines(String csv) {
        try {
            return CSVFormat.RFC4180
                    .builder()
                    .setHeader()
                    .setSkipHeaderRecord(true)
                    .get()
                    .parse(new StringReader(csv))
                    .getRecords();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void everyToolOfEveryFamilyComesBackAsItWentOut() {
        String out = list();
        List<CSVRecord> before = lines(out);
        assertThat(before).hasSizeGreaterThan(40);
        JsonNode same = read(out, false).body();
        assertThat(same.path("added")).isEmpty();
        assertThat(same.path("known").asInt()).isEqualTo(before.size());
        // The same tools, of others.
        String others = out;
        for (JsonNode crew : get("/api/v1/crews").body()) {
            others = others.replace(
                    "," + crew.path("name").asText() + ",",
                    ",other " + crew.path("name").asText() + ",");
        }
        Answer in = read(others, false);
        assertThat(in.status()).as(in.raw().body()).isEqualTo(200);
        assertThat(in.body().path("added")).hasSize(before.size());
        assertThat(in.body().path("newOwners").size()).isGreaterThan(3);
        List<CSVRecord> after = lines(list());
        for (CSVRecord line : before) {
            List<String> wanted = line.stream().toList();
            assertThat(after.stream()
                            .filter(l -> l.get("owner").equals("other " + line.get("owner")))
                            .map(l -> {
                                List<String> cells =
                                        new java.util.ArrayList<>(l.stream().toList());
                                cells.set(1, line.get("owner"));
                                return cells;
                            }))
                    .contains(wanted);
        }
    }

    @Test
    void aDryRunSaysWhatWouldHappenAndLeavesNothing() {
        String text = CHISEL
                + "dry chisel,dry owners,bench chisel / general bench work,low-alloy tool steel,61,,,"
                + "24,3.2,90,20,25,30,0.6\r\n";
        String before = list();
        JsonNode tried = read(text, true).body();
        assertThat(tried.path("added").get(0).asText()).isEqualTo("dry chisel");
        assertThat(tried.path("newOwners").get(0).asText()).isEqualTo("dry owners");
        assertThat(list()).isEqualTo(before);
        assertThat(get("/api/v1/crews").raw().body()).doesNotContain("dry owners");
        assertThat(get("/api/v1/board").raw().body()).doesNotContain("dry chisel");
        assertThat(read(text, false).body().path("added")).hasSize(1);
        assertThat(list()).contains("dry chisel");
    }

    @Test
    void everyFaultyLineIsNamedAndNothingIsTakenIn() {
        String before = list();
        Answer refused = read(
                CHISEL
                        + "good one,lists,bench chisel / general bench work,low-alloy tool steel,,,,24,3.2,90,20,25,30,0.6\r\n"
                        + "bad one,lists,bench chisel / general bench work,low-alloy tool steel,,,,24,3.2,90,20,25,20,0.6\r\n"
                        + "odd one,lists,spoon,low-alloy tool steel,,,,24,3.2,90,20,25,30,0.6\r\n"
                        + ",,,,,,,,,,,,,\r\n",
                false);
        assertThat(refused.status()).isEqualTo(422);
        String said = refused.raw().body();
        assertThat(said).contains("Line 3", "Line 4", "Line 5").doesNotContain("Line 2:");
        assertThat(list()).isEqualTo(before);
    }

    @Test
    void nonsenseIsRefusedInWords() {
        for (String text : new String[] {"", "name\r\nx\r\n", "\u0000\u0001", "a,b\r\n\"unclosed"}) {
            assertThat(read(text, false).status()).isIn(400, 422);
        }
        assertThat(post("/api/v1/tools/import", "{\"text\":null}").status()).isEqualTo(422);
    }

    @Test
    void peopleComeAsAListToo() {
        assertThat(get("/api/v1/people.csv").raw().body()).contains("apprentice");
        JsonNode tried = post("/api/v1/people/import?dry=true", Map.of("text", "name\r\nnew hand\r\napprentice\r\n"))
                .body();
        assertThat(tried.path("added").get(0).asText()).isEqualTo("new hand");
        assertThat(tried.path("known").asInt()).isEqualTo(1);
        assertThat(get("/api/v1/people").raw().body()).doesNotContain("new hand");
        post("/api/v1/people/import", Map.of("text", "name\r\nnew hand\r\n=formula\r\n"));
        assertThat(get("/api/v1/people").raw().body()).contains("new hand", "=formula");
        assertThat(get("/api/v1/people.csv").raw().body()).contains("'=formula");
        assertThat(post("/api/v1/people/import", Map.of("text", "name\r\n" + "x".repeat(90) + "\r\n"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void theShelfAndAHistoryAreTriedFirstToo() {
        String shelf = get("/api/v1/kit/abrasives.csv").raw().body();
        String renamed = shelf.replace("black plate", "dry plate");
        assertThat(renamed).isNotEqualTo(shelf);
        assertThat(post("/api/v1/kit/abrasives/import?dry=true", Map.of("text", renamed))
                        .body()
                        .path("added")
                        .asInt())
                .isPositive();
        assertThat(get("/api/v1/kit/abrasives.csv").raw().body()).isEqualTo(shelf);
        String tool =
                get("/api/v1/rack").body().path("tools").get(0).path("toolId").asText();
        String log = get("/api/v1/tools/" + tool + "/log.csv").raw().body();
        assertThat(post(
                                "/api/v1/tools/" + tool + "/log/import?dry=true",
                                Map.of("text", "at,title\r\n2026-05-01,a dry line\r\n"))
                        .body()
                        .path("added")
                        .asInt())
                .isEqualTo(1);
        assertThat(get("/api/v1/tools/" + tool + "/log.csv").raw().body()).isEqualTo(log);
    }
}
