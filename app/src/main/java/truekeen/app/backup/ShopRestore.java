package truekeen.app.backup;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import truekeen.app.backup.BackupManifest.FileEntry;
import truekeen.app.backup.BackupManifest.SequenceEntry;
import truekeen.app.backup.BackupManifest.TableEntry;
import truekeen.app.platform.Runs;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/**
 * Reads a backup into an empty shop. The rows are put into a schema beside the shop's, made by the migrations of the version
 * that wrote them, migrated there to this version, and only then take the empty shop's place, in one step.
 */
final class ShopRestore {
    private static final String BESIDE = "restoring";
    private static final String REPLACED = "replaced";
    private static final String SHOP = "public";
    private static final int BATCH_CHARS = 2_000_000;
    private static final int LONGEST_ROW = 100_000_000;

    /** Tables of which each row was put in by a person: a shop with a row in one of them is not empty. */
    private static final List<String> PUT_IN =
            List.of("tool", "abrasive", "person", "crew", "machine", "holder", "wheel", "ticket", "trial");

    private final DataSource source;

    ShopRestore(DataSource source) {
        this.source = source;
    }

    /** Whether nobody has put anything into the shop yet. */
    boolean empty() throws SQLException {
        try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(true);
            List<String> there = new ShopTables(connection, SHOP)
                    .all().stream().map(ShopTables.Table::name).toList();
            for (String table : PUT_IN) {
                if (there.contains(table) && holds(connection, "select exists (select 1 from public." + table + ")")) {
                    return false;
                }
            }
            return true;
        }
    }

    private static boolean holds(Connection connection, String sql) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet found = statement.executeQuery(sql)) {
            return found.next() && found.getBoolean(1);
        }
    }

    /**
     * Reads it in, whole or not at all.
     *
     * @param progress told before each table
     * @return what the backup said of itself
     * @throws RefusedException where the shop is not empty, or the file no backup that this version can read
     */
    BackupManifest from(Path path, Runs.Progress progress) throws IOException, SQLException {
        if (!empty()) {
            throw new RefusedException(Refusal.of(MessageCode.SHOP_NOT_EMPTY, "file", ""));
        }
        try (BackupFile file = BackupFile.open(path)) {
            BackupManifest manifest = file.manifest();
            known(manifest.schema());
            try {
                beside();
                flyway(manifest.schema()).migrate();
                fill(file, progress);
                flyway("latest").migrate();
                takePlace();
            } catch (SQLException e) {
                // Class 22 and 23: data that do not fit their column or each other.
                if (e.getSQLState() != null && e.getSQLState().matches("2[23].*")) {
                    throw BackupFile.unreadable(BackupWords.DOES_NOT_FIT);
                }
                throw e;
            } finally {
                away();
            }
            return manifest;
        }
    }

    private void known(String schema) {
        MigrationVersion newest = MigrationVersion.EMPTY;
        boolean found = false;
        for (MigrationInfo migration : flyway("latest").info().all()) {
            if (migration.getVersion() != null) {
                newest = migration.getVersion().compareTo(newest) > 0 ? migration.getVersion() : newest;
                found |= migration.getVersion().getVersion().equals(schema);
            }
        }
        if (!found) {
            throw new RefusedException(
                    Refusal.of(MessageCode.BACKUP_NEWER, "file", schema).with("high", newest.getVersion()));
        }
    }

    private Flyway flyway(String target) {
        return Flyway.configure()
                .dataSource(source)
                .schemas(BESIDE)
                .defaultSchema(BESIDE)
                .target(target)
                .load();
    }

    private void beside() throws SQLException {
        execute("drop schema if exists " + BESIDE + " cascade", "create schema " + BESIDE);
    }

    private void away() throws SQLException {
        execute("drop schema if exists " + BESIDE + " cascade");
    }

    private void takePlace() throws SQLException {
        execute(
                "drop schema if exists " + REPLACED + " cascade",
                "alter schema " + SHOP + " rename to " + REPLACED,
                "alter schema " + BESIDE + " rename to " + SHOP,
                "drop schema " + REPLACED + " cascade");
    }

    /** All of them, or none. */
    private void execute(String... sql) throws SQLException {
        try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(false);
            try (Statement statement = connection.createStatement()) {
                for (String one : sql) {
                    statement.execute(one);
                }
            }
            connection.commit();
        }
    }

    private void fill(BackupFile file, Runs.Progress progress) throws IOException, SQLException {
        try (Connection connection = source.getConnection()) {
            connection.setAutoCommit(false);
            ShopTables tables = new ShopTables(connection, BESIDE);
            Map<String, ShopTables.Table> known =
                    tables.all().stream().collect(Collectors.toMap(ShopTables.Table::name, t -> t));
            for (TableEntry entry : file.manifest().tables()) {
                ShopTables.Table table = known.get(entry.name());
                if (table == null || !table.columns().equals(entry.columns())) {
                    throw new RefusedException(Refusal.of(MessageCode.BACKUP_UNREADABLE, "file", "")
                            .with("what", BackupWords.OTHER_COLUMNS.fill("table", entry.name())));
                }
            }
            try (Statement statement = connection.createStatement()) {
                // Rows may refer to rows that come later: they are held against each other once all are there.
                for (String[] reference : tables.references()) {
                    statement.execute("alter table " + tables.full(reference[0]) + " alter constraint "
                            + ShopTables.quoted(reference[1]) + " deferrable initially deferred");
                }
                String all = known.keySet().stream().map(tables::full).collect(Collectors.joining(", "));
                // What was changed is in the backup; reading it in is no change.
                statement.execute("set local truekeen.restoring = 'on'");
                // What the migrations put in themselves is in the backup as well.
                statement.execute("truncate " + all);
            }
            Map<String, List<FileEntry>> files =
                    file.manifest().files().stream().collect(Collectors.groupingBy(FileEntry::table));
            int done = 0;
            for (TableEntry entry : file.manifest().tables()) {
                progress.at(done++, file.manifest().tables().size());
                rows(
                        connection,
                        tables,
                        known.get(entry.name()),
                        file,
                        entry,
                        files.getOrDefault(entry.name(), List.of()));
            }
            for (SequenceEntry sequence : file.manifest().sequences()) {
                try (PreparedStatement set = connection.prepareStatement("select setval(?::regclass, ?, ?)")) {
                    set.setString(1, tables.full(sequence.name()));
                    set.setLong(2, sequence.last());
                    set.setBoolean(3, sequence.called());
                    set.execute();
                }
            }
            try (Statement statement = connection.createStatement()) {
                statement.execute("set constraints all immediate");
                for (String[] reference : tables.references()) {
                    statement.execute("alter table " + tables.full(reference[0]) + " alter constraint "
                            + ShopTables.quoted(reference[1]) + " not deferrable");
                }
            }
            connection.commit();
        }
    }

    private static void rows(
            Connection connection,
            ShopTables tables,
            ShopTables.Table table,
            BackupFile file,
            TableEntry entry,
            List<FileEntry> files)
            throws IOException, SQLException {
        Map<String, List<FileEntry>> byKey = files.stream().collect(Collectors.groupingBy(FileEntry::key));
        String sql = "insert into " + tables.full(table.name()) + " overriding system value select * from"
                + " jsonb_populate_recordset(null::" + tables.full(table.name()) + ", ?::jsonb)";
        try (PreparedStatement insert = connection.prepareStatement(sql);
                BufferedReader lines = file.rows(entry)) {
            List<String> batch = new ArrayList<>();
            int chars = 0;
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                if (line.length() > LONGEST_ROW) {
                    throw BackupFile.unreadable(BackupWords.DOES_NOT_FIT);
                }
                String row = byKey.isEmpty() ? line : withBytes(line, table, file, byKey);
                batch.add(row);
                chars += row.length();
                if (chars > BATCH_CHARS) {
                    insert(insert, batch);
                    chars = 0;
                }
            }
            insert(insert, batch);
        }
    }

    private static void insert(PreparedStatement insert, List<String> batch) throws SQLException {
        if (!batch.isEmpty()) {
            insert.setString(1, "[" + String.join(",", batch) + "]");
            insert.executeUpdate();
            batch.clear();
        }
    }

    /** A row with what stands beside it in files. */
    @SuppressWarnings("unchecked")
    private static String withBytes(
            String line, ShopTables.Table table, BackupFile file, Map<String, List<FileEntry>> byKey)
            throws IOException {
        Map<String, Object> row = BackupWriter.JSON.readValue(line, Map.class);
        String key = table.key().stream().map(k -> String.valueOf(row.get(k))).collect(Collectors.joining("_"));
        List<FileEntry> its = byKey.getOrDefault(key, List.of());
        if (its.isEmpty()) {
            return line;
        }
        Map<String, Object> whole = new HashMap<>(row);
        for (FileEntry one : its) {
            whole.put(one.column(), "\\x" + HexFormat.of().formatHex(file.bytes(one)));
        }
        return BackupWriter.JSON.writeValueAsString(whole);
    }
}
