package dev.steelyard.format.table;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * CSV in UTF-8, or in UTF-16 where its mark says so; commas, semicolons or tabs, whichever the first lines have most of.
 * Lines at the beginning whose first cell starts with # are left out.
 */
final class CsvReader {

    private static final int LOOKED_AT = 40;
    private static final int LONGEST_LINE = 20_000;
    private static final char[] SEPARATORS = {',', ';', '\t'};

    private final TableLimits limits;

    CsvReader(TableLimits limits) {
        this.limits = limits;
    }

    void read(Path file, RowSink sink) throws UnreadableTable, IOException {
        Charset charset = charset(file);
        char separator = separator(file, charset);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator)
                .setIgnoreEmptyLines(true)
                .get();
        try (Reader text = open(file, charset);
                CSVParser parser = format.parse(text)) {
            boolean begun = false;
            for (CSVRecord record : parser) {
                int line = (int) Math.min(parser.getCurrentLineNumber(), Integer.MAX_VALUE);
                limits.checkRow((int) Math.min(record.getRecordNumber(), Integer.MAX_VALUE));
                if (!begun && record.get(0).startsWith("#")) {
                    continue;
                }
                TableRow row = row(record, line);
                if (!row.isEmpty()) {
                    begun = true;
                    sink.row(row);
                }
            }
        } catch (CharacterCodingException notUnicode) {
            throw notUnicode(notUnicode);
        } catch (UncheckedIOException torn) {
            if (torn.getCause() instanceof CharacterCodingException notUnicode) {
                throw notUnicode(notUnicode);
            }
            throw new UnreadableTable(
                    "The text is no CSV: " + torn.getCause().getMessage()
                            + ". A quote that is part of a text is written twice, and each quote has an end.",
                    torn);
        }
    }

    private TableRow row(CSVRecord record, int line) throws UnreadableTable {
        List<Cell> cells = new ArrayList<>(record.size());
        for (int i = 0; i < record.size(); i++) {
            String text = record.get(i);
            if (!text.isEmpty()) {
                limits.checkColumn(i, line);
                limits.checkCell(text, line);
            }
            if (i < limits.columns()) {
                cells.add(Cell.text(Guarded.in(text)));
            }
        }
        return new TableRow(line, cells);
    }

    private static UnreadableTable notUnicode(CharacterCodingException cause) {
        return new UnreadableTable(
                "The file is neither a spreadsheet nor text in UTF-8. In your spreadsheet program save it as “CSV UTF-8”, or"
                        + " as .xlsx or .ods.",
                cause);
    }

    private static Charset charset(Path file) throws IOException, UnreadableTable {
        byte[] start;
        try (InputStream in = Files.newInputStream(file)) {
            start = in.readNBytes(LONGEST_LINE);
        }
        if (start.length >= 2 && (start[0] & 0xFF) == 0xFF && (start[1] & 0xFF) == 0xFE
                || start.length >= 2 && (start[0] & 0xFF) == 0xFE && (start[1] & 0xFF) == 0xFF) {
            return StandardCharsets.UTF_16;
        }
        for (byte one : start) {
            if (one == 0) {
                throw new UnreadableTable(
                        "The file is no spreadsheet and no text. Choose a .csv, .xlsx or .ods file with prices.");
            }
        }
        return StandardCharsets.UTF_8;
    }

    /** Strict: what is no text in this encoding is refused, not guessed. The mark at the beginning is left out. */
    private static BufferedReader open(Path file, Charset charset) throws IOException {
        BufferedReader reader = new BufferedReader(new InputStreamReader(
                Files.newInputStream(file),
                charset.newDecoder()
                        .onMalformedInput(CodingErrorAction.REPORT)
                        .onUnmappableCharacter(CodingErrorAction.REPORT)));
        reader.mark(1);
        if (reader.read() != 0xFEFF) {
            reader.reset();
        }
        return reader;
    }

    private static char separator(Path file, Charset charset) throws IOException, UnreadableTable {
        int[] counts = new int[SEPARATORS.length];
        try (BufferedReader lines = open(file, charset)) {
            int seen = 0;
            for (String line = lines.readLine(); line != null && seen < LOOKED_AT; line = lines.readLine()) {
                if (line.startsWith("#") || line.startsWith("\"#") || line.isBlank()) {
                    continue;
                }
                seen++;
                for (int i = 0; i < SEPARATORS.length; i++) {
                    char separator = SEPARATORS[i];
                    // the head tells best: its words have no separators of their own
                    counts[i] += (int) line.chars().filter(c -> c == separator).count() * (seen == 1 ? LOOKED_AT : 1);
                }
            }
        } catch (CharacterCodingException notUnicode) {
            throw notUnicode(notUnicode);
        }
        int most = 0;
        for (int i = 1; i < counts.length; i++) {
            most = counts[i] > counts[most] ? i : most;
        }
        return SEPARATORS[most];
    }
}
