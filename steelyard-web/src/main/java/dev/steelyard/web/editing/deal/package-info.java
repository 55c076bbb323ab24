/** Deals over the whole basket: their list, their editor, and how they go live. */
@NullMarked
package dev.steelyard.web.editing.deal;

import org.jspecify.annotations.NullMarked;
