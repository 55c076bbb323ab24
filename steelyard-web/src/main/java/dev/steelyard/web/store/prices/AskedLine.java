package dev.steelyard.web.store.prices;

import dev.steelyard.core.card.Sku;
import dev.steelyard.core.number.DecimalText;
import dev.steelyard.core.number.Quantity;
import dev.steelyard.core.prepared.Answers;
import dev.steelyard.core.pricing.OrderLine;
import dev.steelyard.core.pricing.RefusedLine;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.NumberSays;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.format.Obj;
import dev.steelyard.format.OrderReader;
import java.math.BigDecimal;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * A line as it was asked.
 *
 * @param id what the store calls it; none where it said nothing
 * @param line to be priced; of no pieces where it cannot be
 * @param variants of the pieces of a lot, by SKU, where each has its own; empty where one goes for all
 * @param refused why it cannot be, before anything is priced; none where it can
 */
public record AskedLine(
        @Nullable String id, String sku, OrderLine line, List<String> variants, @Nullable RefusedLine refused) {

    private static final int LONGEST_ID = 100;
    private static final int MOST_VARIANTS = 12;

    /** Reads a line; whatever else stands in it was asked for before. */
    public static AskedLine read(Obj in) {
        String id = in.optionalText("id");
        if (id != null && id.length() > LONGEST_ID) {
            in.fault("id", "an id has at most " + LONGEST_ID + " characters");
        }
        String sku = in.text("sku");
        BigDecimal quantity = in.decimal("quantity");
        Answers answers = OrderReader.answers(in);
        List<String> variants = in.texts("variants");
        if (variants.size() > MOST_VARIANTS) {
            in.fault("variants", "at most " + MOST_VARIANTS + " variants, not " + variants.size());
        }
        in.done();
        RefusedLine refused = refused(sku, quantity);
        OrderLine line = refused == null
                ? new OrderLine(new Sku(sku), quantity.longValueExact(), answers)
                : new OrderLine(new Sku("-"), 0, Answers.NONE);
        return new AskedLine(id, sku, line, variants, refused);
    }

    private static @Nullable RefusedLine refused(String sku, BigDecimal quantity) {
        if (Sku.fault(sku) != null) {
            return new RefusedLine(Place.SKU, Fact.of(Refusal.SKU_UNKNOWN, Part.typed(sku)));
        }
        if (Quantity.allowed(quantity)) {
            return null;
        }
        DecimalText.Fault fault = Quantity.read(quantity.toPlainString()).fault();
        return new RefusedLine(Place.QUANTITY, NumberSays.quantity(Objects.requireNonNull(fault)));
    }
}
