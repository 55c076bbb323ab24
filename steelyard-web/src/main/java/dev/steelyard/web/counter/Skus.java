package dev.steelyard.web.counter;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.web.book.BookInForce;
import org.jspecify.annotations.Nullable;

/** Looks up SKUs that came from outside, which may be anything. */
final class Skus {

    private Skus() {}

    /** What a text orders; none where it is no SKU, or of nothing sold. */
    static @Nullable Item item(String text, BookInForce book) {
        try {
            return book.book().item(new Sku(text));
        } catch (IllegalArgumentException noSku) {
            return null;
        }
    }
}
