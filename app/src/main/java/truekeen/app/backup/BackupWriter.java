package truekeen.app.backup;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import truekeen.app.backup.BackupManifest.FileEntry;
import truekeen.app.backup.BackupManifest.TableEntry;
import truekeen.app.platform.Runs;

/** Writes all records of a shop into one file. */
final class BackupWriter {
    static final ObjectMapper JSON = new ObjectMapper()
            .registerModule(new JavaTimeModule())
            .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .configure(JsonGenerator.Feature.AUTO_CLOSE_TARGET, false);

    private static final int AT_ONCE = 500;
    private static final String SCHEMA = "public";

    private final Connection connection;
    private final ZipOutputStream zip;
    private final ShopTables tables;
    private final List<FileEntry> files = new ArrayList<>();

    private BackupWriter(Connection connection, ZipOutputStream zip) {
        this.connection = connection;
        this.zip = zip;
        this.tables = new ShopTables(connection, SCHEMA);
    }

    /**
     * Writes the store as it is at one moment, whatever is done to it meanwhile. The connection is given back as it was.
     *
     * @param progress told before each table
     * @return what the backup says of itself
     */
    static BackupManifest write(
            Connection connection, OutputStream out, String application, Instant now, Runs.Progress progress)
            throws IOException, SQLException {
        boolean auto = connection.getAutoCommit();
        connection.setAutoCommit(false);
        try (Statement statement = connection.createStatement()) {
            statement.execute("set transaction isolation level repeatable read, read only");
            statement.execute("set local time zone 'UTC'");
            ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
            BackupManifest manifest = new BackupWriter(connection, zip).all(application, now, progress);
            zip.finish();
            return manifest;
        } finally {
            connection.rollback();
            connection.setAutoCommit(auto);
        }
    }

    private BackupManifest all(String application, Instant now, Runs.Progress progress)
            throws IOException, SQLException {
        List<TableEntry> written = new ArrayList<>();
        List<ShopTables.Table> all = tables.all();
        for (ShopTables.Table table : all) {
            progress.at(written.size(), all.size());
            written.add(rows(table));
            for (String column : table.bytes()) {
                bytes(table, column);
            }
        }
        BackupManifest manifest = new BackupManifest(
                BackupManifest.FORMAT,
                application,
                tables.version().orElse(""),
                now,
                written,
                files,
                tables.sequences());
        zip.putNextEntry(new ZipEntry(BackupManifest.NAME));
        JSON.writerWithDefaultPrettyPrinter().writeValue(zip, manifest);
        zip.closeEntry();
        return manifest;
    }

    private TableEntry rows(ShopTables.Table table) throws IOException, SQLException {
        String columns = table.columns().stream()
                .filter(c -> !table.bytes().contains(c))
                .map(ShopTables::quoted)
                .collect(Collectors.joining(", "));
        MessageDigest digest = sha256();
        long rows = 0;
        TableEntry entry = new TableEntry(table.name(), table.columns(), 0, "");
        zip.putNextEntry(new ZipEntry(entry.file()));
        try (PreparedStatement asked = connection.prepareStatement("select row_to_json(t)::text from (select " + columns
                + " from " + tables.full(table.name()) + ordered(table) + ") t")) {
            asked.setFetchSize(AT_ONCE);
            try (ResultSet found = asked.executeQuery()) {
                while (found.next()) {
                    byte[] line = (found.getString(1) + "\n").getBytes(StandardCharsets.UTF_8);
                    digest.update(line);
                    zip.write(line);
                    rows++;
                }
            }
        }
        zip.closeEntry();
        return new TableEntry(table.name(), table.columns(), rows, hex(digest));
    }

    private void bytes(ShopTables.Table table, String column) throws IOException, SQLException {
        String key =
                table.key().stream().map(k -> ShopTables.quoted(k) + "::text").collect(Collectors.joining("||'_'||"));
        try (PreparedStatement asked = connection.prepareStatement("select " + key + ", " + ShopTables.quoted(column)
                + " from " + tables.full(table.name()) + " where " + ShopTables.quoted(column) + " is not null"
                + ordered(table))) {
            asked.setFetchSize(1);
            try (ResultSet found = asked.executeQuery()) {
                while (found.next()) {
                    byte[] bytes = found.getBytes(2);
                    MessageDigest digest = sha256();
                    digest.update(bytes);
                    FileEntry file = new FileEntry(table.name(), column, found.getString(1), bytes.length, hex(digest));
                    zip.putNextEntry(new ZipEntry(file.file()));
                    zip.write(bytes);
                    zip.closeEntry();
                    files.add(file);
                }
            }
        }
    }

    private static String ordered(ShopTables.Table table) {
        return table.key().isEmpty()
                ? ""
                : " order by " + table.key().stream().map(ShopTables::quoted).collect(Collectors.joining(", "));
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    static String hex(MessageDigest digest) {
        return HexFormat.of().formatHex(digest.digest());
    }
}
