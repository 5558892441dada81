/**
 * All records of a shop in one file, and back: written by a button, a command, daily, when the service stops, and before a
 * schema is migrated.
 *
 * <p>The format is open and described in {@code docs/backup-format.md}: a zip of one list of JSON lines for each table, the
 * pictures as files, and a manifest with counts and checksums. A file is read back before it is called a backup.
 *
 * <p>Invariants: a backup is one moment of the store; what is read in replaces an empty shop whole, or nothing of it. A backup
 * of an earlier version is read as that version left it and then migrated. Not robust against: a file edited by hand whose
 * checksums were made to fit; its rows are taken as they are, as long as they refer to each other.
 */
package truekeen.app.backup;
