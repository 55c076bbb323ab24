/** Prices that are promised for a while: signed quotes and line tokens, so that what was shown is what is charged. */
@NullMarked
package dev.steelyard.web.store.quotes;

import org.jspecify.annotations.NullMarked;
