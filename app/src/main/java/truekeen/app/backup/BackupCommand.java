package truekeen.app.backup;

import ch.qos.logback.classic.Level;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import org.postgresql.ds.PGSimpleDataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.InstallationFacts;
import truekeen.core.message.RefusedException;

/**
 * Backups by command, without the service: {@code --backup FILE}, {@code --backup-on-stop FOLDER}, {@code --restore FILE}. The
 * database is named by the environment, as for the service.
 */
public final class BackupCommand {
    private static final int DONE = 0;
    private static final int REFUSED = 2;
    private static final int FAILED = 1;

    private BackupCommand() {}

    /** Whether the arguments ask for it. */
    public static boolean asked(String... arguments) {
        return arguments.length == 2
                && (arguments[0].equals("--backup")
                        || arguments[0].equals("--backup-on-stop")
                        || arguments[0].equals("--restore"));
    }

    /** Does it; gives what the process ends with. */
    public static int run(String... arguments) {
        if (LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME) instanceof ch.qos.logback.classic.Logger root) {
            // What is said is for the person at the command.
            root.setLevel(Level.WARN);
        }
        PGSimpleDataSource source = new PGSimpleDataSource();
        source.setUrl(System.getenv("TRUEKEEN_DB_URL"));
        source.setUser(System.getenv("TRUEKEEN_DB_USER"));
        source.setPassword(System.getenv("TRUEKEEN_DB_PASSWORD"));
        return run(source, arguments);
    }

    static int run(PGSimpleDataSource source, String... arguments) {
        Path path = Path.of(arguments[1]);
        try {
            switch (arguments[0]) {
                case "--restore" -> restored(source, path);
                case "--backup" -> written(source, path);
                default -> onStop(source, path);
            }
            return DONE;
        } catch (RefusedException e) {
            e.refusals().forEach(r -> System.err.println(r.words()));
            return REFUSED;
        } catch (IOException | SQLException e) {
            System.err.println(e.getMessage());
            return FAILED;
        }
    }

    private static void restored(PGSimpleDataSource source, Path path) throws IOException, SQLException {
        BackupManifest manifest = new ShopRestore(source).from(path, (done, of) -> {});
        System.out.println(BackupWords.RESTORED.fill(
                "rows", manifest.rows(), "pictures", manifest.files().size(), "at", manifest.madeAt()));
    }

    private static void written(PGSimpleDataSource source, Path path) throws IOException, SQLException {
        try (Connection connection = source.getConnection()) {
            BackupManifest manifest = BackupFolder.written(
                    connection, path, InstallationFacts.application(), BenchClock.real(), (done, of) -> {});
            System.out.println(BackupWords.WRITTEN.fill(
                    "rows", manifest.rows(), "pictures", manifest.files().size(), "file", path));
        }
    }

    private static void onStop(PGSimpleDataSource source, Path folder) throws IOException, SQLException {
        if (new ShopRestore(source).empty()) {
            return;
        }
        try (Connection connection = source.getConnection()) {
            Path file = new BackupFolder(folder)
                    .write(
                            connection,
                            KeptBackup.Why.STOP,
                            InstallationFacts.application(),
                            BenchClock.real(),
                            (done, of) -> {});
            System.out.println(file);
        }
    }
}
