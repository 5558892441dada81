package truekeen.app.benchmark;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Makes a shop grow by copying one of its tools with everything that hangs on it, so that large shops can be had in
 * seconds. Copies get ids that follow from the original and a salt; the database checks every reference.
 */
public final class GrownShop {
    /** Tables of a tool, each after those it refers to, with the columns that name copied rows. */
    private static final Map<String, List<String>> OF_A_ROUND = Map.of(
            "survey", List.of("id"),
            "plan", List.of("id", "survey_id"),
            "bench_session", List.of("id", "plan_id"),
            "edge_test", List.of("id", "session_id"),
            "wear", List.of("id", "session_id"),
            "finish_card", List.of("session_id"));

    private static final List<String> ROUND =
            List.of("survey", "plan", "bench_session", "edge_test", "wear", "finish_card");

    private final Connection database;

    public GrownShop(Connection database) {
        this.database = database;
    }

    /** A tool that was worked, tested and sent back, and is at no bench. */
    public UUID finishedTool() throws SQLException {
        return one("select f.tool_id from finish_card f join tool_standing s on s.tool_id = f.tool_id"
                + " where s.session_id is null and not exists (select 1 from machine_blade b where b.tool_id = f.tool_id)"
                + " order by f.tool_id limit 1");
    }

    /** A tool that is at the bench. */
    public UUID toolAtBench() throws SQLException {
        return one(
                "select tool_id from tool_standing s where session_id is not null and standing = 'AT_BENCH'"
                        + " and not exists (select 1 from machine_blade b where b.tool_id = s.tool_id) order by tool_id limit 1");
    }

    /** Years of use since its sharpening: so many times used and read, one after the other. */
    public void upkeep(UUID tool, int readings) throws SQLException {
        String when = "now() - (%d - i) * interval '6 hours'".formatted(readings);
        for (String row : List.of(
                "insert into tool_use select gen_random_uuid(), ?, %s, 20, '', null from generate_series(1, ?) i",
                "insert into use_reading select gen_random_uuid(), ?, %s, 100 + i %% 200 * 0.2 + i %% 7, 118, '', null"
                        + " from generate_series(1, ?) i")) {
            try (PreparedStatement statement = database.prepareStatement(row.formatted(when))) {
                statement.setObject(1, tool);
                statement.setInt(2, readings);
                statement.executeUpdate();
            }
        }
    }

    /** Copies the rounds of a tool so often. */
    public void rounds(UUID tool, int times) throws SQLException {
        for (String table : ROUND) {
            copy(table, OF_A_ROUND.get(table), "t.tool_id = ?", tool, 1, times, "round");
        }
        events(tool, 1, times, "round");
    }

    /** Copies a tool with all its rounds, the copies numbered from the first to the last. */
    public void tools(UUID tool, int first, int last) throws SQLException {
        copy("tool", List.of("id"), "t.id = ?", tool, first, last, "tool");
        copy("setup", List.of("id", "tool_id"), "t.tool_id = ?", tool, first, last, "tool");
        for (String table : ROUND) {
            List<String> columns = new ArrayList<>(OF_A_ROUND.get(table));
            columns.add("tool_id");
            if (table.equals("plan")) {
                columns.add("setup_id");
            }
            copy(table, columns, "t.tool_id = ?", tool, first, last, "tool");
        }
        events(tool, first, last, "tool");
        copy("tool_standing", List.of("tool_id", "session_id"), "t.tool_id = ?", tool, first, last, "tool");
    }

    /** The open sessions of the first copies of a tool, handed to a device. */
    public List<UUID> held(UUID tool, int copies, String device) throws SQLException {
        List<UUID> ids = new ArrayList<>();
        try (PreparedStatement hand = database.prepareStatement(
                "update bench_session set holder_device = ? where finished_at is null and tool_id in"
                        + " (select md5(?::text || 'tool' || n)::uuid from generate_series(1, ?) n) returning id")) {
            hand.setString(1, device);
            hand.setObject(2, tool);
            hand.setInt(3, copies);
            try (ResultSet rows = hand.executeQuery()) {
                while (rows.next()) {
                    ids.add(rows.getObject(1, UUID.class));
                }
            }
        }
        return ids;
    }

    /** How many tools there are. */
    public int count() throws SQLException {
        try (ResultSet row = database.createStatement().executeQuery("select count(*) from tool")) {
            row.next();
            return row.getInt(1);
        }
    }

    /** Tells the database what grew, as it does by itself after a while. */
    public void settle() throws SQLException {
        database.createStatement().execute("analyze");
    }

    private void events(UUID tool, int first, int last, String salt) throws SQLException {
        copy(
                "bench_event",
                List.of("id", "session_id"),
                "t.session_id in (select id from bench_session where tool_id = ?)",
                tool,
                first,
                last,
                salt);
    }

    private void copy(String table, List<String> columns, String where, UUID tool, int first, int last, String salt)
            throws SQLException {
        StringBuilder changed = new StringBuilder();
        for (String column : columns) {
            changed.append(changed.isEmpty() ? "" : ", ")
                    .append("'%1$s', md5(t.%1$s::text || '%2$s' || n)::uuid".formatted(column, salt));
        }
        boolean numbered = table.equals("bench_event");
        if (numbered) {
            changed.append(", 'position', nextval(pg_get_serial_sequence('bench_event', 'position'))");
        }
        String sql = "insert into " + table + (numbered ? " overriding system value" : "")
                + " select (jsonb_populate_record(t, jsonb_build_object(" + changed + "))).* from " + table
                + " t, generate_series(?, ?) n where " + where;
        try (PreparedStatement statement = database.prepareStatement(sql)) {
            statement.setInt(1, first);
            statement.setInt(2, last);
            statement.setObject(3, tool);
            statement.executeUpdate();
        }
    }

    private UUID one(String sql) throws SQLException {
        try (ResultSet row = database.createStatement().executeQuery(sql)) {
            if (!row.next()) {
                throw new IllegalStateException("the demonstration holds no such tool");
            }
            return row.getObject(1, UUID.class);
        }
    }
}
