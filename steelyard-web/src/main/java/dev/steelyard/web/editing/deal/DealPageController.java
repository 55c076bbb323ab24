package dev.steelyard.web.editing.deal;

import dev.steelyard.format.DealWriter;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.KeepResult;
import dev.steelyard.web.editing.draft.Kind;
import dev.steelyard.web.editing.draft.Notice;
import dev.steelyard.web.editing.words.DocumentChanges;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
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

/** The page of one deal: shown whole, answered at each keystroke, every edit kept. */
@Controller
@RequestMapping("/deals/{id}")
class DealPageController {

    private static final String DEAL = "deals/page :: deal";

    private final Drafts drafts;
    private final DealPages pages;
    private final DealStandings standings;

    DealPageController(Drafts drafts, DealPages pages, DealStandings standings) {
        this.drafts = drafts;
        this.pages = pages;
        this.standings = standings;
    }

    @GetMapping
    String show(@PathVariable long id, @RequestParam(defaultValue = "gives") String step, Model model) {
        Draft entry = entry(id);
        DealForm opened = new DealForm(
                entry.number(),
                DealStep.of(step),
                BasketText.read(entry.trial()).fields(),
                new LinkedMultiValueMap<>());
        fill(model, entry, entry.document(), opened, null);
        return "deals/page";
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
        DealForm form = DealForm.read(sent);
        DraftDocument base = form.basedOn() == entry.number()
                ? entry.document()
                : drafts.version(id, form.basedOn()).orElse(entry.document());
        DraftDocument typed = form.onto(base);
        String wish = form.value("do");
        Optional<KeepResult> result;
        switch (wish) {
            case "look" -> {
                Notice notice = form.basedOn() == entry.number()
                        ? null
                        : DocumentChanges.meanwhile(Kind.DEAL, entry, base, typed);
                fill(model, entry.withNumber(form.basedOn()), typed, form, notice);
                return DEAL;
            }
            case "take-theirs" -> {
                fill(model, entry, entry.document(), form.withoutFields(), null);
                return DEAL;
            }
            case "undo" -> result = drafts.undo(id, form.basedOn(), who.name());
            case "redo" -> result = drafts.redo(id, form.basedOn(), who.name());
            case "keep-mine" -> result = keep(id, entry.number(), typed, form, who);
            default -> {
                DealEdits.apply(wish, typed, form);
                result = keep(id, form.basedOn(), typed, form, who);
            }
        }
        KeepResult kept = result.orElseThrow(() -> Kind.DEAL.missing(id));
        if (kept instanceof KeepResult.Kept done) {
            fill(model, done.entry(), done.entry().document(), form.withoutFields(), null);
            return DEAL;
        }
        response.setStatus(HttpStatus.CONFLICT.value());
        Draft theirs = ((KeepResult.ChangedMeanwhile) kept).entry();
        fill(
                model,
                theirs.withNumber(form.basedOn()),
                typed,
                form,
                DocumentChanges.meanwhile(Kind.DEAL, theirs, base, typed));
        return DEAL;
    }

    private Optional<KeepResult> keep(long id, long basedOn, DraftDocument typed, DealForm form, StaffMember who) {
        return drafts.keep(id, basedOn, typed, new BasketText(form.trial()).write(), who.name());
    }

    /** The deal in the open format. One that cannot be read whole is written as it was typed. */
    @GetMapping("/deal.json")
    ResponseEntity<String> write(@PathVariable long id) {
        Draft entry = entry(id);
        String json = Documents.readDeal(entry.document().root(), standings.zone())
                .sound()
                .map(deal -> Json.write(DealWriter.write(deal)))
                .orElseGet(() -> Json.write(entry.document().root()));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CONTENT_DISPOSITION, FileNames.attachment(entry.name(), "deal", "json"))
                .body(json);
    }

    private Draft entry(long id) {
        return drafts.get(Kind.DEAL, id);
    }

    private void fill(Model model, Draft entry, DraftDocument typed, DealForm form, @Nullable Notice notice) {
        model.addAttribute("page", pages.page(entry, typed, form, notice));
        model.addAttribute("standing", standings.of(entry.id(), entry.number()));
        model.addAttribute("removed", entry.removedAt() != null);
    }
}
