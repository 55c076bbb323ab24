package dev.steelyard.web.api;

import dev.steelyard.format.Json;
import dev.steelyard.format.ResultWriter;
import dev.steelyard.format.Schema;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.databind.node.ObjectNode;

/** {@code POST /api/v1/trials}: a card with orders in the open format, priced. */
@Controller
class TrialsController {

    private final TrialService trials;
    private final TrialLimits limits;

    TrialsController(TrialService trials, TrialLimits limits) {
        this.trials = trials;
        this.limits = limits;
    }

    @PostMapping("/api/v1/trials")
    ResponseEntity<String> price(HttpServletRequest request, @RequestParam(defaultValue = "false") boolean findings)
            throws IOException {
        if (!isJson(request.getContentType())) {
            throw new ProblemFound(
                    Problem.NOT_JSON,
                    "Send application/json, not " + Objects.toString(request.getContentType(), "nothing"));
        }
        byte[] body = request.getInputStream().readNBytes(limits.bodyBytes() + 1);
        if (body.length > limits.bodyBytes()) {
            throw new ProblemFound(
                    Problem.BODY_TOO_LARGE, "A body has at most " + limits.bodyBytes() + " bytes; this one has more");
        }
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .body(Json.write(trials.price(new String(body, StandardCharsets.UTF_8), findings)));
    }

    private static boolean isJson(@Nullable String contentType) {
        try {
            return contentType != null
                    && MediaType.APPLICATION_JSON.isCompatibleWith(MediaType.parseMediaType(contentType));
        } catch (InvalidMediaTypeException unreadable) {
            return false;
        }
    }

    /** The JSON Schema of the open format. */
    @GetMapping("/api/v1/schema")
    ResponseEntity<String> schema() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/schema+json"))
                .body(Schema.text());
    }

    /** What the “type” of a problem leads to. */
    @GetMapping("/api/v1/problems/{code}")
    ResponseEntity<String> explain(@PathVariable String code) {
        return Problem.of(code)
                .map(problem -> ResponseEntity.ok()
                        .contentType(MediaType.TEXT_PLAIN)
                        .body(problem.title() + " (status " + problem.status().value() + ")."))
                .orElseGet(() -> ResponseEntity.notFound().build());
    }

    @ExceptionHandler(ProblemFound.class)
    ResponseEntity<String> refuse(ProblemFound found) {
        Problem problem = found.problem();
        ObjectNode answer = Json.object();
        answer.put("type", "/api/v1/problems/" + problem.code())
                .put("title", problem.title())
                .put("status", problem.status().value())
                .put("detail", found.getMessage());
        if (!found.issues().isEmpty()) {
            answer.set("issues", ResultWriter.issues(found.issues()));
        }
        return ResponseEntity.status(problem.status())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(Json.write(answer));
    }
}
