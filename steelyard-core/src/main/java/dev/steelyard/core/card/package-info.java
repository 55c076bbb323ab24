/**
 * What the shop sells, who buys, and the rate cards that say what it costs.
 */
@NullMarked
package dev.steelyard.core.card;

import org.jspecify.annotations.NullMarked;
