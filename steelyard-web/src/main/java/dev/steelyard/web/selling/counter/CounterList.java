package dev.steelyard.web.selling.counter;

import dev.steelyard.web.goods.Assortment;
import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.words.Words;
import java.util.List;

/**
 * Which goods the counter lists: the first of every shelf, or a page of one shelf, or a page of what was looked for.
 *
 * @param in the one shelf; empty for all
 * @param find what was looked for; empty for nothing
 * @param later where the next page begins; 0 where there is none
 */
record CounterList(List<Shelf> shelves, String in, String find, int later) {

    static final int FIRST_OF_A_SHELF = 12;
    static final int PAGE = 60;

    /** @param more how many more stand on it */
    record Shelf(String name, List<SoldProduct> goods, int more) {}

    static CounterList of(CounterShelves all, Assortment sold, String in, String find, int after, Words words) {
        String other = words.text("list.other");
        if (in.isBlank() && find.isBlank()) {
            return new CounterList(all.firsts(sold.goods(), other), "", "", 0);
        }
        List<SoldProduct> fit = sold.sayingAsTyped(find)
                .filter(one -> in.isBlank() || CounterShelves.name(one, other).equals(in))
                .toList();
        int from = Math.max(0, Math.min(after, fit.size()));
        int to = Math.min(fit.size(), from + PAGE);
        List<Shelf> shelves = fit.isEmpty()
                ? List.of()
                : List.of(new Shelf(in.isBlank() ? words.text("list.found") : in, fit.subList(from, to), 0));
        return new CounterList(shelves, in, find, to < fit.size() ? to : 0);
    }
}
