package dev.steelyard.core.pricing;

import static org.assertj.core.api.Assertions.assertThat;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.Rounding;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The worked examples whose kind of card this core prices: all units, by price, with groups and dates. */
class ExamplesTest {

    private static final Set<String> PRICED =
            Set.of("shackle-all-units", "dated-rows", "group-and-dates-at-one-threshold");

    private static final LocalDate ANY_DAY = LocalDate.of(2026, 11, 23);

    record Order(String example, JsonNode document, JsonNode order) {
        @Override
        public String toString() {
            return example + " " + order;
        }
    }

    static Stream<Order> orders() throws IOException {
        try (InputStream in = ExamplesTest.class.getResourceAsStream("/examples/lines.json")) {
            return new JsonMapper()
                            .readTree(in)
                            .valueStream()
                            .filter(example -> PRICED.contains(example.get("id").asString()))
                            .flatMap(example -> example.get("orders")
                                    .valueStream()
                                    .map(order -> new Order(example.get("id").asString(), example, order)))
                            .toList()
                            .stream();
        }
    }

    @Test
    void allThreeAreThere() throws IOException {
        assertThat(orders().map(Order::example))
                .containsOnly(PRICED.toArray(String[]::new))
                .hasSize(21);
    }

    @ParameterizedTest
    @MethodSource("orders")
    void comesToTheFigureGiven(Order order) {
        PricedLine line = price(order);
        JsonNode expected = order.order().get("expect");
        assertThat(line.total()).hasToString(expected.get("line").asString());
        assertThat(line.shownPerPiece()).hasToString(expected.get("unit").asString());
    }

    @ParameterizedTest
    @MethodSource("orders")
    void theReckoningEndsWithTheLine(Order order) {
        PricedLine line = price(order);
        List<Reckoning.Step> steps = line.reckoning().steps();
        assertThat(steps.get(0).label()).isEqualTo("Shelf price");
        assertThat(steps.get(steps.size() - 1).result())
                .isEqualByComparingTo(line.total().value());
    }

    private static PricedLine price(Order order) {
        JsonNode shop = order.document().get("shop");
        Sku sku = new Sku(order.document().at("/product/sku").asString());
        ShopRules rules = new ShopRules(
                Currency.getInstance(shop.get("currency").asString()),
                new Rounding(
                        shop.get("minorDigits").asInt(),
                        shop.get("unitPriceDecimals").asInt()));
        Product product = Product.of(
                sku,
                "Example",
                new BigDecimal(order.document().at("/product/shelfPrice").asString()));
        RateCard card = RateCard.of(
                order.document().at("/card/name").asString(),
                Ladder.of(Over.LINE, breaks(order.document().at("/card/ladder/rows"))));
        PriceBook book = PriceBook.of(rules, List.of(card), List.of(product));
        LocalDate day = date(order.order(), "date");
        LineResult result = book.explain(
                        List.of(new OrderLine(sku, order.order().get("quantity").asLong())),
                        new Customer(text(order.order(), "group")),
                        day == null ? ANY_DAY : day)
                .get(0);
        return (PricedLine) result;
    }

    private static List<Break> breaks(JsonNode rows) {
        List<Break> breaks = new ArrayList<>();
        for (JsonNode row : rows) {
            breaks.add(new Break(
                    row.get("from").asInt(),
                    new BigDecimal(row.get("value").asString()),
                    text(row, "group"),
                    new Validity(date(row, "fromDate"), date(row, "untilDate"))));
        }
        return breaks;
    }

    private static LocalDate date(JsonNode node, String field) {
        String text = text(node, field);
        return text == null ? null : LocalDate.parse(text);
    }

    private static String text(JsonNode node, String field) {
        return node.has(field) ? node.get(field).asString() : null;
    }
}
