package truekeen.app.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.postgresql.ds.PGSimpleDataSource;
import truekeen.app.TestDatabase;
import truekeen.core.message.MessageCode;
import truekeen.core.message.RefusedException;

/** A shop written into one file and read into an empty one is the same shop, table by table; nothing else is read. */
class BackupRoundTripTest {
    private static final Instant NOW = Instant.parse("2026-05-14T09:30:00Z");

    @TempDir
    private Path folder;

    private Path written(PGSimpleDataSource source) throws IOException, SQLException {
        Path file = folder.resolve("shop.zip");
        try (Connection connection = source.getConnection()) {
            BackupFolder.written(connection, file, "a test", NOW, (done, of) -> {});
        }
        return file;
    }

    private static BackupManifest read(Path file, PGSimpleDataSource into) throws IOException, SQLException {
        return new ShopRestore(into).from(file, (done, of) -> {});
    }

    @Test
    void theWholeDemonstrationComesBackAsItWas() throws Exception {
        PGSimpleDataSource demo = Shops.at(TestDatabase.demo());
        photographed(demo);
        Path file = written(demo);
        PGSimpleDataSource other = Shops.empty();
        BackupManifest manifest = read(file, other);
        Map<String, String> was = Shops.all(demo);
        assertThat(Shops.all(other)).isEqualTo(was);
        assertThat(was.get("bench_event").lines().count()).isGreaterThan(100);
        assertThat(manifest.files()).hasSize(1);
        assertThat(manifest.madeAt()).isEqualTo(NOW);
        // What is put in afterwards gets numbers of its own.
        try (Connection connection = other.getConnection()) {
            assertThat(Long.parseLong(Shops.text(connection, "select nextval('ticket_number')")))
                    .isGreaterThan(Long.parseLong(Shops.text(connection, "select max(number) from ticket")));
            assertThat(Shops.text(
                            connection, "select count(*) from pg_namespace where nspname in ('restoring', 'replaced')"))
                    .isEqualTo("0");
        }
    }

    /** A photograph, whose bytes are no text. */
    private static void photographed(PGSimpleDataSource source) throws SQLException {
        try (Connection connection = source.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("insert into photo (id, tool_id, taken_at, person, width_px, height_px, jpeg)"
                    + " select gen_random_uuid(), id, now(), 'nobody', 4, 3, '\\x00ff0a0d22' from tool limit 1");
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "v1", "v2", "v3", "v4", "v5", "v6", "v7", "v8", "v9", "v10", "v11", "v12", "v14", "v15", "v16", "v17",
                "v18", "v19", "v22", "v23"
            })
    void aBackupOfAnyReleasedVersionIsReadByThisOne(String shop) throws Exception {
        PGSimpleDataSource released = Shops.released(shop);
        Path file = written(released);
        PGSimpleDataSource other = Shops.empty();
        read(file, other);
        // The same as if the shop itself had been brought up to date.
        Shops.migrate(released);
        Map<String, String> migrated = Shops.all(released);
        assertThat(Shops.all(other)).isEqualTo(migrated);
        assertThat(migrated.get("tool").lines().count()).isPositive();
    }

    @Test
    void onlyAnEmptyShopIsReplaced() throws Exception {
        Path file = written(Shops.empty());
        PGSimpleDataSource other = Shops.empty();
        try (Connection connection = other.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("insert into person (id, name) values (gen_random_uuid(), 'someone')");
        }
        Map<String, String> before = Shops.all(other);
        refused(file, other, MessageCode.SHOP_NOT_EMPTY);
        assertThat(Shops.all(other)).isEqualTo(before);
    }

    @Test
    void whatIsNoBackupOrADamagedOneChangesNothing() throws Exception {
        PGSimpleDataSource empty = Shops.empty();
        Map<String, String> before = Shops.all(empty);
        Path text = folder.resolve("text.zip");
        Files.writeString(text, "no zip at all");
        refused(text, empty, MessageCode.BACKUP_UNREADABLE);
        Path whole = written(Shops.released("v18"));
        Path cut = folder.resolve("cut.zip");
        byte[] bytes = Files.readAllBytes(whole);
        Files.write(cut, java.util.Arrays.copyOf(bytes, bytes.length / 2));
        refused(cut, empty, MessageCode.BACKUP_UNREADABLE);
        refused(without("backup.json", whole), empty, MessageCode.BACKUP_UNREADABLE);
        refused(without("tables/tool.jsonl", whole), empty, MessageCode.BACKUP_DAMAGED);
        refused(
                changed(whole, Map.of("tables/tool.jsonl", rows -> rows.replaceFirst("chisel", "weasel"))),
                empty,
                MessageCode.BACKUP_DAMAGED);
        refused(
                changed(whole, Map.of("backup.json", m -> m.replace("\"schema\" : \"18\"", "\"schema\" : \"999\""))),
                empty,
                MessageCode.BACKUP_NEWER);
        refused(
                changed(whole, Map.of("backup.json", m -> m.replace("\"format\" : 1", "\"format\" : 2"))),
                empty,
                MessageCode.BACKUP_NEWER);
        refused(
                changed(whole, Map.of("backup.json", m -> m.replace("\"wanted_by\"", "\"wanted_at\""))),
                empty,
                MessageCode.BACKUP_UNREADABLE);
        refused(
                changed(whole, Map.of("backup.json", m -> m.replace("\"name\" : \"tool\"", "\"name\" : \"../tool\""))),
                empty,
                MessageCode.BACKUP_UNREADABLE);
        assertThat(Shops.all(empty)).isEqualTo(before);
    }

