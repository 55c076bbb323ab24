package dev.steelyard.web.selling.orders;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** An order as programs read it: figures as decimal text, sentences in English. */
@JsonInclude(JsonInclude.Include.NON_NULL)
@Schema(name = "Order")
public record SoldOrder(
        String number,
        Instant placedAt,
        @Schema(description = "“counter”, or “store” for one that the owner’s own store reported") String soldBy,
        @Schema(description = "by whose name it was reported") @Nullable String key,
        @Schema(description = "by which it was sold") @Nullable String quote,
        String buyer,
        String email,
        @Schema(description = "the customer group whose prices these are") @Nullable String group,
        @Nullable String country,
        String payment,
        String currency,
        @Schema(description = "what Steelyard reckons is paid") String reckoned,
        @Schema(description = "what was paid") String charged,
        @Schema(description = "whether that is another sum") boolean otherwise,
        List<Line> lines,
        List<Deal> deals) {

    /** A line. */
    @Schema(name = "OrderLine")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Line(
            String sku,
            String name,
            int quantity,
            String unit,
            @Schema(description = "before deals") String line,
            @Schema(description = "what deals left of it") String left,
            @Schema(description = "what the store charged, before deals") @Nullable String charged,
            List<String> answers,
            String card,
            @Nullable Long cardVersion,
            List<Step> reckoning) {}

    /** A step of the reckoning. */
    @Schema(name = "OrderStep")
    public record Step(String label, String detail, String result) {}

    /** A deal that counted. */
    @Schema(name = "OrderDeal")
    public record Deal(String deal, @Schema(description = "below 0 where it added") String saved) {}
}
