package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.format.sheet.ReadRow;
import dev.steelyard.format.sheet.RowReader;
import dev.steelyard.format.sheet.SheetCells;
import dev.steelyard.web.goods.batch.Batch;
import dev.steelyard.web.goods.batch.BatchState;
import dev.steelyard.web.goods.batch.Batches;
import dev.steelyard.web.goods.sheets.SheetChecks.Numbered;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Changes cells of a row in a batch that is being looked at; the rows of all goods it is about are checked again. */
@Component
class Mending {

    private static final int AT_A_TIME = 500;

    private final Batches batches;
    private final BatchRows rows;
    private final SheetChecks checker;
    private final Reading reading;
    private final JdbcTemplate sql;

    Mending(Batches batches, BatchRows rows, SheetChecks checker, Reading reading, JdbcTemplate sql) {
        this.batches = batches;
        this.rows = rows;
        this.checker = checker;
        this.reading = reading;
        this.sql = sql;
    }

    /** One row. @return whether the batch was one to be looked at and has such a row */
    @Transactional
    public boolean mend(long id, int number, Map<Column, String> typed) {
        return mend(id, rows.one(id, number), typed);
    }

    /** All rows that are refused for what stands in one column. @return whether there were any */
    @Transactional
    public boolean alike(long id, Column column, String value, Map<Column, String> typed) {
        List<BatchRow> all = rows.refusedFor(id, column, value);
        boolean mended = false;
        for (int from = 0; from < all.size(); from += AT_A_TIME) {
            mended |= mend(id, all.subList(from, Math.min(all.size(), from + AT_A_TIME)), typed);
        }
        return mended;
    }

    private boolean mend(long id, List<BatchRow> some, Map<Column, String> typed) {
        Batch batch = held(id);
        if (batch == null || some.isEmpty()) {
            return false;
        }
        RowReader reader = new RowReader(reading.shop(), batch.plan(), batch.onlyShelf());
        Map<Integer, ReadRow> mended = new LinkedHashMap<>();
        Set<String> skus = new TreeSet<>();
        for (BatchRow old : some) {
            Map<Column, String> cells = cells(old, batch);
            cells.putAll(typed);
            ReadRow read = reader.readTexts(old.line(), cells);
            mended.put(old.number(), read);
            skus.addAll(List.of(old.sku(), read.sku()));
        }
        List<Numbered> again = new ArrayList<>();
        for (BatchRow row : rows.ofSkus(id, skus)) {
            ReadRow read = mended.remove(row.number());
            again.add(new Numbered(row.number(), read == null ? asRead(row) : read));
        }
        mended.forEach((number, read) -> again.add(new Numbered(number, read)));
        checker.check(id, again, checked -> rows.replace(id, checked));
        batches.count(id, BatchRows.TABLE);
        return true;
    }

    /** Locked, so that it is not applied while a row of it is changed. */
    private @Nullable Batch held(long id) {
        sql.query("select id from price_batch where id = ? for update", row -> {}, id);
        return batches.find(id)
                .filter(batch -> batch.state() == BatchState.READY)
                .orElse(null);
    }

    /** The cells of a row as texts. */
    static Map<Column, String> cells(BatchRow row, Batch batch) {
        return row.row() == null
                ? new EnumMap<>(row.cells())
                : SheetCells.of(row.sku(), Objects.requireNonNull(row.row()), batch.form());
    }

    /** A row as it was before it was checked. */
    static ReadRow asRead(BatchRow row) {
        return new ReadRow(
                row.line(), row.sku(), row.name(), row.row(), row.row() == null ? row.refusal() : null, row.cells());
    }
}