    @Test
    void rowsThatDoNotFitEachOtherChangeNothing() throws Exception {
        PGSimpleDataSource empty = Shops.empty();
        Map<String, String> before = Shops.all(empty);
        // No owner is left for the tools, and the manifest says so rightly.
        Path file = changed(
                written(Shops.released("v18")),
                Map.of(
                        "tables/crew.jsonl",
                        rows -> "",
                        "backup.json",
                        m -> m.replaceFirst(
                                "(\"name\" : \"crew\",\\s+\"columns\" : \\[[^]]*],\\s+\"rows\" : )\\d+(,\\s+\"sha256\" : \")[0-9a-f]+",
                                "$10$2" + BackupWriter.hex(BackupWriter.sha256()))));
        refused(file, empty, MessageCode.BACKUP_UNREADABLE);
        assertThat(Shops.all(empty)).isEqualTo(before);
    }

    @Test
    void aStopWhileItIsReadLeavesTheShopEmpty() throws Exception {
        Path file = written(Shops.released("v18"));
        PGSimpleDataSource empty = Shops.empty();
        Map<String, String> before = Shops.all(empty);
        assertThatThrownBy(() -> new ShopRestore(empty).from(file, (done, of) -> {
                    if (done == of / 2) {
                        throw new RefusedException(truekeen.core.message.Refusal.of(MessageCode.STOPPED, "run", ""));
                    }
                }))
                .isInstanceOf(RefusedException.class);
        assertThat(Shops.all(empty)).isEqualTo(before);
        read(file, empty);
        assertThat(Shops.all(empty)).isNotEqualTo(before);
    }

    @Test
    void theCommandsWriteAndReadWithoutTheService() throws Exception {
        PGSimpleDataSource shop = Shops.released("v19");
        Path file = folder.resolve("by-command.zip");
        assertThat(BackupCommand.asked("--backup", file.toString())).isTrue();
        assertThat(BackupCommand.asked("--server.port=1")).isFalse();
        assertThat(BackupCommand.run(shop, "--backup", file.toString())).isZero();
        // Into a database that has no table yet, as on a new machine.
        PGSimpleDataSource bare = Shops.at(TestDatabase.fresh());
        assertThat(BackupCommand.run(bare, "--restore", file.toString())).isZero();
        // Tables that came after that version are empty.
        Map<String, String> before = new TreeMap<>(Shops.all(shop));
        before.remove("sequences");
        assertThat(Shops.all(bare)).containsAllEntriesOf(before).containsEntry("change_kept", "");
        assertThat(BackupCommand.run(bare, "--restore", file.toString())).isNotZero();
        Path stops = folder.resolve("stops");
        assertThat(BackupCommand.run(shop, "--backup-on-stop", stops.toString()))
                .isZero();
        assertThat(new BackupFolder(stops).kept()).extracting(KeptBackup::why).containsExactly(KeptBackup.Why.STOP);
        // Of an empty shop none is kept.
        assertThat(BackupCommand.run(
                        Shops.empty(),
                        "--backup-on-stop",
                        folder.resolve("none").toString()))
                .isZero();
        assertThat(folder.resolve("none")).doesNotExist();
    }

    private static void refused(Path file, PGSimpleDataSource into, MessageCode code) {
        assertThatThrownBy(() -> read(file, into))
                .isInstanceOfSatisfying(
                        RefusedException.class,
                        e -> assertThat(e.refusals()).extracting(r -> r.code()).containsExactly(code));
    }

    private Path without(String entry, Path file) throws IOException {
        return rewritten(file, entry, Map.of());
    }

    private Path changed(Path file, Map<String, UnaryOperator<String>> changes) throws IOException {
        return rewritten(file, "", changes);
    }

    private Path rewritten(Path file, String left, Map<String, UnaryOperator<String>> changes) throws IOException {
        Path other = Files.createTempFile(folder, "changed", ".zip");
        Map<String, UnaryOperator<String>> open = new HashMap<>(changes);
        try (ZipFile zip = new ZipFile(file.toFile());
                ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(other))) {
            for (ZipEntry entry : zip.stream().toList()) {
                if (entry.getName().equals(left)) {
                    continue;
                }
                byte[] bytes = zip.getInputStream(entry).readAllBytes();
                UnaryOperator<String> change = open.remove(entry.getName());
                if (change != null) {
                    String before = new String(bytes, StandardCharsets.UTF_8);
                    String after = change.apply(before);
                    assertThat(after).as("%s is changed", entry.getName()).isNotEqualTo(before);
                    bytes = after.getBytes(StandardCharsets.UTF_8);
                }
                out.putNextEntry(new ZipEntry(entry.getName()));
                out.write(bytes);
                out.closeEntry();
            }
        }
        assertThat(open).as("entries that are not in it").isEmpty();
        return other;
    }
}
