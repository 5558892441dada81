package truekeen.core.template;

import java.util.ArrayList;
import java.util.List;

/** Words broken into lines of so many letters at most; a word that is longer stands alone. */
final class Wrapped {
    private Wrapped() {}

    static List<String> lines(String text, int letters) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (line.length() > 0 && line.length() + 1 + word.length() > letters) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.length() > 0 ? " " : "").append(word);
        }
        lines.add(line.toString());
        return lines;
    }
}
