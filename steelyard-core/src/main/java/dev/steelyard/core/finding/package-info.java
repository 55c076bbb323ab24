/**
 * What Steelyard notices in prices by itself, with the figures that show it and, where there is one, a mend.
 */
@NullMarked
package dev.steelyard.core.finding;

import org.jspecify.annotations.NullMarked;
