package dev.steelyard.format;

import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.LineResult;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.tax.Tax;
import dev.steelyard.format.BasketDocument.Expected;
import dev.steelyard.format.BasketDocument.Line;
import dev.steelyard.format.BasketDocument.Order;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** Prices the baskets of a document. */
public final class BasketTrials {

    private BasketTrials() {}

    /**
     * Prices one basket with its reckonings.
     *
     * @param now counts where the basket says no time
     */
    public static PricedBasket price(BasketDocument document, Order order, ZonedDateTime now) {
        return price(document, order, now, Wanted.ALWAYS);
    }

    /** The same for as long as it is wanted. */
    public static PricedBasket price(BasketDocument document, Order order, ZonedDateTime now, Wanted wanted) {
        PriceBook book = document.book();
        ZonedDateTime at = order.at() == null ? now : order.at();
        List<OrderLine> asked = order.lines().stream()
                .filter(Line.Asked.class::isInstance)
                .map(line -> ((Line.Asked) line).line())
                .toList();
        List<LineResult> priced = book.explain(asked, order.customer(), at, wanted);
        List<LineResult> results = new ArrayList<>();
        int next = 0;
        for (Line line : order.lines()) {
            if (line instanceof Line.Given given) {
                Money total = book.rules().rounding().lineTotal(given.total());
                results.add(PricedLine.given(
                        given.item(), given.quantity(), total, book.rules().rounding()));
            } else {
                RefusedLine bad = Trials.badQuantity(((Line.Asked) line).quantity());
                results.add(bad == null ? priced.get(next) : bad);
                next++;
            }
        }
        return book.settle(
                results,
                Occasion.of(order.customer(), order.payment(), order.codes(), at)
                        .withCodesOf(order.codeLists()),
                true,
                wanted);
    }

    /** Where a basket is refused: its own fault, or its first line without a price; none where it can be sold. */
    public static @Nullable String refusal(PricedBasket basket) {
        for (LineResult line : basket.lines()) {
            if (line instanceof RefusedLine refused) {
                return refused.place().code();
            }
        }
        return basket.fault() == null ? null : basket.fault().place().code();
    }

    /** Whether a basket came to what was expected; none where nothing was said or it did, else what differs. */
    public static @Nullable String mismatch(Order order, PricedBasket basket) {
        Expected expected = order.expected();
        if (expected == null) {
            return null;
        }
        String refused = refusal(basket);
        if (refused != null || expected.refused() != null) {
            return Objects.equals(refused, expected.refused())
                    ? null
                    : "expected "
                            + (expected.refused() == null ? expected.total() : "a refusal (" + expected.refused() + ")")
                            + ", but it "
                            + (refused == null ? "comes to " + basket.total() : "is refused (" + refused + ")");
        }
        List<String> differences = new ArrayList<>();
        differ(differences, "total", expected.total(), basket.total());
        differ(differences, "to pay", expected.toPay(), basket.toPay());
        List<Money> left = basket.dealt().left();
        if (!expected.lines().isEmpty() && expected.lines().size() != left.size()) {
            differences.add(expected.lines().size() + " lines are expected, there are " + left.size());
        } else {
            for (int i = 0; i < expected.lines().size(); i++) {
                differ(differences, "line " + (i + 1), expected.lines().get(i), left.get(i));
            }
        }
        List<String> used =
                basket.dealt().used().stream().map(one -> one.deal().name()).toList();
        if (expected.used() != null && !expected.used().equals(used)) {
            differences.add("used " + expected.used() + " is expected, it is " + used);
        }
        if (!expected.tax().isEmpty() && !same(expected.tax(), basket.tax())) {
            differences.add("tax " + expected.tax() + " is expected, it is "
                    + (basket.tax() == null ? "none" : basket.tax().rates()));
        }
        return differences.isEmpty() ? null : String.join("; ", differences);
    }

    private static void differ(List<String> to, String what, @Nullable BigDecimal expected, Money found) {
        if (expected != null && expected.compareTo(found.value()) != 0) {
            to.add(what + " " + expected.toPlainString() + " is expected, it comes to " + found);
        }
    }

    private static boolean same(Map<BigDecimal, BigDecimal> expected, @Nullable Tax tax) {
        Map<BigDecimal, Money> found = new TreeMap<>();
        if (tax != null) {
            tax.rates().forEach(rate -> found.put(rate.rate(), rate.tax()));
        }
        return found.size() == expected.size()
                && expected.entrySet().stream().allMatch(entry -> {
                    Money money = found.get(entry.getKey());
                    return money != null && money.value().compareTo(entry.getValue()) == 0;
                });
    }
}
