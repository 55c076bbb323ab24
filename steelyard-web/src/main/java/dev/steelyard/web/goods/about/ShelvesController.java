package dev.steelyard.web.goods.about;

import dev.steelyard.core.number.Pasted;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.goods.Categories;
import dev.steelyard.web.goods.about.Shelves.Of;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Categories, brands and tags on one page. */
@Controller
@RequestMapping("/goods/shelves")
class ShelvesController {

    private final Shelves shelves;
    private final Categories categories;
    private final Books books;

    ShelvesController(Shelves shelves, Categories categories, Books books) {
        this.shelves = shelves;
        this.categories = categories;
        this.books = books;
    }

    @GetMapping
    String show(Model model) {
        return page(model, "");
    }

    private String page(Model model, String fault) {
        model.addAttribute("fault", fault);
        model.addAttribute("tree", categories.tree());
        model.addAttribute(
                "inLanguages", books.inForce().shop().habits().languages().size() > 1);
        model.addAttribute("categories", shelves.all(Of.CATEGORY));
        model.addAttribute("brands", shelves.all(Of.BRAND));
        model.addAttribute("tags", shelves.all(Of.TAG));
        return "described/shelves";
    }

    @PostMapping
    String change(
            @RequestParam Of of,
            @RequestParam(name = "do") String what,
            @RequestParam(defaultValue = "") String key,
            @RequestParam(defaultValue = "") String name,
            @RequestParam @Nullable Long below,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        String fault =
                switch (what) {
                    case "add" -> shelves.add(of, Pasted.stripped(name), below, who.name());
                    case "rename" -> shelves.rename(of, key, Pasted.stripped(name), who.name());
                    case "remove" -> shelves.remove(of, key, who.name());
                    default -> "“" + what + "” is nothing that can be done here";
                };
        if (!fault.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(model, fault);
        }
        books.refresh();
        return "redirect:/goods/shelves";
    }
}
