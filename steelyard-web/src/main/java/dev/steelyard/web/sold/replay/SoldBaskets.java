package dev.steelyard.web.sold.replay;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.deal.Occasion;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.replay.SoldBasket;
import dev.steelyard.format.Json;
import dev.steelyard.web.selling.orders.FrozenAnswers;
import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Reads orders as they were asked for. */
@Component
class SoldBaskets {

    private static final String LINES =
            """
            select o.id, o.priced_for, o.country, o.codes, o.asked, l.sku, l.quantity, l.asked,
                coalesce(l.after_deals, l.total)
            from shop_order o join order_line l on l.order_id = o.id
            where o.id in (%s) order by o.id, l.position""";

    private final JdbcTemplate sql;

    SoldBaskets(JdbcTemplate sql) {
        this.sql = sql;
    }

    /**
     * Reads some orders, in the order of their ids.
     *
     * @return how many cannot be asked for again, being of before that was kept
     */
    int read(Collection<Long> orders, ZoneId zone, Consumer<SoldBasket> to) {
        Reading reading = new Reading(zone, to);
        sql.query(
                LINES.formatted(String.join(",", Collections.nCopies(orders.size(), "?"))),
                row -> {
                    reading.line(row);
                },
                orders.toArray());
        reading.end();
        return reading.unknown;
    }

    /** The numbers of some orders. */
    Map<Long, String> numbers(Collection<Long> orders) {
        Map<Long, String> numbers = new HashMap<>();
        if (!orders.isEmpty()) {
            sql.query(
                    "select id, number from shop_order where id in ("
                            + String.join(",", Collections.nCopies(orders.size(), "?")) + ")",
                    row -> {
                        numbers.put(row.getLong(1), row.getString(2));
                    },
                    orders.toArray());
        }
        return numbers;
    }

    /** Puts lines together to baskets. */
    private static final class Reading {

        private final ZoneId zone;
        private final Consumer<SoldBasket> to;
        private final List<OrderLine> lines = new ArrayList<>();
        private long order;
        private @Nullable Occasion occasion;
        private BigDecimal sold = BigDecimal.ZERO;
        private boolean whole;
        private int unknown;

        Reading(ZoneId zone, Consumer<SoldBasket> to) {
            this.zone = zone;
            this.to = to;
        }

        void line(ResultSet row) throws SQLException {
            if (row.getLong(1) != order) {
                end();
                order = row.getLong(1);
                occasion = occasion(row);
                whole = occasion != null;
                sold = BigDecimal.ZERO;
            }
            String asked = row.getString(8);
            if (asked == null || Sku.fault(row.getString(6)) != null) {
                whole = false;
                return;
            }
            lines.add(new OrderLine(new Sku(row.getString(6)), row.getLong(7), FrozenAnswers.read(Json.read(asked))));
            sold = sold.add(row.getBigDecimal(9));
        }

        private @Nullable Occasion occasion(ResultSet row) throws SQLException {
            String kept = row.getString(5);
            if (kept == null) {
                return null;
            }
            JsonNode asked = Json.read(kept);
            Customer customer = new Customer(
                    row.getString(2),
                    asked.path("signedIn").asBoolean(false),
                    asked.path("firstOrder").asBoolean(false),
                    row.getString(3));
            List<String> codes = new ArrayList<>();
            Json.read(row.getString(4)).forEach(code -> codes.add(code.asString("")));
            Set<String> lists = new HashSet<>();
            asked.path("codeLists").forEach(list -> lists.add(list.asString("")));
            return Occasion.of(
                            customer,
                            asked.path("payment").asString(null),
                            codes,
                            Instant.parse(asked.path("at").asString("")).atZone(zone))
                    .withCodesOf(lists);
        }

        void end() {
            Occasion asked = occasion;
            if (order != 0 && whole && asked != null) {
                to.accept(new SoldBasket(order, lines, asked, sold));
            } else if (order != 0) {
                unknown++;
            }
            lines.clear();
            occasion = null;
        }
    }
}
