package truekeen.app.day;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
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
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.TestPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;

/** A day planned from what stands open in the shop, worked at, and planned anew. */
@TestPropertySource(properties = "truekeen.clock=" + TestDatabase.DEMO_CLOCK)
class DayTest extends ApiTest {
    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.ownDemo(registry);
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
}
