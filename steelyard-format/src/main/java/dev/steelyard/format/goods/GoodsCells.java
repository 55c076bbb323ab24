package dev.steelyard.format.goods;

import dev.steelyard.core.card.Sku;
import dev.steelyard.core.number.Pasted;
import dev.steelyard.core.number.PriceLimits;
import dev.steelyard.core.text.Similar;
import dev.steelyard.format.columns.ColumnPlan;
import dev.steelyard.format.columns.NumberInCell;
import dev.steelyard.format.table.Cell;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Reads the cells of one row, each as far as it tells alone: what they say is written in one way, so that what is to be and
 * what is can be compared as texts. Numbers have a decimal point and no zeros behind; paths and tags are in order.
 */
public final class GoodsCells {

    /** Between the names of a path of categories. */
    public static final String BELOW = " > ";

    /** Between several paths. */
    public static final String AND = "; ";

    public static final String YES = "yes";

    private static final int MOST_TAGS = 30;
    private static final int LONGEST_TAG = 60;
    private static final int LONGEST_NAME = 200;
    private static final int LONGEST_DESCRIPTION = 2_000;
    private static final int LONGEST_WORD = 120;
    private static final int MOST_DECIMALS = 6;
    private static final Set<String> TRUE = Set.of(YES, "y", "true", "1", "x", "ja", "oui", "si", "sí", "sì");
    private static final Set<String> FALSE = Set.of("", "no", "n", "false", "0", "nein", "non", "nee");
    private static final Set<String> PRODUCT = Set.of("product", "whole product", "all variants");

    private final GoodsShop shop;
    private final ColumnPlan plan;

    public GoodsCells(GoodsShop shop, ColumnPlan plan) {
        this.shop = shop;
        this.plan = plan;
    }

    /**
     * What a row says.
     *
     * @param values by column, only of columns that the row has; empty texts say that nothing is to be there
     * @param refusal the first thing that is wrong; none where nothing is
     */
    public record Said(Map<GoodsColumn, String> values, @Nullable GoodsRefusal refusal) {}

    /** @param texts of the columns that the sheet has */
    public Said read(Map<GoodsColumn, String> texts) {
        Map<GoodsColumn, String> values = new EnumMap<>(GoodsColumn.class);
        try {
            String action = Pasted.stripped(texts.getOrDefault(GoodsColumn.ACTION, ""));
            if (action.equalsIgnoreCase(GoodsColumn.KEEP)) {
                return new Said(Map.of(GoodsColumn.ACTION, GoodsColumn.KEEP), null);
            }
            if (!action.isEmpty()) {
                throw new Wrong(
                        GoodsColumn.ACTION,
                        quoted(action) + " is no action; leave it empty, or write “" + GoodsColumn.KEEP + "”");
            }
            for (GoodsColumn column : GoodsColumn.values()) {
                String text = texts.get(column);
                if (text != null && column != GoodsColumn.ACTION) {
                    values.put(column, value(column, Pasted.stripped(text)));
                }
            }
            return new Said(values, null);
        } catch (Wrong wrong) {
            return new Said(values, wrong.refusal);
        }
    }

    private String value(GoodsColumn column, String text) throws Wrong {
        return switch (column) {
            case SKU -> sku(column, text);
            case VARIANT_OF -> text.isEmpty() ? "" : sku(column, text);
            case NAME -> bounded(column, text, LONGEST_NAME);
            case DESCRIPTION -> bounded(column, text, LONGEST_DESCRIPTION);
            case CATEGORY -> paths(text);
            case TAGS -> tags(text);
            case TAX_CLASS -> taxClass(text);
            case SHELF_PRICE, UNIT_COST -> price(column, text);
            case DECIMALS -> decimals(text);
            case COUNT_OVER -> over(text);
            case TAKEN_OUT -> takenOut(text);
            default -> bounded(column, text, LONGEST_WORD);
        };
    }

    private static String sku(GoodsColumn column, String text) throws Wrong {
        if (text.isEmpty()) {
            throw new Wrong(column, "The SKU is missing");
        }
        String fault = Sku.faultOfNew(text);
        if (fault != null) {
            throw new Wrong(column, fault.substring(0, 1).toUpperCase(Locale.ROOT) + fault.substring(1));
        }
        return text;
    }

    private static String bounded(GoodsColumn column, String text, int most) throws Wrong {
        if (text.length() > most) {
            throw new Wrong(column, "At most " + most + " characters; these are " + text.length());
        }
        if (text.chars().anyMatch(c -> Character.isISOControl(c) && c != '\n' && c != '\r' && c != '\t')) {
            throw new Wrong(column, "There is a character in it that cannot be printed");
        }
        return text;
    }

