/**
 * What everyone pays for one piece, or for one unit of measured goods, and the lowest price of the thirty days before it was
 * lowered for a time (Directive 98/6/EC, Article 6a).
 */
@NullMarked
package dev.steelyard.core.announced;

import org.jspecify.annotations.NullMarked;
