package dev.steelyard.core.prepared;

import dev.steelyard.core.card.Item;
import dev.steelyard.core.formula.Formula;
import dev.steelyard.core.formula.ast.Scope;
import dev.steelyard.core.formula.run.Frame;
import dev.steelyard.core.ladder.Breaks;
import dev.steelyard.core.ladder.BreaksInForce;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.reckoning.Notes;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Pattern;

/** What one line is worked out with: its values for formulas, and where its steps are written. */
final class Run {

    /** Numbers with their units, added and multiplied; no function, name or text. */
    private static final Pattern READABLE = Pattern.compile(
            "[\\d.,\\s×+/()−-]*+(?:(?>mm|cm|m|km|in|ft|yd|mL|L|g|kg|t|oz|lb)[²³]?[\\d.,\\s×+/()−-]*+)*+");

    private final Frame frame;
    private final Asked asked;
    private final Notes notes;
    private final Map<String, String> shown;

    Run(Scope scope, Asked asked, Notes notes) {
        this.frame = new Frame(scope);
        this.asked = asked;
        this.notes = notes;
        this.shown = notes.wanted() ? new HashMap<>() : Map.of();
    }

    /** Gives the built-in names their values. */
    void begin(int piecesSlot, int shelfPriceSlot) {
        frame.set(piecesSlot, BigDecimal.valueOf(asked.quantity()));
        show(Scope.PIECES, BigDecimal.valueOf(asked.quantity()), "");
        BigDecimal shelfPrice = asked.item().shelfPrice();
        if (shelfPrice != null) {
            frame.set(shelfPriceSlot, shelfPrice);
            show(Scope.SHELF_PRICE, shelfPrice, "");
        }
    }

    Frame frame() {
        return frame;
    }

    Item item() {
        return asked.item();
    }

    Answers answers() {
        return asked.answers();
    }

    /** The breaks that count for this line's customer and day. */
    BreaksInForce inForce(Breaks breaks) {
        return breaks.inForce(asked.group(), asked.day());
    }

    /** The value of a measurement in base units. */
    BigDecimal base(PreparedMeasurement measurement) {
        BigDecimal value = frame.number(measurement.slot());
        if (value == null) {
            throw Refused.at(
                    Place.ask(measurement.ask().name()),
                    Refusal.NOT_ASKED_WITH_PACK,
                    Part.name(measurement.ask().label()));
        }
        return measurement.toBase(value);
    }

    Notes notes() {
        return notes;
    }

    /** Keeps how a name's value is shown, where steps are wanted. */
    void show(String name, BigDecimal value, String unit) {
        if (notes.wanted()) {
            String digits = Decimals.plain(value, 0);
            shown.put(name, unit.isEmpty() ? digits : digits + " " + unit);
        }
    }

    void show(String name, String text) {
        if (notes.wanted()) {
            shown.put(name, text);
        }
    }

    /** A formula with this line's numbers put in. */
    Part with(Formula formula) {
        String text = formula.with(name -> shown.getOrDefault(name, name)).strip();
        String worked = (text.startsWith("=") ? text.substring(1) : text).replace(" * ", " × ");
        return new Part.Worked(worked, READABLE.matcher(worked).matches());
    }
}
