package dev.steelyard.web.base.page;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.zip.CRC32;
import java.util.zip.Deflater;

/**
 * A compressed text with places that are filled in at each answer (RFC 1951 and 1952): what stays is compressed once, each part
 * by itself to a byte's end, and what is filled in stands between as it is. So nothing tells by an answer's length how much of a
 * secret is guessed right.
 */
final class PackedParts {

    private static final byte[] HEAD = {0x1f, (byte) 0x8b, 8, 0, 0, 0, 0, 0, 0, (byte) 0xff};
    private static final int MOST_FILLED = 0xffff;
    private static final int BYTE = 8;

    /** More than what stands around a filling, and around the whole. */
    private static final int ROOM = 32;

    private final List<byte[]> plain;
    private final List<byte[]> packed;

    /** @param plain what stands before, between and behind the places */
    PackedParts(List<byte[]> plain) {
        this.plain = plain;
        this.packed = IntStream.range(0, plain.size())
                .mapToObj(i -> pack(plain.get(i), i == plain.size() - 1))
                .toList();
    }

    private static byte[] pack(byte[] part, boolean last) {
        Deflater deflater = new Deflater(Deflater.BEST_COMPRESSION, true);
        try {
            deflater.setInput(part);
            if (last) {
                deflater.finish();
            }
            byte[] room = new byte[part.length * 2 + 64];
            int length = deflater.deflate(room, 0, room.length, last ? Deflater.NO_FLUSH : Deflater.SYNC_FLUSH);
            return Arrays.copyOf(room, length);
        } finally {
            deflater.end();
        }
    }

    /** The text with the same in all its places, as it is. */
    byte[] plain(byte[] filling) {
        ByteArrayOutputStream to = new ByteArrayOutputStream(size(plain, filling.length));
        for (int i = 0; i < plain.size(); i++) {
            if (i > 0) {
                to.writeBytes(filling);
            }
            to.writeBytes(plain.get(i));
        }
        return to.toByteArray();
    }

    /** The same compressed. @throws IllegalArgumentException where what is filled in is too long for one block */
    byte[] filled(byte[] filling) {
        if (filling.length > MOST_FILLED) {
            throw new IllegalArgumentException("at most " + MOST_FILLED + " bytes are filled in");
        }
        ByteArrayOutputStream to = new ByteArrayOutputStream(size(packed, filling.length + ROOM));
        to.writeBytes(HEAD);
        for (int i = 0; i < packed.size(); i++) {
            if (i > 0) {
                to.write(0); // a block that is stored, and not the last
                little(to, filling.length, 2);
                little(to, ~filling.length, 2);
                to.writeBytes(filling);
            }
            to.writeBytes(packed.get(i));
        }
        CRC32 check = new CRC32();
        for (int i = 0; i < plain.size(); i++) {
            if (i > 0) {
                check.update(filling);
            }
            check.update(plain.get(i));
        }
        little(to, (int) check.getValue(), 4);
        little(to, size(plain, filling.length), 4);
        return to.toByteArray();
    }

    /** @param between bytes between two parts */
    private static int size(List<byte[]> parts, int between) {
        int size = between * (parts.size() - 1);
        for (byte[] part : parts) {
            size += part.length;
        }
        return size;
    }

    private static void little(ByteArrayOutputStream to, int value, int bytes) {
        for (int i = 0; i < bytes; i++) {
            to.write(value >>> BYTE * i);
        }
    }
}
