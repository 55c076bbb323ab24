package dev.steelyard.web.editing.live;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.DraftRequests;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Notice;
import dev.steelyard.web.editing.draft.ReleaseResult;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.draft.Standing;
import dev.steelyard.web.editing.words.DocumentChanges;
import java.util.List;
import org.springframework.stereotype.Component;

/** Puts a draft live from its own page, by one button: past the same gate, and said there. */
@Component
public class AtOnce {

    private static final int LONGEST_WHY = 500;

    private final Drafts drafts;
    private final Releases releases;
    private final LivePages pages;
    private final Books books;
    private final DraftRequests requests;

    AtOnce(Drafts drafts, Releases releases, LivePages pages, Books books, DraftRequests requests) {
        this.requests = requests;
        this.drafts = drafts;
        this.releases = releases;
        this.pages = pages;
        this.books = books;
    }

    /** What became of it, for the page. */
    public Notice putLive(DraftKind kind, Draft entry, String why, String by) {
        if (entry.removedAt() != null) {
            return Notice.wrong(
                    "Not saved: it was taken out of the shop. What you typed is kept; put it back into the shop first.");
        }
        Gate gate = pages.gate(kind, entry, entry.number());
        if (!gate.open()) {
            return stopped("Not put live: what stops it is below. What you typed is kept.", gate.stops());
        }
        if (gate.needsWhy() && why.isBlank()) {
            return stopped(
                    "Not put live: check weights differ. Say under “Why it changes” why they may, and save again.",
                    gate.failing().stream()
                            .map(one -> "“" + one.name() + "” was " + one.wanted() + ", is " + one.found())
                            .toList());
        }
        if (why.length() > LONGEST_WHY) {
            return Notice.wrong("Not put live: “Why it changes” has " + why.length() + " characters; at most "
                    + LONGEST_WHY + ". What you typed is kept.");
        }
        Standing standing = releases.of(entry.id());
        DraftDocument before = drafts.version(entry.id(), standing.liveNumber())
                .orElse(entry.document())
                .weighedAs(entry.document());
        ReleaseResult result = releases.putLive(
                        entry.id(),
                        new Releases.Wish(entry.number(), entry.number(), standing.latest(), null, why.strip()),
                        by)
                .orElseThrow(() -> kind.missing(entry.id()));
        if (result instanceof ReleaseResult.ChangedMeanwhile meanwhile) {
            return Notice.wrong(meanwhile.by()
                    + " changed what shoppers see at that moment. Nothing was put live; look at it and save again.");
        }
        if (result instanceof ReleaseResult.SameEyes) {
            return Notice.wrong(
                    "Not put live: you changed it last, and in this shop somebody else puts it live. What you"
                            + " typed is kept as a draft; ask for it under “Draft and live”.");
        }
        requests.forget(entry.id());
        books.refresh();
        List<String> changes = DocumentChanges.between(before, entry.document());
        return changes.isEmpty()
                ? Notice.said("Nothing had changed.", List.of())
                : Notice.said("Saved. Shoppers see it now. Changed:", changes);
    }

    private static Notice stopped(String words, List<String> why) {
        return new Notice(words, true, why, List.of(), List.of(), false);
    }
}
