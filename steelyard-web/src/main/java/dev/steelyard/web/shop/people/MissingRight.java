package dev.steelyard.web.shop.people;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.stereotype.Component;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestMapping;

/** Says in words which right was missing, and who can give it. */
@Controller
class MissingRight {

    static final String PATH = "/refused";
    private static final String WORDS = "steelyard.refused";

    @RequestMapping(PATH)
    String show(
            @RequestAttribute(name = WORDS, required = false) String words, Model model, HttpServletResponse response) {
        response.setStatus(HttpStatus.FORBIDDEN.value());
        model.addAttribute("heading", "Not for you");
        model.addAttribute("message", words == null ? "This is not for you." : words);
        return "page/not-there";
    }

    /** What security does with a request that is refused. */
    @Component
    static class Handler implements AccessDeniedHandler {

        private final People people;

        Handler(People people) {
            this.people = people;
        }

        @Override
        public void handle(HttpServletRequest request, HttpServletResponse response, AccessDeniedException denied)
                throws IOException, ServletException {
            if (denied instanceof CsrfException) {
                response.sendError(HttpStatus.FORBIDDEN.value());
                return;
            }
            Right missing = HoldingRights.asked(request);
            String keepers = people.all().stream()
                    .filter(one -> one.rights().contains(Right.KEEP))
                    .map(People.Person::name)
                    .collect(Collectors.joining(", "));
            request.setAttribute(
                    WORDS,
                    "You may not do this: it asks for the right to " + missing.words()
                            + ". Nothing was changed. It can be given by " + keepers + ".");
            request.getRequestDispatcher(PATH).forward(request, response);
        }
    }
}
