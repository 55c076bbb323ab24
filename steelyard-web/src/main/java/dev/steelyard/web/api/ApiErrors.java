package dev.steelyard.web.api;

import dev.steelyard.web.base.database.DatabaseAway;
import dev.steelyard.web.base.page.RequestIds;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.NoHandlerFoundException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

/** Whatever goes wrong at an address of the API is answered as a problem, whoever found it. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class ApiErrors implements HandlerExceptionResolver {

    private static final Logger log = LoggerFactory.getLogger(ApiErrors.class);
    private static final String API = "/api/";

    @Override
    public @Nullable ModelAndView resolveException(
            HttpServletRequest request, HttpServletResponse response, @Nullable Object handler, Exception failed) {
        if (!isApi(request.getRequestURI())) {
            return null;
        }
        if (failed instanceof IOException) {
            log.debug("Whoever called {} has gone", request.getRequestURI(), failed);
            return new ModelAndView();
        }
        write(problem(failed, request), response);
        return new ModelAndView();
    }

    static boolean isApi(String path) {
        return path.startsWith(API) || path.equals("/api");
    }

    private static ProblemFound problem(Exception failed, HttpServletRequest request) {
        if (failed instanceof ProblemFound found) {
            return found;
        } else if (failed instanceof MethodArgumentTypeMismatchException wrong) {
            return new ProblemFound(
                    Problem.BAD_REQUEST,
                    "“" + wrong.getValue() + "” is no value of “" + wrong.getName() + "”"
                            + (wrong.getRequiredType() == boolean.class ? "; write true or false" : ""));
        } else if (failed instanceof HttpRequestMethodNotSupportedException wrong) {
            return new ProblemFound(
                    Problem.METHOD,
                    "This address takes "
                            + String.join(", ", Objects.requireNonNullElse(wrong.getSupportedMethods(), new String[0]))
                            + ", not " + wrong.getMethod());
        } else if (failed instanceof NoResourceFoundException || failed instanceof NoHandlerFoundException) {
            return new ProblemFound(Problem.NOT_FOUND, "Nothing is at " + request.getRequestURI());
        }
        if (DatabaseAway.isBehind(failed)) {
            log.warn("A call to {} failed: the database is away", request.getRequestURI(), failed);
            return new ProblemFound(Problem.AWAY, "Nothing was changed by this call; try again in a moment.");
        }
        log.error("A call to {} failed", request.getRequestURI(), failed);
        return LastErrors.problem(HttpStatus.INTERNAL_SERVER_ERROR.value());
    }

    static void write(ProblemFound found, HttpServletResponse response) {
        ResponseEntity<String> answer = ProblemAnswer.of(found);
        response.setStatus(answer.getStatusCode().value());
        answer.getHeaders().forEach((name, values) -> values.forEach(value -> response.setHeader(name, value)));
        String request = RequestIds.now();
        if (request != null) {
            response.setHeader(RequestIds.HEADER, request);
        }
        try {
            response.getOutputStream()
                    .write(Objects.requireNonNull(answer.getBody()).getBytes(StandardCharsets.UTF_8));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }
}
