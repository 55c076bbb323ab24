/** The steps that led to a price, and where a price is refused. */
@NullMarked
package dev.steelyard.core.reckoning;

import org.jspecify.annotations.NullMarked;
