package dev.steelyard.web.store.prices;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.ser.std.ToStringSerializer;

/** Prices of lines. */
@JsonInclude(JsonInclude.Include.NON_NULL)
@Schema(name = "Prices")
public record PricesAnswer(
        @Schema(description = "of all prices; rises with every change") long revision,
        @JsonSerialize(using = ToStringSerializer.class) // the same text, written at a third of the cost
                @Schema(description = "the moment prices are for")
                Instant at,
        @Schema(example = "EUR") String currency,
        AskedCustomer customer,
        List<LineAnswer> lines) {

    /** The same prices at another moment. */
    PricesAnswer at(Instant moment) {
        return new PricesAnswer(revision, moment, currency, customer, lines);
    }
}
