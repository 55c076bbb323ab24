package dev.steelyard.web.editing.card;

import dev.steelyard.web.editing.draft.DraftDocument;
import dev.steelyard.web.editing.draft.TypedFields;
import dev.steelyard.web.editing.trial.TrialText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import tools.jackson.databind.node.ObjectNode;

/**
 * The page's form as sent. A field's name is the place in the card that it is typed for, as a JSON Pointer; before it may
 * stand a sign of what kind of value it is.
 *
 * <ul>
 *   <li>what {@link TypedFields} takes
 *   <li>{@code &/ladder/rows/0}: rows of other customers that go with a row, whose threshold and dates follow it
 *   <li>{@code +/ladder/rows/0:Boatyard}: a new row beside a row, for a customer group
 *   <li>{@code pick:/cases/0/when:1:value}: a part of a condition that is built by picking
 * </ul>
 *
 * @param basedOn the version that the form was made from
 * @param trial the fields of the trial, without their {@code t.}
 */
record CardForm(long basedOn, Step step, Map<String, String> trial, MultiValueMap<String, String> sent) {

    private static final String TRIAL = "t.";
    private static final List<String> FOLLOWING = List.of("from", "fromDate", "untilDate");

    static CardForm read(MultiValueMap<String, String> sent) {
        Map<String, String> trial = new LinkedHashMap<>();
        sent.forEach((name, values) -> {
            if (name.startsWith(TRIAL)) {
                trial.put(name.substring(TRIAL.length()), last(values));
            }
        });
        String number = value(sent, "basedOn");
        return new CardForm(
                number.matches("\\d{1,18}") ? Long.parseLong(number) : 0, Step.of(value(sent, "step")), trial, sent);
    }

    private static String last(List<String> values) {
        return values.isEmpty() || values.get(values.size() - 1) == null ? "" : values.get(values.size() - 1);
    }

    private static String value(MultiValueMap<String, String> sent, String name) {
        return last(sent.getOrDefault(name, List.of()));
    }

    /** The step and the trial alone: what was typed has been kept, or given up. */
    CardForm withoutFields() {
        MultiValueMap<String, String> rest = new LinkedMultiValueMap<>();
        sent.forEach((name, values) -> {
            if (name.startsWith("g.") || name.startsWith("f:") || name.equals("axisEnd")) {
                rest.put(name, values);
            }
        });
        return new CardForm(basedOn, step, trial, rest);
    }

    /** The same with another trial. */
    CardForm trying(TrialText other) {
        return new CardForm(basedOn, step, other.fields(), sent);
    }

    /** A parameter of the wish itself. */
    String value(String name) {
        return value(sent, name);
    }

    /** What is typed, put into the card that the form was made from. */
    DraftDocument onto(DraftDocument base) {
        DraftDocument document = base.copy();
        sent.forEach((name, values) -> put(document, name, values));
        picks(document).forEach((place, picks) -> document.put(place, Picks.write(picks)));
        sent.forEach((name, values) -> {
            if (name.startsWith("&/")) {
                follow(document, name.substring(1), last(values));
            }
        });
        sent.forEach((name, values) -> {
            if (name.startsWith("+/")) {
                add(document, name.substring(1), last(values));
            }
        });
        return document;
    }

    private static void put(DraftDocument document, String name, List<String> values) {
        if (name.startsWith("w:")) {
            int index = index(name.substring(2));
            if (index >= 0 && document.weights().path(index) instanceof ObjectNode weight) {
                weight.put("name", last(values));
            }
        } else {
            TypedFields.put(document, name, values);
        }
    }

    private static void follow(DraftDocument document, String row, String others) {
        String list = row.substring(0, row.lastIndexOf('/'));
        for (String other : others.split(",")) {
            if (index(other) >= 0 && document.at(list + "/" + other) instanceof ObjectNode) {
                FOLLOWING.forEach(
                        field -> document.put(list + "/" + other + "/" + field, document.text(row + "/" + field)));
            }
        }
    }

    private static void add(DraftDocument document, String wanted, String value) {
        int colon = wanted.indexOf(':');
        if (value.isBlank() || colon < 0) {
            return;
        }
        String row = wanted.substring(0, colon);
        String group = wanted.substring(colon + 1);
        if (document.at(row) instanceof ObjectNode) {
            ObjectNode added =
                    document.list(row.substring(0, row.lastIndexOf('/'))).addObject();
            FOLLOWING.forEach(field -> {
                if (!document.text(row + "/" + field).isEmpty()) {
                    added.put(field, document.text(row + "/" + field));
                }
            });
            added.put("value", value);
            if (!group.isEmpty()) {
                added.put("group", group);
            }
        }
    }

    private static int index(String digits) {
        return digits.matches("\\d{1,6}") ? Integer.parseInt(digits) : -1;
    }

    /** The places of conditions that are wanted as formulas, though they could be picked. */
    Set<String> asFormulas() {
        Set<String> places = new HashSet<>();
        sent.forEach((name, values) -> {
            if (name.startsWith("f:/") && last(values).equals("on")) {
                places.add(name.substring(2));
            }
        });
        return places;
    }

    /** The picks of conditions as typed, by place, for those that cannot be read back from the formula yet. */
    Map<String, Picks> picks(DraftDocument document) {
        Set<String> choices = new HashSet<>();
        document.at("/asks").forEach(ask -> choices.add(ask.path("choice").asString("")));
        return Picks.read(sent, choices);
    }

    /** Takes away rows of a customer group whose price was emptied: the group then has what everyone has. */
    static DraftDocument tidied(DraftDocument document) {
        List<String> lists = new ArrayList<>(List.of("/ladder/rows"));
        for (int i = 0; i < document.at("/cases").size(); i++) {
            lists.add("/cases/" + i + "/piece/rate/breaks/rows");
        }
        for (String list : lists) {
            TreeMap<Integer, String> emptied = new TreeMap<>(Comparator.reverseOrder());
            for (int i = 0; i < document.at(list).size(); i++) {
                String row = list + "/" + i;
                if (!document.text(row + "/group").isEmpty()
                        && document.text(row + "/value").isEmpty()) {
                    emptied.put(i, row);
                }
            }
            emptied.values().forEach(document::remove);
        }
        return document;
    }
}
