package truekeen.app.profile;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Set;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.IIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.event.IIOReadWarningListener;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import org.springframework.stereotype.Component;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;
import truekeen.core.message.RefusedException;

/**
 * Makes sure that what was sent is a photograph, and makes it anew, small: what is kept is a picture of ours, without
 * places or names that a camera wrote into its own, and without whatever else may hide in a file. The file is believed by
 * its content, never by its name. How large it unfolds is read before anything is unfolded; then only every n-th pixel
 * is, one photograph at a time.
 */
@Component
class PhotoReader {
    /** Longest side that is kept: a hundredth of a millimetre on a chisel, a tenth on a long knife (pixels). */
    static final int LONGEST_KEPT = 2000;
    /** Most pixels that are unfolded. */
    static final long MOST_PIXELS = 50_000_000;

    private static final int LONGEST_SIDE = 20_000;
    private static final float QUALITY = 0.88f;
    private static final Set<String> TYPES = Set.of("png", "jpeg");
    /** So many wait their turn; the next is told to come again rather than kept without a word. */
    private static final int MOST_WAITING = 4;

    private static final Semaphore ONE_AT_A_TIME = new Semaphore(1, true);

    static {
        // The pieces of a photograph are not written to files on the way.
        ImageIO.setUseCache(false);
    }

    /** A picture of ours. */
    record Made(byte[] jpeg, int width, int height) {}

    /**
     * Reads a photograph.
     *
     * @throws RefusedException when it is empty, of another type, too large to unfold, or ends too early
     */
    Made read(byte[] sent) {
        if (sent.length == 0) {
            throw new RefusedException(Refusal.of(MessageCode.PHOTO_EMPTY, "photo", ""));
        }
        if (ONE_AT_A_TIME.getQueueLength() >= MOST_WAITING) {
            throw new RefusedException(Refusal.of(MessageCode.TOO_BUSY, "photo", ""));
        }
        ONE_AT_A_TIME.acquireUninterruptibly();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            ImageReader reader = reader(in);
            try {
                reader.setInput(in, true, true);
                return made(reader, Upright.quarters(sent));
            } finally {
                reader.dispose();
            }
        } catch (IOException
                | IllegalArgumentException
                | IndexOutOfBoundsException
                | NegativeArraySizeException broken) {
            throw new RefusedException(Refusal.of(MessageCode.PHOTO_BROKEN, "photo", broken.getMessage()));
        } finally {
            ONE_AT_A_TIME.release();
        }
    }

    private static ImageReader reader(ImageInputStream in) throws IOException {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
        while (readers.hasNext()) {
            ImageReader reader = readers.next();
            if (TYPES.contains(reader.getFormatName().toLowerCase(java.util.Locale.ROOT))) {
                return reader;
            }
            reader.dispose();
        }
        throw new RefusedException(Refusal.of(MessageCode.PHOTO_TYPE, "photo", ""));
    }

    private static Made made(ImageReader reader, int quarters) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        if (width > LONGEST_SIDE || height > LONGEST_SIDE || (long) width * height > MOST_PIXELS) {
            throw new RefusedException(Refusal.of(MessageCode.PHOTO_PIXELS, "photo", width + " × " + height + " pixels")
                    .with("high", ProfileWords.MEGAPIXELS.fill("most", MOST_PIXELS / 1_000_000)));
        }
        AtomicBoolean complained = new AtomicBoolean();
        IIOReadWarningListener listener = (source, warning) -> complained.set(true);
        reader.addIIOReadWarningListener(listener);
        ImageReadParam some = reader.getDefaultReadParam();
        int every = Math.max(1, (int) Math.ceil(Math.max(width, height) / (double) LONGEST_KEPT));
        some.setSourceSubsampling(every, every, 0, 0);
        BufferedImage picture = reader.read(0, some);
        if (complained.get()) {
            // The decoder of JPEG fills up what is missing with grey and only warns.
            throw new IIOException(ProfileWords.ENDS_EARLY.words());
        }
        BufferedImage plain = Upright.drawn(picture, quarters);
        return new Made(jpeg(plain), plain.getWidth(), plain.getHeight());
    }

    private static byte[] jpeg(BufferedImage plain) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(QUALITY);
            writer.write(null, new IIOImage(plain, null, null), param);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
