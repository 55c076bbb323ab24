package dev.steelyard.core.reckoning;

import java.io.Serial;

/** Work was broken off, since nobody wants its answer any more. */
public final class NoLongerWanted extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    NoLongerWanted() {
        super("no longer wanted", null, false, false);
    }
}
