package dev.steelyard.format;

import dev.steelyard.core.said.Wording;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * An object that is being read: gives each field as what it must be, and keeps what is wrong with its place. What is
 * wrong reads as something harmless, so that reading goes on and all faults are found at once.
 */
public final class Obj {

    private static final Pattern LANGUAGE = Pattern.compile("[a-z]{2,3}(-[A-Za-z0-9]{2,8})*");
    private static final String UNITS =
            Arrays.stream(Unit.values()).map(Unit::code).collect(Collectors.joining(", "));

    private final JsonNode node;
    private final String at;
    private final List<FormatIssue> issues;
    private final ZoneId zone;
    private final Set<String> known;
    private final AtomicReference<String> language;

    private Obj(
            JsonNode node,
            String at,
            List<FormatIssue> issues,
            ZoneId zone,
            Set<String> known,
            AtomicReference<String> language) {
        this.language = language;
        this.node = node;
        this.at = at;
        this.issues = issues;
        this.zone = zone;
        this.known = known;
    }

    /** @param zone the shop's, for moments without an offset */
    public static Obj of(JsonNode node, String at, List<FormatIssue> issues, ZoneId zone) {
        return of(node, at, issues, zone, new AtomicReference<>(""));
    }

    private static Obj of(
            JsonNode node, String at, List<FormatIssue> issues, ZoneId zone, AtomicReference<String> language) {
        if (!node.isObject()) {
            issues.add(FormatIssue.at(at, "this is " + Values.words(node) + "; it must be an object"));
            return new Obj(Json.object(), at, new ArrayList<>(), zone, new HashSet<>(), language);
        }
        return new Obj(node, at, issues, zone, new HashSet<>(), language);
    }

    /** The same object, its moments read in another time zone. */
    public Obj in(ZoneId other) {
        return new Obj(node, at, issues, other, known, language);
    }

    /** An object that stands somewhere below this one. */
    public Obj below(JsonNode child, String where) {
        return of(child, where, issues, zone, language);
    }

    /** Where this object is. */
    public String place() {
        return at;
    }

    /** Where a field is. */
    public String at(String field) {
        return at + Json.step(field);
    }

    public void fault(String field, String message) {
        issues.add(FormatIssue.at(field.isEmpty() ? at : at(field), message));
    }

    /** Whether a field is there and not null. */
    public boolean has(String field) {
        known.add(field);
        return !node.path(field).isMissingNode() && !node.path(field).isNull();
    }

    /** Whether a field is there, null or not. */
    public boolean names(String field) {
        known.add(field);
        return node.has(field);
    }

    private boolean missing(String field) {
        if (has(field)) {
            return false;
        }
        fault(field, "“" + field + "” is missing");
        return true;
    }

    public String text(String field) {
        return missing(field) ? "" : Objects.requireNonNullElse(optionalText(field), "");
    }

    @Nullable
    public String optionalText(String field) {
        if (!has(field)) {
            return null;
        }
        JsonNode value = node.path(field);
        if (!value.isString()) {
            fault(field, "this is " + Values.words(value) + "; it must be a text");
            return null;
        }
        return value.stringValue();
    }

    /** A text, or texts by language. */
    public Wording wording(String field) {
        return missing(field) ? Wording.NONE : optionalWording(field);
    }

    public Wording optionalWording(String field) {
        if (!has(field)) {
            return Wording.NONE;
        }
        JsonNode value = node.path(field);
        if (!value.isObject()) {
            return Wording.of(Objects.requireNonNullElse(optionalText(field), ""));
        }
        for (Map.Entry<String, JsonNode> one : value.properties()) {
            boolean language = LANGUAGE.matcher(one.getKey()).matches();
            if (!language || !one.getValue().isString()) {
                String wrong = language
                        ? Values.shortened(one.getValue().toString()) + " is no text"
                        : "“" + Values.shortened(one.getKey()) + "” is no language";
                issues.add(FormatIssue.at(
                        at(field) + Json.step(one.getKey()),
                        wrong + "; texts by language are like {\"en\": \"Length\", \"de\": \"Länge\"}"));
                return Wording.NONE;
            }
        }
        return Wordings.read(value, language.get());
    }

    /** Says in which language the document is written, for all that is read of it from now on. */
    public void written(String code) {
        language.set(code);
    }

    public BigDecimal decimal(String field) {
        return missing(field) ? BigDecimal.ZERO : Objects.requireNonNullElse(optionalDecimal(field), BigDecimal.ZERO);
    }

    @Nullable
    public BigDecimal optionalDecimal(String field) {
        return has(field) ? Values.decimal(node.path(field), at(field), issues) : null;
    }

    public int whole(String field, int least, int most) {
        Integer value = missing(field) ? null : optionalWhole(field, least, most);
        return value == null ? least : value;
    }

    @Nullable
    public Integer optionalWhole(String field, int least, int most) {
        if (!has(field)) {
            return null;
        }
        JsonNode value = node.path(field);
        if (!value.isIntegralNumber()
                || value.bigIntegerValue().compareTo(BigInteger.valueOf(least)) < 0
                || value.bigIntegerValue().compareTo(BigInteger.valueOf(most)) > 0) {
            fault(
                    field,
                    "this is " + Values.words(value) + "; it must be a whole number from " + least + " to " + most);
            return null;
        }
        return value.intValue();
    }

    public boolean flag(String field, boolean otherwise) {
        Boolean value = optionalFlag(field);
        return value == null ? otherwise : value;
    }

