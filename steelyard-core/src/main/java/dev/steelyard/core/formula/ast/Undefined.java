package dev.steelyard.core.formula.ast;

import java.io.Serial;

/** An operation has no result; whoever knows its place in the formula adds it. */
public final class Undefined extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    private final Failure failure;

    public Undefined(Failure failure) {
        super(failure.words(), null, false, false);
        this.failure = failure;
    }

    public Failure failure() {
        return failure;
    }
}
