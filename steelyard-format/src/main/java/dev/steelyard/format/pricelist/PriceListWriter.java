package dev.steelyard.format.pricelist;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.unit.Unit;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.json.JsonMapper;

/** Writes the price list of a catalogue: what everyone pays at one moment, an Offer for each item that has a price to say. */
public final class PriceListWriter {

    /** What a lower price is compared with: <a href="https://schema.org/StrikethroughPrice">StrikethroughPrice</a>. */
    private static final String STRUCK_OUT = "https://schema.org/StrikethroughPrice";

    private final PriceBook book;
    private final Customer customer;
    private final ZonedDateTime at;
    private Function<Item, @Nullable BigDecimal> lowest = item -> null;

    /** What everyone pays. */
    public PriceListWriter(PriceBook book, ZonedDateTime at) {
        this(book, Customer.EVERYONE, at);
    }

    /** What one customer pays. */
    public PriceListWriter(PriceBook book, Customer customer, ZonedDateTime at) {
        this.book = book;
        this.customer = customer;
        this.at = at;
    }

    /**
     * With the lowest price of the thirty days before, of items whose price is reduced for a time.
     *
     * @param found none for others
     */
    public PriceListWriter naming(Function<Item, @Nullable BigDecimal> found) {
        lowest = found;
        return this;
    }

    /** @param to is left open */
    public void write(String shop, List<Product> goods, OutputStream to) {
        try (JsonGenerator json =
                JsonMapper.shared().createGenerator(to).configure(StreamWriteFeature.AUTO_CLOSE_TARGET, false)) {
            json.writeStartObject();
            json.writeStringProperty("@context", "https://schema.org");
            json.writeStringProperty("@type", "OfferCatalog");
            json.writeStringProperty("name", shop);
            json.writeArrayPropertyStart("itemListElement");
            goods.forEach(product -> product.items().forEach(item -> offer(item, json)));
            json.writeEndArray();
            json.writeEndObject();
        }
    }

    private void offer(Item item, JsonGenerator json) {
        PreparedCard card = book.cardFor(item.sku(), customer, at);
        List<OfferPrices.Price> prices =
                card == null ? List.of() : OfferPrices.of(card, item, customer.group(), at.toLocalDate(), book.rules());
        if (prices.isEmpty()) {
            return;
        }
        json.writeStartObject();
        json.writeStringProperty("@type", "Offer");
        json.writeObjectPropertyStart("itemOffered");
        json.writeStringProperty("@type", "Product");
        json.writeStringProperty("sku", item.sku().value());
        json.writeStringProperty("name", item.name());
        item.product().traits().brand().forEach(brand -> {
            json.writeObjectPropertyStart("brand");
            json.writeStringProperty("@type", "Brand");
            json.writeStringProperty("name", brand);
            json.writeEndObject();
        });
        json.writeEndObject();
        json.writeArrayPropertyStart("priceSpecification");
        prices.forEach(price -> specification(price, null, json));
        BigDecimal before = lowest.apply(item);
        if (before != null) {
            specification(new OfferPrices.Price(before, prices.get(0).unit(), null, null), STRUCK_OUT, json);
        }
        json.writeEndArray();
        json.writeEndObject();
    }

    private void specification(OfferPrices.Price price, @Nullable String type, JsonGenerator json) {
        json.writeStartObject();
        json.writeStringProperty("@type", "UnitPriceSpecification");
        if (type != null) {
            json.writeStringProperty("priceType", type);
        }
        json.writeNumberProperty("price", plain(price.value()));
        json.writeStringProperty("priceCurrency", book.rules().currency().getCurrencyCode());
        if (book.tax() != null) {
            json.writeBooleanProperty("valueAddedTaxIncluded", book.tax().pricesInclude());
        }
        quantity("referenceQuantity", price.unit(), json, "value", BigDecimal.ONE, null);
        if (price.least() != null || price.below() != null) {
            BigDecimal most = price.below() == null
                    ? null
                    : price.unit() == Unit.ONE ? price.below().subtract(BigDecimal.ONE) : price.below();
            quantity("eligibleQuantity", price.unit(), json, "minValue", price.least(), most);
        }
        json.writeEndObject();
    }

    private static void quantity(
            String name,
            Unit unit,
            JsonGenerator json,
            String first,
            @Nullable BigDecimal value,
            @Nullable BigDecimal most) {
        json.writeObjectPropertyStart(name);
        json.writeStringProperty("@type", "QuantitativeValue");
        if (value != null) {
            json.writeNumberProperty(first, plain(value));
        }
        if (most != null) {
            json.writeNumberProperty("maxValue", plain(most));
        }
        json.writeStringProperty("unitCode", CommonCode.of(unit));
        json.writeEndObject();
    }

    /** Never with an exponent. */
    private static BigDecimal plain(BigDecimal value) {
        return new BigDecimal(value.toPlainString());
    }
}
