package dev.steelyard.format.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.SheetRow;
import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.table.Cell;
import dev.steelyard.format.table.CsvForm;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RowReaderTest {

    private static final SheetShop SHOP = new SheetShop("EUR", Set.of("Boatyard", "Crew club"));

    private static ReadRow read(CsvForm form, Object... columnsAndTexts) {
        Map<Column, String> texts = new EnumMap<>(Map.of(Column.SKU, "SHK", Column.FROM, "10", Column.PRICE, "6"));
        for (int i = 0; i < columnsAndTexts.length; i += 2) {
            texts.put((Column) columnsAndTexts[i], (String) columnsAndTexts[i + 1]);
        }
        return new RowReader(SHOP, ColumnPlan.TYPED.with(form, Column.values()), false).readTexts(2, texts);
    }

    private static String refusal(ReadRow row) {
        assertThat(row.refusal()).as("refusal of %s", row).isNotNull();
        return row.refusal().column().head() + ": " + row.refusal().reason();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "POINT | 6.90         | 6.90",
                "POINT | 1.234        | 1.234",
                "POINT | 1,234.50     | 1234.50",
                "POINT | 1,234        | 1234",
                "COMMA | 1.234        | 1234",
                "POINT | 1,234,567    | 1234567",
                "POINT | 0            | 0",
                "POINT | € 6.90       | 6.90",
                "POINT | EUR 1 018.00 | 1018.00",
                "COMMA | 1’018,50 EUR | 1018.50",
                "COMMA | 6,90         | 6.90",
                "COMMA | 1.234,56     | 1234.56",
                "COMMA | 1.234.567    | 1234567",
                "COMMA | 12           | 12"
            })
    void readsNumbersOfItsLanguage(CsvForm form, String text, BigDecimal expected) {
        assertThat(read(form, Column.PRICE, text).row())
                .extracting(SheetRow::price)
                .isEqualTo(expected);
    }

    @Test
    void readsCellsThatWerePastedWithSpacesThatDoNotBreak() {
        ReadRow row = read(
                CsvForm.COMMA,
                Column.SKU,
                "SHK-8\u00a0",
                Column.GROUP,
                "\u00a0Boatyard",
                Column.FROM,
                "10\u202f",
                Column.PRICE,
                "18,50\u00a0€",
                Column.CURRENCY,
                "EUR\u00a0");
        assertThat(row.refusal()).isNull();
        assertThat(row.sku()).isEqualTo("SHK-8");
        assertThat(row.row())
                .extracting(SheetRow::group, SheetRow::from, SheetRow::price)
                .containsExactly("Boatyard", 10, new BigDecimal("18.50"));
    }

    @Test
    void refusesWhatCanBeReadInTwoWaysWhereNothingTellsTheSign() {
        ReadRow row = new RowReader(SHOP, ColumnPlan.TYPED, false)
                .readTexts(2, Map.of(Column.SKU, "SHK", Column.FROM, "1", Column.PRICE, "1,234"));
        assertThat(refusal(row)).contains("two ways, as 1234 or as 1.234");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "POINT | 6,90     | has a decimal comma where a decimal point is meant",
                "POINT | 1.234,56 | has a decimal comma where a decimal point is meant",
                "COMMA | 6.90     | has a decimal point where a decimal comma is meant",
                "COMMA | 1,234.56 | has a decimal point where a decimal comma is meant",
                "POINT | 15 %     | “15 %” is not a number; write it like 6.90 or with EUR, without percent sign",
                "COMMA | 6 USD    | “6 USD” is not a number; write it like 6,90 or with EUR",
                "POINT | $ 6.90   | “$ 6.90” is not a number",
                "POINT | -1       | -1 is below 0; a price is 0 or more",
                "POINT | #REF!    | “#REF!” is not a number",
                "POINT | 1e3      | “1e3” is not a number",
                "POINT | 0.1234567 | more than 6 decimals",
                "POINT | 1000000000000 | too large"
            })
    void refusesNumbersInWords(CsvForm form, String text, String words) {
        assertThat(refusal(read(form, Column.PRICE, text)))
                .startsWith("price: ")
                .contains(words);
    }

    @ParameterizedTest
    @CsvSource({"100 m", "ten", "10 EUR", "€ 10"})
    void aThresholdThatIsNoNumberIsSaidToBeNoneOfPieces(String text) {
        assertThat(refusal(read(CsvForm.COMMA, Column.FROM, text)))
                .isEqualTo("from: “" + text + "” is not a number; write a whole number such as 100, without its unit");
    }

    @Test
    void cellsThatAreNeitherTextNorNumberAreNamed() {
        ReadRow row = new RowReader(SHOP, ColumnPlan.TYPED, false).read(7, column -> switch (column) {
            case SKU -> Cell.text("SHK");
            case FROM -> new Cell.Figure(BigDecimal.TEN);
            case PRICE -> new Cell.Odd("#REF!", "an error of the spreadsheet");
            default -> Cell.EMPTY;
        });

        assertThat(refusal(row)).isEqualTo("price: #REF! is an error of the spreadsheet; write a number");
        assertThat(row.cells()).containsEntry(Column.PRICE, "#REF!").containsEntry(Column.FROM, "10");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "SKU      |                | sku: The SKU is missing",
                "GROUP    | Boatyards      | group: There is no customer group “Boatyards”; there are Boatyard, Crew club and Everyone",
                "FROM     |                | from: From how many pieces? Write a whole number; for the shelf price write “shelf price” under what",
                "FROM     | 2.5            | from: 2.5 is no number of pieces; it is a whole number from 1 to 1000000",
                "FROM     | 0              | from: 0 is no number of pieces; it is a whole number from 1 to 1000000",
                "WHAT     | shelf          | what: “shelf” is neither “shelf price” nor “row”",
                "WHAT     | Shelf price    | from: A shelf price has no threshold; empty the cell, or make it a row",
                "STARTS   | 04/01/2027     | valid from: “04/01/2027” is no day from 2000-01-01 to 2199-12-31; write it like 2027-04-01",
                "STARTS   | 1999-12-31     | valid from: “1999-12-31” is no day from 2000-01-01 to 2199-12-31; write it like 2027-04-01",
                "ENDS     | 30.2.2027      | last day: “30.2.2027” is no day from 2000-01-01 to 2199-12-31; write it like 2027-04-01",
                "CURRENCY | CHF            | currency: The price is in “CHF”; prices of this shop are in EUR",
                "KEY      | 32             | key: “32” is no key; leave keys as they were taken out, and empty in new rows",
                "ACTION   | delete         | action: “delete” is no action; leave it empty, or write “remove” or “keep”"
            })
    void refusesOtherCellsInWords(Column column, String text, String words) {
        assertThat(refusal(read(CsvForm.POINT, column, text == null ? "" : text)))
                .isEqualTo(words);
    }

    @Test
    void daysAreReadAsIsoOrWithDots() {
        SheetRow row = read(CsvForm.POINT, Column.STARTS, "2027-04-01", Column.ENDS, "1.5.2027")
                .row();

        assertThat(row).isNotNull();
        assertThat(row.validity().from()).isEqualTo(LocalDate.of(2027, 4, 1));
        assertThat(row.validity().until()).isEqualTo(LocalDate.of(2027, 5, 2));
        assertThat(refusal(read(CsvForm.POINT, Column.STARTS, "2027-05-01", Column.ENDS, "2027-04-30")))
                .startsWith("last day: The last day, 2027-04-30, is before the first, 2027-05-01");
    }

    @Test
    void everyoneIsNoGroupAndActionsAreReadInAnyCase() {
        SheetRow row = read(CsvForm.POINT, Column.GROUP, "everyone", Column.ACTION, "Remove")
                .row();

        assertThat(row).isNotNull();
        assertThat(row.group()).isNull();
        assertThat(row.wish()).isEqualTo(SheetRow.Wish.REMOVE);
        assertThat(SheetCells.of("SHK", row, CsvForm.COMMA))
                .containsEntry(Column.GROUP, "Everyone")
                .containsEntry(Column.PRICE, "6,00")
                .containsEntry(Column.ACTION, "remove");
    }
}
