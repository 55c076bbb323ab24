package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.format.sheet.ReadRow;
import dev.steelyard.format.sheet.RowReader;
import dev.steelyard.format.sheet.SheetCells;
import dev.steelyard.web.goods.sheets.SheetChecks.Numbered;
import java.util.ArrayList;
import java.util.EnumMap;
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

    /** @return whether the batch was one to be looked at and has such a row */
    @Transactional
    public boolean mend(long id, int number, Map<Column, String> typed) {
        Batch batch = held(id);
        if (batch == null) {
            return false;
        }
        List<BatchRow> found = rows.one(id, number);
        if (found.isEmpty()) {
            return false;
        }
        BatchRow old = found.get(0);
        Map<Column, String> cells = cells(old, batch);
        cells.putAll(typed);
        ReadRow mended = new RowReader(reading.shop(), batch.form(), batch.onlyShelf()).readTexts(old.line(), cells);
        Set<String> skus = new TreeSet<>(List.of(old.sku(), mended.sku()));
        List<Numbered> again = new ArrayList<>();
        boolean there = false;
        for (BatchRow row : rows.ofSkus(id, skus)) {
            boolean itself = row.number() == number;
            there |= itself;
            again.add(new Numbered(row.number(), itself ? mended : asRead(row)));
        }
        if (!there) {
            again.add(new Numbered(number, mended));
        }
        checker.check(id, again, checked -> rows.replace(id, checked));
        batches.count(id);
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
        return new ReadRow(row.line(), row.sku(), row.row(), row.row() == null ? row.refusal() : null, row.cells());
    }
}
