package dev.steelyard.web.editing.deal;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.GoodsSet;
import dev.steelyard.core.card.Item;
import dev.steelyard.core.deal.Deal;
import dev.steelyard.core.deal.Gives.BuyAndGet;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.DayText;
import dev.steelyard.web.editing.trial.Subject;
import dev.steelyard.web.editing.trial.TrialText;
import dev.steelyard.web.selling.payment.PaymentMethod;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The trial's basket as typed: goods with quantities, who buys, where to, how paid, which codes, when. */
record TypedBasket(Map<String, String> fields) {

    static final String GROUP = "group";
    static final String COUNTRY = "country";
    static final String PAYMENT = "payment";
    static final String CODES = "codes";
    static final String DAY = "day";
    static final String TIME = "time";
    static final String FIRST = "firstOrder";
    static final String SKU = "sku.";
    static final String QUANTITY = "quantity.";
    static final String TOTAL = "total.";
    static final int MOST_ROWS = 20;

    TypedBasket {
        fields = Map.copyOf(fields);
    }

    /** Reads what {@link #write} wrote. */
    static TypedBasket read(String json) {
        return new TypedBasket(TrialText.read(json).fields());
    }

    String write() {
        return new TrialText(fields).write();
    }

    public String get(String name) {
        return fields.getOrDefault(name, "");
    }

    /**
     * A row.
     *
     * @param index its number, by which its fields are named
     * @param total what the line comes to, typed; empty where it is worked out
     */
    public record Row(int index, String sku, String quantity, String total) {}

    /** The rows with something in them, closed up. */
    public List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < MOST_ROWS; i++) {
            if (!get(SKU + i).isEmpty()) {
                rows.add(new Row(
                        rows.size(),
                        get(SKU + i),
                        get(QUANTITY + i).isBlank() ? "1" : get(QUANTITY + i),
                        get(TOTAL + i)));
            }
        }
        return rows;
    }

    /** With goods that a deal is about, where nothing is in the basket yet. */
    TypedBasket filledFor(Deal deal, Subject subject) {
        if (!rows().isEmpty() || fields.containsKey(DAY)) {
            return this;
        }
        Map<String, String> filled = new LinkedHashMap<>(fields);
        GoodsSet first = deal.gives() instanceof BuyAndGet both ? both.buy() : deal.acted();
        List<Item> goods = new ArrayList<>();
        subject.goods().stream()
                .flatMap(product -> product.items().stream())
                .filter(item -> first.has(item) || deal.acted().has(item))
                .limit(2)
                .forEach(goods::add);
        for (int i = 0; i < goods.size(); i++) {
            filled.put(SKU + i, goods.get(i).sku().value());
            filled.put(QUANTITY + i, "3");
        }
        if (deal.conditions().payment() != null) {
            filled.put(PAYMENT, deal.conditions().payment());
        }
        if (deal.conditions().code() != null) {
            filled.put(CODES, deal.conditions().code());
        }
        deal.conditions().audience().groupsIn().stream()
                .sorted()
                .findFirst()
                .ifPresent(group -> filled.put(GROUP, group));
        return new TypedBasket(filled);
    }

    /** The day it is tried for; none where what is typed is no day. */
    @Nullable
    LocalDate day(Subject subject) {
        return get(DAY).isBlank() ? subject.today() : DayText.read(get(DAY));
    }

    /** The time of day it is tried at; none where none is typed, or what is typed is none. */
    @Nullable
    LocalTime time() {
        return DayText.time(get(TIME));
    }

    Customer customer(Subject subject) {
        String group = subject.groupNames().contains(get(GROUP)) ? get(GROUP) : null;
        String country = Objects.requireNonNullElse(
                Countries.code(get(COUNTRY)), subject.shop().homeCountry());
        return new Customer(group, group != null, get(FIRST).equals("on"), country);
    }

    public String payment() {
        return get(PAYMENT).isEmpty() ? PaymentMethod.CARD : get(PAYMENT);
    }

    List<String> codes() {
        return List.of(get(CODES).split("[,\\s]+")).stream()
                .filter(code -> !code.isBlank())
                .toList();
    }
}
