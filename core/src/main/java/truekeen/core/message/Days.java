package truekeen.core.message;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Printing of days for people. */
public final class Days {
    private static final DateTimeFormatter WORDS = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.UK);

    private Days() {}

    /** A day such as {@code 12 June 2026}. */
    public static String words(LocalDate day) {
        return WORDS.format(day);
    }
}
