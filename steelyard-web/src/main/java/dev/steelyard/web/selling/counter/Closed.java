package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.PassedOverFor;
import dev.steelyard.core.pricing.Verdict;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.shown.HourWords;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Says of goods without a price whether that is so only at this time. */
final class Closed {

    private Closed() {}

    /** “Closed at this time: sold Friday, 22:00 to 02:00 the next day.”; none where no card prices them at other times. */
    static @Nullable String words(Item item, Shopper shopper, BookInForce book) {
        List<Verdict> verdicts = book.book().verdicts(item.sku(), shopper.customer(), shopper.at());
        String hours = verdicts.stream()
                .filter(verdict -> verdict.passedOver() == PassedOverFor.NOT_NOW)
                .map(verdict -> HourWords.of(verdict.card().covers().times(), shopper.words()))
                .distinct()
                .collect(Collectors.joining("; "));
        return hours.isEmpty() ? null : shopper.words().text("closed", "hours", hours);
    }
}
