package dev.steelyard.web.store.door;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.web.store.keys.KeyRight;
import dev.steelyard.web.store.keys.StoreKey;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.servlet.http.HttpServletRequest;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Tells a store what its key is good for: the first call to try. */
@Controller
class KeyController {

    /** A key, without itself. */
    @Schema(name = "Key")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Answer(
            @Schema(description = "server or page") String kind,
            String name,
            List<String> rights,
            @Schema(description = "of pages it is good on; empty for a server key") List<String> origins,
            int perSecond,
            int burst,
            @Schema(description = "the last day on which it is good") @Nullable LocalDate until) {}

    @Operation(
            operationId = "key",
            tags = "Keys",
            summary = "What this key is good for",
            description = "The first call to try: it asks for nothing else.")
    @ApiResponse(responseCode = "200", description = "the key that the call was made with")
    @Needs(value = KeyRight.PRICES, page = true, whatever = true)
    @GetMapping("/api/v1/key")
    CallAnswer<Answer> key(HttpServletRequest request) {
        StoreKey key = StoreCall.key(request);
        return new CallAnswer<>(
                new Answer(
                        key.kind().code(),
                        key.name(),
                        key.rights().stream().sorted().map(KeyRight::code).toList(),
                        key.origins(),
                        key.perSecond(),
                        key.burst(),
                        key.until()),
                null);
    }
}
