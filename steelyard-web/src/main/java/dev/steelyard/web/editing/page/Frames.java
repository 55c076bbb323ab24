package dev.steelyard.web.editing.page;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.Notice;
import dev.steelyard.web.editing.live.Standings;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.sold.under.SoldUnder;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

/** Puts together what the page of a draft shows. */
@Component
class Frames {

    private final Standings standings;
    private final Shops shops;
    private final Books books;
    private final SoldUnder under;

    Frames(Standings standings, Shops shops, Books books, SoldUnder under) {
        this.standings = standings;
        this.shops = shops;
        this.books = books;
        this.under = under;
    }

    /** What drafts are tried on now. */
    Subject subject() {
        return Subject.of(shops, books);
    }

    /** @param merged whether somebody else's changes have come in */
    void fill(
            Model model,
            Editor editor,
            Subject subject,
            Editor.Showing showing,
            @Nullable Notice notice,
            boolean merged) {
        Editor.Shown shown = editor.show(showing, subject);
        Draft entry = showing.entry();
        EditStep step = editor.step(showing.form().step(), entry);
        List<StepLink> links = shown.steps().stream()
                .map(one -> new StepLink(
                        one,
                        shown.summaries().getOrDefault(one.code(), ""),
                        shown.fields().count(one),
                        one.equals(step)))
                .toList();
        int next = shown.steps().indexOf(step) + 1;
        model.addAttribute("page", shown.view());
        model.addAttribute("under", shown.hanging() == null ? null : under.of(shown.hanging()));
        model.addAttribute(
                "frame",
                new PageFrame(
                        editor.kind(),
                        entry.id(),
                        showing.typed().name(),
                        entry.number(),
                        entry.undo(),
                        entry.redo(),
                        "changed by " + entry.changedBy(),
                        Show.moment(entry.changedAt(), subject.shop().zone()),
                        step,
                        links,
                        next < links.size() ? links.get(next) : null,
                        shown.sentence(),
                        shown.fields(),
                        standings.of(entry.id(), entry.number()),
                        entry.removedAt() != null,
                        merged,
                        notice));
    }
}
