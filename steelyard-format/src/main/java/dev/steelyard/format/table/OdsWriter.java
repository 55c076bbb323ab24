package dev.steelyard.format.table;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/**
 * An ODS file, written as a stream: the table on its first sheet, what its columns mean on the second. Written by hand,
 * since the one library at hand takes a time that grows with the square of the rows.
 */
final class OdsWriter implements TableWriter {

    private static final String VERSION = "1.3";
    private static final String DAY = "day";
    private static final String WORDS = "words";
    private static final String PRICE = "price";
    private static final String BOLD = "bold";

    /** Characters that XML 1.0 has no way to write. */
    private static final Pattern NO_XML =
            Pattern.compile("[^\\t\\n\\r\\x{20}-\\x{D7FF}\\x{E000}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]");

    private final ZipOutputStream zip;
    private final XMLStreamWriter xml;
    private final TableHead head;

    OdsWriter(OutputStream stream, TableHead head) throws IOException {
        this.head = head;
        this.zip = new ZipOutputStream(new BufferedOutputStream(stream));
        mimetype();
        try {
            manifest();
            zip.putNextEntry(new ZipEntry("content.xml"));
            this.xml = writer();
            begin();
        } catch (XMLStreamException failed) {
            throw new IOException(failed);
        }
    }

    /** First and not packed, so that programs know the file by its first bytes. */
    private void mimetype() throws IOException {
        byte[] type = TableKind.ODS.mediaType().getBytes(StandardCharsets.US_ASCII);
        ZipEntry entry = new ZipEntry("mimetype");
        CRC32 sum = new CRC32();
        sum.update(type);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(type.length);
        entry.setCrc(sum.getValue());
        zip.putNextEntry(entry);
        zip.write(type);
        zip.closeEntry();
    }

    private void manifest() throws IOException, XMLStreamException {
        zip.putNextEntry(new ZipEntry("META-INF/manifest.xml"));
        XMLStreamWriter out = writer();
        out.writeStartDocument("UTF-8", "1.0");
        out.writeStartElement("manifest:manifest");
        out.writeNamespace("manifest", OdsNames.MANIFEST);
        out.writeAttribute("manifest:version", VERSION);
        for (String[] part : new String[][] {{"/", TableKind.ODS.mediaType()}, {"content.xml", "text/xml"}}) {
            out.writeEmptyElement("manifest:file-entry");
            out.writeAttribute("manifest:full-path", part[0]);
            out.writeAttribute("manifest:media-type", part[1]);
        }
        out.writeEndDocument();
        out.flush();
        zip.closeEntry();
    }

    private XMLStreamWriter writer() throws XMLStreamException {
        return XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(zip, "UTF-8");
    }

    private void begin() throws XMLStreamException {
        xml.writeStartDocument("UTF-8", "1.0");
        xml.writeStartElement("office:document-content");
        xml.writeNamespace("office", OdsNames.OFFICE);
        xml.writeNamespace("table", OdsNames.TABLE);
        xml.writeNamespace("text", OdsNames.TEXT);
        xml.writeNamespace("style", OdsNames.STYLE);
        xml.writeNamespace("number", OdsNames.NUMBER);
        xml.writeNamespace("fo", "urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0");
        xml.writeAttribute("office:version", VERSION);
        styles();
        xml.writeStartElement("office:body");
        xml.writeStartElement("office:spreadsheet");
        startTable(Tables.SHEET);
        for (int i = 0; i < head.columns().size(); i++) {
            xml.writeEmptyElement("table:table-column");
            xml.writeAttribute("table:style-name", "c" + i);
        }
        xml.writeStartElement("table:table-row");
        for (TableHead.Column column : head.columns()) {
            text(column.head(), BOLD);
        }
        xml.writeEndElement();
    }