    @Nullable
    public Boolean optionalFlag(String field) {
        if (!has(field)) {
            return null;
        }
        JsonNode value = node.path(field);
        if (!value.isBoolean()) {
            fault(field, "this is " + Values.words(value) + "; it must be true or false");
            return null;
        }
        return value.booleanValue();
    }

    /** One of some words. */
    public <T> T word(String field, Map<String, T> words, @Nullable T otherwise) {
        T first = words.values().iterator().next();
        if (otherwise != null ? !has(field) : missing(field)) {
            return otherwise != null ? otherwise : first;
        }
        String text = optionalText(field);
        T value = text == null ? null : words.get(text);
        if (text != null && value == null) {
            fault(field, "“" + Values.shortened(text) + "” is none of " + String.join(", ", words.keySet()));
        }
        return value == null ? first : value;
    }

    public Unit unit(String field) {
        return missing(field) ? Unit.ONE : Objects.requireNonNullElse(optionalUnit(field), Unit.ONE);
    }

    /** A unit by its code, with its UCUM code beside it where one is given. */
    @Nullable
    public Unit optionalUnit(String field) {
        String ucum = optionalText(ucumOf(field));
        String code = optionalText(field);
        if (code == null) {
            return null;
        }
        Unit unit = Unit.of(code).orElse(null);
        if (unit == null) {
            fault(field, "there is no unit “" + Values.shortened(code) + "”; there are " + UNITS);
        } else if (ucum != null && !ucum.equals(unit.ucum())) {
            fault(
                    ucumOf(field),
                    "“" + Values.shortened(ucum) + "” is not the UCUM code of " + code + ", which is " + unit.ucum());
        }
        return unit;
    }

    /** The field that holds the UCUM code beside a unit. */
    public static String ucumOf(String field) {
        return field.equals("unit") ? "ucum" : field + "Ucum";
    }

    /** A day, a time or a moment. */
    public <T> @Nullable T parsed(String field, TimeText<T> kind) {
        String text = optionalText(field);
        if (text == null) {
            return null;
        }
        try {
            return kind.parse().apply(text, zone);
        } catch (TimeText.Unclear unclear) {
            issues.add(FormatIssue.unclear(at(field), Objects.requireNonNull(unclear.getMessage()), unclear.instead()));
            return null;
        } catch (DateTimeException noSuchTime) {
            fault(field, "“" + Values.shortened(text) + "” is not " + kind.wanted());
            return null;
        }
    }

    /** An object in a field; an empty one, with a fault, where it is missing. */
    public Obj object(String field) {
        if (missing(field)) {
            return new Obj(Json.object(), at(field), new ArrayList<>(), zone, new HashSet<>(), language);
        }
        return below(node.path(field), at(field));
    }

    @Nullable
    public Obj optionalObject(String field) {
        return has(field) ? below(node.path(field), at(field)) : null;
    }

    /** The objects in an array; none where the field is not there. */
    public <T> List<T> objects(String field, Function<Obj, T> read) {
        return items(field, (item, where) -> read.apply(below(item, where)));
    }

    public List<String> texts(String field) {
        return items(field, (item, where) -> {
            if (!item.isString()) {
                issues.add(FormatIssue.at(where, "this is " + Values.words(item) + "; it must be a text"));
                return "";
            }
            return item.stringValue();
        });
    }

    public Set<String> textSet(String field) {
        return new LinkedHashSet<>(texts(field));
    }

    public List<BigDecimal> decimals(String field) {
        return items(
                field,
                (item, where) -> Objects.requireNonNullElse(Values.decimal(item, where, issues), BigDecimal.ZERO));
    }

    /** Rows of cells, of which some may be empty. */
    public List<List<@Nullable BigDecimal>> table(String field) {
        return items(field, (row, where) -> {
            List<@Nullable BigDecimal> cells = new ArrayList<>();
            if (!row.isArray()) {
                issues.add(FormatIssue.at(where, "this is " + Values.words(row) + "; it must be a list of prices"));
                return cells;
            }
            for (int i = 0; i < row.size(); i++) {
                cells.add(row.get(i).isNull() ? null : Values.decimal(row.get(i), where + "/" + i, issues));
            }
            return cells;
        });
    }

    public <T> List<T> items(String field, BiFunction<JsonNode, String, T> read) {
        List<T> items = new ArrayList<>();
        if (!has(field)) {
            return items;
        }
        JsonNode array = node.path(field);
        if (!array.isArray()) {
            fault(field, "this is " + Values.words(array) + "; it must be a list");
            return items;
        }
        for (int i = 0; i < array.size(); i++) {
            items.add(read.apply(array.get(i), at(field) + "/" + i));
        }
        return items;
    }

    /** The fields of an object by name; none where it is not there. */
    public Map<String, JsonNode> fields(String field) {
        Map<String, JsonNode> fields = new LinkedHashMap<>();
        if (has(field)) {
            if (node.path(field).isObject()) {
                node.path(field).properties().forEach(one -> fields.put(one.getKey(), one.getValue()));
            } else {
                fault(field, "this is " + Values.words(node.path(field)) + "; it must be an object");
            }
        }
        return fields;
    }

    public List<FormatIssue> issues() {
        return issues;
    }

    /** Names every field that nobody asked for. */
    public void done() {
        for (String name : node.propertyNames()) {
            if (!known.contains(name)) {
                fault(
                        name,
                        "there is no field “" + Values.shortened(name) + "” here; there are "
                                + known.stream().sorted().collect(Collectors.joining(", ")));
            }
        }
    }
}
