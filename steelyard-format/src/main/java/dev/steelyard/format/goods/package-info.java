/**
 * Goods sheets as tables: a row for each product or variant, out of what is stored and into rows that can be checked.
 *
 * <p>What the columns mean: {@code docs/goods-sheets.md}.
 */
@NullMarked
package dev.steelyard.format.goods;

import org.jspecify.annotations.NullMarked;
