package truekeen.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.transaction.support.TransactionTemplate;
import truekeen.app.ApiTest;
import truekeen.app.platform.BenchClock;
import truekeen.core.progression.Answer;

/** Counts at the bench: once each, in order, one device at a time, nothing lost and nothing merged in silence. */
class SessionTest extends ApiTest {
    private String tool;
    private String session;
    private int work;

    @BeforeEach
    void atTheBench() {
        tool = takeIn(chisel());
        JsonNode started = start(tool, planned(tool, survey()));
        session = started.path("id").asText();
        work = 0;
        while (started.path("steps").get(work).path("step").path("sides").isEmpty()) {
            String done = started.path("steps")
                            .get(work)
                            .path("step")
                            .path("gate")
                            .asText()
                            .isEmpty()
                    ? "STEP_DONE"
                    : "GATE_PASSED";
            tell(session, TABLET, event(done, work, "", 0));
            work++;
        }
    }

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private TransactionTemplate transaction;

    @Autowired
    private BenchClock clock;

    private void written(String sql) {
        transaction.executeWithoutResult(t -> jdbc.execute(sql));
    }

    private int counted(Answer answer) {
        return answer.body()
                .path("steps")
                .get(work)
                .path("counts")
                .get(0)
                .path("strokes")
                .asInt();
    }

    @Test
    void theSameEventSentTwiceCountsOnce() {
        ObjectNode count = event("COUNT", work, "BEVEL", 5);
        assertThat(counted(tell(session, TABLET, count))).isEqualTo(5);
        assertThat(counted(tell(session, TABLET, count, event("COUNT", work, "BEVEL", 1))))
                .isEqualTo(6);
    }

    /** What a disk without room answers is made by the database itself: state 53100 at each writing. */
    @Test
    void aFullDiskIsSaidAndTheSameStrokesCountOnceThereIsRoom() {
        written("create or replace function no_room() returns trigger language plpgsql as $$ begin"
                + " raise exception 'could not extend file: no space left' using errcode = '53100'; end $$");
        written("create trigger no_room before insert on bench_event for each row execute function no_room()");
        ObjectNode count = event("COUNT", work, "BEVEL", 5);
        try {
            Answer full = tell(session, TABLET, count);
            assertThat(full.status()).isEqualTo(507);
            assertThat(full.raw().body()).contains("DISK_FULL");
        } finally {
            written("drop trigger no_room on bench_event");
        }
        assertThat(counted(tell(session, TABLET, count))).isEqualTo(5);
        assertThat(counted(tell(session, TABLET, count))).isEqualTo(5);
    }

    @Test
    void aClockThatIsSetBackOrAheadPutsNothingOutOfOrder() {
        Instant real = clock.instant();
        try {
            assertThat(counted(tell(session, TABLET, event("COUNT", work, "BEVEL", 5))))
                    .isEqualTo(5);
            clock.travelTo(real.minus(Duration.ofHours(3)));
            assertThat(counted(tell(session, TABLET, event("COUNT", work, "BEVEL", 2))))
                    .isEqualTo(7);
            clock.travelTo(real.plus(Duration.ofDays(2)));
            assertThat(counted(tell(session, TABLET, event("COUNT", work, "BEVEL", 1))))
                    .isEqualTo(8);
            // The last one is taken back, by the order in which they came and not by what the clock said.
            clock.travelTo(real.minus(Duration.ofHours(1)));
            assertThat(counted(tell(session, TABLET, event("UNDO", work, "", 0))))
                    .isEqualTo(7);
        } finally {
            clock.travelTo(real);
        }
        assertThat(counted(get("/api/v1/sessions/" + session + "?device=" + TABLET)))
                .isEqualTo(7);
    }

