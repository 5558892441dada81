package truekeen.app.access;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * How other devices of the network are served.
 *
 * @param served whether they are
 * @param port at which; 0 for any that is free
 * @param folder where the certificate and its key are kept
 */
@ConfigurationProperties("truekeen.lan")
public record LanSettings(boolean served, int port, String folder) {
    Path place() {
        return Path.of(folder);
    }
}
