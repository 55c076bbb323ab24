package dev.steelyard.core.prepared;

import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** A prepared way to price a piece. */
@FunctionalInterface
interface Way {

    /**
     * The price of one piece.
     *
     * @param lead which case it is, where there are several
     * @return none where the cases below are to be tried
     */
    @Nullable
    Priced price(Run run, Part lead);

    /** The shelf price. */
    Way SHELF_PRICE = (run, lead) -> {
        BigDecimal price = run.item().shelfPrice();
        if (price == null) {
            throw Refused.at(
                    Place.PIECE,
                    Kind.NO_PRICE,
                    Refusal.NO_PRICE_YET,
                    Part.name(run.item().told()));
        }
        if (run.notes().wanted()) {
            Fact named = Fact.of(Told.NAMED, lead, Part.name(run.item().told()));
            run.notes().piece(Fact.of(Told.SHELF_PRICE), named, price, null);
        }
        return Priced.unmeasured(price);
    };

    /** Nothing, since the ladder has the whole price. */
    Way NONE = (run, lead) -> Priced.unmeasured(BigDecimal.ZERO);

    /** A formula that comes to money. */
    static Way formula(Calc calc) {
        return (run, lead) -> {
            BigDecimal price = calc.number(run);
            if (run.notes().wanted()) {
                Fact worked = Fact.of(Told.WORKED, lead, run.with(calc.formula()));
                run.notes().piece(Fact.of(Told.PIECE_PRICE), worked, price, null);
            }
            return Priced.unmeasured(price);
        };
    }
}
