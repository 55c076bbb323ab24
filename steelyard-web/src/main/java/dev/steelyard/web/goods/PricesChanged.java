package dev.steelyard.web.goods;

import java.io.Serial;

/** Prices that were to be written are no longer as they were. Whoever wrote some of them takes that back. */
public final class PricesChanged extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    PricesChanged() {
        super("prices were changed since they were checked", null, false, false);
    }
}
