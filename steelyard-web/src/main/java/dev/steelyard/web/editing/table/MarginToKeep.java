package dev.steelyard.web.editing.table;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.finding.Margins;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.TypedNumbers;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * The margin that prices are worked out to keep.
 *
 * @param typed as it stands in the field
 * @param percent none where that is no percentage below 100
 */
public record MarginToKeep(String typed, @Nullable BigDecimal percent) {

    /** The field that it is typed into. */
    public static final String FIELD = "g.margin";

    private static final BigDecimal USUAL = BigDecimal.valueOf(25);
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    /** @param typed empty for the smallest margin of the item, or 25 % where it has none */
    public static MarginToKeep of(String typed, Margins margins, Item item) {
        if (typed.isBlank()) {
            BigDecimal smallest = margins.smallest(item);
            BigDecimal percent = smallest == null ? USUAL : smallest;
            return new MarginToKeep(Decimals.plain(percent, 0), percent);
        }
        BigDecimal value = TypedNumbers.read(typed.replace("%", "").strip()).value();
        return new MarginToKeep(
                typed, value == null || value.signum() < 0 || value.compareTo(HUNDRED) >= 0 ? null : value);
    }
}
