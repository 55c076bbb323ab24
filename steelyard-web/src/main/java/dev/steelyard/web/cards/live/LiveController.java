package dev.steelyard.web.cards.live;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.kept.Draft;
import dev.steelyard.web.kept.Drafts;
import dev.steelyard.web.kept.Kind;
import dev.steelyard.web.kept.ReleaseResult;
import dev.steelyard.web.kept.Releases;
import dev.steelyard.web.security.StaffMember;
import dev.steelyard.web.shop.Shops;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** From a draft to what shoppers see: compared, put live now or later, paused, gone back. */
@Controller
@RequestMapping("/cards/{id}/live")
class LiveController {

    private final Drafts cards;
    private final Releases releases;
    private final LivePages pages;
    private final Shops shops;
    private final Books books;

    LiveController(Drafts cards, Releases releases, LivePages pages, Shops shops, Books books) {
        this.cards = cards;
        this.releases = releases;
        this.pages = pages;
        this.shops = shops;
        this.books = books;
    }

    @GetMapping
    String show(
            @PathVariable long id,
            @RequestParam(defaultValue = "0") long a,
            @RequestParam(defaultValue = "0") long b,
            @RequestParam @Nullable String done,
            Model model) {
        model.addAttribute("page", pages.page(entry(id), a, b, LivePage.Form.EMPTY, LiveForms.done(done)));
        return "cards/live";
    }

    /** Puts a version live, now or at a time. What stands in the way is said; nothing typed is lost. */
    @PostMapping
    String putLive(
            @PathVariable long id,
            @RequestParam long number,
            @RequestParam long draft,
            @RequestParam long seen,
            @RequestParam(defaultValue = "now") String when,
            @RequestParam(defaultValue = "") String at,
            @RequestParam(defaultValue = "") String why,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        Draft entry = entry(id);
        long b = number == entry.number() ? 0 : number;
        Gate gate = pages.gate(entry, number);
        LiveForms typed = LiveForms.read(
                when, at, why, gate.needsWhy(), shops.instant(), shops.current().zone());
        LivePage.Form form = typed.form();
        if (!gate.open() || !typed.sound()) {
            return again(
                    entry,
                    b,
                    form,
                    gate.open() ? null : "Not put live: what stops it is listed below.",
                    model,
                    response);
        }
        ReleaseResult result = releases.putLive(
                        id, new Releases.Wish(number, draft, seen, typed.starts(), why.strip()), who.name())
                .orElseThrow(() -> Kind.CARD.missing(id));
        if (result instanceof ReleaseResult.ChangedMeanwhile meanwhile) {
            response.setStatus(HttpStatus.CONFLICT.value());
            String said = meanwhile.by() + " was quicker: the card is no longer as you saw it. Nothing was put live;"
                    + " look at it again.";
            model.addAttribute("page", pages.page(entry(id), 0, 0, form, said));
            return "cards/live";
        }
        return after(id, result, typed.starts() == null ? "live" : "planned");
    }

    private String again(
            Draft entry,
            long b,
            LivePage.Form form,
            @Nullable String notice,
            Model model,
            HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("page", pages.page(entry, 0, b, form, notice));
        return "cards/live";
    }

    private String after(long id, ReleaseResult result, String done) {
        books.refresh();
        return "redirect:/cards/" + id + "/live?done=" + (result instanceof ReleaseResult.AlreadySo ? "same" : done);
    }

    private Draft entry(long id) {
        return cards.get(Kind.CARD, id);
    }
}
