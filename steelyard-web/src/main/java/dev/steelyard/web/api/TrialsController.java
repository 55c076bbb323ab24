package dev.steelyard.web.api;

import dev.steelyard.format.Json;
import dev.steelyard.words.Language;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** {@code POST /api/v1/trials}: a card with orders in the open format, priced. */
@Controller
class TrialsController {

    private final TrialService trials;
    private final TrialPool pool;
    private final TrialLimits limits;
    private final DoorSetting door;

    TrialsController(TrialService trials, TrialPool pool, TrialLimits limits, DoorSetting door) {
        this.trials = trials;
        this.pool = pool;
        this.limits = limits;
        this.door = door;
    }

    @Operation(
            operationId = "trials",
            tags = "Trials",
            summary = "Price documents of the open format",
            description =
                    "A card with orders, or goods, cards and deals with baskets; nothing is stored. By a server key, or by an owner"
                            + " who is signed in; the demo shop prices them for anybody. The schema is at /api/v1/schema.")
    @RequestBody(required = true, content = @Content(schema = @Schema(types = {"object", "array"})))
    @ApiResponse(
            responseCode = "200",
            description = "an answer for a document; a list of answers for a list of them",
            content = @Content(mediaType = "application/json", schema = @Schema(types = {"object", "array"})))
    @PostMapping("/api/v1/trials")
    ResponseEntity<String> price(HttpServletRequest request, @RequestParam(defaultValue = "false") boolean findings)
            throws IOException {
        String text = JsonBody.text(request, limits.bodyBytes());
        Words words = words(request.getHeader(HttpHeaders.ACCEPT_LANGUAGE));
        String answer =
                pool.run(wanted -> Json.write(trials.price(text, findings, words, wanted)), () -> door.isGone(request));
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .header(HttpHeaders.CONTENT_LANGUAGE, words.language().code())
                .body(answer);
    }

    /** In English all there is to say; in another language what shoppers are told in it. */
    private static Words words(@Nullable String wanted) {
        Language language = Language.wanted(wanted, List.of(Language.values()));
        return language == Language.ENGLISH ? Words.owners() : Words.shoppers(language);
    }

    /** The JSON Schema of the open format. */
    @GetMapping("/api/v1/schema")
    ResponseEntity<String> schema() {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/schema+json"))
                .body(dev.steelyard.format.Schema.text());
    }

    /** What the “type” of a problem leads to. */
    @GetMapping("/api/v1/problems/{code}")
    ResponseEntity<String> explain(@PathVariable String code) {
        return Problem.of(code)
                .map(problem -> ResponseEntity.ok()
                        .contentType(MediaType.TEXT_PLAIN)
                        .body(problem.title() + " (status " + problem.status().value() + ")."))
                .orElseThrow(() -> new ProblemFound(Problem.NOT_FOUND, "There is no problem “" + code + "”"));
    }
}
