package dev.steelyard.core.finding;

import dev.steelyard.core.ladder.BreakKey;
import java.math.BigDecimal;

/** A change that would settle a finding, as data, so that a page can offer it and apply it. */
public sealed interface Mend {

    /** The break it changes. */
    BreakKey at();

    /** Take the break off. */
    record TakeOff(BreakKey at) implements Mend {}

    /** Give the break another price of one piece. */
    record SetPrice(BreakKey at, BigDecimal price) implements Mend {}
}
