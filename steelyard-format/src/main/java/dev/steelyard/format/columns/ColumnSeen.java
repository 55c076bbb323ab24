package dev.steelyard.format.columns;

import dev.steelyard.format.table.CsvForm;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A column of a file as it was found.
 *
 * @param place its number in the file, from 0
 * @param head as it is written; empty where it has none
 * @param filled how many of its cells hold something
 * @param examples the first few different cells
 * @param values a few dozen different cells, for telling what they are
 * @param sign before the decimals of its numbers; none where no cell tells
 * @param twoWays a cell that is one number to one reader and another to another, where none tells; empty for none
 * @param mixed a cell with the other sign than {@code sign}; empty for none
 * @param order of its days; none where no cell tells
 * @param twoDays a cell that is two days to two readers, where none tells; empty for none
 */
public record ColumnSeen(
        int place,
        String head,
        int filled,
        List<String> examples,
        Set<String> values,
        @Nullable CsvForm sign,
        String twoWays,
        String mixed,
        @Nullable DayOrder order,
        String twoDays) {

    /** Its head, or the number of the column where it has none. */
    public String shown() {
        return head.isEmpty() ? "column " + (place + 1) + ", without a head" : head;
    }
}
