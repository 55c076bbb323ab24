package dev.steelyard.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DecimalTextTest {

    @ParameterizedTest
    @CsvSource({"6.90, 6.90", "' 12 ', 12", "-1, -1", "+3.5, 3.5", ".5, 0.5", "7., 7"})
    void readsPlainNumbers(String text, String expected) {
        assertThat(DecimalText.read(text).value()).isEqualByComparingTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "7,40 | 7,40 has a comma; write a decimal point: 7.40 | 7.40",
                "1e9 | “1e9” is not a number; write it like 6.90 |",
                "$ 7.50 | “$ 7.50” has a currency beside it; write the number alone, in the shop’s currency |",
                "7.50 EUR | “7.50 EUR” has a currency beside it; write the number alone, in the shop’s currency |",
                "ten | “ten” is not a number; write it like 6.90 |",
                "1.2.3 | “1.2.3” is not a number; write it like 6.90 |",
                "'' | Type a number |",
                "0x10 | “0x10” is not a number; write it like 6.90 |",
            })
    void saysWhatIsWrong(String text, String message, String suggestion) {
        DecimalText.Fault fault = DecimalText.read(text).fault();
        assertThat(fault.message()).isEqualTo(message);
        assertThat(fault.suggestion()).isEqualTo(suggestion);
    }

    @Test
    void refusesMoreThanThirtyDigits() {
        assertThat(DecimalText.read("9".repeat(30)).value()).isNotNull();
        assertThat(DecimalText.read("9".repeat(29) + ".99").fault().message())
                .isEqualTo("9".repeat(29) + ".99 has more than 30 digits");
        assertThat(DecimalText.read("9".repeat(100_000)).fault().message()).hasSizeLessThan(100);
    }

    @Test
    void doesNotReadOtherScriptsDigitsAsNumbers() {
        assertThat(DecimalText.read("٣").fault()).isNotNull();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0 | 0 is too few; order 1 or more",
                "-3 | -3 is too few; order 1 or more",
                "1.5 | 1.5 is not a whole number; this is sold in whole pieces",
                "1000001 | 1000001 is too many; at most 1000000 at once",
                "1000000000000 | 1000000000000 is too many; at most 1000000 at once",
                "dozen | “dozen” is not a number; write it like 6.90",
            })
    void quantitiesAreWholeAndBounded(String text, String message) {
        assertThat(Quantity.read(text).fault().message()).isEqualTo(message);
    }

    @Test
    void quantitiesIncludeBothEnds() {
        assertThat(Quantity.read("1").value()).isEqualByComparingTo("1");
        assertThat(Quantity.read("1000000.0").value()).isEqualByComparingTo("1000000");
    }
}
