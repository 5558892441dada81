package truekeen.app.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import truekeen.app.platform.Runs;

/** Where backups are kept that are written by themselves. A file is read back before it gets its name. */
final class BackupFolder {
    private final Path folder;

    BackupFolder(Path folder) {
        this.folder = folder;
    }

    Path path() {
        return folder;
    }

    /** What is kept, the newest first. */
    List<KeptBackup> kept() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.flatMap(f -> KeptBackup.of(f.getFileName().toString(), size(f)).stream())
                    .sorted(Comparator.comparing(KeptBackup::at).reversed())
                    .toList();
        }
    }

    private static long size(Path file) {
        try {
            return Files.size(file);
        } catch (IOException gone) {
            return 0;
        }
    }

    /** One that is kept, by its name. */
    Optional<Path> file(String name) throws IOException {
        return kept().stream().filter(b -> b.name().equals(name)).findFirst().map(b -> folder.resolve(b.name()));
    }

    /** Writes one, reads it back, and lets go of what need not be kept any more. */
    Path write(Connection connection, KeptBackup.Why why, String application, Instant now, Runs.Progress progress)
            throws IOException, SQLException {
        Files.createDirectories(folder);
        Path file = folder.resolve(KeptBackup.name(why, now));
        written(connection, file, application, now, progress);
        for (KeptBackup old : Rotation.surplus(kept())) {
            Files.deleteIfExists(folder.resolve(old.name()));
        }
        return file;
    }

    /** Writes a backup to a file and reads it back. */
    static BackupManifest written(
            Connection connection, Path file, String application, Instant now, Runs.Progress progress)
            throws IOException, SQLException {
        Path folder = file.toAbsolutePath().getParent();
        Path part = Files.createTempFile(folder, ".truekeen-", ".part");
        try {
            BackupManifest manifest;
            try (OutputStream out = Files.newOutputStream(part)) {
                manifest = BackupWriter.write(connection, out, application, now, progress);
            }
            BackupFile.open(part).close();
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            return manifest;
        } finally {
            Files.deleteIfExists(part);
        }
    }
}
