package dev.steelyard.web.selling.counter;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.web.base.page.ReckoningText;
import dev.steelyard.web.base.picture.PieceDrawing;
import dev.steelyard.web.goods.GoodsEntry;
import dev.steelyard.web.selling.shown.AskView;
import dev.steelyard.web.selling.shown.BreakTable;
import dev.steelyard.web.selling.shown.FromPrice;
import dev.steelyard.web.selling.shown.PackOffer;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A product page for what is typed on it.
 *
 * @param name in the shopper's language
 * @param description the same
 * @param variants to pick from; empty where there are none
 * @param sku of the variant picked
 * @param pieces the variant of each piece of a lot; empty where one goes for all
 * @param sent whether something was typed that comes to a price or to a mistake
 * @param waits the names of asks that are empty and that nobody has come to yet
 * @param packs to pick from; empty where there are none
 * @param from what it costs at least; none where there is no price yet
 * @param closed why it cannot be bought whatever is typed; none where it can
 * @param faults what is wrong, by the name of the field
 * @param refusal why there is no price now where no field can say it; none where there is one
 * @param price none while something is missing or wrong
 * @param drawing the piece to scale; none where there is nothing to draw
 * @param seen the price as it is shown here, to be sent along; empty where there is none
 * @param orders how many pieces can be ordered, in words
 * @param step the difference between two numbers of pieces that can be
 * @param withoutTax whether all its figures are without tax
 * @param deals that count this product, with what is missing for them
 */
public record ProductPage(
        GoodsEntry entry,
        String name,
        String description,
        List<Variant> variants,
        String sku,
        List<String> pieces,
        String quantity,
        boolean sent,
        List<String> waits,
        List<AskView> asks,
        boolean beside,
        List<PackOffer> packs,
        String pack,
        @Nullable FromPrice from,
        @Nullable String closed,
        Map<String, String> faults,
        @Nullable String refusal,
        @Nullable Price price,
        BreakTable table,
        @Nullable PieceDrawing drawing,
        String currency,
        String seen,
        String orders,
        long step,
        boolean withoutTax,
        List<DealOffers.Shown> deals) {

    /** A variant to pick. */
    public record Variant(String sku, String name) {}

    /**
     * What is typed comes to.
     *
     * @param pieces “12 pieces”
     * @param shelf the shelf price where it is higher, or the one to be struck out of a price reduced for a time; none else
     * @param lowest the lowest price of the thirty days before a reduction, in words; none where there is none
     * @param billable “12 m²”; none where nothing is measured, or it is not to be shown
     * @param perUnit “27.19 per m²”
     * @param figures shown beside the price
     * @param next what a little more would bring
     * @param together “together with 6 in your basket”
     */
    @Schema(name = "PriceShown")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Price(
            String pieces,
            String each,
            @Nullable String shelf,
            @Nullable String lowest,
            String total,
            @Nullable String billable,
            @Nullable String perUnit,
            List<String> figures,
            @Nullable String next,
            @Nullable String together,
            List<ReckoningText.Line> steps) {}

    /**
     * What a picture shows, for those who do not see it: as the owner wrote it, or the product's name where the page is in
     * another language than that.
     */
    public String picture(String words) {
        return name.equals(entry.name()) ? words : name;
    }

    /** What is wrong with a field; empty where nothing is. */
    public String fault(String field) {
        return faults.getOrDefault(field, "");
    }

    /** The asks nobody has come to yet, as the form sends them. */
    public String waiting() {
        return String.join(" ", waits);
    }

    /** Whether it can go into the basket as it is typed. */
    public boolean buyable() {
        return price != null;
    }
}
