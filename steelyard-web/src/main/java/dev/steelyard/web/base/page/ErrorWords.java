package dev.steelyard.web.base.page;

import dev.steelyard.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.ui.Model;

/** What shoppers read when a page of the counter fails; owners read the words of the template. */
public final class ErrorWords {

    private static final int NOT_UNDERSTOOD = 400;
    private static final int NOT_TAKEN = 403;
    private static final int NOT_THERE = 404;

    private ErrorWords() {}

    /** Puts them into the page of errors, where the page that failed is a shopper's. */
    public static void into(Model model, HttpServletRequest request, int status) {
        if (ShopperRequest.is(request)) {
            Words words = ShopperWords.now();
            model.addAttribute("back", words.text("error.back"));
            switch (status) {
                case NOT_UNDERSTOOD -> say(model, words.text("error.not-understood"), words.text("error.not-ours"));
                case NOT_TAKEN -> say(model, words.text("error.not-taken"), words.text("error.too-old"));
                case NOT_THERE -> say(model, words.text("error.not-there"), words.text("error.nowhere"));
                default -> say(model, words.text("error.title"), words.text("error.ours"));
            }
        }
    }

    private static void say(Model model, String title, String said) {
        model.addAttribute("title", title);
        model.addAttribute("said", said);
    }
}
