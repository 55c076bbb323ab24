package dev.steelyard.web.goods.sheets;

import dev.steelyard.format.columns.DayOrder;
import dev.steelyard.format.columns.FileLook.Seen;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.web.base.page.Fingerprint;
import dev.steelyard.web.goods.batch.Batch;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What was said of the columns of files, by their heads: for the next file with the same ones. */
@Repository
class KnownColumns {

    private final JdbcTemplate sql;
    private final JsonMapper mapper;

    KnownColumns(JdbcTemplate sql, JsonMapper mapper) {
        this.sql = sql;
        this.mapper = mapper;
    }

    /**
     * What somebody picked, each by number of the column.
     *
     * @param picks names of columns, or that one is left out
     * @param signs before the decimals, where that was picked
     * @param orders of days, where that was picked
     */
    record Picked(Map<Integer, String> picks, Map<Integer, CsvForm> signs, Map<Integer, DayOrder> orders) {

        Picked {
            picks = Map.copyOf(picks);
            signs = Map.copyOf(signs);
            orders = Map.copyOf(orders);
        }
    }

    @Transactional(readOnly = true)
    public Optional<Picked> find(Batch.Origin origin, Seen seen) {
        return sql
                .queryForList(
                        "select picked from sheet_columns where origin = ? and heads = ?",
                        String.class,
                        origin.name(),
                        Fingerprint.of(seen.heads()))
                .stream()
                .findFirst()
                .map(json -> mapper.readValue(json, Picked.class));
    }

    @Transactional
    public void keep(Batch.Origin origin, Seen seen, Picked picked, String by) {
        sql.update(
                "replace into sheet_columns (origin, heads, picked, kept_at, kept_by) values (?, ?, ?, utc_timestamp(6), ?)",
                origin.name(),
                Fingerprint.of(seen.heads()),
                mapper.writeValueAsString(picked),
                by);
    }
}
