package dev.steelyard.core.formula;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.core.formula.ast.Failure;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.run.FormulaFailure;
import dev.steelyard.core.formula.run.Frame;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FormulaTest {

    /** A boat cover: what is asked, and named rates. */
    static final Scope SCOPE = Scope.inCurrency("EUR")
            .measurement("length", Unit.CM)
            .measurement("width", Unit.CM)
            .choice("hem", List.of("plain", "roped"))
            .rate("cloth", new BigDecimal("21.40"), Dimension.MONEY.per(Dimension.AREA))
            .rate("rope", new BigDecimal("2.35"), Dimension.MONEY.per(Dimension.LENGTH))
            .rate("brass_density", new BigDecimal("8470"), Dimension.WEIGHT.per(Dimension.VOLUME))
            .build();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 + 2 * 3 | 7",
                "(1 + 2) * 3 | 9",
                "= 10 - 3 - 2 | 5",
                "100 / 5 / 2 | 10",
                "-2^2 | 4",
                "2^3^2 | 64",
                "2^-1 | 0.5",
                "-2^-2 | 0.25",
                "--3 | 3",
                "+-+3 | -3",
                "50% | 0.5",
                "2^200% | 4",
                "-50% | -0.5",
                "1/2 m * 2 m | 1",
                "1 / 3 | 0.3333333333333333333333333333333333",
                "2 / 3 | 0.6666666666666666666666666666666667",
                "1/3*3 | 0.9999999999999999999999999999999999",
                "length / 1 m | 5.23",
                "pieces * 2 | 6",
                "MAX(1, 2, 3) | 3",
                "max(1; 2; 3) | 3",
                "IF(hem = \"roped\"; 1; 2) | 1",
                "IF(hem <> \"roped\"; 1; 2) | 2",
                "IF(\"plain\" = hem; 1; 2) | 2",
                "IF(IF(1 < 2; hem; \"plain\") = \"roped\"; 1; 2) | 1",
                "IF(length >= 523 cm; 1; 2) | 1",
                "IF(AND(1 = 1; 2 > 3); 1; IF(OR(1 <> 1; NOT(1 > 1)); 7; 8)) | 7",
                "IF(IF(1 = 1; 2 = 2; 3 = 4); 1; 0) | 1",
                "12 in * 24 in / 1 ft2 | 2",
                "INT(-2.5) + INT(2.5) | -1",
                "MOD(-17; 5) | 3",
                "MOD(17; -5) | -3",
                "CEILING(-2.5; 1) | -2",
                "FLOOR(-2.5; 1) | -3",
                "ROUND(-2.5) | -3",
                "ROUNDUP(-2.1) | -3",
                "ROUNDDOWN(-2.9) | -2",
                "ROUND(1234.5; -2) | 1200",
                "SQRT(length * length) / 1 cm | 523",
                "ABS(-3 EUR) / 1 EUR | 3",
                "1 gal_us / 1 L | 3.785411784",
            })
    void comesToANumber(String text, String value) {
        assertThat(number(text, Kind.PLAIN)).isEqualByComparingTo(value);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "length * width * cloth + 35 EUR | 271.155420",
                "MAX(88.50 EUR; length * width * cloth) | 236.1554200",
                "2 * (length + width) * rope | 34.4980",
                "length * width * 21.40 EUR/m2 | 236.1554200",
                "length * 0.5 EUR/cm | 261.50",
                "shelf_price * pieces | 22.20",
                "PI() * (20 mm / 2)^2 * length * brass_density * 8 EUR/kg | 111.3332684",
                "IF(1 > 0; 10 EUR; 1 EUR / 0) | 10",
                "15 EUR | 15",
                "7 % * 100 EUR | 7",
            })
    void comesToAPrice(String text, String value) {
        assertThat(number(text, Kind.MONEY))
                .isCloseTo(new BigDecimal(value), org.assertj.core.data.Offset.offset(new BigDecimal("0.000001")));
    }

    @Test
    void aConditionAnswers() {
        Formula formula = Formula.prepare("AND(length > 8 m; hem = \"roped\")", SCOPE, new Kind.YesNo())
                .orThrow();
        assertThat(formula.holds(values(formula))).isFalse();
        assertThat(formula.holds(values(formula).set("length", new BigDecimal("8.01"))))
                .isTrue();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 EUR / (pieces - 3) | DIVIDES_BY_ZERO | 0-20",
                "MOD(length; 0 m) / 1 m * 1 EUR | DIVIDES_BY_ZERO | 0-16",
                "CEILING(2 EUR; 0 EUR) | DIVIDES_BY_ZERO | 0-21",
                "0^0 * 1 EUR | DIVIDES_BY_ZERO | 0-3",
                "0^-1 * 1 EUR | DIVIDES_BY_ZERO | 0-4",
                "SQRT(0 - pieces) * 1 EUR | ROOT_OF_NEGATIVE | 0-16",
                "2^0.5 * 1 EUR | EXPONENT | 0-5",
                "2^100 * 1 EUR | EXPONENT | 0-5",
                "9^99^99^99^99 * 1 EUR | TOO_LARGE | 0-7",
                "1000000 EUR * 1000000 | TOO_LARGE | 0-21",
                "0 EUR - 1000000 EUR * 1000000 | TOO_LARGE | 0-29",
                "ROUND(1 EUR; 0.5) | DIGITS | 0-17",
                "ROUND(1 EUR; 31) | DIGITS | 0-16",
            })
    void failsAtItsPlaceWhereThereIsNoValue(String text, Failure failure, String place) {
        Formula formula = Formula.prepare(text, SCOPE, Kind.MONEY).orThrow();
        assertThatThrownBy(() -> formula.number(values(formula)))
                .isInstanceOfSatisfying(FormulaFailure.class, failed -> {
                    assertThat(failed.failure()).isEqualTo(failure);
                    assertThat(failed.span().from() + "-" + failed.span().to()).isEqualTo(place);
                });
    }

    @Test
    void goodsWithoutAShelfPriceFailOnlyWhereItIsUsed() {
        Formula formula = Formula.prepare("IF(pieces > 2; 5 EUR; shelf_price)", SCOPE, Kind.MONEY)
                .orThrow();
        Frame frame = formula.frame().set("pieces", new BigDecimal(3));
        assertThat(formula.number(frame)).isEqualByComparingTo("5");
        frame.set("pieces", BigDecimal.ONE);
        assertThatThrownBy(() -> formula.number(frame))
                .isInstanceOfSatisfying(FormulaFailure.class, failed -> assertThat(failed.failure())
                        .isEqualTo(Failure.MISSING));
    }

    @Test
    void plainModeTakesBareNumbers() {
        Scope plain = Scope.plain("EUR")
                .measurement("width", Unit.CM)
                .rate("cloth", new BigDecimal("0.00214"), Dimension.PLAIN)
                .build();
        Formula formula =
                Formula.prepare("width * width * cloth + 35", plain, Kind.PLAIN).orThrow();
        assertThat(formula.number(formula.frame().set("width", new BigDecimal("211"))))
                .isEqualByComparingTo("130.27494");
    }

    @ParameterizedTest
    @CsvSource({
        "width,",
        "a_1,",
        "Länge,",
        "m2, unit",
        "kg, unit",
        "EUR, currency",
        "max, function",
        "IF, function",
        "pieces, meaning",
        "quantity, meaning",
        "1a, no name",
        "a b, no name",
        "'', needs a name",
        "_a, no name",
    })
    void saysWhichWordsMayBeNames(String word, String why) {
        if (why == null) {
            assertThat(Names.fault(word)).isNull();
        } else {
            assertThat(Names.fault(word)).contains(why);
        }
    }

    private static BigDecimal number(String text, Kind kind) {
        Formula formula = Formula.prepare(text, SCOPE, kind).orThrow();
        return formula.number(values(formula));
    }

    /** 523 cm by 211 cm, roped, 3 pieces, a shelf price of 7.40. */
    static Frame values(Formula formula) {
        return formula.frame()
                .set("length", new BigDecimal("5.23"))
                .set("width", new BigDecimal("2.11"))
                .set("hem", "roped")
                .set("pieces", new BigDecimal(3))
                .set("shelf_price", new BigDecimal("7.40"));
    }
}
