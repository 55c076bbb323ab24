package dev.steelyard.web.store.prices;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;

/** Prices of lines. */
@JsonInclude(JsonInclude.Include.NON_NULL)
@Schema(name = "Prices")
public record PricesAnswer(
        @Schema(description = "of all prices; rises with every change") long revision,
        @Schema(description = "the moment prices are for") Instant at,
        @Schema(example = "EUR") String currency,
        AskedCustomer customer,
        List<LineAnswer> lines) {}
