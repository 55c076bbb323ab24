package dev.steelyard.core.formula.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import dev.steelyard.core.formula.ast.Kind;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.check.Checker;
import dev.steelyard.core.formula.parse.Parser;
import dev.steelyard.core.number.Packed;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The short way of computing against the long one: the same value wherever it has one. */
class QuickTest {

    private static final Scope SCOPE = Scope.plain("EUR")
            .measurement("a", Unit.M)
            .measurement("b", Unit.M)
            .measurement("c", Unit.M)
            .rate("half", new BigDecimal("0.5"), Dimension.PLAIN)
            .build();

    private int shortOnes;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void bothWaysGiveTheSameValue(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 1500; i++) {
            String text = number(random, 4);
            Parser.Parsed parsed = Parser.parse(text, "EUR");
            Checker.Checked checked = Checker.check(text, parsed.node(), SCOPE, Kind.PLAIN, true);
            assertThat(checked.issues()).as(text).isEmpty();
            NumberEval eval = new Preparation(SCOPE, checked.kinds()).number(parsed.node());
            Frame frame = new Frame(SCOPE)
                    .set("a", value(random))
                    .set("b", value(random))
                    .set("c", value(random));
            compare(text, eval, frame);
        }
        assertThat(shortOnes).isGreaterThan(300);
    }

    private void compare(String text, NumberEval eval, Frame frame) {
        long quick;
        try {
            quick = eval.quick(frame);
        } catch (FormulaFailure failure) {
            assertThatThrownBy(() -> eval.value(frame)).as(text).isInstanceOf(FormulaFailure.class);
            return;
        }
        if (quick != Packed.NONE) {
            shortOnes++;
            assertThat(Packed.value(quick)).as(text).isEqualByComparingTo(eval.value(frame));
        }
    }

    private static BigDecimal value(Random random) {
        long digits = random.nextInt(5) == 0 ? random.nextLong() : random.nextInt(100_000) - 20_000;
        return BigDecimal.valueOf(digits, random.nextInt(5));
    }

    private static String number(Random random, int depth) {
        if (depth == 0) {
            return switch (random.nextInt(4)) {
                case 0 -> "a";
                case 1 -> "b";
                case 2 -> "half";
                default -> BigDecimal.valueOf(random.nextInt(4000), random.nextInt(4))
                        .toPlainString();
            };
        }
        String one = number(random, depth - 1);
        String other = number(random, random.nextInt(depth));
        return switch (random.nextInt(11)) {
            case 0 -> one + " + " + other;
            case 1 -> one + " - (" + other + ")";
            case 2, 3 -> "(" + one + ") * " + other;
            case 4 -> "(" + one + ") / " + (random.nextBoolean() ? "8" : "(" + other + ")");
            case 5 -> "MAX(" + one + "; " + other + ")";
            case 6 -> "MIN(" + one + "; " + other + "; c)";
            case 7 -> "IF(" + one + " > " + other + "; " + other + "; c)";
            case 8 -> "-(" + one + ")%";
            case 9 -> "MIN(" + one + "; " + other + ")";
            default -> "(" + one + ")^2";
        };
    }
}
