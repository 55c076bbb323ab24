/** What pages show of a card: its asks, its breaks, prices per unit, the piece; the same in trial and counter. */
@NullMarked
package dev.steelyard.web.selling.shown;

import org.jspecify.annotations.NullMarked;
