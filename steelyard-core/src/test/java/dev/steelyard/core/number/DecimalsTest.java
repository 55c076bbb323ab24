package dev.steelyard.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DecimalsTest {

    @ParameterizedTest
    @CsvSource({
        "999999999999.999999, false", "1000000000000, true", "1E12, true", "1E11, false", "10E11, true", "-1E12, true",
        "-999999999999, false", "0, false", "0E20, false", "1E-30, false", "1E6000, true", "1000000000000.0000, true",
    })
    void tooLargeBeginsAtTenToTheTwelfth(String value, boolean tooLarge) {
        assertThat(Decimals.tooLarge(new BigDecimal(value))).isEqualTo(tooLarge);
    }

    @ParameterizedTest
    @CsvSource({"7.4000, 2, 7.40", "7.4, 2, 7.40", "100, 0, 100", "1E+2, 2, 100.00", "0.0823, 2, 0.0823", "0, 0, 0"})
    void plainShowsNoExponentAndNoIdleZeros(String value, int decimals, String shown) {
        assertThat(Decimals.plain(new BigDecimal(value), decimals)).isEqualTo(shown);
    }
}
