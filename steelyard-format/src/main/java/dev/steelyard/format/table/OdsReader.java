package dev.steelyard.format.table;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/**
 * One sheet of an ODS file, read as a stream. Rows and cells that are written once and repeated many times, as spreadsheet
 * programs fill a sheet to its end, are only unrolled where something follows.
 */
final class OdsReader {

    private final TableLimits limits;

    OdsReader(TableLimits limits) {
        this.limits = limits;
    }

    void read(Path file, RowSink sink) throws UnreadableTable, IOException {
        try (ZipFile zip = new ZipFile(file.toFile())) {
            ZipEntry content = zip.getEntry("content.xml");
            if (content == null) {
                throw new UnreadableTable("The file is damaged: it has no content.");
            }
            int sheet;
            try (InputStream in = zip.getInputStream(content)) {
                sheet = sheet(open(in));
            }
            try (InputStream in = zip.getInputStream(content)) {
                rows(open(in), sheet, sink);
            }
        } catch (XMLStreamException broken) {
            throw new UnreadableTable(
                    "The file is damaged: what is in it is no spreadsheet of the format .ods.", broken);
        }
    }

    private static XMLStreamReader open(InputStream in) throws XMLStreamException {
        XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        return factory.createXMLStreamReader(in);
    }

    /** The place of the sheet with prices. */
    private int sheet(XMLStreamReader xml) throws XMLStreamException, UnreadableTable {
        int count = 0;
        int named = 0;
        while (xml.hasNext()) {
            if (xml.next() == XMLStreamConstants.START_ELEMENT && is(xml, OdsNames.TABLE, "table")) {
                if (Tables.SHEET.equals(xml.getAttributeValue(OdsNames.TABLE, "name"))) {
                    named = count;
                }
                count++;
            }
        }
        limits.checkSheets(count);
        return named;
    }

    private void rows(XMLStreamReader xml, int sheet, RowSink sink) throws XMLStreamException, UnreadableTable {
        int table = -1;
        int line = 1;
        while (xml.hasNext()) {
            int event = xml.next();
            if (event == XMLStreamConstants.START_ELEMENT && is(xml, OdsNames.TABLE, "table")) {
                table++;
            } else if (event == XMLStreamConstants.START_ELEMENT
                    && table == sheet
                    && is(xml, OdsNames.TABLE, "table-row")) {
                int times = repeated(xml, "number-rows-repeated");
                List<Cell> cells = cells(xml, line);
                if (cells.isEmpty()) {
                    line = (int) Math.min(Integer.MAX_VALUE, (long) line + times);
                    continue;
                }
                for (int i = 0; i < times; i++) {
                    limits.checkRow(line);
                    sink.row(new TableRow(line++, cells));
                }
            }
        }
    }

    /** Those of a row, without empty ones at its end. */
    private List<Cell> cells(XMLStreamReader xml, int line) throws XMLStreamException, UnreadableTable {
        List<Cell> cells = new ArrayList<>();
        long column = 0;
        while (true) {
            int event = xml.next();
            if (event == XMLStreamConstants.END_ELEMENT && is(xml, OdsNames.TABLE, "table-row")) {
                return cells;
            }
            if (event == XMLStreamConstants.START_ELEMENT
                    && (is(xml, OdsNames.TABLE, "table-cell") || is(xml, OdsNames.TABLE, "covered-table-cell"))) {
                int times = repeated(xml, "number-columns-repeated");
                Cell cell = cell(xml);
                if (!(cell instanceof Cell.Empty)) {
                    limits.checkCell(cell.shown(), line);
                    limits.checkColumn((int) Math.min(Integer.MAX_VALUE, column + times - 1), line);
                    while (cells.size() < column) {
                        cells.add(Cell.EMPTY);
                    }
                    for (int i = 0; i < times; i++) {
                        cells.add(cell);
                    }
                }
                column += times;
            }
        }
    }

    private static Cell cell(XMLStreamReader xml) throws XMLStreamException {
        String type = xml.getAttributeValue(OdsNames.OFFICE, "value-type");
        String value = xml.getAttributeValue(OdsNames.OFFICE, "value");
        String day = xml.getAttributeValue(OdsNames.OFFICE, "date-value");
        boolean error = "error".equals(xml.getAttributeValue(OdsNames.CALC, "value-type"));
        String text = text(xml);
        if (error || text.startsWith("#") && text.matches("#[A-Z/0]+[!?]?.*")) {
            return new Cell.Odd(text, "an error of the spreadsheet");
        }
        if (type == null) {
            return Cell.text(text);
        }
        return switch (type) {
            case "float", "currency" -> value == null ? Cell.text(text) : figure(value, text);
            case "percentage" -> new Cell.Odd(text, "a percentage");
            case "date" -> day == null ? Cell.text(text) : day(day);
            case "boolean", "time" -> new Cell.Odd(text, "boolean".equals(type) ? "a yes or no" : "a time of day");
            default -> Cell.text(text);
        };
    }

    private static Cell figure(String value, String text) {
        try {
            return new Cell.Figure(Figures.read(value));
        } catch (NumberFormatException noNumber) {
            return Cell.text(text);
        }
    }

    private static Cell day(String text) {
        try {
            if (!text.contains("T")) {
                return new Cell.Day(LocalDate.parse(text));
            }
            LocalDateTime moment = LocalDateTime.parse(text);
            return moment.toLocalTime().equals(LocalTime.MIDNIGHT)
                    ? new Cell.Day(moment.toLocalDate())
                    : new Cell.Text(text);
        } catch (DateTimeException noDay) {
            return new Cell.Text(text);
        }
    }

    /** The paragraphs of a cell, up to its end; comments are left out. */
    private static String text(XMLStreamReader xml) throws XMLStreamException {
        StringBuilder text = new StringBuilder();
        int paragraphs = 0;
        int depth = 1;
        int comment = 0;
        while (depth > 0) {
            int event = xml.next();
            if (event == XMLStreamConstants.START_ELEMENT) {
                depth++;
                if (comment > 0 || is(xml, OdsNames.OFFICE, "annotation")) {
                    comment++;
                } else if (is(xml, OdsNames.TEXT, "p") && paragraphs++ > 0) {
                    text.append('\n');
                } else if (is(xml, OdsNames.TEXT, "s")) {
                    text.append(" ".repeat(spaces(xml.getAttributeValue(OdsNames.TEXT, "c"))));
                } else if (is(xml, OdsNames.TEXT, "tab")) {
                    text.append('\t');
                } else if (is(xml, OdsNames.TEXT, "line-break")) {
                    text.append('\n');
                }
            } else if (event == XMLStreamConstants.END_ELEMENT) {
                depth--;
                comment = Math.max(0, comment - 1);
            } else if ((event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA)
                    && comment == 0
                    && depth > 1) {
                text.append(xml.getText());
            }
        }
        return text.toString();
    }

    private static int spaces(@Nullable String count) {
        return count == null || !count.matches("\\d{1,4}") ? 1 : Integer.parseInt(count);
    }

    private static int repeated(XMLStreamReader xml, String name) {
        String count = xml.getAttributeValue(OdsNames.TABLE, name);
        return count == null || !count.matches("\\d{1,8}") ? 1 : Math.max(1, Integer.parseInt(count));
    }

    private static boolean is(XMLStreamReader xml, String space, String name) {
        return name.equals(xml.getLocalName()) && space.equals(xml.getNamespaceURI());
    }
}
