package truekeen.app.platform;

import jakarta.annotation.Nullable;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is served here. */
@RestController
@RequestMapping("/api/v1/installation")
class InstallationController {
    private final Settings settings;
    private final DiskRoom room;
    private final Flyway flyway;
    /** It does not change while the service runs. */
    private volatile String edition = "";

    InstallationController(Settings settings, DiskRoom room, Flyway flyway) {
        this.settings = settings;
        this.room = room;
        this.flyway = flyway;
    }

    /**
     * What is served here.
     *
     * @param demonstration whether it is the made-up demonstration, and not a shop's own records
     * @param application what this is, and of which version
     * @param edition of the records: the number of their last migration
     * @param roomLeftMb megabytes that are left on the disk, where they are few; else null
     */
    record InstallationView(boolean demonstration, String application, String edition, @Nullable Long roomLeftMb) {}

    @GetMapping
    InstallationView installation() {
        long left = room.leftMbIfFew();
        return new InstallationView(
                settings.demo(), InstallationFacts.application(), edition(), left < 0 ? null : left);
    }

    private String edition() {
        if (edition.isEmpty()) {
            try {
                MigrationInfo current = flyway.info().current();
                edition = current == null || current.getVersion() == null
                        ? ""
                        : current.getVersion().getVersion();
            } catch (FlywayException away) {
                // The store is away: it is said the next time.
                return "";
            }
        }
        return edition;
    }
}
