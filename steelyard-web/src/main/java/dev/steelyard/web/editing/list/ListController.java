package dev.steelyard.web.editing.list;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.number.Pasted;
import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Releases;
import dev.steelyard.web.editing.draft.SampleFigures;
import dev.steelyard.web.editing.page.NotFitting;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.util.UriComponentsBuilder;
import tools.jackson.databind.node.ObjectNode;

/** The lists of drafts: their order; beginning one, or reading it from a file. */
@Controller
@RequestMapping("/{where:cards|deals}")
class ListController {

    private static final List<String> OF_THE_LIST = List.of("seen", "order", "move", "picked", "_csrf");

    private final Drafts drafts;
    private final Releases releases;
    private final Books books;
    private final Map<DraftKind, Listing> listings = new EnumMap<>(DraftKind.class);

    ListController(Drafts drafts, Releases releases, Books books, List<Listing> all) {
        this.drafts = drafts;
        this.releases = releases;
        this.books = books;
        all.forEach(listing -> listings.put(listing.kind(), listing));
    }

    private Listing listing(String where) {
        return Objects.requireNonNull(listings.get(DraftKind.at(where)));
    }

    @GetMapping
    String list(
            @PathVariable String where,
            @RequestParam @Nullable Long removed,
            @RequestParam(defaultValue = "false") boolean late,
            @RequestParam @Nullable Integer paused,
            @RequestParam @Nullable Integer resumed,
            @RequestParam(defaultValue = "0") int of,
            @RequestParam MultiValueMap<String, String> sent,
            Model model) {
        Listing listing = listing(where);
        named(listing, model);
        model.addAttribute(
                "removed",
                removed == null ? null : drafts.find(listing.kind(), removed).orElse(null));
        model.addAttribute("lines", listing.lines());
        model.addAttribute("notice", late ? Moves.LATE : null);
        model.addAttribute("done", done(listing.kind(), paused, resumed, of));
        model.addAllAttributes(listing.beside(Listing.asked(sent)));
        return "editing/list";
    }

    private static void named(Listing listing, Model model) {
        model.addAttribute("kind", listing.kind());
        model.addAttribute("words", listing.words());
    }

    /**
     * Puts them into another order: the one that is sent, in which one may be moved by a step. What else is sent is asked for
     * again on the page that answers.
     *
     * @param seen the order the page showed
     * @param order the order wanted
     * @param move the one to be moved, by its number and up or down: “3 up”; empty for none
     */
    @PostMapping("/order")
    String reorder(
            @PathVariable String where,
            @RequestParam List<Long> seen,
            @RequestParam List<Long> order,
            @RequestParam(defaultValue = "") String move,
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who) {
        boolean done = drafts.reorder(listing(where).kind(), seen, Moves.moved(order, move), who.name());
        if (done) {
            books.refresh();
        }
        UriComponentsBuilder back = UriComponentsBuilder.fromPath("/" + where);
        sent.forEach((name, values) -> {
            if (!OF_THE_LIST.contains(name) && !values.get(0).isEmpty()) {
                back.queryParam(name, "{" + name + "}");
            }
        });
        return "redirect:"
                + back.queryParamIfPresent("late", done ? Optional.empty() : Optional.of("true"))
                        .encode()
                        .buildAndExpand(sent.toSingleValueMap())
                        .toUriString();
    }

    /** Pauses those picked, or lets them count again. */
    @PostMapping("/{what:pause|resume}")
    String several(
            @PathVariable String where,
            @PathVariable String what,
            @RequestParam(defaultValue = "") List<Long> picked,
            @AuthenticationPrincipal StaffMember who) {
        DraftKind kind = listing(where).kind();
        int done = releases.several(kind, picked, what.equals("pause"), who.name());
        books.refresh();
        return "redirect:/" + where + "?" + what + "d=" + done + "&of=" + picked.size();
    }