    @Test
    void aDoubleClickFromTwoConnectionsAtOnceCountsOnce() throws Exception {
        List<ObjectNode> counts = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            counts.add(event("COUNT", work, "BEVEL", 1));
        }
        ExecutorService two = Executors.newFixedThreadPool(4);
        try {
            List<Callable<Integer>> sends = new ArrayList<>();
            for (ObjectNode count : counts) {
                sends.add(() -> tell(session, TABLET, count).status());
                sends.add(() -> tell(session, TABLET, count).status());
            }
            for (Future<Integer> status : two.invokeAll(sends)) {
                assertThat(status.get()).isEqualTo(200);
            }
        } finally {
            two.shutdownNow();
        }
        assertThat(counted(get("/api/v1/sessions/" + session + "?device=" + TABLET)))
                .isEqualTo(10);
    }

    @Test
    void aSecondDeviceIsToldTakesOverAndLateCountsAreSetAside() {
        tell(session, TABLET, event("COUNT", work, "BEVEL", 5));
        String other = "tablet-two";
        Answer refused = tell(session, other, event("COUNT", work, "BEVEL", 3));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().path("detail").asText()).contains("another device");

        Map<String, Object> who = Map.of("device", other, "person", "apprentice");
        Answer taken = post("/api/v1/sessions/" + session + "/takeover", who);
        assertThat(taken.body().path("held").asBoolean()).isTrue();
        assertThat(counted(taken)).isEqualTo(5);

        Answer late = tell(session, TABLET, event("COUNT", work, "BEVEL", 7));
        assertThat(late.status()).isEqualTo(200);
        assertThat(late.body().path("held").asBoolean()).isFalse();
        assertThat(late.body().path("late").asInt()).isEqualTo(7);
        assertThat(counted(late)).isEqualTo(5);

        Answer added = post(
                "/api/v1/sessions/" + session + "/late", Map.of("device", other, "person", "apprentice", "add", true));
        assertThat(counted(added)).isEqualTo(12);
        assertThat(added.body().path("late").asInt()).isZero();
    }

    @Test
    void aGateThatWasNotAskedOrAStepThatIsNotInHandIsRefused() {
        assertThat(tell(session, TABLET, event("COUNT", work + 1, "BEVEL", 1)).status())
                .isEqualTo(409);
        assertThat(tell(session, TABLET, event("STEP_DONE", work, "", 0)).status())
                .isEqualTo(409);
        assertThat(tell(session, TABLET, event("COUNT", work, "BEVEL", 4000)).status())
                .isEqualTo(422);
        assertThat(tell(session, TABLET, event("TAKEN_OVER", work, "", 0)).status())
                .isEqualTo(422);
        assertThat(tell(session, "", event("COUNT", work, "BEVEL", 1)).status()).isEqualTo(422);
    }

    @Test
    void startingTwiceGivesTheSameSessionAndAnotherPlanWaits() {
        String plan = get("/api/v1/tools/" + tool + "/plan")
                .body()
                .path("plan")
                .path("id")
                .asText();
        assertThat(start(tool, plan).path("id").asText()).isEqualTo(session);
        String newer = post("/api/v1/tools/" + tool + "/plans", Map.of("grindOn", ""))
                .body()
                .path("id")
                .asText();
        assertThat(start(tool, newer).path("detail").asText()).contains("already at the bench");
    }

    @Test
    void aFailedTestLeadsBackByItsOwnStretchAndOnlyOnce() {
        finishAllSteps();
        JsonNode sheet = get("/api/v1/tools/" + tool + "/test?device=" + TABLET).body();
        assertThat(sheet.path("stations")).hasSize(5);
        JsonNode failed = test("95", "96", "94", "97", "170");
        assertThat(failed.path("verdict").path("keen").asBoolean()).isFalse();
        JsonNode fault = failed.path("verdict").path("findings").get(0);
        assertThat(fault.path("fromMm").asDouble()).isGreaterThan(15);
        int before = get("/api/v1/sessions/" + session).body().path("steps").size();
        Map<String, String> who = Map.of("device", TABLET, "person", "");
        String back = "/api/v1/tests/" + failed.path("id").asText() + "/go-back";
        int after = post(back, who).body().path("steps").size();
        assertThat(after).isGreaterThan(before);
        assertThat(post(back, who).body().path("steps").size()).isEqualTo(after);
    }

    @Test
    void finishingPutsWearDownOnceAndClosesTheSession() {
        finishAllSteps();
        test("95", "96", "94", "97", "96");
        double before =
                get("/api/v1/tools/" + tool).body().path("usableLengthMm").asDouble();
        Map<String, String> who = Map.of("device", TABLET, "person", "");
        assertThat(post("/api/v1/sessions/" + session + "/finish", who).status())
                .isEqualTo(200);
        assertThat(post("/api/v1/sessions/" + session + "/finish", who).status())
                .isEqualTo(409);
        assertThat(get("/api/v1/tools/" + tool).body().path("usableLengthMm").asDouble())
                .isLessThan(before);
        JsonNode log = get("/api/v1/tools/" + tool + "/log").body();
        assertThat(log.path("entries").toString()).contains("strokes", "Keen", "as planned");
        JsonNode export = get("/api/v1/tools/" + tool + "/export").body();
        assertThat(export.path("format").asText()).isEqualTo("truekeen-tool/2");
        JsonNode sections = export.path("sections");
        for (String section : List.of("tool", "surveys", "setups", "plans", "sessions", "tests", "wear")) {
            assertThat(sections.path(section)).as(section).hasSize(1);
        }
        assertThat(sections.path("events").size()).isGreaterThan(1);
        assertThat(sections.size())
                .as("every place that keeps something of tools")
                .isGreaterThanOrEqualTo(20);
        assertThat(tell(session, TABLET, event("COUNT", work, "BEVEL", 1)).status())
                .isEqualTo(409);
    }

    @Test
    void aLengthThatSomebodyMeasuredTeachesWhatASharpeningTakesAndAPlanDoesNot() {
        finishAllSteps();
        test("95", "96", "94", "97", "96");
        assertThat(post("/api/v1/sessions/" + session + "/finish", Map.of("device", TABLET, "person", ""))
                        .status())
                .isEqualTo(200);
        // What the plan foresaw is no measurement.
        assertThat(sharpeningsLeft().path("evidence").asText()).contains("first estimate");
        ObjectNode measured = typed(chisel(), "usableLength", "89.6");
        measured.put(
                "version", get("/api/v1/tools/" + tool).body().path("version").asLong());
        assertThat(put("/api/v1/tools/" + tool, measured).status()).isEqualTo(200);
        // From 90 mm to 89.6 over one sharpening: (5 · 0.05 + 0.4) / 6.
        assertThat(sharpeningsLeft().path("evidence").asText()).contains("1 measured sharpening");
        assertThat(sharpeningsLeft().path("given").toString()).contains("108 µm");
    }

    private JsonNode sharpeningsLeft() {
        return post("/api/v1/tools/" + tool + "/survey/preview", survey())
                .body()
                .path("result")
                .path("sharpeningsLeft");
    }

    private void finishAllSteps() {
        JsonNode now = get("/api/v1/sessions/" + session + "?device=" + TABLET).body();
        for (int i = work; i < now.path("steps").size(); i++) {
            JsonNode step = now.path("steps").get(i).path("step");
            for (JsonNode side : step.path("sides")) {
                tell(session, TABLET, event("COUNT", i, side.asText(), 8));
            }
            tell(session, TABLET, event(step.path("gate").asText().isEmpty() ? "STEP_DONE" : "GATE_PASSED", i, "", 0));
        }
    }

    private JsonNode test(String... grams) {
        ObjectNode form = object("device", TABLET, "person", "hand", "reference", "118 g");
        ArrayNode readings = form.putArray("readings");
        for (int i = 0; i < grams.length; i++) {
            readings.add(object("xMm", 24.0 * (i + 0.5) / grams.length, "grams", grams[i]));
        }
        form.putArray("seen");
        return post("/api/v1/sessions/" + session + "/tests", form).body();
    }
}
