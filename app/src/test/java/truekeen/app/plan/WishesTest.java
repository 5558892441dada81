package truekeen.app.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.core.progression.Answer;

/** A plan as it is wished for, what it teaches once it is done, and what to buy. */
class WishesTest extends ApiTest {
    private String tool;

    @DynamicPropertySource
    static void ownShelf(DynamicPropertyRegistry registry) {
        TestDatabase.own(registry);
    }

    @BeforeEach
    void aDullChisel() {
        // Wide enough that one stone alone would take too long.
        tool = takeIn(typed(typed(chisel(), "width", "50"), "secondaryWidth", "2.5"));
        ObjectNode survey = survey();
        survey.put("dullness", "LIGHT_VISIBLE");
        planned(tool, survey);
    }

    private JsonNode plan(Map<String, Object> wish) {
        Answer answer = post("/api/v1/tools/" + tool + "/plan/preview", wish);
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        return answer.body();
    }

    private static JsonNode honed(JsonNode plan) {
        for (JsonNode job : plan.path("jobs")) {
            if (job.path("kind").asText().equals("SECONDARY")) {
                return job;
            }
        }
        throw new AssertionError("nothing is honed");
    }

    private static List<String> stones(JsonNode plan) {
        List<String> names = new ArrayList<>();
        honed(plan).path("legs").forEach(l -> names.add(l.path("name").asText()));
        return names;
    }

    private Map<String, Object> rung(String how, String name) {
        return Map.of(how, List.of(Map.of("job", "SECONDARY", "abrasiveId", inKit("abrasives", name))));
    }

    @Test
    void aRungPulledOutOrInChangesThePlanAndItsCost() {
        JsonNode free = plan(Map.of());
        assertThat(stones(free)).hasSizeGreaterThan(1);
        String used = stones(free).get(0);
        JsonNode without = plan(rung("without", used));
        assertThat(stones(without)).doesNotContain(used);
        assertThat(honed(without).path("freelySeconds").asDouble())
                .isCloseTo(honed(free).path("seconds").asDouble(), within(1e-9));
        // It costs time, or a step that is wider than the house likes.
        assertThat(honed(without).path("seconds").asDouble()
                                > honed(free).path("seconds").asDouble()
                        || honed(without).path("flags").size()
                                > honed(free).path("flags").size())
                .isTrue();
        String resting = honed(free).path("passedOver").get(0).path("name").asText();
        assertThat(stones(plan(rung("through", resting)))).contains(resting);
    }

    /** Whatever is put down of a stone that a plan uses changes the plan, its costs or its sheet. */
    @ParameterizedTest
    @CsvSource({
        "firmness, SOFT",
        "slurry, KEPT",
        "length, 260 mm",
        "glazed, true",
        "oilInside, true",
        "worn, 60",
        "flat, false",
        "strokesSinceLapped, 698",
        "frozen, true",
        "retired, true",
        "shape, POCKET",
        "makerUm, 1.7"
    })
    void whateverIsPutDownOfAStone(String field, String value) {
        JsonNode free = plan(Map.of());
        String before = free.path("jobs").toString() + free.path("preparation") + free.path("steps");
        String id = inKit("abrasives", "fine");
        assertThat(stones(free)).contains("fine");
        ObjectNode form = stone("fine", "ceramic-bonded water stone", "JIS", "#6000");
        form.put("version", version(id));
        if (value.equals("true") || value.equals("false")) {
            form.put(field, Boolean.parseBoolean(value));
        } else {
            form.put(field, value);
        }
        assertThat(put("/api/v1/kit/abrasives/" + id, form).status()).isEqualTo(200);
        JsonNode changed = plan(Map.of());
        String after = changed.path("jobs").toString() + changed.path("preparation") + changed.path("steps");
        ObjectNode back = stone("fine", "ceramic-bonded water stone", "JIS", "#6000");
        put("/api/v1/kit/abrasives/" + id, back.put("version", version(id)));
        assertThat(after).isNotEqualTo(before);
    }

    private long version(String id) {
        for (JsonNode a : get("/api/v1/kit").body().path("abrasives")) {
            if (a.path("id").asText().equals(id)) {
                return a.path("version").asLong();
            }
        }
        throw new AssertionError("gone");
    }

