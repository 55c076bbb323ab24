package dev.steelyard.web.store.panel;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.web.base.picture.PieceDrawing;
import dev.steelyard.web.selling.counter.DealOffers;
import dev.steelyard.web.selling.counter.ProductPage;
import dev.steelyard.web.selling.shown.AskView;
import dev.steelyard.web.selling.shown.BreakTable;
import dev.steelyard.web.selling.shown.PackOffer;
import dev.steelyard.web.store.prices.AskedCustomer;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Everything a panel shows, in the shopper's language; texts are ready to be shown. */
@JsonInclude(JsonInclude.Include.NON_NULL)
@Schema(name = "Panel")
record PanelAnswer(
        long revision,
        String sku,
        String name,
        @Schema(example = "EUR") String currency,
        @Schema(description = "the language of all texts", example = "de") String lang,
        AskedCustomer customer,
        @Schema(description = "texts around the fields, by their names") Map<String, String> words,
        List<ProductPage.Variant> variants,
        @Schema(description = "the variant of each piece of a lot; empty where one goes for all") List<String> pieces,
        String quantity,
        @Schema(description = "how many can be ordered, in words") String orders,
        long step,
        List<AskView> asks,
        @Schema(description = "whether measurements stand beside each other") boolean beside,
        List<PackOffer> packs,
        String pack,
        @Schema(description = "what it costs at least") @Nullable From from,
        @Schema(description = "why it cannot be bought whatever is typed") @Nullable String closed,
        @Schema(description = "what is wrong, by the name of the field") Map<String, String> faults,
        @Schema(description = "why there is no price where no field can say it") @Nullable String refusal,
        ProductPage.@Nullable Price price,
        BreakTable table,
        @Schema(description = "whether the table is to be shown") boolean tableShown,
        @Nullable PieceDrawing drawing,
        List<DealOffers.Shown> deals,
        boolean withoutTax,
        @Schema(description = "to be sent with the next request") String seen,
        @Schema(description = "the price shown for the same order before, where it changed meanwhile") @Nullable
                String changed,
        @Schema(description = "the line signed (JWS): what the page’s form sends to the store") @Nullable String token,
        @Schema(description = "until when the token holds") @Nullable Instant holds) {

    /** What it costs at least, as texts. */
    @Schema(name = "PanelFrom")
    record From(String lead, String money, String per) {}
}
