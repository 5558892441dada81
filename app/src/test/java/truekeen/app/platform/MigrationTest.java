package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** A migration that has landed is never edited again: shops were made with it as it is. */
class MigrationTest {
    /** Flyway's checksum of each migration, as shops hold it. Lines are only ever added here. */
    private static final Map<String, Integer> LANDED = Map.ofEntries(
            Map.entry("V1", 1835977561),
            Map.entry("V2", -1718512803),
            Map.entry("V3", 715063862),
            Map.entry("V4", -1385209997),
            Map.entry("V5", -1981337112),
            Map.entry("V6", -644295989),
            Map.entry("V7", 654429972),
            Map.entry("V8", 1489154389),
            Map.entry("V9", 2003630430),
            Map.entry("V10", 517039590),
            Map.entry("V11", -1870023085),
            Map.entry("V12", 606055097),
            Map.entry("V13", 1627173901),
            Map.entry("V14", 2058516644),
            Map.entry("V15", -1864843851),
            Map.entry("V16", 737065245),
            Map.entry("V17", 1322417833),
            Map.entry("V18", 1397371918),
            Map.entry("V19", -909675762),
            Map.entry("V20", 522787235),
            Map.entry("V21", 657406953),
            Map.entry("V22", 1216758693),
            Map.entry("V23", -1306680728));

    @Test
    void noLandedMigrationWasEdited() throws IOException {
        Map<String, Integer> found = new TreeMap<>();
        for (Resource r : new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql")) {
            found.put(r.getFilename().split("__")[0], checksum(r));
        }
        assertThat(found).containsAllEntriesOf(LANDED);
    }

    /** As Flyway computes it: CRC-32 over the lines, without their ends. */
    private static int checksum(Resource resource) throws IOException {
        CRC32 crc = new CRC32();
        try (InputStream in = resource.getInputStream()) {
            new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .forEach(line -> crc.update(line.getBytes(StandardCharsets.UTF_8)));
        }
        return (int) crc.getValue();
    }
}
