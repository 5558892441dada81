package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;

/** Three thousand requests that nobody would send: each is answered in words, none by a fault of the program. */
class FuzzTest extends ApiTest {
    /** More of them, from another seed: {@code -Dfuzz=100000 -Dfuzz.seed=7}. */
    private static final int REQUESTS = Integer.getInteger("fuzz", 3000);

    private static final long SEED = Long.getLong("fuzz.seed", 23);

    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.ownDemo(registry);
    }

    @Test
    void nothingSentMakesTheServiceFail() {
        JsonNode api = get("/api/v1/openapi").body();
        Fuzz fuzz = new Fuzz(api, path -> get(path).raw().body(), SEED);
        List<String> faults = new ArrayList<>();
        TreeMap<Integer, Integer> statuses = new TreeMap<>();
        for (int i = 0; i < REQUESTS; i++) {
            Fuzz.Request r = fuzz.next();
            Answer answer = send(request(r.path())
                    .method(
                            r.method(),
                            r.body().isEmpty()
                                    ? HttpRequest.BodyPublishers.noBody()
                                    : HttpRequest.BodyPublishers.ofString(r.body())));
            statuses.merge(answer.status(), 1, Integer::sum);
            String type = answer.raw().headers().firstValue("Content-Type").orElse("");
            String said = answer.raw().body();
            boolean inWords = answer.status() < 400
                    || type.contains("application/problem+json")
                            && !said.contains("truekeen.core.")
                            && !said.contains("truekeen.app.")
                            && !said.contains("java.")
                            && !said.contains("org.");
            if (answer.status() >= 500 || !inWords) {
                faults.add("%d: %s %s with %s: %s".formatted(i, r.method(), r.path(), shown(r.body()), shown(said)));
            }
        }
        assertThat(faults).as("of %s", statuses).isEmpty();
        // Most are refused, and many are taken: what is refused for its shape alone would prove little.
        assertThat(statuses.getOrDefault(200, 0)).as("%s", statuses).isGreaterThan(REQUESTS / 10);
        assertThat(get("/api/v1/board").status()).isEqualTo(200);
        assertThat(get("/api/v1/rack").status()).isEqualTo(200);
    }

    private static String shown(String text) {
        return text.length() > 700 ? text.substring(0, 700) + "…" : text;
    }
}
