package dev.steelyard.web.editing.rows;

import dev.steelyard.web.editing.page.CommonWishes;
import dev.steelyard.web.editing.page.RowWishes;
import dev.steelyard.web.editing.page.WeightWishes;
import dev.steelyard.web.editing.page.Wish;
import dev.steelyard.web.editing.page.Wished;
import dev.steelyard.web.editing.page.Wishes;
import java.util.List;
import java.util.function.Function;

/** All that can be wished of a product's own prices. */
final class RowsWishes {

    private RowsWishes() {}

    static Wishes by(Function<Wished, WeightWishes.Scale> scale) {
        return Wishes.of(List.of(
                CommonWishes.ALL,
                RowWishes.ALL,
                WeightWishes.by(scale),
                List.of(
                        CommonWishes.MEND,
                        Wish.of("remove", wished -> wished.document().remove(wished.there())),
                        Wish.of("save", wished -> {})))); // what is typed is kept, and then put live
    }
}
