package dev.steelyard.web.editing.list;

import dev.steelyard.core.card.Product;
import dev.steelyard.format.CardWriter;
import dev.steelyard.format.Documents;
import dev.steelyard.format.Json;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.card.CardOverview;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.Kind;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.util.UriComponentsBuilder;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The list of cards; making, copying, reading and taking away cards. */
@Controller
@RequestMapping("/cards")
class CardsController {

    private final Drafts cards;
    private final CardOverview overview;
    private final Shops shops;
    private final Books books;

    CardsController(Drafts cards, CardOverview overview, Shops shops, Books books) {
        this.cards = cards;
        this.overview = overview;
        this.shops = shops;
        this.books = books;
    }

    @GetMapping
    String list(@RequestParam @Nullable Long removed, Model model) {
        model.addAttribute(
                "removed",
                removed == null ? null : cards.find(Kind.CARD, removed).orElse(null));
        return list(new Winner.Question("", "", "", "", false), null, model);
    }

    private String list(Winner.Question asked, @Nullable String notice, Model model) {
        model.addAttribute("cards", overview.lines(cards.inOrder(Kind.CARD)));
        model.addAttribute("notice", notice);
        model.addAttribute("countries", Countries.all());
        return winner(asked, "cards/list", model);
    }

    private String winner(Winner.Question asked, String view, Model model) {
        List<String> groups = shops.groups().stream().map(CustomerGroup::name).toList();
        model.addAttribute("groups", groups);
        model.addAttribute("winner", Winner.of(asked, books.inForce(), groups, shops.now()));
        return view;
    }

    /** Which card prices an order, and why the others do not. */
    @GetMapping("/winner")
    String winner(
            @RequestParam(defaultValue = "") String sku,
            @RequestParam(defaultValue = "") String group,
            @RequestParam(defaultValue = "") String country,
            @RequestParam(defaultValue = "") String day,
            @RequestParam(defaultValue = "false") boolean signedIn,
            @RequestParam(defaultValue = "false") boolean late,
            @RequestHeader(value = "HX-Request", required = false) @Nullable String background,
            Model model) {
        Winner.Question asked = new Winner.Question(sku, group, country, day, signedIn);
        return background == null
                ? list(asked, late ? Moves.LATE : null, model)
                : winner(asked, "cards/winner :: verdicts", model);
    }

    /**
     * Puts the cards into another order: the one that is sent, in which one card may be moved by a step.
     *
     * @param seen the order the page showed
     * @param order the order wanted
     * @param move the card to be moved, by its place among them and up or down: “3 up”; empty for none
     */
    @PostMapping("/order")
    String reorder(
            @RequestParam List<Long> seen,
            @RequestParam List<Long> order,
            @RequestParam(defaultValue = "") String move,
            @RequestParam(defaultValue = "") String sku,
            @RequestParam(defaultValue = "") String group,
            @RequestParam(defaultValue = "") String country,
            @RequestParam(defaultValue = "") String day,
            @RequestParam(defaultValue = "false") boolean signedIn,
            @AuthenticationPrincipal StaffMember who) {
        boolean done = cards.reorder(Kind.CARD, seen, Moves.moved(order, move), who.name());
        if (done) {
            books.refresh();
        }
        return "redirect:"
                + UriComponentsBuilder.fromPath("/cards/winner")
                        .queryParam("sku", "{sku}")
                        .queryParam("group", "{group}")
                        .queryParam("country", "{country}")
                        .queryParam("day", "{day}")
                        .queryParam("signedIn", signedIn)
                        .queryParamIfPresent("late", done ? Optional.empty() : Optional.of("true"))
                        .encode()
                        .buildAndExpand(sku, group, country, day)
                        .toUriString();
    }

    @GetMapping("/new")
    String begin(@RequestParam(defaultValue = "") String sku, Model model) {
        model.addAttribute("begin", Begin.of(books.inForce().goods(), sku));
        return "cards/new";
    }

    /** A new card for some goods, begun in one of the ways. */
    @PostMapping
    String create(
            @RequestParam(defaultValue = "") String start,
            @RequestParam(defaultValue = "") List<String> goods,
            @RequestParam(defaultValue = "") String more,
            @RequestParam(defaultValue = "") String name,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        Start way = Start.of(start).orElse(null);
        List<Product> sold = books.inForce().goods();
        if (way == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("begin", Begin.of(sold, "").saying("Pick how the card prices.", goods, name));
            return "cards/new";
        }
        Begin.Picked picked = Begin.pick(sold, Begin.with(goods, more));
        String called = name.isBlank() ? picked.name() + " " + way.words() : name.strip();
        Product first = picked.first();
        ObjectNode card =
                Starts.card(way, called, shops.current().currency(), first == null ? null : first.shelfPrice());
        picked.covers(card);
        Draft made = cards.create(Kind.CARD, DraftDocument.of(card), who.name());
        return "redirect:/cards/" + made.id() + "?step="
                + (way == Start.QUANTITY || way == Start.LOTS ? "breaks" : "piece");
    }

    /** A card from a document in the open format, pasted or as a file. */
    @PostMapping("/read")
    String read(
            @RequestParam(defaultValue = "") String json,
            @RequestParam @Nullable MultipartFile file,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response)
            throws IOException {
        String text = file == null || file.isEmpty() ? json : new String(file.getBytes(), StandardCharsets.UTF_8);
        Documents.CardReading reading =
                Documents.readCard(cardOf(text), shops.current().zone());
        if (reading.card() == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("begin", Begin.of(books.inForce().goods(), "").reading(text, reading.issues()));
            return "cards/new";
        }
        ObjectNode card = CardWriter.write(reading.card());
        card.remove(List.of("version", "state"));
        withoutCodes(card);
        return "redirect:/cards/"
                + cards.create(Kind.CARD, DraftDocument.of(card), who.name()).id();
    }

    /** The card of a whole document, or the text as it is. */
    private static String cardOf(String text) {
        Json.Parsed parsed = Json.parse(text);
        return parsed.root() != null && parsed.root().path("card").isObject()
                ? Json.write(Objects.requireNonNull(parsed.root().get("card")))
                : text;
    }

    /** UCUM codes stand beside units in what is written; while a unit can still be changed they would be in the way. */
    private static void withoutCodes(ObjectNode node) {
        node.remove(node.propertyNames().stream()
                .filter(name -> name.equals("ucum") || name.endsWith("Ucum"))
                .toList());
        node.valueStream().forEach(value -> {
            if (value instanceof ObjectNode object) {
                withoutCodes(object);
            } else if (value instanceof ArrayNode array) {
                array.forEach(item -> {
                    if (item instanceof ObjectNode object) {
                        withoutCodes(object);
                    }
                });
            }
        });
    }
}
