package dev.steelyard.web.goods;

import dev.steelyard.core.said.Wording;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The categories of the shop, as a tree. */
@Service
public class Categories {

    private final Shelving shelving;
    private final JdbcTemplate sql;

    Categories(Shelving shelving, JdbcTemplate sql) {
        this.shelving = shelving;
        this.sql = sql;
    }

    /** What those are called that are named in languages beside the shop's own, by name. */
    @Transactional(readOnly = true)
    public Map<String, Wording> told() {
        Map<String, Map<String, String>> others = new HashMap<>();
        sql.query(
                "select c.name, w.language, w.name from category_wording w join category c on c.id = w.category_id",
                row -> {
                    others.computeIfAbsent(row.getString(1), any -> new HashMap<>(4))
                            .put(row.getString(2), row.getString(3));
                });
        Map<String, Wording> told = new HashMap<>();
        others.forEach((name, inOthers) -> told.put(name, new Wording(name, "", inOthers)));
        return Map.copyOf(told);
    }

    /**
     * A category.
     *
     * @param depth how many are above it
     */
    public record Branch(long id, String name, int depth) {

        /** Its name behind a space for each one above. */
        public String indented() {
            return "\u2003".repeat(depth) + name;
        }
    }

    /** All of them, each before those below it. */
    @Transactional(readOnly = true)
    public List<Branch> tree() {
        return Shelving.tree(shelving.names()).stream()
                .map(one -> new Branch(one.category().id(), one.category().name(), one.depth()))
                .toList();
    }
}
