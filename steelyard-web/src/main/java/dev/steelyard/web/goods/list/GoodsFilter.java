package dev.steelyard.web.goods.list;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Pasted;
import dev.steelyard.web.base.page.TypedNumbers;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.util.MultiValueMap;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * Which goods are looked for: those that fit everything that is given. Empty texts ask for nothing.
 *
 * @param find a part of a name or SKU
 * @param category with those below it
 * @param group goods that have price rows for this customer group
 * @param card the number of the card that prices them for everyone now, or {@link #BY_SHELF_PRICE}
 * @param findings whether only goods with findings
 * @param least the least shelf price
 * @param most the largest shelf price
 * @param faults what could not be read, by field; it does not narrow the search
 */
record GoodsFilter(
        String find,
        String category,
        String brand,
        String type,
        String supplier,
        String tag,
        String group,
        String card,
        boolean findings,
        @Nullable BigDecimal least,
        @Nullable BigDecimal most,
        Map<String, String> typed,
        Map<String, String> faults) {

    static final String BY_SHELF_PRICE = "shelf";

    private static final int LONGEST = 200;

    static GoodsFilter read(MultiValueMap<String, String> sent) {
        Map<String, String> typed = new LinkedHashMap<>();
        for (String name : new String[] {
            "find", "category", "brand", "type", "supplier", "tag", "group", "card", "findings", "least", "most"
        }) {
            String text = Pasted.stripped(Objects.requireNonNullElse(sent.getFirst(name), ""));
            if (!text.isEmpty()) {
                typed.put(name, text.length() > LONGEST ? text.substring(0, LONGEST) : text);
            }
        }
        Map<String, String> faults = new LinkedHashMap<>();
        BigDecimal least = price("least", typed, faults);
        BigDecimal most = price("most", typed, faults);
        if (least != null && most != null && most.compareTo(least) < 0) {
            faults.put(
                    "most", "The largest price, " + typed.get("most") + ", is below the least, " + typed.get("least"));
            most = null;
        }
        return new GoodsFilter(
                typed.getOrDefault("find", ""),
                typed.getOrDefault("category", ""),
                typed.getOrDefault("brand", ""),
                typed.getOrDefault("type", ""),
                typed.getOrDefault("supplier", ""),
                typed.getOrDefault("tag", ""),
                typed.getOrDefault("group", ""),
                typed.getOrDefault("card", ""),
                typed.containsKey("findings"),
                least,
                most,
                typed,
                faults);
    }

    private static @Nullable BigDecimal price(String field, Map<String, String> typed, Map<String, String> faults) {
        String text = typed.get(field);
        if (text == null) {
            return null;
        }
        DecimalText.Reading reading = TypedNumbers.read(text);
        if (reading.fault() != null) {
            faults.put(field, reading.fault().message());
        }
        return reading.value();
    }

    /** Whether everything that is sold fits. */
    boolean isOpen() {
        return typed.isEmpty();
    }

    /** Whether it asks for nothing but what goods are: their category, brand, type, supplier or tag. */
    boolean isByTraits() {
        return find.isEmpty() && !findings && least == null && most == null && group.isEmpty() && card.isEmpty();
    }

    /** Whether more is asked than a text. */
    boolean narrows() {
        return typed.size() > (typed.containsKey("find") ? 1 : 0);
    }

    /** “find=shackle&brand=Grannock”, for addresses. */
    String query() {
        UriComponentsBuilder query = UriComponentsBuilder.newInstance();
        typed.forEach((name, value) -> query.queryParam(name, "{" + name + "}"));
        String text = query.encode().buildAndExpand(typed).toUriString();
        return text.startsWith("?") ? text.substring(1) : text;
    }
}
