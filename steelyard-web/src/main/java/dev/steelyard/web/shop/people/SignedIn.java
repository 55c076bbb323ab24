package dev.steelyard.web.shop.people;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Gives every page the name of who is signed in, and what they may. */
@ControllerAdvice
class SignedIn {

    private final People people;

    SignedIn(People people) {
        this.people = people;
    }

    @ModelAttribute("staffName")
    String name(@AuthenticationPrincipal @Nullable StaffMember who) {
        return who == null ? "" : who.name();
    }

    @ModelAttribute(ButtonsFilter.RIGHTS)
    @Nullable
    Set<Right> rights(@AuthenticationPrincipal @Nullable StaffMember who) {
        return who == null ? null : people.rights(who);
    }

    /** Whether the room of people is shown. */
    @ModelAttribute("keepsTheShop")
    boolean keeps(@ModelAttribute(ButtonsFilter.RIGHTS) @Nullable Set<Right> rights) {
        return rights != null && rights.contains(Right.KEEP);
    }
}
