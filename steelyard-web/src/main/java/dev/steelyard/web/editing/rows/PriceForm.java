package dev.steelyard.web.editing.rows;

import dev.steelyard.core.ladder.Over;
import dev.steelyard.web.base.page.Ids;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.util.MultiValueMap;

/**
 * The page's form as typed, nothing refused yet. Rows come as columns of equal length, in the order of the table.
 *
 * @param version of the product when the form was first filled
 * @param variantId whose prices these are; none for the product's
 * @param base the prices the form was first filled with, as {@link PriceState} writes them
 * @param axisEnd where the beam's axis ends while a weight is being dragged; none to choose
 */
record PriceForm(
        long version,
        @Nullable Long variantId,
        String shelfPrice,
        Over over,
        List<RowText> rows,
        RowsTrialText trial,
        String base,
        @Nullable Integer axisEnd) {

    /** The group id that stands for everyone. */
    static final long EVERYONE = 0;

    private static final String PRICE = "price-";

    PriceForm {
        rows = List.copyOf(rows);
    }

    /** Reads what the page sent; what is missing is empty. */
    static PriceForm read(MultiValueMap<String, String> sent) {
        return new PriceForm(
                number(sent, "version"),
                text(sent, "variant").isEmpty() ? null : number(sent, "variant"),
                text(sent, "shelfPrice"),
                text(sent, "over").equals(Over.PRODUCT.name()) ? Over.PRODUCT : Over.LINE,
                rows(sent),
                new RowsTrialText(
                        text(sent, "trialSku"),
                        text(sent, "trialGroup"),
                        text(sent, "trialQuantity"),
                        text(sent, "trialDay")),
                text(sent, "base"),
                text(sent, "axisEnd").isEmpty() ? null : (int) number(sent, "axisEnd"));
    }

    PriceForm withRows(List<RowText> others) {
        return new PriceForm(version, variantId, shelfPrice, over, others, trial, base, axisEnd);
    }

    private static List<RowText> rows(MultiValueMap<String, String> sent) {
        List<String> froms = sent.getOrDefault("from", List.of());
        List<RowText> rows = new ArrayList<>();
        for (int i = 0; i < froms.size(); i++) {
            Map<Long, String> prices = new HashMap<>();
            for (String name : sent.keySet()) {
                if (name.startsWith(PRICE) && Ids.is(name.substring(PRICE.length()))) {
                    prices.put(Long.valueOf(name.substring(PRICE.length())), at(sent, name, i));
                }
            }
            rows.add(new RowText(froms.get(i).strip(), prices, at(sent, "starts", i), at(sent, "ends", i)));
        }
        return rows;
    }

    private static String at(MultiValueMap<String, String> sent, String name, int index) {
        List<String> column = sent.getOrDefault(name, List.of());
        return index < column.size() ? column.get(index).strip() : "";
    }

    private static String text(MultiValueMap<String, String> sent, String name) {
        return at(sent, name, 0);
    }

    private static long number(MultiValueMap<String, String> sent, String name) {
        String text = text(sent, name);
        return Ids.read(text);
    }
}
