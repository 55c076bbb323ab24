package dev.steelyard.web.selling.payment;

import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The ways to pay there are. */
@Repository
public class PaymentWays {

    private final JdbcTemplate sql;
    private final Shops shops;
    private volatile @Nullable Kept kept;

    PaymentWays(JdbcTemplate sql, Shops shops) {
        this.sql = sql;
        this.shops = shops;
    }

    /** All of them, those that are off too. */
    @Transactional(readOnly = true)
    public List<PaymentMethod> all() {
        Map<String, String> groups =
                shops.groups().stream().collect(Collectors.toMap(group -> "" + group.id(), CustomerGroup::name));
        return sql.query(
                "select label, title, at_once, own, is_on, countries, group_ids from payment_way order by position, label",
                (row, n) -> new PaymentMethod(
                        row.getString(1),
                        row.getString(2),
                        row.getBoolean(3),
                        row.getBoolean(4),
                        row.getBoolean(5),
                        words(row.getString(6)),
                        words(row.getString(7)).stream()
                                .map(groups::get)
                                .filter(Objects::nonNull)
                                .collect(Collectors.toSet())));
    }

    private static Set<String> words(String text) {
        return Arrays.stream(text.split(",")).filter(word -> !word.isEmpty()).collect(Collectors.toSet());
    }

    @Transactional(readOnly = true)
    public Optional<PaymentMethod> of(String label) {
        return all().stream().filter(one -> one.label().equals(label)).findFirst();
    }

    /** Those that are offered to whoever orders. @param group none for a guest */
    @Transactional(readOnly = true)
    public List<PaymentMethod> offered(String country, @Nullable String group) {
        return all().stream().filter(one -> one.isOffered(country, group)).toList();
    }

    /** All of them as they were at a revision of prices, which whoever changes one raises. */
    private record Kept(long revision, List<PaymentMethod> all) {}

    /**
     * What somebody picked, where it is offered to them; else the first that is. Asked for each price that a shopper types, so
     * the database is asked once for each revision.
     *
     * @param revision of prices, which the shopper sees
     */
    public String picked(@Nullable String label, String country, @Nullable String group, long revision) {
        Kept now = kept;
        if (now == null || now.revision() != revision) {
            now = new Kept(revision, all());
            kept = now;
        }
        List<PaymentMethod> offered =
                now.all().stream().filter(one -> one.isOffered(country, group)).toList();
        return offered.stream()
                .map(PaymentMethod::label)
                .filter(one -> one.equals(label))
                .findFirst()
                .orElse(offered.isEmpty() ? PaymentMethod.CARD : offered.get(0).label());
    }

    /** Writes one, in the transaction that keeps who did it. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void keep(PaymentMethod way) {
        Set<String> ids = shops.groups().stream()
                .filter(group -> way.groups().contains(group.name()))
                .map(group -> "" + group.id())
                .collect(Collectors.toSet());
        sql.update(
                "insert into payment_way (label, title, position, at_once, own, is_on, countries, group_ids) values (?, ?,"
                        + " 100, ?, ?, ?, ?, ?) on duplicate key update title = values(title), is_on = values(is_on), countries"
                        + " = values(countries), group_ids = values(group_ids)",
                way.label(),
                way.title(),
                way.atOnce(),
                way.own(),
                way.on(),
                way.countries().stream().sorted().collect(Collectors.joining(",")),
                ids.stream().sorted().collect(Collectors.joining(",")));
    }

    /** Takes one of the shop’s own away. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void remove(String label) {
        sql.update("delete from payment_way where label = ? and own", label);
    }
}
