package dev.steelyard.format.table;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/** The entrance: reads a file of any of the formats, and begins one. */
public final class Tables {

    /** The sheet that is read where a file has several; else the first. */
    public static final String SHEET = "Prices";

    private static final byte[] ZIP = {'P', 'K', 3, 4};
    private static final byte[] COMPOUND = {(byte) 0xD0, (byte) 0xCF, 0x11, (byte) 0xE0};

    private Tables() {}

    /**
     * Reads the rows of a file that are not empty, in order. What it is, is told from its first bytes, not from its name.
     *
     * @return which format it had
     * @throws UnreadableTable in words for whoever chose the file
     */
    public static TableKind read(Path file, TableLimits limits, RowSink sink) throws UnreadableTable, IOException {
        byte[] start = start(file);
        if (start.length == 0) {
            throw new UnreadableTable("The file is empty.");
        }
        if (begins(start, COMPOUND)) {
            throw new UnreadableTable(
                    "The file is password-protected, or of the old format .xls. Save it without a password as .xlsx, .ods"
                            + " or .csv.");
        }
        if (!begins(start, ZIP)) {
            new CsvReader(limits).read(file, sink);
            return TableKind.CSV;
        }
        TableKind kind = new PackedFile(file, limits).check();
        if (kind == TableKind.XLSX) {
            new XlsxReader(limits).read(file, sink);
        } else {
            new OdsReader(limits).read(file, sink);
        }
        return kind;
    }

    /**
     * Begins a file; closing what is answered ends it, and leaves the stream open.
     *
     * @param text how CSV is written; the others have a form of their own
     */
    public static TableWriter write(TableKind kind, OutputStream to, TableHead head, CsvForm text) throws IOException {
        return switch (kind) {
            case CSV -> new CsvWriter(to, head, text);
            case XLSX -> new XlsxWriter(to, head);
            case ODS -> new OdsWriter(to, head);
        };
    }

    private static byte[] start(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return in.readNBytes(ZIP.length);
        }
    }

    private static boolean begins(byte[] bytes, byte[] with) {
        return Arrays.equals(bytes, 0, Math.min(bytes.length, with.length), with, 0, with.length);
    }
}
