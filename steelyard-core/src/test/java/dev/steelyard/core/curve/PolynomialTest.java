package dev.steelyard.core.curve;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.formula.parse.Parser;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PolynomialTest {

    @Test
    void goesThroughItsPointsAndOn() {
        // 2x² − 3x + 0.25 at 0, 0.1, 0.2
        Polynomial curve = Polynomial.through(
                BigDecimal.ZERO, new BigDecimal("0.1"), List.of(value("0"), value("0.1"), value("0.2")));
        assertThat(curve.degree()).isEqualTo(2);
        for (String x : List.of("0", "0.1", "0.2", "0.15", "7", "-3.3", "123.456")) {
            assertThat(curve.at(new BigDecimal(x))).isEqualByComparingTo(value(x));
        }
    }

    private static BigDecimal value(String at) {
        BigDecimal x = new BigDecimal(at);
        return x.multiply(x)
                .multiply(BigDecimal.valueOf(2))
                .subtract(x.multiply(BigDecimal.valueOf(3)))
                .add(new BigDecimal("0.25"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a * b | 1",
                "a * a * a | 3",
                "(a + 2) ^ 2 | 2",
                "(a + 1) ^ 7 | -1",
                "b / a | -1",
                "a / 3 + 5% | 1",
                "-(a * b * 2) | 1",
                "MAX(a; 2) | -1",
                "MAX(b; 2) * a | 1",
                "IF(b > 1; a; 2) | -1",
                "b * b | 0",
                "2 ^ a | -1",
                "a > 2 | -1"
            })
    void aFormulaIsAPolynomialOfANameOrNot(String formula, int degree) {
        assertThat(Degree.of(Parser.parse(formula, "EUR").node(), "a")).isEqualTo(degree);
    }
}
