package truekeen.app.change;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.net.http.HttpRequest;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;
import truekeen.app.ApiTest;
import truekeen.app.platform.BenchClock;

/** Who changed what of tools, kit and rules, and when, from what to what. */
class ChangesTest extends ApiTest {
    @Autowired
    private BenchClock clock;

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private TransactionTemplate transaction;

    private Answer putBy(String person, String path, Object body) {
        return send(request(path)
                .header("Truekeen-Person", person)
                .PUT(HttpRequest.BodyPublishers.ofString(JSON.valueToTree(body).toString())));
    }

    private void written(String sql, Object... values) {
        transaction.executeWithoutResult(t -> jdbc.update(sql, values));
    }

    private List<String> said(String query) {
        List<String> all = new ArrayList<>();
        for (JsonNode c : get("/api/v1/changes" + query).body().path("changes")) {
            all.add(c.path("person").asText() + " / " + c.path("kind").asText() + " / "
                    + c.path("name").asText() + " / " + c.path("what").asText());
        }
        return all;
    }

    @Test
    void aToolIsKeptWithWhoChangedItAndFromWhatToWhat() {
        ObjectNode form = chisel();
        String tool = takeIn(form);
        JsonNode now = get("/api/v1/tools/" + tool).body();
        form.put("version", now.path("version").asLong()).put("name", "24 mm paring chisel");
        ((ObjectNode) form.path("dimensions")).put("usableLength", "88").put("primary", "27");
        clock.travelTo(Instant.parse("2027-03-01T10:00:00Z"));
        assertThat(putBy("J%C3%B8rgen%20at%20the%20bench", "/api/v1/tools/" + tool, form)
                        .status())
                .isEqualTo(200);
        List<String> said = said("?tool=" + tool);
        assertThat(said)
                .hasSize(4)
                .allMatch(s ->
                        s.startsWith("Jørgen at the bench / tool / 24 mm paring chisel /") || s.endsWith("came in"))
                .anyMatch(s -> s.endsWith("name: 24 mm chisel, now 24 mm paring chisel"))
                .anyMatch(s -> s.contains("usable length") && s.contains("90") && s.contains("88"))
                .anyMatch(s -> s.contains("primary") && s.contains("25") && s.contains("27"));
        Instant at = Instant.parse(
                get("/api/v1/changes?tool=" + tool).body().at("/changes/0/at").asText());
        assertThat(Duration.between(Instant.parse("2027-03-01T10:00:00Z"), at)).isLessThan(Duration.ofMinutes(5));
    }

    @Test
    void rulesAreKeptHoweverTheyAreWritten() {
        JsonNode rules = get("/api/v1/house-rules").body().path("rules");
        JsonNode rule = rules.get(0);
        JsonNode options = rule.path("options");
        String other =
                options.get(0).path("key").asText().equals(rule.path("shop").asText())
                        ? options.get(1).path("key").asText()
                        : options.get(0).path("key").asText();
        Map<String, String> pick = Map.of("rule", rule.path("rule").asText(), "choice", other);
        assertThat(putBy("apprentice", "/api/v1/house-rules", pick).status()).isEqualTo(200);
        assertThat(said("").get(0))
                .startsWith("apprentice / rule / " + rule.path("question").asText())
                .contains("as usual, now ");
    }

    @Test
    void whatIsGoneForGoodTakesItsHistoryAlong() {
        String tool = takeIn(chisel());
        assertThat(said("?tool=" + tool)).hasSize(1);
        delete("/api/v1/tools/" + tool);
        assertThat(said("?tool=" + tool).get(0)).endsWith("deleted");
        delete("/api/v1/rack/deleted/" + tool);
        assertThat(said("?tool=" + tool)).isEmpty();
        assertThat(jdbc.queryForObject(
                        "select count(*) from change_kept where thing_id = ?", Integer.class, UUID.fromString(tool)))
                .isZero();
    }

    @Test
    void theStateOfAStoneIsNoChangeOfIt() {
        String tool = takeIn(chisel());
        int before = said("").size();
        written("update abrasive set strokes_since_lapped = strokes_since_lapped + 1, flat = not flat");
        written("update tool set pinned = not pinned where id = ?", UUID.fromString(tool));
        assertThat(said("")).hasSize(before);
    }

    @Test
    void olderOnesComePageByPage() {
        String tool = takeIn(chisel());
        for (int i = 0; i < 130; i++) {
            written("update tool set note = ? where id = ?", "note " + i, UUID.fromString(tool));
        }
        JsonNode first = get("/api/v1/changes?tool=" + tool).body();
        assertThat(first.path("changes")).hasSize(25);
        assertThat(first.path("more").asBoolean()).isTrue();
        long last = first.path("changes").get(24).path("id").asLong();
        JsonNode second =
                get("/api/v1/changes?tool=" + tool + "&before=" + last).body();
        assertThat(second.path("changes")).hasSize(25);
        assertThat(second.path("changes").get(0).path("id").asLong()).isLessThan(last);
        assertThat(get("/api/v1/changes?before=x").status()).isIn(400, 404);
    }

    @Test
    void anOddNameIsNotTakenForOne() {
        String tool = takeIn(chisel());
        ObjectNode form = chisel();
        form.put("version", get("/api/v1/tools/" + tool).body().path("version").asLong())
                .put("name", "odd one");
        assertThat(putBy("%zz", "/api/v1/tools/" + tool, form).status()).isEqualTo(200);
        assertThat(said("?tool=" + tool).get(0)).startsWith(" / tool / odd one");
    }
}
