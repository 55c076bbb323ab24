package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Item;
import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.editing.words.SentencePart;
import dev.steelyard.web.shop.CustomerGroup;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * All that the page shows.
 *
 * @param beam none where no curve can be drawn yet
 * @param unsaved how what is typed differs from what is saved, in words
 */
record PricesPage(
        long id,
        String name,
        String sku,
        String status,
        boolean removed,
        List<Scope> scopes,
        List<Fact> facts,
        PriceForm form,
        String currency,
        String shelfPriceInherited,
        boolean hasVariants,
        List<CustomerGroup> groups,
        List<BreakRow> rows,
        List<TrialItem> trialItems,
        String trialSku,
        RowsTrialView trial,
        List<SentencePart> sentence,
        @Nullable Beam beam,
        List<FindingView> findings,
        Map<String, String> errors,
        List<String> unsaved) {

    /** Whose prices can be edited: the product's, a variant's. */
    record Scope(String label, String note, String href, boolean current) {}

    /** A line about the product. */
    record Fact(String label, String value) {}

    /** What can be ordered in the trial. */
    record TrialItem(String sku, String name) {

        TrialItem(Item item) {
            this(
                    item.sku().value(),
                    item.variant() == null ? item.name() : item.variant().name());
        }
    }

    /** What is wrong with a field; empty where nothing is. */
    public String error(String field) {
        return errors.getOrDefault(field, "");
    }
}
