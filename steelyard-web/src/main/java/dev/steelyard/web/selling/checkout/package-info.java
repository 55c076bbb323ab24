/** From a basket to an order, placed once whatever happens on the way. */
@NullMarked
package dev.steelyard.web.selling.checkout;

import org.jspecify.annotations.NullMarked;
