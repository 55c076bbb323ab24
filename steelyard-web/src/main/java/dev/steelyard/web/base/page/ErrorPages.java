package dev.steelyard.web.base.page;

import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/**
 * What cannot be found is said in words, at the counter in the shopper's language; what went wrong here is logged, and the page
 * admits it.
 */
@ControllerAdvice
class ErrorPages {

    @ExceptionHandler(NotThere.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String notThere(HttpServletRequest request, NotThere missing, Model model) {
        return page(request, missing.getMessage(), model);
    }

    @ExceptionHandler(NotAllowed.class)
    @ResponseStatus(HttpStatus.FORBIDDEN)
    String notAllowed(NotAllowed refused, Model model) {
        model.addAttribute("heading", "Not for you");
        model.addAttribute("message", refused.getMessage());
        return "page/not-there";
    }

    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String noSuchAddress(HttpServletRequest request, Model model) {
        return page(request, ShopperWords.now().text("error.nowhere"), model);
    }

    private static String page(HttpServletRequest request, @Nullable String message, Model model) {
        model.addAttribute("heading", ShopperWords.now().text("error.not-there"));
        model.addAttribute("message", message);
        model.addAttribute(
                "back", ShopperRequest.is(request) ? ShopperWords.now().text("error.back") : null);
        return "page/not-there";
    }
}
