package dev.steelyard.web.selling.counter;

import dev.steelyard.web.goods.SoldProduct;
import dev.steelyard.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

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

    static CounterList of(List<SoldProduct> sold, String in, String find, int after, Words words) {
        String other = words.text("list.other");
        if (in.isBlank() && find.isBlank()) {
            return new CounterList(firsts(sold, other), "", "", 0);
        }
        String looked = SoldProduct.folded(find.strip());
        List<SoldProduct> fit = sold.stream()
                .filter(one -> in.isBlank() || shelf(one, other).equals(in))
                .filter(one -> one.words().contains(looked))
                .toList();
        int from = Math.max(0, Math.min(after, fit.size()));
        int to = Math.min(fit.size(), from + PAGE);
        List<Shelf> shelves = fit.isEmpty()
                ? List.of()
                : List.of(new Shelf(in.isBlank() ? words.text("list.found") : in, fit.subList(from, to), 0));
        return new CounterList(shelves, in, find, to < fit.size() ? to : 0);
    }

    private static List<Shelf> firsts(List<SoldProduct> sold, String other) {
        Map<String, List<SoldProduct>> firsts = new TreeMap<>();
        Map<String, Integer> counts = new TreeMap<>();
        for (SoldProduct one : sold) {
            String shelf = shelf(one, other);
            if (counts.merge(shelf, 1, Integer::sum) <= FIRST_OF_A_SHELF) {
                firsts.computeIfAbsent(shelf, any -> new ArrayList<>()).add(one);
            }
        }
        return firsts.entrySet().stream()
                .map(shelf -> new Shelf(
                        shelf.getKey(),
                        shelf.getValue(),
                        counts.get(shelf.getKey()) - shelf.getValue().size()))
                .toList();
    }

    private static String shelf(SoldProduct one, String other) {
        return one.categories().isEmpty() ? other : one.categories().get(0);
    }
}
