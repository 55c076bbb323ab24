/**
 * Units with exact factors, and the kinds of quantity they measure.
 *
 * <pre>{@code
 * Unit.CM.toBase(new BigDecimal("523")); // 5.23, in m
 * Dimension.LENGTH.times(Dimension.LENGTH); // AREA
 * }</pre>
 */
@NullMarked
package dev.steelyard.core.unit;

import org.jspecify.annotations.NullMarked;
