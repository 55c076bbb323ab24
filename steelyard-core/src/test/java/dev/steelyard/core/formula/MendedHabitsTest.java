package dev.steelyard.core.formula;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.formula.ast.Issue;
import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What people write out of habit comes, mend by mend, to the formula that was meant: each slip has its mend, whichever is pressed
 * first, and none changes what another part of the formula is worth.
 */
class MendedHabitsTest {

    private static final int FORMULAS = 400;
    private static final int MOST_MENDS = 12;

    /** The same part of a formula, as it is written and as people write it. */
    private record Part(String right, List<String> habits) {

        String some(Random random) {
            return random.nextInt(3) == 0 ? right : habits.get(random.nextInt(habits.size()));
        }
    }

    private static Scope scope(String currency) {
        return Scope.inCurrency(currency)
                .measurement("length", Unit.CM)
                .measurement("width", Unit.CM)
                .build();
    }

    private static Part perArea(String number, String currency, String sign) {
        return new Part(
                number + " " + currency + "/m2",
                List.of(
                        sign + number + "/m2",
                        sign + " " + number + " per m2",
                        number + " " + sign + "/m²",
                        number + sign + "/sqm",
                        number + " " + currency + " per m2",
                        number + " " + currency + " per sqm",
                        number + " " + currency + "/qm",
                        number + " " + currency + "/m²"));
    }

    private static Part perLength(String number, String currency, String sign) {
        return new Part(
                number + " " + currency + "/m",
                List.of(
                        sign + number + "/m",
                        number + " " + sign + " per metre",
                        number + " " + currency + "/meter",
                        number + " " + currency + " per m"));
    }

    private static Part fixed(String number, String currency, String sign) {
        return new Part(number + " " + currency, List.of(sign + number, sign + " " + number, number + sign));
    }

    private static final Part AREA = new Part("length * width", List.of("length x width", "length X width"));
    private static final Part AROUND = new Part(
            "2 * (length + width)", List.of("2(length + width)", "2 (length + width)", "2 x (length + width)"));

    private static BigDecimal worth(String text, Scope scope) {
        Formula formula = Formula.prepare(text, scope, Kind.MONEY).orThrow();
        return formula.number(
                formula.frame().set("length", new BigDecimal("5.23")).set("width", new BigDecimal("2.11")));
    }

    private static String mended(String text, Issue issue) {
        return text.substring(0, issue.span().from())
                + issue.replacement()
                + text.substring(issue.span().to());
    }

    /** The text once every mend was pressed, each time one of those that are offered. */
    private static String pressed(String typed, Scope scope, Random random) {
        String text = typed;
        for (int mends = 0; mends <= MOST_MENDS; mends++) {
            List<Issue> issues = Formula.prepare(text, scope, Kind.MONEY).issues();
            if (issues.isEmpty()) {
                return text;
            }
            assertThat(issues).as(typed + " came to " + text).allSatisfy(issue -> assertThat(issue.replacement())
                    .as(issue.message())
                    .isNotNull());
            text = mended(text, issues.get(random.nextInt(issues.size())));
        }
        throw new AssertionError(typed + " is not done after " + MOST_MENDS + " mends: " + text);
    }

    @ParameterizedTest
    @CsvSource({"EUR, €", "GBP, £", "USD, $", "JPY, ¥"})
    void everySlipIsMendedToWhatWasMeant(String currency, String sign) {
        Random random = new Random(20_270_401L);
        Scope scope = scope(currency);
        for (int i = 0; i < FORMULAS; i++) {
            Part cloth = perArea(random.nextInt(1, 90) + ".50", currency, sign);
            Part edge = perLength(random.nextInt(1, 9) + ".20", currency, sign);
            Part once = fixed(Integer.toString(random.nextInt(1, 60)), currency, sign);
            String right = AREA.right() + " * " + cloth.right() + " + " + AROUND.right() + " * " + edge.right() + " + "
                    + once.right();
            String typed = AREA.some(random) + " * " + cloth.some(random) + " + " + AROUND.some(random) + " * "
                    + edge.some(random) + " + " + once.some(random);

            String text = pressed(typed, scope, random);

            assertThat(worth(text, scope)).as(typed + " came to " + text).isEqualByComparingTo(worth(right, scope));
        }
    }

    /** Another currency's sign is no slip of the pen: only the owner can say what is meant. */
    @ParameterizedTest
    @CsvSource({"EUR, $", "EUR, £", "USD, €", "GBP, ¥"})
    void anotherCurrencyHasNoMend(String currency, String sign) {
        List<Issue> issues = Formula.prepare("length * width * " + sign + "10/m2", scope(currency), Kind.MONEY)
                .issues();

        assertThat(issues).singleElement().satisfies(issue -> {
            assertThat(issue.message()).isEqualTo("The shop’s currency is " + currency + ", not " + sign);
            assertThat(issue.replacement()).isNull();
        });
    }

    /** A name that is there is meant, whatever else it could be. */
    @Test
    void aMeasurementNamedLikeAHabitStaysWhatItIs() {
        Scope scope = Scope.inCurrency("EUR")
                .measurement("x", Unit.CM)
                .measurement("inches", Unit.CM)
                .build();

        assertThat(Formula.prepare("x * inches * 10 EUR/m2", scope, Kind.MONEY).issues())
                .isEmpty();
        assertThat(Formula.prepare("x x inches * 10 EUR/m2", scope, Kind.MONEY).issues())
                .isNotEmpty()
                .noneSatisfy(issue -> assertThat(issue.message()).contains("There is no unit"));
    }
}
