package dev.steelyard.core.deal;

import dev.steelyard.core.card.CardState;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.number.Rounding;
import dev.steelyard.core.reckoning.Wanted;
import dev.steelyard.core.tax.TaxRules;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * All deals of a shop in their order. Immutable and safe to share between threads; those that no line, code, payment or
 * group of a basket leads to cost nothing.
 */
public final class DealBook {

    /** No deals. */
    public static final DealBook NONE = of(List.of(), new Rounding(2, 2), null);

    private final List<PreparedDeal> deals;
    private final DealIndex index;
    private final Rounding rounding;

    private DealBook(List<PreparedDeal> deals, DealIndex index, Rounding rounding) {
        this.deals = deals;
        this.index = index;
        this.rounding = rounding;
    }

    /**
     * A book of these deals, in the order in which they are applied. Drafts are left out.
     *
     * @param tax for deals whose amounts are in other terms than the prices; none where no tax is reckoned
     */
    public static DealBook of(List<Deal> deals, Rounding rounding, @Nullable TaxRules tax) {
        List<PreparedDeal> prepared =
                withoutDrafts(deals).map(deal -> new PreparedDeal(deal, tax)).toList();
        return new DealBook(prepared, new DealIndex(prepared), rounding);
    }

    private static Stream<Deal> withoutDrafts(List<Deal> deals) {
        return deals.stream().filter(deal -> deal.state() != CardState.DRAFT);
    }

    /** Whether its deals are these, in this order, drafts left out. */
    public boolean isOf(List<Deal> others) {
        return deals().equals(withoutDrafts(others).toList());
    }

    public List<Deal> deals() {
        return deals.stream().map(PreparedDeal::deal).toList();
    }

    /** Whether some deal, for whomever and whenever, asks for a code. */
    public boolean knowsCode(String typed) {
        return index.knowsCode(Conditions.normal(typed));
    }

    /** Those that may act on a line of an item by what it is, in order, whatever else they ask for. */
    public List<Deal> actingOn(Item item) {
        return deals.stream()
                .filter(deal -> deal.deal().acted().has(item))
                .map(PreparedDeal::deal)
                .toList();
    }

    /** A basket after its deals. */
    public Dealt apply(List<SoldLine> lines, Occasion occasion) {
        return apply(lines, occasion, false, Wanted.ALWAYS);
    }

    /** The same with the figures of each deal, and why each other one was not used. */
    public Dealt explain(List<SoldLine> lines, Occasion occasion) {
        return explain(lines, occasion, Wanted.ALWAYS);
    }

    /** The same for as long as it is wanted, which is asked at every deal. */
    public Dealt explain(List<SoldLine> lines, Occasion occasion, Wanted wanted) {
        return apply(lines, occasion, true, wanted);
    }

    private Dealt apply(List<SoldLine> lines, Occasion occasion, boolean explain, Wanted wanted) {
        Basket basket = new Basket(lines, rounding);
        Applying applying = new Applying(basket, explain, wanted);
        DealIndex.Found found = index.find(lines, occasion);
        if (explain) {
            for (int i = 0; i < deals.size(); i++) {
                wanted.check();
                applying.add(deals.get(i), deals.get(i).check(basket, occasion, found.linesOf(i)));
            }
        } else {
            for (int i = found.next(0); i >= 0; i = found.next(i + 1)) {
                applying.add(deals.get(i), deals.get(i).check(basket, occasion, found.linesOf(i)));
            }
        }
        return applying.result();
    }
}
