package dev.steelyard.format;

import dev.steelyard.core.card.Customer;
import dev.steelyard.core.card.Sku;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.prepared.Answers.Answer;
import dev.steelyard.format.Document.Expected;
import dev.steelyard.format.Document.Line;
import dev.steelyard.format.Document.Order;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.JsonNode;

/** Reads the orders of a document, with what they must come to. */
public final class OrderReader {

    private static final int MOST_BEFORE = 100;

    private OrderReader() {}

    static Order read(Obj in) {
        Line line = line(in);
        List<Line> before = in.objects("before", other -> {
            Line read = line(other);
            other.done();
            return read;
        });
        if (before.size() > MOST_BEFORE) {
            in.fault("before", "at most " + MOST_BEFORE + " lines stand before an order");
        }
        Customer customer = customer(in);
        ZonedDateTime at = in.parsed("date", TimeText.MOMENT);
        Obj expect = in.optionalObject("expect");
        Order order = new Order(line, before, customer, at, expect == null ? null : expected(expect));
        in.done();
        return order;
    }

    /** Group, whether signed in, whether it is a first order, and country. */
    public static Customer customer(Obj in) {
        return new Customer(
                in.optionalText("group"),
                in.flag("signedIn", false),
                in.flag("firstOrder", false),
                in.optionalText("country"));
    }

    private static Line line(Obj in) {
        String sku = in.optionalText("sku");
        String fault = sku == null ? null : Sku.fault(sku);
        if (fault != null) {
            in.fault("sku", fault);
        }
        return new Line(sku, in.decimal("quantity"), answers(in));
    }

    /** Answers by the names of what is asked, and the pack picked. */
    public static Answers answers(Obj in) {
        Map<String, Answer> answers = new LinkedHashMap<>();
        in.fields("answers").forEach((name, value) -> answers.put(name, answer(value, in, name)));
        return new Answers(answers, in.optionalText("pack"));
    }

    private static Answer answer(JsonNode value, Obj in, String name) {
        if (value.isString()) {
            return Answer.of(value.stringValue());
        } else if (value.isNumber()) {
            return Answer.of(value.asString());
        } else if (value.isObject()) {
            Obj answer = in.below(value, in.at("answers") + Json.step(name));
            BigDecimal number = answer.decimal("value");
            String unit = answer.text("unit");
            answer.done();
            return new Answer.Typed(number.toPlainString(), unit);
        }
        in.issues()
                .add(FormatIssue.at(
                        in.at("answers") + Json.step(name),
                        "this is " + Values.words(value) + "; an answer is a text, a number, or a value with a unit"));
        return Answer.of("");
    }

    private static Expected expected(Obj in) {
        Expected expected = new Expected(
                in.optionalDecimal("line"),
                in.optionalDecimal("unit"),
                in.optionalDecimal("billable"),
                in.optionalText("refused"));
        boolean figures = expected.line() != null || expected.unit() != null || expected.billable() != null;
        if (figures == (expected.refused() != null)) {
            in.fault("", "what is expected has “line”, “unit” or “billable”, or else “refused”");
        }
        in.done();
        return expected;
    }
}
