package dev.steelyard.web.goods.about;

import dev.steelyard.web.base.page.PastedTable;
import dev.steelyard.web.goods.about.ProductForm.VariantText;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Variants pasted as lines of SKU, name, shelf price and cost, from a spreadsheet or typed with semicolons or commas between.
 * A first line of headings says another order.
 */
final class PastedVariants {

    private static final List<String> ORDER = List.of("sku", "name", "price", "cost");
    private static final Map<String, String> HEADINGS = Map.of(
            "sku", "sku",
            "name", "name",
            "variant", "name",
            "price", "price",
            "shelf price", "price",
            "cost", "cost",
            "cost of one", "cost");

    private PastedVariants() {}

    /** The variants that are there, with those pasted: one of a SKU that is there takes what is pasted of it. */
    static List<VariantText> onto(List<VariantText> there, String text) {
        List<VariantText> all = new ArrayList<>(there);
        all.removeIf(VariantText::isBlank);
        for (VariantText one : read(text)) {
            int at = indexOf(all, one.sku());
            if (at < 0) {
                all.add(one);
            } else {
                all.set(at, all.get(at).with(one));
            }
        }
        all.add(ProductForm.spare());
        return all;
    }

    private static int indexOf(List<VariantText> all, String sku) {
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).sku().equals(sku)) {
                return i;
            }
        }
        return -1;
    }

    private static List<VariantText> read(String text) {
        List<VariantText> read = new ArrayList<>();
        List<String> order = ORDER;
        for (List<String> line : PastedTable.cells(text)) {
            Optional<List<String>> headings = read.isEmpty() ? headings(line) : Optional.empty();
            if (headings.isPresent()) {
                order = headings.get();
            } else {
                read.add(new VariantText(
                        "",
                        cell(line, order, "sku"),
                        cell(line, order, "name"),
                        cell(line, order, "cost"),
                        cell(line, order, "price"),
                        false));
            }
        }
        return read;
    }

    private static Optional<List<String>> headings(List<String> line) {
        List<String> names = line.stream()
                .map(cell -> HEADINGS.getOrDefault(cell.toLowerCase(Locale.ROOT), ""))
                .toList();
        return names.contains("sku") ? Optional.of(names) : Optional.empty();
    }

    private static String cell(List<String> line, List<String> order, String name) {
        int at = order.indexOf(name);
        return at < 0 || at >= line.size() ? "" : line.get(at);
    }
}
