package truekeen.app.access;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.cert.Certificate;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import javax.net.ssl.SSLContext;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import truekeen.app.ApiTest;
import truekeen.app.TestDatabase;
import truekeen.app.platform.BenchClock;
import truekeen.app.platform.OwnerOnly;

/** Tablets of the shop's network: let in by passphrase over TLS, bounded in what they may do, and put out again. */
class LanTest extends ApiTest {
    private static final String OWNERS = "whetstone by the river";
    private static final String HANDS = "grit between the fingers";
    private static final Path FOLDER = folder();

    @Autowired
    private JdbcTemplate jdbc;

    @Autowired
    private BenchClock clock;

    @Autowired
    private RequestMappingHandlerMapping requestMappingHandlerMapping;

    @DynamicPropertySource
    static void served(DynamicPropertyRegistry registry) {
        String own = TestDatabase.fresh();
        registry.add("spring.datasource.url", () -> own);
        registry.add("truekeen.lan.served", () -> "true");
        registry.add("truekeen.lan.port", () -> "0");
        registry.add("truekeen.lan.folder", FOLDER::toString);
        registry.add("truekeen.backups", () -> FOLDER.resolve("backups").toString());
    }

    private static Path folder() {
        try {
            return Files.createTempDirectory("tk-lan");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @AfterAll
    static void away() throws IOException {
        try (Stream<Path> all = Files.walk(FOLDER)) {
            for (Path one : all.sorted(java.util.Comparator.reverseOrder()).toList()) {
                Files.delete(one);
            }
        }
    }

    /** A tablet: a browser that holds cookies, trusts the shop's certificate, and sends what our page sends. */
    private static final class Tablet {
        private final CookieManager cookies = new CookieManager();
        private final HttpClient http;
        private final int port;
        private String origin;

        Tablet(int port) {
            this.port = port;
            this.origin = "https://localhost:" + port;
            this.http = HttpClient.newBuilder()
                    .cookieHandler(cookies)
                    .sslContext(trusting())
                    .build();
        }

        Tablet from(String other) {
            origin = other;
            return this;
        }

        HttpResponse<String> get(String path) {
            return send(request(path).GET());
        }

        HttpResponse<String> change(String method, String path, String body) {
            HttpRequest.Builder request = request(path)
                    .header("Content-Type", "application/json")
                    .header("Origin", origin)
                    .method(method, HttpRequest.BodyPublishers.ofString(body));
            cookie("XSRF-TOKEN").ifPresent(token -> request.header("X-XSRF-TOKEN", token));
            return send(request);
        }

        HttpResponse<String> signIn(String phrase) {
            get("/api/v1/access");
            return change(
                    "POST",
                    "/api/v1/access/sign-in",
                    object("passphrase", phrase, "tablet", "by the window").toString());
        }

        java.util.Optional<String> cookie(String name) {
            return cookies.getCookieStore().getCookies().stream()
                    .filter(c -> c.getName().equals(name))
                    .map(HttpCookie::getValue)
                    .findFirst();
        }

        HttpRequest.Builder request(String path) {
            return HttpRequest.newBuilder(URI.create("https://localhost:" + port + path));
        }

        HttpResponse<String> send(HttpRequest.Builder request) {
            try {
                return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }
    }

    private static Certificate certificate() throws IOException, GeneralSecurityException {
        KeyStore store = KeyStore.getInstance("PKCS12");
        char[] password =
                Files.readString(FOLDER.resolve("certificate.password")).toCharArray();
        try (InputStream in = Files.newInputStream(FOLDER.resolve("certificate.p12"))) {
            store.load(in, password);
        }
        return store.getCertificate("shop");
    }

    private static SSLContext trusting() {
        try {
            KeyStore trusted = KeyStore.getInstance("PKCS12");
            trusted.load(null, null);
            trusted.setCertificateEntry("shop", certificate());
            TrustManagerFactory managers = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
            managers.init(trusted);
            SSLContext context = SSLContext.getInstance("TLS");
            context.init(null, managers.getTrustManagers(), null);
            return context;
        } catch (IOException | GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private JsonNode opened;

    @BeforeEach
    void opened() {
        // Each test begins with a device that nobody suspects.
        clock.travelTo(clock.instant().plus(Duration.ofHours(2)));
        opened = put("/api/v1/access/passphrases/owner", Map.of("passphrase", OWNERS))
                .body();
        put("/api/v1/access/passphrases/hand", Map.of("passphrase", HANDS));
    }

    private Tablet tablet() {
        String address = opened.path("addresses").get(0).asText();
        return new Tablet(URI.create(address).getPort());
    }

    @Test
    void theAddressIsShownWithTheFingerprintOfTheCertificateAndACodeToOpenIt()
            throws IOException, GeneralSecurityException {
        assertThat(opened.path("wanted").asBoolean()).isTrue();
        byte[] digest =
                MessageDigest.getInstance("SHA-256").digest(certificate().getEncoded());
        assertThat(opened.path("fingerprint").asText())
                .isEqualTo(HexFormat.ofDelimiter(":").withUpperCase().formatHex(digest));
        assertThat(opened.path("addresses").get(0).asText()).startsWith("https://");
        assertThat(opened.path("code")).hasSizeGreaterThan(20);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(FOLDER.resolve("certificate.password"))))
                .isEqualTo("rw-------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(FOLDER)))
                .isEqualTo("rwx------");
    }

    @Test
    void whoIsNotSignedInGetsThePageAndNothingOfTheShop() {
        Tablet stranger = tablet();
        assertThat(stranger.get("/").statusCode()).isEqualTo(200);
        for (String path :
                List.of("/api/v1/board", "/api/v1/kit", "/api/v1/backups", "/api/v1/openapi", "/actuator/health")) {
            HttpResponse<String> refused = stranger.get(path);
            assertThat(refused.statusCode()).as(path).isEqualTo(401);
            assertThat(refused.headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
            assertThat(refused.body()).contains("NOT_SIGNED_IN");
        }
        assertThat(stranger.get("/api/v1/access").body()).contains("\"signedIn\":false");
    }

    @Test
    void withTheOwnersPassphraseEverythingIsAnsweredAndTheCookieIsStrict() {
        Tablet tablet = tablet();
        HttpResponse<String> in = tablet.signIn(OWNERS);
        assertThat(in.statusCode()).isEqualTo(200);
        String cookie = in.headers().allValues("Set-Cookie").stream()
                .filter(c -> c.startsWith("__Host-truekeen="))
                .findFirst()
                .orElseThrow();
        assertThat(cookie).contains("HttpOnly", "Secure", "SameSite=Strict", "Path=/");
        assertThat(tablet.get("/api/v1/board").statusCode()).isEqualTo(200);
        assertThat(tablet.change("POST", "/api/v1/crews", "{\"name\":\"boat yard\"}")
                        .statusCode())
                .isEqualTo(200);
    }

    @Test
    void afterFiveWrongPassphrasesEvenTheRightOneMustWait() {
        Tablet thief = tablet();
        for (int i = 0; i < 5; i++) {
            assertThat(thief.signIn("opening sesame " + i).statusCode()).isEqualTo(422);
        }
        HttpResponse<String> waiting = thief.signIn(OWNERS);
        assertThat(waiting.statusCode()).isEqualTo(429);
        assertThat(Integer.parseInt(waiting.headers().firstValue("Retry-After").orElseThrow()))
                .isBetween(1, 61);
        assertThat(waiting.body()).contains("TOO_MANY_TRIES");
        clock.travelTo(clock.instant().plus(Duration.ofSeconds(61)));
        assertThat(thief.signIn(OWNERS).statusCode()).isEqualTo(200);
    }

    @Test
    void aPageElsewhereCannotDriveIt() {
        Tablet tablet = tablet();
        tablet.signIn(OWNERS);
        String crew = "{\"name\":\"intruders\"}";
        HttpRequest.Builder bare = tablet.request("/api/v1/crews")
                .header("Content-Type", "application/json")
                .header("Origin", "https://localhost:" + tablet.port)
                .POST(HttpRequest.BodyPublishers.ofString(crew));
        assertThat(tablet.send(bare).statusCode())
                .as("without the token of the page")
                .isEqualTo(403);
        HttpRequest.Builder wrong = tablet.request("/api/v1/crews")
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", "00000000-0000-0000-0000-000000000000")
                .POST(HttpRequest.BodyPublishers.ofString(crew));
        assertThat(tablet.send(wrong).statusCode()).as("with another token").isEqualTo(403);
        for (String origin : List.of(
                "https://elsewhere.example",
                "http://localhost:" + tablet.port,
                "https://localhost:" + port(),
                "null")) {
            assertThat(tablet.from(origin).change("POST", "/api/v1/crews", crew).statusCode())
                    .as(origin)
                    .isEqualTo(403);
        }
        assertThat(get("/api/v1/crews").raw().body()).doesNotContain("intruders");
    }

    @Test
    void aHandWorksButTakesNothingAwayForGood() {
        String tool = takeIn(chisel());
        Tablet hand = tablet();
        hand.signIn(HANDS);
        assertThat(hand.get("/api/v1/access").body()).contains("\"owner\":false");
        assertThat(hand.get("/api/v1/tools/" + tool).statusCode()).isEqualTo(200);
        assertThat(hand.change("PUT", "/api/v1/tools/" + tool + "/pin", "{\"pinned\":true}")
                        .statusCode())
                .isNotEqualTo(403);
        for (String[] owners : new String[][] {
            {"DELETE", "/api/v1/tools/" + tool},
            {"GET", "/api/v1/backups"},
            {"PUT", "/api/v1/prices"},
            {"PUT", "/api/v1/house-rules"},
            {"GET", "/api/v1/access/tablets"},
            {"PUT", "/api/v1/access/passphrases/owner"}
        }) {
            HttpResponse<String> refused = hand.change(owners[0], owners[1], "{}");
            assertThat(refused.statusCode()).as(owners[1]).isEqualTo(403);
            assertThat(refused.body()).contains("OWNER_ONLY");
        }
        assertThat(get("/api/v1/tools/" + tool).status()).isEqualTo(200);
    }

    /** A new address that deletes is the owner's, or is named here as the work of a hand. */
    @Test
    void whatTakesAwayIsTheOwnersUnlessItIsPartOfTheWork() {
        Set<String> work = Set.of(
                "/api/v1/tools/{id}/log/{kind}/{entryId}",
                "/api/v1/tools/{id}/photos/{photoId}",
                "/api/v1/tools/{id}/traces/{traceId}",
                "/api/v1/tools/{id}/outcomes/{outcomeId}",
                "/api/v1/timers/{id}",
                "/api/v1/runs/{id}");
        Set<String> handsMay = new TreeSet<>();
        requestMappingHandlerMapping.getHandlerMethods().forEach((info, method) -> {
            boolean owners = method.hasMethodAnnotation(OwnerOnly.class)
                    || method.getBeanType().isAnnotationPresent(OwnerOnly.class);
            if (!owners && info.getMethodsCondition().getMethods().contains(RequestMethod.DELETE)) {
                handsMay.addAll(info.getPatternValues());
            }
        });
        assertThat(handsMay).isEqualTo(new TreeSet<>(work));
    }

    @Test
    void aStolenTabletIsOutAtItsNextRequest() {
        Tablet stolen = tablet();
        stolen.signIn(OWNERS);
        assertThat(stolen.get("/api/v1/board").statusCode()).isEqualTo(200);
        JsonNode listed = get("/api/v1/access/tablets").body().path("tablets");
        assertThat(listed).hasSize(1);
        assertThat(listed.get(0).path("name").asText()).isEqualTo("by the window");
        assertThat(delete("/api/v1/access/tablets/" + listed.get(0).path("id").asText())
                        .body()
                        .path("tablets"))
                .isEmpty();
        assertThat(stolen.get("/api/v1/board").statusCode()).isEqualTo(401);
    }

    @Test
    void anotherPassphraseSignsOutWhoeverHadTheOldOne() {
        Tablet owner = tablet();
        owner.signIn(OWNERS);
        Tablet hand = tablet();
        hand.signIn(HANDS);
        put("/api/v1/access/passphrases/owner", Map.of("passphrase", "another river, another stone"));
        assertThat(owner.get("/api/v1/board").statusCode()).isEqualTo(401);
        assertThat(hand.get("/api/v1/board").statusCode()).isEqualTo(200);
        delete("/api/v1/access/passphrases/hand");
        assertThat(hand.get("/api/v1/board").statusCode()).isEqualTo(401);
        assertThat(tablet().signIn(HANDS).statusCode()).isEqualTo(422);
    }

    @Test
    void aTabletThatSignsOutIsOut() {
        Tablet tablet = tablet();
        tablet.signIn(HANDS);
        assertThat(tablet.change("POST", "/api/v1/access/sign-out", "").statusCode())
                .isEqualTo(204);
        assertThat(tablet.get("/api/v1/board").statusCode()).isEqualTo(401);
    }

    @Test
    void shortOrSharedPassphrasesAreRefused() {
        assertThat(put("/api/v1/access/passphrases/owner", Map.of("passphrase", "short"))
                        .messageAt("passphrase"))
                .contains("10");
        assertThat(put("/api/v1/access/passphrases/hand", Map.of("passphrase", OWNERS))
                        .status())
                .isEqualTo(422);
        ObjectNode none = JSON.createObjectNode().putNull("passphrase");
        assertThat(put("/api/v1/access/passphrases/hand", none).status()).isEqualTo(422);
        assertThat(tablet().signIn("x".repeat(5000)).statusCode()).isEqualTo(422);
    }

    @Test
    void onlyDigestsAreKeptAndNoBackupHoldsThem() throws IOException {
        Tablet tablet = tablet();
        tablet.signIn(OWNERS);
        String token = tablet.cookie("__Host-truekeen").orElseThrow();
        List<String> kept =
                jdbc.queryForList("select digest from passphrase union all select token from tablet", String.class);
        assertThat(kept).hasSize(3).noneMatch(k -> k.contains(token) || k.contains(OWNERS) || k.contains(HANDS));
        assertThat(kept).anyMatch(k -> k.startsWith("$argon2id$"));
        String name = post("/api/v1/backups", "")
                .body()
                .path("kept")
                .get(0)
                .path("name")
                .asText();
        byte[] backup = bytes("/api/v1/backups/" + name).body();
        try (ZipInputStream zip = new ZipInputStream(new java.io.ByteArrayInputStream(backup))) {
            for (var entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                String text = new String(zip.readAllBytes(), StandardCharsets.UTF_8);
                assertThat(kept).as(entry.getName()).noneMatch(text::contains);
            }
        }
    }

    /** What is pushed goes on after the request itself was let in. */
    @Test
    void instrumentsAreHeardOverTheNetworkToo() throws IOException, InterruptedException {
        Tablet tablet = tablet();
        tablet.signIn(HANDS);
        HttpResponse<InputStream> stream = tablet.http.send(
                tablet.request("/api/v1/devices/stream").GET().build(), HttpResponse.BodyHandlers.ofInputStream());
        assertThat(stream.statusCode()).isEqualTo(200);
        try (InputStream in = stream.body()) {
            assertThat(new String(in.readNBytes(6), StandardCharsets.UTF_8)).isEqualTo("event:");
        }
    }
}
