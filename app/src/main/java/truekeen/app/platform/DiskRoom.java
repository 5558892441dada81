package truekeen.app.platform;

import java.io.File;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** How much room is left on the disk that the shop is kept on: said before it is full. */
@Component
class DiskRoom {
    private final File at;
    private final long spareMb;

    DiskRoom(Settings settings, @Value("${truekeen.spare-room-mb:1000}") long spareMb) {
        this.at = there(settings.backupsFolder().orElse(Path.of("")).toAbsolutePath());
        this.spareMb = spareMb;
    }

    /** The folder itself may not have been made yet. */
    private static File there(Path path) {
        Path up = path;
        while (up.getParent() != null && !up.toFile().exists()) {
            up = up.getParent();
        }
        return up.toFile();
    }

    /** Megabytes that are left where they are few; -1 where there is room enough. */
    long leftMbIfFew() {
        long left = at.getUsableSpace() / 1_000_000;
        return left < spareMb ? left : -1;
    }
}
