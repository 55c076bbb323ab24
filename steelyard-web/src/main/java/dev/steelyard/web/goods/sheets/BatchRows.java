package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.ladder.Validity;
import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.core.sheet.PriceLine;
import dev.steelyard.core.sheet.RowKey;
import dev.steelyard.core.sheet.SheetRow;
import dev.steelyard.web.base.database.RowsInBulk;
import dev.steelyard.web.goods.OpenDays;
import dev.steelyard.web.goods.batch.BatchFrame;
import dev.steelyard.web.goods.batch.NoteText;
import dev.steelyard.web.goods.batch.RowsShown;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The rows of batches as they are kept. */
@Repository
class BatchRows implements BatchFrame.Kept<BatchRow> {

    /** Where they are. */
    static final String TABLE = "price_batch_row";

    /** In SQL, the cell for which a row is refused, where its cells are kept. */
    static final String REFUSED_CELL = "json_value(cells, concat('$.', refused_column))";

    private static final int LONGEST_SKU = 200;
    private static final int LONGEST_REASON = 500;
    private static final List<String> COLUMNS = List.of(
            "batch_id",
            "number",
            "line",
            "outcome",
            "sku",
            "name",
            "product_id",
            "variant_id",
            "wish",
            "group_id",
            "from_pieces",
            "to_pieces",
            "price",
            "starts",
            "ends",
            "row_key",
            "target",
            "target_id",
            "old_group_id",
            "old_from",
            "old_price",
            "old_starts",
            "old_ends",
            "refused_column",
            "reason",
            "notes",
            "cells");

    private final JdbcTemplate sql;
    private final Shops shops;
    private final JsonMapper mapper;
    private final RowsInBulk bulk;

    BatchRows(JdbcTemplate sql, Shops shops, JsonMapper mapper, RowsInBulk bulk) {
        this.bulk = bulk;
        this.sql = sql;
        this.shops = shops;
        this.mapper = mapper;
    }

    /** What packs rows of a batch, at several places at once. */
    Function<List<BatchRow>, RowsInBulk.Packed> packing(long batch) {
        Map<String, Long> groups =
                shops.groups().stream().collect(Collectors.toMap(CustomerGroup::name, CustomerGroup::id));
        return rows ->
                bulk.pack(rows.stream().map(row -> values(batch, row, groups)).toList());
    }

    @Transactional
    public void insertPacked(List<RowsInBulk.Packed> rows) {
        bulk.insertPacked(TABLE, COLUMNS, rows);
    }

    @Transactional
    public void insert(long batch, List<BatchRow> rows) {
        insertPacked(List.of(packing(batch).apply(rows)));
    }

    /** Takes the place of rows of the same numbers. */
    @Transactional
    public void replace(long batch, List<BatchRow> rows) {
        sql.batchUpdate(
                "delete from price_batch_row where batch_id = ? and number = ?",
                rows.stream().map(row -> new Object[] {batch, row.number()}).toList());
        insert(batch, rows);
    }

    @Transactional
    public void replaceAll(long batch, List<RowsInBulk.Packed> rows) {
        deleteAll(batch);
        insertPacked(rows);
    }

    @Transactional
    public void deleteAll(long batch) {
        sql.update("delete from price_batch_row where batch_id = ?", batch);
    }

    /** The same of rows that are odd in one way. */
    @Override
    @Transactional(readOnly = true)
    public List<BatchRow> odd(long batch, Note.Code way, int after, int most) {
        return query(
                "where batch_id = ? and number > ? and notes like ? order by number limit ?",
                batch,
                after,
                NoteText.like(way),
                most);
    }

    /** A page of rows by number, after one of them. */
    @Override
    @Transactional(readOnly = true)
    public List<BatchRow> page(long batch, RowsShown shown, int after, int most) {
        return query(
                "where batch_id = ? and number > ? and " + shown.where() + " order by number limit ?",
                batch,
                after,
                most);
    }

    @Transactional(readOnly = true)
    public List<BatchRow> one(long batch, int number) {
        return query("where batch_id = ? and number = ?", batch, number);
    }

    /** All rows that are about some SKUs. */
    @Transactional(readOnly = true)
    public List<BatchRow> ofSkus(long batch, Collection<String> skus) {
        List<Object> values = new ArrayList<>(List.of(batch));
        values.addAll(skus);
        return query(
                "where batch_id = ? and sku in (" + String.join(",", Collections.nCopies(skus.size(), "?"))
                        + ") order by number",
                values.toArray());
    }

    /** Rows that are refused for what stands in one column. */
    @Transactional(readOnly = true)
    public List<BatchRow> refusedFor(long batch, Column column, String value) {
        return query(
                "where batch_id = ? and outcome = 'REFUSED' and refused_column = ? and " + REFUSED_CELL
                        + " = ? order by number",
                batch,
                column.name(),
                value);
    }

