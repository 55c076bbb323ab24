package dev.steelyard.core.number;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuotientTest {

    private static Quotient of(String text) {
        return Quotient.of(new BigDecimal(text));
    }

    /** Divided first and then multiplied it would be 0.8949…, and round down. */
    @Test
    void whatIsDividedAndMultipliedAgainIsWhatItWas() {
        Quotient three = of("3.58").dividedBy(new BigDecimal(12)).times(new BigDecimal(3));
        assertThat(three).isEqualByComparingTo(of("0.895"));
        assertThat(three.rounded(2, RoundingMode.HALF_UP)).isEqualTo("0.90");
    }

    @ParameterizedTest
    @CsvSource({"1, 3, 0.33", "2, 3, 0.67", "-2, 3, -0.67", "1, -3, -0.33", "0.005, 1, 0.01", "-0.005, 1, -0.01"})
    void isRoundedOnce(String over, String under, String rounded) {
        assertThat(of(over).dividedBy(new BigDecimal(under)).rounded(2, RoundingMode.HALF_UP))
                .isEqualByComparingTo(rounded);
    }

    @Test
    void thirdsAddUpToTheWhole() {
        Quotient third = of("1").dividedBy(new BigDecimal(3));
        assertThat(third.plus(third).plus(third)).isEqualByComparingTo(of("1"));
        assertThat(third.plus(third).minus(of("1"))).isEqualByComparingTo(of("-1").dividedBy(new BigDecimal(3)));
        assertThat(third.dividedBy(third)).isEqualByComparingTo(of("1"));
        assertThat(third.min(of("0.3333"))).isEqualByComparingTo(of("0.3333"));
        assertThat(third.max(of("0.3333"))).isSameAs(third);
        assertThat(Quotient.ZERO.signum()).isZero();
    }

    @Test
    void nothingIsDividedByZero() {
        assertThatThrownBy(() -> new Quotient(BigDecimal.ONE, BigDecimal.ZERO))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /** Thousands of operations: the pair is reduced on the way, and the value stays exact. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void longSumsStayShortAndExact(long seed) {
        Random random = new Random(seed);
        Quotient sum = Quotient.ZERO;
        Quotient back = Quotient.ZERO;
        int[] under = random.ints(400, 1, 60).toArray();
        for (int one : under) {
            sum = sum.plus(of("1").dividedBy(BigDecimal.valueOf(one)));
        }
        for (int i = under.length - 1; i >= 0; i--) {
            back = back.plus(of("1").dividedBy(BigDecimal.valueOf(under[i])));
        }
        assertThat(sum).isEqualByComparingTo(back);
        assertThat(sum.under().precision()).isLessThan(60);
    }
}
