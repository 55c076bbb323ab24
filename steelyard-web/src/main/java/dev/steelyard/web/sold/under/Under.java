package dev.steelyard.web.sold.under;

import dev.steelyard.web.base.picture.Bars;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was sold, under a beam.
 *
 * @param bars none where nothing was sold
 * @param sentence what there is to say
 * @param rows one for each break
 * @param link to what was sold, in figures
 */
public record Under(@Nullable Bars bars, String sentence, List<Row> rows, String link) {

    /**
     * A break and the orders about it.
     *
     * @param from “from 10 pieces”
     * @param at orders that reached this break and no further one
     * @param near orders that stood within reach below it
     */
    public record Row(String from, long at, long near) {}
}
