package dev.steelyard.web.goods.about;

import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.Categories;
import dev.steelyard.web.goods.GoodsPictures;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The page on which a product is added, and that on which what is said of it is changed. */
@Controller
class ProductController {

    private static final String PASTE = "paste";

    private final Descriptions descriptions;
    private final Categories categories;
    private final Books books;
    private final Shops shops;
    private final GoodsPictures pictures;

    ProductController(
            Descriptions descriptions, Categories categories, Books books, Shops shops, GoodsPictures pictures) {
        this.pictures = pictures;
        this.descriptions = descriptions;
        this.categories = categories;
        this.books = books;
        this.shops = shops;
    }

    @GetMapping("/goods/new")
    String blank(Model model) {
        return page(model, null, ProductForm.blank(), Map.of(), "");
    }

    @PostMapping("/goods/new")
    String add(
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        ProductForm form = ProductForm.read(sent);
        if (sent.containsKey(PASTE)) {
            return pasted(model, null, form, sent);
        }
        Descriptions.Result result = descriptions.add(form, who.name());
        if (result.id() == null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(model, null, form, result.faults(), "Not added; see the fields that are marked.");
        }
        books.refresh();
        return "redirect:/goods/" + result.id();
    }

    @GetMapping("/goods/{id:\\d{1,18}}/about")
    String about(@PathVariable long id, @RequestParam(defaultValue = "") String saved, Model model) {
        ProductForm form = descriptions.form(id).orElseThrow(() -> none(id));
        return page(model, id, form, Map.of(), saved.isEmpty() ? "" : "Saved. Shoppers see it now.");
    }

    @PostMapping("/goods/{id:\\d{1,18}}/about")
    String change(
            @PathVariable long id,
            @RequestParam MultiValueMap<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        ProductForm form = ProductForm.read(sent);
        if (sent.containsKey(PASTE)) {
            return pasted(model, id, form, sent);
        }
        Descriptions.Result result = descriptions.change(id, form, who.name());
        if (result.id() != null) {
            books.refresh();
            return "redirect:/goods/" + id + "/about?saved=yes";
        }
        if (result.changedBy() != null) {
            response.setStatus(HttpStatus.CONFLICT.value());
            return page(
                    model,
                    id,
                    form,
                    Map.of(),
                    "Not saved: " + result.changedBy()
                            + " has changed the product since you opened it. What you typed is still here; open the page"
                            + " in another window to see theirs.");
        }
        if (result.faults().isEmpty()) {
            throw none(id);
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(model, id, form, result.faults(), "Not saved; see the fields that are marked.");
    }

    /** What is pasted stands in the fields, to be looked at; nothing is saved by it. */
    private String pasted(Model model, @Nullable Long id, ProductForm form, MultiValueMap<String, String> sent) {
        ProductForm filled = form.pasting(Objects.requireNonNullElse(sent.getFirst("pasted"), ""));
        return page(
                model,
                id,
                filled,
                filled.variantFaults(),
                "The lines stand in the table of variants. Look at them; nothing is saved yet.");
    }

    private String page(Model model, @Nullable Long id, ProductForm form, Map<String, String> faults, String notice) {
        model.addAttribute("id", id);
        model.addAttribute("title", id == null ? "New product" : form.name());
        model.addAttribute("action", id == null ? "/goods/new" : "/goods/" + id + "/about");
        model.addAttribute("form", form);
        model.addAttribute("faults", faults);
        model.addAttribute("notice", notice);
        model.addAttribute("tree", categories.tree());
        model.addAttribute("brands", descriptions.brands());
        model.addAttribute("taxClasses", descriptions.taxClasses());
        model.addAttribute("drawings", ProductForm.DRAWINGS);
        model.addAttribute("inLanguages", shops.current().habits().languages().size() > 1);
        model.addAttribute("pictures", id == null ? List.of() : pictures.of(id));
        model.addAttribute("currency", shops.current().currency());
        return "described/product";
    }

    private static NotThere none(long id) {
        return new NotThere("There is no product with the number " + id + ". It may have been deleted.");
    }
}
