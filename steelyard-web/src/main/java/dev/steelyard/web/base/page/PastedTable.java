package dev.steelyard.web.base.page;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Pasted;
import dev.steelyard.core.number.WrittenNumber;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** Cells copied from a spreadsheet, or the text of a CSV file: lines of cells with tabs, semicolons or commas between. */
public final class PastedTable {

    private static final int MOST_LINES = 1000;

    private PastedTable() {}

    /** The cells, outer spaces taken off; lines without any are left out. A stray quote makes no fault. */
    public static List<List<String>> cells(String text) {
        CSVFormat format = CSVFormat.Builder.create()
                .setDelimiter(separator(text))
                .setQuote('"')
                .setIgnoreEmptyLines(true)
                .setLenientEof(true)
                .setTrailingData(true)
                .get();
        List<List<String>> lines = new ArrayList<>();
        try (var parser = format.parse(new StringReader(text))) {
            for (CSVRecord line : parser) {
                List<String> cells = line.stream().map(Pasted::stripped).toList();
                if (lines.size() < MOST_LINES && cells.stream().anyMatch(cell -> !cell.isEmpty())) {
                    lines.add(cells);
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible); // a text in memory is always there
        }
        return lines;
    }

    /** Tabs where there are some, then semicolons; commas only where they cannot be decimal commas. */
    private static char separator(String text) {
        if (text.indexOf('\t') >= 0) {
            return '\t';
        }
        return text.indexOf(';') >= 0 || text.lines().allMatch(PastedTable::isOneNumber) ? ';' : ',';
    }

    private static boolean isOneNumber(String line) {
        DecimalText.Reading reading = TypedNumbers.read(line);
        return line.isBlank() || reading.value() != null || WrittenNumber.isEither(line);
    }

    /** Whether a line is words only, and so says what the columns are. */
    public static boolean isHead(List<String> cells) {
        return cells.stream().noneMatch(cell -> cell.chars().anyMatch(Character::isDigit))
                && cells.stream().anyMatch(cell -> !cell.isEmpty());
    }
}
