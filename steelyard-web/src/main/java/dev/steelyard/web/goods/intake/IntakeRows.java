package dev.steelyard.web.goods.intake;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.core.sheet.Outcome;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.goods.GoodsRefusal;
import dev.steelyard.web.base.database.RowsInBulk;
import dev.steelyard.web.goods.batch.BatchFrame;
import dev.steelyard.web.goods.batch.NoteText;
import dev.steelyard.web.goods.batch.RowsShown;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The rows of goods sheets as they are kept. */
@Repository
class IntakeRows implements BatchFrame.Kept<IntakeRow> {

    /** Where they are. */
    static final String TABLE = "goods_batch_row";

    private static final int LONGEST = 200;
    private static final int LONGEST_REASON = 500;
    private static final List<String> COLUMNS = List.of(
            "batch_id",
            "number",
            "line",
            "outcome",
            "sku",
            "variant",
            "product_id",
            "variant_id",
            "said",
            "was",
            "will",
            "refused_column",
            "refused_value",
            "reason",
            "notes");
    private static final TypeReference<Map<String, String>> TEXTS = new TypeReference<>() {};

    private final JdbcTemplate sql;
    private final JsonMapper mapper;
    private final RowsInBulk bulk;

    IntakeRows(JdbcTemplate sql, JsonMapper mapper, RowsInBulk bulk) {
        this.bulk = bulk;
        this.sql = sql;
        this.mapper = mapper;
    }

    @Transactional
    public void insert(long batch, List<IntakeRow> rows) {
        bulk.insert(TABLE, COLUMNS, rows.stream().map(row -> values(batch, row)).toList());
    }

    /** In the order of their columns. */
    private @Nullable Object[] values(long batch, IntakeRow row) {
        GoodsRefusal refusal = row.refusal();
        return new @Nullable Object[] {
            batch,
            row.number(),
            row.line(),
            row.outcome().name(),
            NoteText.shortened(row.sku(), LONGEST),
            row.variant(),
            row.productId(),
            row.variantId(),
            mapper.writeValueAsString(row.said()),
            row.was().isEmpty() ? null : mapper.writeValueAsString(row.was()),
            row.will().isEmpty() ? null : mapper.writeValueAsString(row.will()),
            refusal == null ? null : refusal.column().name(),
            refusal == null ? null : NoteText.shortened(row.said().getOrDefault(refusal.column(), ""), LONGEST),
            refusal == null ? null : NoteText.shortened(refusal.reason(), LONGEST_REASON),
            NoteText.of(row.notes())
        };
    }

    @Transactional
    public void deleteAll(long batch) {
        sql.update("delete from goods_batch_row where batch_id = ?", batch);
    }

    /** A page of rows by number, after one of them. */
    @Override
    @Transactional(readOnly = true)
    public List<IntakeRow> page(long batch, RowsShown shown, int after, int most) {
        return query("and number > ? and " + shown.where() + " order by number limit ?", batch, after, most);
    }

    /** The same of rows that are odd in one way. */
    @Override
    @Transactional(readOnly = true)
    public List<IntakeRow> odd(long batch, Note.Code way, int after, int most) {
        return query("and number > ? and notes like ? order by number limit ?", batch, after, NoteText.like(way), most);
    }

    /** The same of rows with an outcome, of products or of variants. */
    @Transactional(readOnly = true)
    public List<IntakeRow> page(long batch, Outcome.Kind outcome, boolean variants, int after, int most) {
        return query(
                "and outcome = ? and variant = ? and number > ? order by number limit ?",
                batch,
                outcome.name(),
                variants,
                after,
                most);
    }

    @Transactional(readOnly = true)
    public List<IntakeRow> one(long batch, int number) {
        return query("and number = ?", batch, number);
    }

    /** Rows that are refused for what stands in one column, as far as it was kept. */
    @Transactional(readOnly = true)
    public List<IntakeRow> refusedFor(long batch, GoodsColumn column, String value) {
        return query(
                "and outcome = 'REFUSED' and refused_column = ? and refused_value = ? order by number",
                batch,
                column.name(),
                value);
    }

    private List<IntakeRow> query(String rest, Object... values) {
        return sql.query("select * from goods_batch_row where batch_id = ? " + rest, (row, n) -> read(row), values);
    }

    private IntakeRow read(ResultSet row) throws SQLException {
        String column = row.getString("refused_column");
        return new IntakeRow(
                row.getInt("number"),
                row.getInt("line"),
                Outcome.Kind.valueOf(row.getString("outcome")),
                row.getString("sku"),
                row.getBoolean("variant"),
                (Long) row.getObject("product_id"),
                (Long) row.getObject("variant_id"),
                texts(row.getString("said")),
                texts(row.getString("was")),
                texts(row.getString("will")),
                column == null ? null : new GoodsRefusal(GoodsColumn.valueOf(column), row.getString("reason")),
                NoteText.read(row.getString("notes")));
    }

    private Map<GoodsColumn, String> texts(@Nullable String json) {
        Map<GoodsColumn, String> texts = new EnumMap<>(GoodsColumn.class);
        if (json != null) {
            mapper.readValue(json, TEXTS).forEach((name, text) -> texts.put(GoodsColumn.valueOf(name), text));
        }
        return texts;
    }

    /** Says other texts of a row; it is to be checked again. */
    @Transactional
    public void say(long batch, int number, Map<GoodsColumn, String> said) {
        sql.update(
                "update goods_batch_row set said = ? where batch_id = ? and number = ?",
                mapper.writeValueAsString(said),
                batch,
                number);
    }

    @Override
    public int number(IntakeRow row) {
        return row.number();
    }

    @Override
    public String table() {
        return TABLE;
    }

    @Override
    public String refusedCell() {
        return "refused_value";
    }
}
