package truekeen.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.core.progression.Answer;

/** What is done to the pieces of the kit, what flattens what, and the shelf as a list. */
class KitAsItStandsTest extends ApiTest {
    private static final String OXIDE = "aluminium oxide water stone";

    @DynamicPropertySource
    static void ownShelf(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    private JsonNode add(ObjectNode stone) {
        Answer answer = post("/api/v1/kit/abrasives", stone);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    private JsonNode act(JsonNode piece, String act, String dish) {
        Answer answer =
                post("/api/v1/kit/abrasives/" + piece.path("id").asText() + "/acts", Map.of("act", act, "dish", dish));
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    private JsonNode now(JsonNode piece) {
        for (JsonNode a : get("/api/v1/kit").body().path("abrasives")) {
            if (a.path("id").equals(piece.path("id"))) {
                return a;
            }
        }
        throw new AssertionError("gone");
    }

    private static List<String> acts(JsonNode piece) {
        List<String> acts = new ArrayList<>();
        piece.path("acts").forEach(a -> acts.add(a.path("act").asText()));
        return acts;
    }

    @Test
    void theGridShowsAHollowAndThePlateThatTakesItOut() {
        JsonNode stone = add(stone("grid stone", OXIDE, "JIS", "#1000")
                .put("lappable", false)
                .put("length", "200 mm"));
        JsonNode hollow = act(stone, "GRID_HOLLOW", "0.5");
        assertThat(hollow.path("flat").asBoolean()).isFalse();
        assertThat(hollow.path("dishDeg").asDouble()).isCloseTo(0.573, within(0.001));
        assertThat(hollow.path("next").asText()).contains("nothing here laps it");
        JsonNode plate =
                add(stone("grid plate", "plated diamond plate", "MICRON", "60").put("laps", true));
        assertThat(plate.path("lapsCoarsestUm").asDouble()).isEqualTo(60);
        assertThat(now(stone).path("next").asText()).isEqualTo("flatten on the grid plate");
        JsonNode flat = act(stone, "FLATTENED", "");
        assertThat(flat.path("ready").asBoolean()).isTrue();
        assertThat(flat.path("dishMm").isNull()).isTrue();
        put("/api/v1/kit/abrasives/" + plate.path("id").asText(), retired("grid plate", "plated diamond plate", plate));
    }

    private static ObjectNode retired(String name, String kind, JsonNode known) {
        return stone(name, kind, "MICRON", "60")
                .put("retired", true)
                .put("version", known.path("version").asLong());
    }

    @Test
    void aHollowIsReadWithItsUnitAndRefusedWhereItIsAbsurd() {
        JsonNode stone = add(stone("deep stone", OXIDE, "JIS", "#800"));
        String path = "/api/v1/kit/abrasives/" + stone.path("id").asText() + "/acts";
        for (String absurd : new String[] {"25 mm", "-1", "three", "20 kg"}) {
            Answer answer = post(path, Map.of("act", "GRID_HOLLOW", "dish", absurd));
            assertThat(answer.status()).as(absurd).isEqualTo(422);
            assertThat(answer.body().path("errors").get(0).path("field").asText())
                    .isEqualTo("dish");
        }
        assertThat(now(stone).path("flat").asBoolean()).isTrue();
        assertThat(post(path, Map.of("act", "POLISH", "dish", "")).status()).isEqualTo(422);
        assertThat(act(stone, "GRID_HOLLOW", "20 thou").path("dishMm").asDouble())
                .isCloseTo(0.508, within(1e-9));
        act(stone, "FLATTENED", "");
    }

    @Test
    void whatHasHadOilIsKeptFromWaterUntilItIsDegreased() {
        JsonNode oily = add(stone("changed brick", "silicon carbide stone", "JIS", "#600")
                .put("lubricant", "water")
                .put("oilInside", true));
        assertThat(oily.path("next").asText()).isEqualTo("degrease before water");
        assertThat(acts(oily)).contains("DEGREASED");
        JsonNode clean = act(oily, "DEGREASED", "");
        assertThat(clean.path("ready").asBoolean()).isTrue();
        assertThat(acts(clean)).doesNotContain("DEGREASED");
        JsonNode onOil =
                add(stone("oil brick", "silicon carbide stone", "JIS", "#240").put("lubricant", "oil"));
        assertThat(onOil.path("oilInside").asBoolean())
                .as("what stands with oil has oil inside")
                .isTrue();
        assertThat(onOil.path("ready").asBoolean()).isTrue();
    }

    @Test
    void eachStateSaysWhatIsNextAndItsActTakesItAway() {
        JsonNode glazed = act(add(stone("glazed one", OXIDE, "JIS", "#2000")), "GLAZED", "");
        assertThat(glazed.path("next").asText()).contains("dress");
        assertThat(act(glazed, "DRESSED", "").path("ready").asBoolean()).isTrue();
        JsonNode frozen = act(glazed, "FROZE", "");
        assertThat(frozen.path("next").asText()).contains("frozen wet");
        assertThat(act(frozen, "SOUND", "").path("ready").asBoolean()).isTrue();
        JsonNode paper = add(stone("tired paper", "abrasive paper on a plate", "FEPA-P", "P1000")
                .put("worn", "100")
                .put("strokesSinceLapped", 55));
        assertThat(paper.path("next").asText()).isEqualTo("worn out: replace");
        JsonNode fresh = act(paper, "RENEWED", "");
        assertThat(fresh.path("worn").asDouble()).isZero();
        assertThat(fresh.path("ready").asBoolean()).isTrue();
        JsonNode rod = add(stone("nicked rod", "fused ceramic stone or rod", "FEPA-F", "F1000")
                .put("shape", "ROD"));
        assertThat(act(rod, "NICKED", "").path("next").asText()).contains("nick the edge");
        JsonNode strop = act(add(stone("fresh strop", "strop with compound", "MICRON", "0.5")), "CHARGED", "");
        assertThat(strop.path("dryingSeconds").asDouble()).isPositive();
        assertThat(strop.path("next").asText()).startsWith("compound dries");
        assertThat(get("/api/v1/kit/care").body().path("timers").toString()).contains("compound drying");
    }

    @Test
    void theKitAsksForItsActsInTheOrderTheyAreDoneIn() {
        JsonNode plate =
                add(stone("care plate", "lapping plate", "MICRON", "50").put("laps", true));
        JsonNode coarse = act(add(stone("care coarse", OXIDE, "MICRON", "30")), "GRID_HOLLOW", "");
        JsonNode fine = act(add(stone("care fine", OXIDE, "MICRON", "5")), "GRID_HOLLOW", "");
        List<String> flattened = new ArrayList<>();
        get("/api/v1/kit/care").body().path("acts").forEach(a -> {
            if (a.path("name").asText().startsWith("care ")) {
                flattened.add(a.path("name").asText());
                assertThat(a.path("with").asText()).isEqualTo("care plate");
            }
        });
        assertThat(flattened).containsExactly("care fine", "care coarse");
        act(coarse, "FLATTENED", "");
        act(fine, "FLATTENED", "");
        put("/api/v1/kit/abrasives/" + plate.path("id").asText(), retired("care plate", "lapping plate", plate));
    }

    @ParameterizedTest
    @CsvSource({
        "length, 3 m, length",
        "length, 20, length",
        "length, long, length",
        "worn, 140, worn",
        "worn, half, worn",
        "firmness, CRUMBLY, firmness",
        "slurry, SOMETIMES, slurry",
        "lapsFinest, 0, lapsFinest",
        "lapsFinest, ten, lapsFinest",
        "shape, CUBE, shape"
    })
    void whatCannotBeIsNamedAtItsField(String field, String value, String at) {
        ObjectNode form = stone("odd one", OXIDE, "JIS", "#1000");
        form.put(field, value);
        Answer answer = post("/api/v1/kit/abrasives", form);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().path("errors").get(0).path("field").asText()).isEqualTo(at);
        assertThat(answer.body().path("errors").get(0).path("message").asText()).isNotBlank();
    }

    @Test
    void aFinestGrainAboveTheCoarsestIsRefused() {
        ObjectNode form = stone("odd plate", "lapping plate", "MICRON", "50")
                .put("laps", true)
                .put("lapsFinest", "40")
                .put("lapsCoarsest", "4");
        assertThat(post("/api/v1/kit/abrasives", form).status()).isEqualTo(422);
    }

    @Test
    void theSameNumberInOtherStandardsStandsBesideIt() {
        JsonNode grain = post("/api/v1/kit/grain", object("gritStandard", "JIS", "gritName", "#1000", "makerUm", ""))
                .body();
        assertThat(grain.path("sameName")).hasSizeGreaterThanOrEqualTo(2);
        for (JsonNode other : grain.path("sameName")) {
            assertThat(other.path("standard").asText()).isNotEqualTo("JIS");
            if (other.path("standard").asText().equals("FEPA-P")) {
                assertThat(other.path("d50Um").asDouble()).isEqualTo(18.3);
            }
            if (other.path("standard").asText().equals("FEPA-F")) {
                assertThat(other.path("d50Um").asDouble()).isEqualTo(4.5);
            }
        }
        JsonNode stone = add(stone("named stone", OXIDE, "JIS", "#1000"));
        assertThat(stone.path("alsoCalled").toString()).contains("F500");
    }

    @Test
    void theShelfGoesOutAsAListAndComesBackTheSame() {
        add(stone("list, \"one\"", OXIDE, "JIS", "#1000")
                .put("favourite", true)
                .put("length", "8 in")
                .put("worn", "30"));
        String before = new String(bytes("/api/v1/kit/abrasives.csv").body(), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(before).startsWith("name,kind,").contains("\"list, \"\"one\"\"\"");
        int size = get("/api/v1/kit").body().path("abrasives").size();
        Answer back = post("/api/v1/kit/abrasives/import", Map.of("text", before));
        assertThat(back.status()).as(back.raw().body()).isEqualTo(200);
        assertThat(back.body().path("added").asInt()).isZero();
        assertThat(back.body().path("changed").asInt()).isEqualTo(size);
        String after = new String(bytes("/api/v1/kit/abrasives.csv").body(), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(after).isEqualTo(before);
    }

    @Test
    void aListFromElsewhereIsReadWithItsOwnOrderOfColumns() {
        String list = "\uFEFFlubricant,shape,kind,name,grit_standard,grit_name\r\n"
                + "water,BENCH,ceramic-bonded water stone,imported one,JIS,#3000\r\n\r\n"
                + "dry,BENCH,plated diamond plate,imported two,MESH,600\r\n";
        Answer in = post("/api/v1/kit/abrasives/import", Map.of("text", list));
        assertThat(in.status()).as(in.raw().body()).isEqualTo(200);
        assertThat(in.body().path("added").asInt()).isEqualTo(2);
        assertThat(get("/api/v1/kit").body().toString()).contains("imported one", "imported two");
    }

    @Test
    void aFaultyListNamesEveryLineAndChangesNothing() {
        String before = get("/api/v1/kit").body().path("abrasives").toString();
        String list = "name,kind,shape,lubricant,grit_standard,grit_name\n"
                + "good one,ceramic-bonded water stone,BENCH,water,JIS,#3000\n"
                + "bad one,cheese,BENCH,water,JIS,#3000\n"
                + "worse one,ceramic-bonded water stone,BENCH,oil,JIS,soft\n";
        Answer in = post("/api/v1/kit/abrasives/import", Map.of("text", list));
        assertThat(in.status()).isEqualTo(422);
        String faults = in.body().path("errors").toString();
        assertThat(faults).contains("Line 3", "Line 4").doesNotContain("Line 2");
        assertThat(get("/api/v1/kit").body().path("abrasives").toString()).isEqualTo(before);
        for (String text :
                new String[] {"", "   ", "name;kind\na;b", "name,kind,shape,lubricant\n\"never closed", "flat\nperhaps"
                }) {
            assertThat(post("/api/v1/kit/abrasives/import", Map.of("text", text))
                            .status())
                    .as(text)
                    .isEqualTo(422);
        }
        assertThat(post(
                                "/api/v1/kit/abrasives/import",
                                Map.of("text", "name,kind,shape,lubricant,flat\na,b,c,d,perhaps"))
                        .status())
                .isEqualTo(422);
        assertThat(post(
                                "/api/v1/kit/abrasives/import",
                                Map.of("text", "name,kind,shape,lubricant\n" + "a,b,c,d\n".repeat(600)))
                        .status())
                .isEqualTo(422);
    }
}
