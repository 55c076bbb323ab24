package dev.steelyard.web.editing.rows;

import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.EditResult;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.goods.GoodsStore;
import dev.steelyard.web.goods.ListedPrices;
import dev.steelyard.web.goods.PriceEdit;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
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

/** The page of one product's prices: shown whole, answered at each keystroke, edited, saved. */
@Controller
@RequestMapping("/goods/{id}")
class PricesController {

    private static final String FIRST_TRIAL = "12";
    private static final String EDITOR = "prices/page :: editor";

    private final GoodsStore goods;
    private final Shops shops;
    private final Books books;
    private final PricesPages pages;
    private final RowEdits edits;
    private final BaseText base;
    private final ListedPrices listed;

    PricesController(
            GoodsStore goods,
            Shops shops,
            Books books,
            PricesPages pages,
            RowEdits edits,
            BaseText base,
            ListedPrices listed) {
        this.goods = goods;
        this.shops = shops;
        this.books = books;
        this.pages = pages;
        this.edits = edits;
        this.base = base;
        this.listed = listed;
    }

    @GetMapping
    String show(@PathVariable long id, @RequestParam @Nullable Long variant, Model model) {
        PricedProduct subject = subject(id, variant);
        RowsTrialText trial =
                new RowsTrialText("", "", FIRST_TRIAL, subject.today().toString());
        return whole(model, subject, pages.saved(subject, trial), null);
    }

    /** What follows from the form as it stands; nothing is stored. */
    @PostMapping("/look")
    String look(@PathVariable long id, @RequestParam MultiValueMap<String, String> sent, Model model) {
        PriceForm form = PriceForm.read(sent);
        model.addAttribute("page", pages.page(subject(id, form.variantId()), form));
        return "prices/look :: answers";
    }

    /** Changes the table itself and answers with the editor anew; nothing is stored. */
    @PostMapping("/edit")
    String edit(@PathVariable long id, @RequestParam MultiValueMap<String, String> sent, Model model) {
        PriceForm form = PriceForm.read(sent);
        PricedProduct subject = subject(id, form.variantId());
        model.addAttribute("why", why(sent));
        return editor(model, subject, edits.apply(form, sent, subject), null);
    }

    @PostMapping("/save")
    String save(
            @PathVariable long id,
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        PriceForm form = PriceForm.read(sent);
        PricedProduct subject = subject(id, form.variantId());
        model.addAttribute("why", why(sent));
        ReadPrices read = PriceReader.read(form, subject.groups());
        if (!read.errors().isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            int count = read.errors().size();
            return editor(
                    model,
                    subject,
                    form,
                    SaveNotice.wrong("Not saved: " + (count == 1 ? "one field" : count + " fields")
                            + " cannot be read. Nothing you typed is lost."));
        }
        PriceEdit edit = new PriceEdit(
                id, form.variantId(), form.version(), read.shelfPrice(), form.over(), read.breaks(), why(sent));
        EditResult result = goods.save(edit, who.name()).orElseThrow(() -> noProduct(id));
        String beside = "";
        if (result instanceof EditResult.ChangedMeanwhile meanwhile) {
            Optional<PriceEdit> both = both(edit, form, read, subject(meanwhile.entry(), form.variantId()));
            if (both.isPresent()) {
                beside = " " + meanwhile.entry().changedBy()
                        + " had changed other prices meanwhile; both are kept. All that is new to this page:";
                result = goods.save(both.get(), who.name()).orElseThrow(() -> noProduct(id));
            }
        }
        if (result instanceof EditResult.Saved saved) {
            books.refresh();
            model.addAttribute("why", "");
            PricedProduct now = subject(saved.entry(), form.variantId());
            PriceState began = base.read(form.base());
            List<String> changes = PriceChanges.between(
                    began == null || beside.isEmpty() ? subject.saved() : began,
                    now.saved(),
                    now.rounding().unitPriceDecimals());
            return editor(
                    model,
                    now,
                    pages.saved(now, form.trial()),
                    SaveNotice.done(
                            changes.isEmpty() ? "Nothing had changed." : "Saved. Shoppers see it now." + beside,
                            changes));
        }
        response.setStatus(HttpStatus.CONFLICT.value());
        GoodsEntry theirs = ((EditResult.ChangedMeanwhile) result).entry();
        PricedProduct now = subject(theirs, form.variantId());
        if (theirs.isRemoved()) {
            return editor(
                    model,
                    now,
                    form,
                    SaveNotice.wrong("Not saved: the product was taken out of the shop by " + theirs.changedBy()
                            + ". What you typed is still here; put the product back to save it."));
        }
        return editor(model, now, form, SaveNotice.of(conflict(now, form, read)));
    }

