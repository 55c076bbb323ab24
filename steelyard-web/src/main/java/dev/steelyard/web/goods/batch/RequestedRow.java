package dev.steelyard.web.goods.batch;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.Outcome;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What became of a row that a program sent.
 *
 * @param number its place among the rows, from 1
 * @param at the column that a refusal is about; none where it is not refused
 * @param reason why it is refused; none where it is not
 * @param notes what is odd about it, though it is taken
 */
public record RequestedRow(
        int number, String sku, Outcome.Kind outcome, @Nullable String at, @Nullable String reason, List<Note> notes) {

    public boolean isRefused() {
        return outcome == Outcome.Kind.REFUSED;
    }
}
