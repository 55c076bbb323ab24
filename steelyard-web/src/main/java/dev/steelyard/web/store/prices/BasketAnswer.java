package dev.steelyard.web.store.prices;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a basket comes to. */
@JsonInclude(JsonInclude.Include.NON_NULL)
@Schema(name = "Basket")
public record BasketAnswer(
        long revision,
        @Schema(description = "the moment prices are for") Instant at,
        @Schema(example = "EUR") String currency,
        AskedCustomer customer,
        List<LineAnswer> lines,
        @Schema(description = "whether every line has a price and the whole can be sold") boolean sellable,
        @Schema(description = "all priced lines before deals") String before,
        @Schema(description = "the same after deals") String total,
        @Schema(description = "what is paid: with tax on top where prices are without it") String toPay,
        List<DealUsed> used,
        @Schema(description = "deals that do not count, each with why; none of those whose code was not given")
                List<DealUnused> unused,
        @Schema(description = "changes that would bring more, each tried and priced") List<Unlock> unlocks,
        List<Code> codes,
        @Nullable Tax tax,
        @Schema(description = "why the whole cannot be sold although its lines have prices")
                LineAnswer.@Nullable Fault refused) {

    /** A deal that counts. */
    @Schema(name = "DealUsed")
    public record DealUsed(
            String deal,
            @Schema(description = "as shoppers read it") String words,
            @Schema(description = "below 0 where it adds") String saved,
            @Schema(description = "the figures it went by") String detail,
            @Schema(description = "what it took off each line, in their order") List<String> shares) {}

    /** A deal that does not. */
    @Schema(name = "DealUnused")
    public record DealUnused(String deal, String words, @Schema(example = "too-little") String why, String say) {}

    /** A change that brings more. */
    @Schema(name = "Unlock")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Unlock(
            String deal,
            @Schema(example = "Add 12.40 of Rope for 5 % off") String say,
            @Schema(description = "the change in words") String change,
            @Schema(description = "the place of the line whose quantity is to be changed") @Nullable Integer line,
            @Schema(description = "of what is to be put in") @Nullable String sku,
            @Schema(description = "pieces then") int quantity,
            String pays,
            @Schema(description = "what the whole basket is paid with then") String toPay) {}

    /** A code that was given. */
    @Schema(name = "Code")
    public record Code(String code, boolean counts, String say) {}

    /** Tax by rate. */
    @Schema(name = "Tax")
    public record Tax(
            @Schema(description = "whether prices contain it; else it comes on top") boolean included,
            List<Rate> rates) {}

    /** What falls on one rate. */
    @Schema(name = "TaxRate")
    public record Rate(@Schema(description = "in percent", example = "19") String rate, String of, String tax) {}
}
