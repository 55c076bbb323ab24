package dev.steelyard.core.pricing;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.prepared.PreparedLadder;
import org.jspecify.annotations.Nullable;

/** Which ladder counts for a line: the product's own rows where the card says so and there are some, else the card's. */
final class Ladders {

    private Ladders() {}

    static @Nullable PreparedLadder of(PreparedCard card, Item item) {
        PriceRows rows = card.card().ownRowsFor(item);
        return rows == null ? card.ladder() : PreparedLadder.of(rows);
    }
}
