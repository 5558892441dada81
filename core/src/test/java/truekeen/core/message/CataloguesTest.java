package truekeen.core.message;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Every sentence is asked for with exactly the places it has, and each that stands in a catalogue is said somewhere. */
class CataloguesTest {
    private static final List<Path> ROOTS =
            List.of(Path.of("src/main/java/truekeen/core"), Path.of("../app/src/main/java/truekeen/app"));
    private static final Pattern CATALOGUE = Pattern.compile("enum (\\w+) implements Wording");
    private static final Pattern SENTENCE =
            Pattern.compile("(?m)^    ([A-Z][A-Z0-9_]*)\\(\\s*((?:\"(?:[^\"\\\\]|\\\\.)*\"\\s*\\+?\\s*)+)\\)");
    private static final Pattern PLACE = Pattern.compile("\\{(\\w+)\\}");

    private final Map<String, Set<String>> places = new HashMap<>();
    private final Set<String> asked = new TreeSet<>();
    private final List<String> faults = new ArrayList<>();

    @Test
    void placesAreGivenByTheirNamesAndNoSentenceIsIdle() throws IOException {
        for (Path root : ROOTS) {
            List<Path> files = files(root);
            for (Path file : files) {
                read(file, Files.readString(file));
            }
            for (Path file : files) {
                uses(file, Files.readString(file));
            }
        }
        assertThat(places).hasSizeGreaterThan(1000);
        assertThat(faults).isEmpty();
        assertThat(places.keySet()).isEqualTo(asked);
    }

    private static List<Path> files(Path root) throws IOException {
        try (Stream<Path> all = Files.walk(root)) {
            return all.filter(f -> f.toString().endsWith(".java")).sorted().toList();
        }
    }

    private void read(Path file, String source) {
        Matcher catalogue = CATALOGUE.matcher(source);
        if (!catalogue.find()) {
            return;
        }
        Matcher sentence = SENTENCE.matcher(source);
        while (sentence.find()) {
            Set<String> open = new TreeSet<>();
            PLACE.matcher(sentence.group(2)).results().forEach(r -> open.add(r.group(1)));
            places.put(key(file, catalogue.group(1), sentence.group(1)), open);
        }
    }

    private void uses(Path file, String source) {
        Matcher use = Pattern.compile("\\b(\\w+)\\s*\\.\\s*([A-Z][A-Z0-9_]*)\\b(\\s*\\.(fill|words)\\()?")
                .matcher(source);
        while (use.find()) {
            String key = key(file, use.group(1), use.group(2));
            if (!places.containsKey(key)) {
                continue;
            }
            asked.add(key);
            if (use.group(3) == null) {
                continue;
            }
            Set<String> given = use.group(4).equals("words") ? Set.of() : names(source, use.end());
            if (!given.equals(places.get(key))) {
                faults.add(key + " has " + places.get(key) + " and is given " + given);
            }
        }
    }

    private static String key(Path file, String catalogue, String name) {
        return file.getParent() + " " + catalogue + "." + name;
    }

    /** The first, third, fifth … argument of a call: the names of the places. */
    private static Set<String> names(String source, int from) {
        Set<String> names = new TreeSet<>();
        int depth = 1;
        int argument = 0;
        boolean text = false;
        StringBuilder now = new StringBuilder();
        for (int i = from; depth > 0; i++) {
            char c = source.charAt(i);
            text ^= c == '"' && source.charAt(i - 1) != '\\';
            depth += text ? 0 : "([{".indexOf(c) >= 0 ? 1 : ")]}".indexOf(c) >= 0 ? -1 : 0;
            if (depth == 0 || !text && depth == 1 && c == ',') {
                if (argument++ % 2 == 0 && !now.toString().isBlank()) {
                    names.add(now.toString().trim().replace("\"", ""));
                }
                now.setLength(0);
            } else {
                now.append(c);
            }
        }
        return names;
    }
}
