package dev.steelyard.web.store.prices;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** What a line comes to, or why it has no price. */
@JsonInclude(JsonInclude.Include.NON_NULL)
@Schema(name = "Line", description = "What a line comes to; or “refused”, and then none of its prices.")
public record LineAnswer(
        @Schema(description = "as the request called it") @Nullable String id,
        String sku,
        @Nullable Long quantity,
        @Schema(description = "the line, rounded (R3): what counts", example = "331.20") @Nullable String line,
        @Schema(description = "one piece, for show", example = "27.60") @Nullable String unit,
        @Schema(description = "of one piece, where something is measured") @Nullable Amount billable,
        @Schema(description = "for one kilogram, metre, litre and the like, where something is measured") @Nullable
                PerUnit perUnit,
        @Schema(description = "the next break that makes a piece cheaper") @Nullable Next next,
        @Schema(description = "what priced it; absent for the shelf price") @Nullable Card card,
        @Schema(description = "the shelf price of one piece, where the goods have one", example = "6.90") @Nullable
                String shelf,
        @Schema(
                        description =
                                "of a price that everyone has for a time only: the lowest of the thirty days before it"
                                        + " began (Directive 98/6/EC, Article 6a), of one piece, or of one “perUnit” where something is"
                                        + " measured; absent for others",
                        example = "15.00")
                @Nullable
                String lowest30Days,
        @Schema(description = "what the card shows beside the price") @Nullable List<Figure> figures,
        @Schema(description = "how the price came about, where it was asked for") @Nullable List<Step> reckoning,
        @Schema(description = "of a basket: what deals left of the line", example = "314.64") @Nullable String left,
        @Schema(description = "of a basket: the line’s own tax, for show", example = "50.24") @Nullable String tax,
        @Nullable Refused refused,
        @Schema(description = "the line signed (JWS), where tokens were asked for") @Nullable String token) {

    /** A number of a unit. */
    @Schema(name = "Amount")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Amount(
            @Schema(example = "12") String value,
            @Schema(description = "absent where something is counted", example = "m2") @Nullable String unit) {}

    /** Money for one of a unit. */
    @Schema(name = "UnitPrice")
    public record PerUnit(@Schema(example = "27.60") String money, @Schema(example = "m2") String unit) {}

    /** The next break. */
    @Schema(name = "NextBreak")
    public record Next(
            @Schema(description = "pieces more") long more,
            @Schema(description = "of one piece then", example = "5.80") String unit) {}

    /** The version of a card. */
    @Schema(name = "Card")
    public record Card(String name, int version) {}

    /** A figure the card shows. */
    @Schema(name = "Figure")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Figure(String label, String value, @Nullable String unit) {}

    /** A step of the reckoning. */
    @Schema(name = "Step")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Step(
            String label,
            String detail,
            String result,
            @Nullable String unit,
            @Schema(description = "the point at which the result was rounded: R1 to R5") @Nullable String rounding) {}

    /** Why there is no price. */
    @Schema(name = "Refused")
    public record Refused(
            @Schema(description = "what is wrong: the name of what is asked, or sku, quantity, pack and the like")
                    String at,
            @Schema(description = "in the language asked for") String say,
            List<Fault> faults) {}

    /** One thing that is wrong. */
    @Schema(name = "Fault")
    public record Fault(
            String at,
            String say,
            @Schema(example = "refusal.too-small") String code,
            @Schema(
                            implementation = Object.class,
                            types = "object",
                            additionalProperties = Schema.AdditionalPropertiesValue.TRUE,
                            description = "what the code says it of")
                    JsonNode figures) {}
}