    private void styles() throws XMLStreamException {
        xml.writeStartElement("office:automatic-styles");
        xml.writeStartElement("number:date-style");
        xml.writeAttribute("style:name", "iso");
        xml.writeEmptyElement("number:year");
        xml.writeAttribute("number:style", "long");
        dash();
        xml.writeEmptyElement("number:month");
        xml.writeAttribute("number:style", "long");
        dash();
        xml.writeEmptyElement("number:day");
        xml.writeAttribute("number:style", "long");
        xml.writeEndElement();
        xml.writeStartElement("number:text-style");
        xml.writeAttribute("style:name", "as-typed");
        xml.writeEmptyElement("number:text-content");
        xml.writeEndElement();
        xml.writeStartElement("number:number-style");
        xml.writeAttribute("style:name", "decimals");
        xml.writeEmptyElement("number:number");
        xml.writeAttribute("number:min-integer-digits", "1");
        xml.writeAttribute("number:decimal-places", "6");
        xml.writeAttribute("number:min-decimal-places", "2");
        xml.writeEndElement();
        cellStyle(DAY, "iso");
        cellStyle(WORDS, "as-typed");
        cellStyle(PRICE, "decimals");
        xml.writeStartElement("style:style");
        xml.writeAttribute("style:name", BOLD);
        xml.writeAttribute("style:family", "table-cell");
        xml.writeEmptyElement("style:text-properties");
        xml.writeAttribute("fo:font-weight", "bold");
        xml.writeEndElement();
        for (int i = 0; i < head.columns().size(); i++) {
            xml.writeStartElement("style:style");
            xml.writeAttribute("style:name", "c" + i);
            xml.writeAttribute("style:family", "table-column");
            xml.writeEmptyElement("style:table-column-properties");
            xml.writeAttribute("style:column-width", head.columns().get(i).width() * 2 + "mm");
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }

    private void dash() throws XMLStreamException {
        xml.writeStartElement("number:text");
        xml.writeCharacters("-");
        xml.writeEndElement();
    }

    private void cellStyle(String name, String data) throws XMLStreamException {
        xml.writeEmptyElement("style:style");
        xml.writeAttribute("style:name", name);
        xml.writeAttribute("style:family", "table-cell");
        xml.writeAttribute("style:data-style-name", data);
    }

    private void startTable(String name) throws XMLStreamException {
        xml.writeStartElement("table:table");
        xml.writeAttribute("table:name", name);
    }

    @Override
    public void row(List<Cell> cells) throws IOException {
        try {
            xml.writeStartElement("table:table-row");
            for (int i = 0; i < cells.size(); i++) {
                write(cells.get(i), head.columns().get(i).decimals());
            }
            xml.writeEndElement();
        } catch (XMLStreamException failed) {
            throw new IOException(failed);
        }
    }

    private void write(Cell cell, int decimals) throws XMLStreamException {
        if (cell instanceof Cell.Figure figure && Figures.fits(figure.value())) {
            startCell("float", decimals == 0 ? "" : PRICE);
            xml.writeAttribute("office:value", Figures.plain(figure.value(), 0));
            endCell(Figures.plain(figure.value(), decimals));
        } else if (cell instanceof Cell.Day day) {
            startCell("date", DAY);
            xml.writeAttribute("office:date-value", day.shown());
            endCell(day.shown());
        } else if (cell instanceof Cell.Empty) {
            xml.writeEmptyElement("table:table-cell");
        } else {
            text(cell.shown(), WORDS);
        }
    }

    private void text(String text, String style) throws XMLStreamException {
        startCell("string", style);
        endCell(text);
    }

    private void startCell(String type, String style) throws XMLStreamException {
        xml.writeStartElement("table:table-cell");
        if (!style.isEmpty()) {
            xml.writeAttribute("table:style-name", style);
        }
        xml.writeAttribute("office:value-type", type);
    }

    private void endCell(String text) throws XMLStreamException {
        for (String line : text.split("\n", -1)) {
            xml.writeStartElement("text:p");
            characters(line);
            xml.writeEndElement();
        }
        xml.writeEndElement();
    }

    /** Several spaces and tabs are elements of their own: as plain text they would be drawn together. */
    private void characters(String raw) throws XMLStreamException {
        String line = NO_XML.matcher(raw).replaceAll("\uFFFD");
        int from = 0;
        for (int i = 0; i < line.length(); i++) {
            char one = line.charAt(i);
            boolean space = one == ' ' && (i == 0 || line.charAt(i - 1) == ' ' || i == line.length() - 1);
            if (space || one == '\t') {
                xml.writeCharacters(line.substring(from, i));
                xml.writeEmptyElement(space ? "text:s" : "text:tab");
                from = i + 1;
            }
        }
        xml.writeCharacters(line.substring(from));
    }

    @Override
    public void close() throws IOException {
        try {
            xml.writeEndElement();
            startTable("Columns");
            for (TableHead.Note note : head.notes()) {
                xml.writeStartElement("table:table-row");
                text(note.name(), BOLD);
                text(note.sentence(), WORDS);
                xml.writeEndElement();
            }
            xml.writeEndDocument();
            xml.flush();
        } catch (XMLStreamException failed) {
            throw new IOException(failed);
        }
        zip.closeEntry();
        zip.finish();
        zip.flush();
    }
}
