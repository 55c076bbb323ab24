package dev.steelyard.web.shop.settings;

import dev.steelyard.core.number.Decimals;
import dev.steelyard.web.base.page.Countries;
import dev.steelyard.web.base.page.Ids;
import dev.steelyard.web.shop.Taxes.Setting;
import dev.steelyard.web.shop.TypedRate;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.springframework.util.MultiValueMap;

/**
 * The form as typed: {@code rate.DE.1} is the rate of the tax class 1 in Germany, {@code new} a country to be added.
 *
 * @param rates as typed, by country and class
 * @param faults by the name of the field
 */
record TaxForm(
        boolean included,
        boolean perLine,
        String home,
        Set<String> groupsWithout,
        Map<String, Map<Long, String>> rates,
        String added,
        Map<String, String> faults) {

    private static final String NEW = "new";

    static TaxForm of(Setting setting) {
        Map<String, Map<Long, String>> rates = new TreeMap<>();
        setting.rates().forEach((country, ofClasses) -> {
            Map<Long, String> typed = new TreeMap<>();
            ofClasses.forEach((id, rate) -> typed.put(id, Decimals.plain(rate, 0)));
            rates.put(country, typed);
        });
        return new TaxForm(
                setting.included(), setting.perLine(), setting.home(), setting.groupsWithout(), rates, "", Map.of());
    }

    /** Reads what was sent; a country whose rates are all emptied is left out. */
    static TaxForm read(MultiValueMap<String, String> sent, List<Long> classes) {
        Map<String, String> faults = new LinkedHashMap<>();
        Map<String, Map<Long, String>> rates = new TreeMap<>();
        String added = value(sent, NEW);
        if (!added.isEmpty() && Countries.code(added) == null) {
            faults.put(NEW, "“" + shortened(added) + "” is no country");
        }
        for (String name : sent.keySet()) {
            String[] parts = name.split("\\.");
            boolean rate = parts.length == 3 && parts[0].equals("rate") && Ids.is(parts[2]);
            String country = rate && parts[1].equals(NEW) ? added : rate ? parts[1] : "";
            String typed = value(sent, name);
            if (rate
                    && Countries.code(country) != null
                    && classes.contains(Long.parseLong(parts[2]))
                    && !typed.isEmpty()) {
                String fault = TypedRate.fault(typed);
                if (!fault.isEmpty()) {
                    faults.put(name, fault);
                }
                rates.computeIfAbsent(country, any -> new TreeMap<>()).put(Long.parseLong(parts[2]), typed);
            }
        }
        String home = value(sent, "home");
        if (Countries.code(home) == null) {
            faults.put("home", "Pick the country goods go to unless it is said");
        }
        return new TaxForm(
                !value(sent, "included").equals("no"),
                value(sent, "per").equals("line"),
                home,
                new TreeSet<>(sent.getOrDefault("group", List.of())),
                rates,
                added,
                faults);
    }

    /** Its fields as a form sends them. */
    Map<String, List<String>> fields() {
        Map<String, List<String>> fields = new TreeMap<>();
        fields.put("included", List.of(included ? "yes" : "no"));
        fields.put("per", List.of(perLine ? "line" : "basket"));
        fields.put("home", List.of(home));
        fields.put("group", List.copyOf(groupsWithout));
        rates.forEach((country, ofClasses) ->
                ofClasses.forEach((id, rate) -> fields.put("rate." + country + "." + id, List.of(rate))));
        return fields;
    }

    private static String value(MultiValueMap<String, String> sent, String name) {
        String value = sent.getFirst(name);
        return value == null ? "" : value.strip();
    }

    private static String shortened(String typed) {
        return typed.length() <= 40 ? typed : typed.substring(0, 40) + "…";
    }

    /** The setting; only for a form without faults. */
    Setting setting() {
        Map<String, Map<Long, BigDecimal>> read = new TreeMap<>();
        rates.forEach((country, ofClasses) -> {
            Map<Long, BigDecimal> values = new TreeMap<>();
            ofClasses.forEach((id, typed) -> values.put(id, TypedRate.read(typed)));
            read.put(country, values);
        });
        return new Setting(included, perLine, home, read, groupsWithout);
    }

    /** What is typed for a class in a country; empty where nothing is. */
    public String rate(String country, long taxClass) {
        return rates.getOrDefault(country, Map.of()).getOrDefault(taxClass, "");
    }
}
