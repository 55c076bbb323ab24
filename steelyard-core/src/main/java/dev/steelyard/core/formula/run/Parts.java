package dev.steelyard.core.formula.run;

import dev.steelyard.core.formula.ast.Failure;
import dev.steelyard.core.formula.ast.Operator;
import dev.steelyard.core.formula.ast.Span;
import dev.steelyard.core.formula.ast.Undefined;
import dev.steelyard.core.formula.function.NumberFunction;
import dev.steelyard.core.number.Packed;
import java.math.BigDecimal;
import java.util.List;

/** The small evaluators that formulas are made of, beside {@link Chain}. */
final class Parts {

    private Parts() {}

    /** A number known beforehand. */
    record Constant(BigDecimal amount, long packed) implements NumberEval {

        static Constant of(BigDecimal amount) {
            return new Constant(amount, Packed.of(amount));
        }

        @Override
        public BigDecimal value(Frame frame) {
            return amount;
        }

        @Override
        public long quick(Frame frame) {
            return packed;
        }
    }

    /** The value of a name. */
    record Named(int slot, Span span) implements NumberEval {
        @Override
        public BigDecimal value(Frame frame) {
            BigDecimal value = frame.number(slot);
            if (value == null) {
                throw new FormulaFailure(Failure.MISSING, span);
            }
            return value;
        }

        @Override
        public long quick(Frame frame) {
            return frame.quick(slot);
        }
    }

    /** A minus in front. */
    record Negated(NumberEval of) implements NumberEval {
        @Override
        public BigDecimal value(Frame frame) {
            return of.value(frame).negate();
        }

        @Override
        public long quick(Frame frame) {
            return Packed.negate(of.quick(frame));
        }
    }

    /** A hundredth. */
    record Hundredth(NumberEval of) implements NumberEval {
        @Override
        public BigDecimal value(Frame frame) {
            return of.value(frame).movePointLeft(2);
        }

        @Override
        public long quick(Frame frame) {
            return Packed.percent(of.quick(frame));
        }
    }

    /** One of two numbers. */
    record Either(ConditionEval condition, NumberEval then, NumberEval otherwise) implements NumberEval {
        @Override
        public BigDecimal value(Frame frame) {
            return condition.holds(frame) ? then.value(frame) : otherwise.value(frame);
        }

        @Override
        public long quick(Frame frame) {
            return condition.holds(frame) ? then.quick(frame) : otherwise.quick(frame);
        }
    }

    /** A function of two numbers, as most are. */
    record OfTwo(NumberFunction function, NumberEval first, NumberEval second, Span span) implements NumberEval {
        @Override
        public BigDecimal value(Frame frame) {
            return apply(function, new BigDecimal[] {first.value(frame), second.value(frame)}, span);
        }

        @Override
        public long quick(Frame frame) {
            return function.quick(first.quick(frame), second.quick(frame));
        }
    }

    /** A function of any other count of numbers. */
    record OfMany(NumberFunction function, List<NumberEval> arguments, Span span) implements NumberEval {
        @Override
        public BigDecimal value(Frame frame) {
            BigDecimal[] values = new BigDecimal[arguments.size()];
            for (int i = 0; i < values.length; i++) {
                values[i] = arguments.get(i).value(frame);
            }
            return apply(function, values, span);
        }
    }

    private static BigDecimal apply(NumberFunction function, BigDecimal[] values, Span span) {
        try {
            return Arithmetic.bounded(function.apply(values));
        } catch (Undefined undefined) {
            throw new FormulaFailure(undefined.failure(), span);
        }
    }

    /** A comparison of two numbers. */
    record Comparison(Operator operator, NumberEval left, NumberEval right) implements ConditionEval {
        @Override
        public boolean holds(Frame frame) {
            int order = Packed.compare(left.quick(frame), right.quick(frame));
            if (order == Packed.UNKNOWN) {
                order = left.value(frame).compareTo(right.value(frame));
            }
            return switch (operator) {
                case EQUAL -> order == 0;
                case UNEQUAL -> order != 0;
                case LESS -> order < 0;
                case LESS_OR_EQUAL -> order <= 0;
                case GREATER -> order > 0;
                case GREATER_OR_EQUAL -> order >= 0;
                default -> throw new IllegalArgumentException(operator + " compares nothing");
            };
        }
    }
}
