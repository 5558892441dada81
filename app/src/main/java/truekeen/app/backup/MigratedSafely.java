package truekeen.app.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.flyway.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.InstallationFacts;
import truekeen.app.platform.SchemaRepair;
import truekeen.app.platform.Settings;

/** Before the schema of a shop is migrated to a newer version a backup of it is written. */
@Component
class MigratedSafely implements FlywayMigrationStrategy {
    private static final Logger LOG = LoggerFactory.getLogger(MigratedSafely.class);

    private final Settings settings;
    private final BenchClock clock;

    MigratedSafely(Settings settings, BenchClock clock) {
        this.settings = settings;
        this.clock = clock;
    }

    @Override
    public void migrate(Flyway flyway) {
        DataSource source = flyway.getConfiguration().getDataSource();
        SchemaRepair.repair(source);
        boolean older = flyway.info().current() != null && flyway.info().pending().length > 0;
        if (older) {
            settings.backupsFolder().ifPresent(f -> copy(source, new BackupFolder(f), clock.instant()));
        }
        flyway.migrate();
    }

    private static void copy(DataSource source, BackupFolder folder, Instant now) {
        try (Connection connection = source.getConnection()) {
            var file = folder.write(
                    connection, KeptBackup.Why.MIGRATION, InstallationFacts.application(), now, (done, of) -> {});
            LOG.info("Before migrating, a backup was written to {}", file);
        } catch (IOException e) {
            throw new UncheckedIOException("no backup could be written, so nothing is migrated", e);
        } catch (SQLException e) {
            throw new IllegalStateException("no backup could be written, so nothing is migrated", e);
        }
    }
}
