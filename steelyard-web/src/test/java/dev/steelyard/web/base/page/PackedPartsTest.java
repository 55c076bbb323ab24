package dev.steelyard.web.base.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;

/** Whoever unpacks it has the parts with the same text between each two. */
class PackedPartsTest {

    private static byte[] unpacked(byte[] packed) throws IOException {
        return new GZIPInputStream(new ByteArrayInputStream(packed)).readAllBytes(); // looks at length and check, too
    }

    private static byte[] bytes(Random random, int most) {
        byte[] bytes = new byte[random.nextInt(most + 1)];
        for (int i = 0; i < bytes.length; i++) {
            bytes[i] = (byte) (random.nextInt(3) == 0 ? random.nextInt() : 'a' + i % 7);
        }
        return bytes;
    }

    @Test
    void anyPartsAndAnyText() throws IOException {
        Random random = new Random(20_270_301);
        for (int i = 0; i < 300; i++) {
            List<byte[]> parts = new ArrayList<>();
            for (int k = 0; k <= random.nextInt(5); k++) {
                parts.add(bytes(random, 3_000));
            }
            PackedParts packed = new PackedParts(parts);
            for (int k = 0; k < 3; k++) {
                byte[] filling = bytes(random, 400);
                ByteArrayOutputStream whole = new ByteArrayOutputStream();
                for (int at = 0; at < parts.size(); at++) {
                    whole.writeBytes(at == 0 ? new byte[0] : filling);
                    whole.writeBytes(parts.get(at));
                }
                assertThat(unpacked(packed.filled(filling))).isEqualTo(whole.toByteArray());
            }
        }
    }

    @Test
    void whatIsFilledInIsAsLongPackedAsItIs() {
        PackedParts page = new PackedParts(List.of("token=abcabc ".getBytes(), " end".getBytes()));
        assertThat(page.filled("abcabc".getBytes())).hasSameSizeAs(page.filled("xyz123".getBytes()));
        assertThat(page.filled(new byte[60]).length - page.filled(new byte[50]).length)
                .isEqualTo(10);
    }

    @Test
    void noMoreThanOneBlockHolds() {
        PackedParts page = new PackedParts(List.of(new byte[0], new byte[0]));
        assertThatThrownBy(() -> page.filled(new byte[70_000])).isInstanceOf(IllegalArgumentException.class);
    }
}
