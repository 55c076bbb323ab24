package dev.steelyard.web.shop.people;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The form; Spring Security takes what it sends. */
@Controller
class SignInPage {

    @GetMapping("/sign-in")
    String show() {
        return "security/sign-in";
    }
}
