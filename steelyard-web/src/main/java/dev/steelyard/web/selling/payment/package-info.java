/** Taking money, and the simulated service that stands in for a real one. */
@NullMarked
package dev.steelyard.web.selling.payment;

import org.jspecify.annotations.NullMarked;