    private List<BatchRow> query(String rest, Object... values) {
        Map<Long, String> groups =
                shops.groups().stream().collect(Collectors.toMap(CustomerGroup::id, CustomerGroup::name));
        return sql.query("select * from price_batch_row " + rest, (row, number) -> read(row, groups), values);
    }

    /** In the order of their columns. */
    private @Nullable Object[] values(long batch, BatchRow row, Map<String, Long> groups) {
        SheetRow read = row.row();
        Validity days = read == null ? Validity.ALWAYS : read.validity();
        PriceLine before = row.before();
        Validity daysBefore = before == null ? Validity.ALWAYS : before.validity();
        Outcome.Refusal refusal = row.refusal();
        return new @Nullable Object[] {
            batch,
            row.number(),
            row.line(),
            row.outcome().name(),
            NoteText.shortened(row.sku(), LONGEST_SKU),
            NoteText.shortened(row.name(), LONGEST_SKU),
            row.productId(),
            row.variantId(),
            (read == null ? SheetRow.Wish.SET : read.wish()).name(),
            read == null || read.group() == null ? null : groups.get(read.group()),
            read == null ? null : read.from(),
            read == null ? null : read.to(),
            read == null ? null : read.price(),
            OpenDays.starts(days),
            OpenDays.ends(days),
            read == null || read.key() == null ? null : read.key().toString(),
            row.target() == null ? null : row.target().kind().letter(),
            row.target() == null ? null : row.target().id(),
            before == null || before.group() == null ? null : groups.get(before.group()),
            before == null ? null : before.from(),
            before == null ? null : before.price(),
            OpenDays.starts(daysBefore),
            OpenDays.ends(daysBefore),
            refusal == null ? null : refusal.column().name(),
            refusal == null ? null : NoteText.shortened(refusal.reason(), LONGEST_REASON),
            NoteText.of(row.notes()),
            row.cells().isEmpty() ? null : mapper.writeValueAsString(row.cells())
        };
    }

    private BatchRow read(ResultSet row, Map<Long, String> groups) throws SQLException {
        String cells = row.getString("cells");
        String target = row.getString("target");
        String column = row.getString("refused_column");
        String sku = row.getString("sku");
        Outcome.Kind outcome = Outcome.Kind.valueOf(row.getString("outcome"));
        PriceLine said = line(row, groups, "");
        SheetRow read = cells != null ? null : sheetRow(row, groups);
        return new BatchRow(
                row.getInt("number"),
                row.getInt("line"),
                outcome,
                sku,
                row.getString("name"),
                (Long) row.getObject("product_id"),
                (Long) row.getObject("variant_id"),
                read,
                target == null ? null : new BatchRow.Target(RowKey.Kind.ofLetter(target), row.getLong("target_id")),
                row.getBigDecimal("old_price") == null ? null : line(row, groups, "old_"),
                outcome == Outcome.Kind.REFUSED || outcome == Outcome.Kind.REMOVE ? null : said,
                column == null ? null : new Outcome.Refusal(Column.valueOf(column), row.getString("reason")),
                NoteText.read(row.getString("notes")),
                cells == null ? Map.of() : cells(cells));
    }

    private static @Nullable PriceLine line(ResultSet row, Map<Long, String> groups, String which) throws SQLException {
        BigDecimal price = row.getBigDecimal(which + "price");
        Integer from = (Integer) row.getObject(which.isEmpty() ? "from_pieces" : "old_from");
        return price == null
                ? null
                : new PriceLine(group(row, groups, which + "group_id"), from, price, days(row, which));
    }

    private static SheetRow sheetRow(ResultSet row, Map<Long, String> groups) throws SQLException {
        String key = row.getString("row_key");
        return new SheetRow(
                row.getInt("line"),
                group(row, groups, "group_id"),
                (Integer) row.getObject("from_pieces"),
                (Integer) row.getObject("to_pieces"),
                row.getBigDecimal("price"),
                days(row, ""),
                key == null ? null : RowKey.parse(key).orElseThrow(),
                SheetRow.Wish.valueOf(row.getString("wish")));
    }

    private static @Nullable String group(ResultSet row, Map<Long, String> groups, String column) throws SQLException {
        Long id = (Long) row.getObject(column);
        return id == null ? null : groups.get(id);
    }

    private static Validity days(ResultSet row, String which) throws SQLException {
        return OpenDays.validity(row.getString(which + "starts"), row.getString(which + "ends"));
    }

    private Map<Column, String> cells(String json) {
        Map<String, String> named = mapper.readValue(json, new TypeReference<Map<String, String>>() {});
        Map<Column, String> cells = new EnumMap<>(Column.class);
        named.forEach((name, text) -> cells.put(Column.valueOf(name), text));
        return cells;
    }

    @Override
    public int number(BatchRow row) {
        return row.number();
    }

    @Override
    public String table() {
        return TABLE;
    }

    @Override
    public String refusedCell() {
        return REFUSED_CELL;
    }
}
