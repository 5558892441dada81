package truekeen.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** A page elsewhere cannot drive the service, and the page itself may load nothing foreign. */
class RequestGuardTest extends ApiTest {
    @LocalServerPort
    private int at;

    @Test
    void aForeignOriginIsRefused() {
        HttpRequest.Builder post = request("/api/v1/crews")
                .header("Origin", "http://elsewhere.example")
                .POST(HttpRequest.BodyPublishers.ofString("{\"name\":\"intruders\"}"));
        assertThat(send(post).status()).isEqualTo(403);
        assertThat(get("/api/v1/crews").raw().body()).doesNotContain("intruders");
    }

    @Test
    void theOwnOriginIsLetIn() {
        HttpRequest.Builder post = request("/api/v1/crews")
                .header("Origin", "http://127.0.0.1:" + at)
                .header("Sec-Fetch-Site", "same-origin")
                .POST(HttpRequest.BodyPublishers.ofString("{\"name\":\"clock room\"}"));
        assertThat(send(post).status()).isEqualTo(200);
    }

    @Test
    void anotherPortOfThisMachineIsAnotherOrigin() {
        HttpRequest.Builder post = request("/api/v1/crews")
                .header("Origin", "http://127.0.0.1:" + (at + 1))
                .POST(HttpRequest.BodyPublishers.ofString("{\"name\":\"neighbours\"}"));
        assertThat(send(post).status()).isEqualTo(403);
    }

    @Test
    void aCrossSiteReadIsRefusedButALinkIsFollowed() {
        assertThat(send(request("/api/v1/board")
                                .header("Sec-Fetch-Site", "cross-site")
                                .GET())
                        .status())
                .isEqualTo(403);
        assertThat(send(request("/")
                                .header("Sec-Fetch-Site", "cross-site")
                                .header("Sec-Fetch-Mode", "navigate")
                                .GET())
                        .status())
                .isEqualTo(200);
    }

    @Test
    void anotherHostNameIsRefused() throws IOException {
        // The JDK's client sets Host itself, so this one is spoken by hand.
        try (Socket socket = new Socket("127.0.0.1", at)) {
            OutputStream out = socket.getOutputStream();
            out.write("GET /api/v1/board HTTP/1.1\r\nHost: rebound.example\r\nConnection: close\r\n\r\n"
                    .getBytes(StandardCharsets.US_ASCII));
            InputStream in = socket.getInputStream();
            assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8)).startsWith("HTTP/1.1 403");
        }
    }

    @Test
    void aHugeBodyIsNotRead() {
        Answer answer = post("/api/v1/take-in/preview", "{\"note\":\"" + "x".repeat(1_100_000) + "\"}");
        assertThat(answer.status()).isEqualTo(413);
    }

    @Test
    void twoHundredWhoSendAByteNowAndThenStopNobody() throws Exception {
        List<Socket> slow = new ArrayList<>();
        ScheduledExecutorService drips = Executors.newScheduledThreadPool(2);
        try {
            for (int i = 0; i < 200; i++) {
                Socket socket = new Socket("127.0.0.1", at);
                slow.add(socket);
                socket.getOutputStream()
                        .write(("POST /api/v1/crews HTTP/1.1\r\nHost: 127.0.0.1:" + at
                                        + "\r\nContent-Type: application/json\r\nContent-Length: 9000\r\n\r\n{\"na")
                                .getBytes(StandardCharsets.US_ASCII));
            }
            drips.scheduleAtFixedRate(() -> slow.forEach(RequestGuardTest::drip), 1, 2, TimeUnit.SECONDS);
            assertThat(get("/api/v1/board").status()).isEqualTo(200);
            assertThat(get("/").status()).isEqualTo(200);
            // Each is given up in words, and whoever sends something is served again.
            for (Socket socket : slow) {
                byte[] said = socket.getInputStream().readNBytes(12);
                assertThat(new String(said, StandardCharsets.US_ASCII)).isEqualTo("HTTP/1.1 408");
            }
            assertThat(post("/api/v1/crews", "{\"name\":\"after the rain\"}").status())
                    .isEqualTo(200);
        } finally {
            drips.shutdownNow();
            for (Socket socket : slow) {
                socket.close();
            }
        }
        assertThat(get("/api/v1/crews").raw().body()).doesNotContain("{\"na");
    }

    private static void drip(Socket socket) {
        try {
            socket.getOutputStream().write(' ');
        } catch (IOException gone) {
            // It was given up.
        }
    }

    @Test
    void thePageLoadsNothingForeign() {
        var headers = get("/").raw().headers();
        assertThat(headers.firstValue("Content-Security-Policy").orElse(""))
                .contains("default-src 'self'")
                .contains("frame-ancestors 'none'");
        assertThat(headers.firstValue("X-Content-Type-Options")).contains("nosniff");
        assertThat(get("/tools/deep/link").raw().body()).contains("<div id=\"root\">");
    }

    @Test
    void healthIsTold() {
        assertThat(get("/actuator/health").body().path("status").asText()).isEqualTo("UP");
    }
}
