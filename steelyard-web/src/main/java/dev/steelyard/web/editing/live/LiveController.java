package dev.steelyard.web.editing.live;

import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.DraftRequests;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.ReleaseResult;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** From a draft to what shoppers see: compared, put live now or later, paused, gone back. */
@Controller
@RequestMapping("/{where:cards|deals|goods}/{id}/live")
class LiveController {

    private static final String VIEW = "editing/live";

    private static final int LONGEST_WHY = 500;

    private final Drafts drafts;
    private final Releases releases;
    private final LivePages pages;
    private final Shops shops;
    private final Books books;
    private final DraftRequests requests;

    LiveController(
            Drafts drafts, Releases releases, LivePages pages, Shops shops, Books books, DraftRequests requests) {
        this.requests = requests;
        this.drafts = drafts;
        this.releases = releases;
        this.pages = pages;
        this.shops = shops;
        this.books = books;
    }

    @GetMapping
    String show(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam(defaultValue = "0") long a,
            @RequestParam(defaultValue = "0") long b,
            @RequestParam @Nullable String done,
            Model model) {
        DraftKind kind = DraftKind.at(where);
        model.addAttribute(
                "page", pages.page(kind, drafts.get(kind, id), a, b, LivePage.Form.EMPTY, LiveForms.done(done)));
        return VIEW;
    }

    /** Asks for the draft to be put live by somebody else. */
    @PostMapping("/ask")
    String ask(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam long draft,
            @RequestParam(defaultValue = "") String why,
            @AuthenticationPrincipal StaffMember who) {
        DraftKind kind = known(where, id);
        if (drafts.get(kind, id).number() == draft) {
            requests.ask(
                    id,
                    draft,
                    who.name(),
                    why.strip().substring(0, Math.min(why.strip().length(), LONGEST_WHY)));
        }
        return "redirect:/" + kind.where() + "/" + id + "/live?done=asked";
    }

    /** Who asked for it, and in what words. */
    @ModelAttribute("request")
    @Nullable
    Asked asked(@PathVariable long id) {
        return requests.of(id)
                .map(one -> new Asked(
                        one.by(), Show.moment(one.at(), shops.current().zone()), one.why()))
                .orElse(null);
    }

    record Asked(String by, String at, String why) {}

    /** Puts a version live, now or at a time. What stands in the way is said; nothing typed is lost. */
    @PostMapping
    String putLive(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam long number,
            @RequestParam long draft,
            @RequestParam long seen,
            @RequestParam(defaultValue = "now") String when,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "") String exact,
            @RequestParam(defaultValue = "") String until,
            @RequestParam(defaultValue = "") String why,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        DraftKind kind = DraftKind.at(where);
        Draft entry = drafts.get(kind, id);
        Gate gate = pages.gate(kind, entry, number);
        LiveForms typed = LiveForms.read(
                when,
                exact.isEmpty() ? at : exact,
                until,
                why,
                gate.needsWhy(),
                shops.instant(),
                shops.current().zone());
        if (!gate.open() || !typed.sound()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            String notice = gate.open() ? null : "Not put live: what stops it is listed below.";
            model.addAttribute(
                    "page", pages.page(kind, entry, 0, number == entry.number() ? 0 : number, typed.form(), notice));
            return VIEW;
        }
        ReleaseResult result = releases.putLive(
                        id,
                        new Releases.Wish(number, draft, seen, typed.starts(), typed.ends(), why.strip()),
                        who.name())
                .orElseThrow(() -> kind.missing(id));
        if (result instanceof ReleaseResult.ChangedMeanwhile meanwhile) {
            response.setStatus(HttpStatus.CONFLICT.value());
            String said = meanwhile.by() + " was quicker: the " + kind.word()
                    + " is no longer as you saw it. Nothing was put live; look at it again.";
            model.addAttribute("page", pages.page(kind, drafts.get(kind, id), 0, 0, typed.form(), said));
            return VIEW;
        }
        if (result instanceof ReleaseResult.SameEyes) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            String said =
                    "Not put live: you changed it last, and in this shop somebody else puts it live. Ask for it below.";
            model.addAttribute("page", pages.page(kind, entry, 0, 0, typed.form(), said));
            return VIEW;
        }
        requests.forget(id);
        return after(kind, id, result, typed.starts() == null ? "live" : "planned");
    }

    /** For whom a version changes what they pay, all of it, as a file. */
    @GetMapping("/reach.csv")
    void reach(
            @PathVariable String where, @PathVariable long id, @RequestParam long number, HttpServletResponse response)
            throws IOException {
        DraftKind kind = DraftKind.at(where);
        Draft entry = drafts.get(kind, id);
        Reach reach = pages.reach(kind, entry, number)
                .orElseThrow(() -> new NotThere("For this version it cannot be told whose price changes."));
        FileNames.csv(response, entry.name(), "whose price changes");
        try (CSVPrinter csv = new CSVPrinter(response.getWriter(), CSVFormat.RFC4180)) {
            csv.printRecord("sku", "name", "order", "now", "card now", "then", "card then", "difference");
            for (Reach.Row row : reach.changed()) {
                csv.printRecord(
                        row.sku(),
                        row.name(),
                        row.order(),
                        row.now(),
                        row.by(),
                        row.then(),
                        row.thenBy(),
                        row.difference());
            }
        }
    }

    @PostMapping("/pause")
    String pause(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String why,
            @AuthenticationPrincipal StaffMember who) {
        DraftKind kind = known(where, id);
        if (!kind.pauses()) {
            throw new NotThere("Own prices are not paused; take the product out of the shop.");
        }
        return after(kind, id, releases.pause(id, why, who.name()), "paused");
    }

    @PostMapping("/resume")
    String resume(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam(defaultValue = "") String why,
            @AuthenticationPrincipal StaffMember who) {
        DraftKind kind = known(where, id);
        return after(kind, id, releases.resume(id, why, who.name()), "resumed");
    }

    @PostMapping("/withdraw")
    String withdraw(
            @PathVariable String where,
            @PathVariable long id,
            @RequestParam long release,
            @AuthenticationPrincipal StaffMember who) {
        DraftKind kind = known(where, id);
        return after(kind, id, releases.withdraw(id, release, who.name()), "withdrawn");
    }

    /** The kind of the one that is meant; a deal’s number is no card’s. */
    private DraftKind known(String where, long id) {
        DraftKind kind = DraftKind.at(where);
        drafts.get(kind, id);
        return kind;
    }

    private String after(DraftKind kind, long id, Optional<ReleaseResult> result, String done) {
        return after(kind, id, result.orElseThrow(() -> kind.missing(id)), done);
    }

    private String after(DraftKind kind, long id, ReleaseResult result, String done) {
        books.refresh();
        return "redirect:/" + kind.where() + "/" + id + "/live?done="
                + (result instanceof ReleaseResult.AlreadySo ? "same" : done);
    }
}
