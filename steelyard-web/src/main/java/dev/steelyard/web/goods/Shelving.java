package dev.steelyard.web.goods;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** The names that goods are sorted under: categories as a tree, brands, tax classes, customer groups. */
@Component
class Shelving {

    private final JdbcTemplate sql;

    Shelving(JdbcTemplate sql) {
        this.sql = sql;
    }

    /** A category; those at the top have none above. */
    record Category(long id, @Nullable Long parent, String name) {}

    /** All names by id, as they stand now. */
    record Names(
            Map<Long, Category> categories,
            Map<Long, String> brands,
            Map<Long, String> taxClasses,
            Map<Long, String> groups) {

        /** The names of some categories in the order of all. */
        List<String> inOrder(Collection<Long> ids) {
            return ids.size() < 2
                    ? ids.stream()
                            .map(id ->
                                    Objects.requireNonNull(categories.get(id)).name())
                            .toList()
                    : categories.values().stream()
                            .filter(one -> ids.contains(one.id()))
                            .map(Category::name)
                            .toList();
        }

        String group(long id) {
            return Objects.requireNonNull(groups.get(id));
        }

        /** The names of some categories and of all above them. */
        Set<String> withAbove(Collection<Long> ids) {
            Set<String> names = new HashSet<>();
            for (Long id : ids) {
                Category at = categories.get(id);
                for (int depth = 0; at != null && depth <= categories.size(); depth++) {
                    names.add(at.name());
                    at = at.parent() == null ? null : categories.get(at.parent());
                }
            }
            return names;
        }
    }

    Names names() {
        Map<Long, Category> categories = new LinkedHashMap<>();
        sql.query("select id, parent_id, name from category order by position, name, id", row -> {
            Long parent = (Long) row.getObject(2);
            categories.put(row.getLong(1), new Category(row.getLong(1), parent, row.getString(3)));
        });
        return new Names(
                categories,
                named("select id, name from brand"),
                named("select id, name from tax_class"),
                named("select id, name from customer_group"));
    }

    private Map<Long, String> named(String query) {
        Map<Long, String> names = new HashMap<>();
        sql.query(query, row -> {
            names.put(row.getLong(1), row.getString(2));
        });
        return names;
    }

    /** Categories as a tree, each with how deep it stands. */
    record InTree(Category category, int depth) {}

    static List<InTree> tree(Names names) {
        List<InTree> found = new ArrayList<>();
        below(null, 0, names, found);
        return found;
    }

    private static void below(@Nullable Long parent, int depth, Names names, List<InTree> found) {
        for (Category one : names.categories().values()) {
            if (Objects.equals(one.parent(), parent)
                    && depth < names.categories().size()) {
                found.add(new InTree(one, depth));
                below(one.id(), depth + 1, names, found);
            }
        }
    }
}