    @PostMapping("/remove")
    String remove(@PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        goods.remove(id, who.name()).orElseThrow(() -> noProduct(id));
        books.refresh();
        return "redirect:/goods?removed=" + id;
    }

    @PostMapping("/put-back")
    String putBack(@PathVariable long id, @AuthenticationPrincipal StaffMember who) {
        goods.putBack(id, who.name()).orElseThrow(() -> noProduct(id));
        books.refresh();
        return "redirect:/goods/" + id;
    }

    private static String why(MultiValueMap<String, String> sent) {
        return Objects.requireNonNullElse(sent.getFirst("why"), "").strip();
    }

    /** The same prices put together with what somebody else has saved; none where both changed one, or the goods are gone. */
    private Optional<PriceEdit> both(PriceEdit edit, PriceForm form, ReadPrices read, PricedProduct now) {
        PriceState began = base.read(form.base());
        if (began == null || now.entry().isRemoved()) {
            return Optional.empty();
        }
        PriceMerge.Result merged = merged(began, form, read, now);
        return merged.conflicts().isEmpty()
                ? Optional.of(new PriceEdit(
                        edit.productId(),
                        edit.variantId(),
                        now.entry().version(),
                        merged.state().shelfPrice(),
                        merged.state().over(),
                        merged.state().rows(),
                        edit.why()))
                : Optional.empty();
    }

    private static PriceMerge.Result merged(PriceState began, PriceForm form, ReadPrices read, PricedProduct now) {
        return PriceMerge.of(
                began,
                now.saved(),
                read.state(form.over()),
                place -> null,
                now.rounding().unitPriceDecimals());
    }

    private Conflict conflict(PricedProduct now, PriceForm form, ReadPrices read) {
        PriceState began = base.read(form.base());
        PriceState common = began == null ? now.saved() : began;
        int decimals = now.rounding().unitPriceDecimals();
        return new Conflict(
                now.entry().changedBy() + ", "
                        + Show.moment(now.entry().changedAt(), now.shop().zone()),
                PriceChanges.between(common, now.saved(), decimals),
                PriceChanges.between(common, read.state(form.over()), decimals),
                merged(common, form, read, now).conflicts());
    }

    private PricedProduct subject(long id, @Nullable Long variant) {
        return subject(goods.find(id).orElseThrow(() -> noProduct(id)), variant);
    }

    private PricedProduct subject(GoodsEntry entry, @Nullable Long variant) {
        Shop shop = shops.current();
        return PricedProduct.of(entry, variant, shop, shops.groups(), shops.today())
                .orElseThrow(() -> new NotThere("This product has no such variant."));
    }

    private static NotThere noProduct(long id) {
        return new NotThere("There is no product with the number " + id + ". It may have been deleted.");
    }

    private String whole(Model model, PricedProduct subject, PriceForm form, @Nullable SaveNotice notice) {
        fill(model, subject, form, notice);
        return "prices/page";
    }

    private String editor(Model model, PricedProduct subject, PriceForm form, @Nullable SaveNotice notice) {
        fill(model, subject, form, notice);
        return EDITOR;
    }

    private void fill(Model model, PricedProduct subject, PriceForm form, @Nullable SaveNotice notice) {
        model.addAttribute("page", pages.page(subject, form));
        model.addAttribute("listed", listed.of(subject.entry().product()));
        model.addAttribute("notice", notice);
    }
}
