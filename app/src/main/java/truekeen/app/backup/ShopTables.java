package truekeen.app.backup;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import truekeen.app.backup.BackupManifest.SequenceEntry;

/** The tables of a schema, as the database itself describes them: a table that is added later is in the next backup. */
final class ShopTables {
    private static final String HISTORY = "flyway_schema_history";
    /** What the migrations themselves keep, what was answered of late, and who may open this machine's shop: nobody's records. */
    private static final String NO_RECORDS = "('" + HISTORY + "', 'answered_request', 'passphrase', 'tablet')";

    private final Connection connection;
    private final String schema;

    ShopTables(Connection connection, String schema) {
        this.connection = connection;
        this.schema = schema;
    }

    /**
     * A table.
     *
     * @param columns all its columns, in order
     * @param bytes those of them that hold bytes
     * @param key its primary key
     */
    record Table(String name, List<String> columns, List<String> bytes, List<String> key) {
        Table {
            columns = List.copyOf(columns);
            bytes = List.copyOf(bytes);
            key = List.copyOf(key);
        }
    }

    /** Version of the schema; empty where there is none. */
    Optional<String> version() throws SQLException {
        if (names("select table_name from information_schema.tables where table_schema = ? and table_name = '" + HISTORY
                        + "'")
                .isEmpty()) {
            return Optional.empty();
        }
        try (PreparedStatement asked = connection.prepareStatement("select version from " + schema + "." + HISTORY
                        + " where success and version is not null order by installed_rank desc limit 1");
                ResultSet found = asked.executeQuery()) {
            return found.next() ? Optional.of(found.getString(1)) : Optional.empty();
        }
    }

    List<Table> all() throws SQLException {
        List<Table> tables = new ArrayList<>();
        for (String name : names("select table_name from information_schema.tables where table_schema = ?"
                + " and table_type = 'BASE TABLE' and table_name not in " + NO_RECORDS + " order by table_name")) {
            tables.add(new Table(
                    name,
                    names(
                            "select column_name from information_schema.columns where table_schema = ? and table_name = ?"
                                    + " order by ordinal_position",
                            name),
                    names(
                            "select column_name from information_schema.columns where table_schema = ? and table_name = ?"
                                    + " and udt_name = 'bytea' order by ordinal_position",
                            name),
                    names(
                            "select a.attname from pg_index i join pg_attribute a on a.attrelid = i.indrelid"
                                    + " and a.attnum = any(i.indkey) join pg_class c on c.oid = i.indrelid"
                                    + " join pg_namespace n on n.oid = c.relnamespace"
                                    + " where i.indisprimary and n.nspname = ? and c.relname = ?"
                                    + " order by array_position(i.indkey::int2[], a.attnum)",
                            name)));
        }
        return tables;
    }

    /** Constraints that make rows refer to each other, as table and name. */
    List<String[]> references() throws SQLException {
        List<String[]> all = new ArrayList<>();
        try (PreparedStatement asked = connection.prepareStatement("select c.relname, k.conname from pg_constraint k"
                + " join pg_class c on c.oid = k.conrelid join pg_namespace n on n.oid = c.relnamespace"
                + " where k.contype = 'f' and n.nspname = ? order by 1, 2")) {
            asked.setString(1, schema);
            try (ResultSet found = asked.executeQuery()) {
                while (found.next()) {
                    all.add(new String[] {found.getString(1), found.getString(2)});
                }
            }
        }
        return all;
    }

    List<SequenceEntry> sequences() throws SQLException {
        List<SequenceEntry> all = new ArrayList<>();
        for (String name : names("select sequencename from pg_sequences where schemaname = ? order by 1")) {
            try (PreparedStatement asked = connection.prepareStatement(
                            "select last_value, is_called from " + quoted(schema) + "." + quoted(name));
                    ResultSet found = asked.executeQuery()) {
                found.next();
                all.add(new SequenceEntry(name, found.getLong(1), found.getBoolean(2)));
            }
        }
        return all;
    }

    /** A table of this schema by its whole name. */
    String full(String name) {
        return quoted(schema) + "." + quoted(name);
    }

    static String quoted(String name) {
        return '"' + name.replace("\"", "\"\"") + '"';
    }

    private List<String> names(String sql, String... more) throws SQLException {
        try (PreparedStatement asked = connection.prepareStatement(sql)) {
            asked.setString(1, schema);
            for (int i = 0; i < more.length; i++) {
                asked.setString(2 + i, more[i]);
            }
            List<String> all = new ArrayList<>();
            try (ResultSet found = asked.executeQuery()) {
                while (found.next()) {
                    all.add(found.getString(1));
                }
            }
            return all;
        }
    }
}
