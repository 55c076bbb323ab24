package dev.steelyard.web.shop.settings;

import dev.steelyard.core.number.Pasted;
import dev.steelyard.web.book.Books;
import dev.steelyard.web.shop.people.StaffMember;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Customer groups on one page. */
@Controller
@RequestMapping("/shop/groups")
class GroupsController {

    private final GroupSettings groups;
    private final Books books;

    GroupsController(GroupSettings groups, Books books) {
        this.groups = groups;
        this.books = books;
    }

    @GetMapping
    String show(Model model) {
        return page(model, "", "");
    }

    @PostMapping
    String change(
            @RequestParam(name = "do") String what,
            @RequestParam(defaultValue = "0") long id,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "false") boolean without,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletResponse response) {
        String fault =
                switch (what) {
                    case "add" -> groups.add(Pasted.stripped(name), without, who.name());
                    case "change" -> groups.change(id, Pasted.stripped(name), without, who.name());
                    case "remove" -> groups.remove(id, who.name());
                    default -> "“" + what + "” is nothing that can be done here";
                };
        if (!fault.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return page(model, fault, what.equals("add") ? name : "");
        }
        books.refresh();
        return "redirect:/shop/groups";
    }

    /** @param typed the name of a group that could not be added */
    private String page(Model model, String fault, String typed) {
        model.addAttribute("fault", fault);
        model.addAttribute("typed", typed);
        model.addAttribute("groups", groups.all());
        return "settings/groups";
    }
}
