package dev.steelyard.core.prepared;

import dev.steelyard.core.reckoning.Fault.Kind;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/** A prepared way to price a piece. */
@FunctionalInterface
interface Way {

    /**
     * The price of one piece.
     *
     * @param lead begins the detail of its step: which case it is, where there are several
     * @return none where the cases below are to be tried
     */
    @Nullable
    Priced price(Run run, String lead);

    /** The shelf price. */
    Way SHELF_PRICE = (run, lead) -> {
        BigDecimal price = run.item().shelfPrice();
        if (price == null) {
            throw Refused.at(Place.PIECE, Kind.NO_PRICE, run.item().name() + " has no price yet");
        }
        if (run.notes().wanted()) {
            run.notes()
                    .piece("Shelf price", lead + run.item().name(), run.item().name(), price, null);
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
                String worked = run.with(calc.formula());
                run.notes().piece("Piece price", lead + worked, Run.told(worked), price, null);
            }
            return Priced.unmeasured(price);
        };
    }
}
