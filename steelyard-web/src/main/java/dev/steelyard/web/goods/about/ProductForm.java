package dev.steelyard.web.goods.about;

import dev.steelyard.core.card.Sku;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Pasted;
import dev.steelyard.core.number.PriceLimits;
import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.goods.DescribedGoods;
import dev.steelyard.words.FirstLetter;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.util.MultiValueMap;

/**
 * The form of one product as typed. The SKU is only asked for when it is new: cards, orders and sheets name goods by it.
 *
 * @param version of the product when the form was filled; 0 for a new one
 * @param categories numbers of those it stands in
 * @param tags with commas between
 */
record ProductForm(
        long version,
        String sku,
        String name,
        String description,
        String drawing,
        String brand,
        Set<Long> categories,
        String type,
        String supplier,
        String tags,
        String taxClass,
        String shelfPrice,
        String unitCost,
        String decimals,
        List<VariantText> variants) {

    static final String DEFAULT_DRAWING = "tray";
    static final List<String> DRAWINGS = List.of(
            "ballast", "bar", "brush", "chain", "cover", "cushion", "flags", "paint", "rope", "screw", "shackle",
            "tray", "window");

    private static final int MOST_VARIANTS = 200;
    private static final int MOST_TAGS = 50;

    /**
     * A variant as typed.
     *
     * @param id empty for a new one
     * @param price its shelf price where it is new; one that is there has its price among the product's prices
     * @param off whether it shall be taken off
     */
    record VariantText(String id, String sku, String name, String unitCost, String price, boolean off) {

        boolean isBlank() {
            return id.isEmpty() && sku.isEmpty() && name.isEmpty() && unitCost.isEmpty() && price.isEmpty();
        }

        /** With what another says of it. */
        VariantText with(VariantText said) {
            return new VariantText(
                    id,
                    sku,
                    said.name.isEmpty() ? name : said.name,
                    said.unitCost.isEmpty() ? unitCost : said.unitCost,
                    said.price.isEmpty() ? price : said.price,
                    off);
        }
    }

    static ProductForm blank() {
        return new ProductForm(
                0, "", "", "", DEFAULT_DRAWING, "", Set.of(), "", "", "", "", "", "", "", List.of(spare()));
    }

    static VariantText spare() {
        return new VariantText("", "", "", "", "", false);
    }

    static ProductForm read(MultiValueMap<String, String> sent) {
        List<VariantText> variants = new ArrayList<>();
        List<String> skus = sent.getOrDefault("variantSku", List.of());
        for (int i = 0; i < Math.min(skus.size(), MOST_VARIANTS); i++) {
            String id = at(sent, "variantId", i);
            variants.add(new VariantText(
                    id,
                    Pasted.stripped(skus.get(i)),
                    at(sent, "variantName", i),
                    at(sent, "variantCost", i),
                    at(sent, "variantPrice", i),
                    !id.isEmpty() && sent.getOrDefault("variantOff", List.of()).contains(id)));
        }
        return new ProductForm(
                Ids.read(text(sent, "version")),
                text(sent, "sku"),
                text(sent, "name"),
                text(sent, "description"),
                text(sent, "drawing"),
                text(sent, "brand"),
                sent.getOrDefault("category", List.of()).stream()
                        .filter(id -> Ids.is(id))
                        .map(Long::valueOf)
                        .collect(Collectors.toCollection(TreeSet::new)),
                text(sent, "type"),
                text(sent, "supplier"),
                text(sent, "tags"),
                text(sent, "taxClass"),
                text(sent, "shelfPrice"),
                text(sent, "unitCost"),
                text(sent, "decimals"),
                variants);
    }

    /** With variants as they are pasted. */
    ProductForm pasting(String pasted) {
        return new ProductForm(
                version,
                sku,
                name,
                description,
                drawing,
                brand,
                categories,
                type,
                supplier,
                tags,
                taxClass,
                shelfPrice,
                unitCost,
                decimals,
                PastedVariants.onto(variants, pasted));
    }

    private static String text(MultiValueMap<String, String> sent, String name) {
        return at(sent, name, 0);
    }

    private static String at(MultiValueMap<String, String> sent, String name, int index) {
        List<String> values = sent.getOrDefault(name, List.of());
        return index < values.size() ? Pasted.stripped(Objects.requireNonNullElse(values.get(index), "")) : "";
    }

    /** The variants that are typed, those that shall go left out. */
    List<VariantText> typedVariants() {
        return variants.stream().filter(one -> !one.isBlank() && !one.off()).toList();
    }

    /** A form that was checked, as it is written. */
    DescribedGoods.Said said(long tax) {
        return new DescribedGoods.Said(
                name,
                description,
                drawing,
                orNone(brand),
                categories,
                orNone(type),
                orNone(supplier),
                tagSet(),
                tax,
                moneyOf(unitCost),
                decimals.isEmpty() ? null : Integer.valueOf(decimals));
    }

    /** The variants of a form that was checked, as they are written. */
    List<DescribedGoods.SaidVariant> saidVariants() {
        return variants.stream()
                .filter(one -> !one.isBlank())
                .map(one -> new DescribedGoods.SaidVariant(
                        Ids.read(one.id()),
                        one.sku(),
                        one.name(),
                        one.off() ? null : moneyOf(one.unitCost()),
                        one.off() ? null : moneyOf(one.price()),
                        one.off()))
                .toList();
    }

    private static @Nullable String orNone(String text) {
        return text.isEmpty() ? null : text;
    }

    Set<String> tagSet() {
        return Arrays.stream(tags.split(","))
                .map(String::strip)
                .filter(tag -> !tag.isEmpty())
                .collect(Collectors.toCollection(() -> new TreeSet<>(String.CASE_INSENSITIVE_ORDER)));
    }

    /** What cannot be taken, by field, as far as the form alone tells. */
    Map<String, String> faults(boolean isNew) {
        Map<String, String> faults = new LinkedHashMap<>();
        if (isNew) {
            sku("sku", sku, faults);
            money("shelfPrice", shelfPrice, faults);
        }
        length("name", name, 1, 200, faults);
        length("description", description, 0, 2000, faults);
        length("brand", brand, 0, 120, faults);
        length("type", type, 0, 120, faults);
        length("supplier", supplier, 0, 120, faults);
        money("unitCost", unitCost, faults);
        if (!decimals.isEmpty() && !decimals.matches("[0-6]")) {
            faults.put("decimals", "“" + decimals + "” is not from 0 to 6");
        }
        if (!DRAWINGS.contains(drawing)) {
            faults.put("drawing", "There is no drawing “" + drawing + "”");
        }
        if (tagSet().size() > MOST_TAGS) {
            faults.put("tags", tagSet().size() + " tags are too many; at most " + MOST_TAGS);
        }
        tagSet().stream()
                .filter(tag -> tag.length() > 60)
                .findFirst()
                .ifPresent(tag ->
                        faults.put("tags", "A tag has at most 60 characters; “" + tag + "” has " + tag.length()));
        faults.putAll(variantFaults());
        return faults;
    }

    /** What cannot be taken of its variants, by field. */
    Map<String, String> variantFaults() {
        Map<String, String> faults = new LinkedHashMap<>();
        Set<String> skus = new TreeSet<>(Set.of(sku));
        for (int i = 0; i < variants.size(); i++) {
            VariantText one = variants.get(i);
            if (one.isBlank() || one.off()) {
                continue;
            }
            sku("variantSku." + i, one.sku(), faults);
            length("variantName." + i, one.name(), 1, 120, faults);
            money("variantCost." + i, one.unitCost(), faults);
            money("variantPrice." + i, one.price(), faults);
            if (!one.id().isEmpty() && !one.price().isEmpty()) {
                faults.put("variantPrice." + i, "It is there already; its price is changed at “Its prices”");
            }
            if (!skus.add(one.sku())) {
                faults.put("variantSku." + i, "The SKU “" + one.sku() + "” stands twice");
            }
        }
        return faults;
    }

    private static void sku(String field, String text, Map<String, String> faults) {
        if (text.isEmpty()) {
            faults.put(field, "Type a SKU");
            return;
        }
        String fault = Sku.faultOfNew(text);
        if (fault != null) {
            faults.put(field, FirstLetter.large(fault));
        }
    }

    private static void length(String field, String text, int least, int most, Map<String, String> faults) {
        if (text.length() < least) {
            faults.put(field, "Type something here");
        } else if (text.length() > most) {
            faults.put(field, "At most " + most + " characters; these are " + text.length());
        } else if (text.chars().anyMatch(c -> Character.isISOControl(c) && c != '\n' && c != '\r')) {
            faults.put(field, "There is a character in it that cannot be printed");
        }
    }

    private static void money(String field, String text, Map<String, String> faults) {
        if (text.isEmpty()) {
            return;
        }
        DecimalText.Reading reading = TypedNumbers.read(text);
        BigDecimal value = reading.value();
        String fault = value == null ? Objects.requireNonNull(reading.fault()).message() : PriceLimits.fault(value);
        if (fault != null) {
            faults.put(field, fault);
        }
    }

    /** A field that was checked. */
    static @Nullable BigDecimal moneyOf(String text) {
        return text.isEmpty() ? null : TypedNumbers.read(text).value();
    }
}
