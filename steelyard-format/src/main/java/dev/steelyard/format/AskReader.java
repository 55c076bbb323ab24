package dev.steelyard.format;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.OtherUnit;
import dev.steelyard.core.said.Wording;
import dev.steelyard.core.unit.Unit;
import java.util.Objects;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/** Reads what the shopper is asked. */
final class AskReader {

    private AskReader() {}

    static Ask read(Obj in) {
        boolean measurement = in.has("measurement");
        boolean choice = in.has("choice");
        if (measurement == choice) {
            in.fault("", "an ask has either “measurement” or “choice”, with its name");
        }
        Ask ask = choice ? choice(in) : measurement(in);
        in.done();
        return ask;
    }

    private static Measurement measurement(Obj in) {
        String name = Objects.requireNonNullElse(in.optionalText("measurement"), "");
        return new Measurement(
                name,
                label(in, name),
                in.word("kind", FormatWords.TYPES, null),
                in.unit("unit"),
                in.items("otherUnits", (item, at) -> otherUnit(item, at, in)),
                in.optionalDecimal("min"),
                in.optionalDecimal("max"),
                in.optionalDecimal("step"),
                in.optionalDecimal("start"),
                in.flag("whole", false),
                in.optionalWording("help"),
                in.optionalWording("tooSmall"),
                in.optionalWording("tooLarge"),
                in.optionalText("shownWhen"),
                in.optionalDecimal("notAsked"));
    }

    /** A unit by its code, or an object of it and the step that holds in it. */
    private static OtherUnit otherUnit(JsonNode item, String at, Obj in) {
        if (!item.isObject()) {
            return OtherUnit.of(unit(item, at, in));
        }
        Obj other = in.below(item, at);
        OtherUnit read = new OtherUnit(other.unit("unit"), other.optionalDecimal("step"));
        other.done();
        return read;
    }

    private static Unit unit(JsonNode item, String at, Obj in) {
        Unit unit = item.isString() ? Unit.of(item.stringValue()).orElse(null) : null;
        if (unit == null) {
            in.issues().add(FormatIssue.at(at, Values.words(item) + " is no unit"));
        }
        return unit == null ? Unit.ONE : unit;
    }

    private static Choice choice(Obj in) {
        String name = in.text("choice");
        return new Choice(
                name,
                label(in, name),
                in.objects("options", AskReader::option),
                in.optionalText("start"),
                in.word("look", FormatWords.LOOKS, Choice.Look.LIST),
                in.flag("required", true),
                in.optionalText("shownWhen"));
    }

    private static Wording label(Obj in, String name) {
        Wording label = in.optionalWording("label");
        return label.or(name);
    }

    private static Choice.Option option(Obj in) {
        String name = in.text("name");
        Wording label = in.optionalWording("label");
        String picture = in.optionalText("picture");
        if (picture != null && !Choice.Option.isPicture(picture)) {
            in.fault("picture", Choice.Option.notAPicture(picture));
        }
        Obj charge = in.optionalObject("charge");
        in.done();
        return new Choice.Option(name, label, picture, charge == null ? Charge.NONE : charge(charge));
    }

    private static Charge charge(Obj in) {
        long kinds = Stream.of("perPiece", "perUnit", "percent", "perLine")
                .filter(in::has)
                .count();
        if (kinds != 1) {
            in.fault("", "a charge is one of perPiece, perUnit, percent and perLine");
        }
        Charge charge = Charge.NONE;
        if (in.has("perPiece")) {
            charge = new Charge.PerPiece(in.decimal("perPiece"));
        } else if (in.has("perUnit")) {
            charge = new Charge.PerUnit(in.decimal("perUnit"), in.unit("per"), in.text("of"));
        } else if (in.has("percent")) {
            charge = new Charge.Percent(in.decimal("percent"));
        } else if (in.has("perLine")) {
            charge = new Charge.PerLine(in.decimal("perLine"));
        }
        in.done();
        return charge;
    }
}
