package dev.steelyard.web.selling.shown;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.web.book.BookInForce;
import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;

/** What a SKU sells, with the card that prices it for a shopper now. */
public record Offer(Item item, PreparedCard card) {

    /** None for a text that is no SKU, or of nothing sold. */
    public static @Nullable Offer of(String text, Customer customer, ZonedDateTime at, BookInForce book) {
        try {
            Sku sku = new Sku(text);
            Item item = book.book().item(sku);
            PreparedCard card = item == null ? null : book.book().cardFor(sku, customer, at);
            return item == null || card == null ? null : new Offer(item, card);
        } catch (IllegalArgumentException noSku) {
            return null;
        }
    }

    /** Whether a variant is picked for each piece: where lots have the whole price, it cannot hang on the variant. */
    public boolean variantForEachPiece() {
        return item.product().variants().size() > 1
                && card.card().cases().all().stream().allMatch(one -> one.piece() instanceof PiecePrice.None);
    }

    /** Whether anything could have a price: not where all that counts is a shelf price that is not there. */
    public boolean canBePriced() {
        return item.shelfPrice() != null
                || card.card().cases().all().stream().anyMatch(one -> !(one.piece() instanceof PiecePrice.ShelfPrice));
    }
}
