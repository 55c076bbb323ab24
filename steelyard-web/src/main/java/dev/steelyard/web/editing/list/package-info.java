/** The list of rate cards, and the ways to begin one. */
@NullMarked
package dev.steelyard.web.editing.list;

import org.jspecify.annotations.NullMarked;
