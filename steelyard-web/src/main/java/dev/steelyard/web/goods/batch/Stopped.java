package dev.steelyard.web.goods.batch;

import java.io.Serial;

/** Ends background work before its end, with nothing done; the message says why. */
public final class Stopped extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    public Stopped(String message) {
        super(message, null, false, false);
    }
}
