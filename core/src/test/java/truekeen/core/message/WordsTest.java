package truekeen.core.message;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Words stand in catalogues, a place a package; code decides and names them. */
class WordsTest {
    private static final Path CORE = Path.of("src/main/java/truekeen/core");
    private static final Path APP = Path.of("../app/src/main/java/truekeen/app");
    private static final Pattern STRING = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");
    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/|//[^\\n]*", Pattern.DOTALL);
    /** A catalogue, or a constant of one that is declared inside a type. */
    private static final Pattern CATALOGUE = Pattern.compile("(?m)^(public )?enum ");

    private static final Pattern CONSTANT = Pattern.compile("\\s+[A-Z][A-Z0-9_]*\\(.*");
    /** What a programmer did wrong is not said to people at the bench. */
    private static final Pattern FAULT_OF_THE_PROGRAM =
            Pattern.compile("(Exception|Error|require|orElseThrow)\\([^;]*$|LOG\\.[^;]*$", Pattern.DOTALL);

    /** Nor is a question to the database, nor the name of a file. */
    private static final Pattern QUERY = Pattern.compile(
            "\"\\s*\\(?(select|insert|update|delete|attachment;) |Query\\(|SQLRestriction\\(|hand sums");

    /** Tables of inputs and acts, which are catalogues in the form of lists; and what words are made of. */
    private static final Set<String> TABLES = Set.of(
            "reference",
            "machine/Isolation.java",
            "tool/Dimensions.java",
            "tool/Refusals.java",
            "holding/HolderParts.java",
            "message",
            "section");

    /** The demonstration, and what speaks to programs: the wire and its description, stored words, drawings. */
    private static final Set<String> WIRING = Set.of(
            "demo",
            "platform",
            "access/SelfMadeCertificate.java",
            "backup/BackupWriter.java",
            "backup/ShopRestore.java",
            "backup/ShopTables.java",
            "store",
            "plan/StoredSteps.java",
            "print/SvgPage.java",
            "reference/CalculatorPaths.java");

    private enum Sample implements Wording {
        BURR("Feel for it on {where}, {times} times."),
        NONE("There is none.");

        private final String words;

        Sample(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    @Test
    void placesAreFilledByName() {
        assertThat(Sample.BURR.fill("times", 3, "where", "the back")).isEqualTo("Feel for it on the back, 3 times.");
        assertThat(Sample.BURR.fill("where", "{times}", "times", 1)).isEqualTo("Feel for it on {times}, 1 times.");
        assertThat(Sample.NONE.fill()).isEqualTo("There is none.");
    }

    @Test
    void aPlaceLeftOpenOrOneTooManyIsRefused() {
        assertThatThrownBy(() -> Sample.BURR.fill("where", "the back"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("times");
        assertThatThrownBy(() -> Sample.NONE.fill("where", "the back")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void noSentenceOfTheCoreStandsOutsideACatalogue() {
        assertThat(outside(CORE, TABLES)).isEmpty();
    }

    @Test
    void noSentenceOfTheServiceStandsOutsideACatalogue() {
        assertThat(outside(APP, WIRING)).isEmpty();
    }

    private static List<String> outside(Path sources, Set<String> leftOut) {
        List<String> found = new ArrayList<>();
        for (Path file : files(sources)) {
            String name = sources.relativize(file).toString().replace('\\', '/');
            if (leftOut.stream().noneMatch(name::startsWith)) {
                found.addAll(sentences(name, text(file)));
            }
        }
        assertThat(files(sources)).hasSizeGreaterThan(100);
        return found;
    }

    @Test
    void theSearchFindsASentence() {
        String code = "class A { String a() { return b ? \"Feel for the burr.\" : \"x\"; } }";
        assertThat(sentences("A.java", code)).hasSize(1);
        assertThat(sentences("A.java", "class A { // \"Feel for the burr.\"\n }"))
                .isEmpty();
        assertThat(sentences("A.java", "enum A {\n    BURR(\"Feel for the burr.\");\n}"))
                .isEmpty();
        assertThat(sentences("A.java", "class A { { throw new IllegalStateException(\"not so\"); } }"))
                .isEmpty();
    }

    private static List<String> sentences(String name, String source) {
        String code = COMMENT.matcher(source).replaceAll("");
        List<String> found = new ArrayList<>();
        if (CATALOGUE.matcher(code).find()) {
            return found;
        }
        Matcher string = STRING.matcher(code);
        while (string.find()) {
            String words = string.group(1);
            boolean sentence = words.trim().split("\\s+").length > 1 && words.matches(".*[a-z]{2}.*");
            String before = code.substring(0, string.start());
            String statement = before.substring(Math.max(before.lastIndexOf(';'), before.lastIndexOf('{')) + 1);
            boolean constant = CONSTANT.matcher(before.substring(before.lastIndexOf('\n') + 1) + " ")
                            .matches()
                    || CONSTANT.matcher(lineBefore(before)).matches();
            if (sentence && !constant && !excused(statement + string.group())) {
                found.add(name + ": " + words);
            }
        }
        return found;
    }

    private static boolean excused(String statement) {
        return FAULT_OF_THE_PROGRAM.matcher(statement).find()
                || QUERY.matcher(statement).find();
    }

    private static String lineBefore(String text) {
        int end = text.lastIndexOf('\n');
        return end < 0 ? "" : text.substring(text.lastIndexOf('\n', end - 1) + 1, end);
    }

    private static List<Path> files(Path sources) {
        try (Stream<Path> files = Files.walk(sources)) {
            return files.filter(f -> f.toString().endsWith(".java")).sorted().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
