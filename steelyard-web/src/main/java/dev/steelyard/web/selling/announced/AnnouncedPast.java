package dev.steelyard.web.selling.announced;

import dev.steelyard.core.announced.Announced;
import dev.steelyard.core.announced.AnnouncedPrices;
import dev.steelyard.core.announced.LowestPrice;
import dev.steelyard.core.card.Item;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.web.goods.past.PastShelfPrices;
import dev.steelyard.web.selling.announced.AnnouncedSpans.New;
import java.time.Instant;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * Fills days of before anything was kept from the history of shelf prices, of items that are sold at their shelf price now.
 * What history does not tell is left open.
 */
@Component
class AnnouncedPast {

    private static final int DAYS = 2 * LowestPrice.DAYS;

    private final PastShelfPrices past;
    private final AnnouncedSpans spans;

    AnnouncedPast(PastShelfPrices past, AnnouncedSpans spans) {
        this.past = past;
        this.spans = spans;
    }

    void fill(BookInForce book, AnnouncedPrices prices, ZonedDateTime now) {
        Instant first = now.minusDays(DAYS).toInstant();
        List<New> all = new ArrayList<>();
        for (SoldProduct product : past.changed(book.sold())) {
            for (Item item : product.product().items()) {
                prices.of(item, now)
                        .filter(announced -> announced.per() == null
                                && !announced.forATime()
                                && item.shelfPrice() != null
                                && item.shelfPrice().compareTo(announced.price()) == 0)
                        .ifPresent(announced -> fill(product.id(), item, now.toInstant(), first, all));
            }
        }
        spans.begin(all);
    }

    private void fill(long product, Item item, Instant now, Instant first, List<New> to) {
        Instant until = now;
        for (PastShelfPrices.Step step : past.of(product, item.variant())) {
            if (until.isAfter(first) && step.since().isBefore(until)) {
                to.add(new New(
                        item.sku().value(),
                        new Announced(step.price(), null, false),
                        step.since().isBefore(first) ? first : step.since(),
                        until));
            }
            until = step.since();
        }
    }
}
