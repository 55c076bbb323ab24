package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.list.Listing;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Which card prices an order, and why the others do not. */
@Controller
class WinnerController {

    private final CardListing cards;

    WinnerController(CardListing cards) {
        this.cards = cards;
    }

    @GetMapping("/cards/winner")
    String winner(
            @RequestParam MultiValueMap<String, String> sent,
            @RequestHeader(value = "HX-Request", required = false) @Nullable String background,
            Model model,
            RedirectAttributes onward) {
        if (background == null) {
            sent.toSingleValueMap().forEach(onward::addAttribute);
            return "redirect:/cards";
        }
        model.addAllAttributes(cards.beside(Listing.asked(sent)));
        return "cards/winner :: verdicts";
    }
}
