package truekeen.app.profile;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import truekeen.app.ApiTest;
import truekeen.core.progression.Answer;

/** What is sent as a photograph is believed by its content alone, and can neither fill the memory nor hide anything. */
class PhotographsTest extends ApiTest {

    private Answer upload(String tool, byte[] bytes) {
        return send(HttpRequest.newBuilder(URI.create(request("/api/v1/tools/" + tool + "/photos?person=tester")
                        .build()
                        .uri()
                        .toString()))
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(bytes)));
    }

    private static byte[] picture(String format, int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(4);
        Graphics2D g = image.createGraphics();
        for (int i = 0; i < 300; i++) {
            g.setColor(new Color(random.nextInt(0xffffff)));
            g.fillRect(random.nextInt(width), random.nextInt(height), 40, 30);
        }
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg"})
    void aPhotographIsKeptMadeSmallAndGivenBack(String format) throws IOException {
        String tool = takeIn(chisel());
        Answer kept = upload(tool, picture(format, 3600, 2400));
        assertThat(kept.status()).isEqualTo(200);
        assertThat(kept.body().path("width").asInt()).isBetween(1700, 2000);
        String path =
                "/api/v1/tools/" + tool + "/photos/" + kept.body().path("id").asText();
        HttpResponse<byte[]> back = bytes(path);
        assertThat(back.statusCode()).isEqualTo(200);
        assertThat(back.headers().firstValue("Content-Type")).contains("image/jpeg");
        assertThat(back.headers().firstValue("X-Content-Type-Options")).contains("nosniff");
        BufferedImage shown = ImageIO.read(new ByteArrayInputStream(back.body()));
        assertThat(shown.getWidth()).isEqualTo(kept.body().path("width").asInt());
        assertThat(get("/api/v1/tools/" + tool + "/profile")
                        .body()
                        .path("photos")
                        .size())
                .isEqualTo(1);
        // nobody else's tool shows it
        assertThat(bytes("/api/v1/tools/" + takeIn(chisel()) + path.substring(path.indexOf("/photos")))
                        .statusCode())
                .isEqualTo(404);
        Answer gone = send(request(path).DELETE());
        assertThat(gone.body().path("photos").size()).isZero();
    }

    @Test
    void whatACameraWroteIntoItsFileIsNotKept() throws IOException {
        byte[] jpeg = picture("jpeg", 300, 200);
        byte[] note =
                "Exif\0\0 taken at 57.3 N 4.1 W by somebody".getBytes(java.nio.charset.StandardCharsets.ISO_8859_1);
        ByteArrayOutputStream with = new ByteArrayOutputStream();
        with.write(jpeg, 0, 2);
        with.write(0xff);
        with.write(0xe1);
        with.write((note.length + 2) >> 8);
        with.write((note.length + 2) & 0xff);
        with.write(note);
        with.write(jpeg, 2, jpeg.length - 2);
        String tool = takeIn(chisel());
        Answer kept = upload(tool, with.toByteArray());
        assertThat(kept.status()).isEqualTo(200);
        byte[] back = bytes("/api/v1/tools/" + tool + "/photos/"
                        + kept.body().path("id").asText())
                .body();
        assertThat(new String(back, java.nio.charset.StandardCharsets.ISO_8859_1))
                .doesNotContain("somebody");
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 3, 6, 8})
    void aCameraHeldSidewaysGivesAnUprightPicture(int noted) throws IOException {
        BufferedImage sensor = new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = sensor.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 300, 200);
        g.setColor(Color.RED);
        g.fillRect(0, 0, 60, 60);
        g.dispose();
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(sensor, "jpeg", jpeg);
        byte[] tiff = {
            'M', 'M', 0, 42, 0, 0, 0, 8, 0, 1, 0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte) noted, 0, 0, 0, 0, 0, 0
        };
        ByteArrayOutputStream with = new ByteArrayOutputStream();
        with.write(jpeg.toByteArray(), 0, 2);
        with.write(new byte[] {(byte) 0xff, (byte) 0xe1, 0, (byte) (2 + 6 + tiff.length)});
        with.write("Exif\0\0".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
        with.write(tiff);
        with.write(jpeg.toByteArray(), 2, jpeg.size() - 2);
        String tool = takeIn(chisel());
        Answer kept = upload(tool, with.toByteArray());
        BufferedImage shown = ImageIO.read(new ByteArrayInputStream(bytes("/api/v1/tools/" + tool + "/photos/"
                        + kept.body().path("id").asText())
                .body()));
        boolean across = noted == 6 || noted == 8;
        assertThat(shown.getWidth()).isEqualTo(across ? 200 : 300);
        // the red corner: where a quarter, half or three quarters of a turn to the right carry it
        int x = noted == 1 || noted == 8 ? 20 : shown.getWidth() - 20;
        int y = noted == 1 || noted == 6 ? 20 : shown.getHeight() - 20;
        Color corner = new Color(shown.getRGB(x, y));
        assertThat(corner.getRed() - corner.getBlue()).isGreaterThan(120);
    }

    @Test
    void twentyMegabytesAreRefusedInWords() {
        Answer big = upload(takeIn(chisel()), new byte[20_000_000]);
        assertThat(big.status()).isEqualTo(413);
        assertThat(big.body().path("detail").asText()).contains("12 MB");
    }

    @Test
    void twentyMegabytesOfUnknownLengthAreRefusedToo() {
        byte[] much = new byte[20_000_000];
        Answer big = send(HttpRequest.newBuilder(request("/api/v1/tools/" + takeIn(chisel()) + "/photos")
                        .build()
                        .uri())
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(much))));
        assertThat(big.status()).isBetween(413, 422);
        assertThat(big.body().path("detail").asText()).contains("12 MB");
    }

    @Test
    void anotherTypeUnderTheRightNameIsRefused() throws IOException {
        String tool = takeIn(chisel());
        for (byte[] wrong : new byte[][] {
            "GIF89a, or so it says".getBytes(java.nio.charset.StandardCharsets.US_ASCII),
            "<svg xmlns='http://www.w3.org/2000/svg'><script>alert(1)</script></svg>"
                    .getBytes(java.nio.charset.StandardCharsets.US_ASCII),
            picture("gif", 40, 40),
            picture("bmp", 40, 40),
            new byte[] {1, 2, 3}
        }) {
            Answer refused = upload(tool, wrong);
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.body().path("detail").asText()).contains("PNG or JPEG");
        }
        assertThat(upload(tool, new byte[0]).status()).isBetween(400, 422);
        assertThat(get("/api/v1/tools/" + tool + "/profile")
                        .body()
                        .path("photos")
                        .size())
                .isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg"})
    void aFileThatWasCutOffIsRefusedWhereverItEnds(String format) throws IOException {
        String tool = takeIn(chisel());
        byte[] whole = picture(format, 800, 600);
        for (double share : new double[] {0.02, 0.1, 0.4, 0.7, 0.95}) {
            Answer cut = upload(tool, Arrays.copyOf(whole, (int) (whole.length * share)));
            assertThat(cut.status()).as("%s cut at %s", format, share).isEqualTo(422);
            assertThat(cut.body().path("detail").asText()).containsAnyOf("ends before", "PNG or JPEG");
        }
        Random random = new Random(7);
        for (int i = 0; i < 20; i++) {
            byte[] spoilt = whole.clone();
            for (int k = 0; k < 30; k++) {
                spoilt[8 + random.nextInt(spoilt.length - 8)] = (byte) random.nextInt(256);
            }
            assertThat(upload(tool, spoilt).status()).isIn(200, 422);
        }
    }

    @Test
    void aBombIsRefusedBeforeItUnfolds() throws IOException {
        String tool = takeIn(chisel());
        byte[] bomb = bomb(30_000, 30_000, 2_000_000);
        assertThat(bomb.length).isLessThan(50_000);
        Answer refused = upload(tool, bomb);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body().path("detail").asText())
                .contains("30000 × 30000 pixels")
                .contains("million");
        // and one that stays within the pixels allowed, but whose data is far more than its picture needs
        long before = heap();
        Answer swollen = upload(tool, bomb(100, 100, 120_000_000));
        assertThat(swollen.status()).isIn(200, 422);
        assertThat(heap() - before).isLessThan(100_000_000L);
    }

    private static long heap() {
        System.gc();
        return ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed();
    }

    /** A PNG that says it is so large, with so many zero bytes deflated in it. */
    private static byte[] bomb(int width, int height, int zeros) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(packed)) {
            byte[] some = new byte[100_000];
            for (int left = zeros; left > 0; left -= some.length) {
                deflater.write(some);
            }
        }
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'});
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        DataOutputStream h = new DataOutputStream(head);
        h.writeInt(width);
        h.writeInt(height);
        h.write(new byte[] {8, 0, 0, 0, 0});
        chunk(all, "IHDR", head.toByteArray());
        chunk(all, "IDAT", packed.toByteArray());
        chunk(all, "IEND", new byte[0]);
        return all.toByteArray();
    }

    private static void chunk(ByteArrayOutputStream all, String type, byte[] data) throws IOException {
        DataOutputStream out = new DataOutputStream(all);
        out.writeInt(data.length);
        byte[] name = type.getBytes(java.nio.charset.StandardCharsets.US_ASCII);
        out.write(name);
        out.write(data);
        CRC32 crc = new CRC32();
        crc.update(name);
        crc.update(data);
        out.writeInt((int) crc.getValue());
    }
}
