package dev.steelyard.core.deal;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.GoodsRule;
import dev.steelyard.core.card.GoodsRule.Attribute;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.card.Traits;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.number.Rounding;
import java.math.BigDecimal;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Lines and deals, shortly written. */
final class Lines {

    static final Rounding EURO = new Rounding(2, 2);
    static final ZonedDateTime MONDAY_NOON = ZonedDateTime.of(2026, 11, 23, 12, 0, 0, 0, ZoneOffset.UTC);
    static final Occasion ANYONE = Occasion.of(Customer.EVERYONE, MONDAY_NOON);

    private Lines() {}

    /** {@code "SHK 3 22.20 hardware"}: SKU, pieces, total, category. */
    static SoldLine line(String text) {
        String[] parts = text.split(" ");
        Traits traits =
                new Traits(parts.length > 3 ? Set.of(parts[3]) : Set.of(), Set.of(), Set.of(), Set.of(), Set.of());
        Product product = new Product(new Sku(parts[0]), parts[0], null, null, null, null, List.of(), traits);
        return new SoldLine(
                new Item(product, null), Long.parseLong(parts[1]), EURO.lineTotal(new BigDecimal(parts[2])), null);
    }

    static List<SoldLine> lines(String... texts) {
        List<SoldLine> lines = new ArrayList<>();
        for (String text : texts) {
            lines.add(line(text));
        }
        return lines;
    }

    static GoodsSet category(String... names) {
        return GoodsSet.of(new GoodsRule.Is(Attribute.CATEGORY, Set.of(names)));
    }

    static GoodsSet skus(String... skus) {
        return GoodsSet.of(new GoodsRule.Is(Attribute.SKU, Set.of(skus)));
    }

    /** {@code "from value"} for each row. */
    static OnLadder ladder(Counts counts, GoodsSet goods, Value value, String... rows) {
        List<Row> read = new ArrayList<>();
        for (String row : rows) {
            String[] parts = row.split(" ");
            read.add(new Row(new BigDecimal(parts[0]), new BigDecimal(parts[1])));
        }
        return new OnLadder(counts, goods, value, read);
    }

    static DealBook book(Deal... deals) {
        return DealBook.of(List.of(deals), EURO, null);
    }

    /** What is left of each line. */
    static List<String> left(Dealt dealt) {
        return dealt.left().stream().map(Object::toString).toList();
    }

    static List<String> used(Dealt dealt) {
        return dealt.used().stream().map(used -> used.deal().name()).toList();
    }
}
