package dev.steelyard.web.editing.rows;

import dev.steelyard.web.base.page.ReckoningText;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A trial's answer as shown.
 *
 * @param refusal why there is no price; none where there is one
 * @param field the trial field the refusal is about; none where it is about none
 * @param next “13 more and each costs 6.20”; none where nothing gets cheaper
 */
record RowsTrialView(
        @Nullable String refusal,
        @Nullable String field,
        String perPiece,
        String total,
        @Nullable String next,
        List<ReckoningText.Line> steps,
        List<String> passedOver) {

    static RowsTrialView refused(String message, @Nullable String field) {
        return new RowsTrialView(message, field, "", "", null, List.of(), List.of());
    }
}
