package dev.steelyard.web.store.wares;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.web.selling.shown.BreakTable;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Everything a store needs to build a form of its own for one product. */
@JsonInclude(JsonInclude.Include.NON_NULL)
@Schema(name = "Goods")
record WareTold(
        long revision,
        String sku,
        String name,
        String description,
        @Schema(description = "addresses of its pictures on this service") List<String> pictures,
        List<String> categories,
        @Schema(example = "EUR") String currency,
        @Nullable String shelf,
        List<WareListed.Variant> variants,
        @Schema(
                        description =
                                "what the card that prices it asks, as the open format writes it: measurements with limits,"
                                        + " steps, starts and units; choices with charges",
                        implementation = Object[].class)
                JsonNode asks,
        List<Pack> packs,
        @Schema(description = "how many pieces can be ordered") Orders orders,
        @Schema(description = "what it costs at least, before anything is answered") @Nullable From from,
        @Schema(description = "the price table for the customer, as texts") BreakTable table) {

    /** A pack to pick. */
    @Schema(name = "Pack")
    record Pack(String name, String price, String perUnit) {}

    /** How many can be ordered. */
    @Schema(name = "OrderQuantity")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Orders(@Nullable Long least, @Nullable Long most, long step) {}

    /** The least it costs, as texts. */
    @Schema(name = "From")
    record From(String lead, String money, String per) {}
}
