package dev.steelyard.format.pricelist;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.Documents;
import java.io.ByteArrayOutputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.Arrays;
import java.util.Currency;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class PriceListWriterTest {

    private static final ShopRules EURO = ShopRules.of(Currency.getInstance("EUR"));
    private static final Product SHACKLE = new Product(
            new Sku("SHK"),
            "Bow shackle",
            new BigDecimal("7.40"),
            null,
            null,
            PriceRows.of(
                    Over.LINE,
                    List.of(Break.everyone(10, new BigDecimal("6.90")), Break.everyone(25, new BigDecimal("6.20")))),
            List.of(),
            new Traits(Set.of(), Set.of("Grannock"), Set.of(), Set.of(), Set.of()));

    private static String written(PriceBook book, Product... goods) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new PriceListWriter(book, ZonedDateTime.of(2026, 11, 26, 9, 0, 0, 0, ZoneOffset.UTC))
                .write("Saltmarsh Chandlery", List.of(goods), out);
        return out.toString(StandardCharsets.UTF_8);
    }

    private static PriceBook book(String card, Product... goods) {
        PreparedCard prepared =
                Documents.readDraft(JsonMapper.shared().readTree(card), EURO).prepared();
        assertThat(prepared).isNotNull();
        return PriceBook.of(EURO, List.of(prepared), List.of(goods));
    }

    @Test
    void eachThresholdIsAUnitPriceWithTheQuantityItIsFor() {
        String json = written(PriceBook.of(EURO, List.of(), List.of(SHACKLE)), SHACKLE);

        assertThat(json)
                .isEqualTo(
                        "{\"@context\":\"https://schema.org\",\"@type\":\"OfferCatalog\",\"name\":\"Saltmarsh Chandlery\","
                                + "\"itemListElement\":[{\"@type\":\"Offer\",\"itemOffered\":{\"@type\":\"Product\",\"sku\":\"SHK\","
                                + "\"name\":\"Bow shackle\",\"brand\":{\"@type\":\"Brand\",\"name\":\"Grannock\"}},"
                                + "\"priceSpecification\":["
                                + price("7.40", "\"minValue\":1,\"maxValue\":9") + ","
                                + price("6.90", "\"minValue\":10,\"maxValue\":24") + ","
                                + price("6.20", "\"minValue\":25") + "]}]}");
    }

    private static String price(String price, String quantity) {
        return "{\"@type\":\"UnitPriceSpecification\",\"price\":" + price + ",\"priceCurrency\":\"EUR\","
                + "\"referenceQuantity\":{\"@type\":\"QuantitativeValue\",\"value\":1,\"unitCode\":\"C62\"},"
                + "\"eligibleQuantity\":{\"@type\":\"QuantitativeValue\"," + quantity + ",\"unitCode\":\"C62\"}}";
    }

    @Test
    void aRateIsAPricePerUnitOfWhatIsMeasured() {
        Product rope = Product.of(new Sku("ROPE"), "Rope", null);
        PriceBook book = book(
                "{\"name\": \"Rope\", \"asks\": [{\"measurement\": \"length\", \"kind\": \"length\", \"unit\": \"m\"}],"
                        + " \"cases\": [{\"piece\": {\"rate\": {\"amount\": \"length\", \"unit\": \"m\", \"price\": \"2.95\"}}}]}",
                rope);

        assertThat(written(book, rope))
                .contains("\"price\":2.95")
                .contains("\"referenceQuantity\":{\"@type\":\"QuantitativeValue\",\"value\":1,\"unitCode\":\"MTR\"}")
                .doesNotContain("eligibleQuantity");
    }

    @Test
    void whatHasNoPriceToSayIsLeftOut() {
        Product cover = Product.of(new Sku("COVER"), "Cover", null);

        assertThat(written(PriceBook.of(EURO, List.of(), List.of(cover)), cover))
                .contains("\"itemListElement\":[]");
    }

    @Test
    void everyUnitHasACodeOfItsOwn() {
        assertThat(Arrays.stream(Unit.values()).map(CommonCode::of))
                .doesNotHaveDuplicates()
                .allMatch(code -> code.matches("[A-Z][A-Z0-9]{2}"));
    }
}
