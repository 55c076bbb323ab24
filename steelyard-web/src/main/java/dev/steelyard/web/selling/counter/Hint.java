package dev.steelyard.web.selling.counter;

import dev.steelyard.web.selling.shown.Unlocks;
import org.jspecify.annotations.Nullable;

/**
 * What would unlock a deal, with the change that does it.
 *
 * @param words “Add 12.40 of Rope for 5 % off”
 * @param button what the change is: “Add 1 × Deck brush”; none where there is none that surely does it
 * @param line the basket's line whose quantity is to be changed; none where something is to be put in
 * @param sku of what is to be put in; none where a quantity is to be changed
 * @param quantity the line's new quantity, or of what is put in
 * @param saves how much less, or more, is paid for it: “and you pay 2.10 more in all”
 */
public record Hint(
        String words, @Nullable String button, @Nullable Long line, @Nullable String sku, int quantity, String saves) {

    static Hint of(Unlocks.Unlock unlock, Shopper shopper) {
        return new Hint(
                unlock.words(),
                unlock.button(),
                unlock.line() == null
                        ? null
                        : shopper.picked().get(unlock.line()).id(),
                unlock.sku(),
                unlock.quantity(),
                unlock.pays());
    }
}
