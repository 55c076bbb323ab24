/** What was sold, in figures, for the owner. */
@NullMarked
package dev.steelyard.web.sold.figures;

import org.jspecify.annotations.NullMarked;
