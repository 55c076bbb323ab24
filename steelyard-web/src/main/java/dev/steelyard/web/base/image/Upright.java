package dev.steelyard.web.base.image;

import com.twelvemonkeys.imageio.metadata.Entry;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEG;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEGSegment;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEGSegmentUtil;
import com.twelvemonkeys.imageio.metadata.tiff.TIFF;
import com.twelvemonkeys.imageio.metadata.tiff.TIFFReader;
import java.awt.geom.AffineTransform;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.stream.ImageInputStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Turns a picture as the camera was held. JPEG files say so by the tag “orientation” of their Exif part (CIPA DC-008); pixels
 * are as the sensor saw them.
 */
final class Upright {

    private static final Logger log = LoggerFactory.getLogger(Upright.class);

    private Upright() {}

    static BufferedImage of(BufferedImage image, byte[] file) {
        int width = image.getWidth();
        int height = image.getHeight();
        AffineTransform turn =
                switch (orientation(file)) {
                    case 2 -> new AffineTransform(-1, 0, 0, 1, width, 0);
                    case 3 -> new AffineTransform(-1, 0, 0, -1, width, height);
                    case 4 -> new AffineTransform(1, 0, 0, -1, 0, height);
                    case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
                    case 6 -> new AffineTransform(0, 1, -1, 0, height, 0);
                    case 7 -> new AffineTransform(0, -1, -1, 0, height, width);
                    case 8 -> new AffineTransform(0, -1, 1, 0, 0, width);
                    default -> new AffineTransform();
                };
        return turn.isIdentity()
                ? image
                : new AffineTransformOp(turn, AffineTransformOp.TYPE_NEAREST_NEIGHBOR).filter(image, null);
    }

    /** From 1, upright, to 8; 1 where the file says nothing that can be understood. */
    static int orientation(byte[] file) {
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            List<JPEGSegment> exif = isJpeg(file) ? JPEGSegmentUtil.readSegments(stream, JPEG.APP1, "Exif") : List.of();
            return exif.isEmpty() ? 1 : orientation(exif.get(0));
        } catch (IOException | RuntimeException notUnderstood) {
            log.debug("How a camera was held could not be read", notUnderstood);
            return 1;
        }
    }

    private static boolean isJpeg(byte[] file) {
        return file.length > 2 && (file[0] & 0xFF) == 0xFF && (file[1] & 0xFF) == 0xD8;
    }

    private static int orientation(JPEGSegment exif) throws IOException {
        try (InputStream data = exif.data()) {
            data.skipNBytes(1); // a byte stands between the name and what it names
            try (ImageInputStream tiff = ImageIO.createImageInputStream(data)) {
                Entry said = new TIFFReader().read(tiff).getEntryById(TIFF.TAG_ORIENTATION);
                return said != null && said.getValue() instanceof Number value ? value.intValue() : 1;
            }
        }
    }
}