    private static String paths(String text) throws Wrong {
        TreeSet<String> paths = new TreeSet<>();
        for (String path : text.split(";")) {
            List<String> names =
                    Arrays.stream(path.split("[>»›]")).map(String::strip).toList();
            if (names.stream().allMatch(String::isEmpty)) {
                continue;
            }
            for (String name : names) {
                if (name.isEmpty()) {
                    throw new Wrong(GoodsColumn.CATEGORY, quoted(path.strip()) + " has a category without a name");
                }
                bounded(GoodsColumn.CATEGORY, name, LONGEST_WORD);
            }
            if (Set.copyOf(names).size() < names.size()) {
                throw new Wrong(
                        GoodsColumn.CATEGORY, quoted(path.strip()) + " goes in a circle: a name stands in it twice");
            }
            paths.add(String.join(BELOW, names));
        }
        return String.join(AND, paths);
    }

    private static String tags(String text) throws Wrong {
        TreeSet<String> tags = Arrays.stream(text.split("[,;]"))
                .map(String::strip)
                .filter(tag -> !tag.isEmpty())
                .collect(Collectors.toCollection(() -> new TreeSet<>(String.CASE_INSENSITIVE_ORDER)));
        if (tags.size() > MOST_TAGS) {
            throw new Wrong(GoodsColumn.TAGS, tags.size() + " tags are too many; at most " + MOST_TAGS);
        }
        for (String tag : tags) {
            bounded(GoodsColumn.TAGS, tag, LONGEST_TAG);
        }
        return String.join(", ", tags);
    }

    private String taxClass(String text) throws Wrong {
        if (text.isEmpty()) {
            return "";
        }
        return shop.taxClasses().stream()
                .filter(name -> name.equalsIgnoreCase(text))
                .findFirst()
                .orElseThrow(() -> new Wrong(
                        GoodsColumn.TAX_CLASS,
                        "There is no tax class " + quoted(text) + "; there are "
                                + String.join(", ", shop.taxClasses())
                                + Similar.to(text, shop.taxClasses())
                                        .map(near -> ". Is “" + near + "” meant?")
                                        .orElse("")));
    }

    private @Nullable BigDecimal number(GoodsColumn column, String text) throws Wrong {
        NumberInCell.Reading reading = plan.numbers(column, shop.currency()).read(Cell.text(text));
        if (reading.fault() != null) {
            throw new Wrong(column, reading.fault());
        }
        return reading.value();
    }

    private String price(GoodsColumn column, String text) throws Wrong {
        BigDecimal value = number(column, text);
        String fault = value == null ? null : PriceLimits.fault(value);
        if (fault != null) {
            throw new Wrong(column, fault);
        }
        return value == null ? "" : plain(value);
    }

    /** A number as it is compared. */
    public static String plain(BigDecimal value) {
        return value.signum() == 0 ? "0" : value.stripTrailingZeros().toPlainString();
    }

    private String decimals(String text) throws Wrong {
        BigDecimal value = number(GoodsColumn.DECIMALS, text);
        if (value == null) {
            return "";
        }
        String plain = plain(value);
        if (!plain.matches("[0-" + MOST_DECIMALS + "]")) {
            throw new Wrong(GoodsColumn.DECIMALS, plain + " is no number of decimals from 0 to " + MOST_DECIMALS);
        }
        return plain;
    }

    private static String over(String text) throws Wrong {
        String word = text.toLowerCase(Locale.ROOT);
        if (word.isEmpty() || word.equals("line")) {
            return word;
        }
        if (!PRODUCT.contains(word)) {
            throw new Wrong(GoodsColumn.COUNT_OVER, quoted(text) + " is neither “line” nor “product”");
        }
        return "product";
    }

    private static String takenOut(String text) throws Wrong {
        String word = text.toLowerCase(Locale.ROOT);
        if (!TRUE.contains(word) && !FALSE.contains(word)) {
            throw new Wrong(GoodsColumn.TAKEN_OUT, quoted(text) + " is neither “" + YES + "” nor “no”");
        }
        return TRUE.contains(word) ? YES : "";
    }

    private static String quoted(String text) {
        return "“" + (text.length() <= 40 ? text : text.substring(0, 40) + "…") + "”";
    }

    /** Ends the reading of a row. */
    private static final class Wrong extends Exception {

        private static final long serialVersionUID = 1L;

        private final transient GoodsRefusal refusal;

        Wrong(GoodsColumn column, String reason) {
            super(reason, null, false, false);
            this.refusal = new GoodsRefusal(column, Objects.requireNonNull(reason));
        }
    }
}
