package dev.steelyard.core.prepared;

import dev.steelyard.core.formula.ast.Span;
import org.jspecify.annotations.Nullable;

/**
 * Something wrong with a card.
 *
 * @param at where in the card's document, as a JSON Pointer (RFC 6901): {@code /cases/0/piece/formula}
 * @param span where in the formula there; none where it is no formula
 * @param message what, in plain words
 * @param replacement what to put at the span to mend it; none where only the owner can tell
 */
public record CardIssue(String at, @Nullable Span span, String message, @Nullable String replacement) {}
