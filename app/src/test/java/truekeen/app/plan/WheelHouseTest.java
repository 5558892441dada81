package truekeen.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.TestDatabase;

/** A house that sharpens on the slow wet wheel, and the settings that can be made there. */
class WheelHouseTest extends PlanTest {
    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    private static int made;

    /** A bar before a wet wheel, under a name of its own. */
    private String wetBar() {
        String name = "wet bar " + made++;
        ObjectNode bar = holder(name, "SUPPORT_BAR", "reach=152;offset=-19;barDiameter=14");
        bar.put("wheelId", wheel("wet wheel " + made, "WET_STONE", "225", "", ""));
        assertThat(post("/api/v1/kit/holders", bar).status()).isEqualTo(200);
        return inKit("holders", name);
    }

    private static List<String> kindsOfSteps(JsonNode plan) {
        List<String> all = new ArrayList<>();
        plan.path("steps").forEach(s -> all.add(s.path("kind").asText()));
        return all;
    }

    @Test
    void aDullChiselIsGroundDeburredFlatAndStroppedInMinutesWithTheJigsSettingOnTheStep() {
        shelf(
                "middle|" + CERAMIC + "|9.5",
                "fine|" + CERAMIC + "|2",
                "wet|slow wet wheel|70|WHEEL",
                "leather|strop with compound|0.5");
        String tool = takeIn(chisel());
        put("/api/v1/tools/" + tool + "/house-rules", Map.of("rule", "REPAIRS", "choice", "WHEEL"));
        JsonNode plan = plan(tool, edge("DULL"), angle().put("holderId", wetBar()));
        assertThat(kindsOfSteps(plan)).containsExactly("GRIND", "DEBURR", "STROP");
        JsonNode ground = plan.path("steps").get(0);
        assertThat(ground.path("settingName").asText()).isEqualTo("gap");
        assertThat(ground.path("setting").asDouble()).isPositive();
        assertThat(minutes(plan)).isBetween(2.0, 8.0);
        assertThat(plan.path("pieces").toString()).contains("wet ");
        JsonNode schools = get("/api/v1/tools/" + tool + "/plan/schools").body().path("schools");
        assertThat(schools.get(schools.size() - 1).path("refused").asText()).isEmpty();
    }

    @Test
    void aJigOfAWheelIsNeverSetForAStone() {
        shelf("middle|" + CERAMIC + "|9.5", "fine|" + CERAMIC + "|2");
        String tool = takeIn(chisel());
        JsonNode plan = plan(tool, edge("DULL"), angle().put("holderId", wetBar()));
        assertThat(kindsOfSteps(plan)).contains("SET_GUIDE", "WORK").doesNotContain("GRIND");
        for (JsonNode s : plan.path("steps")) {
            if (s.path("kind").asText().equals("SET_GUIDE")) {
                assertThat(s.path("title").asText()).startsWith("Find ");
                assertThat(s.path("settingName").asText()).isEmpty();
            }
        }
        JsonNode schools = get("/api/v1/tools/" + tool + "/plan/schools").body().path("schools");
        assertThat(schools.get(schools.size() - 1).path("refused").asText()).contains("No slow wet wheel");
    }
}
