package dev.steelyard.web.selling.announced;

import dev.steelyard.core.announced.Announced;
import dev.steelyard.core.announced.AnnouncedPrices;
import dev.steelyard.core.announced.LowestPrice;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.book.Transitions;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The items whose price for everyone holds for a time only, with the price that is to be named beside it; in memory. */
@Component
public class Reductions {

    /** How long before a reduction spans are looked at: it may have begun long ago. */
    private static final int DAYS_BACK = 400;

    private final AnnouncedSpans spans;
    private volatile Map<String, Reduction> inForce = Map.of();

    Reductions(AnnouncedSpans spans) {
        this.spans = spans;
    }

    /**
     * A price that holds for a time.
     *
     * @param lowest of the thirty days before it began; none where it is not lower than that, or nothing is known
     * @param per the unit both are of; none for a piece
     */
    public record Reduction(@Nullable BigDecimal lowest, @Nullable Unit per) {}

    /** None where what everyone pays for one holds for good, or the shop names no such prices. */
    public Optional<Reduction> of(String sku) {
        return Optional.ofNullable(inForce.get(sku));
    }

    /** The lowest price that is to be named beside an item's; none for none. */
    public @Nullable BigDecimal lowest(Item item) {
        Reduction reduction = inForce.get(item.sku().value());
        return reduction == null ? null : reduction.lowest();
    }

    /** All of them: what was made of some other is no longer right. */
    public Object state() {
        return inForce;
    }

    void renew(BookInForce book, ZonedDateTime now) {
        Map<String, Reduction> all = new HashMap<>();
        if (book.shop().habits().lowestNamed()) {
            AnnouncedPrices prices = OwnersTimes.prices(book);
            for (Product product : new Transitions(book).products()) {
                for (Item item : product.items()) {
                    prices.of(item, now)
                            .filter(Announced::forATime)
                            .ifPresent(announced -> all.put(
                                    item.sku().value(),
                                    new Reduction(
                                            LowestPrice.before(
                                                            spans.of(
                                                                    item.sku().value(),
                                                                    now.minusDays(DAYS_BACK)
                                                                            .toInstant()),
                                                            announced,
                                                            now.getZone())
                                                    .orElse(null),
                                            announced.per())));
                }
            }
        }
        inForce = Map.copyOf(all);
    }
}
