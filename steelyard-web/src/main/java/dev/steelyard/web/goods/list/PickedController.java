package dev.steelyard.web.goods.list;

import dev.steelyard.core.sheet.Adjustment;
import dev.steelyard.core.sheet.Ending;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.web.base.page.FileNames;
import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.editing.draft.Draft;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.DraftKind;
import dev.steelyard.web.editing.draft.Drafts;
import dev.steelyard.web.editing.draft.KeepResult;
import dev.steelyard.web.goods.GoodsPrices;
import dev.steelyard.web.goods.GoodsPrices.Priced;
import dev.steelyard.web.goods.sheets.Actions;
import dev.steelyard.web.goods.sheets.TakeOut;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What can be done with picked goods. Whatever changes prices shows every change first. */
@Controller
@RequestMapping("/goods/picked")
class PickedController {

    private static final String EVERYONE = "";
    private static final String ANYONE = "*";
    private static final int MOST_ON_A_CARD = 2_000;
    private static final int LONGEST_TAG = 60;

    private final Picking picking;
    private final ActionWishes wishes;
    private final Actions actions;
    private final GoodsPrices prices;
    private final TakeOut takeOut;
    private final Labels labels;
    private final Drafts drafts;
    private final Books books;
    private final Shops shops;

    PickedController(
            Picking picking,
            ActionWishes wishes,
            Actions actions,
            GoodsPrices prices,
            TakeOut takeOut,
            Labels labels,
            Drafts drafts,
            Books books,
            Shops shops) {
        this.picking = picking;
        this.wishes = wishes;
        this.actions = actions;
        this.prices = prices;
        this.takeOut = takeOut;
        this.labels = labels;
        this.drafts = drafts;
        this.books = books;
        this.shops = shops;
    }

    @PostMapping
    String show(@RequestParam MultiValueMap<String, String> sent, Model model) {
        return page(model, picking.read(sent), sent, Map.of());
    }

    private String page(Model model, Picked picked, MultiValueMap<String, String> sent, Map<String, String> faults) {
        model.addAttribute("picked", picked);
        model.addAttribute("typed", sent.toSingleValueMap());
        model.addAttribute("faults", faults);
        model.addAttribute("groups", shops.groups());
        model.addAttribute("endings", Ending.values());
        model.addAttribute("cards", drafts.inOrder(DraftKind.CARD));
        return "catalogue/picked";
    }

    /** What is done with what was picked. */
    private interface Action {

        /** @return where to go on; of no account where it finds faults */
        @Nullable
        String on(Picked picked, Map<String, String> faults);
    }

