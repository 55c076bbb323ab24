/**
 * A payment service that takes no money, beside the shop and apart from it: its own path, its own books, signed calls
 * back, and misbehaviour by the last digit of a card.
 */
@NullMarked
package dev.steelyard.web.selling.standin;

import org.jspecify.annotations.NullMarked;
