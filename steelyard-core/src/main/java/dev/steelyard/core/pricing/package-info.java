/**
 * The one entrance to a price: a book of prepared goods and cards prices the lines of a basket and says why.
 */
@NullMarked
package dev.steelyard.core.pricing;

import org.jspecify.annotations.NullMarked;
