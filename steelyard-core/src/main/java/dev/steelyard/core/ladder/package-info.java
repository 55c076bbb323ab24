/**
 * Breaks, the ladder they make, and which of them are in force for a customer on a day.
 *
 * <pre>{@code
 * PriceRows rows = PriceRows.of(Over.LINE, List.of(Break.everyone(10, new BigDecimal("6.90"))));
 * rows.inForce(null, day).reached(12); // the break from 10
 * }</pre>
 */
@NullMarked
package dev.steelyard.core.ladder;

import org.jspecify.annotations.NullMarked;
