/** What was sold, at what price and why. */
@NullMarked
package dev.steelyard.web.selling.orders;

import org.jspecify.annotations.NullMarked;
