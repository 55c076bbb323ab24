/** The stand-in shop as shoppers see it: goods, live prices, basket. */
@NullMarked
package dev.steelyard.web.selling.counter;

import org.jspecify.annotations.NullMarked;
