package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.TestPropertySource;
import org.springframework.transaction.support.TransactionTemplate;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.app.ToolPages;
import truekeen.core.progression.Answer;

/**
 * Whatever stands in a JSON column, no page goes down for it: what is not known is passed over, and what cannot be read
 * any more is said to be so. Every JSON column there is in the database is tried, on the demonstration, which fills them.
 */
@TestPropertySource(properties = {"truekeen.demo=true", "truekeen.clock=" + TestDatabase.DEMO_CLOCK})
class OlderRecordsTest extends ApiTest {
    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private TransactionTemplate transaction;

    private final List<String> undo = new ArrayList<>();

    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.ownDemo(registry);
    }

    private record Column(String table, String name) {
        @Override
        public String toString() {
            return table + "." + name;
        }
    }

    private List<Column> columns() {
        return jdbc.query(
                "select table_name, column_name from information_schema.columns where table_schema = 'public'"
                        + " and data_type = 'jsonb' order by 1, 2",
                (row, n) -> new Column(row.getString(1), row.getString(2)));
    }

    /** Puts something else into a column of every row; it is put back after the test. */
    private void change(Column c, String expression) {
        transaction.executeWithoutResult(t -> keepAndChange(c, expression));
    }

    private void keepAndChange(Column c, String expression) {
        jdbc.execute("create table kept_%1$s_%2$s as select t.* from %1$s t".formatted(c.table, c.name));
        String key = jdbc.queryForObject(
                "select string_agg('t.' || a.attname || ' = k.' || a.attname, ' and ') from pg_index i"
                        + " join pg_attribute a on a.attrelid = i.indrelid and a.attnum = any(i.indkey)"
                        + " where i.indrelid = ?::regclass and i.indisprimary",
                String.class,
                c.table);
        undo.add("update %1$s t set %2$s = k.%2$s from kept_%1$s_%2$s k where %3$s; drop table kept_%1$s_%2$s"
                .formatted(c.table, c.name, key));
        jdbc.update("update %s set %s = %s where %2$s is not null".formatted(c.table, c.name, expression));
    }

    @AfterEach
    void putBack() {
        transaction.executeWithoutResult(t -> undo.forEach(jdbc::execute));
        undo.clear();
    }

    /** The demonstration leaves it to whoever opens it to plan the day. */
    @BeforeEach
    void aDayIsPlanned() {
        if (jdbc.queryForObject("select count(*) from day_plan", Integer.class) > 0) {
            return;
        }
        ObjectNode form = JSON.createObjectNode().put("readyBy", "17:00");
        form.putArray("people").addObject().put("name", "bench hand").put("begins", "");
        form.putNull("run");
        ArrayNode tools = form.putArray("tools");
        get("/api/v1/day").body().path("open").forEach(t -> {
            if (t.path("workable").asBoolean()) {
                tools.addObject()
                        .put("tool", t.path("toolId").asText())
                        .put("by", "")
                        .put("longer", "")
                        .put("first", false);
            }
        });
        assertThat(post("/api/v1/day", form).status()).isEqualTo(200);
    }

    /** A tool with most rows in the table, and one of a machine where the table is of machines or of all tools. */
    private Set<String> toolsOf(Column c) {
        boolean ofTool = Boolean.TRUE.equals(jdbc.queryForObject(
                "select exists (select 1 from information_schema.columns where table_name = ?"
                        + " and column_name = 'tool_id')",
                Boolean.class,
                c.table));
        String from = ofTool ? "select tool_id as id from " + c.table : "select id from tool";
        Set<String> tools = new LinkedHashSet<>(jdbc.queryForList(
                "select tool.id::text from (" + from + ") as x join tool using (id)"
                        + " group by tool.id, tool.name order by count(*) desc, tool.name limit 1",
                String.class));
        if (!ofTool || c.table.startsWith("machine") || c.table.startsWith("balance")) {
            tools.addAll(
                    jdbc.queryForList("select tool_id::text from machine_blade order by since limit 1", String.class));
        }
        return tools;
    }

    /** In every column at once: one that is not passed over shows as well as by itself. */
    @Test
    void anUnknownKeyInAnyColumnIsPassedOver() {
        assertThat(columns()).hasSizeGreaterThanOrEqualTo(30);
        Set<String> tools = new LinkedHashSet<>();
        columns().forEach(c -> {
            Set<String> some = toolsOf(c);
            assertThat(some).as("a tool with a row for " + c).isNotEmpty();
            tools.addAll(some);
        });
        Map<String, Integer> before = new TreeMap<>();
        tools.forEach(tool -> ToolPages.of(tool, jdbc).forEach(p -> before.put(p, get(p).status())));
        columns()
                .forEach(c -> change(
                        c,
                        "case when jsonb_typeof(%1$s) = 'object' then %1$s || '{\"unheard of\": {\"a\": [1]}}' else %1$s end"
                                .formatted(c.name)));
        thePagesOfTheShopOpen("an unknown key in every column");
        assertThat(get("/api/v1/rack").body().toString()).doesNotContain("UNREADABLE");
        Map<String, Integer> after = new TreeMap<>();
        before.keySet().forEach(p -> after.put(p, get(p).status()));
        assertThat(after).isEqualTo(before).containsValue(200);
    }

    private void thePagesOfTheShopOpen(String with) {
        for (String page : List.of("board", "kit", "sessions", "trials", "day", "day/front", "tickets")) {
            assertThat(get("/api/v1/" + page).status())
                    .as(page + " with " + with)
                    .isEqualTo(200);
        }
    }

    @Test
    void whatCannotBeReadTakesNoPageDownAndIsWrittenOutRaw() {
        for (Column c : columns()) {
            change(c, "'\"torn to shreds\"'::jsonb");
            thePagesOfTheShopOpen(c.toString());
            for (String tool : toolsOf(c)) {
                for (String page : ToolPages.of(tool, jdbc)) {
                    Answer answer = get(page);
                    assertThat(answer.status())
                            .as("%s with %s: %s", page, c, answer.raw().body())
                            .isLessThan(500);
                }
                if (!c.table.equals("tool")) {
                    assertThat(get("/api/v1/tools/" + tool + "/log").status())
                            .as("log with " + c)
                            .isEqualTo(200);
                }
                assertThat(get("/api/v1/tools/" + tool + "/export").status()).isEqualTo(200);
            }
            putBack();
        }
    }

    @Test
    void anOlderRecordIsNamedAsOneInTheLogAndStandsInTheFile() {
        change(new Column("survey", "findings"), "'\"torn to shreds\"'::jsonb");
        String tool = jdbc.queryForObject("select tool_id::text from survey order by taken_at limit 1", String.class);
        JsonNode log = get("/api/v1/tools/" + tool + "/log").body();
        assertThat(log.toString()).contains("An older record that cannot be read");
        JsonNode file = get("/api/v1/tools/" + tool + "/export").body();
        assertThat(file.path("sections").path("surveys").get(0).path("findings").asText())
                .isEqualTo("torn to shreds");
    }
}
