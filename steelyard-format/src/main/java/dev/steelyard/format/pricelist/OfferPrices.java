package dev.steelyard.format.pricelist;

import dev.steelyard.core.card.Case;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.OrderQuantity;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.Ladder;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Asked;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.core.pricing.TrialLine;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * The prices of an item that can be said without anything being typed: of a piece at each threshold, or of a unit of what
 * is measured. What depends on more than that (a formula, a grid, packs) has none.
 */
final class OfferPrices {

    private OfferPrices() {}

    /**
     * A price.
     *
     * @param unit it is of one of; {@link Unit#ONE} for a piece
     * @param least the least amount of that unit it holds for; none for any
     * @param below the amount it no longer holds for; none for no end
     */
    record Price(BigDecimal value, Unit unit, @Nullable BigDecimal least, @Nullable BigDecimal below) {}

    static List<Price> of(PreparedCard card, Item item, @Nullable String group, LocalDate day, ShopRules rules) {
        List<Case> cases = card.card().cases().all();
        if (cases.size() == 1
                && cases.get(0).piece() instanceof PiecePrice.Rate rate
                && cases.get(0).base() == null
                && card.ladderFor(item) == null) {
            return ofRate(rate);
        }
        return card.card().asks().isEmpty() ? ofPieces(card, item, group, day, rules) : List.of();
    }

    private static List<Price> ofRate(PiecePrice.Rate rate) {
        List<Break> rows = rate.breaks() == null ? List.of() : rate.breaks().rows();
        if (rate.breaks() != null && rate.breaks().slices()) {
            return List.of(); // no unit of the amount has one price
        }
        List<Price> prices = new ArrayList<>();
        BigDecimal from = null;
        BigDecimal value = rate.price();
        for (Break row : rows) {
            prices.add(new Price(value, rate.unit(), from, row.from()));
            from = row.from();
            value = row.value();
        }
        prices.add(new Price(value, rate.unit(), from, null));
        return prices;
    }

    private static List<Price> ofPieces(
            PreparedCard card, Item item, @Nullable String group, LocalDate day, ShopRules rules) {
        PreparedLadder ladder = card.ladderFor(item);
        if (ladder != null && ladder.definition().mode() != Ladder.Mode.ALL_UNITS) {
            return List.of(); // a piece has no price of its own
        }
        OrderQuantity orders = rules.orders(card);
        TreeSet<Integer> thresholds = new TreeSet<>();
        orders.smallest().ifPresent(one -> thresholds.add((int) one));
        if (ladder != null) {
            ladder.breaks().inForce(group, day).all().forEach(row -> orders.from(row.pieces())
                    .ifPresent(from -> thresholds.add((int) from)));
        }
        List<Price> prices = new ArrayList<>();
        for (Integer from : thresholds) {
            BigDecimal value = piece(card, item, from, group, day, rules);
            if (value != null) {
                Integer next = thresholds.higher(from);
                prices.add(new Price(
                        value, Unit.ONE, BigDecimal.valueOf(from), next == null ? null : BigDecimal.valueOf(next)));
            }
        }
        return prices;
    }

    private static @Nullable BigDecimal piece(
            PreparedCard card, Item item, int quantity, @Nullable String group, LocalDate day, ShopRules rules) {
        try {
            return TrialLine.of(card, new Asked(item, quantity, Answers.NONE, group, day), rules)
                    .price()
                    .pricePerPiece()
                    .value();
        } catch (Refused noPrice) {
            return null;
        }
    }
}
