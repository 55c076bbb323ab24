package dev.steelyard.web.store.supply;

import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.format.Obj;
import dev.steelyard.format.TimeText;
import dev.steelyard.web.book.BookInForce;
import dev.steelyard.web.goods.sheets.PricesByRequest.Wanted;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Own price rows that goods shall have.
 *
 * @param places the JSON Pointer of each
 */
record PriceRowsRequest(boolean allOrNothing, List<Wanted> wanted, List<String> places) {

    private static final int MOST = 1_000;
    private static final int MOST_ROWS = 500;

    /** As it is published; the fields that are read are these. */
    @Schema(name = "PriceRowsRequest")
    record Body(
            @Schema(description = "whether one row that is refused lets nothing be done") @Nullable
                    Boolean allOrNothing,
            @Schema(description = "up to 1,000; each replaces the rows of its product, or variant, for its group whole")
                    List<OfGoods> prices) {}

    /** The rows of one product for one group. */
    @Schema(name = "PriceRowsPut")
    record OfGoods(
            String sku,
            @Schema(description = "everyone unless said") @Nullable String group,
            @Schema(description = "none takes all away") List<RowBody> rows) {}

    /** A row. */
    @Schema(name = "PriceRow")
    record RowBody(
            @Schema(description = "pieces from which it counts") int from,
            @Schema(example = "6.90") String price,
            @Schema(description = "the first day", example = "2027-04-01") @Nullable String starts,
            @Schema(description = "the last day", example = "2027-04-30") @Nullable String ends) {}

    static PriceRowsRequest read(Obj in, BookInForce book) {
        List<String> places = new ArrayList<>();
        List<Wanted> wanted = in.objects("prices", one -> {
            places.add(one.place());
            return ofGoods(one, book);
        });
        if (wanted.isEmpty() || wanted.size() > MOST) {
            in.fault("prices", "1 to " + MOST + " products, not " + wanted.size());
        }
        return new PriceRowsRequest(in.flag("allOrNothing", false), wanted, places);
    }

    private static Wanted ofGoods(Obj in, BookInForce book) {
        String group = in.optionalText("group");
        if (group != null && !book.groups().contains(group)) {
            in.fault("group", "there is no group “" + group + "”; there are " + String.join(", ", book.groups()));
        }
        if (!in.has("rows")) {
            in.fault("rows", "“rows” is missing; an empty list takes all rows away");
        }
        List<PriceLine> rows = in.objects("rows", row -> row(row, group));
        if (rows.size() > MOST_ROWS) {
            in.fault("rows", "at most " + MOST_ROWS + " rows, not " + rows.size());
        }
        Wanted wanted = new Wanted(in.text("sku"), group, rows);
        in.done();
        return wanted;
    }

    private static PriceLine row(Obj in, @Nullable String group) {
        int from = in.whole("from", Quantity.LEAST, Quantity.MOST);
        BigDecimal price = in.decimal("price");
        LocalDate starts = in.parsed("starts", TimeText.DAY);
        LocalDate ends = in.parsed("ends", TimeText.DAY);
        if (starts != null && ends != null && ends.isBefore(starts)) {
            in.fault("ends", ends + " is before " + starts);
            ends = null;
        }
        in.done();
        return new PriceLine(group, from, price, new Validity(starts, ends == null ? null : ends.plusDays(1)));
    }
}
