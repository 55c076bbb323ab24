package dev.steelyard.web.shop.settings;

import dev.steelyard.core.number.Pasted;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.TaxClass;
import dev.steelyard.web.shop.Taxes;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** How prices stand to tax, by class and country: shown and changed. */
@Controller
@RequestMapping("/shop/tax")
class TaxController {

    private final Taxes taxes;
    private final TaxSettings settings;
    private final ClassSettings classes;
    private final Shops shops;
    private final Books books;
    private final Changes changes;
    private final TaxComparison comparison;

    TaxController(
            Taxes taxes,
            TaxSettings settings,
            ClassSettings classes,
            Shops shops,
            Books books,
            TaxComparison comparison,
            Changes changes) {
        this.changes = changes;
        this.comparison = comparison;
        this.taxes = taxes;
        this.settings = settings;
        this.classes = classes;
        this.shops = shops;
        this.books = books;
    }

    @GetMapping
    String show(@RequestParam(defaultValue = "false") boolean saved, @RequestParam @Nullable Long before, Model model) {
        Changes.FormBefore back = before == null
                ? null
                : changes.formBefore(before)
                        .filter(one -> one.form().equals("tax"))
                        .orElse(null);
        if (back != null) {
            TaxForm then = TaxForm.read(
                    new LinkedMultiValueMap<>(back.fields()),
                    taxes.classes().stream().map(TaxClass::id).toList());
            return page(
                    model,
                    then,
                    SettingsController.asBefore(back, shops.current().zone()));
        }
        return page(model, TaxForm.of(taxes.setting()), saved ? "Saved. It counts from now on." : null);
    }

    @PostMapping
    String change(
            @RequestParam MultiValueMap<String, String> sent,
            @RequestParam(defaultValue = "") String seen,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        TaxForm form =
                TaxForm.read(sent, taxes.classes().stream().map(TaxClass::id).toList());
        if (!form.faults().isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(model, form, null);
        }
        boolean turns = form.included() != taxes.setting().included();
        if (turns && !sent.containsKey("compared")) {
            model.addAttribute("comparison", comparison.of(form.setting()));
            return page(
                    model,
                    form,
                    form.included()
                            ? "Not saved yet. Prices would be with tax from now on: what shoppers pay is below. Look, then save."
                            : "Not saved yet. Prices would be without tax from now on, and tax be added: what shoppers pay is"
                                    + " below. Look, then save.");
        }
        if (!settings.change(form.setting(), seen, who.name())) {
            response.setStatus(HttpStatus.CONFLICT.value());
            return page(
                    model,
                    form,
                    "Somebody else has changed the tax meanwhile. What you typed is below, not saved; History says what"
                            + " they changed. Save again to put yours in its place.");
        }
        books.refresh();
        return "redirect:/shop/tax?saved=true";
    }

    /** Adds, renames or takes away a class of goods that are taxed alike. */
    @PostMapping("/classes")
    String change(
            @RequestParam(name = "do") String what,
            @RequestParam(defaultValue = "0") long id,
            @RequestParam(defaultValue = "") String name,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        String fault =
                switch (what) {
                    case "add" -> classes.add(Pasted.stripped(name), who.name());
                    case "rename" -> classes.rename(id, Pasted.stripped(name), who.name());
                    case "remove" -> classes.remove(id, who.name());
                    default -> "“" + what + "” is nothing that can be done here";
                };
        if (!fault.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("fault", fault);
            return page(model, TaxForm.of(taxes.setting()), null);
        }
        books.refresh();
        return "redirect:/shop/tax";
    }

    private String page(Model model, TaxForm form, @Nullable String notice) {
        model.addAttribute("form", form);
        model.addAttribute("classes", classes.all());
        model.addAttribute("countries", Countries.all());
        model.addAttribute(
                "groups", shops.groups().stream().map(CustomerGroup::name).toList());
        model.addAttribute("seen", settings.state(taxes.setting()).toString());
        model.addAttribute("notice", notice);
        return "settings/tax";
    }
}
