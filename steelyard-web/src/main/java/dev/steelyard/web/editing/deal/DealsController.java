package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.Product;
import dev.steelyard.format.DealWriter;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Kind;
import dev.steelyard.web.editing.list.Begin;
import dev.steelyard.web.editing.list.Moves;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.databind.node.ObjectNode;

/** The list of deals; making, copying, reading and taking away deals. */
@Controller
@RequestMapping("/deals")
class DealsController {

    private static final String NEW = "deals/new";

    private final Drafts drafts;
    private final DealOverview overview;
    private final Books books;

    DealsController(Drafts drafts, DealOverview overview, Books books) {
        this.drafts = drafts;
        this.overview = overview;
        this.books = books;
    }

    @GetMapping
    String list(@RequestParam @Nullable Long removed, @RequestParam(defaultValue = "false") boolean late, Model model) {
        model.addAttribute(
                "removed",
                removed == null ? null : drafts.find(Kind.DEAL, removed).orElse(null));
        return list(model, late ? Moves.LATE : null);
    }

    private String list(Model model, @Nullable String notice) {
        model.addAttribute("deals", overview.lines());
        model.addAttribute("notice", notice);
        return "deals/list";
    }

    /**
     * Puts the deals into another order: the one that is sent, in which one deal may be moved by a step.
     *
     * @param seen the order the page showed
     * @param order the order wanted
     * @param move “3 up”; empty for none
     */
    @PostMapping("/order")
    String reorder(
            @RequestParam List<Long> seen,
            @RequestParam List<Long> order,
            @RequestParam(defaultValue = "") String move,
            @AuthenticationPrincipal StaffMember who) {
        if (drafts.reorder(Kind.DEAL, seen, Moves.moved(order, move), who.name())) {
            books.refresh();
            return "redirect:/deals";
        }
        return "redirect:/deals?late=true";
    }

    @GetMapping("/new")
    String begin(Model model) {
        return begin(model, Begin.of(books.inForce().goods(), ""));
    }

    private static String begin(Model model, Begin begin) {
        model.addAttribute("begin", begin);
        model.addAttribute("starts", DealStart.values());
        return NEW;
    }

    /** A new deal for some goods, begun from one of the sentences. */
    @PostMapping
    String create(
            @RequestParam(defaultValue = "") String start,
            @RequestParam(defaultValue = "") List<String> goods,
            @RequestParam(defaultValue = "") String more,
            @RequestParam(defaultValue = "") String name,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        DealStart way = DealStart.of(start).orElse(null);
        List<Product> sold = books.inForce().goods();
        if (way == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return begin(model, Begin.of(sold, "").saying("Pick what the deal does.", goods, name));
        }
        Begin.Picked picked = Begin.pick(sold, Begin.with(goods, more));
        ObjectNode holder = Json.object();
        picked.covers(holder);
        ObjectNode covers = holder.get("covers") instanceof ObjectNode named
                ? named
                : Json.object().put("everything", true);
        String called =
                name.isBlank() ? way.title() + (picked.name().isBlank() ? "" : ": " + picked.name()) : name.strip();
        Draft made = drafts.create(Kind.DEAL, DraftDocument.of(DealStarts.deal(way, called, covers)), who.name());
        return "redirect:/deals/" + made.id();
    }

    /** A deal from a document in the open format, pasted or as a file. */
    @PostMapping("/read")
    String read(
            @RequestParam(defaultValue = "") String json,
            @RequestParam @Nullable MultipartFile file,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response)
            throws IOException {
        String text = file == null || file.isEmpty() ? json : new String(file.getBytes(), StandardCharsets.UTF_8);
        Documents.DealReading reading =
                Documents.readDeal(text, books.inForce().shop().zone());
        if (reading.sound().isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return begin(model, Begin.of(books.inForce().goods(), "").reading(text, reading.issues()));
        }
        ObjectNode deal = DealWriter.write(reading.sound().get());
        deal.remove(List.of("version", "state"));
        return "redirect:/deals/"
                + drafts.create(Kind.DEAL, DraftDocument.of(deal), who.name()).id();
    }
}
