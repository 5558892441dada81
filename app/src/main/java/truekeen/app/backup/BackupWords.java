package truekeen.app.backup;

import truekeen.core.message.Wording;

/** Backups in words. */
enum BackupWords implements Wording {
    NO_ZIP("it is no zip file, or ends before its end"),
    NO_MANIFEST("backup.json is missing in it, or is not what belongs there"),
    ODD_NAME("it names something that cannot be in a backup"),
    OTHER_COLUMNS("its table “{table}” has other columns than that version had"),
    NOT_WRITTEN("The newest backup could not be written: {why}"),
    WRITTEN("{rows} records and {pictures} pictures were written to {file} and read back."),
    RESTORED("{rows} records and {pictures} pictures were read in, as they were at {at}."),
    DOES_NOT_FIT("its rows do not fit each other or their table");

    private final String words;

    BackupWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
