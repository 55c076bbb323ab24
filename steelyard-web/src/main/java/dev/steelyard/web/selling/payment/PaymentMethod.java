package dev.steelyard.web.selling.payment;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The ways of paying that the counter offers. */
public enum PaymentMethod {
    CARD("card", "Card"),
    BANK_TRANSFER("bank transfer", "Bank transfer"),
    INVOICE("invoice", "Invoice");

    private final String label;
    private final String title;

    PaymentMethod(String label, String title) {
        this.label = label;
        this.title = title;
    }

    /** The word by which deals name it. */
    public String label() {
        return label;
    }

    /** The word for people. */
    public String title() {
        return title;
    }

    /** Whether the payment service takes the money at once. */
    public boolean atOnce() {
        return this == CARD;
    }

    public static Optional<PaymentMethod> of(String label) {
        return Arrays.stream(values())
                .filter(method -> method.label.equals(label))
                .findFirst();
    }

    /** All words by which deals name one. */
    public static List<String> labels() {
        return Arrays.stream(values()).map(PaymentMethod::label).toList();
    }
}
