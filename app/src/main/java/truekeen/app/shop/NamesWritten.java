package truekeen.app.shop;

import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Names of people as they were written down with what they did. Every table that names who did something has a column
 * {@code person}, {@code holder_person} of who is at the bench, or {@code lifted_by} of who gave a machine back; a test
 * holds that to be all of them.
 */
@Component
class NamesWritten {
    private static final String COLUMNS = "select table_name, column_name from information_schema.columns"
            + " where table_schema = current_schema() and column_name in ('person', 'holder_person', 'lifted_by')"
            + " order by table_name, column_name";

    private final JdbcTemplate jdbc;

    NamesWritten(JdbcTemplate jdbc) {
        this.jdbc = jdbc;
    }

    /** Whether a name stands anywhere. */
    boolean stands(String name) {
        return columns().stream()
                .anyMatch(c -> Boolean.TRUE.equals(jdbc.queryForObject(
                        "select exists (select 1 from " + c.table + " where " + c.column + " = ?)",
                        Boolean.class,
                        name)));
    }

    /** Writes another name wherever one stands. */
    void change(String from, String to) {
        columns()
                .forEach(c -> jdbc.update(
                        "update " + c.table + " set " + c.column + " = ? where " + c.column + " = ?", to, from));
    }

    private List<Column> columns() {
        return jdbc.query(COLUMNS, (row, n) -> new Column(row.getString(1), row.getString(2)));
    }

    private record Column(String table, String column) {}
}
