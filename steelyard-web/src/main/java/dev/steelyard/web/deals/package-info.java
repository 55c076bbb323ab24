/** Deals over the whole basket: their list, their editor, and how they go live. */
@NullMarked
package dev.steelyard.web.deals;

import org.jspecify.annotations.NullMarked;
