package truekeen.app.profile;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/**
 * Cameras write a picture as their sensor lay and note how it is to be turned. The note is read before it is thrown away
 * with everything else a camera wrote. What cannot be read is taken as upright.
 */
final class Upright {
    private static final byte[] NOTE = "Exif\0\0".getBytes(StandardCharsets.US_ASCII);
    private static final int ORIENTATION = 0x0112;
    private static final int MOST_ENTRIES = 200;

    private Upright() {}

    /** How many quarter turns to the right bring a JPEG upright: 0 to 3. */
    static int quarters(byte[] file) {
        try {
            return turn(ByteBuffer.wrap(file));
        } catch (IndexOutOfBoundsException endsEarly) {
            return 0;
        }
    }

    private static int turn(ByteBuffer in) {
        if ((in.getShort(0) & 0xffff) != 0xffd8) {
            return 0;
        }
        // Segments follow each other, each with its length, up to where the picture begins.
        for (int at = 2; (in.get(at) & 0xff) == 0xff && (in.get(at + 1) & 0xff) != 0xda; ) {
            int length = in.getShort(at + 2) & 0xffff;
            if (length < 2) {
                return 0;
            }
            if ((in.get(at + 1) & 0xff) == 0xe1 && noted(in, at + 4)) {
                return orientation(in, at + 4 + NOTE.length);
            }
            at += 2 + length;
        }
        return 0;
    }

    private static boolean noted(ByteBuffer in, int at) {
        for (int i = 0; i < NOTE.length; i++) {
            if (in.get(at + i) != NOTE[i]) {
                return false;
            }
        }
        return true;
    }

    private static int orientation(ByteBuffer in, int start) {
        in.order((in.getShort(start) & 0xffff) == 0x4949 ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        int list = start + in.getInt(start + 4);
        int entries = Math.min(MOST_ENTRIES, in.getShort(list) & 0xffff);
        for (int i = 0; i < entries; i++) {
            int entry = list + 2 + 12 * i;
            if ((in.getShort(entry) & 0xffff) == ORIENTATION) {
                return switch (in.getShort(entry + 8)) {
                    case 3, 4 -> 2;
                    case 5, 6 -> 1;
                    case 7, 8 -> 3;
                    default -> 0;
                };
            }
        }
        return 0;
    }

    /** A picture turned upright, on white, without anything that is see-through. */
    static BufferedImage drawn(BufferedImage picture, int quarters) {
        boolean across = quarters % 2 == 1;
        int width = across ? picture.getHeight() : picture.getWidth();
        int height = across ? picture.getWidth() : picture.getHeight();
        BufferedImage plain = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D draw = plain.createGraphics();
        draw.setColor(Color.WHITE);
        draw.fillRect(0, 0, width, height);
        draw.translate(width / 2.0, height / 2.0);
        draw.rotate(quarters * Math.PI / 2);
        draw.translate(-picture.getWidth() / 2.0, -picture.getHeight() / 2.0);
        draw.drawImage(picture, 0, 0, null);
        draw.dispose();
        return plain;
    }
}
