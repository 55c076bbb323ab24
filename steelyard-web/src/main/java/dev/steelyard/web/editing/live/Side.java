package dev.steelyard.web.editing.live;

import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.core.pricing.ShopRules;
import dev.steelyard.format.Documents;
import dev.steelyard.web.editing.draft.DraftDocument;
import org.jspecify.annotations.Nullable;

/** A version of a card, read. */
record Side(DraftDocument document, Documents.DraftReading reading) {

    static Side of(DraftDocument document, ShopRules shop) {
        return new Side(document, Documents.readDraft(document.root(), shop));
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
