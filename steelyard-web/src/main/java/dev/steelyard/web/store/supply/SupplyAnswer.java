package dev.steelyard.web.store.supply;

import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.web.goods.batch.RequestedRow;
import dev.steelyard.words.Words;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** What became of each row. */
@Schema(name = "Supplied")
record SupplyAnswer(
        @Schema(description = "whether anything was done") boolean applied,
        @Schema(
                        description =
                                "whether it waits among the sheets for somebody to apply it, since the shop asks for two pairs of eyes")
                boolean waits,
        @Schema(description = "under which the owner finds it among the sheets, and can undo it") long sheet,
        int added,
        int changed,
        int removed,
        int same,
        int refused,
        List<Row> rows) {

    /** One row. */
    @Schema(name = "SuppliedRow")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Row(
            @Schema(
                            description =
                                    "where it stands in the request, a JSON Pointer; absent where a row that was there goes")
                    @Nullable
                    String at,
            String sku,
            @Schema(example = "changed") String outcome,
            @Schema(description = "what is refused, in a word") @Nullable String of,
            @Schema(description = "why it is refused") @Nullable String say,
            @Schema(description = "what is odd about it, though it is taken") List<String> notes) {

        static Row of(RequestedRow row, @Nullable String at) {
            return new Row(
                    at,
                    row.sku(),
                    switch (row.outcome()) {
                        case ADD -> "added";
                        case CHANGE -> "changed";
                        case REMOVE -> "removed";
                        case SAME -> "same";
                        case REFUSED -> "refused";
                    },
                    row.at() == null ? null : row.at().toLowerCase(Locale.ROOT).replace('_', ' '),
                    row.reason(),
                    row.notes().stream().map(Row::say).toList());
        }

        private static String say(Note note) {
            return note.finding() == null ? note.words() : Words.owners().say(note.finding());
        }
    }

    static int count(List<RequestedRow> rows, Outcome.Kind kind) {
        return (int) rows.stream().filter(row -> row.outcome() == kind).count();
    }
}
