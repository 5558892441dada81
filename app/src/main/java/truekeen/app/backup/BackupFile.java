package truekeen.app.backup;

import java.io.BufferedReader;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import truekeen.app.backup.BackupManifest.FileEntry;
import truekeen.app.backup.BackupManifest.TableEntry;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/** A backup, opened and read to its end: each row counted, each checksum held against what was written. */
final class BackupFile implements Closeable {
    private static final int MOST_MANIFEST_BYTES = 50_000_000;
    private static final String PLAIN = "[A-Za-z0-9_-]+";

    private final ZipFile zip;
    private final BackupManifest manifest;

    private BackupFile(ZipFile zip) throws IOException {
        this.zip = zip;
        this.manifest = manifest(zip);
    }

    /** Opens a file and reads all of it; what is no backup, or a damaged one, is refused. */
    static BackupFile open(Path path) throws IOException {
        ZipFile zip;
        try {
            zip = new ZipFile(path.toFile(), StandardCharsets.UTF_8);
        } catch (ZipException e) {
            throw unreadable(BackupWords.NO_ZIP);
        }
        try {
            BackupFile file = new BackupFile(zip);
            file.check();
            return file;
        } catch (IOException | RuntimeException e) {
            zip.close();
            throw e;
        }
    }

    BackupManifest manifest() {
        return manifest;
    }

    private static BackupManifest manifest(ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(BackupManifest.NAME);
        if (entry == null || entry.getSize() > MOST_MANIFEST_BYTES) {
            throw unreadable(BackupWords.NO_MANIFEST);
        }
        try (InputStream in = zip.getInputStream(entry)) {
            BackupManifest manifest =
                    BackupWriter.JSON.readValue(in.readNBytes(MOST_MANIFEST_BYTES), BackupManifest.class);
            if (manifest == null || manifest.tables() == null || manifest.schema() == null) {
                throw unreadable(BackupWords.NO_MANIFEST);
            }
            if (manifest.format() != BackupManifest.FORMAT) {
                throw new RefusedException(Refusal.of(MessageCode.BACKUP_NEWER, "file", manifest.format())
                        .with("high", BackupManifest.FORMAT));
            }
            return manifest;
        } catch (com.fasterxml.jackson.core.JsonProcessingException e) {
            throw unreadable(BackupWords.NO_MANIFEST);
        }
    }

    private void check() throws IOException {
        for (TableEntry table : manifest.tables()) {
            plain(table.name());
            long lines = 0;
            MessageDigest digest = BackupWriter.sha256();
            try (InputStream in = new DigestInputStream(open(table.file()), digest)) {
                byte[] some = new byte[1 << 16];
                for (int n = in.read(some); n >= 0; n = in.read(some)) {
                    for (int i = 0; i < n; i++) {
                        lines += some[i] == '\n' ? 1 : 0;
                    }
                }
            } catch (ZipException e) {
                throw damaged(table.file());
            }
            if (lines != table.rows() || !BackupWriter.hex(digest).equals(table.sha256())) {
                throw damaged(table.file());
            }
        }
        for (FileEntry file : manifest.files()) {
            MessageDigest digest = BackupWriter.sha256();
            digest.update(bytes(file));
            if (!BackupWriter.hex(digest).equals(file.sha256())) {
                throw damaged(file.file());
            }
        }
    }

    /** The rows of a table, each a line of JSON. */
    BufferedReader rows(TableEntry table) throws IOException {
        return new BufferedReader(new InputStreamReader(open(table.file()), StandardCharsets.UTF_8));
    }

    byte[] bytes(FileEntry file) throws IOException {
        plain(file.table());
        plain(file.column());
        plain(file.key());
        try (InputStream in = open(file.file())) {
            byte[] bytes = in.readNBytes((int) Math.min(Integer.MAX_VALUE - 8, file.bytes() + 1));
            if (bytes.length != file.bytes()) {
                throw damaged(file.file());
            }
            return bytes;
        } catch (ZipException e) {
            throw damaged(file.file());
        }
    }

    private InputStream open(String name) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw damaged(name);
        }
        return zip.getInputStream(entry);
    }

    private static void plain(String name) {
        if (name == null || !name.matches(PLAIN)) {
            throw unreadable(BackupWords.ODD_NAME);
        }
    }

    static RefusedException unreadable(BackupWords what) {
        return new RefusedException(
                Refusal.of(MessageCode.BACKUP_UNREADABLE, "file", "").with("what", what.words()));
    }

    private static RefusedException damaged(String what) {
        return new RefusedException(Refusal.of(MessageCode.BACKUP_DAMAGED, "file", what));
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }
}
