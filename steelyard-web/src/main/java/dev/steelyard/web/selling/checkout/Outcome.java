package dev.steelyard.web.selling.checkout;

import java.util.List;

/** What came of pressing “Order and pay”. */
sealed interface Outcome {

    /** There is an order, now or from an earlier press. */
    record Placed() implements Outcome {}

    /** Prices or basket are not as they were shown; nothing was charged. */
    record Changed(List<String> changes) implements Outcome {}

    /** The basket cannot be ordered as it is; nothing was charged. */
    record NotOrderable(String why) implements Outcome {}

    /** The payment was refused; nothing was charged. */
    record Refused(String why) implements Outcome {}

    /** The payment service did not answer; pressing again asks it first. */
    record Unanswered() implements Outcome {}
}
