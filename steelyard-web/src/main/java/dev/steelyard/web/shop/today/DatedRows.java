package dev.steelyard.web.shop.today;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.shared.LatestParts;
import dev.steelyard.web.book.BookInForce;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The price rows of goods that have dates. */
@Component
class DatedRows {

    private final LatestParts<Product, List<Dated>> kept =
            new LatestParts<>(part -> part.stream().flatMap(DatedRows::of).toList());

    /** @param name of the product */
    record Dated(String name, Break row) {}

    List<Dated> of(BookInForce book) {
        return kept.of(book.goods()).flatMap(List::stream).toList();
    }

    private static Stream<Dated> of(Product product) {
        List<Break> rows = new ArrayList<>(breaks(product.ownRows()));
        product.items().stream()
                .map(Item::variant)
                .filter(Objects::nonNull)
                .forEach(variant -> rows.addAll(breaks(variant.ownRows())));
        return rows.stream().filter(row -> row.validity().dated()).map(row -> new Dated(product.name(), row));
    }

    private static List<Break> breaks(@Nullable PriceRows rows) {
        return rows == null ? List.of() : rows.breaks();
    }
}
