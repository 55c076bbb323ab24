package dev.steelyard.bench;

import dev.steelyard.core.card.Audience;
import dev.steelyard.core.card.Covers;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Times;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.Currency;
import java.util.List;
import java.util.Set;

/** Made-up goods and cards for measuring. */
final class Goods {

    static final ShopRules EURO = ShopRules.of(Currency.getInstance("EUR"));
    static final ZonedDateTime NOW = ZonedDateTime.of(2027, 4, 15, 12, 0, 0, 0, ZoneOffset.UTC);

    private Goods() {}

    /** Products with a shelf price, a category of a hundred, and so many own price rows each. */
    static List<Product> products(int count, int rows) {
        List<Product> products = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            Sku sku = new Sku("GEN-" + i);
            BigDecimal price = BigDecimal.valueOf(500 + i % 5000, 2);
            PriceRows own = rows == 0 ? null : PriceRows.of(Over.LINE, rows(price, rows));
            products.add(new Product(
                    sku,
                    "Made-up goods " + i,
                    price,
                    null,
                    null,
                    own,
                    List.of(),
                    new Traits(
                            Set.of("category-" + i % 100), Set.of("brand-" + i % 1000), Set.of(), Set.of(), Set.of())));
        }
        return products;
    }

    private static List<Break> rows(BigDecimal price, int count) {
        List<Break> rows = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            rows.add(Break.everyone(10 * i, price.subtract(BigDecimal.valueOf(i * 10L, 2))));
        }
        return rows;
    }

    /** A ladder of prices from 10, 20, 30 and so on. */
    static List<Break> ladder(int breaks) {
        List<Break> rows = new ArrayList<>();
        for (int i = 1; i <= breaks; i++) {
            rows.add(Break.everyone(10 * i, BigDecimal.valueOf(740 - 25L * i, 2)));
        }
        return rows;
    }

    /** Cards that each cover one brand, or one product where there are more cards than brands. */
    static List<PreparedCard> cards(int count) {
        List<PreparedCard> cards = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            GoodsRule goods = count <= 1000
                    ? new GoodsRule.Is(Attribute.BRAND, Set.of("brand-" + i))
                    : new GoodsRule.Is(Attribute.PRODUCT, Set.of("GEN-" + i));
            cards.add(PreparedCard.prepare(
                            RateCard.named("Card " + i)
                                    .covers(new Covers(goods, Set.of(), Audience.EVERYONE, Times.ALWAYS))
                                    .ladder(Ladder.ofPrices(ladder(4)))
                                    .build(),
                            "EUR")
                    .orThrow());
        }
        return cards;
    }
}
