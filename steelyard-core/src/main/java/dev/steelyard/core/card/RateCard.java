package dev.steelyard.core.card;

import dev.steelyard.core.ladder.Ladder;
import org.jspecify.annotations.Nullable;

/**
 * One complete way to price some goods: their shelf price, its breaks, its finish, and what it covers.
 *
 * @param ladder the card's breaks; none for none
 * @param productsOwnRows whether the product's own price rows, where it has some, count in place of the ladder
 * @param paused whether it is passed over for now
 */
public record RateCard(
        String name, Covers covers, @Nullable Ladder ladder, boolean productsOwnRows, Finish finish, boolean paused) {

    /** The card that is always there, last in the order: shelf price and the product's own rows, for everything. */
    public static final RateCard SHELF_PRICE =
            new RateCard("Shelf price", Covers.EVERYTHING, null, true, Finish.PLAIN, false);

    /** A card with a ladder of its own, for everything and everyone. */
    public static RateCard of(String name, Ladder ladder) {
        return new RateCard(name, Covers.EVERYTHING, ladder, false, Finish.PLAIN, false);
    }

    /** The breaks that count for an item under this card; none for none. */
    public @Nullable Ladder ladderFor(Item item) {
        return productsOwnRows && item.ownRows() != null ? item.ownRows() : ladder;
    }
}
