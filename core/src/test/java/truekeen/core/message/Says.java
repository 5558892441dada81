package truekeen.core.message;

import java.util.HashMap;
import java.util.Map;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Whether a sentence was made of a wording. A test asks for the wording and the figures in it; how it is said stands in the
 * catalogue alone.
 */
public final class Says {
    private static final Pattern PLACE = Pattern.compile("\\{(\\w+)}");

    private Says() {}

    /**
     * The wording stands somewhere in the text.
     *
     * @param namesAndValues what must stand in some of its places; in the others anything may
     */
    public static Predicate<String> the(Wording wording, Object... namesAndValues) {
        Pattern pattern = pattern(wording, namesAndValues);
        return new Predicate<>() {
            @Override
            public boolean test(String said) {
                return pattern.matcher(said).find();
            }

            @Override
            public String toString() {
                return wording + ": " + pattern;
            }
        };
    }

    private static Pattern pattern(Wording wording, Object... namesAndValues) {
        Map<String, String> given = new HashMap<>();
        for (int i = 0; i < namesAndValues.length; i += 2) {
            given.put(String.valueOf(namesAndValues[i]), InWords.value(namesAndValues[i + 1]));
        }
        String words = InWords.placesAndFigures(wording.words());
        StringBuilder regex = new StringBuilder();
        Matcher place = PLACE.matcher(words);
        int at = 0;
        while (place.find()) {
            regex.append(Pattern.quote(words.substring(at, place.start())));
            String value = given.remove(place.group(1));
            regex.append(value == null ? ".*?" : Pattern.quote(value));
            at = place.end();
        }
        if (!given.isEmpty()) {
            throw new IllegalArgumentException(wording + " has no place for " + given.keySet());
        }
        return Pattern.compile(regex.append(Pattern.quote(words.substring(at))).toString(), Pattern.DOTALL);
    }
}
