package dev.steelyard.web.api;

import dev.steelyard.format.Json;
import dev.steelyard.format.ResultWriter;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import tools.jackson.databind.node.ObjectNode;

/** Problems as answers of application/problem+json (RFC 9457). */
final class ProblemAnswer {

    private static final String RETRY_AFTER_SECONDS = "2";

    private ProblemAnswer() {}

    static ResponseEntity<String> of(ProblemFound found) {
        Problem problem = found.problem();
        ObjectNode answer = Json.object();
        answer.put("type", "/api/v1/problems/" + problem.code())
                .put("title", problem.title())
                .put("status", problem.status().value())
                .put("detail", found.getMessage());
        if (!found.issues().isEmpty()) {
            answer.set("issues", ResultWriter.issues(found.issues()));
        }
        ResponseEntity.BodyBuilder response = ResponseEntity.status(problem.status());
        if (problem == Problem.BUSY || problem == Problem.AWAY) {
            response.header("Retry-After", RETRY_AFTER_SECONDS);
        }
        return response.contentType(MediaType.APPLICATION_PROBLEM_JSON).body(Json.write(answer));
    }
}
