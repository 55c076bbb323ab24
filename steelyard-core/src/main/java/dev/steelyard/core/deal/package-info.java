/**
 * Reductions that look at a whole basket, after its lines are priced: what a deal is, which of many qualify, what each
 * takes off every line to the cent, and which go together.
 */
@NullMarked
package dev.steelyard.core.deal;

import org.jspecify.annotations.NullMarked;
