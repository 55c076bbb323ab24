/** Lists and maps of which a changed one shares what did not change: a million goods and one new price. */
@NullMarked
package dev.steelyard.core.shared;

import org.jspecify.annotations.NullMarked;
