package dev.steelyard.web.base.page;

import dev.steelyard.words.Words;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What shoppers read when a page of the counter fails; owners read the words of the template. */
@ControllerAdvice(assignableTypes = ErrorController.class)
class ErrorWords {

    private static final int NOT_UNDERSTOOD = 400;
    private static final int NOT_TAKEN = 403;
    private static final int NOT_THERE = 404;

    @ModelAttribute
    void words(HttpServletRequest request, Model model) {
        if (ShopperRequest.is(request)) {
            Words words = ShopperWords.now();
            model.addAttribute("back", words.text("error.back"));
            switch (request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) instanceof Integer status ? status : 0) {
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
