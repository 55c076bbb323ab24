package dev.steelyard.web.goods.intake;

import dev.steelyard.format.goods.GoodsCells;
import dev.steelyard.format.goods.GoodsColumn;
import dev.steelyard.format.goods.GoodsRefusal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * The categories and brands of the shop, with those that a sheet makes. A category's name is known once in the shop, so each
 * stands in one place: a row that puts it elsewhere is refused, which no circle gets past.
 */
final class NewNames {

    private final Map<String, Place> categories = new HashMap<>();
    private final Map<String, String> brands = new HashMap<>();
    private final Map<String, Integer> newPaths = new LinkedHashMap<>();
    private final Map<String, Integer> newBrands = new LinkedHashMap<>();

    /** Where a category stands: its whole path, and since which line of the sheet; 0 where it was there before. */
    private record Place(String path, int line) {

        String above() {
            int at = path.lastIndexOf(GoodsCells.BELOW);
            return at < 0 ? "" : path.substring(0, at);
        }
    }

    /** @param paths of all categories that are there */
    NewNames(Collection<String> paths, Collection<String> brandsThere) {
        for (String path : paths) {
            categories.put(key(last(path)), new Place(path, 0));
        }
        brandsThere.forEach(brand -> brands.put(key(brand), brand));
    }

    private static String key(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    private static String last(String path) {
        return path.substring(path.lastIndexOf('>') + 1).strip();
    }

    /** A text as it is written with the shop's own names, or why it cannot be. */
    record Written(String text, @Nullable GoodsRefusal refusal) {}

    /** Paths with the shop's own spelling, each from the top. */
    Written paths(String text, int line) {
        if (text.isEmpty()) {
            return new Written("", null);
        }
        Map<String, Place> fresh = new LinkedHashMap<>();
        TreeSet<String> written = new TreeSet<>();
        for (String path : text.split(GoodsCells.AND)) {
            String above = "";
            List<String> names = Arrays.asList(path.split(GoodsCells.BELOW));
            for (int i = 0; i < names.size(); i++) {
                String name = names.get(i);
                Place there = fresh.getOrDefault(key(name), categories.get(key(name)));
                if (there == null) {
                    there = new Place(above.isEmpty() ? name : above + GoodsCells.BELOW + name, line);
                    fresh.put(key(name), there);
                } else if (i > 0 && !there.above().equals(above)) {
                    return new Written(text, new GoodsRefusal(GoodsColumn.CATEGORY, elsewhere(name, there, above)));
                }
                above = there.path();
            }
            written.add(above);
        }
        fresh.forEach((key, place) -> {
            categories.put(key, place);
            newPaths.put(place.path(), line);
        });
        return new Written(String.join(GoodsCells.AND, written), null);
    }

    private static String elsewhere(String name, Place there, String above) {
        return "“" + name + "” stands "
                + (there.above().isEmpty() ? "at the top" : "below “" + last(there.above()) + "”")
                + (there.line() == 0 ? " in the shop" : " by line " + there.line())
                + ", not below “" + last(above) + "”";
    }

    /** A brand with the shop's own spelling. */
    String brand(String name, int line) {
        if (name.isEmpty()) {
            return "";
        }
        String there = brands.putIfAbsent(key(name), name);
        if (there == null) {
            newBrands.put(name, line);
        }
        return there == null ? name : there;
    }

    /** What is to be made, each after those it stands below. */
    Made made(int untaxed, String taxClass) {
        return new Made(new ArrayList<>(newPaths.keySet()), new ArrayList<>(newBrands.keySet()), untaxed, taxClass);
    }

    /**
     * What applying makes beside the goods.
     *
     * @param untaxed how many new products say no tax class
     * @param taxClass which they get
     */
    record Made(List<String> categories, List<String> brands, int untaxed, String taxClass) {

        static final Made NOTHING = new Made(List.of(), List.of(), 0, "");
    }
}
