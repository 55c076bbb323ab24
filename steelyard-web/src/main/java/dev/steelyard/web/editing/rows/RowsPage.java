package dev.steelyard.web.editing.rows;

import dev.steelyard.web.base.picture.Beam;
import dev.steelyard.web.editing.page.DraftFields;
import dev.steelyard.web.editing.table.LadderTable;
import dev.steelyard.web.editing.trial.CardTrialView;
import dev.steelyard.web.editing.trial.Weights;
import dev.steelyard.web.editing.words.FindingLine;
import dev.steelyard.web.goods.ListedPrices;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the page of a product's prices shows beside its frame.
 *
 * @param at where the prices of the step stand; empty for the product's own
 * @param inherited the shelf price that counts where none is typed
 * @param beam none where no curve can be drawn yet
 * @param unpublished how what is typed differs from what shoppers see, in words
 * @param why what is typed for why it changes
 */
record RowsPage(
        DraftFields fields,
        String at,
        String sku,
        String firstSku,
        boolean hasVariants,
        String inherited,
        List<String> groups,
        LadderTable table,
        @Nullable Beam beam,
        CardTrialView trial,
        List<FindingLine> findings,
        List<Weights.View> weights,
        List<Fact> facts,
        ListedPrices.Listed listed,
        List<String> unpublished,
        String why) {

    /** A line about the product. */
    record Fact(String label, String value) {}

    /** Nothing is drawn to scale. */
    public @Nullable Object drawing() {
        return null;
    }
}
