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

    /** Whether nothing is wrong at a place or below it. */
    boolean none(String at) {
        return found.stream()
                .noneMatch(issue -> issue.at().equals(at) || issue.at().startsWith(at + "/"));
    }

    List<CardIssue> all() {
        return List.copyOf(found);
    }
}
