package dev.steelyard.web.shop.people;

import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Gives every page the name of who is signed in. */
@ControllerAdvice
class SignedIn {

    @ModelAttribute("staffName")
    String name(@AuthenticationPrincipal @Nullable StaffMember who) {
        return who == null ? "" : who.name();
    }
}
