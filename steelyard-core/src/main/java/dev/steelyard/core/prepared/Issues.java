package dev.steelyard.core.prepared;

import dev.steelyard.core.formula.ast.Issue;
import java.util.ArrayList;
import java.util.List;

/** Collects what is wrong with a card. */
final class Issues {

    private final List<CardIssue> found = new ArrayList<>();

    void add(String at, String message) {
        found.add(new CardIssue(at, null, message, null));
    }

    void add(String at, Issue issue) {
        found.add(new CardIssue(at, issue.span(), issue.message(), issue.replacement()));
    }

    /** An issue unless something holds. */
    void unless(boolean holds, String at, String message) {
        if (!holds) {
            add(at, message);
        }
    }

    List<CardIssue> all() {
        return List.copyOf(found);
    }
}
