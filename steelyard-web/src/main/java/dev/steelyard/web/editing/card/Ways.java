package dev.steelyard.web.editing.card;

import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.format.Json;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.page.NotFitting;
import java.util.List;
import java.util.Map;
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

    /** What a new way begins as. */
    private interface Beginning {
        void in(Ways ways, ObjectNode piece, String place);
    }

    /** Every way to price a piece, by its word in files. */
    private static final Map<String, Beginning> ALL = Map.of(
            "shelfPrice", (ways, piece, place) -> piece.put("shelfPrice", true),
            "none", (ways, piece, place) -> piece.put("none", true),
            "rate", (ways, piece, place) -> ways.rate(piece),
            "grid", (ways, piece, place) -> ways.grid(piece),
            "packs", Ways::packs,
            "formula", Ways::formula);

    /**
     * Makes a piece be priced in another way; the way that is left is put aside, and is as it was when one comes back.
     *
     * @throws NotFitting where there is no such way
     */
    void change(String piece, String to) {
        Beginning beginning = ALL.get(to);
        if (beginning == null) {
            throw new NotFitting("“" + to + "” is no way to price a piece");
        }
        new NewParts(document, currency).cases();
        if (document.has(piece + "/" + to)) {
            return;
        }
        ALL.keySet().stream()
                .filter(way -> document.has(piece + "/" + way))
                .forEach(way -> document.putAside(
                        piece, way, document.at(piece + "/" + way).deepCopy()));
        ObjectNode now = Json.object();
        String base = document.text(piece + "/base");
        if (!base.isEmpty() && !to.equals("none")) {
            now.put("base", base);
        }
        JsonNode left = document.aside(piece, to).orElse(null);
        if (left == null) {
            beginning.in(this, now, piece);
        } else {
            now.set(to, left.deepCopy());
        }
        document.put(piece, now);
    }

    /** By the product of the lengths, or by what else is measured. */
    private void rate(ObjectNode piece) {
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

    private void grid(ObjectNode piece) {
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

    /** In the unit of the rate there was, or of what is weighed, or measured. */
    private void packs(ObjectNode piece, String place) {
        String unit = document.text(place + "/rate/unit");
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
    private void formula(ObjectNode piece, String place) {
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
            new NewParts(document, currency).measurement(MeasureKinds.of(kind));
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
