package dev.steelyard.web.goods;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The categories of the shop, as a tree. */
@Service
public class Categories {

    private final Shelving shelving;

    Categories(Shelving shelving) {
        this.shelving = shelving;
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
