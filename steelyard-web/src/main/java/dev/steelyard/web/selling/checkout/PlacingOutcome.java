package dev.steelyard.web.selling.checkout;

import dev.steelyard.web.selling.payment.PaymentRefused;
import java.util.List;

/** What came of pressing “Order and pay”. */
sealed interface PlacingOutcome {

    /** There is an order, now or from an earlier press. */
    record Placed() implements PlacingOutcome {}

    /** Prices or basket are not as they were shown; nothing was charged. */
    record Changed(List<String> changes) implements PlacingOutcome {}

    /** The basket cannot be ordered as it is; nothing was charged. */
    record NotOrderable(String why) implements PlacingOutcome {}

    /** The payment was refused; nothing was charged. */
    record Refused(PaymentRefused why) implements PlacingOutcome {}

    /** The payment service did not answer; pressing again asks it first. */
    record Unanswered() implements PlacingOutcome {}
}
