package dev.steelyard.web.goods.intake;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.goods.GoodsRefusal;
import dev.steelyard.web.goods.GoodsInBulk;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A row of a goods sheet as it was checked.
 *
 * @param number its place in the batch, from 1
 * @param variant whether it is about a variant
 * @param productId of its product, or that it will have; none where it is refused
 * @param variantId of its variant; none of a product
 * @param said its cells as texts
 * @param was what was said when it was checked; empty of what is new
 * @param will what shall be said; empty where it is refused or left out
 */
record IntakeRow(
        int number,
        int line,
        Outcome.Kind outcome,
        String sku,
        boolean variant,
        @Nullable Long productId,
        @Nullable Long variantId,
        Map<GoodsColumn, String> said,
        Map<GoodsColumn, String> was,
        Map<GoodsColumn, String> will,
        @Nullable GoodsRefusal refusal,
        List<Note> notes) {

    IntakeRow refused(GoodsColumn column, String reason) {
        return new IntakeRow(
                number,
                line,
                Outcome.Kind.REFUSED,
                sku,
                variant,
                null,
                null,
                said,
                Map.of(),
                Map.of(),
                new GoodsRefusal(column, reason),
                List.of());
    }

    IntakeRow noted(List<Note> more) {
        return new IntakeRow(number, line, outcome, sku, variant, productId, variantId, said, was, will, refusal, more);
    }

    /** As it is written: as it shall be, or as it was. */
    GoodsInBulk.Said written(boolean back) {
        return new GoodsInBulk.Said(productId == null ? 0 : productId, variantId, back ? was : will);
    }
}
