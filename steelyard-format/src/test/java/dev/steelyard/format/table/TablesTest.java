package dev.steelyard.format.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TablesTest {

    private static final TableHead HEAD = new TableHead(
            List.of(
                    new TableHead.Column("sku", 12, 0),
                    new TableHead.Column("price", 12, 2),
                    new TableHead.Column("day", 12, 0)),
            List.of(new TableHead.Note("sku", "what it is called, “so to say”")));

    private static final List<String> HARD_TEXTS = List.of(
            "000123",
            "=1+1",
            "'=1+1",
            "''@x",
            "+49",
            "-7",
            "@sum",
            "\tindented",
            "a \"quoted\" name, with comma; and semicolon",
            "two\nlines",
            "  spaces   kept ",
            "'tis",
            "Dübel ½″ 日本 <&>",
            "#REF",
            "1e5");

    @TempDir
    Path folder;

    private Path write(TableKind kind, CsvForm form, List<List<Cell>> rows) throws IOException {
        Path file = folder.resolve("table." + kind.ending());
        try (OutputStream out = Files.newOutputStream(file);
                TableWriter table = Tables.write(kind, out, HEAD, form)) {
            for (List<Cell> row : rows) {
                table.row(row);
            }
        }
        return file;
    }

    static List<TableRow> read(Path file) throws UnreadableTable, IOException {
        List<TableRow> rows = new ArrayList<>();
        Tables.read(file, TableLimits.USUAL, rows::add);
        return rows;
    }

    @ParameterizedTest
    @EnumSource(TableKind.class)
    void everyTextComesBackAsItWas(TableKind kind) throws Exception {
        List<List<Cell>> rows = HARD_TEXTS.stream()
                .map(text -> List.of(Cell.text(text), Cell.EMPTY, Cell.EMPTY))
                .toList();

        List<TableRow> back = read(write(kind, CsvForm.POINT, rows));

        assertThat(back.get(0).cell(0)).isEqualTo(Cell.text("sku"));
        assertThat(back.subList(1, back.size()))
                .extracting(row -> row.cell(0).shown())
                .isEqualTo(HARD_TEXTS);
    }

    @ParameterizedTest
    @EnumSource(
            value = TableKind.class,
            names = {"XLSX", "ODS"})
    void numbersAndDaysKeepTheirTypes(TableKind kind) throws Exception {
        BigDecimal[] prices = {
            new BigDecimal("6.9"),
            new BigDecimal("0.0823"),
            new BigDecimal("999999999999"),
            new BigDecimal("0.000001"),
            new BigDecimal("1234567.891234"),
            BigDecimal.ZERO,
            new BigDecimal("100")
        };
        List<List<Cell>> rows = new ArrayList<>();
        for (BigDecimal price : prices) {
            rows.add(List.of(Cell.text("007"), new Cell.Figure(price), new Cell.Day(LocalDate.of(2027, 4, 1))));
        }

        List<TableRow> back = read(write(kind, CsvForm.POINT, rows));

        for (int i = 0; i < prices.length; i++) {
            assertThat(back.get(i + 1).cells())
                    .containsExactly(
                            Cell.text("007"), new Cell.Figure(prices[i]), new Cell.Day(LocalDate.of(2027, 4, 1)));
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = TableKind.class,
            names = {"XLSX", "ODS"})
    void aNumberOfMoreThanFifteenDigitsIsWrittenAsTextThatNoProgramShortens(TableKind kind) throws Exception {
        List<TableRow> back = read(write(
                kind,
                CsvForm.POINT,
                List.of(List.of(Cell.EMPTY, new Cell.Figure(new BigDecimal("123456789012.345678")), Cell.EMPTY))));

        assertThat(back.get(1).cell(1)).isEqualTo(Cell.text("123456789012.345678"));
    }

    @Test
    void csvIsThatOfRfc4180InEitherForm() throws Exception {
        List<List<Cell>> rows = List.of(List.of(
                Cell.text("=1"), new Cell.Figure(new BigDecimal("6.9")), new Cell.Day(LocalDate.of(2027, 4, 1))));

        assertThat(Files.readString(write(TableKind.CSV, CsvForm.POINT, rows)))
                .isEqualTo(
                        "\uFEFF\"# sku: what it is called, “so to say”\"\r\nsku,price,day\r\n'=1,6.90,2027-04-01\r\n");
        assertThat(Files.readString(write(TableKind.CSV, CsvForm.COMMA, rows)))
                .endsWith("sku;price;day\r\n'=1;6,90;2027-04-01\r\n");
    }

    @Test
    void csvIsReadWithAnySeparatorAndLineEnd() throws Exception {
        for (String separator : List.of(",", ";", "\t")) {
            for (String end : List.of("\n", "\r\n", "\r")) {
                Path file = folder.resolve("any.csv");
                Files.writeString(
                        file,
                        String.join(separator, "sku", "price", "x")
                                + end
                                + String.join(separator, "A", "\"1\"\"2\"", "")
                                + end
                                + end
                                + String.join(separator, "B", "3", "y, z".replace(separator, "")));

                List<TableRow> rows = read(file);

                assertThat(rows).hasSize(3);
                assertThat(rows.get(1).cell(1)).isEqualTo(Cell.text("1\"2"));
                assertThat(rows.get(2).line()).isEqualTo(4);
            }
        }
    }

    @Test
    void utf16WithItsMarkIsRead() throws Exception {
        Path file = folder.resolve("unicode.csv");
        Files.write(file, ("sku\tprice\r\nDübel\t1").getBytes(StandardCharsets.UTF_16));

        assertThat(read(file).get(1).cell(0)).isEqualTo(Cell.text("Dübel"));
    }

    @Test
    void theSheetNamedPricesIsRead() throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (org.dhatim.fastexcel.Workbook book = new org.dhatim.fastexcel.Workbook(bytes, "test", "1.0")) {
            book.newWorksheet("Notes").value(0, 0, "nothing here");
            book.newWorksheet("Prices").value(2, 1, "here");
        }
        Path file = Files.write(folder.resolve("two.xlsx"), bytes.toByteArray());

        assertThat(read(file)).containsExactly(new TableRow(3, List.of(Cell.EMPTY, Cell.text("here"))));
    }
}
