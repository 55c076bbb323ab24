package dev.steelyard.format;

import dev.steelyard.core.card.ShopPage;
import dev.steelyard.core.ladder.BreakWords;

/** Reads how the shop page shows a card and its breaks. */
final class ShopPageReader {

    private ShopPageReader() {}

    static ShopPage read(Obj in) {
        ShopPage usual = ShopPage.USUAL;
        ShopPage page = new ShopPage(
                in.word("measurements", FormatWords.FIELDS, usual.measurements()),
                in.flag("amount", usual.amount()),
                in.flag("suffix", usual.suffix()),
                in.word("table", FormatWords.TABLES, usual.table()),
                in.flag("saving", usual.saving()),
                in.word("shape", FormatWords.SHAPES, usual.shape()),
                in.word("reckoning", FormatWords.RECKONINGS, usual.reckoning()),
                in.texts("sides"));
        in.done();
        return page;
    }

    static BreakWords words(Obj in) {
        BreakWords words = new BreakWords(
                in.optionalWording("title"),
                in.optionalWording("before"),
                in.word("figure", FormatWords.FIGURES, BreakWords.Figure.NONE),
                in.optionalWording("after"),
                in.optionalWording("mark"));
        in.done();
        return words;
    }
}
