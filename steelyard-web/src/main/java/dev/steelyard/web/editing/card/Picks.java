package dev.steelyard.web.editing.card;

import dev.steelyard.core.formula.ast.Node;
import dev.steelyard.core.formula.parse.Parser;
import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.page.EditForm;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.util.MultiValueMap;

/**
 * A condition built by picking: comparisons of one ask each, of which all or any must hold. It is kept as a formula.
 *
 * @param all whether all must hold; else any
 */
record Picks(boolean all, List<Pick> list) {

    private static final Pattern PART = Pattern.compile("pick:(/[^:]*):(\\d{1,3}|all):?(\\w*)");
    private static final Pattern NUMBER = Pattern.compile("\\s*([-+]?[0-9.]+)\\s*(.*)");

    Picks {
        list = List.copyOf(list);
    }

    /**
     * One comparison.
     *
     * @param name of an ask
     * @param operator as written in formulas
     * @param value a number, or an option's name
     * @param unit of the number; empty for none
     * @param text whether the value is an option's name
     */
    record Pick(String name, String operator, String value, String unit, boolean text) {

        String formula() {
            String right = text ? "\"" + value.replace("\"", "") + "\"" : (value + " " + unit).strip();
            return name + " " + operator + " " + (right.isEmpty() ? "0" : right);
        }
    }

    /**
     * The pickings in a form, by place.
     *
     * @param choices the names of the card's choices, whose values are texts
     */
    static Map<String, Picks> read(MultiValueMap<String, String> sent, Set<String> choices) {
        Map<String, TreeMap<Integer, Map<String, String>>> parts = new LinkedHashMap<>();
        Map<String, Boolean> all = new LinkedHashMap<>();
        sent.forEach((name, values) -> {
            Matcher part = PART.matcher(name);
            if (part.matches() && !values.isEmpty()) {
                String value = values.get(values.size() - 1);
                if (part.group(2).equals("all")) {
                    all.put(part.group(1), value.equals("true"));
                } else {
                    parts.computeIfAbsent(part.group(1), place -> new TreeMap<>())
                            .computeIfAbsent(Integer.valueOf(part.group(2)), index -> new LinkedHashMap<>())
                            .put(part.group(3), value);
                }
            }
        });
        Map<String, Picks> read = new LinkedHashMap<>();
        parts.forEach((place, list) -> read.put(
                place,
                new Picks(
                        all.getOrDefault(place, true),
                        list.values().stream().map(part -> pick(part, choices)).toList())));
        return read;
    }

    /** The pickings typed in a form, for a card with what is typed. */
    static Map<String, Picks> typed(EditForm form, DraftDocument document) {
        Set<String> choices = new HashSet<>();
        document.at("/asks").forEach(ask -> choices.add(ask.path("choice").asString("")));
        return read(form.sent(), choices);
    }

    private static Pick pick(Map<String, String> part, Set<String> choices) {
        return new Pick(
                part.getOrDefault("name", ""),
                part.getOrDefault("operator", "="),
                part.getOrDefault("value", ""),
                part.getOrDefault("unit", ""),
                choices.contains(part.getOrDefault("name", "")));
    }

    /** As a formula. */
    static String write(Picks picks) {
        List<String> written = picks.list().stream().map(Pick::formula).toList();
        return written.size() == 1
                ? written.get(0)
                : written.stream().collect(Collectors.joining("; ", picks.all() ? "AND(" : "OR(", ")"));
    }

    /** The pickings that a formula could have come from; none where it says more than can be picked. */
    static Optional<Picks> of(String formula, String currency) {
        Parser.Parsed parsed = Parser.parse(formula, currency);
        if (!parsed.issues().isEmpty()) {
            return Optional.empty();
        }
        Node root = parsed.node();
        boolean any = root instanceof Node.Call call && call.function().equals("OR");
        boolean several = any || root instanceof Node.Call all && all.function().equals("AND");
        List<Node> parts = several ? ((Node.Call) root).arguments() : List.of(root);
        List<Pick> picks = new ArrayList<>();
        for (Node part : parts) {
            Optional<Pick> pick = one(part, formula);
            if (pick.isEmpty()) {
                return Optional.empty();
            }
            picks.add(pick.get());
        }
        return Optional.of(new Picks(!any, picks));
    }

    private static Optional<Pick> one(Node node, String formula) {
        if (!(node instanceof Node.Binary binary)
                || !(binary.left() instanceof Node.Name name)
                || !binary.operator().compares()) {
            return Optional.empty();
        }
        String operator = binary.operator().sign();
        if (binary.right() instanceof Node.Text text) {
            return Optional.of(new Pick(name.name(), operator, text.value(), "", true));
        }
        Matcher number = NUMBER.matcher(binary.right().span().of(formula));
        return binary.right() instanceof Node.Number && number.matches()
                ? Optional.of(new Pick(
                        name.name(), operator, number.group(1), number.group(2).strip(), false))
                : Optional.empty();
    }
}
