package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Item;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What one line asks for.
 *
 * @param group of the customer; none for none
 * @param day in the shop's time zone
 */
public record Asked(Item item, long quantity, Answers answers, @Nullable String group, LocalDate day) {

    /** The same without the pack picked. */
    Asked withoutPack() {
        return new Asked(item, quantity, new Answers(answers.byName(), null), group, day);
    }
}
