package dev.steelyard.web.editing.rows;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;

class PriceReaderTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "price-0 | -1 | price-0-0 | -1 is below 0; a price is 0 or more",
                "price-0 | 7,40 | price-0-0 | 7,40 has a comma; write a decimal point: 7.40",
                "price-0 | 1234567890123456789012345678901234567890 | price-0-0 | 1234567890123456789012345678901234567890 has more than 30 digits",
                "price-0 | 1000000000000 | price-0-0 | 1000000000000 is too large; a price is below 1000000000000",
                "price-0 | 1.1234567 | price-0-0 | 1.1234567 has more than 6 decimals",
                "price-0 | '' | price-0-0 | Type a price, for everyone or for a group",
                "from | 0 | from-0 | 0 is no threshold; a break begins at a whole number from 1 to 1000000",
                "from | 1.5 | from-0 | 1.5 is no threshold; a break begins at a whole number from 1 to 1000000",
                "from | 1000000000000 | from-0 | 1000000000000 is no threshold; a break begins at a whole number from 1 to 1000000",
                "from | ten | from-0 | “ten” is not a number; write it like 6.90",
                "from | '' | from-0 | From how many pieces? Type a whole number",
                "starts | 1.4.2027 | starts-0 | “1.4.2027” is no day from 2000-01-01 to 2199-12-31; write it like 2027-04-01",
                "ends | 9999-12-31 | ends-0 | “9999-12-31” is no day from 2000-01-01 to 2199-12-31; write it like 2027-04-01",
                "ends | 2027-04-01 | ends-0 | Until 2027-04-01 is not after from 2027-04-01; the last day is the one before “until”",
                "shelfPrice | x | shelfPrice | “x” is not a number; write it like 6.90",
            })
    void namesTheFieldAndWhatIsAllowed(String field, String typed, String at, String message) {
        MultiValueMap<String, String> sent = sent("10", "6.90");
        sent.set("starts", "2027-04-01");
        sent.set(field, typed);
        ReadPrices read = PriceReader.read(PriceForm.read(sent), List.of());
        assertThat(read.errors()).containsExactlyInAnyOrderEntriesOf(java.util.Map.of(at, message));
    }

    @Test
    void aDoubledThresholdIsNamedAtTheSecondRowAndLeftOutOfThePicture() {
        MultiValueMap<String, String> sent = sent("10", "6.90");
        sent.add("from", "10");
        sent.add("price-0", "6.50");
        ReadPrices read = PriceReader.read(PriceForm.read(sent), List.of());
        assertThat(read.errors()).containsOnlyKeys("from-1");
        assertThat(read.errors().get("from-1")).startsWith("From 10 stands twice");
        assertThat(read.breaks()).hasSize(1);
    }

    @Test
    void emptyRowsAreSkippedAndReadableOnesGoOnBesideBrokenOnes() {
        MultiValueMap<String, String> sent = sent("10", "6.90");
        sent.addAll("from", List.of("", "x"));
        sent.addAll("price-0", List.of("", "5"));
        ReadPrices read = PriceReader.read(PriceForm.read(sent), List.of());
        assertThat(read.breaks()).hasSize(1);
        assertThat(read.errors()).containsOnlyKeys("from-2");
    }

    @Test
    void tooManyRowsAreRefusedNotRead() {
        MultiValueMap<String, String> sent = sent("10", "6.90");
        for (int i = 0; i < 600; i++) {
            sent.add("from", "" + (20 + i));
            sent.add("price-0", "1");
        }
        ReadPrices read = PriceReader.read(PriceForm.read(sent), List.of());
        assertThat(read.errors()).containsEntry("rows", "601 rows are too many; at most 500");
    }

    @Test
    void pastedCellsFillTheTableFromWhereTheyWerePasted() {
        List<RowText> rows = PriceForm.read(sent("10", "6.90")).rows();
        List<RowText> pasted = new PastedRows(List.of(0L, 7L))
                .into(rows, "From\tEveryone\tBoatyard\r\n25\t6.20\t\r\n100\t5,45\t4.95\t2027-04-01\n\n", 0, 0);
        assertThat(pasted)
                .extracting(row -> row.from() + "|" + row.price(0) + "|" + row.price(7) + "|" + row.starts())
                .containsExactly("25|6.20||", "100|5,45|4.95|2027-04-01");
    }

    @Test
    void aPasteTooLongIsCutWhereTheReaderWouldRefuseIt() {
        List<RowText> pasted = new PastedRows(List.of(0L)).into(List.of(), "1\t2\n".repeat(100_000), 0, 0);
        assertThat(pasted).hasSize(PriceReader.MOST_ROWS + 1);
    }

    private static MultiValueMap<String, String> sent(String from, String price) {
        MultiValueMap<String, String> sent = new LinkedMultiValueMap<>();
        sent.add("shelfPrice", "7.40");
        sent.add("from", from);
        sent.add("price-0", price);
        return sent;
    }
}
