package dev.steelyard.format.table;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;

/**
 * Looks through a zip file before anything reads it: what it is, how large it is unpacked, and whether there is something
 * in it that is not read. Everything is unpacked once and thrown away, since sizes in a zip file may be lies.
 */
final class PackedFile {

    private static final int MOST_ENTRIES = 2_000;
    private static final int PROLOG = 64 << 10;

    private final Path file;
    private final TableLimits limits;

    PackedFile(Path file, TableLimits limits) {
        this.file = file;
        this.limits = limits;
    }

    TableKind check() throws UnreadableTable, IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            TableKind kind = kind(zip);
            if (kind == null) {
                throw new UnreadableTable(
                        "The file is a zip file, but no spreadsheet. Choose a .csv, .xlsx or .ods file with prices.");
            }
            look(zip);
            return kind;
        } catch (ZipException broken) {
            throw new UnreadableTable("The file is damaged or was cut off: " + broken.getMessage() + ".", broken);
        }
    }

    private static @Nullable TableKind kind(ZipFile zip) throws IOException {
        ZipEntry mimetype = zip.getEntry("mimetype");
        if (mimetype != null) {
            String type = new String(zip.getInputStream(mimetype).readNBytes(200), StandardCharsets.US_ASCII);
            return type.strip().startsWith(TableKind.ODS.mediaType()) ? TableKind.ODS : null;
        }
        return zip.getEntry("[Content_Types].xml") != null && zip.getEntry("xl/workbook.xml") != null
                ? TableKind.XLSX
                : null;
    }

    private void look(ZipFile zip) throws IOException, UnreadableTable {
        long unpacked = 0;
        int count = 0;
        for (Enumeration<? extends ZipEntry> entries = zip.entries(); entries.hasMoreElements(); ) {
            ZipEntry entry = entries.nextElement();
            String name = entry.getName();
            if (++count > MOST_ENTRIES) {
                throw new UnreadableTable(
                        "The file is packed from more than " + MOST_ENTRIES + " parts; that is no sheet of prices.");
            }
            if (name.endsWith("vbaProject.bin") || name.startsWith("Basic/") || name.startsWith("Scripts/")) {
                throw new UnreadableTable("The file has macros. Save it without, as .xlsx or .ods.");
            }
            unpacked += size(zip, entry, limits.unpackedBytes() - unpacked);
        }
    }

    private long size(ZipFile zip, ZipEntry entry, long left) throws IOException, UnreadableTable {
        byte[] block = new byte[PROLOG];
        long size = 0;
        try (InputStream in = zip.getInputStream(entry)) {
            for (int read = in.readNBytes(block, 0, block.length);
                    read > 0;
                    read = in.readNBytes(block, 0, block.length)) {
                if (size == 0) {
                    checkProlog(entry.getName(), new String(block, 0, read, StandardCharsets.ISO_8859_1));
                }
                size += read;
                if (size > left) {
                    throw new UnreadableTable("Unpacked, the file would be larger than "
                            + (limits.unpackedBytes() >> 20) + " MB; that is no sheet of prices.");
                }
            }
        }
        return size;
    }

    private static void checkProlog(String name, String start) throws UnreadableTable {
        if (start.contains("<!DOCTYPE") || start.contains("<!ENTITY")) {
            throw new UnreadableTable(
                    "The file defines entities of its own, which spreadsheet programs never write. It is not read.");
        }
        if (name.equals("META-INF/manifest.xml") && start.contains("encryption-data")) {
            throw new UnreadableTable("The file is password-protected. Save it without a password.");
        }
    }
}
