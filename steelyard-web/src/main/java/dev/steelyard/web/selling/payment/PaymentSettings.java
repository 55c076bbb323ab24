package dev.steelyard.web.selling.payment;

import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.shop.CustomerGroup;
import dev.steelyard.web.shop.Shops;
import dev.steelyard.web.shop.history.Change;
import dev.steelyard.web.shop.history.ChangeSubject;
import dev.steelyard.web.shop.history.Changes;
import dev.steelyard.web.shop.history.What;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes the ways to pay, and keeps who did it. */
@Service
class PaymentSettings {

    private static final int LONGEST = 60;

    private final PaymentWays ways;
    private final Shops shops;
    private final Changes changes;
    private final JdbcTemplate sql;

    PaymentSettings(PaymentWays ways, Shops shops, Changes changes, JdbcTemplate sql) {
        this.ways = ways;
        this.shops = shops;
        this.changes = changes;
        this.sql = sql;
    }

    /** What is typed for one of them. @param countries codes or names with commas between */
    record Typed(String label, String title, boolean on, String countries, Set<String> groups) {}

    /** @return why not; empty where it was done */
    @Transactional
    public String change(Typed typed, String by) {
        shops.hold();
        PaymentMethod before = ways.of(typed.label()).orElse(null);
        if (before == null) {
            return "This way to pay is gone: somebody else took it away";
        }
        String title = typed.title().strip();
        if (title.isEmpty() || title.length() > LONGEST) {
            return "A way to pay has a name of 1 to " + LONGEST + " characters, not " + title.length();
        }
        Set<String> countries = new TreeSet<>();
        for (String word : typed.countries().split("[,;]")) {
            String country = word.strip();
            String code = country.isEmpty() ? null : code(country);
            if (!country.isEmpty() && code == null) {
                return "There is no country “" + country
                        + "”; write codes or names with commas between, such as DE, FR";
            }
            if (code != null) {
                countries.add(code);
            }
        }
        Set<String> known = shops.groups().stream().map(CustomerGroup::name).collect(Collectors.toSet());
        known.retainAll(typed.groups());
        PaymentMethod after =
                new PaymentMethod(before.label(), title, before.atOnce(), before.own(), typed.on(), countries, known);
        if (!after.on()
                && ways.all().stream().noneMatch(one -> one.on() && !one.label().equals(after.label()))) {
            return "This is the last way to pay; nobody could order without one";
        }
        if (!after.equals(before)) {
            ways.keep(after);
            keep(after.title(), What.SHOP, state(before), state(after), by);
        }
        return "";
    }

    private static @Nullable String code(String typed) {
        String code = Countries.code(typed.toUpperCase(Locale.ROOT));
        return code != null
                ? code
                : Countries.all().entrySet().stream()
                        .filter(one -> one.getValue().equalsIgnoreCase(typed))
                        .map(Map.Entry::getKey)
                        .findFirst()
                        .orElse(null);
    }

    /** @return why not; empty where it was done */
    @Transactional
    public String add(String typed, String by) {
        shops.hold();
        String title = typed.strip();
        String label = title.toLowerCase(Locale.ROOT);
        if (title.isEmpty() || title.length() > LONGEST) {
            return "A way to pay has a name of 1 to " + LONGEST + " characters, not " + title.length();
        }
        if (ways.of(label).isPresent()) {
            return "There is a way to pay “" + title + "” already";
        }
        PaymentMethod made = new PaymentMethod(label, title, false, true, true, Set.of(), Set.of());
        ways.keep(made);
        keep(title, What.MADE, Map.of(), state(made), by);
        return "";
    }

    /** @return why not; empty where it was done */
    @Transactional
    public String remove(String label, String by) {
        shops.hold();
        PaymentMethod before = ways.of(label).filter(PaymentMethod::own).orElse(null);
        if (before == null) {
            return "";
        }
        List<String> meant = sql.queryForList(
                "select d.name from draft d join draft_version v on v.draft_id = d.id and v.number = d.number where d.kind ="
                        + " 'DEAL' and d.removed_at is null and json_value(v.document, '$.payment') = ? order by d.name",
                String.class,
                label);
        if (!meant.isEmpty()) {
            return "“" + before.title() + "” cannot be taken away: "
                    + meant.stream().map(one -> "“" + one + "”").collect(Collectors.joining(", ")) + " goes by it";
        }
        if (before.on() && ways.all().stream().filter(PaymentMethod::on).count() == 1) {
            return "This is the last way to pay; nobody could order without one";
        }
        ways.remove(label);
        keep(before.title(), What.REMOVED, state(before), Map.of(), by);
        return "";
    }

    private void keep(String name, What what, Map<String, String> before, Map<String, String> after, String by) {
        shops.raiseRevision();
        changes.keep(new Change(ChangeSubject.SHOP, 1, "the way to pay “" + name + "”", what, "", before, after), by);
    }

    private static Map<String, String> state(PaymentMethod way) {
        Map<String, String> state = new TreeMap<>();
        state.put("called", way.title());
        state.put("offered", way.on() ? "yes" : "no");
        state.put("to", way.countries().isEmpty() ? "everywhere" : typed(way));
        state.put("for", way.groups().isEmpty() ? "everybody" : String.join(", ", new TreeSet<>(way.groups())));
        return state;
    }

    /** Words as they are typed again. */
    static String typed(PaymentMethod way) {
        return String.join(", ", new TreeSet<>(way.countries()));
    }
}
