package dev.steelyard.web.shop.settings;

import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
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

    private final TaxSettings settings;
    private final Shops shops;
    private final Books books;

    SettingsController(TaxSettings settings, Shops shops, Books books) {
        this.settings = settings;
        this.shops = shops;
        this.books = books;
    }

    @GetMapping("/shop")
    String show(@RequestParam(defaultValue = "false") boolean saved, Model model) {
        return page(model, BoundsForm.of(shops.current()), saved ? "Saved. It counts from now on." : null);
    }

    /** Says whether whoever is at the counter may be another customer. */
    @PostMapping("/shop/counter")
    String counter(@RequestParam(defaultValue = "false") boolean beAnother, @AuthenticationPrincipal StaffMember who) {
        settings.letBeAnother(beAnother, who.name());
        books.refresh();
        return "redirect:/shop?saved=true";
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
            return page(
                    model,
                    form,
                    "Somebody else has changed this meanwhile. What you typed is below, not saved; History says what they"
                            + " changed. Save again to put yours in its place.");
        }
        books.refresh();
        return "redirect:/shop?saved=true";
    }

    private String page(Model model, BoundsForm bounds, @Nullable String notice) {
        model.addAttribute("bounds", bounds);
        model.addAttribute("seenBounds", TaxSettings.state(shops.current()).toString());
        model.addAttribute("notice", notice);
        model.addAttribute("shop", shops.current());
        return "settings/shop";
    }
}
