package dev.steelyard.web.editing.page;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.shop.people.StaffMember;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Moves of a whole rate card or deal; each ends on a page that says what was done. */
@Controller
@RequestMapping("/{where:cards|deals}/{id}")
class MovesController {

    private final Drafts drafts;
    private final Books books;

    MovesController(Drafts drafts, Books books) {
        this.drafts = drafts;
        this.books = books;
    }

    @PostMapping("/copy")
    String copy(@PathVariable String where, @PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        DraftKind kind = DraftKind.at(where);
        Draft entry = drafts.get(kind, id);
        DraftDocument copied = entry.document().copy();
        copied.put("/name", "Copy of " + entry.name());
        return page(
                where, drafts.create(kind, copied, entry.trial(), who.name()).id());
    }

    @PostMapping("/remove")
    String remove(@PathVariable String where, @PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        DraftKind kind = DraftKind.at(where);
        drafts.remove(kind, id, who.name()).orElseThrow(() -> kind.missing(id));
        books.refresh();
        return "redirect:/" + where + "?removed=" + id;
    }

    @PostMapping("/put-back")
    String putBack(@PathVariable String where, @PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        DraftKind kind = DraftKind.at(where);
        drafts.putBack(kind, id, who.name()).orElseThrow(() -> kind.missing(id));
        books.refresh();
        return page(where, id);
    }

    private static String page(String where, long id) {
        return "redirect:/" + where + "/" + id;
    }
}
