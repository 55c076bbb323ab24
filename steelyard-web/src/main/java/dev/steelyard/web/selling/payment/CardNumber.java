package dev.steelyard.web.selling.payment;

import java.util.Optional;

/**
 * A card number as typed: 12 to 19 digits, spaces aside. Never stored; orders keep its last four digits.
 *
 * <p>The simulated service goes by the last digit: 2 is declined, 3 gets no answer and takes nothing, 4 takes the money
 * but its answer is lost, 5 is answered twice, 6 late, any other is approved.
 */
public record CardNumber(String digits) {

    private static final int ENDING = 4;

    public static Optional<CardNumber> read(String typed) {
        String digits = typed.replace(" ", "");
        return digits.matches("[0-9]{12,19}") ? Optional.of(new CardNumber(digits)) : Optional.empty();
    }

    /** The last four digits. */
    public String ending() {
        return digits.substring(digits.length() - ENDING);
    }

    /** Without the digits, which belong into no log. */
    @Override
    public String toString() {
        return "card ending " + ending();
    }
}
