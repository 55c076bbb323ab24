package dev.steelyard.web.moves;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.kept.Draft;
import dev.steelyard.web.kept.DraftDocument;
import dev.steelyard.web.kept.Drafts;
import dev.steelyard.web.kept.Kind;
import dev.steelyard.web.kept.ReleaseResult;
import dev.steelyard.web.kept.Releases;
import dev.steelyard.web.security.StaffMember;
import java.util.Optional;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Moves of a whole rate card or deal; each ends on a page that says what was done. */
@Controller
@RequestMapping("/{where:cards|deals}/{id}")
class MovesController {

    private final Drafts drafts;
    private final Releases releases;
    private final Books books;

    MovesController(Drafts drafts, Releases releases, Books books) {
        this.drafts = drafts;
        this.releases = releases;
        this.books = books;
    }

    @PostMapping("/copy")
    String copy(@PathVariable String where, @PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        Kind kind = Kind.at(where);
        Draft entry = drafts.get(kind, id);
        DraftDocument copied = entry.document().copy();
        copied.put("/name", "Copy of " + entry.name());
        return page(
                where, drafts.create(kind, copied, entry.trial(), who.name()).id());
    }

    @PostMapping("/remove")
    String remove(@PathVariable String where, @PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        Kind kind = Kind.at(where);
        drafts.remove(kind, id, who.name()).orElseThrow(() -> kind.missing(id));
        books.refresh();
        return "redirect:/" + where + "?removed=" + id;
    }

    @PostMapping("/put-back")
    String putBack(@PathVariable String where, @PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        Kind kind = Kind.at(where);
        drafts.putBack(kind, id, who.name()).orElseThrow(() -> kind.missing(id));
        books.refresh();
        return page(where, id);
    }

    @PostMapping("/live/pause")
    String pause(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String why,
            @AuthenticationPrincipal StaffMember who) {
        drafts.get(Kind.at(where), id);
        return after(where, id, releases.pause(id, why, who.name()), "paused");
    }

    @PostMapping("/live/resume")
    String resume(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String why,
            @AuthenticationPrincipal StaffMember who) {
        drafts.get(Kind.at(where), id);
        return after(where, id, releases.resume(id, why, who.name()), "resumed");
    }

    @PostMapping("/live/withdraw")
    String withdraw(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam long release,
            @AuthenticationPrincipal StaffMember who) {
        drafts.get(Kind.at(where), id);
        return after(where, id, releases.withdraw(id, release, who.name()), "withdrawn");
    }

    private String after(String where, long id, Optional<ReleaseResult> result, String done) {
        ReleaseResult is = result.orElseThrow(() -> Kind.at(where).missing(id));
        books.refresh();
        return page(where, id) + "/live?done=" + (is instanceof ReleaseResult.AlreadySo ? "same" : done);
    }

    private static String page(String where, long id) {
        return "redirect:/" + where + "/" + id;
    }
}
