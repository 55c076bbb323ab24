package dev.steelyard.web.goods.sheets;

import java.io.Serial;

/** Ends background work before its end, with nothing done; the message says why. */
final class Stopped extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    Stopped(String message) {
        super(message, null, false, false);
    }
}
