package truekeen.app.device;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import truekeen.app.ApiTest;
import truekeen.core.bench.Instrument;
import truekeen.core.progression.Answer;

/** An instrument that the test itself plays, line by line. */
class InstrumentsTest extends ApiTest {
    private static final ServerSocket DOOR = door();
    private static final long PATIENCE_MS = 15_000;
    private Socket line;

    private static ServerSocket door() {
        try {
            ServerSocket door = new ServerSocket(0, 5, InetAddress.getLoopbackAddress());
            door.setSoTimeout((int) PATIENCE_MS);
            return door;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @DynamicPropertySource
    static void instruments(DynamicPropertyRegistry registry) {
        registry.add("truekeen.devices.angle-gauge", () -> "127.0.0.1:" + DOOR.getLocalPort());
        // Nobody listens there: port 1 is never free for us.
        registry.add("truekeen.devices.thread-tester", () -> "127.0.0.1:1");
        registry.add("truekeen.devices.thermometer", () -> "127.0.0.1:1");
    }

    @AfterEach
    void unplug() throws IOException {
        if (line != null) {
            line.close();
            until(() -> !gauge().path("live").asBoolean());
        }
    }

    /** The service connects once somebody wants to know. */
    private OutputStream plugIn() throws IOException {
        get("/api/v1/devices");
        line = DOOR.accept();
        return line.getOutputStream();
    }

    private static void say(OutputStream out, String text) throws IOException {
        out.write(text.getBytes(StandardCharsets.UTF_8));
        out.flush();
    }

    private JsonNode gauge() {
        return get("/api/v1/devices").body().get(0);
    }

    private void until(BooleanSupplier condition) {
        long end = System.currentTimeMillis() + PATIENCE_MS;
        while (!condition.getAsBoolean()) {
            assertThat(System.currentTimeMillis()).as("waited in vain").isLessThan(end);
        }
    }

    private Answer take(long seen) {
        return post("/api/v1/devices/ANGLE_GAUGE/take?seen=" + seen, "");
    }

    @Test
    void whatItPushesIsShownAndTakenOnceItHasSettled() throws IOException {
        OutputStream out = plugIn();
        say(out, "TRUEKEEN 1 ANGLE_GAUGE the gauge\nV 1 25.0\nV 2 31.0\n");
        until(() -> gauge().path("value").asDouble() == 31);
        assertThat(gauge().path("name").asText()).isEqualTo("the gauge");
        long had = gauge().path("takenNumber").asLong();
        Answer moving = take(had);
        assertThat(moving.status()).isEqualTo(422);
        assertThat(moving.body().path("detail").asText())
                .contains("has not settled")
                .contains("6 °");
        // a new greeting begins anew
        say(out, "TRUEKEEN 1 ANGLE_GAUGE the gauge\nV 3 30.0\nV 4 30.1\nV 5 30.1\n");
        until(() -> take(had).status() == 200);
        assertThat(take(had).body().path("value").asDouble()).isEqualTo(30.1);
    }

    @Test
    void linesThatAreNoLinesArePassedOver() throws IOException {
        OutputStream out = plugIn();
        say(out, "V 1 20\nV 2 NaN\nV 3 9999\nV x y\nnonsense\n\n" + "z".repeat(500) + "\nV 4 1e400\n");
        say(out, "TRUEKEEN 1 THERMOMETER somebody else\nV 9 21\n");
        until(() -> gauge().path("value").asDouble() == 21);
        assertThat(gauge().path("name").asText()).isNotEqualTo("somebody else");
    }

    @Test
    void whatIsTakenOnTheInstrumentItselfIsHadOnce() throws IOException {
        OutputStream out = plugIn();
        long before = gauge().path("takenNumber").asLong();
        say(out, "V 1 12\nT 1 33.3\n");
        until(() -> gauge().path("takenNumber").asLong() == before + 1);
        assertThat(take(before).body().path("value").asDouble()).isEqualTo(33.3);
        assertThat(take(before + 1).status()).isEqualTo(422);
    }

    @Test
    void itVanishesAndComesBackAndItsLastValueStaysKnown() throws IOException {
        OutputStream out = plugIn();
        say(out, "V 1 40\nV 2 40\nV 3 40\n");
        until(() -> gauge().path("live").asBoolean() && gauge().path("value").asDouble() == 40);
        line.close();
        until(() -> !gauge().path("live").asBoolean());
        assertThat(gauge().path("value").asDouble()).isEqualTo(40);
        Answer away = take(gauge().path("takenNumber").asLong());
        assertThat(away.status()).isEqualTo(422);
        assertThat(away.body().path("detail").asText()).contains("not answering");
        say(plugIn(), "V 1 41\n");
        until(() -> gauge().path("live").asBoolean() && gauge().path("value").asDouble() == 41);
    }

    @Test
    void anInstrumentThatIsNotThereIsAwayAndOneThatIsNoneIsRefused() {
        JsonNode tester = get("/api/v1/devices").body().get(1);
        assertThat(tester.path("live").asBoolean()).isFalse();
        assertThat(tester.path("value").isNull()).isTrue();
        assertThat(post("/api/v1/devices/THREAD_TESTER/take", "")
                        .body()
                        .path("detail")
                        .asText())
                .contains("not answering");
        assertThat(post("/api/v1/devices/KETTLE/take", "").status()).isEqualTo(404);
    }

    @Test
    void linesAreReadOrNot() {
        assertThat(DeviceLine.read("V 7 12.5", Instrument.ANGLE_GAUGE))
                .contains(new DeviceLine(DeviceLine.What.VALUE, 7, 12.5, ""));
        assertThat(DeviceLine.read("TRUEKEEN 2 ANGLE_GAUGE x", Instrument.ANGLE_GAUGE))
                .isEqualTo(Optional.empty());
        assertThat(DeviceLine.read("V 7 -30", Instrument.THREAD_TESTER)).isEmpty();
    }
}
