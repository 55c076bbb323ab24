/** Breaks as a table: what stands in a row, rows hung, taken off and pasted, for whatever has breaks. */
@NullMarked
package dev.steelyard.web.editing.table;

import org.jspecify.annotations.NullMarked;
