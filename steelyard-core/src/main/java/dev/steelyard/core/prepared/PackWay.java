package dev.steelyard.core.prepared;

import dev.steelyard.core.card.PiecePrice;
import dev.steelyard.core.reckoning.Place;
import dev.steelyard.core.reckoning.Refused;
import dev.steelyard.core.said.Fact;
import dev.steelyard.core.said.Part;
import dev.steelyard.core.said.Part.Join;
import dev.steelyard.core.said.Refusal;
import dev.steelyard.core.said.Told;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
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

    /** The packs as they are called. */
    List<Part> shown() {
        return packs.values().stream().map(pack -> Part.name(pack.name())).toList();
    }

    @Override
    public Priced price(Run run, Part lead) {
        String picked = run.answers().pack();
        if (picked != null) {
            PiecePrice.Pack pack = packs.get(picked);
            if (pack == null) {
                throw Refused.at(Place.PACK, Refusal.PACK_UNKNOWN, Part.typed(picked), Part.all(Join.OR, shown()));
            }
            if (run.notes().wanted()) {
                run.notes()
                        .piece(
                                Fact.of(Told.PACK),
                                Fact.of(Told.NAMED, lead, Part.name(pack.name())),
                                pack.price(),
                                null);
            }
            return new Priced(pack.price(), pack.unit().toBase(pack.amount()), pack.unit(), null);
        }
        if (own == null || by == null) {
            throw Refused.at(Place.PACK, Refusal.PACK_MISSING, Part.all(Join.OR, shown()));
        }
        BigDecimal amount = run.base(by);
        BigDecimal price = own.unit().price(amount, own.price());
        if (run.notes().wanted()) {
            Fact times = Fact.of(
                    Told.TIMES_RATE,
                    lead,
                    Part.amount(own.unit().fromBase(amount), own.unit()),
                    Part.money(own.price()),
                    new Part.UnitOf(own.unit()));
            run.notes().piece(Fact.of(Told.OWN_AMOUNT), times, price, null);
        }
        return new Priced(price, amount, own.unit(), own.price());
    }
}
