package dev.steelyard.web.selling.counter;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Dealt.Used;
import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.deal.Next;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PricedBasket;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.selling.shown.DealText;
import dev.steelyard.web.selling.shown.Offer;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Deals that count a product, for its page: what each says, and what is missing for it beside what is in the basket. */
public final class DealOffers {

    private static final int MOST = 6;
    private static final int MOST_LINES = 100;

    private DealOffers() {}

    /**
     * A deal on a product page.
     *
     * @param words what shoppers read
     * @param missing “Add 12.40 of Rope for 5 % off”; empty where nothing is
     * @param counts whether it counts with these pieces in the basket
     */
    @Schema(name = "DealOffered")
    public record Shown(String words, String missing, boolean counts) {}

    /**
     * Those that are for this customer now and ask for no code. Ways of paying are not told here: what they add or take off
     * is said where one is picked.
     *
     * @param line what these pieces cost; none where they have no price
     * @param others what is in the basket
     */
    static List<Shown> of(
            Offer offer,
            Asked asked,
            @Nullable PricedLine line,
            List<Shopper.Offered> others,
            Shopper shopper,
            BookInForce book) {
        List<Deal> deals = book.book().deals().actingOn(offer.item()).stream()
                .filter(deal -> isFor(deal, shopper))
                .limit(MOST)
                .toList();
        if (deals.isEmpty() || shopper.picked().size() > MOST_LINES) {
            return List.of();
        }
        PricedBasket basket = line == null ? null : with(asked, others, shopper, book);
        return deals.stream()
                .map(deal -> shown(deal, basket, book, shopper.words()))
                .toList();
    }

    private static boolean isFor(Deal deal, Shopper shopper) {
        Conditions conditions = deal.conditions();
        return deal.state() == CardState.LIVE
                && !(deal.gives() instanceof ByPayment)
                && conditions.code() == null
                && conditions.codeList() == null
                && conditions.audience().reasonAgainst(shopper.customer()) == null
                && conditions.times().reasonAgainst(shopper.at()) == null;
    }

    /** The basket with these pieces in it. */
    private static PricedBasket with(Asked asked, List<Shopper.Offered> others, Shopper shopper, BookInForce book) {
        List<OrderLine> lines =
                new ArrayList<>(others.stream().map(Shopper.Offered::line).toList());
        lines.add(new OrderLine(asked.item().sku(), asked.quantity(), asked.answers()));
        return book.book().explainBasket(lines, shopper.occasion());
    }

    private static Shown shown(Deal deal, @Nullable PricedBasket basket, BookInForce book, Words words) {
        if (basket == null) {
            return new Shown(words.in(deal.words()), "", false);
        }
        boolean counts = basket.dealt().used().stream().map(Used::deal).anyMatch(used -> used == deal);
        String missing = basket.dealt().next().stream()
                .filter(next -> next.deal() == deal)
                .findFirst()
                .map((Next next) -> DealText.next(
                        next, book.book(), book::category, book.shop().minorDigits(), words))
                .orElse("");
        return new Shown(words.in(deal.words()), missing, counts);
    }
}
