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
            Object status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
            model.addAttribute("back", words.text("error.back"));
            model.addAttribute("title", words.text("error.title"));
            model.addAttribute("said", said(words, status instanceof Integer number ? number : 0));
        }
    }

    private static String said(Words words, int status) {
        return switch (status) {
            case NOT_UNDERSTOOD -> words.text("error.not-understood");
            case NOT_TAKEN -> words.text("error.not-taken");
            case NOT_THERE -> words.text("error.nowhere");
            default -> words.text("error.ours");
        };
    }
}
