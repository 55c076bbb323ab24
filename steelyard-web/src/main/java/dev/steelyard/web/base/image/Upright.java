package dev.steelyard.web.base.image;

import java.awt.geom.AffineTransform;
import java.awt.image.AffineTransformOp;
import java.awt.image.BufferedImage;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;

/**
 * Turns a picture as the camera was held. JPEG files say so by the tag “orientation” of their Exif part (CIPA DC-008); pixels
 * are as the sensor saw them.
 */
final class Upright {

    private static final int APP1 = 0xE1;
    private static final int SCAN = 0xDA;
    private static final int ORIENTATION = 0x0112;
    private static final int EXIF = 0x45786966;
    private static final int ENTRY = 12;

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
        ByteBuffer bytes = ByteBuffer.wrap(file);
        if (bytes.remaining() < 4 || bytes.getShort(0) != (short) 0xFFD8) {
            return 1;
        }
        int at = 2;
        while (at + 4 <= file.length && (file[at] & 0xFF) == 0xFF && (file[at + 1] & 0xFF) != SCAN) {
            int length = bytes.getShort(at + 2) & 0xFFFF;
            if ((file[at + 1] & 0xFF) == APP1
                    && length > 16
                    && at + 2 + length <= file.length
                    && bytes.getInt(at + 4) == EXIF) {
                return tag(bytes.slice(at + 10, length - 8));
            }
            at += 2 + length;
        }
        return 1;
    }

    /** @param exif from its byte order mark on */
    private static int tag(ByteBuffer exif) {
        exif.order(exif.getShort(0) == 0x4949 ? ByteOrder.LITTLE_ENDIAN : ByteOrder.BIG_ENDIAN);
        int directory = exif.getInt(4);
        if (directory < 8 || directory + 2 > exif.limit()) {
            return 1;
        }
        int entries = exif.getShort(directory) & 0xFFFF;
        for (int i = 0; i < entries; i++) {
            int entry = directory + 2 + i * ENTRY;
            if (entry + ENTRY > exif.limit()) {
                return 1;
            }
            if ((exif.getShort(entry) & 0xFFFF) == ORIENTATION) {
                int value = exif.getShort(entry + 8) & 0xFFFF;
                return value >= 1 && value <= 8 ? value : 1;
            }
        }
        return 1;
    }
}
