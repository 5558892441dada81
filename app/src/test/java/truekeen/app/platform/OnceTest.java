package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;
import truekeen.app.ApiTest;

/** What bears a key is done once, however often it is sent. */
class OnceTest extends ApiTest {
    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private TransactionTemplate transaction;

    private Answer keyed(String path, Object body, String key) {
        return send(request(path)
                .header(OnceFilter.KEY, key)
                .POST(HttpRequest.BodyPublishers.ofString(String.valueOf(body))));
    }

    private long people(String name) {
        long found = 0;
        for (JsonNode person : get("/api/v1/people").body()) {
            found += person.path("name").asText().equals(name) ? 1 : 0;
        }
        return found;
    }

    private int tools() {
        return get("/api/v1/rack").body().path("tools").size();
    }

    @Test
    void aToolSentEightTimesInOneMomentIsTakenInOnce() throws Exception {
        int before = tools();
        String key = UUID.randomUUID().toString();
        Object chisel = chisel();
        CountDownLatch together = new CountDownLatch(1);
        ExecutorService tablets = Executors.newFixedThreadPool(8);
        List<Future<Answer>> sent = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            sent.add(tablets.submit(() -> {
                together.await();
                return keyed("/api/v1/tools", chisel, key);
            }));
        }
        together.countDown();
        List<String> bodies = new ArrayList<>();
        for (Future<Answer> one : sent) {
            assertThat(one.get().status()).as(one.get().raw().body()).isEqualTo(200);
            bodies.add(one.get().raw().body());
        }
        tablets.shutdown();
        assertThat(bodies.stream().distinct()).hasSize(1);
        assertThat(tools()).isEqualTo(before + 1);
        // And later, after the answer was lost on its way.
        Answer again = keyed("/api/v1/tools", chisel, key);
        assertThat(again.raw().body()).isEqualTo(bodies.get(0));
        assertThat(again.raw().headers().firstValue("Content-Type").orElse("")).contains("json");
        assertThat(tools()).isEqualTo(before + 1);
    }

    @Test
    void aKeyIsGoodForOneThing() {
        String key = UUID.randomUUID().toString();
        String name = "person " + key;
        assertThat(keyed("/api/v1/people", "{\"name\":\"" + name + "\"}", key).status())
                .isEqualTo(200);
        Answer other = keyed("/api/v1/people", "{\"name\":\"someone else\"}", key);
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.raw().body()).contains("used for something else");
        assertThat(keyed("/api/v1/crews", "{\"name\":\"" + name + "\"}", key).status())
                .isEqualTo(422);
        assertThat(people(name)).isEqualTo(1);
        assertThat(keyed("/api/v1/people", "{\"name\":\"x\"}", "no key").status())
                .isEqualTo(400);
    }

    @Test
    void aRefusalIsSaidAgainAndWithoutAKeyEachCounts() {
        String key = UUID.randomUUID().toString();
        Answer refused = keyed("/api/v1/people", "{\"name\":\"\"}", key);
        assertThat(refused.status()).isEqualTo(422);
        Answer again = keyed("/api/v1/people", "{\"name\":\"\"}", key);
        assertThat(again.status()).isEqualTo(422);
        assertThat(again.raw().body()).isEqualTo(refused.raw().body());
        int before = tools();
        post("/api/v1/tools", chisel());
        post("/api/v1/tools", chisel());
        assertThat(tools()).isEqualTo(before + 2);
    }

    @Test
    void whatEndedInTheMiddleIsNotDoneAgainButSaid() {
        String key = UUID.randomUUID().toString();
        String name = "person " + key;
        String body = "{\"name\":\"" + name + "\"}";
        keyed("/api/v1/people", body, key);
        // The service ended before it could note what it had answered.
        transaction.executeWithoutResult(t -> jdbc.update(
                "update answered_request set status = null, kind = null, answer = null,"
                        + " begun_at = begun_at - interval '1 hour' where key = ?::uuid",
                key));
        Answer unknown = keyed("/api/v1/people", body, key);
        assertThat(unknown.status()).isEqualTo(409);
        assertThat(unknown.raw().body()).contains("is not known");
        assertThat(people(name)).isEqualTo(1);
    }

    @Test
    void whatOnlyAsksIsWorkedOutAnewEachTime() {
        String key = UUID.randomUUID().toString();
        String path = "/api/v1/calculators/wheel-speed";
        Answer slow = keyed(path, "{\"diameter\":200,\"perMinute\":100}", key);
        Answer fast = keyed(path, "{\"diameter\":200,\"perMinute\":1000}", key);
        assertThat(slow.status()).as(slow.raw().body()).isEqualTo(200);
        assertThat(fast.status()).as(fast.raw().body()).isEqualTo(200);
        assertThat(fast.raw().body()).isNotEqualTo(slow.raw().body());
    }
}
