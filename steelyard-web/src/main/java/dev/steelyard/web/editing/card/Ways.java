package dev.steelyard.web.editing.card;

import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.editing.draft.DraftDocument;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What each way to price a piece begins as, from what the card asks. */
final class Ways {

    private final DraftDocument document;
    private final String currency;

    Ways(DraftDocument document, String currency) {
        this.document = document;
        this.currency = currency;
    }

    /** By the product of the lengths, or by what else is measured. */
    void rate(ObjectNode piece) {
        List<String> lengths = names("length");
        ObjectNode rate = piece.putObject("rate");
        if (lengths.isEmpty() || !names("weight").isEmpty()) {
            String name = names("weight").stream()
                    .findFirst()
                    .orElseGet(() -> measurements().stream().findFirst().orElse("weight"));
            rate.put("amount", name).put("unit", unitOf(name, "kg"));
        } else {
            int count = Math.min(3, lengths.size());
            rate.put("amount", String.join(" * ", lengths.subList(0, count)));
            rate.put("unit", count == 1 ? "m" : count == 2 ? "m2" : "m3");
        }
        rate.put("price", "10.00");
    }

    void grid(ObjectNode piece) {
        List<String> by = measurements();
        ObjectNode grid = piece.putObject("grid");
        String first = by.isEmpty() ? "width" : by.get(0);
        String second = by.size() > 1 ? by.get(1) : first;
        grid.put("columnsBy", first).put("rowsBy", second).put("unit", unitOf(first, "mm"));
        if (!unitOf(second, "mm").equals(unitOf(first, "mm"))) {
            grid.put("rowsUnit", unitOf(second, "mm"));
        }
        grid.putArray("columns").add("100").add("200").add("300");
        grid.putArray("rows").add("100").add("200");
        ArrayNode prices = grid.putArray("prices");
        prices.addArray().add("10.00").add("15.00").add("20.00");
        prices.addArray().add("15.00").add("22.50").add("30.00");
    }

    /** @param unit of the packs; empty for what is weighed, or measured */
    void packs(ObjectNode piece, String unit) {
        String by = names("weight").stream()
                .findFirst()
                .orElseGet(() -> measurements().stream().findFirst().orElse(""));
        String in = unit.isEmpty() ? unitOf(by, "kg") : unit;
        ObjectNode packs = piece.putObject("packs");
        ArrayNode list = packs.putArray("packs");
        pack(list, "1", in, "10.00");
        pack(list, "5", in, "45.00");
    }

    private static void pack(ArrayNode list, String amount, String unit, String price) {
        list.addObject()
                .put("name", amount + " " + unit)
                .put("amount", amount)
                .put("unit", unit)
                .put("price", price);
    }

    /** The old way written as a formula, where it can be; else a price. */
    void formula(ObjectNode piece, String place) {
        String amount = document.text(place + "/rate/amount");
        if (!amount.isEmpty()) {
            piece.put(
                    "formula",
                    amount + " * " + document.text(place + "/rate/price") + " " + currency + "/"
                            + document.text(place + "/rate/unit"));
        } else {
            piece.put("formula", document.has(place + "/shelfPrice") ? "shelf_price" : "10.00 " + currency);
        }
    }

    /** Breaks on the amount of a rate, from its price. */
    static void rateBreaks(DraftDocument document, String rate) {
        ObjectNode breaks = document.object(rate + "/breaks").put("mode", "slice");
        breaks.putArray("rows").addObject().put("from", "10").put("value", document.text(rate + "/price"));
    }

    private static String tenthLess(String price) {
        BigDecimal value = DecimalText.read(price).value();
        return value == null
                ? price
                : value.multiply(new BigDecimal("0.9"))
                        .setScale(Math.max(2, value.scale()), RoundingMode.HALF_UP)
                        .toPlainString();
    }

    /** An own amount beside packs: measured by something new where nothing of the kind is asked. */
    static void ownAmount(DraftDocument document, String packs, String currency) {
        String unit = document.text(packs + "/packs/0/unit");
        Dimension dimension = Unit.of(unit).map(Unit::dimension).orElse(Dimension.WEIGHT);
        String by = "";
        for (JsonNode ask : document.at("/asks")) {
            boolean same = Unit.of(ask.path("unit").asString(""))
                    .filter(known -> known.dimension().equals(dimension))
                    .isPresent();
            by = by.isEmpty() && ask.has("measurement") && same
                    ? ask.path("measurement").asString("")
                    : by;
        }
        if (by.isEmpty()) {
            String kind = dimension.equals(Dimension.WEIGHT)
                    ? "weight"
                    : dimension.equals(Dimension.VOLUME)
                            ? "volume"
                            : dimension.equals(Dimension.AREA) ? "area" : "length";
            new NewParts(document, currency).add(kind, "", "");
            ArrayNode asks = document.list("/asks");
            ObjectNode ask = (ObjectNode) asks.get(asks.size() - 1);
            by = ask.path("measurement").asString("");
            ask.put("unit", unit);
        }
        document.object(packs + "/own").put("by", by).put("unit", unit).put("price", "10.00");
    }

    private List<String> measurements() {
        return document.at("/asks")
                .valueStream()
                .map(ask -> ask.path("measurement").asString(""))
                .filter(name -> !name.isEmpty())
                .toList();
    }

    private List<String> names(String kind) {
        return document.at("/asks")
                .valueStream()
                .filter(ask -> ask.path("kind").asString("").equals(kind))
                .map(ask -> ask.path("measurement").asString(""))
                .toList();
    }

    private String unitOf(String name, String otherwise) {
        return document.at("/asks")
                .valueStream()
                .filter(ask -> ask.path("measurement").asString("").equals(name))
                .map(ask -> ask.path("unit").asString(otherwise))
                .findFirst()
                .orElse(otherwise);
    }
}
