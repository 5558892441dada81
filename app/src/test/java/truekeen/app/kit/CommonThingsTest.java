package truekeen.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.core.progression.Answer;

/** What many a bench has, put into an empty kit in one touch. */
class CommonThingsTest extends ApiTest {
    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    private static ObjectNode keys(String... keys) {
        ObjectNode form = object();
        var list = form.putArray("keys");
        for (String key : keys) {
            list.add(key);
        }
        return form;
    }

    @Test
    void everythingThatIsOfferedCanBePutThereOnceAndIsAPlan() {
        JsonNode offered = get("/api/v1/kit/common").body();
        List<String> all = new ArrayList<>();
        offered.forEach(c -> all.add(c.path("key").asText()));
        assertThat(all).contains("WATER_1000_6000", "ROLLER_GUIDE", "STROP").doesNotHaveDuplicates();
        Answer added = post("/api/v1/kit/common", keys(all.toArray(String[]::new)));
        assertThat(added.status()).as(added.raw().body()).isEqualTo(200);
        added.body().forEach(c -> assertThat(c.path("there").asBoolean())
                .as(c.path("key").asText())
                .isTrue());
        int pieces = get("/api/v1/kit").body().path("abrasives").size();
        // touched twice, it is there once
        post("/api/v1/kit/common", keys(all.toArray(String[]::new)));
        JsonNode kit = get("/api/v1/kit").body();
        assertThat(kit.path("abrasives")).hasSize(pieces);
        assertThat(kit.path("holders")).hasSize(1);
        assertThat(kit.path("holders").get(0).path("note").asText()).contains("not measured");
        String tool = takeIn(chisel());
        assertThat(post("/api/v1/tools/" + tool + "/surveys", survey()).status())
                .isEqualTo(200);
        assertThat(post("/api/v1/tools/" + tool + "/setups", angle()).status()).isEqualTo(200);
        Answer plan = post("/api/v1/tools/" + tool + "/plans", java.util.Map.of("grindOn", ""));
        assertThat(plan.status()).as(plan.raw().body()).isEqualTo(200);
    }

    @Test
    void whatIsNotOfferedIsRefusedAndNothingIsPutThere() {
        Answer refused = post("/api/v1/kit/common", keys("ANVIL"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messageAt("keys")).contains("ANVIL");
        assertThat(post("/api/v1/kit/common", object()).status()).isEqualTo(200);
    }
}
