package truekeen.app.backup;

import java.time.Instant;
import java.util.List;

/**
 * What a backup says of itself, in {@code backup.json}.
 *
 * @param format version of the format
 * @param application what wrote it
 * @param schema version of the schema its rows are of
 * @param madeAt the moment it is of
 */
record BackupManifest(
        int format,
        String application,
        String schema,
        Instant madeAt,
        List<TableEntry> tables,
        List<FileEntry> files,
        List<SequenceEntry> sequences) {
    /** The version of the format that is written, and the only one there is. */
    static final int FORMAT = 1;

    static final String NAME = "backup.json";

    /** The rows of a table, in {@code tables/NAME.jsonl}. */
    record TableEntry(String name, List<String> columns, long rows, String sha256) {
        String file() {
            return "tables/" + name + ".jsonl";
        }
    }

    /** A value that is no text, such as a photograph: {@code files/TABLE/COLUMN/KEY}. */
    record FileEntry(String table, String column, String key, long bytes, String sha256) {
        String file() {
            return "files/" + table + "/" + column + "/" + key;
        }
    }

    /** Where a sequence of numbers stands. */
    record SequenceEntry(String name, long last, boolean called) {}

    /** Rows in all. */
    long rows() {
        return tables.stream().mapToLong(TableEntry::rows).sum();
    }
}
