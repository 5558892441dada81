package truekeen.app.backup;

import com.zaxxer.hikari.HikariDataSource;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.jdbc.support.SQLErrorCodeSQLExceptionTranslator;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.util.FileSystemUtils;
import truekeen.app.backup.BackupRecords.BackupView;
import truekeen.app.backup.BackupRecords.BackupsView;
import truekeen.app.backup.BackupRecords.RestoredView;
import truekeen.app.history.ShopReplaced;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.InstallationFacts;
import truekeen.app.platform.Runs;
import truekeen.app.platform.Settings;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** Backups of the shop that runs here: by hand, daily, and read into an empty one. */
@Service
public class BackupService {
    private static final Logger LOG = LoggerFactory.getLogger(BackupService.class);
    private static final Duration EACH = Duration.ofHours(24);

    private final DataSource source;
    private final BenchClock clock;
    private final Runs runs;
    private final ApplicationEventPublisher events;
    private final BackupFolder folder;
    private final boolean daily;
    private volatile String failed = "";

    BackupService(DataSource source, Settings settings, BenchClock clock, Runs runs, ApplicationEventPublisher events) {
        this.source = source;
        this.clock = clock;
        this.runs = runs;
        this.events = events;
        this.daily = settings.backupsFolder().isPresent();
        this.folder = new BackupFolder(settings.backupsFolder().orElseGet(BackupService::ownFolder));
    }

    /** Leaves no folder behind that nobody named. */
    @PreDestroy
    void close() throws IOException {
        if (!daily) {
            FileSystemUtils.deleteRecursively(folder.path());
        }
    }

    /** Where none was named, as in a test, backups are written on asking only, and last as long as the process. */
    private static Path ownFolder() {
        try {
            return Files.createTempDirectory("truekeen-backups-");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What is kept. */
    public BackupsView backups() {
        try {
            return new BackupsView(
                    folder.path().toString(),
                    folder.kept().stream()
                            .map(b -> new BackupView(b.name(), b.why(), b.at(), b.bytes()))
                            .toList(),
                    failed,
                    new ShopRestore(source).empty());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (SQLException e) {
            throw unreached(e);
        }
    }

    /** Writes one now. */
    public BackupsView write(Optional<UUID> run) {
        write(KeptBackup.Why.HAND, runs.begin(run));
        return backups();
    }

    private void write(KeptBackup.Why why, Runs.Progress progress) {
        try (Connection connection = source.getConnection()) {
            folder.write(connection, why, InstallationFacts.application(), clock.instant(), progress);
            failed = "";
        } catch (IOException e) {
            failed = BackupWords.NOT_WRITTEN.fill("why", String.valueOf(e.getMessage()));
            throw new UncheckedIOException(e);
        } catch (SQLException e) {
            throw unreached(e);
        }
    }

    /** A kept backup's file. */
    Path file(String name) {
        try {
            return folder.file(name)
                    .orElseThrow(() -> new RefusedException(Refusal.of(MessageCode.NO_SUCH_BACKUP, "name", name)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Reads a backup into the shop, which must be empty: all of it or nothing. */
    public RestoredView restore(InputStream sent, Optional<UUID> run) {
        Path file = null;
        try {
            file = Files.createTempFile("truekeen-", ".zip");
            Files.copy(sent, file, StandardCopyOption.REPLACE_EXISTING);
            BackupManifest manifest = new ShopRestore(source).from(file, runs.begin(run));
            // What connections remember of the tables that were there is of no use any more.
            HikariDataSource pool =
                    source.isWrapperFor(HikariDataSource.class) ? source.unwrap(HikariDataSource.class) : null;
            if (pool != null && pool.getHikariPoolMXBean() != null) {
                pool.getHikariPoolMXBean().softEvictConnections();
            }
            events.publishEvent(new ShopReplaced());
            return new RestoredView(
                    manifest.madeAt(), manifest.rows(), manifest.files().size());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (SQLException e) {
            throw unreached(e);
        } finally {
            delete(file);
        }
    }

    private static void delete(Path file) {
        try {
            if (file != null) {
                Files.deleteIfExists(file);
            }
        } catch (IOException left) {
            LOG.warn("A file for the time of reading a backup could not be deleted", left);
        }
    }

    private RuntimeException unreached(SQLException e) {
        return new SQLErrorCodeSQLExceptionTranslator(source).translate("backup", null, e);
    }

    /** Looks each hour whether the newest backup is a day old. */
    @Scheduled(initialDelayString = "PT2M", fixedDelayString = "PT1H")
    void eachDay() {
        if (!daily) {
            return;
        }
        try {
            Instant now = clock.instant();
            boolean due =
                    folder.kept().stream().noneMatch(b -> b.at().plus(EACH).isAfter(now));
            if (due && !new ShopRestore(source).empty()) {
                write(KeptBackup.Why.DAILY, (done, of) -> {});
            }
        } catch (IOException | SQLException | RuntimeException e) {
            failed = BackupWords.NOT_WRITTEN.fill("why", String.valueOf(e.getMessage()));
            LOG.error("The daily backup could not be written", e);
        }
    }
}
