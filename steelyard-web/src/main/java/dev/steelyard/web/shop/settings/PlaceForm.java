package dev.steelyard.web.shop.settings;

import dev.steelyard.web.base.page.Currencies;
import dev.steelyard.web.shop.Shop;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What money and days are in, as typed.
 *
 * @param decimals of a price for one piece
 * @param faults by the name of the field
 */
record PlaceForm(String currency, String zone, String decimals, Map<String, String> faults) {

    static PlaceForm of(Shop shop) {
        return new PlaceForm(
                shop.currency(),
                shop.zone().getId(),
                "" + shop.rules().rounding().unitPriceDecimals(),
                Map.of());
    }

    static PlaceForm read(Map<String, String> sent) {
        PlaceForm form = new PlaceForm(
                sent.getOrDefault("currency", "").strip(),
                sent.getOrDefault("zone", "").strip(),
                sent.getOrDefault("decimals", "").strip(),
                new LinkedHashMap<>());
        if (!Currencies.all().containsKey(form.currency)) {
            form.faults.put("currency", "Pick a currency");
        }
        if (!ZoneId.getAvailableZoneIds().contains(form.zone)) {
            form.faults.put("zone", "Pick a time zone");
        }
        if (!form.decimals.matches("[0-6]")) {
            form.faults.put("decimals", "“" + form.decimals + "” is not from 0 to 6");
        }
        return form;
    }

    public String fault(String field) {
        return faults.getOrDefault(field, "");
    }

    /** As names and figures. */
    Map<String, String> state() {
        return Map.of("prices in", currency, "time zone", zone, "decimals of a price for one piece", decimals);
    }

    /** Its values, in their order. */
    String seen() {
        return String.join(" ", currency, zone, decimals);
    }
}
