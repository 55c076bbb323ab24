package dev.steelyard.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.number.NumberFormatter;
import com.ibm.icu.number.Precision;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Numbers as ICU writes them, by way of its own formatter, which is held against. */
class NumeralsTest {

    private static final long SEED = 20_270_301;

    @ParameterizedTest
    @EnumSource(Language.class)
    void everyNumberIsWrittenAsIcuWritesIt(Language language) {
        Numerals numerals = new Numerals(language.locale());
        Random random = new Random(SEED);
        for (int i = 0; i < 5_000; i++) {
            BigDecimal value = new BigDecimal(new BigInteger(1 + random.nextInt(60), random), random.nextInt(14) - 3)
                    .multiply(BigDecimal.valueOf(random.nextInt(3) - 1L));
            int decimals = random.nextInt(6);
            assertThat(numerals.write(value, decimals))
                    .as("%s with %d decimals", value, decimals)
                    .isEqualTo(NumberFormatter.withLocale(language.locale())
                            .precision(Precision.minFraction(decimals))
                            .format(value)
                            .toString());
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "0; 2; 0.00",
                "999; 0; 999",
                "1000; 0; 1,000",
                "-1234567.5; 2; -1,234,567.50",
                "100000.000; 0; 100,000",
                "1E+6; 0; 1,000,000",
                "0.00001; 0; 0.00001",
                "12.3450; 2; 12.345",
                "-0.00; 1; 0.0"
            })
    void edges(BigDecimal value, int decimals, String written) {
        assertThat(new Numerals(Language.ENGLISH.locale()).write(value, decimals))
                .isEqualTo(written);
    }

    @Test
    void wholeNumbersToTheirEnds() {
        Numerals german = new Numerals(Language.GERMAN.locale());
        assertThat(german.write(Long.MIN_VALUE)).isEqualTo("-9.223.372.036.854.775.808");
        assertThat(german.write(0)).isEqualTo("0");
    }
}
