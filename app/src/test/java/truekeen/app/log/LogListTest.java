package truekeen.app.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import truekeen.app.ApiTest;
import truekeen.app.platform.Runs;
import truekeen.core.message.MessageCode;
import truekeen.core.message.RefusedException;

/** A tool's history as a list, out and in. */
class LogListTest extends ApiTest {
    @Autowired
    private LogService log;

    @Autowired
    private Runs runs;

    private String bytesOf(String path) {
        return new String(bytes(path).body(), StandardCharsets.UTF_8);
    }

    private String csv(String tool) {
        return bytesOf("/api/v1/tools/" + tool + "/log.csv");
    }

    private Answer read(String tool, String text) {
        return post("/api/v1/tools/" + tool + "/log/import", Map.of("text", text));
    }

    @Test
    void aPaperLogIsReadInOnceAndStandsAmongTheRest() {
        kit();
        String tool = takeIn(chisel());
        planned(tool, survey());
        String list = "title,at,text\n\"Ground, by the last owner\",2019-03-02,25°\nHoned,2020-06-01T10:00:00Z,\n";
        Answer first = read(tool, list);
        assertThat(first.status()).as(first.raw().body()).isEqualTo(200);
        assertThat(first.body().path("added").asInt()).isEqualTo(2);
        assertThat(read(tool, list).body().path("known").asInt()).isEqualTo(2);
        var entries = get("/api/v1/tools/" + tool + "/log").body().path("entries");
        assertThat(entries.get(entries.size() - 1).path("title").asText()).isEqualTo("Ground, by the last owner");
        String out = csv(tool);
        assertThat(out).contains("SURVEY", "SETUP", "NOTE", "\"Ground, by the last owner\"");
        Answer again = read(tool, out);
        assertThat(again.status()).as(again.raw().body()).isEqualTo(200);
        assertThat(again.body().path("added").asInt())
                .as("what it wrote out it knows again")
                .isZero();
    }

    @Test
    void aLineThatWasTakenOutIsKnownAndALongListIsReadAtOnce() {
        String tool = takeIn(chisel());
        StringBuilder list = new StringBuilder("at,title\n");
        for (int i = 0; i < 2000; i++) {
            list.append("2020-01-")
                    .append(String.format("%02d", 1 + i % 28))
                    .append(",line ")
                    .append(i)
                    .append('\n');
        }
        assertThat(read(tool, list.toString()).body().path("added").asInt()).isEqualTo(2000);
        var entries = get("/api/v1/tools/" + tool + "/log?newest=5000").body().path("entries");
        String mistake = "";
        for (var e : entries) {
            mistake = e.path("title").asText().equals("line 7")
                    ? e.path("removable").asText()
                    : mistake;
        }
        assertThat(delete("/api/v1/tools/" + tool + "/log/NOTE/" + mistake).status())
                .isEqualTo(204);
        Answer again = read(tool, list.toString());
        assertThat(again.status()).as(again.raw().body()).isEqualTo(200);
        assertThat(again.body().path("added").asInt()).isZero();
    }

    /** The run is asked to stop when half the lines are written: none of them stays. */
    @Test
    void aListThatIsStoppedHalfWayLeavesNothing() {
        String tool = takeIn(chisel());
        StringBuilder list = new StringBuilder("at,title\n");
        for (int i = 0; i < 500; i++) {
            list.append("2021-03-0")
                    .append(1 + i % 9)
                    .append(",stopped ")
                    .append(i)
                    .append('\n');
        }
        UUID run = UUID.randomUUID();
        Runs.Progress watched = runs.begin(Optional.of(run));
        List<String> seen = new ArrayList<>();
        assertThatThrownBy(() -> log.read(
                        UUID.fromString(tool),
                        list.toString(),
                        (done, of) -> {
                            seen.add(done + " of " + of);
                            if (done == 300) {
                                assertThat(delete("/api/v1/runs/" + run).status())
                                        .isEqualTo(200);
                            }
                            watched.at(done, of);
                        },
                        false))
                .isInstanceOf(RefusedException.class);
        assertThat(seen).containsExactly("0 of 500", "100 of 500", "200 of 500", "300 of 500");
        var far = get("/api/v1/runs/" + run).body();
        assertThat(far.path("done").asInt()).isEqualTo(300);
        assertThat(far.path("of").asInt()).isEqualTo(500);
        assertThat(csv(tool)).doesNotContain("stopped");
        assertThat(read(tool, list.toString()).body().path("added").asInt()).isEqualTo(500);
    }

    @Test
    void aStopThatComesBeforeTheListIsHeeded() {
        String tool = takeIn(chisel());
        UUID run = UUID.randomUUID();
        assertThat(delete("/api/v1/runs/" + run).body().path("stopped").asBoolean())
                .isTrue();
        Answer stopped =
                post("/api/v1/tools/" + tool + "/log/import?run=" + run, Map.of("text", "at,title\n2020-01-01,x\n"));
        assertThat(stopped.status()).isEqualTo(409);
        assertThat(stopped.body().path("errors").get(0).path("code").asText()).isEqualTo(MessageCode.STOPPED.name());
        assertThat(post("/api/v1/kit/abrasives/import?run=" + run, Map.of("text", bytesOf("/api/v1/kit/abrasives.csv")))
                        .status())
                .isEqualTo(409);
        assertThat(get("/api/v1/runs/nonsense").status()).isEqualTo(404);
    }

    @Test
    void faultyLinesAreNamedAndNothingIsPutDown() {
        String tool = takeIn(chisel());
        Answer answer = read(tool, "at,title\n2020-01-01,fine\nlast spring,vague\n2020-01-02,\n2999-01-01,ahead\n");
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().path("errors").toString())
                .contains("Line 3", "Line 4", "Line 5")
                .doesNotContain("Line 2");
        assertThat(csv(tool)).doesNotContain("fine");
        assertThat(read(tool, "").status()).isEqualTo(422);
        assertThat(read(tool, "at,titel\n2020-01-01,x").status()).isEqualTo(422);
    }
}
