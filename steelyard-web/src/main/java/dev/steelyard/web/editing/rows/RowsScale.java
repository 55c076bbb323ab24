package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.GoodsDirectory;
import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.RateCard;
import dev.steelyard.core.prepared.PreparedCard;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.page.WeightWishes;
import dev.steelyard.web.editing.trial.Subject;
import java.util.List;

/**
 * A product's prices as typed, to be tried: the shelf price stands above all cards, and the product is as it would be.
 *
 * @param subject with no other goods than the product
 * @param shelf the shelf price as a card
 */
record RowsScale(RowsReading reading, Subject subject, PreparedCard shelf) {

    /** @param subject with all goods */
    static RowsScale of(DraftDocument document, Product product, Subject subject) {
        RowsReading reading = RowsReading.of(document, product, subject.groupNames());
        return new RowsScale(
                reading,
                new Subject(
                        subject.shop(),
                        subject.margins(),
                        subject.groups(),
                        GoodsDirectory.of(List.of(reading.product())),
                        subject.today()),
                PreparedCard.prepare(RateCard.SHELF_PRICE, subject.shop().currency())
                        .orThrow());
    }

    WeightWishes.Scale forWeights() {
        return new WeightWishes.Scale(shelf.card(), shelf, subject);
    }
}
