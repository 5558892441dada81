package truekeen.app.profile;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The note of how a picture lay is read from anything without harm. */
class UprightTest {

    @Test
    void anyBytesAreAQuarterTurnOrNone() {
        Random random = new Random(31);
        for (int round = 0; round < 3000; round++) {
            byte[] some = new byte[random.nextInt(300)];
            random.nextBytes(some);
            // most begin as a photograph would, so that the reading goes on
            byte[] start = {
                (byte) 0xff, (byte) 0xd8, (byte) 0xff, (byte) 0xe1, 0, 60, 'E', 'x', 'i', 'f', 0, 0, 'I', 'I', 42, 0
            };
            if (round % 4 != 0) {
                System.arraycopy(start, 0, some, 0, Math.min(start.length, some.length));
            }
            assertThat(Upright.quarters(some)).isBetween(0, 3);
        }
    }

    @Test
    void aSegmentOfNoLengthEndsTheSearch() {
        byte[] endless = new byte[64];
        endless[0] = (byte) 0xff;
        endless[1] = (byte) 0xd8;
        for (int i = 2; i < 60; i += 4) {
            endless[i] = (byte) 0xff;
            endless[i + 1] = (byte) 0xe0;
        }
        assertThat(Upright.quarters(endless)).isZero();
    }

    @Test
    void fourQuartersAreTheSamePictureAgain() {
        Random random = new Random(2);
        BufferedImage picture = new BufferedImage(7, 5, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 7; x++) {
            for (int y = 0; y < 5; y++) {
                picture.setRGB(x, y, random.nextInt(0xffffff));
            }
        }
        BufferedImage turned = picture;
        for (int i = 0; i < 4; i++) {
            turned = Upright.drawn(turned, 1);
            assertThat(turned.getWidth()).isEqualTo(i % 2 == 0 ? 5 : 7);
        }
        for (int x = 0; x < 7; x++) {
            for (int y = 0; y < 5; y++) {
                assertThat(turned.getRGB(x, y)).isEqualTo(picture.getRGB(x, y));
            }
        }
    }
}
