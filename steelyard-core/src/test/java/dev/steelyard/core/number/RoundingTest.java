package dev.steelyard.core.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.Currency;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RoundingTest {

    @ParameterizedTest
    @CsvSource({
        "2, 6.625, 6.63",
        "2, 6.6249, 6.62",
        "2, -6.625, -6.63",
        "4, 0.08235, 0.0824",
        "0, 7.5, 8",
        "2, 7.4, 7.40",
    })
    void roundsThePriceOfAPieceHalfAwayFromZero(int decimals, String exact, String rounded) {
        assertThat(new Rounding(2, decimals).pricePerPiece(new BigDecimal(exact)))
                .hasToString(rounded);
    }

    @Test
    void roundsALineToTheCurrencysMinorDigits() {
        assertThat(Rounding.of(Currency.getInstance("JPY")).lineTotal(new BigDecimal("1.5")))
                .hasToString("2");
        assertThat(Rounding.of(Currency.getInstance("EUR")).lineTotal(new BigDecimal("27.405")))
                .hasToString("27.41");
    }

    @Test
    void showsAPriceOfOnePieceFromTheTotal() {
        Rounding euro = Rounding.of(Currency.getInstance("EUR"));
        assertThat(euro.shownPerPiece(euro.lineTotal(new BigDecimal("74.50")), 20))
                .hasToString("3.73");
    }

    @Test
    void refusesDigitsThatCannotBe() {
        assertThatThrownBy(() -> new Rounding(2, 7)).hasMessage("unit price decimals go from 0 to 6, not 7");
        assertThatThrownBy(() -> Rounding.of(Currency.getInstance("XAU")))
                .hasMessage("minor digits must be 0 or more, not -1");
    }

    @Test
    void moneyIsEqualByAmount() {
        assertThat(new Money(new BigDecimal("7.4"))).isEqualTo(new Money(new BigDecimal("7.400")));
    }
}
