package truekeen.app.backup;

import java.time.Instant;
import java.util.List;

/** What is shown of backups. */
public final class BackupRecords {
    private BackupRecords() {}

    /**
     * A backup that is kept; each was read back when it was written.
     *
     * @param why why it was written
     * @param at the moment it is of
     * @param bytes its size
     */
    public record BackupView(String name, KeptBackup.Why why, Instant at, long bytes) {}

    /**
     * The backups of this shop.
     *
     * @param folder where they are kept
     * @param kept the newest first
     * @param failed why the newest could not be written; empty where it could
     * @param shopEmpty whether nobody has put anything in yet, so that a backup can be read in
     */
    public record BackupsView(String folder, List<BackupView> kept, String failed, boolean shopEmpty) {}

    /**
     * What was read in.
     *
     * @param madeAt the moment it was of
     */
    public record RestoredView(Instant madeAt, long rows, int pictures) {}
}
