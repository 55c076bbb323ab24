package dev.steelyard.web.shop.people;

import dev.steelyard.web.base.page.PublicAddress;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Who works here, for who keeps the shop. */
@Controller
@RequestMapping("/shop/people")
class PeopleController {

    private static final int LONGEST = 120;
    private static final String JOIN = "/join/";

    private final People people;
    private final PublicAddress address;

    PeopleController(People people, PublicAddress address) {
        this.people = people;
        this.address = address;
    }

    @GetMapping
    String show(Model model) {
        return page(model, "");
    }

    @PostMapping
    String change(
            @RequestParam(name = "do") String what,
            @RequestParam(defaultValue = "0") long id,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") List<Right> right,
            @AuthenticationPrincipal StaffMember who,
            Model model,
            HttpServletRequest request,
            HttpServletResponse response) {
        Set<Right> rights = EnumSet.of(Right.LOOK);
        rights.addAll(right);
        String typed = name.strip();
        String fault =
                switch (what) {
                    case "invite" -> {
                        if (typed.isEmpty() || typed.length() > LONGEST) {
                            yield "A name has 1 to " + LONGEST + " characters, not " + typed.length();
                        }
                        model.addAttribute("invited", typed);
                        model.addAttribute(
                                "link", address.of(request, JOIN + people.invite(typed, rights, who.name())));
                        yield "";
                    }
                    case "reset" -> {
                        people.reset(id, who.name())
                                .ifPresent(code -> model.addAttribute("link", address.of(request, JOIN + code)));
                        yield "";
                    }
                    case "factor" -> {
                        people.withoutFactor(id, who.name());
                        yield "";
                    }
                    case "allow" -> people.allow(id, rights, who.name());
                    case "remove" -> people.remove(id, who.name());
                    default -> "“" + what + "” is nothing that can be done here";
                };
        if (!fault.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        }
        return fault.isEmpty() && !model.containsAttribute("link") ? "redirect:/shop/people" : page(model, fault);
    }

    private String page(Model model, String fault) {
        model.addAttribute("fault", fault);
        model.addAttribute("people", people.all());
        model.addAttribute("secured", people.withFactor());
        model.addAttribute("given", Right.given());
        return "settings/people";
    }
}