    /** The page again with what is wrong, by its fields; nothing is done then. */
    private String act(MultiValueMap<String, String> sent, Model model, HttpServletResponse response, Action action) {
        Picked picked = picking.read(sent);
        Map<String, String> faults = new LinkedHashMap<>();
        checkPicked(picked, faults);
        String next = action.on(picked, faults);
        if (next != null && faults.isEmpty()) {
            return next;
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(model, picked, sent, faults);
    }

    /** Shelf prices, rows or both, by a percentage or an amount. */
    @PostMapping("/change")
    String change(
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        return act(sent, model, response, (picked, faults) -> {
            Adjustment by = AdjustmentForm.read(sent, "change", faults);
            if (by == null || !faults.isEmpty()) {
                return null;
            }
            String what = text(sent, "what");
            String group = text(sent, "of");
            Predicate<PriceLine> lines = line -> line.isShelf()
                    ? !what.equals("rows")
                    : !what.equals("shelf")
                            && (group.equals(ANYONE)
                                    || Objects.requireNonNullElse(line.group(), EVERYONE)
                                            .equals(group));
            String title =
                    (what.equals("shelf") ? "Shelf prices" : what.equals("rows") ? "Rows" : "Shelf prices and rows")
                            + AdjustmentForm.words(by) + ": " + picked.words();
            return begun(actions.begin(title, who.name(), () -> wishes.adjusted(picked.products(), lines, by)));
        });
    }

    /** The prices of a group from those of another. */
    @PostMapping("/group")
    String group(
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        return act(sent, model, response, (picked, faults) -> {
            Adjustment by = AdjustmentForm.read(sent, "group", faults);
            String to = text(sent, "to");
            String from = text(sent, "from");
            if (to.equals(from)) {
                faults.put("group.to", "The prices of " + to + " cannot be made from themselves; pick another group");
            }
            if (by == null || !faults.isEmpty()) {
                return null;
            }
            String title = "Prices for " + to + " from those for " + (from.isEmpty() ? "everyone" : from)
                    + AdjustmentForm.words(by) + ": " + picked.words();
            return begun(actions.begin(
                    title,
                    who.name(),
                    () -> wishes.ofGroup(
                            picked.products(), to, from.isEmpty() ? null : from, sent.containsKey("first"), by)));
        });
    }

    /** The rows of one item for all picked. */
    @PostMapping("/ladder")
    String ladder(
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        return act(sent, model, response, (picked, faults) -> {
            String sku = text(sent, "sku");
            Priced source = prices.bySku(Set.of(sku)).get(sku);
            boolean rows = source != null
                    && source.now().kept().stream().anyMatch(one -> !one.line().isShelf());
            if (sku.isEmpty()) {
                faults.put("ladder.sku", "Whose rows? Type a SKU");
            } else if (source == null) {
                faults.put("ladder.sku", "Nothing with the SKU “" + sku + "” is sold here");
            } else if (!rows) {
                faults.put("ladder.sku", sku + " has no price rows of its own to copy");
            }
            if (source == null || !faults.isEmpty()) {
                return null;
            }
            boolean percent = text(sent, "as").equals("percent");
            return begun(actions.begin(
                    "The rows of " + sku + (percent ? ", in percent of the shelf price" : "") + ": " + picked.words(),
                    who.name(),
                    () -> wishes.ladder(picked.products(), source, percent, sent.containsKey("only"))));
        });
    }

    /** Onto the draft of a card, where it can be undone like any other change of it. */
    @PostMapping("/card")
    String card(
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        return act(sent, model, response, (picked, faults) -> {
            if (picked.size() > MOST_ON_A_CARD) {
                faults.put(
                        "card.card",
                        Show.whole(picked.size()) + " products are too many to be named one by one, at most "
                                + Show.whole(MOST_ON_A_CARD) + "; label them, and let the card cover the tag");
            }
            String id = text(sent, "card");
            Draft card =
                    Ids.is(id) ? drafts.find(DraftKind.CARD, Long.parseLong(id)).orElse(null) : null;
            if (card == null) {
                faults.put("card.card", "Pick a card");
            }
            if (card == null || !faults.isEmpty()) {
                return null;
            }
            DraftDocument document = card.document().copy();
            Set<String> there = new HashSet<>();
            document.list("/covers/products").forEach(sku -> there.add(sku.asString()));
            picked.goods().stream()
                    .map(one -> one.product().sku().value())
                    .filter(there::add)
                    .forEach(document.list("/covers/products")::add);
            KeepResult kept = drafts.keep(card.id(), card.number(), document, card.trial(), who.name())
                    .orElseThrow(() -> DraftKind.CARD.missing(card.id()));
            if (kept instanceof KeepResult.ChangedMeanwhile) {
                faults.put("card.card", "The card was changed this very moment by somebody else; try again");
                return null;
            }
            return "redirect:/cards/" + card.id() + "?step=covers";
        });
    }

    /** A tag on or off. */
    @PostMapping("/label")
    String label(
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        return act(sent, model, response, (picked, faults) -> {
            String tag = text(sent, "tag");
            if (tag.isEmpty() || tag.length() > LONGEST_TAG || tag.chars().anyMatch(Character::isISOControl)) {
                faults.put("label.tag", "A tag has 1 to " + LONGEST_TAG + " characters, not " + tag.length());
            }
            if (!faults.isEmpty()) {
                return null;
            }
            Labels.Done done =
                    labels.label(picked.products(), tag, !text(sent, "label").equals("off"), who.name());
            books.refresh();
            return "redirect:/goods/picked/labelled?id=" + done.id();
        });
    }

    @GetMapping("/labelled")
    String labelled(@RequestParam long id, Model model) {
        model.addAttribute("done", labels.find(id).orElseThrow(() -> new NotThere("Nothing was labelled by this.")));
        return "catalogue/labelled";
    }

    @PostMapping("/labelled")
    String undoLabel(@RequestParam long id, @AuthenticationPrincipal StaffMember who) {
        labels.undo(id, who.name());
        books.refresh();
        return "redirect:/goods/picked/labelled?id=" + id;
    }

    /** As a sheet; nothing is changed by this. */
    @PostMapping("/out")
    void out(
            @RequestParam MultiValueMap<String, String> sent,
            @RequestParam(defaultValue = "XLSX") TableKind kind,
            @RequestParam(defaultValue = "POINT") CsvForm form,
            HttpServletResponse response)
            throws IOException {
        Picked picked = picking.read(sent);
        response.setContentType(kind.mediaType());
        response.setHeader(HttpHeaders.CONTENT_DISPOSITION, FileNames.attachment("prices", "prices", kind.ending()));
        takeOut.write(
                picked.products(),
                new TakeOut.Picked(
                        sent.containsKey("shelf"),
                        sent.containsKey("everyone"),
                        Set.copyOf(sent.getOrDefault("out-group", List.of()))),
                kind,
                form,
                response.getOutputStream());
    }

    private static String begun(long batch) {
        return "redirect:/sheets/" + batch;
    }

    private static void checkPicked(Picked picked, Map<String, String> faults) {
        if (picked.size() == 0) {
            faults.put("picked", "Nothing is picked; go back and pick some goods");
        }
    }

    private static String text(MultiValueMap<String, String> sent, String name) {
        return Objects.requireNonNullElse(sent.getFirst(name), "").strip();
    }
}
