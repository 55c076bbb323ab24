package dev.steelyard.core.finding;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.deal.Conditions;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.DealBook;
import dev.steelyard.core.deal.Dealt;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.core.deal.Gives.ByPayment;
import dev.steelyard.core.deal.Gives.Counts;
import dev.steelyard.core.deal.Gives.OnLadder;
import dev.steelyard.core.deal.Gives.Row;
import dev.steelyard.core.deal.Gives.Value;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.deal.SoldLine;
import dev.steelyard.core.finding.Finding.Code;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.PriceBook;
import dev.steelyard.core.pricing.PricedLine;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.FindingSays;
import dev.steelyard.core.said.Part;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** Tries a deal on baskets of one line of each of its goods: whether it gives one away, or sells below cost. */
final class DealOnGoods {

    private static final int MOST_ITEMS = 200;
    private static final int MOST_SAID = 3;
    private static final String ANY_PAYMENT = "any";

    private final PriceBook book;
    private final GoodsDirectory goods;
    private final ZonedDateTime now;
    private final Margins margins;

    DealOnGoods(PriceBook book, GoodsDirectory goods, ZonedDateTime now, Margins margins) {
        this.book = book;
        this.goods = goods;
        this.now = now;
        this.margins = margins;
    }

    List<Finding> of(Deal deal) {
        boolean byPayment = deal.gives() instanceof ByPayment;
        Deal always = deal.when(byPayment ? Conditions.payment(ANY_PAYMENT) : Conditions.NONE)
                .in(CardState.LIVE);
        Rounding rounding = book.rules().rounding();
        DealBook alone = DealBook.of(List.of(always), rounding, null);
        List<Finding> found = new ArrayList<>();
        GoodsSet acted = deal.acted();
        goods.items(acted).limit(MOST_ITEMS).forEach(item -> look(item, deal, alone, found));
        return found;
    }

    private void look(Item item, Deal deal, DealBook alone, List<Finding> found) {
        for (long pieces : quantities(item, deal)) {
            PricedLine line = priced(item, pieces);
            if (line == null || found.size() >= MOST_SAID) {
                return;
            }
            Dealt dealt = alone.apply(
                    List.of(new SoldLine(item, pieces, line.total(), null)),
                    new Occasion(Customer.EVERYONE, ANY_PAYMENT, Set.of(), now));
            BigDecimal left = dealt.left().get(0).value();
            boolean given = deal.gives() instanceof BuyAndGet both && both.value() == Value.FREE;
            if (dealt.used().isEmpty()) {
                continue;
            }
            if (left.signum() == 0 && !given) {
                found.add(Finding.searched(
                        Code.ZERO,
                        "",
                        Fact.of(
                                FindingSays.DEAL_GIVES_AWAY,
                                Part.count(pieces),
                                Part.name(item.name()),
                                Part.money(line.total())),
                        null));
                return;
            }
            CostLimit limit = CostLimit.of(item, margins);
            BigDecimal units = BigDecimal.valueOf(pieces);
            Part where = Part.of(FindingSays.AT_PIECES, Part.count(pieces), Part.name(item.name()));
            Fact fault = limit.fault(where, dealt.left().get(0), units);
            if (fault != null && line.billable() == null && limit.fault(where, line.total(), units) == null) {
                found.add(Finding.searched(Code.BELOW_COST, "", fault, null));
                return;
            }
        }
    }

    private @Nullable PricedLine priced(Item item, long pieces) {
        return book.price(List.of(new OrderLine(item.sku(), pieces)), Customer.EVERYONE, now)
                                .get(0)
                        instanceof PricedLine line
                ? line
                : null;
    }

    /** The smallest orders that reach each threshold. */
    private Set<Long> quantities(Item item, Deal deal) {
        Set<Long> quantities = new TreeSet<>(Set.of(1L));
        if (deal.gives() instanceof BuyAndGet both) {
            quantities.add(both.buyPieces() + both.getPieces());
        } else if (deal.gives() instanceof OnLadder ladder) {
            PricedLine one = priced(item, 1);
            for (Row row : ladder.rows()) {
                if (ladder.counts() == Counts.PIECES) {
                    quantities.add(least(ladder, row).max(BigDecimal.ONE).longValue());
                } else if (ladder.counts() == Counts.SPEND
                        && one != null
                        && one.total().value().signum() > 0) {
                    quantities.add(least(ladder, row)
                            .divide(one.total().value(), 0, RoundingMode.CEILING)
                            .max(BigDecimal.ONE)
                            .longValue());
                }
            }
        }
        quantities.removeIf(pieces -> pieces > Quantity.MOST);
        return quantities;
    }

    private BigDecimal least(OnLadder ladder, Row row) {
        return row.least(ladder.counts(), book.rules().rounding().minorDigits());
    }
}
