package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.KeptPrice;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.core.sheet.RowKey;
import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.web.goods.GoodsPrices;
import dev.steelyard.web.goods.GoodsPrices.Priced;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchWork;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.goods.batch.Requested;
import dev.steelyard.web.goods.batch.RequestedRow;
import dev.steelyard.web.goods.batch.RowsShown;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Own price rows that a program sends: the same checks, history and undoing as for a price sheet, while it waits. */
@Service
public class PricesByRequest {

    private static final int MOST = 100_000;

    private final Batches batches;
    private final BatchWork work;
    private final Reading reading;
    private final BatchRows rows;
    private final GoodsPrices prices;

    PricesByRequest(Batches batches, BatchWork work, Reading reading, BatchRows rows, GoodsPrices prices) {
        this.batches = batches;
        this.work = work;
        this.reading = reading;
        this.rows = rows;
        this.prices = prices;
    }

    /**
     * The own price rows that one product, or variant, shall have for one group, whole.
     *
     * @param group none for everyone
     */
    public record Wanted(String sku, @Nullable String group, List<PriceLine> rows) {}

    /**
     * Sets them.
     *
     * @param allOrNothing whether one refused row lets nothing be done
     * @param waits whether somebody else is to apply it
     */
    public Requested put(String title, List<Wanted> wanted, boolean allOrNothing, boolean waits, String by) {
        long batch = batches.begin(Batch.Origin.ACTION, title, ColumnPlan.TYPED, null, by);
        Map<String, Priced> now =
                prices.bySku(wanted.stream().map(Wanted::sku).distinct().toList());
        List<PriceWish> wishes = new ArrayList<>();
        wanted.forEach(one -> wishes.addAll(wishes(one, now.get(one.sku()))));
        return work.atOnce(
                batch,
                pulse -> {
                    if (!wishes.isEmpty()) { // what has no own rows may be asked to have none
                        reading.wishes(batch, wishes, pulse);
                    }
                },
                allOrNothing,
                waits,
                by,
                () -> rows.page(batch, RowsShown.ALL, 0, MOST).stream()
                        .map(PricesByRequest::row)
                        .toList());
    }

    /** What is there and not wanted goes; what is wanted is set. */
    private static List<PriceWish> wishes(Wanted wanted, @Nullable Priced now) {
        List<PriceWish> wishes = new ArrayList<>();
        if (now != null) {
            for (KeptPrice kept : now.now().kept()) {
                PriceLine line = kept.line();
                boolean ours = kept.kind() == RowKey.Kind.ROW && Objects.equals(line.group(), wanted.group());
                if (ours && wanted.rows().stream().noneMatch(line::sameAs)) {
                    wishes.add(new PriceWish(wanted.sku(), line, kept.key(), true));
                }
            }
        }
        wanted.rows().forEach(line -> wishes.add(new PriceWish(wanted.sku(), line, null, false)));
        return wishes;
    }

    private static RequestedRow row(BatchRow row) {
        return new RequestedRow(
                row.number(),
                row.sku(),
                row.outcome(),
                row.refusal() == null ? null : row.refusal().column().name(),
                row.refusal() == null ? null : row.refusal().reason(),
                row.notes());
    }
}
