package dev.steelyard.format;

import dev.steelyard.core.said.Code;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.unit.Dimension;
import dev.steelyard.core.unit.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;

/** Reads facts that {@link FactWriter} wrote; what a later version wrote and this one does not know is an error. */
public final class FactReader {

    private FactReader() {}

    /** @throws IllegalArgumentException where it is no fact */
    public static Fact read(JsonNode node) {
        String id = node.path("code").asString("");
        Code code = Code.of(id).orElseThrow(() -> new IllegalArgumentException("there is no code “" + id + "”"));
        List<Part> parts = new ArrayList<>();
        for (String name : code.parts()) {
            JsonNode figure = node.path("figures").path(name);
            parts.add(figure.isMissingNode() ? Part.NONE : part(figure));
        }
        return new Fact(code, parts);
    }

    /**
     * A figure by itself.
     *
     * @throws IllegalArgumentException where it is none
     */
    public static Part part(JsonNode node) {
        if (node.isEmpty()) {
            return Part.NONE;
        }
        for (Join join : Join.values()) {
            JsonNode list = node.get(join.name().toLowerCase(Locale.ROOT));
            if (list != null) {
                List<Part> parts = new ArrayList<>();
                list.forEach(one -> parts.add(part(one)));
                return new Part.All(join, parts);
            }
        }
        if (node.has("code")) {
            return new Part.Of(read(node));
        } else if (node.has("count")) {
            return new Part.Count(node.path("count").longValue());
        } else if (node.has("number")) {
            return new Part.Number(decimal(node, "number"));
        } else if (node.has("money")) {
            BigDecimal money = decimal(node, "money");
            return new Part.Money(money, money.scale());
        } else if (node.has("amount")) {
            return new Part.Amount(decimal(node, "amount"), unit(node));
        } else if (node.has("unit")) {
            return new Part.UnitOf(unit(node));
        } else if (node.has("kind")) {
            return new Part.KindOf(FactWriter.KINDS.getOrDefault(text(node, "kind"), Dimension.PLAIN));
        } else if (node.has("name")) {
            return new Part.Name(Wordings.read(node.path("name"), ""));
        } else if (node.has("called")) {
            return new Part.Called(text(node, "called"), Wordings.read(node.path("words"), ""));
        } else if (node.has("typed")) {
            return new Part.Typed(text(node, "typed"));
        } else if (node.has("worked")) {
            return new Part.Worked(text(node, "worked"), node.path("plain").asBoolean());
        } else if (node.has("day")) {
            return new Part.Day(LocalDate.parse(text(node, "day")));
        } else if (node.has("country")) {
            return new Part.Country(text(node, "country"));
        } else if (node.has("payment")) {
            return new Part.PaidBy(text(node, "payment"));
        }
        throw new IllegalArgumentException("this is no figure: " + node);
    }

    private static String text(JsonNode node, String field) {
        return node.path(field).asString();
    }

    private static BigDecimal decimal(JsonNode node, String field) {
        return new BigDecimal(text(node, field));
    }

    private static Unit unit(JsonNode node) {
        String code = text(node, "unit");
        return Unit.of(code).orElseThrow(() -> new IllegalArgumentException("there is no unit “" + code + "”"));
    }
}
