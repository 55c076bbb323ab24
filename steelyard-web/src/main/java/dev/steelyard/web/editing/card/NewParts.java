package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.draft.DraftDocument;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.Set;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Adds parts to a card: each begins as something that can be priced. */
final class NewParts {

    private final DraftDocument document;
    private final String currency;
    private final FirstWords words;

    NewParts(DraftDocument document, String currency) {
        this.document = document;
        this.currency = currency;
        this.words = FirstWords.of(document);
    }

    void measurement(MeasureKinds kind) {
        String name = free(kind.code);
        ObjectNode ask = document.list("/asks")
                .addObject()
                .put("measurement", name)
                .put("label", words.label(kind.code))
                .put("kind", kind.code)
                .put("unit", kind.unit)
                .put("min", kind.least)
                .put("max", kind.most);
        if (!kind.step.isEmpty()) {
            ask.put("step", kind.step);
        }
        if (kind == MeasureKinds.COUNT) {
            ask.put("whole", true);
        }
    }

    void limit() {
        document.list("/limits").addObject().put("that", firstCondition("<=")).put("say", "");
    }

    void shown() {
        document.list("/shown")
                .addObject()
                .put("label", words.label("weight"))
                .put("formula", firstMeasurement())
                .put("unit", firstUnit())
                .put("decimals", 2);
    }

    void choice(boolean tick) {
        String name = free(tick ? "extra" : "choice");
        ObjectNode ask = document.list("/asks")
                .addObject()
                .put("choice", name)
                .put("label", words.label(tick ? "extra" : "choice"));
        ArrayNode options = ask.putArray("options");
        options.addObject().put("name", words.plain(tick));
        options.addObject().put("name", words.charged(tick)).putObject("charge").put("perPiece", "5.00");
        ask.put("start", words.plain(tick)).put("look", tick ? "tick" : "list").put("required", true);
    }

    void option(String at) {
        Set<String> taken = new HashSet<>();
        document.at(at + "/options")
                .forEach(option -> taken.add(option.path("name").asString("")));
        String name = "another";
        for (int i = 2; taken.contains(name); i++) {
            name = "another " + i;
        }
        document.list(at + "/options").addObject().put("name", name);
    }

    void namedRate(String value) {
        document.list("/namedRates")
                .addObject()
                .put("name", free(value.isEmpty() ? "rate" : value))
                .put("value", "1.00")
                .put("unit", currency);
    }

    /** Before the last one, which stays the one for all else. */
    void newCase() {
        ArrayNode cases = cases();
        ObjectNode copied = (ObjectNode) cases.get(cases.size() - 1).deepCopy();
        copied.put("when", firstCondition(">"));
        document.insert("/cases", cases.size() - 1, copied);
    }

    /** The cases of a card, written out where it has only the one that is meant where nothing is said. */
    ArrayNode cases() {
        ArrayNode cases = document.list("/cases");
        if (cases.isEmpty()) {
            boolean lots = document.text("/ladder/mode").equals("lot");
            cases.addObject().putObject("piece").put(lots ? "none" : "shelfPrice", true);
        }
        return cases;
    }

    void pack(String at) {
        ArrayNode packs = document.list(at + "/packs");
        BigDecimal amount = BigDecimal.ONE;
        String unit = "kg";
        BigDecimal price = BigDecimal.TEN;
        if (!packs.isEmpty()) {
            String last = at + "/packs/" + (packs.size() - 1);
            amount = number(last + "/amount").multiply(BigDecimal.valueOf(2));
            price = number(last + "/price").multiply(BigDecimal.valueOf(2));
            unit = document.text(last + "/unit");
        }
        packs.addObject()
                .put("name", amount.toPlainString() + " " + unit)
                .put("amount", amount.toPlainString())
                .put("unit", unit)
                .put("price", price.toPlainString());
    }

    private BigDecimal number(String at) {
        try {
            return new BigDecimal(document.text(at).strip());
        } catch (NumberFormatException unread) {
            return BigDecimal.ONE;
        }
    }

    private String firstMeasurement() {
        return document.at("/asks")
                .valueStream()
                .map(ask -> ask.path("measurement").asString(""))
                .filter(name -> !name.isEmpty())
                .findFirst()
                .orElse("pieces");
    }

    private String firstUnit() {
        return document.at("/asks")
                .valueStream()
                .filter(ask -> ask.has("measurement"))
                .map(ask -> ask.path("unit").asString("1"))
                .findFirst()
                .orElse("1");
    }

    /** A condition that says something about the first thing asked, to be changed by picking. */
    private String firstCondition(String operator) {
        for (var ask : document.at("/asks")) {
            if (ask.has("measurement")) {
                String most = ask.path("max").asString("100");
                return ask.path("measurement").asString("") + " " + operator + " " + most + " "
                        + ask.path("unit").asString("");
            }
            if (ask.path("options").path(0).has("name")) {
                return ask.path("choice").asString("") + " = \""
                        + ask.path("options").path(0).path("name").asString("") + "\"";
            }
        }
        return "pieces " + operator + " 10";
    }

    /** A name that nothing else has. */
    private String free(String wanted) {
        Set<String> taken = new HashSet<>();
        document.at("/asks").forEach(ask -> {
            taken.add(ask.path("measurement").asString(""));
            taken.add(ask.path("choice").asString(""));
        });
        document.at("/namedRates").forEach(rate -> taken.add(rate.path("name").asString("")));
        String name = wanted;
        for (int i = 2; taken.contains(name); i++) {
            name = wanted + i;
        }
        return name;
    }
}