    private static @Nullable String done(DraftKind kind, @Nullable Integer paused, @Nullable Integer resumed, int of) {
        if (paused == null && resumed == null) {
            return null;
        }
        if (of == 0) {
            return "None is picked; tick those that are meant.";
        }
        int count = paused == null ? Objects.requireNonNull(resumed) : paused;
        String what = paused == null ? "resumed: shoppers see it again" : "paused: shoppers do not see it";
        String others = count == of ? "" : " " + (of - count) + " of those picked was so already, or is not live.";
        return (count == 1 ? "1 " + kind.word() : count + " " + kind.where()) + " "
                + (count == 1 ? what : what.replace(" it", " them")) + "." + others;
    }

    @GetMapping("/new")
    String begin(@PathVariable String where, @RequestParam(defaultValue = "") String sku, Model model) {
        return begin(listing(where), Begin.of(books.inForce().directory(), sku), model);
    }

    private String begin(Listing listing, Begin begin, Model model) {
        named(listing, model);
        model.addAttribute("begin", begin);
        model.addAttribute("ways", listing.ways());
        model.addAttribute("others", drafts.inOrder(listing.kind()));
        return "editing/new";
    }

    private String refused(Listing listing, Begin begin, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return begin(listing, begin, model);
    }

    /** A new one for some goods, begun in one of the ways. */
    @PostMapping
    String create(
            @PathVariable String where,
            @RequestParam(defaultValue = "") String start,
            @RequestParam(defaultValue = "") List<String> goods,
            @RequestParam(defaultValue = "") String more,
            @RequestParam(defaultValue = "false") boolean everything,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String above,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        Listing listing = listing(where);
        GoodsDirectory sold = books.inForce().directory();
        Optional<? extends Listing.Way> way =
                listing.ways().stream().filter(one -> one.code().equals(start)).findFirst();
        boolean nothing = goods.isEmpty() && more.isBlank();
        boolean all = everything || nothing && way.map(Listing.Way::ofAll).orElse(false);
        Begin.Sent sent = new Begin.Sent(goods, more, all, name);
        if (way.isEmpty()) {
            return refused(
                    listing,
                    Begin.of(sold, "").saying(sent, null, listing.words().pickOne()),
                    model,
                    response);
        }
        Begin.Picked picked;
        try {
            picked = Begin.pick(sold, sent);
        } catch (NotFitting words) {
            return refused(listing, Begin.of(sold, "").saying(sent, words.sentence(), null), model, response);
        }
        String called = name.isBlank() ? way.get().called(picked) : Pasted.stripped(name);
        DraftDocument begun = DraftDocument.of(listing.begin(way.get(), picked, called));
        SampleFigures.markAll(begun);
        return opened(listing, begun, above, who) + "?step=" + way.get().opensAt();
    }

    /** One from a document in the open format, pasted or as a file. */
    @PostMapping("/read")
    String read(
            @PathVariable String where,
            @RequestParam(defaultValue = "") String json,
            @RequestParam @Nullable MultipartFile file,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response)
            throws IOException {
        Listing listing = listing(where);
        String text = file == null || file.isEmpty() ? json : new String(file.getBytes(), StandardCharsets.UTF_8);
        Listing.Read read = listing.read(text);
        if (read.document().isEmpty()) {
            Begin begin = Begin.of(books.inForce().directory(), "").reading(text, read.issues());
            return refused(listing, begin, model, response);
        }
        ObjectNode document = read.document().get();
        document.remove(List.of("version", "state"));
        return opened(listing, DraftDocument.of(document), "", who);
    }

    /** @param above the number of the one it comes before; else it is the last */
    private String opened(Listing listing, DraftDocument document, String above, StaffMember who) {
        Draft made = drafts.create(listing.kind(), document, who.name());
        if (Ids.is(above)) {
            List<Long> order = drafts.ids(listing.kind());
            List<Long> wanted = Moves.above(order, made.id(), Long.parseLong(above));
            drafts.reorder(listing.kind(), order, wanted, who.name());
        }
        return "redirect:/" + listing.kind().where() + "/" + made.id();
    }
}
