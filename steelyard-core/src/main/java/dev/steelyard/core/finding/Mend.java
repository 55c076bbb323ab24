package dev.steelyard.core.finding;

import dev.steelyard.core.ladder.BreakKey;
import java.math.BigDecimal;

/** A change that would settle a finding, as data, so that a page can offer it and apply it. */
public sealed interface Mend {

    /** Take a price row off. */
    record TakeOff(BreakKey at) implements Mend {}

    /** Give a price row another price of one piece. */
    record SetPrice(BreakKey at, BigDecimal price) implements Mend {}

    /** Take a part of the card away. */
    record Remove(String at) implements Mend {}

    /** Give a number in the card another value. */
    record Put(String at, BigDecimal value) implements Mend {}

    /** Turn something in the card on or off. */
    record Switch(String at, boolean on) implements Mend {}

    /** Give a text in the card another one. */
    record Write(String at, String text) implements Mend {}
}
