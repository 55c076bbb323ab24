/**
 * A stand-in for the owner's own web store, on another origin: a list, a product page with the panel, a cart of its own, a
 * checkout. It is written as a stranger would write it, and knows Steelyard by its published API only; what it does is what the
 * documentation shows.
 */
@NullMarked
package dev.steelyard.neighbour;

import org.jspecify.annotations.NullMarked;
