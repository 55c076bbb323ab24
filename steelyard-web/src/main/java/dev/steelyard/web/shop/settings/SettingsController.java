package dev.steelyard.web.shop.settings;

import dev.steelyard.web.base.page.Currencies;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shop;
import dev.steelyard.web.shop.ShopHabits;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.people.StaffMember;
import dev.steelyard.words.Language;
import jakarta.servlet.http.HttpServletResponse;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What holds for the whole shop: its name, bounds and counter. */
@Controller
class SettingsController {

    private static final String MEANWHILE =
            "Somebody else has changed this meanwhile. What you typed is below, not saved; History says what they changed."
                    + " Save again to put yours in its place.";

    private final TaxSettings settings;
    private final Shops shops;
    private final Books books;
    private final Changes changes;
    private final PlaceSettings places;

    SettingsController(TaxSettings settings, PlaceSettings places, Shops shops, Books books, Changes changes) {
        this.changes = changes;
        this.places = places;
        this.settings = settings;
        this.shops = shops;
        this.books = books;
    }

    @GetMapping("/shop")
    String show(@RequestParam(defaultValue = "false") boolean saved, @RequestParam @Nullable Long before, Model model) {
        Changes.FormBefore back =
                before == null ? null : changes.formBefore(before).orElse(null);
        if (back != null) {
            Map<String, String> fields = new HashMap<>();
            back.fields().keySet().forEach(name -> fields.put(name, back.field(name)));
            if (back.form().equals("place")) {
                model.addAttribute("place", PlaceForm.read(fields));
            } else if (back.form().equals("work")) {
                model.addAttribute("work", fields);
            }
            BoundsForm bounds = back.form().equals("bounds") ? BoundsForm.read(fields) : BoundsForm.of(shops.current());
            return page(model, bounds, asBefore(back, shops.current().zone()));
        }
        return page(model, BoundsForm.of(shops.current()), saved ? "Saved. It counts from now on." : null);
    }

    /** Says how the shop works, and what the counter may. */
    @PostMapping("/shop/counter")
    String counter(
            @RequestParam(defaultValue = "false") boolean beAnother,
            @RequestParam(defaultValue = "false") boolean decimalComma,
            @RequestParam(defaultValue = "en") String language,
            @RequestParam(name = "languages", defaultValue = "") List<String> others,
            @RequestParam(defaultValue = "true") boolean counterOpen,
            @RequestParam(defaultValue = "false") boolean twoEyes,
            @RequestParam(defaultValue = "true") boolean allOrders,
            @RequestParam(defaultValue = "true") boolean lowestNamed,
            @AuthenticationPrincipal StaffMember who) {
        settings.work(
                new ShopHabits(decimalComma, counterOpen, twoEyes, allOrders, lowestNamed, languages(language, others)),
                beAnother,
                who.name());
        books.refresh();
        return "redirect:/shop?saved=true";
    }

    /** The shop's own language first; what is no language of ours is left out. */
    private static List<Language> languages(String own, List<String> others) {
        return Stream.concat(Stream.of(own), others.stream())
                .map(Language::of)
                .flatMap(Optional::stream)
                .toList();
    }

    /** Sets the shop's name, bounds and address. */
    @PostMapping("/shop/bounds")
    String bounds(
            @RequestParam Map<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        BoundsForm form = BoundsForm.read(sent);
        if (!form.faults().isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(model, form, null);
        }
        if (!settings.change(form, sent.getOrDefault("seenBounds", ""), who.name())) {
            response.setStatus(HttpStatus.CONFLICT.value());
            return page(model, form, MEANWHILE);
        }
        books.refresh();
        return "redirect:/shop?saved=true";
    }

    /** Sets what money and days are in. */
    @PostMapping("/shop/place")
    String place(
            @RequestParam Map<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        PlaceForm form = PlaceForm.read(sent);
        PlaceSettings.Result result = form.faults().isEmpty()
                ? places.change(form, sent.getOrDefault("seenPlace", ""), who.name())
                : PlaceSettings.Result.REFUSED;
        if (result == PlaceSettings.Result.DONE) {
            books.refresh();
            return "redirect:/shop?saved=true";
        }
        boolean late = result == PlaceSettings.Result.CHANGED_MEANWHILE;
        response.setStatus((late ? HttpStatus.CONFLICT : HttpStatus.UNPROCESSABLE_CONTENT).value());
        model.addAttribute("place", form);
        return page(model, BoundsForm.of(shops.current()), late ? MEANWHILE : null);
    }

    /** What is said of fields that stand as they were once. */
    static String asBefore(Changes.FormBefore back, ZoneId zone) {
        return "Not saved: this is how it was before " + Show.moment(back.at(), zone)
                + ". Look, and save what you want back.";
    }

    private String page(Model model, BoundsForm bounds, @Nullable String notice) {
        Shop shop = shops.current();
        PlaceForm place = PlaceForm.of(shop);
        if (!model.containsAttribute("place")) {
            model.addAttribute("place", place);
        }
        model.addAttribute("languages", Language.values());
        if (!model.containsAttribute("work")) {
            model.addAttribute("work", TaxSettings.work(shop));
        }
        model.addAttribute("seenPlace", place.seen());
        model.addAttribute("currencies", Currencies.all());
        model.addAttribute(
                "zones", ZoneId.getAvailableZoneIds().stream().sorted().toList());
        model.addAttribute("bounds", bounds);
        model.addAttribute("seenBounds", TaxSettings.state(shop).toString());
        model.addAttribute("notice", notice);
        model.addAttribute("shop", shop);
        return "settings/shop";
    }
}
