package truekeen.app.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.TestDatabase;
import truekeen.core.progression.Answer;

/** Kit as people own it: two sides, ranges of grain, strops to choose from, pieces out of use. */
class KitTruthsInPlanTest extends PlanTest {
    private static final String ABRASIVES = "/api/v1/kit/abrasives";
    private static int made;

    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    private JsonNode add(ObjectNode form) {
        Answer answer = post(ABRASIVES, form);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    private JsonNode piece(String name) {
        for (JsonNode a : get("/api/v1/kit").body().path("abrasives")) {
            if (a.path("name").asText().equals(name)) {
                return a;
            }
        }
        throw new AssertionError("no " + name);
    }

    private static String name(String of) {
        return of + " " + made++;
    }

    private ObjectNode twoSided(String name) {
        return stone(name, WATER, "JIS", "#1000").put("soaks", true).put("otherSideGrit", "#6000");
    }

    @Test
    void aStoneWithTwoSidesIsOnePieceWithTwoFacesSoakedTogether() {
        String name = name("two-sided");
        JsonNode coarse = add(twoSided(name));
        assertThat(coarse.path("name").asText()).isEqualTo(name + ", #1000 side");
        JsonNode fine = piece(name + ", #6000 side");
        assertThat(fine.path("otherSide").asText())
                .isEqualTo(coarse.path("name").asText());
        assertThat(coarse.path("otherSide").asText())
                .isEqualTo(fine.path("name").asText());
        assertThat(fine.path("d50Um").asDouble())
                .isLessThan(coarse.path("d50Um").asDouble());
        post(ABRASIVES + "/" + coarse.path("id").asText() + "/acts", Map.of("act", "INTO_WATER", "dish", ""));
        assertThat(piece(name + ", #6000 side").path("acts").toString()).contains("OUT_OF_WATER");
        String csv = raw("/api/v1/kit/abrasives.csv");
        assertThat(csv).contains(name + ", #6000 side");
    }

    private String raw(String path) {
        return get(path).raw().body();
    }

    @Test
    void theOtherSideIsNamedAndLetGoAgain() {
        String one = name("loose");
        String two = name("loose");
        add(stone(one, WATER, "JIS", "#1000"));
        JsonNode b = add(stone(two, WATER, "JIS", "#3000").put("otherSide", one));
        assertThat(piece(one).path("otherSide").asText()).isEqualTo(two);
        ObjectNode alone = stone(two, WATER, "JIS", "#3000")
                .put("otherSide", "")
                .put("version", piece(two).path("version").asLong());
        assertThat(put(ABRASIVES + "/" + b.path("id").asText(), alone).status()).isEqualTo(200);
        assertThat(piece(one).path("otherSide").asText()).isEmpty();
        Answer unknown =
                post(ABRASIVES, stone(name("lost"), WATER, "JIS", "#1000").put("otherSide", "no such piece"));
        assertThat(unknown.status()).isEqualTo(422);
        assertThat(unknown.raw().body()).contains("otherSide");
        Answer bad = post(ABRASIVES, stone(name("lost"), WATER, "JIS", "#1000").put("otherSideGrit", "x9"));
        assertThat(bad.status()).isEqualTo(422);
        assertThat(bad.raw().body()).contains("otherSideGrit");
    }

    @ParameterizedTest
    @CsvSource({"7–5, 6", "'5-7 µm', 6", "9, 9"})
    void aRangeOfMicrometresIsRead(String typed, double um) {
        JsonNode film =
                add(stone(name("film"), "lapping film on glass", "MICRON", "").put("makerUm", typed));
        assertThat(film.path("d50Um").asDouble()).isEqualTo(um);
    }

    @Test
    void aStropKeepsTheClassOfItsGrainWhenItIsChanged() {
        String name = name("green");
        ObjectNode form = stone(name, "strop with compound", "MICRON", "0.5").put("grain", "OXIDE");
        JsonNode strop = add(form);
        assertThat(strop.path("grain").asText()).isEqualTo("OXIDE");
        form.put("grain", "").put("version", strop.path("version").asLong());
        put(ABRASIVES + "/" + strop.path("id").asText(), form);
        assertThat(piece(name).path("grain").asText()).isEqualTo("OXIDE");
        Answer wrong = post(
                ABRASIVES,
                stone(name("x"), "strop with compound", "MICRON", "0.5").put("grain", "NONE"));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.raw().body()).contains("OXIDE, SUPER");
    }

    @ParameterizedTest
    @CsvSource({"POCKET, 50 mm, 200", "POCKET, 20 mm, 422", "BENCH, 50 mm, 422", "BENCH, 80 mm, 200"})
    void aPocketStoneMayBeShort(String shape, String length, int status) {
        ObjectNode form = stone(name("short"), DIAMOND, "MICRON", "30")
                .put("shape", shape)
                .put("length", length);
        assertThat(post(ABRASIVES, form).status()).isEqualTo(status);
    }

    @Test
    void aStropIsChosenInThePlanAndWhatIsOutOfUseIsMarked() {
        add(stone(name("old"), CERAMIC, "MICRON", "5"));
        shelf(
                "middle|" + CERAMIC + "|9.5",
                "fine|" + CERAMIC + "|2",
                "leather|strop with compound|0.5",
                "hide|strop with compound|1");
        String tool = takeIn(chisel());
        JsonNode usual = plan(tool, edge("DULL"));
        assertThat(usual.path("strops")).hasSize(2);
        String other = "";
        for (JsonNode s : usual.path("strops")) {
            other = s.path("id").equals(usual.path("stropId"))
                    ? other
                    : s.path("id").asText();
        }
        JsonNode chosen = ask(tool, other);
        assertThat(chosen.path("stropId").asText()).isEqualTo(other);
        JsonNode none = ask(tool, "NONE");
        assertThat(none.path("stropId").asText()).isEmpty();
        assertThat(none.path("stropNote").asText()).contains("as you asked");
        assertThat(post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", "", "strop", "gone"))
                        .status())
                .isEqualTo(422);
        long outOfUse = 0;
        for (JsonNode p : usual.path("jobs").get(0).path("passedOver")) {
            assertThat(p.path("outOfUse").asBoolean())
                    .isEqualTo(p.path("why").asText().equals("out of use"));
            outOfUse += p.path("outOfUse").asBoolean() ? 1 : 0;
        }
        assertThat(outOfUse).isPositive();
    }

    private JsonNode ask(String tool, String strop) {
        return post("/api/v1/tools/" + tool + "/plan/preview", Map.of("grindOn", "", "strop", strop))
                .body();
    }
}
