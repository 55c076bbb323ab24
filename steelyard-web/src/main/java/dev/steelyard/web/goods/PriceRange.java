package dev.steelyard.web.goods;

import dev.steelyard.core.curve.PieceCurve;
import dev.steelyard.core.curve.PieceCurve.Stretch;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.pricing.ShopRules;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What a piece costs everyone on a day.
 *
 * @param single the least that one piece by itself costs, over all variants
 * @param lowest the least a piece can come to in any quantity
 */
public record PriceRange(Money single, Money lowest) {

    /** None where nothing of the goods has a price. */
    public static Optional<PriceRange> of(GoodsEntry entry, ShopRules rules, LocalDate day) {
        List<PieceCurve> curves = entry.product().items().stream()
                .flatMap(item -> PieceCurve.of(item, null, day, rules.roundingFor(item)).stream())
                .toList();
        return curves.stream()
                .map(curve -> curve.perPiece(1))
                .min(Comparator.naturalOrder())
                .map(single -> new PriceRange(single, lowest(curves)));
    }

    private static Money lowest(List<PieceCurve> curves) {
        return curves.stream()
                .flatMap(curve -> curve.stretches().stream())
                .map(Stretch::perPiece)
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }
}
