package dev.steelyard.web.editing.card;

import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.unit.Unit;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.trial.CoveredGoods;
import dev.steelyard.web.editing.words.CoversWords;
import dev.steelyard.web.editing.words.SentencePart;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import tools.jackson.databind.JsonNode;

/** What a card does, step by step, in sentences made from its real numbers; a number that is a field's says so. */
final class Sentences {

    private static final int MOST_BREAKS = 6;

    private final DraftDocument document;
    private final List<SentencePart> parts = new ArrayList<>();

    private Sentences(DraftDocument document) {
        this.document = document;
    }

    static List<SentencePart> of(
            CardStep step, DraftDocument document, CoveredGoods covered, UnaryOperator<String> called) {
        Sentences sentence = new Sentences(document);
        switch (step) {
            case ASK -> sentence.ask();
            case PIECE -> sentence.piece();
            case BREAKS -> sentence.breaks();
            case FINISH -> sentence.finish();
            case COVERS -> sentence.covers(covered, called);
            case WEIGHTS -> sentence.weights();
            case SHOP -> sentence.shop();
            case LANGUAGES -> sentence.words("What shoppers of other languages read.");
        }
        return List.copyOf(sentence.parts);
    }

    /** What the card does in one line, for lists: how a piece is priced, and its breaks. */
    static String inOneLine(DraftDocument document) {
        Sentences sentence = new Sentences(document);
        if (!document.text("/ladder/mode").equals("lot")) {
            sentence.piece();
        }
        if (document.at("/ladder/rows").size() > 0) {
            sentence.words(sentence.parts.isEmpty() ? "" : " ");
            sentence.breaks();
        }
        StringBuilder line = new StringBuilder();
        sentence.parts.forEach(part -> line.append(part.text()));
        return line.toString();
    }

    private void words(String text) {
        parts.add(new SentencePart(text, null));
    }

    private void number(String at) {
        String text = document.text(at);
        parts.add(new SentencePart(text.isEmpty() ? "?" : text, at));
    }

    private void ask() {
        List<String> measured = new ArrayList<>();
        List<String> picked = new ArrayList<>();
        int index = 0;
        for (JsonNode ask : document.at("/asks")) {
            boolean choice = ask.has("choice");
            String name = ask.path(choice ? "choice" : "measurement").asString("");
            String label = ask.path("label").asString(name).toLowerCase(Locale.UK);
            (choice ? picked : measured).add((choice ? "" : index + ":") + label);
            index++;
        }
        if (measured.isEmpty() && picked.isEmpty()) {
            words("The shopper is asked for a quantity, and nothing else.");
            return;
        }
        words("The shopper ");
        for (int i = 0; i < measured.size(); i++) {
            String[] one = measured.get(i).split(":", 2);
            words(i == 0 ? "types " : i + 1 == measured.size() ? " and " : ", ");
            words(one[1]);
            String at = "/asks/" + one[0];
            if (!document.text(at + "/min").isEmpty()
                    && !document.text(at + "/max").isEmpty()) {
                words(" from ");
                number(at + "/min");
                words(" to ");
                number(at + "/max");
                words(" " + symbol(document.text(at + "/unit")));
            }
        }
        for (int i = 0; i < picked.size(); i++) {
            String joint = i + 1 == picked.size() ? " and " : ", ";
            words(i == 0 ? (measured.isEmpty() ? "picks " : ", and picks ") : joint);
            words(picked.get(i));
        }
        words(".");
    }

    private void piece() {
        int cases = document.at("/cases").size();
        if (cases == 0) {
            boolean lots = document.text("/ladder/mode").equals("lot");
            words(lots ? "A piece costs what its lot says." : "A piece costs its shelf price.");
            return;
        }
        String piece = "/cases/" + (cases - 1) + "/piece";
        words(
                cases > 1
                        ? (cases == 2
                                        ? "In 1 case its own; otherwise"
                                        : "In " + (cases - 1) + " cases their own; otherwise")
                                + " a piece costs "
                        : "A piece costs ");
        way(piece);
        if (!document.text(piece + "/base").isEmpty()) {
            words(" plus ");
            number(piece + "/base");
        }
        words(".");
    }

    private void way(String piece) {
        if (document.at(piece + "/rate").isObject()) {
            number(piece + "/rate/price");
            words(" per " + symbol(document.text(piece + "/rate/unit")));
            if (!document.text(piece + "/rate/wastePercent").isEmpty()) {
                words(" with ");
                number(piece + "/rate/wastePercent");
                words(" % waste");
            }
            if (!document.text(piece + "/rate/atLeast").isEmpty()) {
                words(", at least ");
                number(piece + "/rate/atLeast");
                words(" " + symbol(document.text(piece + "/rate/unit")));
            }
            rateBreaks(piece + "/rate");
        } else if (document.at(piece + "/grid").isObject()) {
            words("what the grid says for its " + document.text(piece + "/grid/columnsBy") + " and "
                    + document.text(piece + "/grid/rowsBy") + ", next size up");
        } else if (document.at(piece + "/packs").isObject()) {
            words("the price of the pack picked");
            if (document.at(piece + "/packs/own").isObject()) {
                words(", or ");
                number(piece + "/packs/own/price");
                words(" per " + symbol(document.text(piece + "/packs/own/unit")) + " of any amount");
            }
        } else if (document.at(piece).has("formula")) {
            words("what the formula says");
        } else if (document.on(piece + "/none")) {
            words("what its lot says");
        } else {
            words("its shelf price");
        }
    }

