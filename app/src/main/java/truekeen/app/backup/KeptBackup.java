package truekeen.app.backup;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A backup that was written by itself and is kept beside the shop.
 *
 * @param at the moment it is of
 */
record KeptBackup(String name, Why why, Instant at, long bytes) {
    /** Why it was written. */
    enum Why {
        DAILY,
        STOP,
        /** Somebody asked for it. */
        HAND,
        /** Before the schema was migrated to a newer version. */
        MIGRATION
    }

    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss", Locale.ROOT).withZone(ZoneOffset.UTC);
    private static final Pattern NAME = Pattern.compile("truekeen-(daily|stop|hand|migration)-(\\d{8}-\\d{6})\\.zip");

    /** How such a file is called. */
    static String name(Why why, Instant at) {
        return "truekeen-" + why.name().toLowerCase(Locale.ROOT) + "-" + STAMP.format(at) + ".zip";
    }

    /** A file by its name; empty where it is none of ours. */
    static Optional<KeptBackup> of(String name, long bytes) {
        Matcher found = NAME.matcher(name);
        if (!found.matches()) {
            return Optional.empty();
        }
        try {
            Instant at = LocalDateTime.parse(found.group(2), STAMP).toInstant(ZoneOffset.UTC);
            return Optional.of(new KeptBackup(name, Why.valueOf(found.group(1).toUpperCase(Locale.ROOT)), at, bytes));
        } catch (DateTimeParseException noTime) {
            return Optional.empty();
        }
    }
}
