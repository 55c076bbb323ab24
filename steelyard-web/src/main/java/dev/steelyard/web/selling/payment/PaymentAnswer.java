package dev.steelyard.web.selling.payment;

/** What a payment service says. */
public sealed interface PaymentAnswer {

    /** The money was taken. */
    record Approved(String reference) implements PaymentAnswer {}

    /** No money was taken, nor will be by this key. */
    record Refused(PaymentRefused why) implements PaymentAnswer {}

    /** Nothing is decided yet. */
    record Pending() implements PaymentAnswer {}
}
