package dev.steelyard.web.base.page;

import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/** What cannot be found is said in words; what went wrong here is logged, and the page admits it. */
@ControllerAdvice
class ErrorPages {

    @ExceptionHandler(NotThere.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String notThere(NotThere missing, Model model) {
        model.addAttribute("message", missing.getMessage());
        return "page/not-there";
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
    String noSuchAddress(Model model) {
        model.addAttribute("message", "This address leads nowhere.");
        return "page/not-there";
    }
}
