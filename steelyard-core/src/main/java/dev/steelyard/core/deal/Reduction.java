package dev.steelyard.core.deal;

import dev.steelyard.core.number.Quotient;
import dev.steelyard.core.said.Part;

/** What a deal that qualifies takes off the lines it acts on. */
interface Reduction {

    /**
     * The exact reductions, one for each of {@code lines}; each at most what is left of its line, and below 0 where
     * something is added.
     *
     * @param lines the places of those it acts on
     * @param left of every line of the basket, in minor units
     */
    Quotient[] of(Basket basket, int[] lines, long[] left);

    /** The figures it goes by. */
    Part detail(Basket basket, int[] lines, long[] left);
}
