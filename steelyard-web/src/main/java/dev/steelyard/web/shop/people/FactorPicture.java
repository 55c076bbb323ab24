package dev.steelyard.web.shop.people;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Map;

/**
 * A secret as authenticator programs take it: as a QR code (ISO/IEC 18004) of an otpauth address, drawn on the page, and in
 * letters (base32, RFC 4648) for those who type it.
 *
 * @param size of a side, in modules
 * @param path of the dark modules, in SVG
 * @param letters in groups of four
 */
record FactorPicture(int size, String path, String letters) {

    private static final String BASE32 = "ABCDEFGHIJKLMNOPQRSTUVWXYZ234567";
    private static final int BITS = 5;

    static FactorPicture of(byte[] secret, String shop, String signIn) {
        String letters = base32(secret);
        String address = "otpauth://totp/" + encoded(shop) + ":" + encoded(signIn) + "?secret=" + letters + "&issuer="
                + encoded(shop);
        BitMatrix matrix = matrix(address);
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < matrix.getHeight(); y++) {
            for (int x = 0; x < matrix.getWidth(); x++) {
                if (matrix.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        return new FactorPicture(matrix.getWidth(), path.toString(), letters.replaceAll("(.{4})(?!$)", "$1 "));
    }

    private static BitMatrix matrix(String text) {
        try {
            return new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 1, 1, Map.of(EncodeHintType.MARGIN, 4));
        } catch (WriterException never) {
            throw new IllegalStateException(never);
        }
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
    }

    static String base32(byte[] bytes) {
        StringBuilder text = new StringBuilder();
        int held = 0;
        int bits = 0;
        for (byte one : bytes) {
            held = held << Byte.SIZE | one & 0xFF;
            bits += Byte.SIZE;
            while (bits >= BITS) {
                text.append(BASE32.charAt(held >> (bits -= BITS) & (1 << BITS) - 1));
            }
        }
        return text.toString();
    }
}
