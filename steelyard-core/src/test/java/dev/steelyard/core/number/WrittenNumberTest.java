package dev.steelyard.core.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WrittenNumberTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5,50 | 5.50",
                "5.50 | 5.50",
                "1 018,00 | 1018.00",
                "1.018,00 | 1018.00",
                "1,018.00 | 1018.00",
                "1.234.567 | 1234567",
                "1,234,567.8 | 1234567.8",
                "€ 18.50 | 18.50",
                "18,50 EUR | 18.50",
                "CHF 1'250.- | 1250",
                "1’250,5 | 1250.5",
                "-3,5 | -3.5",
                "−3,5 | -3.5",
                "1.234 | 1.234",
                "1234,567 | 1234.567",
                "0,5 | 0.5",
                "12 | 12",
            })
    void numbersAsPeopleWriteThemAreOneNumber(String written, String plain) {
        assertThat(WrittenNumber.plain(written)).isEqualTo(plain);
        assertThat(WrittenNumber.read(written).value()).isEqualByComparingTo(plain);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"1,234", "1.2.3", "1,2,3", "12.34,567,8", "1 23", "five", "1e3", "12 m", "1,2.3,4", "10%", "EURO 5"
            })
    void whatIsNoNumberOrCanBeTwoStaysAsItIs(String written) {
        assertThat(WrittenNumber.plain(written)).isEqualTo(written);
        assertThat(WrittenNumber.read(written).value()).isNull();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5,50 1.234 1,234 | 5.50 1234 1.234",
                "5.50 1.234 1,234 | 5.50 1.234 1234",
                "1.018,00 2.500 | 1018.00 2500",
                "1.234.567 2,345 | 1234567 2.345",
                "1,234,567 2,345 | 1234567 2345",
                "1234.5 2,345 | 1234.5 2345",
                "12 1.234 1,234 | 12 1.234 1,234",
                "0,500 1,234 | 0.500 1.234",
                "x 12.30 1,234 | x 12.30 1234",
            })
    void aBlockIsReadAsAWhole(String written, String plain) {
        List<String> cells = List.of(written.split(" "));
        WrittenBlock block = WrittenBlock.of(List.of(cells), "EUR");
        assertThat(cells.stream().map(block::plain)).containsExactly(plain.split(" "));
    }

    @Test
    void twoThatContradictEachOtherStopABlock() {
        assertThatThrownBy(() -> WrittenBlock.of(List.of(List.of("1,234", "5,50"), List.of("6.50")), "EUR"))
                .isInstanceOf(WrittenBlock.Contradiction.class)
                .hasMessage("“5,50” and “6.50” have different signs before their decimals; write both alike");
    }

    @ParameterizedTest
    @CsvSource({"€ 5, EUR, 5", "5 EUR, EUR, 5", "$5, CAD, 5", "$5, EUR,", "5 USD, EUR,", "£ 5, EUR,", "5, EUR, 5"})
    void anotherCurrencyThanTheShopsIsRefused(String written, String currency, String plain) {
        assertThat(WrittenNumber.plain(written, currency)).isEqualTo(plain == null ? written : plain);
        assertThat(WrittenBlock.of(List.of(List.of(written)), currency).plain(written))
                .isEqualTo(plain == null ? written : plain);
        DecimalText.Reading reading = WrittenNumber.read(written, currency);
        assertThat(reading.value()).isEqualTo(plain == null ? null : new BigDecimal(plain));
        if (plain == null) {
            assertThat(reading.fault().message())
                    .isEqualTo("“" + written + "” is not in EUR, which the shop’s prices are in");
        }
    }

    @Test
    void whatCanBeTwoNumbersIsRefusedWithBoth() {
        assertThat(WrittenNumber.read("1,234").fault().message())
                .isEqualTo("1,234 can be 1.234 or 1234; write the one that is meant");
        assertThat(WrittenNumber.read("€ 1,234").fault().message()).startsWith("1,234 can be");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1,5 m | 1.5 m",
                "1,5m | 1.5m",
                "3,5 | 3.5",
                "5 m 23 | 5 m 23",
                "2.11 m | 2.11 m",
                "1,234 m | 1,234 m"
            })
    void theNumberOfAMeasureIsReadAlike(String written, String plain) {
        assertThat(WrittenNumber.measure(written)).isEqualTo(plain);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1,234     | 1.234",
                "1.018,00  | 1018.00",
                "5,50      | 5.50",
                "5.50      | 5.50",
                "12.345,6  | 12345.6",
                "0.125     | 0.125",
                "1.234.567 | 1234567",
            })
    void whereNumbersHaveADecimalCommaItDecides(String typed, String plain) {
        assertThat(WrittenNumber.plain(typed, "EUR", true)).isEqualTo(plain);
        assertThat(WrittenNumber.read(typed, "EUR", true).value()).isEqualByComparingTo(plain);
    }

    /** Never a thousandfold wrong: what can be read in two ways is neither, however often it is sent again. */
    @Test
    void whereNumbersHaveADecimalCommaAPointBeforeThreeDigitsIsAskedAbout() {
        String kept = WrittenNumber.plain("1.234", "EUR", true);
        assertThat(kept).isEqualTo("1.234?");
        assertThat(WrittenNumber.plain(kept, "EUR", true)).isEqualTo(kept);
        assertThat(DecimalText.read(kept).fault().message()).startsWith("1.234 can be 1234 or 1,234");
        assertThat(WrittenNumber.read("1.234", "EUR", true).value()).isNull();
        assertThat(WrittenNumber.read("1.234", "EUR", false).value()).isEqualByComparingTo("1.234");
    }
}
