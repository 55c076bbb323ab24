package dev.steelyard.core.said;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.DecimalText.Fault;
import dev.steelyard.core.number.Quantity;
import java.util.Objects;

/** Says why what was typed is no number. */
public final class NumberSays {

    private NumberSays() {}

    /** Of the answer to an ask. */
    public static Fact answer(Part label, Fault fault) {
        Part typed = Part.typed(fault.typed());
        return switch (fault.why()) {
            case EMPTY -> Fact.of(Refusal.NUMBER_EMPTY, label);
            case TOO_MANY_DIGITS -> Fact.of(Refusal.TOO_MANY_DIGITS, label, Part.count(DecimalText.MOST_DIGITS));
            case COMMA -> Fact.of(Refusal.NUMBER_COMMA, label, typed, Part.typed(fault.suggestion()));
            case EITHER -> Fact.of(
                    Refusal.NUMBER_EITHER, label, typed, Part.typed(fault.suggestion()), Part.typed(fault.other()));
            case WITH_CURRENCY -> Fact.of(Refusal.NUMBER_WITH_CURRENCY, label, typed);
            default -> Fact.of(Refusal.NOT_A_NUMBER, label, typed);
        };
    }

    /** Of a number of pieces. */
    public static Fact quantity(Fault fault) {
        Part typed = Part.typed(fault.typed());
        return switch (fault.why()) {
            case EMPTY -> Fact.of(Refusal.QUANTITY_MISSING);
            case NOT_WHOLE -> Fact.of(Refusal.QUANTITY_NOT_WHOLE, typed);
            case TOO_FEW -> Fact.of(Refusal.QUANTITY_TOO_FEW, typed, Part.count(Quantity.LEAST));
            case TOO_MANY -> Fact.of(Refusal.QUANTITY_TOO_MANY, typed, Part.count(Quantity.MOST));
            case EITHER -> Fact.of(
                    Refusal.QUANTITY_EITHER,
                    typed,
                    Part.typed(Objects.requireNonNull(fault.suggestion())),
                    Part.typed(Objects.requireNonNull(fault.other())));
            default -> Fact.of(Refusal.QUANTITY_NO_NUMBER, typed);
        };
    }
}
