package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Documents;
import dev.steelyard.web.editing.draft.DraftDocument;
import org.jspecify.annotations.Nullable;

/**
 * A version of a card beside another.
 *
 * @param number of the version
 * @param words “live”, “the draft”, “version 3”
 */
record Side(long number, String words, DraftDocument document, Documents.DraftReading reading) {

    static Side of(long number, String words, DraftDocument document, ShopRules shop) {
        return new Side(number, words, document, Documents.readDraft(document.root(), shop));
    }

    RateCard card() {
        return reading.card();
    }

    /** Ready to price; none where something in it cannot be read. */
    @Nullable
    PreparedCard prepared() {
        return reading.prepared();
    }
}
