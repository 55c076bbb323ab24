package dev.steelyard.web.shop.people;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestAttribute;

/** Gives every page the name of who is signed in, and what they may. */
@ControllerAdvice
class SignedIn {

    @ModelAttribute
    void tell(
            @AuthenticationPrincipal @Nullable StaffMember who,
            @RequestAttribute(name = EndedSessions.RIGHTS, required = false) @Nullable Set<Right> rights,
            Model model) {
        model.addAttribute("staffName", who == null ? "" : who.name());
        if (rights != null) {
            model.addAttribute(ButtonsFilter.RIGHTS, rights);
        }
        model.addAttribute("keepsTheShop", rights != null && rights.contains(Right.KEEP));
    }
}
