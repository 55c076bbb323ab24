package dev.steelyard.web.shop.history;

import dev.steelyard.web.base.page.FirstLines;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.shop.history.Changes.Entry;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A change as lists show it.
 *
 * @param what “put live”
 * @param detail “version 3, 4 edits”
 * @param link to what was changed; none where there is nothing to be seen
 * @param compare to both states beside each other; none where there is nothing to compare
 * @param back to the settings as they were before it; none where there are none
 * @param words how the states differ; empty where the link says it
 */
public record ChangeLine(
        long id,
        String at,
        String by,
        String what,
        String name,
        String detail,
        String why,
        @Nullable String link,
        @Nullable String compare,
        @Nullable String back,
        List<String> words) {

    private static final int MOST_WORDS = 6;

    public static ChangeLine of(Entry entry, ZoneId zone) {
        Change change = entry.change();
        boolean card = change.subject() == ChangeSubject.CARD
                || change.subject() == ChangeSubject.DEAL
                || change.subject() == ChangeSubject.ROWS;
        boolean cardThere = change.id() != 0 && change.subject() != ChangeSubject.PRICES;
        return new ChangeLine(
                entry.id(),
                Show.moment(entry.at(), zone),
                entry.by(),
                change.what().words(),
                change.name(),
                detail(entry),
                change.why(),
                change.subject() == ChangeSubject.TAX || change.subject() == ChangeSubject.SHOP
                        ? change.subject().path()
                        : cardThere
                                ? change.subject().path() + change.id()
                                : change.subject() == ChangeSubject.PRICES ? "/goods/" + change.id() : null,
                card ? versions(change) : change.subject() == ChangeSubject.PRICES ? prices(entry) : null,
                entry.hasForm() ? change.subject().path() + "?before=" + entry.id() : null,
                card || change.subject() == ChangeSubject.SIGN_IN ? List.of() : words(change));
    }

    private static String detail(Entry entry) {
        Change change = entry.change();
        if (change.subject() == ChangeSubject.SIGN_IN) {
            return "from " + change.after().getOrDefault(Change.FROM, "somewhere");
        }
        String version = change.after().get(Change.VERSION);
        String edits = entry.times() > 1 ? entry.times() + " edits" : "";
        if (version == null || change.what() == What.PAUSED || change.what() == What.RESUMED) {
            return edits;
        }
        return edits.isEmpty() ? "version " + version : "version " + version + ", " + edits;
    }

    private static @Nullable String versions(Change change) {
        String before = change.before().get(Change.EDIT);
        String after = change.after().get(Change.EDIT);
        return before == null || after == null || before.equals(after)
                ? null
                : change.subject().path() + change.id() + "/live?a=" + before + "&b=" + after;
    }

    private static String prices(Entry entry) {
        return "/history/prices?of=" + entry.change().id() + "&b=" + entry.id();
    }

    private static List<String> words(Change change) {
        return FirstLines.of(
                StateChanges.between(change.before(), change.after()).stream()
                        .map(StateChanges.Difference::words)
                        .toList(),
                MOST_WORDS);
    }
}
