/** Which column of a file is what: told from heads and cells, picked by hand where it cannot be told, kept as a plan. */
@NullMarked
package dev.steelyard.format.columns;

import org.jspecify.annotations.NullMarked;