    @Test
    void everyAnswerIsThereAndTheOneAskedForIsTaken() {
        for (String answer : List.of("LEAST_TIME", "FEWEST", "GENTLEST")) {
            JsonNode job = honed(plan(Map.of("answer", answer)));
            assertThat(job.path("answered").asText()).isEqualTo(answer);
            assertThat(job.path("answers")).hasSize(3);
        }
        assertThat(post("/api/v1/tools/" + tool + "/plan/preview", Map.of("answer", "CHEAPEST"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void theTimeOfAnAnswerIsThatOfTheSheetItWouldMake() {
        for (JsonNode promised : honed(plan(Map.of())).path("answers")) {
            JsonNode taken = plan(Map.of("answer", promised.path("answer").asText()));
            double whole = taken.path("minutes").path("value").asDouble() * 60;
            for (JsonNode a : honed(taken).path("answers")) {
                if (a.path("chosen").asBoolean()) {
                    assertThat(a.path("wholeSeconds").asDouble()).isCloseTo(whole, within(1e-6));
                }
            }
            assertThat(promised.path("wholeSeconds").asDouble()).isCloseTo(whole, within(0.15 * whole));
            assertThat(whole).isGreaterThan(promised.path("seconds").asDouble());
        }
    }

    @ParameterizedTest
    @CsvSource({"LID, 8d7c8a0e-0000-0000-0000-000000000000, 422", "SECONDARY, nonsense, 404"})
    void aRungThatCannotBeIsRefused(String job, String id, int status) {
        Answer answer = post(
                "/api/v1/tools/" + tool + "/plan/preview",
                Map.of("without", List.of(Map.of("job", job, "abrasiveId", id))));
        assertThat(answer.status()).isBetween(404, 422);
        assertThat(answer.status()).isNotEqualTo(500);
        assertThat(status).isIn(404, 422);
        List<Object> many = new ArrayList<>();
        for (int i = 0; i < 300; i++) {
            many.add(Map.of("job", "SECONDARY", "abrasiveId", UUID.randomUUID().toString()));
        }
        assertThat(post("/api/v1/tools/" + tool + "/plan/preview", Map.of("without", many))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void theWayIAlwaysDoItIsKeptForThePersonAndTheWork() {
        String way = "/api/v1/tools/" + tool + "/plan/usual-way";
        String coarse = inKit("abrasives", "coarse");
        String fine = inKit("abrasives", "fine");
        JsonNode kept = put(way, Map.of("person", "ann", "stones", List.of(coarse, fine)))
                .body();
        assertThat(kept.path("names").toString()).isEqualTo("[\"coarse\",\"fine\"]");
        assertThat(get(way + "?person=ann").body().path("stones")).hasSize(2);
        assertThat(get(way + "?person=ben").body().path("stones")).isEmpty();
        JsonNode mine = honed(plan(Map.of("person", "ann", "answer", "MY_WAY")));
        assertThat(mine.path("answered").asText()).isEqualTo("MY_WAY");
        assertThat(mine.path("answers")).hasSize(4);
        assertThat(stones(plan(Map.of("person", "ann", "answer", "MY_WAY")))).containsExactly("coarse", "fine");
        assertThat(put(
                                way,
                                Map.of(
                                        "person",
                                        "ann",
                                        "stones",
                                        List.of(UUID.randomUUID().toString())))
                        .status())
                .isEqualTo(404);
        put(way, Map.of("person", "ann", "stones", List.of(fine)));
        assertThat(get(way + "?person=ann").body().path("stones")).hasSize(1);
    }

    /** Does a whole plan with so many times the strokes it asks for; gives the ratio of the first stone. */
    private void work(String person, double factor) {
        JsonNode plan = post("/api/v1/tools/" + tool + "/plans", Map.of("person", person))
                .body();
        JsonNode session = post(
                        "/api/v1/tools/" + tool + "/sessions",
                        Map.of("planId", plan.path("id").asText(), "device", TABLET, "person", person))
                .body();
        String id = session.path("id").asText();
        List<ObjectNode> events = new ArrayList<>();
        for (int i = 0; i < session.path("steps").size(); i++) {
            JsonNode step = session.path("steps").get(i).path("step");
            for (JsonNode side : step.path("sides")) {
                int left = (int) Math.round(step.path("strokes").asInt() * factor);
                for (; left > 0; left -= 20) {
                    events.add(event("COUNT", i, side.asText(), Math.min(20, left)));
                }
            }
            boolean gate = !step.path("gate").asText().isEmpty();
            events.add(event(gate ? "GATE_PASSED" : "STEP_DONE", i, "", 0));
        }
        assertThat(tell(id, TABLET, events.toArray(ObjectNode[]::new)).status()).isEqualTo(200);
        assertThat(post("/api/v1/sessions/" + id + "/finish", Map.of("device", TABLET, "person", person))
                        .status())
                .isEqualTo(200);
        ObjectNode again = survey();
        again.put("dullness", "LIGHT_VISIBLE");
        again.put(
                "basedOn",
                get("/api/v1/tools/" + tool + "/survey")
                        .body()
                        .path("survey")
                        .path("id")
                        .asText());
        assertThat(post("/api/v1/tools/" + tool + "/surveys", again).status()).isEqualTo(200);
    }

    private JsonNode firstLeg(String person) {
        return honed(plan(Map.of("person", person))).path("legs").get(0);
    }

    @Test
    void aSessionTeachesThePlanOfThatHandAndOfNobodyElse() {
        JsonNode before = firstLeg("carol");
        assertThat(before.path("evidence").asText()).isEqualTo("first estimate");
        work("carol", 1.8);
        JsonNode after = plan(rungFor("carol", before.path("name").asText()));
        after = honed(after).path("legs").get(0);
        assertThat(after.path("name")).isEqualTo(before.path("name"));
        assertThat(after.path("evidence").asText()).isEqualTo("from 1 of your sessions");
        assertThat(after.path("why").path("given").toString()).contains("your hand");
        JsonNode hand = get("/api/v1/hand?person=carol").body();
        assertThat(hand.path("learned")).isNotEmpty();
        for (JsonNode l : hand.path("learned")) {
            assertThat(l.path("factor").asDouble()).isGreaterThan(1.1).isLessThan(2);
            assertThat(l.path("low").asDouble()).isLessThan(l.path("factor").asDouble());
            assertThat(l.path("nextHigh").asDouble())
                    .isGreaterThan(l.path("high").asDouble());
        }
        assertThat(firstLeg("dora").path("evidence").asText()).isEqualTo("first estimate");
        double spread =
                after.path("strokesHigh").asDouble() / after.path("strokes").asDouble();
        assertThat(spread).isLessThan(2.0);
    }

    private Map<String, Object> rungFor(String person, String name) {
        return Map.of(
                "person",
                person,
                "through",
                List.of(Map.of("job", "SECONDARY", "abrasiveId", inKit("abrasives", name))));
    }

    @Test
    void aStoneThatSuddenlyTakesFourTimesAsLongIsAFindingAndNotTheHand() {
        for (double factor : new double[] {1.1, 1.0, 1.05, 1.0}) {
            work("eve", factor);
        }
        Map<String, Integer> before = sessionsOf("eve");
        work("eve", 5);
        JsonNode odd = get("/api/v1/hand?person=eve").body().path("odd");
        assertThat(odd).isNotEmpty();
        JsonNode one = odd.get(0);
        assertThat(one.path("words").asText()).contains("glazed");
        assertThat(one.path("slow").asBoolean()).isTrue();
        String odds = one.path("abrasiveId").asText();
        assertThat(sessionsOf("eve").get(odds)).as("it is not learned").isEqualTo(before.get(odds));

        String id = one.path("id").asText();
        assertThat(post("/api/v1/hand/odd/" + id, Map.of("judged", "MOON")).status())
                .isEqualTo(422);
        assertThat(post("/api/v1/hand/odd/" + UUID.randomUUID(), Map.of("judged", "HAND"))
                        .status())
                .isEqualTo(404);
        JsonNode judged =
                post("/api/v1/hand/odd/" + id, Map.of("judged", "STONE")).body();
        assertThat(judged.path("odd").toString()).doesNotContain(id);
        String stone = one.path("abrasive").asText();
        boolean glazed = false;
        for (JsonNode a : get("/api/v1/kit").body().path("abrasives")) {
            glazed |= a.path("name").asText().equals(stone) && a.path("glazed").asBoolean();
        }
        assertThat(glazed).isTrue();
        post("/api/v1/kit/abrasives/" + inKit("abrasives", stone) + "/acts", Map.of("act", "DRESSED", "dish", ""));
    }

    private Map<String, Integer> sessionsOf(String person) {
        Map<String, Integer> sessions = new HashMap<>();
        get("/api/v1/hand?person=" + person)
                .body()
                .path("learned")
                .forEach(l -> sessions.put(
                        l.path("abrasiveId").asText(), l.path("sessions").asInt()));
        return sessions;
    }

    @Test
    void theSchoolsDifferInMinutesStrokesAndSteps() {
        JsonNode schools = get("/api/v1/tools/" + tool + "/plan/schools").body().path("schools");
        List<String> sheets = new ArrayList<>();
        assertThat(schools).hasSize(5);
        // The shop has no slow wet wheel: that school is refused, in words.
        assertThat(schools.get(4).path("refused").asText()).contains("wet wheel");
        for (JsonNode s : List.of(schools.get(0), schools.get(1), schools.get(2), schools.get(3))) {
            assertThat(s.path("refused").asText()).isEmpty();
            assertThat(s.path("minutes").asDouble()).isPositive();
            sheets.add(s.path("steps").toString());
        }
        assertThat(sheets).doesNotHaveDuplicates();
        assertThat(schools.get(1).path("because")).isNotEmpty();
    }

    @Test
    void theHousesRulesChangeTheSheetOfTheTool() {
        String rules = "/api/v1/tools/" + tool + "/house-rules";
        String before = plan(Map.of()).path("steps").toString();
        put(rules, Map.of("rule", "STROP", "choice", "STONE"));
        JsonNode stone = plan(Map.of());
        assertThat(stone.path("stropId").asText()).isEmpty();
        assertThat(stone.path("steps").toString())
                .contains("corner of soft wood")
                .isNotEqualTo(before);
        put(rules, Map.of("rule", "STROP", "choice", ""));
        put(rules, Map.of("rule", "BURR_BETWEEN", "choice", "EVERY"));
        assertThat(plan(Map.of()).path("steps").toString()).contains("Take the burr off before the next stone");
    }

    @Test
    void aPowderSteelIsRefusedOnOxideAndTheWayOutIsToldByKind() {
        ObjectNode form = chisel();
        form.put("name", "powder chisel");
        form.put("steel", "powder high-vanadium");
        String powder = takeIn(form);
        assertThat(post("/api/v1/tools/" + powder + "/surveys", survey()).status())
                .isEqualTo(200);
        assertThat(post("/api/v1/tools/" + powder + "/setups", angle()).status())
                .isEqualTo(200);
        Answer refused = post("/api/v1/tools/" + powder + "/plan/preview", Map.of());
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.raw().body()).contains("carbides");
        String pushed = get("/api/v1/what-to-buy/stream").raw().body();
        assertThat(pushed).contains("event:progress").contains("event:answer");
        JsonNode gains = get("/api/v1/what-to-buy").body();
        assertThat(gains.path("tools").asInt()).isPositive();
        JsonNode best = gains.path("gains").get(0);
        assertThat(best.path("possible").toString()).contains("powder chisel");
        assertThat(best.path("kind").asText()).containsAnyOf("diamond", "CBN");
    }

    @Test
    void whatIsMadeReadyComesInItsOrder() {
        ObjectNode soaker = stone("deep soaker", "aluminium oxide water stone", "JIS", "#800");
        soaker.put("soaks", true).put("flat", false);
        Answer added = post("/api/v1/kit/abrasives", soaker);
        String id = added.body().path("id").asText();
        JsonNode plan = plan(Map.of("through", List.of(Map.of("job", "SECONDARY", "abrasiveId", id))));
        List<String> kinds = new ArrayList<>();
        plan.path("preparation").forEach(p -> kinds.add(p.path("kind").asText()));
        assertThat(kinds).containsSubsequence("SOAK", "FLATTEN", "LAY_OUT");
        assertThat(plan.path("steps").get(0).path("kind").asText()).isEqualTo("PREPARE");
        assertThat(plan.path("steps").get(0).path("how").toString()).contains("deep soaker");
    }
}
