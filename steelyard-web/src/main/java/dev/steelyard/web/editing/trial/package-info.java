/** Orders tried on a card that need not be live, and those kept as check weights. */
@NullMarked
package dev.steelyard.web.editing.trial;

import org.jspecify.annotations.NullMarked;
