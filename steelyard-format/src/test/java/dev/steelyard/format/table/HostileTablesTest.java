package dev.steelyard.format.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class HostileTablesTest {

    private static final String ODS_TYPE = TableKind.ODS.mediaType();
    private static final String ODS_START =
            "<?xml version=\"1.0\"?><office:document-content xmlns:office=\"%s\" xmlns:table=\"%s\" xmlns:text=\"%s\" xmlns:calcext=\"%s\"><office:body><office:spreadsheet>"
                    .formatted(OdsNames.OFFICE, OdsNames.TABLE, OdsNames.TEXT, OdsNames.CALC);
    private static final String ODS_END = "</office:spreadsheet></office:body></office:document-content>";

    @TempDir
    Path folder;

    private Path file(byte[] bytes) throws IOException {
        return Files.write(folder.resolve("hostile"), bytes);
    }

    private Path zip(Map<String, String> entries) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, String> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue().getBytes(StandardCharsets.UTF_8));
                zip.closeEntry();
            }
        }
        return file(bytes.toByteArray());
    }

    private Path ods(String body) throws IOException {
        return zip(Map.of("mimetype", ODS_TYPE, "content.xml", ODS_START + body + ODS_END));
    }

    private interface Fill {
        void fill(Workbook book);
    }

    private Path xlsx(Fill fill) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(bytes, "test", "1.0")) {
            fill.fill(book);
        }
        return file(bytes.toByteArray());
    }

    private static void refused(Path file, String... words) {
        assertThatThrownBy(() -> TablesTest.read(file))
                .isInstanceOf(UnreadableTable.class)
                .hasMessageContainingAll(words);
    }

    @Test
    void whatIsNoTableIsSaidToBeNone() throws Exception {
        refused(file(new byte[0]), "empty");
        refused(file(new byte[] {(byte) 0x89, 'P', 'N', 'G', 0, 0, 1}), "no spreadsheet and no text");
        refused(file(new byte[] {'P', 'K', 3, 4, 9, 9, 9}), "damaged");
        refused(zip(Map.of("hello.txt", "hello")), "zip file, but no spreadsheet");
        refused(zip(Map.of("mimetype", "application/vnd.oasis.opendocument.text")), "no spreadsheet");
        refused(zip(Map.of("[Content_Types].xml", "<x/>", "xl/workbook.xml", "<not a workbook")), "damaged");
        refused(zip(Map.of("mimetype", ODS_TYPE, "content.xml", "<unfinished")), "damaged");
        refused(zip(Map.of("mimetype", ODS_TYPE)), "no content");
    }

    @Test
    void passwordsAndMacrosAreSaidToBeThere() throws Exception {
        refused(
                file(new byte[] {(byte) 0xD0, (byte) 0xCF, 0x11, (byte) 0xE0, (byte) 0xA1}),
                "password-protected",
                ".xls");
        refused(
                zip(Map.of("mimetype", ODS_TYPE, "META-INF/manifest.xml", "<m><manifest:encryption-data/></m>")),
                "password-protected");
        refused(
                zip(Map.of("[Content_Types].xml", "<x/>", "xl/workbook.xml", "<x/>", "xl/vbaProject.bin", "x")),
                "macros");
    }

    @Test
    void entitiesOfItsOwnAreNotRead() throws Exception {
        String bomb = "<!DOCTYPE x [<!ENTITY a \"aaaa\"><!ENTITY b \"&a;&a;\">]><x>&b;</x>";
        refused(zip(Map.of("mimetype", ODS_TYPE, "content.xml", bomb)), "entities");
        refused(zip(Map.of("[Content_Types].xml", "<x/>", "xl/workbook.xml", bomb)), "entities");
    }

    @Test
    void aFileThatUnpacksToTooMuchIsNotUnpacked() throws Exception {
        TableLimits small = new TableLimits(1 << 20, 50, 1000, 200, 1000);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("mimetype"));
            zip.write(ODS_TYPE.getBytes(StandardCharsets.US_ASCII));
            zip.putNextEntry(new ZipEntry("content.xml"));
            zip.write(new byte[2 << 20]);
        }
        assertThat(bytes.size()).isLessThan(10_000);
        Path file = file(bytes.toByteArray());

        assertThatThrownBy(() -> Tables.read(file, small, row -> {}))
                .isInstanceOf(UnreadableTable.class)
                .hasMessageContaining("larger than 1 MB");
    }

    @Test
    void manySheetsColumnsRowsAndLongCellsAreCounted() throws Exception {
        refused(
                xlsx(book -> {
                    for (int i = 0; i < 200; i++) {
                        book.newWorksheet("S" + i);
                    }
                }),
                "200 sheets",
                "50");
        refused(xlsx(book -> book.newWorksheet("S").value(0, 16_383, "x")), "column 16384", "at most 200");
        refused(
                ods(
                        "<table:table table:name=\"S\"><table:table-row><table:table-cell table:number-columns-repeated=\"16383\"/>"
                                + "<table:table-cell office:value-type=\"string\"><text:p>x</text:p></table:table-cell>"
                                + "</table:table-row></table:table>"),
                "column 16384");
        refused(
                ods("<table:table table:name=\"S\"><table:table-row table:number-rows-repeated=\"1048576\">"
                        + "<table:table-cell office:value-type=\"string\"><text:p>x</text:p></table:table-cell>"
                        + "</table:table-row></table:table>"),
                "500000 rows");
        refused(file(("sku,price\n\"" + "x".repeat(40_000)).getBytes(StandardCharsets.UTF_8)), "CSV");
        refused(file(("sku,price\n" + "x".repeat(40_000)).getBytes(StandardCharsets.UTF_8)), "40000 characters");
    }

    @Test
    void emptyRowsAndCellsThatAreRepeatedToTheEndCostNothing() throws Exception {
        List<TableRow> rows = TablesTest.read(
                ods(
                        "<table:table table:name=\"S\">"
                                + "<table:table-row table:number-rows-repeated=\"3\"><table:table-cell office:value-type=\"float\" office:value=\"6.9000000000000004\"><text:p>6.9</text:p></table:table-cell><table:table-cell table:number-columns-repeated=\"16383\"/></table:table-row>"
                                + "<table:table-row table:number-rows-repeated=\"1048573\"><table:table-cell table:number-columns-repeated=\"16384\"/></table:table-row></table:table>"));

        assertThat(rows).hasSize(3).extracting(TableRow::line).containsExactly(1, 2, 3);
        assertThat(rows.get(0).cells()).containsExactly(new Cell.Figure(new java.math.BigDecimal("6.9")));
    }

    @Test
    void textInAnotherEncodingIsNotGuessed() throws Exception {
        refused(file("sku,price\nDübel,1".getBytes(StandardCharsets.ISO_8859_1)), "CSV UTF-8");
        refused(file("s\0k\0u\0".getBytes(StandardCharsets.ISO_8859_1)), "no text");
        refused(file("sku,price\n\"A\"x,1".getBytes(StandardCharsets.UTF_8)), "no CSV");
    }

    @Test
    void errorsPercentagesAndFormulasOfASpreadsheetAreToldApart() throws Exception {
        List<TableRow> rows = TablesTest.read(ods("<table:table table:name=\"S\"><table:table-row>"
                + "<table:table-cell table:formula=\"of:=#REF!\" office:value-type=\"string\" calcext:value-type=\"error\"><text:p>#REF!</text:p></table:table-cell>"
                + "<table:table-cell office:value-type=\"percentage\" office:value=\"0.15\"><text:p>15 %</text:p></table:table-cell>"
                + "<table:table-cell table:formula=\"of:=1+1\" office:value-type=\"float\" office:value=\"2\"><office:annotation><text:p>a comment</text:p></office:annotation><text:p>2</text:p></table:table-cell>"
                + "</table:table-row></table:table>"));

        assertThat(rows.get(0).cells())
                .containsExactly(
                        new Cell.Odd("#REF!", "an error of the spreadsheet"),
                        new Cell.Odd("15 %", "a percentage"),
                        new Cell.Figure(java.math.BigDecimal.valueOf(2)));

        List<Cell> cells = new ArrayList<>(TablesTest.read(xlsx(book -> {
                    Worksheet sheet = book.newWorksheet("S");
                    sheet.value(0, 0, 0.15);
                    sheet.style(0, 0).format("0 %").set();
                    sheet.formula(0, 1, "1+1");
                }))
                .get(0)
                .cells());
        assertThat(cells.get(0)).isEqualTo(new Cell.Odd("15 %", "a percentage"));
    }

    @Test
    void aSheetFullOfPaddingDoesNotHideWhatItIs() throws Exception {
        Path file = folder.resolve("cut.xlsx");
        try (OutputStream out = Files.newOutputStream(file);
                TableWriter table = Tables.write(
                        TableKind.XLSX,
                        out,
                        new TableHead(List.of(new TableHead.Column("a", 9, 0)), List.of()),
                        CsvForm.POINT)) {
            table.row(List.of(Cell.text("x")));
        }
        byte[] whole = Files.readAllBytes(file);

        refused(file(java.util.Arrays.copyOf(whole, whole.length / 2)), "damaged or was cut off");
    }
}
