package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.base.page.NextBreakText;
import dev.steelyard.web.base.page.ReckoningText;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.shop.CustomerGroup;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A typed trial, read, and priced by the very book a shop would use.
 *
 * @param group the customer's group; none for everyone
 * @param quantity none where it cannot be read
 */
record Trial(
        Sku sku,
        @Nullable String group,
        @Nullable Integer quantity,
        @Nullable String quantityFault,
        LocalDate day,
        @Nullable String dayFault) {

    static Trial read(RowsTrialText text, PricedProduct subject) {
        DecimalText.Reading quantity = Quantity.read(text.quantity());
        BigDecimal pieces = quantity.value();
        LocalDate day = DayText.read(text.day());
        return new Trial(
                sku(text.sku(), subject),
                subject.groups().stream()
                        .map(CustomerGroup::name)
                        .filter(text.group()::equals)
                        .findFirst()
                        .orElse(null),
                pieces == null ? null : pieces.intValueExact(),
                quantity.fault() == null ? null : quantity.fault().message(),
                day == null ? subject.today() : day,
                day == null && !text.day().isBlank()
                        ? "“" + text.day() + "” is no day; write it like " + subject.today()
                        : null);
    }

    private static Sku sku(String text, PricedProduct subject) {
        List<Sku> skus = subject.entry().product().items().stream()
                .map(item -> item.sku())
                .toList();
        return skus.stream().filter(sku -> sku.value().equals(text)).findFirst().orElseGet(() -> usual(subject));
    }

    /** The subject itself, or the first variant priced by the product's own prices. */
    private static Sku usual(PricedProduct subject) {
        if (subject.variant() != null) {
            return subject.variant().sku();
        }
        return subject.entry().product().items().stream()
                .filter(item -> item.variant() == null || item.variant().ownRows() == null)
                .findFirst()
                .orElse(subject.entry().product().items().get(0))
                .sku();
    }

    RowsTrialView price(Product changed, PricedProduct subject) {
        if (quantity == null) {
            return RowsTrialView.refused(Objects.requireNonNull(quantityFault), "trialQuantity");
        }
        if (dayFault != null) {
            return RowsTrialView.refused(dayFault, "trialDay");
        }
        PriceBook book = PriceBook.of(subject.shop().rules(), List.of(), List.of(changed));
        LineResult result = book.explain(
                        List.of(new OrderLine(sku, quantity)),
                        new Customer(group),
                        day.atTime(LocalTime.NOON).atZone(subject.shop().zone()))
                .get(0);
        if (result instanceof RefusedLine refused) {
            return RowsTrialView.refused(refused.message(), null);
        }
        PricedLine line = (PricedLine) result;
        int decimals = line.shownPerPiece().value().scale();
        return new RowsTrialView(
                null,
                null,
                Show.money(line.shownPerPiece().value(), decimals),
                Show.money(line.total().value(), subject.shop().minorDigits()),
                NextBreakText.of(line),
                ReckoningText.of(line.reckoning()),
                ReckoningText.passedOver(line.reckoning()));
    }
}
