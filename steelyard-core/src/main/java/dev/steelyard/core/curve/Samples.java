package dev.steelyard.core.curve;

import dev.steelyard.core.reckoning.Refused;
import java.util.Optional;
import java.util.function.Supplier;

/** What sampled runs share. */
final class Samples {

    /** Points of a sampled run. */
    static final int COUNT = 60;

    private Samples() {}

    /** What pricing comes to; none where it is refused, which is an answer too: there is no price there. */
    static <T> Optional<T> priced(Supplier<T> pricing) {
        try {
            return Optional.of(pricing.get());
        } catch (Refused noPriceHere) {
            return Optional.empty();
        }
    }
}
