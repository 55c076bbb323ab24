/** The page of one rate card: its steps, the trial beside them, and every change of a draft. */
@NullMarked
package dev.steelyard.web.editing.card;

import org.jspecify.annotations.NullMarked;
