/** All lines that were ever sold, held in memory as columns of numbers, from which figures are made at once. */
@NullMarked
package dev.steelyard.web.sold.lines;

import org.jspecify.annotations.NullMarked;
