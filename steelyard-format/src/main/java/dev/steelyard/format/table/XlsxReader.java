package dev.steelyard.format.table;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ExcelReaderException;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.ReadingOptions;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;
import org.jspecify.annotations.Nullable;

/** One sheet of an XLSX file. A formula's value is the one that was saved with it. */
final class XlsxReader {

    private final TableLimits limits;

    XlsxReader(TableLimits limits) {
        this.limits = limits;
    }

    void read(Path file, RowSink sink) throws UnreadableTable, IOException {
        try (ReadableWorkbook book = new ReadableWorkbook(file.toFile(), new ReadingOptions(true, true))) {
            limits.checkSheets((int) book.getSheets().count());
            Sheet sheet = book.findSheet(Tables.SHEET).orElseGet(book::getFirstSheet);
            if (sheet == null) {
                throw new UnreadableTable("The file has no sheet.");
            }
            try (Stream<Row> rows = sheet.openStream()) {
                for (Iterator<Row> all = rows.iterator(); all.hasNext(); ) {
                    TableRow row = row(all.next());
                    if (!row.isEmpty()) {
                        limits.checkRow(row.line());
                        sink.row(row);
                    }
                }
            }
        } catch (ExcelReaderException
                | UncheckedIOException
                | IllegalArgumentException
                | IndexOutOfBoundsException broken) {
            throw new UnreadableTable(
                    "The file is damaged: what is in it is no spreadsheet of the format .xlsx.", broken);
        }
    }

    private TableRow row(Row row) throws UnreadableTable {
        List<Cell> cells = new ArrayList<>();
        for (int i = 0; i < row.getCellCount(); i++) {
            Cell cell = row.hasCell(i) ? cell(row.getCell(i)) : Cell.EMPTY;
            if (!(cell instanceof Cell.Empty)) {
                limits.checkColumn(i, row.getRowNum());
                limits.checkCell(cell.shown(), row.getRowNum());
            }
            if (i < limits.columns()) {
                cells.add(cell);
            }
        }
        return new TableRow(row.getRowNum(), cells);
    }

    private static Cell cell(org.dhatim.fastexcel.reader.@Nullable Cell cell) {
        if (cell == null || cell.getType() == CellType.EMPTY) {
            return Cell.EMPTY;
        }
        String raw = cell.getRawValue() == null ? "" : cell.getRawValue();
        return switch (cell.getType()) {
            case NUMBER -> number(cell, raw);
            case STRING -> Cell.text(cell.getText());
            case ERROR -> new Cell.Odd(raw, "an error of the spreadsheet");
            case BOOLEAN -> new Cell.Odd(raw.equals("1") ? "TRUE" : "FALSE", "a yes or no");
            default -> formula(cell, raw);
        };
    }

    private static Cell formula(org.dhatim.fastexcel.reader.Cell cell, String raw) {
        if (raw.startsWith("#")) {
            return new Cell.Odd(raw, "an error of the spreadsheet");
        }
        return raw.matches("-?\\d+(\\.\\d+)?([eE][+-]?\\d{1,3})?") ? number(cell, raw) : Cell.text(raw);
    }

    private static Cell number(org.dhatim.fastexcel.reader.Cell cell, String raw) {
        String format = format(cell.getDataFormatString());
        if (format.contains("%")) {
            return new Cell.Odd(
                    Figures.read(raw).movePointRight(2).stripTrailingZeros().toPlainString() + " %", "a percentage");
        }
        if (cell.getType() == CellType.NUMBER && isDate(cell.getDataFormatId(), format)) {
            LocalDateTime moment = cell.asDate();
            return moment.toLocalTime().equals(LocalTime.MIDNIGHT)
                    ? new Cell.Day(moment.toLocalDate())
                    : new Cell.Text(moment.toString());
        }
        return new Cell.Figure(Figures.read(raw));
    }

    /** A number format without its literal texts, colours and conditions. */
    private static String format(@Nullable String format) {
        return format == null
                ? ""
                : format.replaceAll("\"[^\"]*\"|\\[[^\\]]*\\]|\\\\.", "").toLowerCase(Locale.ROOT);
    }

    private static boolean isDate(@Nullable Integer id, String format) {
        // 14 to 17 and 22 are the dates among ECMA-376's formats without a text
        return id != null && (id >= 14 && id <= 17 || id == 22) || format.contains("yy") || format.contains("d");
    }
}