    private void rateBreaks(String rate) {
        int count = document.at(rate + "/breaks/rows").size();
        for (int i = 0; i < Math.min(count, MOST_BREAKS); i++) {
            String row = rate + "/breaks/rows/" + i;
            if (document.text(row + "/group").isEmpty()) {
                words(i == 0 ? "; from " : ", from ");
                number(row + "/from");
                words(" " + symbol(document.text(rate + "/unit")) + " on it is ");
                number(row + "/value");
            }
        }
    }

    private void breaks() {
        List<Integer> rows = new ArrayList<>();
        for (int i = 0; i < document.at("/ladder/rows").size(); i++) {
            if (document.text("/ladder/rows/" + i + "/group").isEmpty()) {
                rows.add(i);
            }
        }
        if (rows.isEmpty()) {
            words(
                    document.on("/ownRows")
                            ? "The product’s own price rows count."
                            : "No breaks: every piece costs the same, however many are ordered.");
            return;
        }
        String value = document.text("/ladder/value");
        String mode = document.text("/ladder/mode");
        String unit =
                document.text("/ladder/counts").equals("amount") ? " " + symbol(document.text("/ladder/unit")) : "";
        for (int i = 0; i < Math.min(rows.size(), MOST_BREAKS); i++) {
            String row = "/ladder/rows/" + rows.get(i);
            words(i == 0 ? "From " : ", from ");
            number(row + "/from");
            words(unit + (i > 0 ? " it is " : first(value, mode)));
            number(row + "/value");
            words(value.equals("percent-off") ? " %" : "");
        }
        int left = rows.size() - MOST_BREAKS;
        words(left > 0 ? ", and " + left + " more breaks." : ".");
        lotEnd(mode);
    }

    /** What stands between the first threshold and its value. */
    private static String first(String value, String mode) {
        boolean slices = mode.equals("slice");
        return switch (value) {
            case "percent-off", "amount-off" -> slices ? " on, that slice is reduced by " : " on, it is reduced by ";
            case "lot-total" -> " on, the lot costs ";
            default -> slices ? " on, that slice costs " : " on, each costs ";
        };
    }

    private void lotEnd(String mode) {
        if (mode.equals("lot") && !document.text("/ladder/upTo").isEmpty()) {
            words(" Up to ");
            number("/ladder/upTo");
            if (document.text("/ladder/furtherPiece").isEmpty()) {
                words(" are sold.");
            } else {
                words("; each further piece costs ");
                number("/ladder/furtherPiece");
                words(".");
            }
        }
    }

    private void finish() {
        String setUp = document.text("/finish/setUp");
        String minimum = document.text("/finish/minimum");
        if (setUp.isEmpty() && minimum.isEmpty()) {
            words("The line costs what its pieces cost: no set-up charge, no minimum.");
        } else {
            if (!setUp.isEmpty()) {
                words("Each line has a set-up charge of ");
                number("/finish/setUp");
            }
            if (!minimum.isEmpty()) {
                words(setUp.isEmpty() ? "Each line costs at least " : " and costs at least ");
                number("/finish/minimum");
            }
            words(".");
        }
        String orders = orders(document);
        if (!orders.isEmpty()) {
            words(" It is sold " + orders + ".");
        }
    }

    /** “12 to 48 pieces, in multiples of 6”; empty where any number can be ordered. */
    static String orders(DraftDocument document) {
        String least = document.text("/quantity/atLeast");
        String most = document.text("/quantity/atMost");
        String multiple = document.text("/quantity/multipleOf");
        List<String> parts = new ArrayList<>();
        if (!least.isEmpty() && !most.isEmpty()) {
            parts.add((least.equals(most) ? "" : least + " to ") + Quantity.words(most));
        } else if (!least.isEmpty() || !most.isEmpty()) {
            parts.add(least.isEmpty() ? "at most " + Quantity.words(most) : "from " + Quantity.words(least));
        }
        if (!multiple.isEmpty()) {
            parts.add("in multiples of " + multiple);
        }
        return String.join(", ", parts);
    }

    private void covers(CoveredGoods covered, UnaryOperator<String> called) {
        words(CoversWords.of(document, called) + " That is " + (covered.words().isEmpty() ? "nothing" : covered.words())
                + " now.");
    }

    private void weights() {
        int kept = document.weights().size();
        words(
                kept == 0
                        ? "No trial is kept yet."
                        : kept == 1
                                ? "One trial is kept with the price it must give."
                                : kept + " trials are kept with the prices they must give.");
    }

    private void shop() {
        String table =
                switch (document.text("/shopPage/table")) {
                    case "cards" -> "as cards";
                    case "line" -> "in one line";
                    case "none" -> "not at all";
                    default -> "as a table";
                };
        words("The shop page shows the breaks " + table + ".");
    }

    private static String symbol(String code) {
        return Unit.of(code)
                .map(Unit::symbol)
                .filter(symbol -> !symbol.isEmpty())
                .orElse(code.equals("1") ? "piece" : code);
    }
}
