package truekeen.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.app.TrueKeenApplication;

/** Backups by the service: written, fetched, read into an empty shop, and written before a migration. */
class BackupApiTest extends ApiTest {
    @DynamicPropertySource
    static void own(DynamicPropertyRegistry registry) {
        TestDatabase.ownDemo(registry);
    }

    @TempDir
    private Path folder;

    private HttpResponse<String> restore(int at, byte[] bytes, String type) throws IOException, InterruptedException {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + at + "/api/v1/backups/restore"))
                                .header("Content-Type", type)
                                .POST(HttpRequest.BodyPublishers.ofByteArray(bytes))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    private static ConfigurableApplicationContext served(String url, String... more) {
        String[] usual = {
            "--server.port=0",
            "--spring.datasource.url=" + url,
            "--spring.datasource.username=" + TestDatabase.user(),
            "--spring.datasource.password=" + TestDatabase.password(),
            "--logging.structured.format.console=",
            "--truekeen.demo=false"
        };
        String[] all = java.util.Arrays.copyOf(usual, usual.length + more.length);
        System.arraycopy(more, 0, all, usual.length, more.length);
        return new SpringApplicationBuilder(TrueKeenApplication.class).run(all);
    }

    private static int port(ConfigurableApplicationContext service) {
        return Integer.parseInt(service.getEnvironment().getProperty("local.server.port"));
    }

    @Test
    void aShopMovesToANewMachine() throws Exception {
        JsonNode written = post("/api/v1/backups", "").body();
        String name = written.at("/kept/0/name").asText();
        assertThat(written.at("/kept/0/why").asText()).isEqualTo("HAND");
        assertThat(written.path("shopEmpty").asBoolean()).isFalse();
        HttpResponse<byte[]> file = bytes("/api/v1/backups/" + name);
        assertThat(file.headers().firstValue("Content-Disposition").orElse("")).contains("attachment", name);
        assertThat(get("/api/v1/backups/truekeen-hand-20200101-000000.zip").status())
                .isEqualTo(422);
        assertThat(get("/api/v1/backups/..%2F..%2Fetc%2Fpasswd").status()).isBetween(400, 499);

        // Here there are records already.
        assertThat(restore(port(), file.body(), "application/zip").body()).contains("only into an empty shop");
        try (ConfigurableApplicationContext other = served(TestDatabase.fresh())) {
            int at = port(other);
            assertThat(restore(at, "no zip".getBytes(), "application/zip").statusCode())
                    .isEqualTo(422);
            assertThat(restore(at, file.body(), "text/plain").statusCode()).isEqualTo(415);
            HttpResponse<String> read = restore(at, file.body(), "application/zip");
            assertThat(read.statusCode()).as(read.body()).isEqualTo(200);
            // Every page that was there is there, with what was open.
            for (String page : new String[] {"/api/v1/board", "/api/v1/rack", "/api/v1/kit/holders", "/api/v1/log"}) {
                HttpResponse<String> there = HttpClient.newHttpClient()
                        .send(
                                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + at + page))
                                        .build(),
                                HttpResponse.BodyHandlers.ofString());
                Answer here = get(page);
                assertThat(there.statusCode()).as(page).isEqualTo(here.status());
                assertThat(JSON.readTree(there.body()).size())
                        .isEqualTo(here.body().size());
            }
            assertThat(restore(at, file.body(), "application/zip").statusCode()).isEqualTo(422);
        }
    }

    @Test
    void beforeAMigrationABackupIsWrittenAndItCanBeRead() throws Exception {
        var released = Shops.released("v10");
        try (ConfigurableApplicationContext service = served(released.getURL(), "--truekeen.backups=" + folder)) {
            assertThat(service.isRunning()).isTrue();
        }
        var kept = new BackupFolder(folder).kept();
        assertThat(kept).extracting(KeptBackup::why).containsExactly(KeptBackup.Why.MIGRATION);
        try (BackupFile file = BackupFile.open(folder.resolve(kept.get(0).name()))) {
            assertThat(file.manifest().schema()).isEqualTo("10");
            assertThat(file.manifest().rows()).isPositive();
        }
        // Once it is of this version none is written any more.
        try (ConfigurableApplicationContext service = served(released.getURL(), "--truekeen.backups=" + folder)) {
            assertThat(service.isRunning()).isTrue();
        }
        assertThat(Files.list(folder)).hasSize(1);
    }
}
