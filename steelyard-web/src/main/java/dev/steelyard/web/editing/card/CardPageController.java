package dev.steelyard.web.editing.card;

import dev.steelyard.format.CardWriter;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.KeepResult;
import dev.steelyard.web.editing.draft.Kind;
import dev.steelyard.web.editing.draft.Notice;
import dev.steelyard.web.editing.live.Neighbours;
import dev.steelyard.web.editing.live.Standings;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.editing.words.DocumentChanges;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The page of one card: shown whole, answered at each keystroke, every edit kept. */
@Controller
@RequestMapping("/cards/{id}")
class CardPageController {

    private static final String CARD = "cards/page :: card";

    private final Drafts cards;
    private final CardPages pages;
    private final Standings standings;
    private final Neighbours neighbours;
    private final Shops shops;
    private final Books books;

    CardPageController(
            Drafts cards, CardPages pages, Standings standings, Neighbours neighbours, Shops shops, Books books) {
        this.cards = cards;
        this.pages = pages;
        this.standings = standings;
        this.neighbours = neighbours;
        this.shops = shops;
        this.books = books;
    }

    @GetMapping
    String show(@PathVariable long id, @RequestParam(defaultValue = "ask") String step, Model model) {
        Draft entry = entry(id);
        fill(model, entry, entry.document(), entry.document(), opened(entry, step), null);
        return "cards/page";
    }

    /** The form as it is before anything is typed: no fields but the trial last typed. */
    private static CardForm opened(Draft entry, String step) {
        return new CardForm(
                entry.number(), Step.of(step), TrialText.read(entry.trial()).fields(), new LinkedMultiValueMap<>());
    }

    /** Answers with the page for what is typed; keeps it unless the wish is only to look. */
    @PostMapping("/edit")
    String edit(
            @PathVariable long id,
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        Draft entry = entry(id);
        CardForm form = tried(CardForm.read(sent), entry);
        DraftDocument base = form.basedOn() == entry.number()
                ? entry.document()
                : cards.version(id, form.basedOn()).orElse(entry.document());
        DraftDocument typed = form.onto(base);
        String wish = form.value("do");
        Optional<KeepResult> result;
        switch (wish) {
            case "look" -> {
                Notice notice = form.basedOn() == entry.number()
                        ? null
                        : DocumentChanges.meanwhile(Kind.CARD, entry, base, typed);
                fill(model, entry.withNumber(form.basedOn()), base, typed, form, notice);
                return CARD;
            }
            case "take-theirs" -> {
                fill(model, entry, entry.document(), entry.document(), form.withoutFields(), null);
                return CARD;
            }
            case "undo" -> result = cards.undo(id, form.basedOn(), who.name());
            case "redo" -> result = cards.redo(id, form.basedOn(), who.name());
            case "keep-mine" -> result = keep(id, entry.number(), typed, form, who);
            default -> {
                new CardEdits(subject()).apply(wish, typed, form);
                result = keep(id, form.basedOn(), CardForm.tidied(typed), form, who);
            }
        }
        KeepResult kept = result.orElseThrow(() -> Kind.CARD.missing(id));
        if (kept instanceof KeepResult.Kept done) {
            DraftDocument now = done.entry().document();
            boolean fresh = !wish.equals("keep");
            fill(model, done.entry(), now, now, fresh ? form.withoutFields() : form, null);
            return CARD;
        }
        response.setStatus(HttpStatus.CONFLICT.value());
        Draft theirs = ((KeepResult.ChangedMeanwhile) kept).entry();
        fill(
                model,
                theirs.withNumber(form.basedOn()),
                base,
                typed,
                form,
                DocumentChanges.meanwhile(Kind.CARD, theirs, base, typed));
        return CARD;
    }

    /** A check weight that is to be tried becomes the trial. */
    private static CardForm tried(CardForm form, Draft entry) {
        String row = form.value("row");
        return form.value("do").equals("try-weight") && row.matches("\\d{1,4}")
                ? form.trying(Weights.trial(entry.document().weights().path(Integer.parseInt(row))))
                : form;
    }

    private Optional<KeepResult> keep(long id, long basedOn, DraftDocument typed, CardForm form, StaffMember who) {
        return cards.keep(id, basedOn, typed, new TrialText(form.trial()).write(), who.name());
    }

    /** The card in the open format. One that cannot be read whole is written as it was typed. */
    @GetMapping("/card.json")
    ResponseEntity<String> write(@PathVariable long id) {
        Draft entry = entry(id);
        Documents.DraftReading reading =
                Documents.readDraft(entry.document().root(), shops.current().rules());
        String json =
                Json.write(reading.prepared() == null ? entry.document().root() : CardWriter.write(reading.card()));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, FileNames.attachment(entry.name(), "card", "json"))
                .body(json);
    }

    private Subject subject() {
        return Subject.of(shops, books);
    }

    private Draft entry(long id) {
        return cards.get(Kind.CARD, id);
    }

    private void fill(
            Model model, Draft entry, DraftDocument kept, DraftDocument typed, CardForm form, @Nullable Notice notice) {
        model.addAttribute("page", pages.page(entry, kept, typed, form, subject(), notice));
        model.addAttribute(
                "overlaps",
                form.step() == Step.COVERS
                        ? neighbours.overlaps(
                                entry.id(),
                                Documents.readDraft(
                                                typed.root(), shops.current().rules())
                                        .card())
                        : List.of());
        model.addAttribute("standing", standings.of(entry.id(), entry.number()));
        model.addAttribute("removed", entry.removedAt() != null);
    }
}
