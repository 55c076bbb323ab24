package dev.steelyard.web.shop.settings;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.web.base.page.TypedNumbers;
import dev.steelyard.web.shop.Bounds;
import dev.steelyard.web.shop.Invoicing;
import dev.steelyard.web.shop.Shop;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The shop's name, bounds and address as typed.
 *
 * @param typed by the names of the fields
 * @param faults by the name of the field
 */
record BoundsForm(Map<String, String> typed, Map<String, String> faults) {

    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_ADDRESS = 400;
    private static final int LONGEST_NUMBER = 60;
    private static final int LONGEST_PREFIX = 10;
    private static final int MOST_DECIMALS = 2;
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);
    private static final BigDecimal NEARLY_THOUSAND = new BigDecimal("999.99");

    static BoundsForm of(Shop shop) {
        Bounds bounds = shop.bounds();
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("name", shop.name());
        typed.put("margin", bounds.smallestMargin() == null ? "" : Decimals.plain(bounds.smallestMargin(), 0));
        typed.put("mostPieces", bounds.mostPieces() == Quantity.MOST ? "" : "" + bounds.mostPieces());
        typed.put("largeChange", Decimals.plain(bounds.largeChange(), 0));
        typed.put("hintGives", Decimals.plain(bounds.hintGives(), 0));
        typed.put("dearest", bounds.dearest() == null ? "" : Decimals.plain(bounds.dearest(), 0));
        typed.put("address", shop.invoicing().address());
        typed.put("taxNumber", shop.invoicing().taxNumber());
        typed.put("orderPrefix", shop.invoicing().orderPrefix());
        return new BoundsForm(typed, Map.of());
    }

    static BoundsForm read(Map<String, String> sent) {
        BoundsForm form = new BoundsForm(new LinkedHashMap<>(), new LinkedHashMap<>());
        form.text(sent, "name", LONGEST_NAME);
        if (form.get("name").isEmpty()) {
            form.faults.put("name", "The shop has a name");
        }
        form.text(sent, "address", LONGEST_ADDRESS);
        form.text(sent, "taxNumber", LONGEST_NUMBER);
        form.text(sent, "orderPrefix", LONGEST_PREFIX);
        if (!form.get("orderPrefix").matches("[A-Za-z0-9./_-]*")) {
            form.faults.put("orderPrefix", "Letters, figures and . / _ - only, without spaces");
        }
        form.percent(sent, "margin", HUNDRED, true);
        form.percent(sent, "largeChange", NEARLY_THOUSAND, false);
        form.percent(sent, "hintGives", HUNDRED, false);
        form.percent(sent, "dearest", NEARLY_THOUSAND, true);
        if (form.get("largeChange").equals("0")) {
            form.faults.put("largeChange", "Every change is larger than 0 percent; type a figure above it");
        }
        String most = sent.getOrDefault("mostPieces", "").strip();
        form.typed.put("mostPieces", most);
        BigDecimal pieces = most.isEmpty() ? null : form.number("mostPieces", most);
        if (pieces != null && !Quantity.allowed(pieces)) {
            form.faults.put(
                    "mostPieces",
                    "A line has 1 to " + Quantity.MOST + " whole pieces; “" + most + "” is none of these");
        }
        return form;
    }

    private void text(Map<String, String> sent, String field, int longest) {
        String text = sent.getOrDefault(field, "").strip();
        typed.put(field, text);
        if (text.length() > longest) {
            faults.put(field, "At most " + longest + " characters; these are " + text.length());
        }
    }

    private @Nullable BigDecimal number(String field, String text) {
        DecimalText.Reading reading = TypedNumbers.read(text);
        if (reading.fault() != null) {
            faults.put(field, reading.fault().message());
        }
        return reading.value();
    }

    private void percent(Map<String, String> sent, String field, BigDecimal most, boolean mayBeOpen) {
        String text = sent.getOrDefault(field, "").replace("%", "").strip();
        typed.put(field, text);
        if (text.isEmpty()) {
            if (!mayBeOpen) {
                faults.put(field, "Type a percentage from 0 to " + most.toPlainString());
            }
            return;
        }
        BigDecimal value = number(field, text);
        if (value != null && (value.signum() < 0 || value.compareTo(most) > 0)) {
            faults.put(field, "A percentage from 0 to " + most.toPlainString() + ", not " + text);
        } else if (value != null && Decimals.normal(value).scale() > MOST_DECIMALS) {
            faults.put(field, "At most " + MOST_DECIMALS + " decimals, not " + text);
        }
    }

    public String get(String field) {
        return typed.getOrDefault(field, "");
    }

    public String fault(String field) {
        return faults.getOrDefault(field, "");
    }

    private BigDecimal value(String field) {
        return Objects.requireNonNull(TypedNumbers.read(get(field)).value());
    }

    /** The bounds; only for a form without faults. */
    Bounds bounds() {
        return new Bounds(
                get("margin").isEmpty() ? null : value("margin"),
                get("mostPieces").isEmpty()
                        ? Quantity.MOST
                        : value("mostPieces").longValueExact(),
                value("largeChange"),
                value("hintGives"),
                get("dearest").isEmpty() ? null : value("dearest"));
    }

    Invoicing invoicing() {
        return new Invoicing(get("address"), get("taxNumber"), get("orderPrefix"));
    }
}
