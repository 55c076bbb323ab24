package dev.steelyard.web.goods.batch;

import dev.steelyard.core.sheet.Column;
import dev.steelyard.core.sheet.Note;
import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.table.CsvForm;
import dev.steelyard.format.table.TableKind;
import dev.steelyard.web.base.database.RowIds;
import dev.steelyard.web.base.database.UtcColumns;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Batches as they are kept. Each step from one state to another is one statement that asks for the state before, so that of
 * two who try only one goes on. Who works on a batch lets its beat be seen; one without a beat was left by a process that
 * ended.
 */
@Repository
public class Batches {

    private static final int LONGEST_TITLE = 300;
    private static final int LONGEST_MESSAGE = 2000;

    private final JdbcClient sql;
    private final RowIds ids;
    private final Clock clock;
    private final JsonMapper mapper;
    private final Duration leftAfter;
    private final TransactionTemplate apart;

    /** @param leftAfter how long after its last beat a batch counts as left */
    Batches(
            JdbcClient sql,
            RowIds ids,
            Clock clock,
            JsonMapper mapper,
            PlatformTransactionManager transactions,
            @Value("${steelyard.batches.left-after:15s}") Duration leftAfter) {
        this.sql = sql;
        this.ids = ids;
        this.clock = clock;
        this.mapper = mapper;
        this.leftAfter = leftAfter;
        this.apart = new TransactionTemplate(transactions);
        this.apart.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /** Begins one that is being read. @return its number */
    public long begin(Batch.Origin origin, String title, ColumnPlan plan, @Nullable String fingerprint, String by) {
        long id = ids.next();
        sql.sql(
                        "insert into price_batch (id, origin, title, fingerprint, kind, form, plan, state, made_at, made_by, beat_at)"
                                + " values (?, ?, ?, ?, 'CSV', ?, ?, 'READING', ?, ?, utc_timestamp(6))")
                .params(
                        id,
                        origin.name(),
                        NoteText.shortened(title, LONGEST_TITLE),
                        fingerprint,
                        form(origin, plan).name(),
                        mapper.writeValueAsString(plan),
                        now(),
                        by)
                .update();
        return id;
    }

    /** How refused rows are given back: with the sign that prices came with. */
    private static CsvForm form(Batch.Origin origin, ColumnPlan plan) {
        return plan.sign(origin == Batch.Origin.GOODS ? GoodsColumn.SHELF_PRICE : Column.PRICE);
    }

    private LocalDateTime now() {
        return UtcColumns.utc(clock.instant());
    }

    public Optional<Batch> find(long id) {
        return sql.sql("select * from price_batch where id = ?")
                .param(id)
                .query(this::batch)
                .optional();
    }

    /** The latest, newest first. */
    public List<Batch> latest(int most) {
        return sql.sql("select * from price_batch order by made_at desc, id desc limit ?")
                .param(most)
                .query(this::batch)
                .list();
    }

    /** One that was applied and came from the very same file. */
    public Optional<Batch> appliedTwin(long id) {
        return sql.sql("select o.* from price_batch o join price_batch b on b.fingerprint = o.fingerprint"
                        + " where b.id = ? and o.id <> b.id and o.state = 'APPLIED' order by o.applied_at desc limit 1")
                .param(id)
                .query(this::batch)
                .optional();
    }

    /** Goes from one state to another. @return whether it did */
    public boolean go(long id, BatchState from, BatchState to, String message) {
        return sql.sql("update price_batch set state = ?, message = ?, cancel_asked = false, beat_at = utc_timestamp(6)"
                                + " where id = ? and state = ?")
                        .params(to.name(), NoteText.shortened(message, LONGEST_MESSAGE), id, from.name())
                        .update()
                == 1;
    }

    /** What the file turned out to be. */
    public void known(long id, TableKind kind, boolean onlyShelf) {
        sql.sql("update price_batch set kind = ?, only_shelf = ? where id = ?")
                .params(kind.name(), onlyShelf, id)
                .update();
    }

    /**
     * Says how far it is, seen at once also while the caller's transaction goes on; that one must not have written to the
     * batch's own row yet.
     *
     * @return whether somebody has asked to cancel
     */
    boolean progress(long id, Batch.Progress progress) {
        return Boolean.TRUE.equals(apart.execute(status -> {
            sql.sql("update price_batch set rows_read = ?, rows_checked = ?, rows_written = ?, rows_total = ?,"
                            + " beat_at = utc_timestamp(6) where id = ?")
                    .params(progress.read(), progress.checked(), progress.written(), progress.total(), id)
                    .update();
            return isCancelAsked(id);
        }));
    }

    public void beat(long id) {
        sql.sql("update price_batch set beat_at = utc_timestamp(6) where id = ?")
                .param(id)
                .update();
    }

    /** Asks whoever works on it to stop. */
    public void askToCancel(long id) {
        sql.sql(
                        "update price_batch set cancel_asked = true where id = ? and state in ('READING', 'APPLYING', 'UNDOING')")
                .param(id)
                .update();
    }

    private boolean isCancelAsked(long id) {
        return sql.sql("select cancel_asked from price_batch where id = ?")
                .param(id)
                .query(Boolean.class)
                .optional()
                .orElse(true);
    }

    /** What its rows were counted to be. */
    public void counted(long id, RowCounts rows) {
        Batch.Totals totals = rows.totals();
        sql.sql("update price_batch set added = ?, changed = ?, removed = ?, same = ?, refused = ?, noted = ?, odd = ?,"
                        + " tenfold = ? where id = ?")
                .params(
                        totals.added(),
                        totals.changed(),
                        totals.removed(),
                        totals.same(),
                        totals.refused(),
                        totals.noted(),
                        rows.odd().entrySet().stream()
                                .map(one -> one.getKey().name() + ":" + one.getValue())
                                .collect(Collectors.joining(",")),
                        rows.odd().getOrDefault(Note.Code.TENFOLD, 0),
                        id)
                .update();
    }

    /** Counts its rows anew, where only some of them were changed. @param table that has them */
    public void count(long id, String table) {
        sql.sql("update price_batch b join (select"
                        + " coalesce(sum(outcome = 'ADD'), 0) as a, coalesce(sum(outcome = 'CHANGE'), 0) as c,"
                        + " coalesce(sum(outcome = 'REMOVE'), 0) as r, coalesce(sum(outcome = 'SAME'), 0) as s,"
                        + " coalesce(sum(outcome = 'REFUSED'), 0) as x, coalesce(sum(notes is not null), 0) as n"
                        + " from " + table + " where batch_id = ?) t"
                        + " set b.added = t.a, b.changed = t.c, b.removed = t.r, b.same = t.s, b.refused = t.x, b.noted = t.n"
                        + " where b.id = ?")
                .params(id, id)
                .update();
        Map<String, Object> odd = sql.sql("select "
                        + Arrays.stream(Note.Code.values())
                                .map(code ->
                                        "coalesce(sum(notes like '" + NoteText.like(code) + "'), 0) as " + code.name())
                                .collect(Collectors.joining(", "))
                        + " from " + table + " where batch_id = ? and notes is not null")
                .param(id)
                .query()
                .singleRow();
        sql.sql("update price_batch set odd = ?, tenfold = ? where id = ?")
                .params(
                        Arrays.stream(Note.Code.values())
                                .filter(code -> !odd.get(code.name()).toString().equals("0"))
                                .map(code -> code.name() + ":" + odd.get(code.name()))
                                .collect(Collectors.joining(",")),
                        odd.get(Note.Code.TENFOLD.name()),
                        id)
                .update();
    }

    private static Map<Note.Code, Integer> odd(String text) {
        Map<Note.Code, Integer> odd = new EnumMap<>(Note.Code.class);
        for (String one : text.split(",")) {
            String[] parts = one.split(":");
            if (parts.length == 2) {
                odd.put(Note.Code.valueOf(parts[0]), Integer.parseInt(parts[1]));
            }
        }
        return odd;
    }

    /** In the transaction that applied it. @return whether it was still being applied */
    public boolean applied(long id, String by, int written) {
        return sql.sql("update price_batch set state = 'APPLIED', message = '', applied_at = ?, applied_by = ?,"
                                + " rows_written = ? where id = ? and state = 'APPLYING'")
                        .params(now(), by, written, id)
                        .update()
                == 1;
    }

    /** In the transaction that took it back. @return whether it was still being undone */
    public boolean undone(long id, String by) {
        return sql.sql("update price_batch set state = 'UNDONE', message = '', undone_at = ?, undone_by = ?"
                                + " where id = ? and state = 'UNDOING'")
                        .params(now(), by, id)
                        .update()
                == 1;
    }

    /** Gives up what a process that ended was doing, in words. What is applied is applied in one transaction or not at all. */
    public void giveUpLeft() {
        String left = " where state = ? and beat_at < utc_timestamp(6) - interval " + leftAfter.toSeconds() + " second";
        sql.sql("update price_batch set state = 'FAILED', message = ?" + left)
                .params(
                        "The application ended while the rows were read. Nothing was applied; read the file in again.",
                        "READING")
                .update();
        sql.sql("update price_batch set state = 'READY', message = ?" + left)
                .params(
                        "The application ended before all was written. Nothing was applied; apply it again.",
                        "APPLYING")
                .update();
        sql.sql("update price_batch set state = 'APPLIED', message = ?" + left)
                .params("The application ended before all was undone. Everything is still applied.", "UNDOING")
                .update();
    }

    private Batch batch(ResultSet row, int number) throws SQLException {
        return new Batch(
                row.getLong("id"),
                Batch.Origin.valueOf(row.getString("origin")),
                row.getString("title"),
                row.getString("fingerprint"),
                TableKind.valueOf(row.getString("kind")),
                CsvForm.valueOf(row.getString("form")),
                row.getString("plan") == null
                        ? ColumnPlan.TYPED
                        : mapper.readValue(row.getString("plan"), ColumnPlan.class),
                row.getBoolean("only_shelf"),
                BatchState.valueOf(row.getString("state")),
                row.getString("message"),
                UtcColumns.in(row, "made_at"),
                row.getString("made_by"),
                new Batch.Progress(
                        row.getInt("rows_read"),
                        row.getInt("rows_checked"),
                        row.getInt("rows_written"),
                        row.getInt("rows_total")),
                new Batch.Totals(
                        row.getInt("added"),
                        row.getInt("changed"),
                        row.getInt("removed"),
                        row.getInt("same"),
                        row.getInt("refused"),
                        row.getInt("noted")),
                odd(row.getString("odd")),
                UtcColumns.orNone(row, "applied_at"),
                row.getString("applied_by"),
                UtcColumns.orNone(row, "undone_at"),
                row.getString("undone_by"));
    }
}
