package dev.steelyard.web.base.page;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Where the bare address leads. */
@Controller
class FrontDoor {

    @GetMapping("/")
    String home() {
        return "redirect:/today";
    }
}
