package dev.steelyard.core.formula.ast;

/** A place in a formula's text: from inclusive, to exclusive, counted from 0 in UTF-16 units. */
public record Span(int from, int to) {

    public Span {
        if (from < 0 || to < from) {
            throw new IllegalArgumentException("no place: " + from + " to " + to);
        }
    }

    /** From the start of this to the end of another. */
    public Span through(Span end) {
        return new Span(from, end.to);
    }

    /** The text at this place. */
    public String of(String text) {
        return text.substring(from, to);
    }
}
