package dev.steelyard.web.editing.card;

import dev.steelyard.core.card.Product;
import dev.steelyard.format.Json;
import dev.steelyard.words.Language;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Currency;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes the first draft of a card: sensible asks and a first rate, so that a trial has a price at once. */
final class Starts {

    private static final int[] QUANTITIES = {10, 25, 100};
    private static final int[] PERCENT_LEFT = {95, 90, 80};
    private static final int WHOLE = 100;

    private final String currency;
    private final FirstWords words;
    private final ObjectNode card = Json.object();

    private Starts(String name, String currency, Language language) {
        this.currency = currency;
        this.words = FirstWords.in(language);
        card.put("name", name);
        if (language != Language.ENGLISH) {
            card.put("language", language.code());
        }
    }

    /**
     * @param currency ISO 4217 code, for formulas
     * @param language the shop's own
     * @param goods that it is for
     */
    static ObjectNode card(Start start, String name, String currency, Language language, List<Product> goods) {
        Starts starts = new Starts(name, currency, language);
        switch (start) {
            case QUANTITY -> starts.quantity(goods);
            case METRE -> starts.rate("length", "m", "3.00");
            case AREA -> starts.rate("length * width", "m2", "20.00");
            case VOLUME -> starts.rate("length * width * height", "m3", "300.00");
            case WEIGHT -> starts.rate("weight", "kg", "4.00");
            case GRID -> starts.grid();
            case PACKS -> starts.packs();
            case LOTS -> starts.lots();
            case FORMULA -> starts.formula();
        }
        return starts.card;
    }

    /** From the shelf price where goods have one; percent off it where they have several, so that none gets another's price. */
    private void quantity(List<Product> goods) {
        Set<BigDecimal> shelfPrices = goods.stream()
                .flatMap(product -> product.items().stream())
                .flatMap(item -> Stream.ofNullable(item.shelfPrice()))
                .map(BigDecimal::stripTrailingZeros)
                .collect(Collectors.toSet());
        boolean priced = !shelfPrices.isEmpty();
        if (priced) {
            piece().put("shelfPrice", true);
        } else {
            piece().put("formula", "10.00 " + currency);
        }
        boolean percent = shelfPrices.size() > 1;
        int digits = Currency.getInstance(currency).getDefaultFractionDigits();
        BigDecimal one = priced ? shelfPrices.iterator().next() : BigDecimal.TEN;
        ArrayNode rows = ladder("all-units", percent ? "percent-off" : "price");
        for (int i = 0; i < QUANTITIES.length; i++) {
            BigDecimal price = one.multiply(BigDecimal.valueOf(PERCENT_LEFT[i]))
                    .movePointLeft(2)
                    .setScale(Math.max(digits, one.scale()), RoundingMode.HALF_UP);
            row(rows, QUANTITIES[i], percent ? "" + (WHOLE - PERCENT_LEFT[i]) : price.toPlainString());
        }
    }

    private void rate(String amount, String unit, String price) {
        for (String name : amount.split(" \\* ")) {
            if (unit.equals("m")) {
                measurement(name, "length", "m", "0.5", "200", "0.5");
            } else if (unit.equals("kg")) {
                measurement(name, "weight", "kg", "0.5", "500", "0.5");
            } else {
                measurement(name, "length", "cm", "20", "500", "1");
            }
        }
        piece().putObject("rate").put("amount", amount).put("unit", unit).put("price", price);
    }

    private void grid() {
        measurement("width", "length", "mm", "100", "900", "1");
        measurement("height", "length", "mm", "100", "600", "1");
        ObjectNode grid = piece().putObject("grid");
        grid.put("columnsBy", "width").put("rowsBy", "height").put("unit", "mm");
        grid.putArray("columns").add("300").add("600").add("900");
        grid.putArray("rows").add("200").add("400").add("600");
        ArrayNode prices = grid.putArray("prices");
        prices.addArray().add("30.00").add("45.00").add("65.00");
        prices.addArray().add("45.00").add("70.00").add("100.00");
        prices.addArray().add("65.00").add("100.00").add("145.00");
    }

    private void packs() {
        measurement("weight", "weight", "kg", "0.5", "500", "0.5");
        ObjectNode packs = piece().putObject("packs");
        ArrayNode list = packs.putArray("packs");
        pack(list, "5", "21.00");
        pack(list, "10", "40.00");
        pack(list, "25", "95.00");
        packs.putObject("own").put("by", "weight").put("unit", "kg").put("price", "4.40");
    }

    private static void pack(ArrayNode list, String amount, String price) {
        list.addObject()
                .put("name", amount + " kg")
                .put("amount", amount)
                .put("unit", "kg")
                .put("price", price);
    }

    private void lots() {
        piece().put("none", true);
        ArrayNode rows = ladder("lot", "lot-total");
        ((ObjectNode) card.get("ladder")).put("upTo", "20").put("furtherPiece", "7.00");
        row(rows, 1, "10.00");
        row(rows, 5, "45.00");
        row(rows, 10, "80.00");
    }

    private void formula() {
        measurement("length", "length", "cm", "20", "500", "1");
        measurement("width", "length", "cm", "20", "500", "1");
        card.putArray("namedRates")
                .addObject()
                .put("name", "cloth")
                .put("value", "20.00")
                .put("unit", currency + "/m2");
        piece().put("formula", "length * width * cloth + 5.00 " + currency);
    }

    private void measurement(String name, String kind, String unit, String least, String most, String step) {
        ArrayNode asks = card.get("asks") instanceof ArrayNode there ? there : card.putArray("asks");
        asks.addObject()
                .put("measurement", name)
                .put("label", words.label(name))
                .put("kind", kind)
                .put("unit", unit)
                .put("min", least)
                .put("max", most)
                .put("step", step);
    }

    private ObjectNode piece() {
        return card.get("cases") instanceof ArrayNode cases
                ? (ObjectNode) cases.get(0).get("piece")
                : card.putArray("cases").addObject().putObject("piece");
    }

    private ArrayNode ladder(String mode, String value) {
        return card.putObject("ladder")
                .put("counts", "pieces")
                .put("over", "line")
                .put("mode", mode)
                .put("value", value)
                .putArray("rows");
    }

    private static void row(ArrayNode rows, int from, String value) {
        rows.addObject().put("from", "" + from).put("value", value);
    }
}
