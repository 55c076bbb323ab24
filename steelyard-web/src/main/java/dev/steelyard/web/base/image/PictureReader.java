package dev.steelyard.web.base.image;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * Reads an uploaded PNG, JPEG or WebP and encodes it anew as a PNG of at most 480 pixels a side, so that nothing but
 * pixels is kept. How large it is is looked at before any pixel is read.
 */
final class PictureReader {

    static final int MOST_BYTES = 5_000_000;
    static final int WIDEST = 6_000;

    /** Decoding takes a time that goes by these, whatever the file has of bytes. */
    static final long MOST_PIXELS = 16_000_000;

    private static final Duration LONGEST = Duration.ofSeconds(5);
    private static final int SIDE = 480;
    private static final List<String> KINDS = List.of("png", "jpeg", "webp");

    private PictureReader() {}

    /** A picture encoded anew. */
    record Encoded(int width, int height, byte[] png) {}

    static Encoded read(byte[] upload) {
        BufferedImage small = scaled(decoded(upload, SIDE), SIDE, BufferedImage.TYPE_INT_ARGB);
        return new Encoded(small.getWidth(), small.getHeight(), bytes(small, "png"));
    }

    /** The pixels of an uploaded picture, upright, and not many more than a side of some pixels needs. */
    static BufferedImage decoded(byte[] upload, int side) {
        if (upload.length == 0) {
            throw new UnusablePicture("No file was sent. Pick a PNG, JPEG or WebP picture.");
        }
        if (upload.length > MOST_BYTES) {
            throw new UnusablePicture("This file has " + upload.length / 1_000_000 + " MB; a picture may have up to "
                    + MOST_BYTES / 1_000_000 + " MB.");
        }
        ImageReader reader = null;
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(upload))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            reader = readers.hasNext() ? readers.next() : null;
            if (reader == null || !KINDS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                throw notAPicture();
            }
            reader.setInput(stream, true, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            if (width > WIDEST || height > WIDEST) {
                throw new UnusablePicture(
                        "This picture is " + width + " × " + height + " pixels; a side may have up to " + WIDEST + ".");
            }
            if ((long) width * height > MOST_PIXELS) {
                throw new UnusablePicture("This picture has " + width + " × " + height + " pixels, "
                        + (long) width * height / 1_000_000 + " million; a picture may have up to "
                        + MOST_PIXELS / 1_000_000 + " million. Save it smaller.");
            }
            return Upright.of(inTime(reader, Math.max(width, height), side), upload);
        } catch (IOException | RuntimeException broken) {
            throw broken instanceof UnusablePicture said ? said : notAPicture();
        } finally {
            if (reader != null) {
                reader.dispose();
            }
        }
    }

    /** Decodes no more than is kept, and gives up after a while. */
    private static BufferedImage inTime(ImageReader reader, int longer, int side) throws IOException {
        ImageReadParam every = reader.getDefaultReadParam();
        int step = Math.max(1, longer / (2 * side));
        every.setSourceSubsampling(step, step, 0, 0);
        FutureTask<BufferedImage> decoding = new FutureTask<>(() -> reader.read(0, every));
        Thread thread = new Thread(decoding, "picture");
        thread.setDaemon(true);
        thread.start();
        try {
            return decoding.get(LONGEST.toMillis(), TimeUnit.MILLISECONDS);
        } catch (TimeoutException tooLong) {
            reader.abort();
            throw new UnusablePicture("This picture takes more than " + LONGEST.toSeconds()
                    + " seconds to be read. Save it as an ordinary PNG or JPEG.");
        } catch (ExecutionException broken) {
            throw new IOException(broken.getCause());
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("stopped while a picture was read", stopping);
        }
    }

    private static UnusablePicture notAPicture() {
        return new UnusablePicture(
                "This file is no picture that can be read. PNG, JPEG and WebP pictures can be used.");
    }

    /** The picture with its longer side no longer than some pixels. @param type of {@link BufferedImage} */
    static BufferedImage scaled(BufferedImage image, int side, int type) {
        double scale = Math.min(1, side / (double) Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage small = new BufferedImage(width, height, type);
        Graphics2D graphics = small.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        graphics.drawImage(image, 0, 0, width, height, null);
        graphics.dispose();
        return small;
    }

    static byte[] bytes(BufferedImage image, String format) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, format, bytes);
        } catch (IOException never) {
            throw new IllegalStateException("written to memory", never);
        }
        return bytes.toByteArray();
    }
}
