package dev.steelyard.web.editing.rows;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.table.LadderRows;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

class RowsReaderTest {

    private static final List<String> GROUPS = List.of("Boatyard");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/rows/0/value | -1 | -1 is below 0; a price is 0 or more",
                "/rows/0/value | 7,400 | 7,400 can be 7.400 or 7400; write the one that is meant",
                "/rows/0/value | 1234567890123456789012345678901234567890 | 1234567890123456789012345678901234567890 has more than 30 digits",
                "/rows/0/value | 1000000000000 | 1000000000000 is too large; a price is below 1000000000000",
                "/rows/0/value | 1.1234567 | 1.1234567 has more than 6 decimals",
                "/rows/0/value | '' | type a price, or take the row off",
                "/rows/0/from | 0 | 0 is no threshold; a break begins at a whole number from 1 to 1000000",
                "/rows/0/from | 1.5 | 1.5 is no threshold; a break begins at a whole number from 1 to 1000000",
                "/rows/0/from | 1000000000000 | 1000000000000 is no threshold; a break begins at a whole number from 1 to 1000000",
                "/rows/0/from | ten | “ten” is not a number; write it like 6.90",
                "/rows/0/from | '' | from how many pieces? Type a whole number",
                "/rows/0/fromDate | 1.4.2027 | “1.4.2027” is no day from 2000-01-01 to 2199-12-31; write it like 2027-04-01",
                "/rows/0/untilDate | 9999-12-31 | “9999-12-31” is no day from 2000-01-01 to 2199-12-31; write it like 2027-04-01",
                "/rows/0/untilDate | 2027-04-01 | The last day, 2027-03-31, is before the first, 2027-04-01",
                "/shelfPrice | x | “x” is not a number; write it like 6.90",
                "/over | basket | “basket” is nothing that breaks count over; it is line or product",
            })
    void namesThePlaceAndWhatIsAllowed(String at, String typed, String message) {
        DraftDocument document = document();
        document.put("/rows/0/fromDate", "2027-04-01");
        document.put(at, typed);
        assertThat(read(document).issues())
                .extracting(FormatIssue::at, FormatIssue::message)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(at, message));
    }

    @Test
    void aDoubledThresholdIsNamedAtTheSecondRowAndLeftOutOfThePicture() {
        DraftDocument document = document();
        document.list("/rows").addObject().put("from", "10").put("value", "6.50");
        RowsReading reading = read(document);
        assertThat(reading.issues()).singleElement().satisfies(issue -> {
            assertThat(issue.at()).isEqualTo("/rows/1/from");
            assertThat(issue.message()).startsWith("from 10 stands twice");
        });
        assertThat(reading.part("").breaks()).hasSize(1);
    }

    @Test
    void aPriceForAGroupThatIsGoneIsNamedAndReadableOnesGoOnBesideIt() {
        DraftDocument document = document();
        document.list("/rows")
                .addObject()
                .put("from", "25")
                .put("value", "6.20")
                .put("group", "Fleet");
        RowsReading reading = read(document);
        assertThat(reading.issues())
                .extracting(FormatIssue::message)
                .containsExactly("there is no customer group “Fleet”; take this price off");
        assertThat(reading.product().ownRows().breaks()).hasSize(1);
    }

    @Test
    void tooManyRowsAreRefusedNotRead() {
        DraftDocument document = document();
        for (int i = 0; i < 600; i++) {
            document.list("/rows").addObject().put("from", "" + (20 + i)).put("value", "1");
        }
        RowsReading reading = read(document);
        assertThat(reading.issues())
                .extracting(FormatIssue::message)
                .containsExactly("601 rows are too many; at most 500");
        assertThat(reading.part("").breaks()).hasSize(500);
    }

    @Test
    void whatIsWrittenOfAProductIsReadAsTheSameProduct() {
        Validity spring = new Validity(LocalDate.of(2027, 3, 1), LocalDate.of(2027, 6, 1));
        Product product = product(
                PriceRows.of(
                        Over.PRODUCT,
                        List.of(
                                Break.everyone(10, new BigDecimal("6.90")),
                                new Break(10, new BigDecimal("6.35"), "Boatyard", spring))),
                PriceRows.of(Over.PRODUCT, List.of(Break.everyone(3, new BigDecimal("7.125")))));
        DraftDocument document = RowsDocument.of(product, Set.of());
        assertThat(document.text("/variants/SHK~18/rows/0/value")).isEqualTo("7.125");
        RowsReading reading = RowsReading.of(document, product(null, null), GROUPS);
        assertThat(reading.issues()).isEmpty();
        assertThat(RowsDocument.of(reading.product(), Set.of())).isEqualTo(document);
        assertThat(reading.over()).isEqualTo(Over.PRODUCT);
        assertThat(reading.part("/variants/SHK~18").breaks()).hasSize(1);
    }

    @Test
    void pastedCellsFillTheTableFromWhereTheyWerePasted() {
        DraftDocument document = document();
        new LadderRows(document)
                .paste(
                        "/rows",
                        0,
                        0,
                        "From\tEveryone\tBoatyard\r\n25\t6,20\t\r\n100\t5,45\t4,95\t2027-04-01\n\n",
                        GROUPS);
        assertThat(document.at("/rows").toString())
                .isEqualTo("[{\"from\":\"25\",\"value\":\"6.20\"},"
                        + "{\"from\":\"100\",\"value\":\"5.45\",\"fromDate\":\"2027-04-01\"},"
                        + "{\"from\":\"100\",\"value\":\"4.95\",\"group\":\"Boatyard\",\"fromDate\":\"2027-04-01\"}]");
    }

    private static RowsReading read(DraftDocument document) {
        return RowsReading.of(document, product(null, null), GROUPS);
    }

    private static Product product(PriceRows rows, PriceRows ofVariant) {
        Variant variant = new Variant(new Sku("SHK/8"), "8 mm", null, null, ofVariant);
        return new Product(new Sku("SHK"), "Bow shackle", new BigDecimal("7.40"), null, null, rows, List.of(variant));
    }

    /** A shelf price and one break. */
    private static DraftDocument document() {
        ObjectNode root = Json.object();
        root.put("name", "Bow shackle").put("over", "line").put("shelfPrice", "7.40");
        root.putArray("rows").addObject().put("from", "10").put("value", "6.90");
        return DraftDocument.of(root);
    }
}
