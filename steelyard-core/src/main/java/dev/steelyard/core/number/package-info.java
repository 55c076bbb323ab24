/**
 * Exact decimal numbers, money, and the named points at which rounding happens.
 */
@NullMarked
package dev.steelyard.core.number;

import org.jspecify.annotations.NullMarked;
