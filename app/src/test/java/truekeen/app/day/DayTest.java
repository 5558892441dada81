package truekeen.app.day;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.StringReader;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.CalendarComponent;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.TestPropertySource;
import org.springframework.transaction.support.TransactionTemplate;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;

/** A day planned from what stands open in the shop, worked at, and planned anew. */
@TestPropertySource(properties = "truekeen.clock=" + TestDatabase.DEMO_CLOCK)
class DayTest extends ApiTest {
    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.ownDemo(registry);
    }

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private TransactionTemplate transaction;

    private void write(String sql, Object... values) {
        transaction.executeWithoutResult(t -> jdbc.update(sql, values));
    }

    private static ObjectNode form(List<String> tools, String... people) {
        ObjectNode form = JSON.createObjectNode();
        ArrayNode workers = form.putArray("people");
        for (String name : people) {
            workers.addObject().put("name", name).put("begins", "");
        }
        form.put("readyBy", "17:00");
        ArrayNode wanted = form.putArray("tools");
        tools.forEach(t -> wanted.addObject()
                .put("tool", t)
                .put("by", "")
                .put("longer", "")
                .put("first", false));
        form.putNull("run");
        return form;
    }

    private JsonNode day() {
        return get("/api/v1/day").body();
    }

    private List<String> workable() {
        List<String> tools = new ArrayList<>();
        day().path("open").forEach(t -> {
            if (t.path("workable").asBoolean()) {
                tools.add(t.path("toolId").asText());
            }
        });
        return tools;
    }

    private static List<JsonNode> tasks(JsonNode plan) {
        List<JsonNode> tasks = new ArrayList<>();
        plan.path("runs").forEach(r -> r.path("tasks").forEach(tasks::add));
        return tasks;
    }

    @Test
    void whatIsOpenIsPutInOrderAndGoesOnFromWhereItStands() {
        List<String> tools = workable();
        assertThat(tools).hasSizeGreaterThan(3);
        Answer made = post("/api/v1/day", form(tools, "Anna"));
        assertThat(made.status()).as(made.body().toString()).isEqualTo(200);
        JsonNode plan = made.body().path("plan");
        assertThat(plan.path("whole").asBoolean()).isTrue();
        Instant ends = Instant.parse(plan.path("endsAt").asText());
        assertThat(ends)
                .isBeforeOrEqualTo(Instant.parse(plan.path("ticketEndsAt").asText()));
        assertThat(ends).isAfterOrEqualTo(Instant.parse(plan.path("boundAt").asText()));
        assertThat(plan.path("tools")).hasSize(tools.size());
        assertThat(ends)
                .isBetween(
                        Instant.parse(plan.path("endsEarliest").asText()),
                        Instant.parse(plan.path("endsLatest").asText()));
        assertThat(plan.path("runs").findValuesAsText("words").toString().replace("\u2060", ""))
                .contains("brass roller guide at 30°, projection ");
        assertThat(plan.path("runs").get(0).path("words").asText()).isNotBlank();
        assertThat(tasks(plan)).noneMatch(t -> t.path("title").asText().isBlank());
        assertThat(day().path("plan")).isEqualTo(plan);

        // Planned again with a rush job and one that takes longer: what is first comes first.
        JsonNode last = tasks(plan).get(tasks(plan).size() - 1);
        String tool = last.path("toolId").asText();
        ObjectNode again = form(tools, "Anna", "Bert");
        ((ObjectNode) again.path("tools").get(0)).put("longer", "2");
        ((ObjectNode) again.path("tools").get(1)).put("by", "9.45");
        again.path("tools").forEach(t -> ((ObjectNode) t)
                .put("first", t.path("tool").asText().equals(tool)));
        JsonNode second = post("/api/v1/day", again).body().path("plan");
        assertThat(tasks(second).stream().filter(t -> t.path("toolId").asText().equals(tool)))
                .isNotEmpty();
        JsonNode annas = second.path("runs").get(0);
        for (JsonNode run : second.path("runs")) {
            annas = annas.path("person").asText().equals("Anna") ? annas : run;
        }
        assertThat(annas.path("tasks").get(0).path("toolId").asText()).isEqualTo(tool);
        assertThat(second.path("wishes").path("tools").get(1).path("by").asText())
                .isEqualTo("09:45");
        assertThat(second.path("wishes").path("tools").get(0).path("longer").asText())
                .isEqualTo("2.0");
        assertThat(second.path("runs").findValuesAsText("person")).contains("Anna", "Bert");
    }

    private static ObjectNode moved(String tool, String before) {
        return JSON.createObjectNode().put("tool", tool).put("before", before).putNull("run");
    }

    private static List<String> readyOrder(JsonNode plan) {
        List<String> tools = new ArrayList<>();
        plan.path("tools").forEach(t -> tools.add(t.path("toolId").asText()));
        return tools;
    }

    @Test
    void aToolIsMovedBeforeAnotherAndTheRestIsPlannedAroundThat() {
        List<String> tools = workable();
        List<String> ready = readyOrder(planned(form(tools, "Anna")));
        String last = ready.get(ready.size() - 1);
        String middle = ready.get(ready.size() / 2);
        Answer answer = post("/api/v1/day/move", moved(last, middle));
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(200);
        JsonNode plan = answer.body().path("plan");
        assertThat(readyOrder(plan).indexOf(last)).isLessThan(readyOrder(plan).indexOf(middle));
        assertThat(readyOrder(plan)).hasSameElementsAs(ready);
        assertThat(plan.path("laterMinutes").asInt()).isNotNegative();
        // And back again: the newer word holds.
        List<String> back =
                readyOrder(post("/api/v1/day/move", moved(middle, last)).body().path("plan"));
        assertThat(back.indexOf(middle)).isLessThan(back.indexOf(last));

        assertThat(post("/api/v1/day/move", moved(UUID.randomUUID().toString(), last))
                        .messageAt("tool"))
                .contains("wants no work");
        ObjectNode circle = form(tools, "Anna");
        ((ObjectNode) circle.path("tools").get(0)).put("after", tools.get(1));
        ((ObjectNode) circle.path("tools").get(1)).put("after", tools.get(0));
        assertThat(post("/api/v1/day", circle).messageAt("tools[0].after")).contains("in a circle");
    }

    @Test
    void moreThingsBroughtArePromisedForNoSoonerDay() {
        JsonNode one = get("/api/v1/day/promise").body();
        JsonNode twelve = get("/api/v1/day/promise?things=12").body();
        assertThat(LocalDate.parse(twelve.path("promise").asText()))
                .isAfter(LocalDate.parse(one.path("promise").asText()));
        assertThat(get("/api/v1/day/promise?things=0").messageAt("things")).contains("60");
        assertThat(get("/api/v1/day/promise?things=many").status()).isBetween(400, 499);
    }

    @Test
    void whatIsPromisedRestsOnWhatWaitsAndOnTheTimeOfTheBench() {
        JsonNode promise = get("/api/v1/day/promise").body();
        assertThat(promise.path("guessed").asBoolean()).isTrue();
        assertThat(promise.path("tools").asInt()).isGreaterThan(5);
        assertThat(promise.path("backlogMinutes").asInt()).isPositive();
        assertThat(LocalDate.parse(promise.path("promise").asText()))
                .isAfterOrEqualTo(LocalDate.parse(promise.path("likely").asText()))
                .isBefore(LocalDate.of(2026, 6, 1));

        // Two hours on Saturdays, nothing else.
        ObjectNode bench = JSON.createObjectNode();
        ArrayNode minutes = bench.putArray("minutes");
        List.of("", "0", "0", "0", "0", "120", "0").forEach(minutes::add);
        Answer kept = put("/api/v1/day/promise", bench);
        assertThat(kept.status()).as(kept.body().toString()).isEqualTo(200);
        assertThat(kept.body().path("guessed").asBoolean()).isFalse();
        assertThat(LocalDate.parse(kept.body().path("promise").asText()).getDayOfWeek())
                .isEqualTo(DayOfWeek.SATURDAY);
        minutes.set(0, "none").set(5, "2000");
        Answer refused = put("/api/v1/day/promise", bench);
        assertThat(refused.messageAt("minutes[0]")).contains("none");
        assertThat(refused.messageAt("minutes[5]")).contains("1440");
        minutes.remove(0);
        assertThat(put("/api/v1/day/promise", bench).status()).isEqualTo(422);
        assertThat(get("/api/v1/day/promise")
                        .body()
                        .path("bench")
                        .path("minutes")
                        .get(5)
                        .asText())
                .isEqualTo("120");
    }

    @Test
    void anotherLibraryReadsTheCalendar() throws Exception {
        Answer answer = get("/api/v1/day/calendar.ics");
        assertThat(answer.raw().headers().firstValue("Content-Type"))
                .hasValueSatisfying(t -> assertThat(t).startsWith("text/calendar"));
        Calendar calendar =
                new CalendarBuilder().build(new StringReader(answer.raw().body()));
        calendar.validate();
        Map<String, LocalDate> days = new TreeMap<>();
        for (CalendarComponent event : calendar.getComponents(Component.VEVENT)) {
            VEvent e = (VEvent) event;
            days.put(
                    e.getSummary().orElseThrow().getValue(),
                    LocalDate.from(e.getDateTimeStart().orElseThrow().getDate()));
        }
        assertThat(days).containsEntry("Promised: 8 mm bench chisel", LocalDate.of(2026, 5, 14));
        assertThat(days.keySet()).anyMatch(s -> s.startsWith("Look at it again: "));
    }

    @Test
    void nonsenseIsNamedAndNothingIsPlanned() {
        String tool = workable().get(0);
        ObjectNode bad = form(List.of(tool, UUID.randomUUID().toString()), "Anna", "Anna");
        bad.put("readyBy", "half past");
        ((ObjectNode) bad.path("tools").get(0)).put("longer", "90").put("by", "25:00");
        Answer refused = post("/api/v1/day", bad);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.messageAt("readyBy")).contains("half past");
        assertThat(refused.messageAt("people[1].name")).contains("Anna");
        assertThat(refused.messageAt("tools[0].longer")).contains("10");
        assertThat(refused.messageAt("tools[0].by")).contains("25:00");
        assertThat(post("/api/v1/day", form(List.of(), "Anna")).messageAt("tools"))
                .isNotBlank();
        Answer gone = post("/api/v1/day", form(List.of(tool, UUID.randomUUID().toString()), "Anna"));
        assertThat(gone.messageAt("tools[1].tool")).contains("wants no work");
        String waits = null;
        for (JsonNode t : day().path("open")) {
            waits = t.path("workable").asBoolean() ? waits : t.path("toolId").asText();
        }
        assertThat(post("/api/v1/day", form(List.of(waits), "Anna")).messageAt("tools[0].tool"))
                .contains("cannot be planned into the day yet. First:");
    }

    /** Works the steps of a tool by the newest planned day, taking so many times as long as planned to change over. */
    private void work(JsonNode session, double slower) throws IOException {
        JsonNode slots = JSON.readTree(jdbc.queryForObject(
                        "select timetable::text from day_plan order by made_at desc limit 1", String.class))
                .path("slots");
        String id = session.path("id").asText();
        Instant at = Instant.parse("2026-05-14T06:00:00Z");
        int passed = 0;
        for (JsonNode slot : slots) {
            String step = slot.path("id").asText().replaceAll(".*#", "");
            if (step.equals("test")) {
                continue;
            }
            int i = Integer.parseInt(step);
            while (passed < i) {
                pass(session, passed++, at);
            }
            Instant first =
                    at.plusMillis(Math.round(1000 * slower * slot.path("change").asInt()));
            JsonNode side = session.at("/steps/" + i + "/step/sides/0");
            if (!side.isMissingNode()) {
                ObjectNode stroke = event("COUNT", i, side.asText(), 1);
                assertThat(tell(
                                        id,
                                        TABLET,
                                        stroke.put("at", first.plusMillis(1200).toString()))
                                .status())
                        .isEqualTo(200);
            }
            at = first.plusSeconds(slot.path("seconds").asInt());
            pass(session, passed++, at);
        }
    }

    private void pass(JsonNode session, int step, Instant at) {
        boolean gate = !session.at("/steps/" + step + "/step/gate").asText().isEmpty();
        ObjectNode done = event(gate ? "GATE_PASSED" : "STEP_DONE", step, "", 0);
        assertThat(tell(session.path("id").asText(), TABLET, done.put("at", at.toString()))
                        .status())
                .isEqualTo(200);
    }

    private String toolCalled(String name) {
        for (JsonNode t : day().path("open")) {
            if (t.path("name").asText().equals(name)) {
                return t.path("toolId").asText();
            }
        }
        throw new AssertionError("not open: " + name);
    }

    private JsonNode planned(ObjectNode form) {
        Answer made = post("/api/v1/day", form);
        assertThat(made.status()).as(made.raw().body()).isEqualTo(200);
        return made.body().path("plan");
    }

    private JsonNode startFor(String tool) {
        JsonNode session = start(
                tool,
                get("/api/v1/tools/" + tool + "/plan").body().at("/plan/id").asText());
        assertThat(session.path("steps")).isNotEmpty();
        return session;
    }

    /** Passes the first steps of a session, whatever they ask. */
    private void pass(JsonNode session, int steps) {
        for (int i = 0; i < steps; i++) {
            pass(session, i, Instant.parse("2026-05-14T09:30:00Z"));
        }
    }

    private int current(JsonNode session) {
        return get("/api/v1/sessions/" + session.path("id").asText() + "?device=" + TABLET)
                .body()
                .path("current")
                .asInt();
    }

    @Test
    void theBenchTeachesHowLongChangingTakes() throws IOException {
        String tool = toolCalled("14 mm bench chisel");
        JsonNode before = planned(form(List.of(tool), "Anna"));
        assertThat(before.path("basis").toString()).doesNotContain("changes of planned days");
        work(startFor(tool), 2);

        JsonNode after = planned(form(List.of(toolCalled("26 mm bench chisel")), "Anna"));
        String learned = after.path("basis").toString().replace("\u2060", "");
        assertThat(learned).containsPattern("Changing over takes 1\\.[1-6] times as long as usual");
    }

    @Test
    void whatCuresLiesByItselfAndNeedsNoHands() {
        List<String> tools = workable().subList(0, 2);
        ObjectNode form = form(tools, "Anna");
        Instant end = Instant.parse(planned(form).path("endsAt").asText());
        ((ObjectNode) form.path("tools").get(0)).put("rests", "30");
        JsonNode plan = planned(form);
        assertThat(plan.at("/wishes/tools/0/rests").asText()).isEqualTo("30");
        // Half an hour longer at most, and less where the other is worked meanwhile.
        assertThat(Instant.parse(plan.path("endsAt").asText())).isAfter(end).isBefore(end.plusSeconds(30 * 60));
        ((ObjectNode) form.path("tools").get(0)).put("rests", "-5");
        assertThat(post("/api/v1/day", form).messageAt("tools[0].rests")).contains("-5");
    }

    @Test
    void aStoneBreaksInMidDay() {
        String begun = toolCalled("utility knife");
        String waits = toolCalled("paring knife");
        JsonNode plan = planned(form(List.of(begun, waits), "Anna"));
        JsonNode session = startFor(begun);
        pass(session, 2);
        int stands = current(session);
        // The last stone of both breaks.
        String stone = "";
        for (JsonNode step : session.path("steps")) {
            String id = step.at("/step/abrasiveId").asText();
            stone = id.isEmpty() ? stone : id;
        }
        write("update abrasive set retired = true where id = ?::uuid", stone);
        JsonNode now = day().path("plan");
        assertThat(now.path("gone").findValuesAsText("toolId")).contains(begun, waits);
        assertThat(now.path("gone").findValuesAsText("begun")).contains("true", "false");
        assertThat(tasks(now).stream()
                        .filter(t -> t.path("toolId").asText().equals(waits))
                        .allMatch(t -> !t.path("done").asBoolean()))
                .as("what is halted is not done")
                .isTrue();
        Answer refused = post("/api/v1/day", form(List.of(begun, waits), "Anna"));
        assertThat(refused.messageAt("tools[1].tool")).contains("Plan it anew");
        JsonNode rest = planned(form(List.of(begun), "Anna"));
        assertThat(tasks(rest)).hasSizeLessThan(tasks(plan).size());
        assertThat(current(session)).as("nothing that was done is lost").isEqualTo(stands);

        // Planned anew on what is left, it can be worked again.
        assertThat(post("/api/v1/tools/" + waits + "/plans", Map.of("grindOn", ""))
                        .status())
                .isEqualTo(200);
        assertThat(planned(form(List.of(begun, waits), "Anna")).path("gone")).hasSize(1);
    }

    @Test
    void somebodyLeavesInMidDayAndATicketIsWithdrawn() {
        String one = toolCalled("8 mm bench chisel");
        String two = toolCalled("36 mm bench chisel");
        JsonNode plan = planned(form(List.of(one, two), "Anna", "Bert"));
        assertThat(plan.path("runs").findValuesAsText("person")).contains("Anna", "Bert");
        JsonNode session = startFor(one);
        pass(session, 2);
        int stands = current(session);

        JsonNode alone = planned(form(List.of(one, two), "Anna"));
        assertThat(alone.path("runs").findValuesAsText("person")).containsOnly("Anna");
        assertThat(current(session)).isEqualTo(stands);

        // The tenants take theirs back undone.
        int withdrawn = 0;
        for (JsonNode t : get("/api/v1/tickets").body().path("open")) {
            if (t.path("names").toString().contains("36 mm bench chisel")) {
                withdrawn += post(
                                                "/api/v1/tickets/"
                                                        + t.path("id").asText() + "/hand-over",
                                                object("tools", List.of(two), "to", "", "undone", true))
                                        .status()
                                == 200
                        ? 1
                        : 0;
            }
        }
        assertThat(withdrawn).isEqualTo(1);
        assertThat(post("/api/v1/day", form(List.of(one, two), "Anna")).messageAt("tools[1].tool"))
                .contains("wants no work");
        JsonNode rest = planned(form(List.of(one), "Anna"));
        assertThat(rest.path("tools").findValuesAsText("toolId")).containsExactly(one);
        assertThat(current(session)).isEqualTo(stands);
    }

    @Test
    void aPlanThatGoesOnPastMidnightStandsUntilItEnds() {
        JsonNode plan = planned(form(workable().subList(0, 2), "Anna"));
        write("update day_plan set day = day - 1");
        assertThat(day().at("/plan/endsAt")).isEqualTo(plan.path("endsAt"));
        assertThat(get("/api/v1/day/front").body().path("plan").isObject()).isTrue();
        write("update day_plan set begins_at = begins_at - interval '2 days'");
        assertThat(day().path("plan").isObject()).isFalse();
    }
}
