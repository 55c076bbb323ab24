package dev.steelyard.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.parse.Parser;
import dev.steelyard.core.formula.run.FormulaFailure;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever is typed, the answer is a formula or issues with places, soon. */
class HostileTextTest {

    private static final String WHOLE =
            "= IF(AND(length > 8 m; hem = \"roped\"); MAX(88.50 EUR; length * cloth) + 2.5% * 35 EUR; -(1 EUR)^1)";
    private static final Scope SCOPE = Scope.inCurrency("EUR")
            .measurement("length", Unit.CM)
            .choice("hem", List.of("plain", "roped"))
            .rate("cloth", new BigDecimal("42"), Dimension.MONEY.per(Dimension.LENGTH))
            .build();
    private static final String[] WORDS = {
        "length",
        "cloth",
        "hem",
        "\"roped\"",
        "1",
        "0",
        "2.5",
        "80 cm",
        "35 EUR",
        "21.40 EUR/m2",
        "+",
        "-",
        "*",
        "/",
        "^",
        "%",
        "=",
        "<>",
        "<",
        ">=",
        "(",
        ")",
        ";",
        ",",
        "IF(",
        "MAX(",
        "SQRT(",
        "ROUND(",
        "MOD(",
        "AND(",
        "PI()",
        "pieces",
        "shelf_price",
        " ",
        "\u0000",
        "é",
        "m2",
        "EUR",
        "\"",
        "…",
        "99",
        "1e5",
        "^9",
        "\uD83D\uDE00"
    };

    @Test
    void theWholeFormulaIsRight() {
        assertThat(Formula.prepare(WHOLE, SCOPE, Kind.MONEY).issues()).isEmpty();
    }

    @Test
    void cutOffAtEveryPositionItIsAnsweredWithPlaces() {
        for (int end = 0; end < WHOLE.length(); end++) {
            answered(WHOLE.substring(0, end));
            answered(WHOLE.substring(end));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "(", "-", "+", "9", " ", "a ", "9,", "9.", ") ", "x ", "m", "€9", "IF(", "MAX(1;", "((1+", "1+(", "%",
                "\"", "1^-", "2^(", "NOT(", ")", ";", ",", "= "
            })
    void nestedTenThousandDeepItIsRefusedInWords(String part) {
        answered(part.repeat(10_000));
        answered(part.repeat(Parser.LONGEST / part.length()));
    }

    @Test
    void tooLongIsRefusedByItsLengthBeforeItIsRead() {
        assertThat(Formula.prepare("1".repeat(1 << 20), SCOPE, Kind.MONEY).issues())
                .singleElement()
                .satisfies(issue -> assertThat(issue.message())
                        .isEqualTo("A formula has at most 4000 characters; this has 1048576"));
    }

    @Test
    void longChainsWithinTheLimitAreComputed() {
        Formula formula = Formula.prepare("1 EUR" + "+1 EUR".repeat(660), SCOPE, Kind.MONEY)
                .orThrow();
        assertThat(formula.number(formula.frame())).isEqualByComparingTo("661");
        Formula names = Formula.prepare("length" + "+length".repeat(550), SCOPE, new Kind.Measure(Dimension.LENGTH))
                .orThrow();
        Formula longest =
                Formula.prepare("1" + "-1".repeat(1999), SCOPE, Kind.PLAIN).orThrow();
        assertThat(longest.number(longest.frame())).isEqualByComparingTo("-1998");
        assertThat(names.number(names.frame().set("length", BigDecimal.ONE))).isEqualByComparingTo("551");
    }

    @Test
    void powersThatExplodeFailWithAPlace() {
        for (String text : List.of("9^9^9^9", "9^99^99^99", "(1/9)^99^99^99 + 9^99^99^99", "SQRT(9^99^99)^99^99")) {
            answered(text + " * 1 EUR");
        }
    }

    @RepeatedTest(40)
    void anyMixtureOfWordsIsAnswered(RepetitionInfo round) {
        Random random = new Random(round.getCurrentRepetition());
        for (int i = 0; i < 250; i++) {
            StringBuilder text = new StringBuilder();
            for (int words = random.nextInt(24); words >= 0; words--) {
                text.append(WORDS[random.nextInt(WORDS.length)]);
            }
            answered(text.toString());
        }
    }

    /** A formula that runs or fails as documented, or issues whose places are in the text. */
    private static void answered(String text) {
        for (Kind kind : List.of(Kind.MONEY, Kind.PLAIN, new Kind.YesNo())) {
            Formula.Prepared prepared = Formula.prepare(text, SCOPE, kind);
            if (prepared.formula() == null) {
                assertThat(prepared.issues()).as(text).isNotEmpty();
                for (Issue issue : prepared.issues()) {
                    assertThat(issue.span().to()).as(text).isLessThanOrEqualTo(text.length());
                    assertThat(issue.message()).as(text).isNotBlank();
                }
            } else {
                run(prepared.formula(), kind);
            }
        }
    }

    private static void run(Formula formula, Kind kind) {
        try {
            if (kind instanceof Kind.YesNo) {
                formula.holds(formula.frame().set("length", BigDecimal.TEN).set("pieces", BigDecimal.ZERO));
            } else {
                formula.number(formula.frame().set("length", BigDecimal.TEN).set("pieces", BigDecimal.ZERO));
            }
        } catch (FormulaFailure documented) {
            assertThat(documented.span().to())
                    .isLessThanOrEqualTo(formula.toString().length());
        }
    }
}
