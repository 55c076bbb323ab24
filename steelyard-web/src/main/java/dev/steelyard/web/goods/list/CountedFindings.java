package dev.steelyard.web.goods.list;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.finding.Finding;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.finding.PriceFindings;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.shared.LatestParts;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.SoldProduct;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * How many findings goods have in their own prices. Counted once for prices that stay as they are: goods of a part of the list
 * that did not change are not looked at again on the same day.
 */
@Component
class CountedFindings {

    private volatile @Nullable Kept kept;

    private record By(ShopRules rules, LocalDate day, Margins margin) {

        static By of(BookInForce book, LocalDate day) {
            return new By(book.shop().rules(), day, book.margins());
        }
    }

    private record Kept(By by, LatestParts<SoldProduct, List<Counted>> parts) {}

    /** One of the goods with findings. */
    record Counted(SoldProduct one, int count) {}

    /** All that have some, by name. */
    List<Counted> all(BookInForce book, LocalDate day) {
        By by = By.of(book, day);
        Kept now = kept;
        if (now == null || !now.by().equals(by)) {
            now = new Kept(by, new LatestParts<>(part -> odd(part, by)));
            kept = now;
        }
        return now.parts().of(book.sold()).flatMap(List::stream).toList();
    }

    int of(SoldProduct one, BookInForce book, LocalDate day) {
        return count(one.product(), By.of(book, day));
    }

    private static List<Counted> odd(List<SoldProduct> part, By by) {
        return part.stream()
                .map(one -> new Counted(one, count(one.product(), by)))
                .filter(one -> one.count() > 0)
                .toList();
    }

    private static int count(Product product, By by) {
        Set<Finding> found = new HashSet<>();
        for (Item item : product.items()) {
            found.addAll(new PriceFindings(by.rules().roundingFor(item), by.margin()).of(item, by.day()));
        }
        return found.size();
    }
}
