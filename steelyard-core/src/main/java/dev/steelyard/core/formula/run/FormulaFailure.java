package dev.steelyard.core.formula.run;

import dev.steelyard.core.formula.ast.Failure;
import dev.steelyard.core.formula.ast.Span;
import java.io.Serial;

/** A formula has no value for the input given: what happened, and at which part of it. */
public final class FormulaFailure extends RuntimeException {

    @Serial
    private static final long serialVersionUID = 1L;

    private final Failure failure;
    private final transient Span span;

    public FormulaFailure(Failure failure, Span span) {
        super(failure.words(), null, false, false);
        this.failure = failure;
        this.span = span;
    }

    public Failure failure() {
        return failure;
    }

    public Span span() {
        return span;
    }
}
