package truekeen.app.upkeep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** Use, readings and touch-ups of a tool between two sharpenings. */
class UpkeepTest extends ApiTest {
    private String upkeep;
    private String tool;

    @BeforeEach
    void aKnifeAtHome() {
        kit();
        tool = takeIn(
                tool(
                        "kitchen knife",
                        "kitchen knife / general",
                        "soft stainless",
                        "edgeLength=180;straight=110;tipRise=25;usableLength=45;retireLength=30;spineThickness=2.2;behindEdge=0.5;primary=16"));
        upkeep = "/api/v1/tools/" + tool + "/upkeep";
    }

    private JsonNode sheet() {
        Answer answer = get(upkeep);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    private JsonNode used(String amount) {
        Answer answer = post(upkeep + "/use", Map.of("amount", amount, "person", "cook"));
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    private JsonNode read(double grams) {
        Answer answer = post(
                upkeep + "/reading", Map.of("grams", String.valueOf(grams), "reference", "130 g", "person", "cook"));
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    private Answer touch(String rung, boolean regained, String before, String after) {
        return post(
                upkeep + "/touch-up",
                Map.of(
                        "rung",
                        rung,
                        "strokes",
                        "20",
                        "regained",
                        regained,
                        "before",
                        before,
                        "after",
                        after,
                        "reference",
                        "130",
                        "person",
                        "cook"));
    }

    private JsonNode rung(JsonNode sheet, String rung) {
        for (JsonNode r : sheet.path("ladder")) {
            if (r.path("rung").asText().equals(rung)) {
                return r;
            }
        }
        throw new AssertionError(rung);
    }

    @Test
    void readingsAfterThreeUsesDrawTheCurveAndTheBoardFollowsIt() {
        JsonNode empty = sheet();
        assertThat(empty.path("unit").asText()).isEqualTo("MEALS");
        assertThat(empty.path("still").asText()).isNotEmpty();
        assertThat(empty.path("dulling").isNull()).isTrue();
        used("1");
        read(210);
        used("20");
        read(240);
        assertThat(sheet().path("next").isNull()).isTrue();
        used("20");
        JsonNode sheet = read(270);
        assertThat(sheet.path("use").asDouble()).isEqualTo(41);
        assertThat(sheet.path("dulling").path("shape").asText()).isEqualTo("STRAIGHT");
        assertThat(sheet.path("still").asText()).isEmpty();
        // 130 g is 1; the limit of a kitchen knife is 2.6, which is 338 g: 1.5 g a meal from 270 g on.
        assertThat(sheet.path("next").path("likely").asDouble()).isCloseTo(41 + 68 / 1.5, within(0.5));
        LocalDate day = LocalDate.parse(sheet.path("next").path("latest").asText());
        assertThat(day).isAfter(LocalDate.now());
        JsonNode heavy = used("60");
        assertThat(LocalDate.parse(heavy.path("next").path("latest").asText()))
                .as("heavy use brings the day forward")
                .isBefore(day);
        assertThat(heavy.path("next").path("words").asText()).contains("3 readings");
    }

    @Test
    void aTouchUpThatNoLongerHelpsLeadsToTheNextRung() {
        used("90");
        assertThat(rung(sheet(), "STROP").path("state").asText()).isEqualTo("NEXT");
        assertThat(touch("STROP", true, "340", "220").status()).isEqualTo(200);
        used("20");
        assertThat(touch("STROP", true, "340", "250").status()).isEqualTo(200);
        JsonNode sheet = sheet();
        assertThat(rung(sheet, "STROP").path("state").asText()).isEqualTo("SPENT");
        assertThat(rung(sheet, "FINEST_STONE").path("state").asText()).isEqualTo("NEXT");
        assertThat(rung(sheet, "CERAMIC_ROD").path("state").asText()).isEqualTo("MISSING");
        assertThat(sheet.path("paysWhen").asText()).contains("45 meals");
        assertThat(sheet.path("touchUps").size()).isEqualTo(2);
        assertThat(sheet.path("touchUps").get(0).path("after").asDouble()).isCloseTo(250 / 130.0, within(1e-9));
        assertThat(touch("FINEST_STONE", true, "", "").status()).isEqualTo(200);
        assertThat(rung(sheet(), "STROP").path("state").asText()).isEqualTo("NEXT");
    }

    @Test
    void whatWasPutDownByMistakeIsTakenOutOfTheLogAndBroughtBack() {
        used("41");
        JsonNode entry = null;
        for (JsonNode e : get("/api/v1/tools/" + tool + "/log").body().path("entries")) {
            entry = e.path("kind").asText().equals("USE") ? e : entry;
        }
        assertThat(entry).isNotNull();
        assertThat(entry.path("title").asText()).contains("41").contains("meals");
        String line =
                "/api/v1/tools/" + tool + "/log/USE/" + entry.path("removable").asText();
        assertThat(delete(line).status()).isEqualTo(204);
        assertThat(sheet().path("use").asDouble()).isZero();
        assertThat(post(line + "/bring-back", Map.of()).status()).isEqualTo(204);
        assertThat(sheet().path("use").asDouble()).isEqualTo(41);
        assertThat(get("/api/v1/tools/" + tool + "/export")
                        .body()
                        .path("sections")
                        .path("used"))
                .hasSize(1);
    }

    @Test
    void absurdAmountsReadingsAndRungsAreRefusedAtTheirFields() {
        assertThat(post(upkeep + "/use", Map.of("amount", "-3", "person", "")).messageAt("amount"))
                .isNotEmpty();
        assertThat(post(upkeep + "/use", Map.of("amount", "many", "person", "")).messageAt("amount"))
                .contains("many");
        assertThat(post(upkeep + "/use", Map.of()).status()).isEqualTo(422);
        Answer reading = post(upkeep + "/reading", Map.of("grams", "0", "reference", "9 kg", "person", ""));
        assertThat(reading.messageAt("grams")).isNotEmpty();
        assertThat(reading.messageAt("reference")).isNotEmpty();
        assertThat(touch("REGRIND", true, "", "").messageAt("rung")).isNotEmpty();
        assertThat(touch("STROP", true, "x", "").messageAt("before")).isNotEmpty();
    }

    @Test
    void noRodOnAChipAndNoMachineHere() {
        ObjectNode chipped = survey();
        mark(chipped, "CHIP", "50", "52", "0.3");
        post("/api/v1/tools/" + tool + "/surveys", chipped);
        assertThat(touch("CERAMIC_ROD", true, "", "").status()).isEqualTo(422);
        assertThat(rung(sheet(), "PROGRESSION").path("state").asText()).isEqualTo("NEXT");
    }

    @Test
    void aNoteIsCarriedToTheNextTimeUntilItIsDone() {
        String next = "/api/v1/tools/" + tool + "/next-time";
        assertThat(get(next).body().path("notes").size()).isZero();
        assertThat(post(next, Map.of("words", " ", "person", "")).messageAt("words"))
                .isNotEmpty();
        assertThat(post(next, Map.of("words", "x".repeat(301), "person", "")).messageAt("words"))
                .contains("300");
        JsonNode told =
                post(next, Map.of("words", "more at the tip", "person", "cook")).body();
        assertThat(told.at("/notes/0/words").asText()).isEqualTo("more at the tip");
        String done = next + "/" + told.at("/notes/0/id").asText() + "/done";
        assertThat(post(done, Map.of()).body().path("notes").size()).isZero();
        assertThat(post(done, Map.of()).status()).isEqualTo(200);
        assertThat(post(next + "/00000000-0000-0000-0000-000000000001/done", Map.of())
                        .status())
                .isEqualTo(404);
        assertThat(get("/api/v1/tools/" + tool + "/log").body().toString())
                .contains("For next time: more at the tip", "Done.");
    }

    /** The right corner of a chisel stands forward at every survey: the sixth says so, and how many strokes it wants. */
    @Test
    void aHandThatLeansIsNamedWithItsCorrection() {
        String leaning = takeIn(chisel());
        String next = "/api/v1/tools/" + leaning + "/next-time";
        for (int i = 0; i < 6; i++) {
            ObjectNode survey = survey();
            survey.put("highCorner", "RIGHT").put("squareOff", i == 2 ? "0.5°" : "0.4°");
            JsonNode before = get("/api/v1/tools/" + leaning + "/survey").body().at("/survey/id");
            survey.put("basedOn", before.isTextual() ? before.asText() : "");
            JsonNode session = start(leaning, i == 0 ? planned(leaning, survey) : plannedAgain(leaning, survey));
            assertThat(get(next).body().path("lean").asText().isEmpty()).isEqualTo(i < 5);
            finished(session);
        }
        assertThat(get(next).body().path("lean").asText()).contains("the right corner", "0.42°");
    }

    /** On the set-up that is kept. */
    private String plannedAgain(String chisel, ObjectNode survey) {
        assertThat(post("/api/v1/tools/" + chisel + "/surveys", survey).status())
                .isEqualTo(200);
        Answer plan = post("/api/v1/tools/" + chisel + "/plans", Map.of("grindOn", ""));
        assertThat(plan.status()).as(plan.raw().body()).isEqualTo(200);
        return plan.body().path("id").asText();
    }
}
