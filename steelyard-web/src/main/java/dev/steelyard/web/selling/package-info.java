/** The counter: what shoppers see, from the list of goods to the order that was paid. */
@NullMarked
package dev.steelyard.web.selling;

import org.jspecify.annotations.NullMarked;
