package truekeen.standin;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class StandInTest {
    private static List<Behaviour.Tick> ticks(Behaviour b, int many, double set) {
        Random random = new Random(20);
        return IntStream.range(0, many).mapToObj(i -> b.at(i, set, random)).toList();
    }

    @ParameterizedTest
    @EnumSource(Behaviour.class)
    void theSameSeedReadsTheSame(Behaviour b) {
        assertThat(ticks(b, 100, 50)).isEqualTo(ticks(b, 100, 50)).isNotEqualTo(ticks(b, 100, 60));
    }

    @Test
    void theGaugeRestsOnWhatItIsSetTo() {
        assertThat(ticks(Behaviour.ANGLE_GAUGE, 200, 33))
                .allSatisfy(t -> assertThat(t.value()).isBetween(32.7, 33.3));
    }

    @Test
    void aThreadPartsOnceACutAtAboutTheForceSet() {
        List<Behaviour.Tick> all = ticks(Behaviour.THREAD_TESTER, 3 * Behaviour.CUT_TICKS, 110);
        List<Behaviour.Tick> taken = all.stream().filter(Behaviour.Tick::taken).toList();
        assertThat(taken).hasSize(3).allSatisfy(t -> assertThat(t.value()).isBetween(100.0, 120.0));
        assertThat(all.get(0).value()).isZero();
    }

    @Test
    void theWheelWarmsFromTheRoomTowardWhatItIsSetTo() {
        List<Behaviour.Tick> all = ticks(Behaviour.THERMOMETER, Behaviour.HEAT_TICKS, 150);
        assertThat(all.get(0).value()).isBetween(Behaviour.ROOM_C - 3, Behaviour.ROOM_C + 3);
        assertThat(all.get(all.size() - 1).value()).isBetween(140.0, 151.0);
    }

    @Test
    void whoeverConnectsIsGreetedAndPushedToAndMaySetIt() throws IOException {
        try (StandIn gauge = new StandIn(Behaviour.ANGLE_GAUGE, 0, 30)) {
            Thread serving = new Thread(() -> {
                try {
                    gauge.serve();
                } catch (IOException e) {
                    throw new UncheckedIOException(e);
                }
            });
            serving.start();
            try (Socket line = new Socket(InetAddress.getLoopbackAddress(), gauge.port())) {
                line.setSoTimeout(5000);
                BufferedReader reader =
                        new BufferedReader(new InputStreamReader(line.getInputStream(), StandardCharsets.UTF_8));
                assertThat(reader.readLine()).isEqualTo("TRUEKEEN 1 ANGLE_GAUGE stand-in angle gauge");
                List<String> lines = new ArrayList<>();
                lines.add(reader.readLine());
                assertThat(lines.get(0)).matches("V 0 (29|30)\\.\\d\\d");
                line.getOutputStream().write("S 41\n".getBytes(StandardCharsets.UTF_8));
                // What was on its way before it was set comes first: the value tells, never the number of the tick.
                double value = 0;
                for (int i = 0; i < 200 && value < 40; i++) {
                    value = Double.parseDouble(reader.readLine().split(" ")[2]);
                }
                assertThat(value).isBetween(40.7, 41.3);
            }
        }
    }
}
