/** What was sold, at what price and why. */
@NullMarked
package dev.steelyard.web.orders;

import org.jspecify.annotations.NullMarked;
