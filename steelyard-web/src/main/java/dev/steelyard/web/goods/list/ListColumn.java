package dev.steelyard.web.goods.list;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A column of the list of goods that can be shown or not; the name always is. */
enum ListColumn {
    SKU("sku", "SKU", true),
    CATEGORY("category", "In", true),
    BRAND("brand", "Brand", false),
    TYPE("type", "Type", false),
    SUPPLIER("supplier", "Supplier", false),
    TAGS("tags", "Tags", false),
    SHELF("shelf", "Shelf price", false),
    PRICE("price", "Price", true),
    CARD("card", "Priced by", true),
    FINDINGS("findings", "Findings", true),
    CHANGED("changed", "Changed", false);

    /** Between names in a cookie. */
    static final String BETWEEN = "-";

    private final String code;
    private final String words;
    private final boolean usual;

    ListColumn(String code, String words, boolean usual) {
        this.code = code;
        this.words = words;
        this.usual = usual;
    }

    public String code() {
        return code;
    }

    public String words() {
        return words;
    }

    /** Those that are named, or the usual ones where none is. */
    static Set<ListColumn> read(@Nullable String text) {
        Set<String> named =
                text == null || text.isBlank() ? Set.of() : new HashSet<>(Arrays.asList(text.split(BETWEEN)));
        return Arrays.stream(values())
                .filter(column -> named.isEmpty() ? column.usual : named.contains(column.code))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(ListColumn.class)));
    }

    static String write(Set<ListColumn> columns) {
        return columns.stream().map(ListColumn::code).collect(Collectors.joining(BETWEEN));
    }
}
