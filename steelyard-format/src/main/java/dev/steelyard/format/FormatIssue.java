package dev.steelyard.format;

import dev.steelyard.core.deal.DealIssue;
import dev.steelyard.core.prepared.CardIssue;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something wrong with a document.
 *
 * @param at where, as a JSON Pointer (RFC 6901); empty for the whole document
 * @param message what was given and what is allowed
 * @param from where in the formula there it begins, counted from 0; none where it is no formula
 * @param to where it ends, exclusive
 * @param instead values that can be meant in place of the whole one; only the owner can tell which
 * @param replacement what to put there to mend it; none where only the owner can tell
 */
public record FormatIssue(
        String at,
        String message,
        @Nullable Integer from,
        @Nullable Integer to,
        @Nullable String replacement,
        List<String> instead) {

    public FormatIssue {
        instead = List.copyOf(instead);
    }

    public static FormatIssue at(String at, String message) {
        return new FormatIssue(at, message, null, null, null, List.of());
    }

    /** One of several values is meant. */
    static FormatIssue unclear(String at, String message, List<String> instead) {
        return new FormatIssue(at, message, null, null, null, instead);
    }

    static FormatIssue of(String root, DealIssue issue) {
        return at(root + issue.at(), issue.message());
    }

    static FormatIssue of(String root, CardIssue issue) {
        return new FormatIssue(
                root + issue.at(),
                issue.message(),
                issue.span() == null ? null : issue.span().from(),
                issue.span() == null ? null : issue.span().to(),
                issue.replacement(),
                List.of());
    }
}
