package dev.steelyard.web.goods.sheets;

import dev.steelyard.core.sheet.Note;
import dev.steelyard.web.goods.batch.NoteText;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Groups whose rows a sheet lets stand alone: where it says of a group from which piece to which a price holds, and
 * everyone's rows would cut in.
 */
@Repository
class StandingAlone {

    private static final String CUT = NoteText.like(Note.Code.CUT);

    private final JdbcTemplate sql;
    private final Shops shops;

    StandingAlone(JdbcTemplate sql, Shops shops) {
        this.sql = sql;
        this.shops = shops;
    }

    /**
     * What may be wanted.
     *
     * @param products how many have rows of the group that are cut by others
     */
    public record Offer(String group, int products) {}

    /** For each group whose rows are cut, of how many products. */
    @Transactional(readOnly = true)
    List<Offer> offers(long batch) {
        return sql.query(
                "select g.name, count(distinct b.product_id) from price_batch_row b join customer_group g on g.id = b.group_id"
                        + " where b.batch_id = ? and b.notes like ? group by g.id, g.name order by g.name",
                (row, number) -> new Offer(row.getString(1), row.getInt(2)),
                batch,
                CUT);
    }

    /** Lets the rows of a group stand alone for all products whose rows of it are cut. */
    @Transactional
    public void want(long batch, String group) {
        sql.update(
                "insert ignore into price_batch_alone (batch_id, product_id, group_id) select distinct b.batch_id,"
                        + " b.product_id, b.group_id from price_batch_row b join customer_group g on g.id = b.group_id"
                        + " where b.batch_id = ? and g.name = ? and b.notes like ?",
                batch,
                group,
                CUT);
    }

    /** The groups that a batch lets stand alone, by product. */
    @Transactional(readOnly = true)
    Map<Long, Set<String>> wanted(long batch) {
        Map<Long, String> names =
                shops.groups().stream().collect(Collectors.toMap(CustomerGroup::id, CustomerGroup::name));
        Map<Long, Set<String>> wanted = new HashMap<>();
        sql.query(
                "select product_id, group_id from price_batch_alone where batch_id = ?",
                row -> {
                    wanted.computeIfAbsent(row.getLong(1), any -> new HashSet<>(2))
                            .add(names.getOrDefault(row.getLong(2), ""));
                },
                batch);
        return wanted;
    }
}
