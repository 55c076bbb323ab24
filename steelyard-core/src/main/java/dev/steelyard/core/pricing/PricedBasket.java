package dev.steelyard.core.pricing;

import dev.steelyard.core.deal.Dealt;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.reckoning.Fault;
import dev.steelyard.core.tax.Tax;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A basket with its lines, deals and tax.
 *
 * @param lines a result for each line, in order
 * @param places of the lines that have a price, by which {@code dealt} and {@code tax} count them
 * @param dealt what deals left of those
 * @param before what they came to before any deal
 * @param total what they come to after deals
 * @param tax none where none is reckoned, or it cannot be
 * @param toPay the total, with tax on top where prices are without it
 * @param fault why it cannot be sold as a whole: no rate of tax, or too large; none where it can
 */
public record PricedBasket(
        List<LineResult> lines,
        List<Integer> places,
        Dealt dealt,
        Money before,
        Money total,
        @Nullable Tax tax,
        Money toPay,
        @Nullable Fault fault) {

    public PricedBasket {
        lines = List.copyOf(lines);
        places = List.copyOf(places);
    }

    /** What is left of a line after deals, by its place among all lines; none where it has no price. */
    public @Nullable Money left(int line) {
        int place = places.indexOf(line);
        return place < 0 ? null : dealt.left().get(place);
    }

    /** A line's own tax, for show; none where none is reckoned or the line has no price. */
    public @Nullable Money taxOf(int line) {
        int place = places.indexOf(line);
        return place < 0 || tax == null ? null : tax.lines().get(place);
    }

    /** Whether every line has a price and the whole can be sold. */
    public boolean sellable() {
        return fault == null && places.size() == lines.size();
    }
}
