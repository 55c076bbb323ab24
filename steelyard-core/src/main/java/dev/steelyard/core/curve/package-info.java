/**
 * The price of one piece as a function of the quantity, in exact steps; pictures and findings read it.
 */
@NullMarked
package dev.steelyard.core.curve;

import org.jspecify.annotations.NullMarked;
