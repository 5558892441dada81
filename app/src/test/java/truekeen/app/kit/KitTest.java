package truekeen.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.core.progression.Answer;

/** The shelf as it really is. */
class KitTest extends ApiTest {

    @DynamicPropertySource
    static void ownShelf(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    private JsonNode add(ObjectNode stone) {
        Answer answer = post("/api/v1/kit/abrasives", stone);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "JIS|#1000||11.5|a row of the standard",
                "JIS|5000||2.|between two rows",
                "JIS|#10000||0.81|carried on beyond",
                "MESH|1200||9|a row of the standard",
                "FEPA-P|P400||35|a row of the standard",
                "JIS|#1000|14 µm|14|as stated",
                "JIS|whatever|14|14|as stated",
            })
    void aGritNameIsToldInMicrometres(String standard, String name, String maker, String um, String words) {
        Answer answer = post(
                "/api/v1/kit/grain",
                object("gritStandard", standard, "gritName", name, "makerUm", maker == null ? "" : maker));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.body().path("words").asText()).startsWith(um).contains(words);
    }

    @Test
    void aStoneSaysWhatItWantsNext() {
        ObjectNode soaker = stone("soaker", "aluminium oxide water stone", "JIS", "#400");
        soaker.put("soaks", true);
        JsonNode dry = add(soaker);
        assertThat(dry.path("next").asText()).contains("soak 5 min");
        JsonNode wet = post("/api/v1/kit/abrasives/" + dry.path("id").asText() + "/soak", "")
                .body();
        assertThat(wet.path("soakLeftSeconds").asDouble())
                .isLessThanOrEqualTo(300)
                .isPositive();

        ObjectNode dished = stone("dished", "aluminium oxide water stone", "JIS", "#1000");
        dished.put("flat", false);
        assertThat(add(dished).path("next").asText()).isEqualTo("flatten before use");
        dished.put("lappable", false);
        assertThat(add(dished).path("next").asText()).contains("nothing here laps it");
        ObjectNode worn = stone("worn", "aluminium oxide water stone", "JIS", "#1000");
        worn.put("strokesSinceLapped", 390);
        assertThat(add(worn).path("next").asText()).contains("flatten soon");
        ObjectNode frozen = stone("frozen", "aluminium oxide water stone", "JIS", "#1000");
        frozen.put("frozen", true);
        assertThat(add(frozen).path("next").asText()).contains("frozen");
        assertThat(add(stone("guess", "ceramic-bonded water stone", "JIS", "#10000"))
                        .path("next")
                        .asText())
                .contains("micrometres");
        assertThat(add(stone("fine", "ceramic-bonded water stone", "JIS", "#6000"))
                        .path("next")
                        .asText())
                .isEqualTo("ready");
    }

    @Test
    void aStropKeepsTheGrainOfItsCompoundAndABareOneHasNone() {
        ObjectNode green = stone("green", "strop with compound", "MICRON", "0.5");
        green.put("grain", "OXIDE");
        assertThat(add(green).path("d50Um").asDouble()).isEqualTo(0.5);
        ObjectNode bare = stone("bare", "bare strop", "", "");
        assertThat(add(bare).path("d50Um").asDouble()).isZero();
    }

    @ParameterizedTest
    @CsvSource({
        "kind, chewing gum",
        "kind, ''",
        "shape, ROUNDISH",
        "lubricant, beer",
        "gritName, ''",
        "makerUm, -3",
        "name, ''"
    })
    void everyFieldSaysWhatIsWrong(String field, String given) {
        ObjectNode stone = stone("s", "ceramic-bonded water stone", "JIS", "#400");
        stone.put(field, given);
        Answer answer = post("/api/v1/kit/abrasives", stone);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(field)).isNotEmpty();
    }

    @ParameterizedTest
    @CsvSource({"rollerRadius, 0", "rollerRadius, 9 kg", "axleBelowBack, -3", "axleSetback, 900", "name, ''"})
    void aGuideMustBeOneThatCanBe(String field, String given) {
        ObjectNode guide = guide("g", "9.5", "14", "11.5");
        if (field.equals("name")) {
            guide.put(field, given);
        } else {
            ((ObjectNode) guide.path("parts")).put(field, given);
        }
        Answer answer = post("/api/v1/kit/holders", guide);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.messageAt(field)).isNotEmpty();
    }

    @Test
    void aTestersReferenceIsMoreThanNothing() {
        for (String bad : new String[] {"0", "-5", "", "heavy"}) {
            assertThat(post("/api/v1/kit/testers", object("name", "t", "reference", bad, "version", 0))
                            .messageAt("reference"))
                    .as(bad)
                    .isNotEmpty();
        }
    }
}
