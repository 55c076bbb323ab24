package dev.steelyard.web.store.docs;

import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.oas.models.Operation;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Optional;

/** Requests that run in the demo shop, a file for each call that takes a body: {@code store/examples/prices.json}. */
final class CallExamples {

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private CallExamples() {}

    static void into(Operation operation) {
        if (operation.getRequestBody() == null || operation.getRequestBody().getContent() == null) {
            return;
        }
        of(operation.getOperationId())
                .ifPresent(example ->
                        operation.getRequestBody().getContent().values().forEach(media -> media.setExample(example)));
    }

    private static Optional<Object> of(String call) {
        try (InputStream in = CallExamples.class.getResourceAsStream("/store/examples/" + call + ".json")) {
            return in == null ? Optional.empty() : Optional.of(MAPPER.readTree(in));
        } catch (IOException notShipped) {
            throw new UncheckedIOException(notShipped);
        }
    }
}
