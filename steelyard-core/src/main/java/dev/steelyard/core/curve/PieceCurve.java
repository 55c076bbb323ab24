package dev.steelyard.core.curve;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.number.Money;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.number.Rounding;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The price of one piece over the quantity ordered, for a shelf price and the breaks in force on a single line:
 * constant pieces between thresholds, exact. Rounding points R2 and R3 are applied by the methods that say so.
 */
public final class PieceCurve {

    private final List<Stretch> stretches;
    private final Rounding rounding;

    private PieceCurve(List<Stretch> stretches, Rounding rounding) {
        this.stretches = stretches;
        this.rounding = rounding;
    }

    /**
     * A run of quantities with one price.
     *
     * @param from first quantity, inclusive
     * @param until first quantity after it, exclusive; the last run ends after {@link Quantity#MOST}
     * @param perPiece the price of one piece, rounded by R2
     * @param by the break that gives it; none for the shelf price
     */
    public record Stretch(int from, int until, Money perPiece, @Nullable Break by) {

        /** The largest quantity in it. */
        public int last() {
            return until - 1;
        }
    }

    /**
     * The curve of an item's shelf price and own rows, for a group (none: everyone) on a day; none where the item has no
     * shelf price, since then it has no price.
     */
    public static Optional<PieceCurve> of(Item item, @Nullable String group, LocalDate day, Rounding rounding) {
        PriceRows rows = item.ownRows();
        BreaksInForce breaks = rows == null ? BreaksInForce.NONE : rows.inForce(group, day);
        return Optional.ofNullable(item.shelfPrice()).map(shelfPrice -> of(shelfPrice, breaks, rounding));
    }

    /** The curve of a shelf price and its breaks. */
    public static PieceCurve of(BigDecimal shelfPrice, BreaksInForce breaks, Rounding rounding) {
        List<Stretch> stretches = new ArrayList<>();
        List<Break> all = breaks.all();
        int firstThreshold = all.isEmpty() ? Quantity.MOST + 1 : all.get(0).pieces();
        if (firstThreshold > Quantity.LEAST) {
            stretches.add(new Stretch(Quantity.LEAST, firstThreshold, rounding.pricePerPiece(shelfPrice), null));
        }
        for (int i = 0; i < all.size(); i++) {
            Break one = all.get(i);
            int until = i + 1 < all.size() ? all.get(i + 1).pieces() : Quantity.MOST + 1;
            stretches.add(new Stretch(one.pieces(), until, rounding.pricePerPiece(one.value()), one));
        }
        return new PieceCurve(List.copyOf(stretches), rounding);
    }

    /** The runs, ascending, without gap or overlap from 1 to {@link Quantity#MOST}. */
    public List<Stretch> stretches() {
        return stretches;
    }

    /** The price of one piece at a quantity, rounded by R2. */
    public Money perPiece(int quantity) {
        return stretchAt(quantity).perPiece();
    }

    /** The total of a line of so many pieces, rounded by R3. */
    public Money total(int quantity) {
        return rounding.lineTotal(perPiece(quantity).times(quantity));
    }

    private Stretch stretchAt(int quantity) {
        for (Stretch stretch : stretches) {
            if (quantity >= stretch.from() && quantity < stretch.until()) {
                return stretch;
            }
        }
        throw new IllegalArgumentException("no quantity: " + quantity);
    }
}
