package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.jar.JarFile;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import org.junit.jupiter.api.Test;

/** What is shipped says what it is made of. */
class NoticeIT {
    private static final Pattern LIBRARY = Pattern.compile("BOOT-INF/lib/(.+?)-\\d.*\\.jar");

    @Test
    void theJarNamesEveryLibraryAndCarriesTheLicencesOfItsFonts() throws IOException {
        try (JarFile jar = new JarFile(shipped().toFile())) {
            List<String> entries = jar.stream().map(ZipEntry::getName).toList();
            String notice = text(jar, "META-INF/NOTICE");
            assertThat(entries)
                    .filteredOn(e -> LIBRARY.matcher(e).matches() && !e.contains("truekeen"))
                    .hasSizeGreaterThan(40)
                    .allSatisfy(e -> {
                        Matcher named = LIBRARY.matcher(e);
                        assertThat(named.matches()).isTrue();
                        assertThat(notice).contains(named.group(1));
                    });
            assertThat(entries).contains("META-INF/LICENSE");
            List<String> fonts = entries.stream()
                    .filter(e -> e.contains("/static/assets/") && e.endsWith(".woff2"))
                    .map(e -> e.replaceAll(".*/assets/([a-z-]+\\d?)-latin.*", "$1"))
                    .distinct()
                    .toList();
            assertThat(fonts).isNotEmpty().allSatisfy(font -> assertThat(
                            text(jar, "META-INF/licenses/" + font + "-OFL-1.1.txt"))
                    .contains("SIL OPEN FONT LICENSE"));
        }
    }

    private static String text(JarFile jar, String entry) {
        try {
            return new String(jar.getInputStream(jar.getEntry(entry)).readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Path shipped() throws IOException {
        try (var files = Files.list(Path.of("target"))) {
            return files.filter(f -> f.getFileName().toString().matches("truekeen.*\\.jar"))
                    .filter(f -> !f.toString().endsWith(".original"))
                    .findFirst()
                    .orElseThrow();
        }
    }
}
