package dev.steelyard.format;

import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.unit.Dimension;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes facts: their code, and their figures by name, each as what it is. {@link FactReader} reads them back. */
public final class FactWriter {

    /** Kinds of measure by the word for them. */
    static final Map<String, Dimension> KINDS = Map.of(
            "length", Dimension.LENGTH,
            "area", Dimension.AREA,
            "volume", Dimension.VOLUME,
            "weight", Dimension.WEIGHT,
            "number", Dimension.PLAIN,
            "money", Dimension.MONEY);

    private FactWriter() {}

    public static ObjectNode write(Fact fact) {
        ObjectNode node = Json.object();
        into(node, fact);
        return node;
    }

    /** The same as fields of an object that has others. */
    static void into(ObjectNode node, Fact fact) {
        node.put("code", fact.code().id());
        ObjectNode figures = Json.object();
        List<String> names = fact.code().parts();
        for (int i = 0; i < names.size(); i++) {
            if (!(fact.parts().get(i) instanceof Part.None)) {
                figures.set(names.get(i), write(fact.parts().get(i)));
            }
        }
        if (!figures.isEmpty()) {
            node.set("figures", figures);
        }
    }

    /** A figure by itself. */
    public static ObjectNode write(Part part) {
        ObjectNode node = Json.object();
        if (part instanceof Part.Count count) {
            node.put("count", count.value());
        } else if (part instanceof Part.Number) {
            node.put("number", part.toString());
        } else if (part instanceof Part.Money) {
            node.put("money", part.toString());
        } else if (part instanceof Part.Amount amount) {
            node.put("amount", new Part.Number(amount.value()).toString());
            Units.put(node, "unit", amount.unit());
        } else if (part instanceof Part.UnitOf unit) {
            Units.put(node, "unit", unit.unit());
        } else if (part instanceof Part.KindOf kind) {
            node.put("kind", kind(kind.dimension()));
        } else if (part instanceof Part.Name name) {
            node.set("name", Wordings.write(name.wording()));
        } else if (part instanceof Part.Called called) {
            node.put("called", called.name()).set("words", Wordings.write(called.words()));
        } else if (part instanceof Part.Typed typed) {
            node.put("typed", typed.text());
        } else if (part instanceof Part.Worked worked) {
            node.put("worked", worked.text()).put("plain", worked.plain());
        } else if (part instanceof Part.Day) {
            node.put("day", part.toString());
        } else if (part instanceof Part.Country country) {
            node.put("country", country.code());
        } else if (part instanceof Part.PaidBy payment) {
            node.put("payment", payment.label());
        } else if (part instanceof Part.Of of) {
            into(node, of.fact());
        } else if (part instanceof Part.All all) {
            ArrayNode list = node.putArray(all.join().name().toLowerCase(Locale.ROOT));
            all.parts().forEach(one -> list.add(write(one)));
        }
        return node;
    }

    private static String kind(Dimension dimension) {
        return KINDS.entrySet().stream()
                .filter(kind -> kind.getValue().equals(dimension))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(dimension.words());
    }
}
