package truekeen.app.platform;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Settings of the service.
 *
 * @param allowedHosts host names a request may name
 * @param demo whether an empty database is filled with the demonstration
 * @param clock instant (ISO) the clock starts from, for pictures and tests; empty for the real time
 * @param devices where instruments are to be found, as {@code host:port}, by name: angle-gauge, thread-tester, thermometer
 * @param backups folder for the backups that are written by themselves; empty for none
 */
@ConfigurationProperties("truekeen")
public record Settings(
        List<String> allowedHosts, boolean demo, String clock, Map<String, String> devices, String backups) {
    /** Folder for the backups that are written by themselves. */
    public Optional<Path> backupsFolder() {
        return Optional.ofNullable(backups).filter(b -> !b.isBlank()).map(Path::of);
    }
}
