package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.batch.Batch;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * A row of a batch as it is looked at.
 *
 * @param what “from 10 for Boatyard”
 * @param by “+4.2 %”; empty where there is nothing to compare
 * @param refused the head of the column that is wrong; empty where none is
 * @param column its name in forms
 * @param cell what stands in it
 */
record PreviewRow(
        int number,
        int line,
        String outcome,
        String sku,
        String name,
        @Nullable Long productId,
        String what,
        String before,
        String after,
        String by,
        String refused,
        String column,
        String cell,
        String reason,
        List<Note> notes) {

    private static final int DECIMALS = 2;

    static PreviewRow of(BatchRow row, Batch batch, BookInForce book) {
        Item item = item(row.sku(), book);
        PriceLine said = row.after() != null ? row.after() : row.before();
        Column wrong = row.refusal() == null ? null : row.refusal().column();
        return new PreviewRow(
                row.number(),
                row.line(),
                row.outcome().name().toLowerCase(Locale.ROOT),
                row.sku(),
                item == null ? "" : item.name(),
                row.productId(),
                moved(row) ? row.before().words() + " → " + row.after().words() : said == null ? "" : said.words(),
                price(row.before()),
                price(row.after()),
                by(row.before(), row.after()),
                wrong == null ? "" : wrong.head(),
                wrong == null ? "" : wrong.name(),
                wrong == null ? "" : Mending.cells(row, batch).getOrDefault(wrong, ""),
                row.refusal() == null ? "" : row.refusal().reason(),
                row.notes());
    }

    private static boolean moved(BatchRow row) {
        return row.before() != null
                && row.after() != null
                && !row.before().words().equals(row.after().words());
    }

    private static @Nullable Item item(String sku, BookInForce book) {
        try {
            Sku known = new Sku(sku);
            Item item = book.book().item(known);
            return item != null
                    ? item
                    : book.book()
                            .product(known)
                            .map(product -> new Item(product, null))
                            .orElse(null);
        } catch (IllegalArgumentException noSku) {
            return null;
        }
    }

    private static String price(@Nullable PriceLine line) {
        return line == null ? "" : Show.money(line.price(), DECIMALS);
    }

    private static String by(@Nullable PriceLine before, @Nullable PriceLine after) {
        if (before == null || after == null || before.price().signum() == 0) {
            return "";
        }
        BigDecimal change = after.price().subtract(before.price());
        if (change.signum() == 0) {
            return "";
        }
        BigDecimal percent = change.movePointRight(2).divide(before.price(), 1, RoundingMode.HALF_UP);
        return (change.signum() > 0 ? "+" : "−") + Decimals.plain(percent.abs(), 1) + " %";
    }
}
