package dev.steelyard.web.base.image;

import dev.steelyard.web.base.page.Fingerprint;
import java.awt.image.BufferedImage;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Pictures of goods: encoded anew, so that nothing but pixels is kept, in two sizes. What has transparent pixels is kept as
 * PNG, all else as JPEG.
 */
@Service
public class GoodsImages {

    private static final int LARGE = 1_200;
    private static final int SMALL = 320;

    private final JdbcTemplate sql;

    GoodsImages(JdbcTemplate sql) {
        this.sql = sql;
    }

    /** Bytes as they are served. */
    record Served(String mediaType, byte[] bytes) {}

    /**
     * Keeps an uploaded picture.
     *
     * @return its fingerprint
     * @throws UnusablePicture in words, where it is none or too large
     */
    @Transactional
    public String keep(byte[] upload) {
        BufferedImage decoded = PictureReader.decoded(upload, LARGE);
        boolean clear = decoded.getColorModel().hasAlpha() && hasClearPixels(decoded);
        String kind = clear ? "png" : "jpeg";
        int type = clear ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB;
        BufferedImage large = PictureReader.scaled(decoded, LARGE, type);
        byte[] bytes = PictureReader.bytes(large, kind);
        byte[] small = PictureReader.bytes(PictureReader.scaled(large, SMALL, type), kind);
        String fingerprint = Fingerprint.of(bytes);
        sql.update(
                "insert ignore into goods_picture (fingerprint, kind, width, height, large, small, made_at) values (?, ?, ?, ?,"
                        + " ?, ?, utc_timestamp(6))",
                fingerprint,
                kind,
                large.getWidth(),
                large.getHeight(),
                bytes,
                small);
        return fingerprint;
    }

    private static boolean hasClearPixels(BufferedImage image) {
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                if (image.getRGB(x, y) >>> 24 != 0xFF) {
                    return true;
                }
            }
        }
        return false;
    }

    @Transactional(readOnly = true)
    Optional<Served> find(String fingerprint, boolean large) {
        return sql
                .query(
                        "select kind, " + (large ? "large" : "small") + " from goods_picture where fingerprint = ?",
                        (row, n) -> new Served("image/" + row.getString(1), row.getBytes(2)),
                        fingerprint)
                .stream()
                .findFirst();
    }
}
