package dev.steelyard.web.shop.today;

import java.util.List;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What a new shop has still to do; each is ticked by doing it, and once all are there is no list. */
@Component
class LeftToDo {

    private final JdbcTemplate sql;

    LeftToDo(JdbcTemplate sql) {
        this.sql = sql;
    }

    /** One of them. */
    record Item(String words, String help, String path, boolean done) {}

    /** All of them; empty where nothing is left. */
    @Transactional(readOnly = true)
    public List<Item> items() {
        List<Item> items = List.of(
                item("A product", "with its SKU and shelf price", "/goods/new", "select 1 from product"),
                item(
                        "A customer group",
                        "for customers who have prices of their own",
                        "/shop/groups",
                        "select 1 from customer_group"),
                item(
                        "A rate card",
                        "how a price follows from quantity or measure",
                        "/cards/new",
                        "select 1 from draft where kind = 'CARD'"),
                item(
                        "A check weight",
                        "a trial kept with its price: it tells when that changes",
                        "/cards",
                        "select 1 from draft_version where json_length(document, '$.checkWeights') > 0"),
                item(
                        "Put it live",
                        "then the counter has its prices",
                        "/cards",
                        "select 1 from draft_release r join draft d on d.id = r.draft_id where d.kind <> 'ROWS' and r.withdrawn_at is null"));
        return items.stream().allMatch(Item::done) ? List.of() : items;
    }

    private Item item(String words, String help, String path, String there) {
        Boolean done = sql.queryForObject("select exists(" + there + ")", Boolean.class);
        return new Item(words, help, path, Boolean.TRUE.equals(done));
    }
}
