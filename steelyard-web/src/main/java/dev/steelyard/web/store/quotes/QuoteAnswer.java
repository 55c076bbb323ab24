package dev.steelyard.web.store.quotes;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.web.store.prices.BasketAnswer;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A price that is promised for a while. */
@JsonInclude(JsonInclude.Include.NON_NULL)
@Schema(name = "Quote")
record QuoteAnswer(
        String id,
        Instant validUntil,
        @Schema(description = "whether an order can still be placed by it") boolean open,
        @Schema(description = "the number of the order that was placed by it") @Nullable String order,
        @Schema(description = "the quote signed (JWS, ES256)") String token,
        BasketAnswer basket) {}
