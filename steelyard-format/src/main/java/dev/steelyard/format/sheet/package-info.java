/**
 * Price sheets as tables: a row for each price, out of stored prices and into rows the core can check.
 *
 * <p>What the columns mean: {@code docs/price-sheets.md}.
 */
@NullMarked
package dev.steelyard.format.sheet;

import org.jspecify.annotations.NullMarked;
