package dev.steelyard.core.prepared;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.number.Decimals;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.reckoning.Step.Figure;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The picked pack's price, or any other amount at a rate. */
final class PackWay implements Way {

    private final Map<String, PiecePrice.Pack> packs = new LinkedHashMap<>();
    private final PiecePrice.@Nullable OwnAmount own;
    private final @Nullable PreparedMeasurement by;

    /** @param by the measurement of the own amount; none where only packs are sold */
    PackWay(PiecePrice.Packs packs, @Nullable PreparedMeasurement by) {
        packs.packs().forEach(pack -> this.packs.put(pack.name(), pack));
        this.own = packs.own();
        this.by = by;
    }

    /** Whether it has a pack of that name. */
    boolean has(String pack) {
        return packs.containsKey(pack);
    }

    /** The measurement that is asked only where no pack is picked; none for none. */
    @Nullable
    PreparedMeasurement own() {
        return by;
    }

    Set<String> names() {
        return packs.keySet();
    }

    @Override
    public Priced price(Run run, String lead) {
        String picked = run.answers().pack();
        if (picked != null) {
            PiecePrice.Pack pack = packs.get(picked);
            if (pack == null) {
                throw Refused.at(Place.PACK, "there is no pack “" + picked + "”; pick one of " + names());
            }
            if (run.notes().wanted()) {
                run.notes().piece("Pack", lead + pack.name(), pack.name(), pack.price(), null);
            }
            return new Priced(pack.price(), pack.unit().toBase(pack.amount()), pack.unit(), null);
        }
        if (own == null || by == null) {
            throw Refused.at(Place.PACK, "no pack is picked; pick one of " + String.join(", ", packs.keySet()));
        }
        BigDecimal amount = run.base(by);
        BigDecimal price = own.unit().price(amount, own.price());
        if (run.notes().wanted()) {
            String worked = new Figure(own.unit().fromBase(amount), 0, own.unit()) + " × "
                    + Decimals.plain(own.price(), 2) + " per " + own.unit().symbol();
            run.notes().piece("Own amount", lead + worked, worked, price, null);
        }
        return new Priced(price, amount, own.unit(), own.price());
    }
}
