package dev.steelyard.format;

import dev.steelyard.core.card.Ask;
import dev.steelyard.core.card.Charge;
import dev.steelyard.core.card.Choice;
import dev.steelyard.core.card.Measurement;
import dev.steelyard.core.card.OtherUnit;
import java.util.List;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes what the shopper is asked. */
public final class AskWriter {

    private AskWriter() {}

    /** All that a card asks, as its document has it. */
    public static ArrayNode write(List<Ask> asks) {
        ArrayNode written = Json.array();
        asks.forEach(ask -> write(written.addObject(), ask));
        return written;
    }

    static void write(ObjectNode node, Ask ask) {
        if (ask instanceof Measurement measurement) {
            write(node, measurement);
        } else {
            write(node, (Choice) ask);
        }
    }

    private static void write(ObjectNode node, Measurement ask) {
        node.put("measurement", ask.name());
        CardWriter.text(node, "label", ask.label());
        node.put("kind", ask.type().code());
        Units.put(node, "unit", ask.unit());
        if (!ask.otherUnits().isEmpty()) {
            ArrayNode units = node.putArray("otherUnits");
            for (OtherUnit other : ask.otherUnits()) {
                if (other.step() == null) {
                    units.add(other.unit().code());
                } else {
                    ObjectNode one = units.addObject().put("unit", other.unit().code());
                    CardWriter.decimal(one, "step", other.step());
                }
            }
        }
        CardWriter.decimal(node, "min", ask.least());
        CardWriter.decimal(node, "max", ask.most());
        CardWriter.decimal(node, "step", ask.step());
        CardWriter.decimal(node, "start", ask.start());
        if (ask.whole()) {
            node.put("whole", true);
        }
        CardWriter.text(node, "help", ask.help());
        CardWriter.text(node, "tooSmall", ask.tooSmall());
        CardWriter.text(node, "tooLarge", ask.tooLarge());
        CardWriter.text(node, "shownWhen", ask.shownWhen());
        CardWriter.decimal(node, "notAsked", ask.notAsked());
    }

    private static void write(ObjectNode node, Choice ask) {
        node.put("choice", ask.name());
        CardWriter.text(node, "label", ask.label());
        CardWriter.list(node, "options", ask.options(), AskWriter::option);
        CardWriter.text(node, "start", ask.start());
        node.put("look", FormatWords.of(FormatWords.LOOKS, ask.look()));
        node.put("required", ask.required());
        CardWriter.text(node, "shownWhen", ask.shownWhen());
    }

    private static void option(ObjectNode node, Choice.Option option) {
        node.put("name", option.name());
        CardWriter.text(node, "label", option.label());
        CardWriter.text(node, "picture", option.picture());
        Charge charge = option.charge();
        if (charge instanceof Charge.PerPiece piece) {
            CardWriter.decimal(node.putObject("charge"), "perPiece", piece.amount());
        } else if (charge instanceof Charge.Percent percent) {
            CardWriter.decimal(node.putObject("charge"), "percent", percent.percent());
        } else if (charge instanceof Charge.PerLine line) {
            CardWriter.decimal(node.putObject("charge"), "perLine", line.amount());
        } else if (charge instanceof Charge.PerUnit unit) {
            ObjectNode one = node.putObject("charge");
            CardWriter.decimal(one, "perUnit", unit.amount());
            Units.put(one, "per", unit.unit());
            one.put("of", unit.of());
        }
    }
}
