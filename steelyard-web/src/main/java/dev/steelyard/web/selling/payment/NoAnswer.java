package dev.steelyard.web.selling.payment;

import java.io.Serial;

/** The payment service did not answer in time; whether it took the money is unknown. */
public final class NoAnswer extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    NoAnswer(String message) {
        super(message);
    }

    NoAnswer(Throwable why) {
        super("the payment service did not answer in time", why);
    }
}
