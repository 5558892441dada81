package truekeen.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** A plan asked of the service, with a shelf that has these pieces and nothing else. */
abstract class PlanTest extends ApiTest {
    protected static final String WATER = "aluminium oxide water stone";
    protected static final String CERAMIC = "ceramic-bonded water stone";
    protected static final String DIAMOND = "plated diamond plate";
    protected static final String OIL = "aluminium oxide oil stone";

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private PlatformTransactionManager transactions;

    /** A shelf of these and nothing else: "name|kind|µm" or "name|kind|µm|shape". */
    protected void shelf(String... pieces) {
        new TransactionTemplate(transactions)
                .executeWithoutResult(t -> jdbc.update("update abrasive set retired = true"));
        for (String piece : pieces) {
            String[] p = piece.split("\\|");
            ObjectNode form = stone(p[0] + " " + System.nanoTime(), p[1], "MICRON", p[2]);
            form.put("makerUm", p[1].equals("file") ? "" : p[2]);
            if (p[1].equals("file")) {
                form.put("gritName", "");
            }
            form.put("shape", p.length > 3 ? p[3] : p[1].contains("strop") ? "STROP" : "BENCH");
            form.put("lubricant", lubricant(p[1]));
            Answer added = post("/api/v1/kit/abrasives", form);
            assertThat(added.status()).as(added.raw().body()).isEqualTo(200);
        }
    }

    protected static String lubricant(String kind) {
        return kind.contains("oil stone")
                ? "oil"
                : kind.contains("water stone") || kind.contains("wet wheel") || kind.contains("bonded")
                        ? "water"
                        : "dry";
    }

    protected JsonNode plan(String tool, ObjectNode survey, ObjectNode angle) {
        Answer surveyed = post("/api/v1/tools/" + tool + "/surveys", survey);
        assertThat(surveyed.status()).as(surveyed.raw().body()).isEqualTo(200);
        Answer set = post("/api/v1/tools/" + tool + "/setups", angle);
        assertThat(set.status()).as(set.raw().body()).isEqualTo(200);
        Answer plan = post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", ""));
        assertThat(plan.status()).as(plan.raw().body()).isEqualTo(200);
        return plan.body();
    }

    protected JsonNode plan(String tool, ObjectNode survey) {
        return plan(tool, survey, angle());
    }

    protected static ObjectNode edge(String dullness) {
        return survey().put("dullness", dullness).put("stropTried", true);
    }

    /** Strokes a side on each stone that a job is worked on, in order. */
    protected static List<Integer> strokes(JsonNode plan, String job, int sides) {
        List<Integer> all = new ArrayList<>();
        plan.path("jobs").forEach(j -> {
            if (j.path("kind").asText().equals(job)) {
                j.path("legs").forEach(l -> all.add((l.path("strokes").asInt() + sides - 1) / sides));
            }
        });
        return all;
    }

    protected static List<String> kinds(JsonNode plan) {
        List<String> all = new ArrayList<>();
        plan.path("pieces").forEach(p -> all.add(p.path("kind").asText()));
        return all;
    }

    protected static double minutes(JsonNode plan) {
        return plan.path("minutes").path("value").asDouble();
    }

    protected static void within(int low, int high, List<Integer> counts) {
        assertThat(counts).isNotEmpty().allSatisfy(n -> assertThat(n).isBetween(low, high));
    }

    protected static void neverMoreOnTheFiner(List<Integer> counts) {
        for (int i = 1; i < counts.size(); i++) {
            assertThat(counts.get(i)).isLessThanOrEqualTo(counts.get(i - 1));
        }
    }
}
