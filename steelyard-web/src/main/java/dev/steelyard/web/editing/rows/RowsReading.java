package dev.steelyard.web.editing.rows;

import dev.steelyard.core.card.Product;
import dev.steelyard.core.card.Variant;
import dev.steelyard.core.ladder.Break;
import dev.steelyard.core.ladder.BreakKey;
import dev.steelyard.core.ladder.Over;
import dev.steelyard.core.ladder.PriceRows;
import dev.steelyard.format.FormatIssue;
import dev.steelyard.web.editing.draft.DraftDocument;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A product's prices as typed, as far as they can be read.
 *
 * @param product as it would be with them
 * @param over what the rows count over; the line where there are none
 * @param alone groups whose rows stand alone
 * @param parts by the place of each: the product's, then its variants'
 * @param issues what cannot be read, by its place
 */
record RowsReading(Product product, Over over, Set<String> alone, Map<String, Part> parts, List<FormatIssue> issues) {

    /**
     * The prices of the product itself or of one variant.
     *
     * @param breaks those that are whole and clash with none before them
     * @param places where each of them stands, in the same order
     */
    record Part(@Nullable BigDecimal shelfPrice, List<Break> breaks, List<String> places) {

        /** Where a break stands; none for one that is not of it. */
        @Nullable
        String place(@Nullable BreakKey key) {
            for (int i = 0; i < breaks.size(); i++) {
                if (breaks.get(i).key().equals(key)) {
                    return places.get(i);
                }
            }
            return null;
        }

        /** Whether it has no prices of its own. */
        boolean isOpen() {
            return shelfPrice == null && breaks.isEmpty();
        }

        private @Nullable PriceRows rows(Over over, Set<String> alone) {
            return breaks.isEmpty() ? null : PriceRows.of(over, breaks, alone);
        }
    }

    static RowsReading of(DraftDocument document, Product product, List<String> groups) {
        List<FormatIssue> issues = new ArrayList<>();
        Over over = over(document, issues);
        Set<String> alone = alone(document, groups);
        Map<String, Part> parts = new LinkedHashMap<>();
        RowsReader reader = new RowsReader(document, groups, issues);
        parts.put("", reader.read(""));
        List<Variant> variants = new ArrayList<>();
        for (Variant variant : product.variants()) {
            String place = RowsDocument.place(variant);
            Part part = reader.read(place);
            parts.put(place, part);
            variants.add(new Variant(
                    variant.sku(), variant.name(), part.shelfPrice(), variant.unitCost(), part.rows(over, alone)));
        }
        Part whole = Objects.requireNonNull(parts.get(""));
        return new RowsReading(
                new Product(
                        product.sku(),
                        product.name(),
                        whole.shelfPrice(),
                        product.unitCost(),
                        product.unitPriceDecimals(),
                        whole.rows(over, alone),
                        variants,
                        product.traits()),
                parts.values().stream().allMatch(part -> part.breaks().isEmpty()) ? Over.LINE : over,
                alone,
                parts,
                List.copyOf(issues));
    }

    /** Without groups that are gone. */
    private static Set<String> alone(DraftDocument document, List<String> groups) {
        return document.at(RowsDocument.ALONE)
                .valueStream()
                .map(name -> name.asString(""))
                .filter(groups::contains)
                .collect(Collectors.toUnmodifiableSet());
    }

    private static Over over(DraftDocument document, List<FormatIssue> issues) {
        String typed = document.text(RowsDocument.OVER);
        if (!List.of("line", "product").contains(typed)) {
            issues.add(RowsReader.issue(
                    RowsDocument.OVER, "“" + typed + "” is nothing that breaks count over; it is line or product"));
        }
        return typed.equals("product") ? Over.PRODUCT : Over.LINE;
    }

    Part part(String at) {
        return Objects.requireNonNull(parts.get(at));
    }
}
