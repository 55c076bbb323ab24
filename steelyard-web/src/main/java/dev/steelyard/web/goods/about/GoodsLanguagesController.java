package dev.steelyard.web.goods.about;

import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.people.StaffMember;
import dev.steelyard.words.Language;
import jakarta.servlet.http.HttpServletResponse;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What shoppers of other languages read of a product, and of the categories. */
@Controller
class GoodsLanguagesController {

    private static final String SEEN = "seen.";
    private static final String SAVED = "Saved. Shoppers read it now.";
    private static final String NOT_SAVED = "Not saved; see the fields that are marked.";

    private final GoodsInLanguages texts;
    private final CategoriesInLanguages categories;
    private final Shops shops;
    private final Books books;

    GoodsLanguagesController(GoodsInLanguages texts, CategoriesInLanguages categories, Shops shops, Books books) {
        this.texts = texts;
        this.categories = categories;
        this.shops = shops;
        this.books = books;
    }

    @GetMapping("/goods/{id:\\d{1,18}}/languages")
    String show(@PathVariable long id, @RequestParam(defaultValue = "") String saved, Model model) {
        return page(id, Map.of(), Map.of(), saved.isEmpty() ? "" : SAVED, model);
    }

    @PostMapping("/goods/{id:\\d{1,18}}/languages")
    String write(
            @PathVariable long id,
            @RequestParam Map<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        GoodsInLanguages.Result result = texts.write(id, sent, seen(sent), languages(), who.name());
        if (!result.found()) {
            throw none(id);
        }
        if (!result.faults().isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(id, sent, result.faults(), NOT_SAVED, model);
        }
        books.refresh();
        return "redirect:/goods/" + id + "/languages?saved=yes";
    }

    @GetMapping("/goods/shelves/languages")
    String shelves(@RequestParam(defaultValue = "") String saved, Model model) {
        String notice = saved.isEmpty() ? "" : SAVED;
        return page("Categories", "/goods/shelves", categories.texts(languages()), Map.of(), Map.of(), notice, model);
    }

    @PostMapping("/goods/shelves/languages")
    String writeShelves(
            @RequestParam Map<String, String> sent,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        Map<String, String> faults = categories.write(sent, seen(sent), languages(), who.name());
        if (!faults.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page("Categories", "/goods/shelves", categories.texts(languages()), sent, faults, NOT_SAVED, model);
        }
        books.refresh();
        return "redirect:/goods/shelves/languages?saved=yes";
    }

    /** What stood in the fields when the form was made. */
    private static Map<String, String> seen(Map<String, String> sent) {
        Map<String, String> seen = new HashMap<>();
        sent.forEach((name, value) -> {
            if (name.startsWith(SEEN)) {
                seen.put(name.substring(SEEN.length()), value);
            }
        });
        return seen;
    }

    private List<Language> languages() {
        return shops.current().habits().otherLanguages();
    }

    private String page(long id, Map<String, String> typed, Map<String, String> faults, String notice, Model model) {
        List<GoodsInLanguages.Text> kept = texts.texts(id, languages());
        if (kept.isEmpty()) {
            throw none(id);
        }
        return page(kept.get(0).own(), "/goods/" + id + "/about", kept, typed, faults, notice, model);
    }

    /** @param of the page that says the same in the shop's own language */
    private String page(
            String name,
            String of,
            List<GoodsInLanguages.Text> kept,
            Map<String, String> typed,
            Map<String, String> faults,
            String notice,
            Model model) {
        Map<String, String> values = new LinkedHashMap<>();
        kept.forEach(text -> text.others().forEach((language, words) -> {
            String field = text.field() + "." + language;
            values.put(field, typed.getOrDefault(field, words));
        }));
        model.addAttribute("name", name);
        model.addAttribute("of", of);
        model.addAttribute("action", of.replace("/about", "") + "/languages");
        model.addAttribute("texts", kept);
        model.addAttribute("values", values);
        model.addAttribute("faults", faults);
        model.addAttribute("notice", notice);
        model.addAttribute("own", shops.current().habits().language());
        model.addAttribute("languages", languages());
        return "described/languages";
    }

    private static NotThere none(long id) {
        return new NotThere("There is no product with the number " + id + ". It may have been deleted.");
    }
}
