package dev.steelyard.web.api;

import dev.steelyard.web.base.page.ErrorWords;
import dev.steelyard.web.base.page.NotThere;
import dev.steelyard.web.base.page.RequestIds;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.RequestMapping;

/** What nobody nearer has answered: a page in words, or a problem for calls of the API. Nobody comes here by an address. */
@Controller
class LastErrors implements ErrorController {

    @RequestMapping("/error")
    @Nullable
    String error(HttpServletRequest request, HttpServletResponse response, Model model) {
        Object status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        if (!(status instanceof Integer code)) {
            throw new NotThere("This address leads nowhere.");
        }
        Object path = request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI);
        if (path instanceof String text && ApiErrors.isApi(text)) {
            ApiErrors.write(problem(code), response);
            return null;
        }
        response.setStatus(code);
        model.addAttribute("status", code);
        model.addAttribute("request", RequestIds.now());
        ErrorWords.into(model, request, code);
        return "error";
    }

    static ProblemFound problem(int code) {
        HttpStatus status = HttpStatus.resolve(code);
        if (status == HttpStatus.NOT_FOUND) {
            return new ProblemFound(Problem.NOT_FOUND, "Nothing is there.");
        } else if (status == HttpStatus.METHOD_NOT_ALLOWED) {
            return new ProblemFound(Problem.METHOD, "This address does not take the method.");
        } else if (status != null && status.is4xxClientError()) {
            return new ProblemFound(Problem.BAD_REQUEST, "The request is not one that is understood here.");
        }
        return new ProblemFound(Problem.OUR_FAULT, "It has been noted. Nothing was changed by this call.");
    }
}
