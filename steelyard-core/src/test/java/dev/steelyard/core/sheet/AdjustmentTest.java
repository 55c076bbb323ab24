package dev.steelyard.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.sheet.Adjustment.Kind;
import java.math.BigDecimal;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AdjustmentTest {

    @ParameterizedTest
    @CsvSource({
        "7.40,   PERCENT,   4,    NONE,        7.70",
        "7.40,   PERCENT,   4,    NINETY_FIVE, 7.95",
        "7.40,   PERCENT,  -4,    NINETY_FIVE, 6.95",
        "7.45,   PERCENT,   0,    NINETY_FIVE, 7.95",
        "7.40,   AMOUNT,    0.25, NONE,        7.65",
        "7.40,   AMOUNT,    0.25, HALVES,      7.50",
        "7.40,   AMOUNT,    0.25, WHOLE,       8",
        "7.40,   AMOUNT,    0.06, NINES,       7.49",
        "7.40,   AMOUNT,    0.03, FIVES,       7.45",
        "7.40,   AMOUNT,    0.03, TENS,        7.40",
        "7.40,   AMOUNT,    0.30, NINETY,      7.90",
        "7.40,   AMOUNT,    0.30, NINETY_NINE, 7.99",
        "0.10,   PERCENT,   0,    NINETY_FIVE, 0.10",
        "0.089,  PERCENT,   0,    NINETY_FIVE, 0.09",
        "9.40,   PERCENT,   0,    NINETY_FIVE, 8.95",
        "7.40,   PERCENT, -100,   NONE,        0",
        "7.40,   AMOUNT,   -8,    NINETY_FIVE, -0.60",
        "0.0890, PERCENT,   4,    NONE,        0.09"
    })
    void movesAPriceToItsEnding(BigDecimal price, Kind kind, BigDecimal by, Ending ending, BigDecimal expected) {
        assertThat(new Adjustment(kind, by, ending).of(price, new Rounding(2, 2)))
                .isEqualByComparingTo(expected);
    }

    @Test
    void anEndingMovesAPriceByNoMoreThanIsSaid() {
        Rounding rounding = new Rounding(2, 2);
        assertThat(new Adjustment(Kind.PERCENT, BigDecimal.ZERO, Ending.NINETY_FIVE, new BigDecimal("1000"))
                        .of(new BigDecimal("0.10"), rounding))
                .isEqualByComparingTo("0.95");
        assertThat(new Adjustment(Kind.PERCENT, BigDecimal.ZERO, Ending.NINETY_FIVE, new BigDecimal("4"))
                        .of(new BigDecimal("9.40"), rounding))
                .isEqualByComparingTo("9.40");
    }

    @Test
    void decimalsOfThePriceCountWhereNoEndingIsAskedFor() {
        assertThat(new Adjustment(Kind.PERCENT, new BigDecimal(4), Ending.NONE)
                        .of(new BigDecimal("0.0890"), new Rounding(2, 4)))
                .isEqualByComparingTo("0.0926");
    }

    @Test
    void aKeyIsReadBackAndFitsOnlyThePriceItWasMadeOf() {
        PriceLine line = new PriceLine("Boatyard", 10, new BigDecimal("6.35"), Validity.ALWAYS);
        RowKey key = new KeptPrice(RowKey.Kind.ROW, 32, line).key();

        assertThat(key.toString()).matches("R32-[0-9a-f]{8}");
        assertThat(RowKey.parse(" " + key + " ")).isEqualTo(Optional.of(key));
        assertThat(RowKey.parse("R32")).isEmpty();
        assertThat(RowKey.parse("Q32-00000000")).isEmpty();
        assertThat(RowKey.parse("R0-00000000")).isEmpty();
        assertThat(key.fits(new PriceLine("Boatyard", 10, new BigDecimal("6.350000"), Validity.ALWAYS)))
                .isTrue();
        assertThat(key.fits(new PriceLine("Boatyard", 10, new BigDecimal("6.36"), Validity.ALWAYS)))
                .isFalse();
        assertThat(key.fits(new PriceLine(null, 10, new BigDecimal("6.35"), Validity.ALWAYS)))
                .isFalse();
    }
}
